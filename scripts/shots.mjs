/** Takes the pictures in docs/screenshots again, from the demo data. */

import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8478;
const FOLDER = 'docs/screenshots';
const LAPTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
/** 91 by 134 mm at 96 dots an inch. */
const PAPER = { width: 344, height: 506 };

const VIEWS = [
  { name: 'today', path: '/', size: LAPTOP },
  { name: 'check-in', path: '/sessions/{Tobin}/check-in', size: LAPTOP },
  { name: 'green-speed', path: '/sessions/{Tobin}/green-speed', size: LAPTOP },
  { name: 'stations', path: '/sessions/{Tobin}/stations', size: LAPTOP },
  { name: 'putt', path: '/sessions/{Tobin}/putt', size: LAPTOP },
  { name: 'putt-phone', path: '/sessions/{Tobin}/putt', size: PHONE, station: '12 ft' },
  { name: 'review', path: '/sessions/{Tobin}/review', size: { width: 1280, height: 900 } },
  { name: 'plan', path: '/sessions/{Ilse}/plan', size: { width: 1280, height: 1150 } },
  { name: 'drills', path: '/drills', size: LAPTOP },
  { name: 'drill-editor', path: '/drills/pier-to-post/change', size: LAPTOP },
  { name: 'drill-results', size: { width: 1280, height: 1000 }, act: findAgain },
  { name: 'student', path: '/students/{student Ilse}', size: { width: 1280, height: 1100 } },
  { name: 'calendar', path: '/calendar', size: LAPTOP },
  { name: 'rounds', path: '/students/{student Tobin}/rounds', size: { width: 1280, height: 1150 } },
  { name: 'green-reading', path: '/green-reading?student={student Tobin}&length=5&along=-1&across=2', size: { width: 1280, height: 1150 } },
  { name: 'hole-map', path: '/hole-maps/{map}', size: LAPTOP },
  { name: 'reading-quiz', size: LAPTOP, act: guessOne },
  { name: 'take-home-card', size: PAPER, act: printCard },
  { name: 'simulation', size: LAPTOP, act: walkAlong },
];

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
    await page.getByRole('heading', { name: 'Result' }).waitFor();
    await page.getByRole('heading', { name: 'How close did they finish?' }).waitFor();
  }
  await page.evaluate(() => scrollTo(0, 0));
}

/** Some balls of a drill rolled by nobody. */
async function walkAlong(page) {
  await page.goto('/');
  await page.getByRole('button', { name: 'Try a simulated session' }).click();
  const bar = page.getByRole('region', { name: 'Simulated student' });
  await bar.getByText('Instant').click();
  await page.waitForURL(/\/drill\//);
  await page.getByText(/^Ball [4-9]:/).waitFor();
  await bar.getByText('Slow').click();
}

/** One putt called and rolled. */
async function guessOne(page, _session, students) {
  await page.goto(`/students/${students.Tobin}/guess`);
  const aim = page.getByRole('slider', { name: 'Aim beside the hole' });
  await aim.focus();
  for (let step = 0; step < 4; step += 1) {
    await page.keyboard.press('ArrowRight');
  }
  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByRole('button', { name: 'Next' }).waitFor();
  await page.waitForTimeout(1200);
}

/** The card as it comes out of the printer: a sheet of 105 by 148 mm less its margins. */
async function printCard(page, _session, students) {
  await page.goto(`/students/${students.Tobin}/take-home-card`);
  const fill = async (row, label, text) => {
    await page.getByRole('button', { name: row }).click();
    await page.getByRole('textbox', { name: label }).fill(text);
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await page.getByRole('dialog').waitFor({ state: 'detached' });
  };
  await fill(/^Working on/, 'Working on (one or two things)', 'Same beat from every length. Eyes on the spot until the ball is gone.');
  await fill(/^Homework/, 'Homework', 'Ten minutes on the mat: three backstrokes, five balls each.');
  await page.emulateMedia({ media: 'print' });
  await page.evaluate(() => scrollTo(0, 0));
}

mkdirSync(FOLDER, { recursive: true });
const server = serve(PORT, freshDatabase());
try {
  await answering(PORT);
  const browser = await chromium.launch(CHROMIUM);
  const settings = { baseURL: `http://127.0.0.1:${PORT}`, locale: 'en-GB', timezoneId: 'UTC', serviceWorkers: 'block' };
  const laptop = await browser.newPage(settings);
  await laptop.goto('/');
  await laptop.getByRole('button', { name: 'Open the demo' }).click();
  await laptop.getByRole('heading', { name: 'Students' }).waitFor();
  const today = await laptop.evaluate(() => fetch('/api/today').then((answer) => answer.json()));
  const latest = (name) => {
    const student = today.students.find((each) => each.name.startsWith(name));
    return today.sessions.find((session) => session.student_id === student.id).id;
  };
  const [{ id: map }] = await laptop.evaluate((id) => fetch(`/api/greens/${id}/hole-maps`).then((answer) => answer.json()), today.greens.find(({ name }) => name.startsWith('Boathouse')).id);
  const students = Object.fromEntries(today.students.map(({ id, name }) => [name.split(' ')[0], id]));
  const open = latest('Tobin');
  const { run: { id: run } } = await laptop.evaluate((id) => fetch(`/api/sessions/${id}`).then((answer) => answer.json()), open);
  const phone = await browser.newPage({
    ...settings,
    viewport: PHONE,
    hasTouch: true,
    isMobile: true,
    storageState: await laptop.context().storageState(),
  });
  for (const { name, path, size, station, choose, act } of VIEWS) {
    const page = size === PHONE ? phone : laptop;
    await page.setViewportSize(size);
    if (act === undefined) {
      await page.goto(
        path
          .replace('{run}', run)
          .replace('{map}', map)
          .replace(/\{student (\w+)\}/, (_, student) => students[student])
          .replace(/\{(\w+)\}/, (_, student) => latest(student)),
      );
    } else {
      await act(page, open, students);
    }
    await page.waitForLoadState('networkidle');
    if (station !== undefined) {
      await page.getByText(station, { exact: true }).first().click();
    }
    if (choose !== undefined) {
      await page.getByText(choose, { exact: true }).click();
      await page.waitForLoadState('networkidle');
    }
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
    await page.emulateMedia({ media: 'screen' });
    console.log(`${FOLDER}/${name}.png`);
  }
  await browser.close();
} finally {
  await kill(server);
}
