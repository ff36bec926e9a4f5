import type { ChildProcess } from 'node:child_process';
import { type BrowserContext, expect, type Page, test } from '@playwright/test';
import { ulid } from 'ulid';
import { callOut, choose, keptBalls, openDemo, sessionOf, startDrill, startWith, touchLane } from './people';
import { ask, goWithin, holdRequests, startRun, timeTouches, touchTimes } from './screen';
import { answering, freshDatabase, kill, serve } from './server.mjs';

/** Fifty balls in mixed order, so that every next ball is another length. */
const FIFTY = {
  key: 'fifty',
  name: 'Fifty',
  stations: [{ length_m: 3 }, { length_m: 5 }, { length_m: 7 }, { length_m: 9 }, { length_m: 11 }],
  target: 'hole',
  order: 'shuffled',
  balls_per_station: 10,
  pass: { kind: 'share', share: 0.1 },
  rest_after_balls: 200,
  end: { kind: 'all_stations' },
  cap: { balls: 80 },
};

/** Any miss starts everything again, so that the next ball hangs on the last one. */
const LADDER = {
  ...FIFTY,
  key: 'ladder',
  name: 'Ladder',
  order: 'ladder',
  balls_per_station: 10,
  on_miss: 'restart_all',
};

/** Starts a drill that is not in the library, and opens it. @returns the session's id */
async function rollDrill(page: Page, student: string, drill: object): Promise<string> {
  await openDemo(page);
  await startWith(page, student);
  const session = sessionOf(page);
  const run = await startRun(page, session, drill);
  await goWithin(page, `/sessions/${session}/drill/${run}`);
  await expect(callOut(page)).toBeVisible();
  return session;
}

/** Logs balls of no drill by API, and opens the drill anew with them. */
async function rollFreely(page: Page, session: string, count: number): Promise<void> {
  for (let from = 0; from < count; from += 100) {
    const events = Array.from({ length: 100 }, (_, i) => ({
      id: ulid(),
      type: 'putt_logged',
      version: 2,
      at_ms: Date.now() - 1000 * (count - from - i),
      roll_m: 3 + (i % 10) / 20,
      stop: 'free',
      target_m: 3,
      seen: {},
    }));
    await ask(page, 'POST', `sessions/${session}/events`, { events });
  }
  if (count > 0) {
    await page.reload();
    await expect(callOut(page)).toBeVisible();
  }
}

/** Rolls are told apart by where they are touched, so that their order can be checked. */
async function rollBalls(page: Page, count: number, from = 0): Promise<void> {
  for (let ball = 0; ball < count; ++ball) {
    await touchLane(page, 0.46 + ((from + ball) % 3) * 0.03);
    await expect(page.getByText(new RegExp(`^Ball ${from + ball + 1}:`))).toBeVisible();
  }
}

/** Ids of the balls that wait in this device's own storage, in order. */
function storedBalls(page: Page): Promise<string[]> {
  return page.evaluate(
    () =>
      new Promise<string[]>((resolve) => {
        const opening = indexedDB.open('amble-outbox');
        opening.onsuccess = () => {
          const all = opening.result.transaction('waiting').objectStore('waiting').getAll();
          all.onsuccess = () => resolve(all.result.map((item: { event: { id: string } }) => item.event.id));
        };
      }),
  );
}

test.describe('with a server of its own', () => {
  test.use({ serviceWorkers: 'allow' });
  let server: ChildProcess;
  let database: string;
  const port = (project: string) => (project === 'phone' ? 8473 : 8472);

  test.beforeEach(async ({ browserName: _ }, { project }) => {
    database = freshDatabase();
    server = serve(port(project.name), database);
    await answering(port(project.name));
  });
  test.afterEach(() => kill(server));
  test.use({
    baseURL: async ({ browserName: _ }, use, { project }) => use(`http://127.0.0.1:${port(project.name)}`),
  });

  test('twenty balls without a network and a reload between: all there once, in order, when it is back', async ({
    page,
  }, { project }) => {
    const session = await rollDrill(page, 'Sunniva Crake', FIFTY);
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    // What the page knows is kept a moment after it is heard.
    await page.waitForTimeout(1000);
    await kill(server);
    await rollBalls(page, 10);
    await expect(page.getByText('10 not synced yet', { exact: false })).toBeVisible();
    // A ball is shown before the disk has it; a browser asks before it leaves a page until then, Playwright does not.
    await expect.poll(async () => (await storedBalls(page)).length).toBe(10);
    await page.reload();
    await expect(page.getByText('10 not synced yet', { exact: false })).toBeVisible();
    await expect(callOut(page)).toContainText(/\d/);
    await rollBalls(page, 10, 10);
    await expect(page.getByText('20 not synced yet', { exact: false })).toBeVisible();
    await expect.poll(async () => (await storedBalls(page)).length).toBe(20);
    const entered = await storedBalls(page);
    expect(entered).toHaveLength(20);
    // Another way in, as after the browser was closed: the workspace opens too.
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();

    server = serve(port(project.name), database);
    await answering(port(project.name));
    await expect(async () => {
      expect((await keptBalls(page, session)).map(({ id }) => id)).toEqual(entered);
    }).toPass({ timeout: 20_000 });
  });

  test('the server killed while balls are being sent: none lost, none doubled', async ({ page }, { project }) => {
    const session = await rollDrill(page, 'Rafe Dunmallow', LADDER);
    await rollBalls(page, 4);
    await expect(page.getByText(/not synced yet/)).toHaveCount(0);
    // Dies with the fifth in the air: the answer is held back, so that the page cannot know it arrived.
    const killed = new Promise<void>((tell) => {
      page.route('**/events', async (route) => {
        await route.fetch().catch(() => undefined);
        await kill(server);
        await route.abort().catch(() => undefined);
        tell();
      });
    });
    await touchLane(page, 0.5);
    // The ball waits on the device before it is sent: that it waits does not say that the server has died.
    await killed;
    await expect(page.getByText('1 not synced yet', { exact: false })).toBeVisible();
    await page.unrouteAll({ behavior: 'wait' });
    await rollBalls(page, 5, 5);
    await expect(page.getByText('6 not synced yet', { exact: false })).toBeVisible();
    server = serve(port(project.name), database);
    await answering(port(project.name));
    await expect(page.getByText(/not synced yet/)).toHaveCount(0, { timeout: 20_000 });
    const kept = await keptBalls(page, session);
    expect(kept).toHaveLength(10);
    expect(new Set(kept.map(({ id }) => id)).size).toBe(10);
    expect(kept.map(({ at_ms }) => at_ms)).toEqual(kept.map(({ at_ms }) => at_ms).sort((a, b) => a - b));
  });
});

