/** Takes the pictures in docs/screenshots again, from the demo data. */

import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';

const PORT = 8478;
const FOLDER = 'docs/screenshots';
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const VIEWS = [
  { name: 'bench', path: '/', size: LAPTOP },
  { name: 'arrive', path: '/sessions/{Tobin}/arrive', size: LAPTOP },
  { name: 'green', path: '/sessions/{Tobin}/green', size: LAPTOP },
  { name: 'set-out', path: '/sessions/{Tobin}/set-out', size: LAPTOP },
  { name: 'roll', path: '/sessions/{Tobin}/roll', size: LAPTOP },
  { name: 'roll-phone', path: '/sessions/{Tobin}/roll', size: PHONE, station: '12 ft' },
  { name: 'look-back', path: '/sessions/{Tobin}/look-back', size: { width: 1280, height: 1900 } },
  { name: 'drills', path: '/drills', size: LAPTOP },
  { name: 'drill', path: '/drills/lip-and-rod', size: LAPTOP },
  { name: 'carry-on', path: '/sessions/{Tobin}/carry-on', size: LAPTOP },
];

mkdirSync(FOLDER, { recursive: true });
const server = serve(PORT, freshDatabase());
try {
  await answering(PORT);
  const browser = await chromium.launch({
    executablePath: process.env.AMBLE_CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
  });
  const page = await browser.newPage({ baseURL: `http://127.0.0.1:${PORT}`, locale: 'en-GB', timezoneId: 'UTC' });
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo bench' }).click();
  await page.getByRole('heading', { name: 'Who comes' }).waitFor();
  const bench = await page.evaluate(() => fetch('/api/bench').then((answer) => answer.json()));
  const latest = (name) => {
    const student = bench.students.find((each) => each.name.startsWith(name));
    return bench.sessions.find((session) => session.student_id === student.id).id;
  };
  for (const { name, path, size, station } of VIEWS) {
    await page.setViewportSize(size);
    await page.goto(path.replace(/\{(\w+)\}/, (_, student) => latest(student)));
    await page.waitForLoadState('networkidle');
    if (station !== undefined) {
      await page.getByText(station, { exact: true }).first().click();
    }
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    console.log(`${FOLDER}/${name}.png`);
  }
  await browser.close();
} finally {
  kill(server);
}
