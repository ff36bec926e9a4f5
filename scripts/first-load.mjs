/** Prints what the first screen loads, and how long it takes until it is useful on a slow phone and network. */

import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8479;
const BUILD = 'public/build/';
/** A phone four times slower than this machine, on 1.6 Mbit/s down, 750 kbit/s up, 150 ms away. */
const SLOW = { cpu: 4, down: (1.6 * 1024 * 1024) / 8, up: (750 * 1024) / 8, latency: 150 };

const manifest = JSON.parse(readFileSync(`${BUILD}manifest.json`, 'utf8'));
const loaded = new Set();
const take = (key) => {
  if (!loaded.has(key)) {
    loaded.add(key);
    (manifest[key].imports ?? []).forEach(take);
  }
};
take('resources/js/main.tsx');
const sizes = [...loaded].map((key) => gzipSync(readFileSync(BUILD + manifest[key].file), { level: 9 }).length);
console.log(`Scripts of the first screen: ${(sizes.reduce((a, b) => a + b, 0) / 1000).toFixed(0)} kB gzip in ${sizes.length} files`);

const server = serve(PORT, freshDatabase(), 'shipped');
try {
  await answering(PORT);
  const browser = await chromium.launch(CHROMIUM);
  const visit = async (name, isKnown) => {
    const context = await browser.newContext({
      baseURL: `http://127.0.0.1:${PORT}`,
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    if (isKnown) {
      await page.goto('/');
      await page.getByRole('button', { name: 'Open the demo' }).click();
      await page.getByRole('heading', { name: 'Students' }).waitFor();
    }
    const devtools = await context.newCDPSession(page);
    await devtools.send('Network.enable');
    await devtools.send('Network.setCacheDisabled', { cacheDisabled: true });
    await devtools.send('Network.emulateNetworkConditions', {
      offline: false, latency: SLOW.latency, downloadThroughput: SLOW.down, uploadThroughput: SLOW.up,
    });
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOW.cpu });
    let bytes = 0;
    devtools.on('Network.loadingFinished', ({ encodedDataLength }) => {
      bytes += encodedDataLength;
    });
    const start = Date.now();
    await page.goto('/', { waitUntil: 'commit' });
    await page.getByRole(isKnown ? 'heading' : 'button', { name: isKnown ? 'Students' : 'Open the demo' }).waitFor();
    console.log(`${name}: useful after ${((Date.now() - start) / 1000).toFixed(1)} s, ${(bytes / 1000).toFixed(0)} kB over the network`);
    await context.close();
  };
  for (let i = 0; i < 3; ++i) {
    await visit('The way in', false);
    await visit('Today', true);
  }
  await browser.close();
} finally {
  await kill(server);
}