test('two browsers on one session come to the same', async ({ page, browser, baseURL }) => {
  const session = await rollDrill(page, 'Tobin Askerley', FIFTY);
  const context: BrowserContext = await browser.newContext({
    storageState: await page.context().storageState(),
    baseURL: baseURL ?? '',
    viewport: { width: 900, height: 900 },
  });
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(callOut(other)).toBeVisible();
  await context.setOffline(true);
  await rollBalls(other, 3);
  await rollBalls(page, 4);
  await context.setOffline(false);
  for (const each of [page, other]) {
    await expect(each.getByText('of 7 passed', { exact: false })).toBeVisible({ timeout: 20_000 });
    await expect(each.getByText(/not synced yet/)).toHaveCount(0);
  }
  expect(await callOut(other).textContent()).toBe(await callOut(page).textContent());
  expect(await keptBalls(page, session)).toHaveLength(7);
  await context.close();
});

test('storage full: a clear word, and nothing is dropped', async ({ page, context }) => {
  const session = await rollDrill(page, 'Jun Petterkin', FIFTY);
  await rollBalls(page, 1);
  await expect(page.getByText(/not synced yet/)).toHaveCount(0);
  await context.setOffline(true);
  await page.evaluate(() => {
    IDBObjectStore.prototype.add = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await rollBalls(page, 2, 1);
  await expect(page.getByText('This device has no room to store the last 2 entries.', { exact: false })).toBeVisible();
  await expect(page.getByText('2 not synced yet', { exact: false })).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText(/no room to store/)).toHaveCount(0, { timeout: 20_000 });
  expect(await keptBalls(page, session)).toHaveLength(3);
});

test('what the server will not take is shown with its reason and kept until it is put away', async ({ page }) => {
  const session = await rollDrill(page, 'Jun Petterkin', FIFTY);
  await page.route('**/events', async (route) => {
    const body = route.request().postDataJSON() as { events: { roll_m: number }[] };
    for (const event of body.events) {
      event.roll_m = 500;
    }
    await route.continue({ postData: JSON.stringify(body) });
  });
  await touchLane(page, 0.5);
  await expect(page.getByText(/^A ball was not saved .* A roll is between/)).toBeVisible();
  await page.unroute('**/events');
  await rollBalls(page, 1);
  await page.getByRole('button', { name: 'Dismiss' }).click();
  await expect(page.getByText(/^A ball was not saved/)).toHaveCount(0);
  await expect(async () => expect(await keptBalls(page, session)).toHaveLength(1)).toPass();
});

const EARLIER = 500;

for (const [drill, earlier] of [
  [FIFTY, 0],
  [LADDER, 0],
  [FIFTY, EARLIER],
] as const) {
  const after = earlier === 0 ? '' : ` after ${earlier} balls`;
  test(`${drill.name}${after}: the next call-out waits for no answer of the server`, async ({ page }) => {
    test.skip(earlier > 0 && process.env.AMBLE_BENCH === undefined, 'For ./amble bench: prints figures.');
    const session = await rollDrill(page, 'Ilse Varnholt', drill);
    await rollFreely(page, session, earlier);
    const letGo = await holdRequests(page, '**/api/**');
    await timeTouches(page);
    const rounds = drill.balls_per_station * drill.stations.length;
    for (let ball = 0; ball < rounds; ++ball) {
      // Every one of them names a length: none has to wait to be told.
      await expect(callOut(page)).toContainText(/^\d+ ft/);
      await touchLane(page, 0.5);
      await expect(page.getByText(new RegExp(`^Ball ${ball + 1}:`))).toBeVisible();
      // Nothing was answered since the touch; only now is it.
      letGo();
    }
    const waits = await touchTimes(
      page,
      `${drill.name}${after}, touch to the next call-out while the server answers nothing`,
    );
    expect(waits).toHaveLength(rounds);
    const releasing = setInterval(letGo, 50);
    await expect(page.getByText(/not synced yet/)).toHaveCount(0);
    clearInterval(releasing);
  });
}

test('a drill by keys alone', async ({ page }, { project }) => {
  test.skip(project.name === 'phone', 'A phone has no keys.');
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await startDrill(page, 'Call the distance before looking');
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
    }
  };
  const lengths: string[] = [];
  for (let ball = 0; ball < 12; ++ball) {
    lengths.push((await callOut(page).textContent()) ?? '');
    // A call, then how far past or short of the target: three keys and Enter.
    await press('s', ball % 2 === 0 ? '+' : '-', '1', 'Enter');
    await expect(page.getByText(`of ${ball + 1} passed`, { exact: false })).toBeVisible();
    if (ball === 1) {
      await press('u');
      await expect(page.getByText('of 1 passed', { exact: false })).toBeVisible();
      await press('s', 'h');
      await expect(page.getByText('of 2 passed', { exact: false })).toBeVisible();
      await press('?');
      await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
      await press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
  }
  await expect(page.getByText('Done.', { exact: true })).toBeVisible();
  expect(new Set(lengths.map((words) => words.split('ball')[0])).size).toBe(3);

  await startDrill(page, 'Gate, fixed width');
  await press('k', 'j', 'k', 'l');
  await expect(page.getByText('2 of 4 passed', { exact: false })).toBeVisible();
  await press('t', 'c');
  await expect(page.getByText(/^Ball 4: right of the line, why: start line, held/)).toBeVisible();
  await press('q');
  await expect(page.getByText('2 of 3 passed', { exact: false })).toBeVisible();
});

