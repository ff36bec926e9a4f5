/**
 * Measures how quickly the reader answers a drag, in a real browser, with the server at hand.
 *
 *   node scripts/bench-reader.mjs        prints figures; nothing is judged
 */

import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8496;
const MOVES = 60;

const server = serve(PORT, freshDatabase(), 'shipped');
try {
  await answering(PORT);
  const browser = await chromium.launch(CHROMIUM);
  const page = await (
    await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}`, viewport: { width: 1280, height: 800 } })
  ).newPage();
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await page.getByRole('heading', { name: 'Students' }).waitFor();
  const today = await page.evaluate(() => fetch('/api/today').then((answer) => answer.json()));
  await page.goto(`/green-reading?student=${today.students[0].id}&length=6&along=-1&across=1.5`);
  const ball = page.getByRole('slider', { name: 'Ball: length of the putt' });
  await ball.waitFor();
  await page.waitForTimeout(500);
  const box = await ball.boundingBox();
  await page.evaluate(() => {
    const drawn = document.querySelector('[aria-label="The putt from above"]');
    window.redrawn = [];
    window.addEventListener('pointermove', (event) => {
      window.movedAt = event.timeStamp;
    }, true);
    new MutationObserver(() => window.redrawn.push(performance.now())).observe(drawn, {
      attributes: true,
      subtree: true,
      attributeFilter: ['d'],
    });
  });
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  const took = [];
  for (let move = 1; move <= MOVES; move += 1) {
    await page.mouse.move(box.x + box.width / 2 + move * 4, box.y + box.height / 2);
    await page.waitForTimeout(250);
    const wait = await page.evaluate(() => {
      const first = window.redrawn.find((at) => at > window.movedAt);
      return first === undefined ? null : first - window.movedAt;
    });
    if (wait !== null) {
      took.push(wait);
    }
  }
  await page.mouse.up();
  print('from a move of the ball to the redrawn path', took);
  const asked = await page.evaluate(async (moves) => {
    const times = [];
    for (let at = 0; at < moves; at += 1) {
      const putt = {
        length_m: 3 + at / 10,
        speed_m: 3,
        pace_m: 0.3,
        slope: { by: 'grades', along_percent: -1, across_percent: 1.5 },
      };
      const began = performance.now();
      await (await fetch(`/api/putt-read?putt=${encodeURIComponent(JSON.stringify(putt))}`)).json();
      times.push(performance.now() - began);
    }
    return times;
  }, MOVES);
  print('one answer of the server', asked);
  const empty = await page.evaluate(async (moves) => {
    const times = [];
    for (let at = 0; at < moves; at += 1) {
      const began = performance.now();
      await (await fetch('/api/me')).json();
      times.push(performance.now() - began);
    }
    return times;
  }, MOVES);
  print('of which a request that asks nothing', empty);
  await browser.close();
} finally {
  kill(server);
}

function print(what, times) {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]?.toFixed(0);
  console.log(`${what}: median ${at(0.5)} ms, p95 ${at(0.95)} ms, ${sorted.length} of ${MOVES}`);
}
