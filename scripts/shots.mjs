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
  { name: 'look-back', path: '/sessions/{Tobin}/look-back', size: { width: 1280, height: 900 } },
  { name: 'look-back-phone', path: '/sessions/{Tobin}/look-back', size: PHONE },
  { name: 'drills', path: '/drills', size: LAPTOP },
  { name: 'drill', path: '/drills/lip-and-rod', size: LAPTOP },
  { name: 'drill-editor', path: '/drills/pier-to-post/change', size: LAPTOP },
  { name: 'drill-set-out', path: '/sessions/{Tobin}/drills/closing-gate', size: { width: 1280, height: 1500 } },
  { name: 'drill-rolling', path: '/sessions/{Tobin}/drill/{run}', size: LAPTOP },
  { name: 'drill-rolling-phone', path: '/sessions/{Tobin}/drill/{run}', size: PHONE },
  { name: 'drill-group-done-phone', size: PHONE, act: rollAsGroup },
  { name: 'drill-found', size: { width: 1280, height: 1000 }, act: findAgain },
  { name: 'drill-files', size: LAPTOP, act: previewFile },
  { name: 'ledger', path: '/ledger', size: LAPTOP },
  { name: 'carry-on', path: '/sessions/{Tobin}/carry-on', size: LAPTOP },
];

/** A quick check for everybody, rolled to its end by touch. */
async function rollAsGroup(page, session) {
  await page.goto(`/sessions/${session}/drills/edge-to-edge`);
  const takeTurns = page.getByRole('group', { name: /take turns/ });
  await page.getByRole('button', { name: 'Others of the bench' }).click();
  await takeTurns.waitFor();
  for (const chip of await takeTurns.locator('label').all()) {
    await chip.click();
  }
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  for (let ball = 1; ball <= 24; ++ball) {
    const lane = page.getByRole('img', { name: /^Lane from/ });
    const box = await lane.boundingBox();
    await page.mouse.click(box.x + box.width * (0.5 + 0.1 * (ball % 3)), box.y + box.height * [0.5, 0.42, 0.55, 0.2][(ball * 7) % 4]);
    await page.getByText(new RegExp(`^Ball ${ball}:`)).waitFor();
  }
  await page.getByText('Who did what').waitFor();
  await page.evaluate(() => scrollTo(0, 0));
}

/** The same drill twice over by touch, so that the second stands beside the first. */
async function findAgain(page, session) {
  for (const shares of [
    [0.5, 0.62, 0.44, 0.7, 0.35, 0.66],
    [0.5, 0.53, 0.47, 0.55, 0.51, 0.46],
  ]) {
    await page.goto(`/sessions/${session}/drills/six-before-the-round`);
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    for (const [ball, share] of shares.entries()) {
      const lane = page.getByRole('img', { name: /^Lane from/ });
      const box = await lane.boundingBox();
      await page.mouse.click(box.x + box.width * (0.5 + 0.1 * (ball % 3)), box.y + box.height * (1 - share));
      await page.getByText(new RegExp(`^Ball ${ball + 1}:`)).waitFor();
    }
    await page.getByRole('heading', { name: 'What it found' }).waitFor();
    await page.getByRole('heading', { name: 'Was the pace right?' }).waitFor();
  }
  await page.evaluate(() => scrollTo(0, 0));
}

/** A file of three drills: one the coach has, one new, one that cannot be run. */
async function previewFile(page) {
  await page.goto('/drills/files');
  const file = await page.evaluate(() => fetch('/api/drills/export').then((answer) => answer.json()));
  const [own] = file.drills;
  const drills = [
    own,
    { ...own, key: 'rope-to-rope', name: 'Rope to rope', balls_per_station: 3 },
    { ...own, key: 'half-a-round', name: 'Half a round', cap: { balls: 1 } },
  ];
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (await choosing).setFiles({
    name: 'sail-loft.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, drills })),
  });
  await page.getByText('Cannot be taken').waitFor();
}

mkdirSync(FOLDER, { recursive: true });
const server = serve(PORT, freshDatabase());
try {
  await answering(PORT);
  const browser = await chromium.launch({
    executablePath: process.env.AMBLE_CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
  });
  const settings = { baseURL: `http://127.0.0.1:${PORT}`, locale: 'en-GB', timezoneId: 'UTC', serviceWorkers: 'block' };
  const laptop = await browser.newPage(settings);
  await laptop.goto('/');
  await laptop.getByRole('button', { name: 'Open the demo bench' }).click();
  await laptop.getByRole('heading', { name: 'Who comes' }).waitFor();
  const bench = await laptop.evaluate(() => fetch('/api/bench').then((answer) => answer.json()));
  const latest = (name) => {
    const student = bench.students.find((each) => each.name.startsWith(name));
    return bench.sessions.find((session) => session.student_id === student.id).id;
  };
  const open = latest('Tobin');
  const { run: { id: run } } = await laptop.evaluate((id) => fetch(`/api/sessions/${id}`).then((answer) => answer.json()), open);
  const phone = await browser.newPage({
    ...settings,
    viewport: PHONE,
    hasTouch: true,
    isMobile: true,
    storageState: await laptop.context().storageState(),
  });
  for (const { name, path, size, station, act } of VIEWS) {
    const page = size === PHONE ? phone : laptop;
    await page.setViewportSize(size);
    if (act === undefined) {
      await page.goto(path.replace('{run}', run).replace(/\{(\w+)\}/, (_, student) => latest(student)));
    } else {
      await act(page, open);
    }
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