test('backstrokes by the wheel, by digits, by those used lately', async ({ page }, { project }) => {
  await openDemo(page);
  await startWith(page, 'Sunniva Crake');
  await startDrill(page, 'Three with the same roll');
  const field = page.getByLabel('Backstroke', { exact: true });
  await expect(field).toHaveValue('');
  await field.fill('8');
  await field.press('Enter');
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Ball 1: 8 in back/)).toBeVisible();
  const wheel = page.locator('[data-wheel]');
  await wheel.dispatchEvent('pointerdown');
  // 44 pixels a half inch.
  await wheel.evaluate((strip) => strip.scrollBy({ left: 4 * 44 }));
  await expect(field).toHaveValue('10');
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Ball 2: 10 in back/)).toBeVisible();
  await page.getByRole('button', { name: '8 in', exact: true }).click();
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Ball 3: 8 in back/)).toBeVisible();
  if (project.name === 'laptop') {
    await page.getByText('Tempo and routine').click();
    await page.getByRole('button', { name: 'Rehearsal', exact: true }).click();
    await page.getByRole('button', { name: 'Rehearsal', exact: true }).click();
    await page.getByRole('button', { name: 'Faster' }).click();
    await page.getByRole('button', { name: /^Save as Sunniva Crake/ }).click();
    await expect(page.getByText('beats a minute', { exact: false }).first()).toBeVisible();
    await page.getByRole('button', { name: 'Start the beat' }).click();
    await expect(page.getByRole('img', { name: 'Beat: ball' })).toBeVisible();
    await expect(page.getByRole('img', { name: 'Beat: back' })).toBeVisible();
    await page.getByRole('button', { name: 'Stop the beat' }).click();
    await page.getByRole('button', { name: 'Time the finish' }).click();
    await expect(page.getByText('3 of 3')).toBeVisible();
    await touchLane(page, 0.5);
    const session = sessionOf(page);
    await expect(async () => {
      expect((await keptBalls(page, session)).map(({ seen }) => seen.rehearsals ?? null)).toEqual([
        null,
        null,
        null,
        2,
      ]);
    }).toPass();
  }
});

test('every set-out sheet prints on one page', async ({ page }, { project }) => {
  test.skip(project.name === 'phone', 'Paper is the same everywhere.');
  await openDemo(page);
  await startWith(page, 'Marguerite Oyelaran-Fitzwarden');
  await choose(page, 'Green', 'Boathouse green');
  const session = sessionOf(page);
  const { library } = (await ask(page, 'GET', 'drills')) as {
    library: { drill: { key: string; name: string } }[];
  };
  const pages: Record<string, number> = {};
  for (const { key, name } of library.map(({ drill }) => drill)) {
    await goWithin(page, `/sessions/${session}/drills/${key}`);
    await expect(page.getByRole('heading', { level: 1, name, exact: true })).toBeVisible();
    await expect(page.getByText('Equipment', { exact: true })).toBeVisible();
    const paper = (await page.pdf({ format: 'A4' })).toString('latin1');
    pages[key] = Number(/\/Count (\d+)/.exec(paper)?.[1] ?? 0);
  }
  expect(Object.entries(pages).filter(([, count]) => count !== 1)).toEqual([]);
});
