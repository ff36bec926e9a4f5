/**
 * Measures every screen against the budgets of its first sight, on a laptop and a phone, in the demo and in a large
 * workspace. Writes docs/screens.md, and ends with failure where a screen is over.
 *
 *   node scripts/screens.mjs LARGE.sqlite            all screens, and docs/screens.md
 *   node scripts/screens.mjs LARGE.sqlite Putt Plan  these screens only, printed
 */

import { copyFileSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8469;
const SIZES = [
  { size: 'laptop', viewport: { width: 1280, height: 800 }, screens: 1.5 },
  { size: 'phone', viewport: { width: 390, height: 844 }, screens: 2.5, hasTouch: true, isMobile: true },
];
const BUDGET = { controls: 25, words: 220, rowWords: 16, headings: 6, filled: 1 };
const PUTT = { controls: 20, screens: 1 };

/** A screen's name and path; {session} and {student} are the first of the workspace. */
const SCREENS = [
  ['Today', '/'],
  ['Calendar', '/calendar'],
  ['Students', '/students'],
  ['New student', '/students/new'],
  ['Student', '/students/{student}'],
  ['Student, balls', '/students/{student}?part=balls'],
  ['Profile', '/students/{student}/profile'],
  ['Rounds', '/students/{student}/rounds'],
  ['Add a round', '/students/{student}/round'],
  ['Reading quiz', '/students/{student}/guess'],
  ['Take-home card', '/students/{student}/take-home-card'],
  ['Import balls', '/students/{student}/balls-table'],
  ['Sessions', '/sessions'],
  ['Drills', '/drills'],
  ['Drill', '/drills/lip-and-rod'],
  ['New drill', '/drills/new'],
  ['Export and import drills', '/drills/files'],
  ['Green reading', '/green-reading'],
  ['Greens', '/greens'],
  ['Hole maps', '/greens/{green}/hole-maps'],
  ['Hole map', '/hole-maps/{map}'],
  ['More', '/more'],
  ['Checklists', '/checklists'],
  ['Settings', '/settings'],
  ['Check-in', '/sessions/{session}/check-in'],
  ['Green speed', '/sessions/{session}/green-speed'],
  ['Stations', '/sessions/{session}/stations'],
  ['Putt', '/sessions/{session}/putt'],
  ['Review', '/sessions/{session}/review'],
  ['Wrap-up', '/sessions/{session}/wrap-up'],
  ['Plan', '/sessions/{session}/plan'],
  ['Checks', '/sessions/{session}/checks'],
  ['Check', '/sessions/{session}/checks/aim'],
  ['Drill set-up', '/sessions/{session}/drills/lip-and-rod'],
];

/** What is seen in the main part before anything is opened. Runs in the page. */
function measure() {
  const main = document.querySelector('main');
  const isSeen = (element) => {
    const box = element.getBoundingClientRect();
    const style = getComputedStyle(element);
    return (
      box.width > 1 && box.height > 1 && style.clipPath !== 'inset(50%)' && element.checkVisibility({ visibilityProperty: true })
    );
  };
  // A strip to swipe, of stations or names, is a list as well.
  const ROW = 'li, tbody tr, [role=row], [role=radiogroup][data-row]';
  const wordsIn = (text) => text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
  const controls = [...main.querySelectorAll('button, a[href], input, select, textarea, [role=slider], label:has(input)')]
    .filter((each) => !(each.matches('input') && each.closest('label')))
    .filter((each) => isSeen(each) && each.closest(ROW) === null);
  const rows = [...main.querySelectorAll(ROW)].filter((row) => isSeen(row) && row.parentElement.closest(ROW) === null);
  const all = wordsIn(main.innerText);
  const inRows = rows.map((row) => wordsIn(row.innerText));
  const inOne = rows.filter((row) => !row.matches('[role=radiogroup]')).map((row) => wordsIn(row.innerText));
  const copper = getComputedStyle(document.documentElement).getPropertyValue('--copper').trim();
  const probe = document.createElement('i');
  probe.style.color = copper;
  document.body.append(probe);
  const fill = getComputedStyle(probe).color;
  probe.remove();
  const filled = [...main.querySelectorAll('button, a[href]')].filter(
    (each) => isSeen(each) && getComputedStyle(each).backgroundColor === fill,
  );
  const small = controls.filter((each) => {
    const box = each.getBoundingClientRect();
    return (box.height < 47 || box.width < 47) && !(each.matches('a') && getComputedStyle(each).display === 'inline');
  });
  return {
    controls: controls.length,
    words: all - inRows.reduce((sum, count) => sum + count, 0),
    rowWords: Math.max(0, ...inOne),
    headings: [...main.querySelectorAll('h1, h2, h3, h4')].filter(isSeen).length,
    screens: Math.round((main.scrollHeight / innerHeight) * 10) / 10,
    filled: filled.length,
    isFilledInView: filled.every((each) => each.getBoundingClientRect().bottom <= innerHeight),
    small: small.length,
  };
}

async function visit(database, workspace, screens) {
  const lines = [];
  const server = serve(PORT, database);
  try {
    await answering(PORT);
    const browser = await chromium.launch(CHROMIUM);
    for (const { size, viewport, screens: high, ...device } of SIZES) {
      const page = await browser.newPage({ baseURL: `http://127.0.0.1:${PORT}`, viewport, ...device, serviceWorkers: 'block' });
      await page.goto('/');
      await page.getByRole('button', { name: 'Open the demo' }).click();
      await page.getByRole('heading', { name: 'Today' }).waitFor();
      const { session, student, green, map } = await page.evaluate(async () => {
        const today = await fetch('/api/today').then((answer) => answer.json());
        const first = today.sessions.find(({ ended_at }) => ended_at === null) ?? today.sessions[0];
        // The first green with a map, else the first one.
        for (const { id } of today.greens) {
          const [map] = await fetch(`/api/greens/${id}/hole-maps`).then((answer) => answer.json());
          if (map !== undefined) {
            return { session: first.id, student: first.student_id, green: id, map: map.id };
          }
        }
        return { session: first.id, student: first.student_id, green: today.greens[0].id, map: null };
      });
      for (const [name, path] of screens.filter(([, path]) => map !== null || !path.includes('{map}'))) {
        await page.goto(
          path.replace('{session}', session).replace('{student}', student).replace('{green}', green).replace('{map}', map),
        );
        await page.waitForLoadState('networkidle');
        await page.waitForTimeout(150);
        const seen = await page.evaluate(measure);
        lines.push({ workspace, size, name, ...seen, over: over(name, seen, high) });
      }
      await page.close();
    }
    await browser.close();
  } finally {
    await kill(server);
  }
  return lines;
}

/** The budgets that a screen is over, by name. */
function over(name, seen, screens) {
  const budget = { ...BUDGET, screens, ...(name === 'Putt' ? PUTT : {}) };
  const above = Object.entries(budget).filter(([what, most]) => seen[what] > most).map(([what]) => what);
  return seen.isFilledInView ? above : [...above, 'main action out of view'];
}

function table(lines) {
  const head = '| screen | where | controls | words | row words | headings | height | filled | small targets | over |';
  const rows = lines.map(
    ({ name, size, workspace, controls, words, rowWords, headings, screens, filled, small, over: above }) =>
      `| ${name} | ${workspace}, ${size} | ${controls} | ${words} | ${rowWords} | ${headings} | ${screens} | ${filled} | ${small} | ${above.join(', ')} |`,
  );
  return [head, '|---|---|--:|--:|--:|--:|--:|--:|--:|---|', ...rows].join('\n');
}

const large = join(mkdtempSync(join(tmpdir(), 'amble-')), 'large.sqlite');
copyFileSync(process.argv[2], large);
const wanted = process.argv.slice(3);
const screens = wanted.length === 0 ? SCREENS : SCREENS.filter(([name]) => wanted.includes(name));
const lines = [...(await visit(freshDatabase(), 'demo', screens)), ...(await visit(large, 'large', screens))];
const tooLarge = lines.filter(({ over: above }) => above.length > 0);
if (wanted.length === 0) {
  writeFileSync(
    'docs/screens.md',
    `# Screens against their budgets\n\nMade by \`./amble screens\`: each screen at first sight, before anything is opened, at 1280×800 and 390×844, in the demo and\nin a workspace of 80 students, 15 greens, 400 sessions and 120 own drills. Budgets: ${BUDGET.controls} controls (Putt ${PUTT.controls}),\n${BUDGET.words} words without list rows, ${BUDGET.rowWords} words a row, ${BUDGET.headings} headings, 1.5 screens high on a laptop and 2.5 on a phone (Putt 1), one\nfilled button, in view. A strip to swipe, of stations or names, is a list.\nSmall targets are under 48 pixels; they are counted, and have no budget.\n\n${lines.length - tooLarge.length} of ${lines.length} are within all budgets.\n\n${table(lines)}\n`,
  );
}
console.log(table(wanted.length === 0 ? tooLarge : lines));
console.log(`${lines.length - tooLarge.length} of ${lines.length} screens are within all budgets; docs/screens.md has the table of all.`);
process.exitCode = tooLarge.length === 0 ? 0 : 1;
