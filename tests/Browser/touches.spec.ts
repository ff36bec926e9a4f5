import { readFileSync, writeFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { callOut, choose, openDemo, sessionOf, startWith, touchLane } from './people';
import { ask, goWithin, startRun } from './screen';

const TABLE = 'docs/touches.md';

interface Shipped {
  drill: { key: string; name: string; pass: { kind: string } };
  needs: string[];
  asks: string[];
}

/** What is asked of a common ball in each drill, in the order it is seen. */
function asked({ drill, needs, asks }: Shipped): string[] {
  const length = asks.includes('roll_m');
  return [
    ...(needs.includes('call') ? ['call'] : []),
    ...['gate', 'hit', 'contact', 'strike', 'held', 'level', 'gap_m'].filter((name) => needs.includes(name)),
    ...(drill.pass.kind === 'holed' && !length ? ['holed'] : []),
    ...(length ? ['length'] : []),
    ...(asks.includes('side_m') ? ['side'] : []),
  ];
}

const BY_TOUCH: Record<string, (page: Page) => Promise<void>> = {
  call: (page) => choose(page, 'Call before looking', 'On target'),
  gate: (page) => choose(page, 'Start line', 'Through'),
  hit: (page) => choose(page, 'Result', 'Hit it'),
  contact: (page) => choose(page, 'Contact with the small target', 'Full hit'),
  strike: (page) => choose(page, 'Strike', 'Middle'),
  held: (page) => choose(page, 'Finish', 'Held'),
  level: (page) => choose(page, 'Level where it stopped (1 is the ball’s level)', '1'),
  gap_m: async (page) => {
    await page.getByLabel('Gap between the balls').fill('1');
    await page.getByRole('button', { name: 'Log' }).click();
  },
  holed: (page) => choose(page, 'Result', 'Holed'),
  length: (page) => touchLane(page, 0.5),
  // The same touch on the lane.
  side: async () => undefined,
};

/** Short and sure: "a foot past", by its sign. */
const BY_KEY: Record<string, string[]> = {
  call: ['s'],
  gate: ['k'],
  hit: ['y'],
  contact: ['e'],
  strike: ['e'],
  held: ['y'],
  level: ['e'],
  gap_m: ['1', 'Enter'],
  holed: ['h'],
  length: ['+', '1', 'Enter'],
  side: ['r', '1', 'Enter'],
};

const REASONS: Record<string, string> = {
  'call length': 'the call is a key of its own, before the result',
  'gate length': 'the start and the length are two results',
  'level length': 'the level and the length are two results',
  'length side': 'length and side are two numbers; a touch on the lane says both at once',
};

/** Counts the hand's own events in the page, not what the test believes it did. */
function listen(page: Page, type: 'pointerup' | 'keydown'): Promise<void> {
  return page.evaluate((name) => {
    Object.assign(window, { hands: 0 });
    document.addEventListener(
      name,
      (event) => {
        if (event.isTrusted) {
          (window as unknown as { hands: number }).hands += 1;
        }
      },
      true,
    );
  }, type);
}

/** Rolls one common ball in every shipped drill. @returns the count by drill key */
async function countAll(page: Page, hand: 'touch' | 'key'): Promise<[Record<string, number>, Shipped[]]> {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  const session = sessionOf(page);
  const { library } = (await ask(page, 'GET', 'drills')) as { library: Shipped[] };
  await listen(page, hand === 'touch' ? 'pointerup' : 'keydown');
  const counts: Record<string, number> = {};
  for (const card of library) {
    const { drill } = card;
    const run = await startRun(page, session, drill);
    await goWithin(page, `/sessions/${session}/drill/${run}`);
    await expect(page.getByRole('heading', { level: 1, name: drill.name, exact: true })).toBeVisible();
    await expect(callOut(page)).toContainText(/\d/);
    await page.evaluate(() => Object.assign(window, { hands: 0 }));
    for (const part of asked(card)) {
      if (hand === 'touch') {
        await BY_TOUCH[part]?.(page);
      } else {
        for (const key of BY_KEY[part] ?? []) {
          await page.keyboard.press(key);
        }
      }
    }
    await expect(page.getByText(/^Ball 1:/)).toBeVisible();
    counts[drill.key] = await page.evaluate(() => (window as unknown as { hands: number }).hands);
  }
  return [counts, library];
}

/** The table's line of each drill: name, touches, keys, why more than three. */
function tableOf(library: Shipped[], touches: Record<string, number>, keys: Record<string, number>): string {
  const lines = library.map((card) => {
    const { drill } = card;
    const why = (keys[drill.key] ?? 0) > 3 ? REASONS[asked(card).join(' ')] : '';
    return `| ${drill.name} | ${asked(card).join(', ')} | ${touches[drill.key]} | ${keys[drill.key]} | ${why} |`;
  });
  return `# Touches and keys for a common ball

Counted in the browser by \`./amble touches\`: one ball rolled in every shipped drill, the hand's own events
counted. A backstroke, where one is noted, stays at the last one. By key a length is said from the target: \`+\`,
\`1\`, Enter is a foot (or a metre) past.

| drill | what is seen | touches | keys | why more than three keys |
|---|---|---|---|---|
${lines.join('\n')}
`;
}

test('a common ball of every shipped drill is at most two touches or three keys, or the table says why', async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const open = async (options: object) => {
    const context = await browser.newContext({ baseURL: baseURL ?? '', serviceWorkers: 'block', ...options });
    return context.newPage();
  };
  const [[touches, library], [keys]] = await Promise.all([
    open({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }).then((page) =>
      countAll(page, 'touch'),
    ),
    open({ viewport: { width: 1280, height: 800 } }).then((page) => countAll(page, 'key')),
  ]);
  const table = tableOf(library, touches, keys);
  if (process.env.AMBLE_TOUCHES !== undefined) {
    writeFileSync(TABLE, table);
  }
  expect(Object.keys(touches).sort()).toEqual(library.map(({ drill }) => drill.key).sort());
  expect(Object.entries(touches).filter(([, count]) => count < 1 || count > 2)).toEqual([]);
  expect(table).not.toContain('undefined');
  expect(readFileSync(TABLE, 'utf8'), 'run ./amble touches').toBe(table);
});
