import { expect, type Page, test } from '@playwright/test';
import { callOut, choose, expectAccessible, openDemo, sessionOf, startDrill, startWith, touchLane } from './people';
import { goWithin, startRun } from './screen';

const PLAIN = {
  key: 'plain',
  name: 'Plain',
  stations: [{ length_m: 3.048 }],
  target: 'hole',
  balls_per_station: 4,
  pass: { kind: 'share', share: 0.1 },
  end: { kind: 'all_stations' },
  cap: { balls: 20 },
};

/** Opens a run of a drill that is in no library, in a session just begun. */
async function open(page: Page, student: string, drill: object): Promise<string> {
  await openDemo(page);
  await startWith(page, student);
  const session = sessionOf(page);
  await goWithin(page, `/sessions/${session}/drill/${await startRun(page, session, drill)}`);
  await expect(callOut(page)).toBeVisible();
  return session;
}

test('resting reads as a rest, and the next ball goes on', async ({ page }) => {
  await open(page, 'Tobin Askerley', { ...PLAIN, rest_after_balls: 2 });
  await touchLane(page, 0.5);
  await expect(page.getByText('1 of 1 passed', { exact: false })).toBeVisible();
  await expect(page.getByText(/^Time for a rest/)).toHaveCount(0);
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Time for a rest/)).toBeVisible();
  await expect(callOut(page)).toContainText('10 ft');
  await expectAccessible(page);
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Time for a rest/)).toHaveCount(0);
});

test('capped reads as capped, keeps what was done, and looks different from done', async ({ page }) => {
  await open(page, 'Tobin Askerley', {
    ...PLAIN,
    balls_per_station: 3,
    on_miss: 'restart_all',
    cap: { balls: 4 },
  });
  await touchLane(page, 0.5);
  await touchLane(page, 0.1);
  await expect(page.getByText('Back to the start: ball 1 at 10 ft.')).toBeVisible();
  await touchLane(page, 0.5);
  await touchLane(page, 0.1);
  await expect(page.getByText('The limit of 4 balls is reached. What was done counts; stop here.')).toBeVisible();
  await expect(page.getByText('2 of 4 passed', { exact: false }).first()).toBeVisible();
  await expect(page.getByText('Done.', { exact: true })).toHaveCount(0);
  await expect(page.getByRole('img', { name: /^Lane from/ })).toHaveCount(0);
  await expectAccessible(page);
});

test('only what stopped inside the ring is putted out, and both counts are told', async ({ page }) => {
  await open(page, 'Ilse Varnholt', {
    ...PLAIN,
    name: 'Ring',
    target: 'ring',
    stations: [{ length_m: 9.144 }],
    balls_per_station: 2,
    pass: { kind: 'radius', radius_m: 0.9144 },
    putt_out: 'passed',
    finds: ['second_putts'],
  });
  await touchLane(page, 0.9);
  await expect(page.getByText('0 of 1 passed', { exact: false })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Putts to hole out' })).toHaveCount(0);
  await touchLane(page, 0.5);
  await page.getByRole('group', { name: 'Putts to hole out' }).getByRole('button', { name: '2' }).click();
  await expect(page.getByText(/^Ball 2: .*out in 2/)).toBeVisible();
  await expect(page.getByText('Of 1 putted out, the next putt holed 0', { exact: false })).toBeVisible();
});

test('a gate that steps says how wide it is now', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await startDrill(page, 'Gate, narrowing');
  await expect(callOut(page)).toContainText('gate 4 in now');
  for (let ball = 1; ball <= 10; ++ball) {
    await choose(page, 'Start line', 'Through');
    await expect(page.getByText(new RegExp(`^Ball ${ball}:`))).toBeVisible();
  }
  // Ten in a row earn the narrower gate, whatever the rule of the last ten counts.
  await expect(callOut(page)).toContainText('gate 3¼ in now');
});

test('nothing is asked that the drill does not ask', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Sunniva Crake');
  const asked = async (drill: string) => {
    await startDrill(page, drill);
    return {
      lane: await page.getByRole('img', { name: /^Lane from/ }).count(),
      gate: await page.getByRole('radiogroup', { name: 'Start line' }).count(),
      call: await page.getByRole('radiogroup', { name: 'Call before looking' }).count(),
      strike: await page.getByRole('radio', { name: 'Hit it' }).count(),
      backstroke: await page.getByLabel('Backstroke', { exact: true }).count(),
      rod: await page.getByRole('button', { name: 'Stopped at the rod' }).count(),
    };
  };
  const nothing = { lane: 0, gate: 0, call: 0, strike: 0, backstroke: 0, rod: 0 };
  expect(await asked('Standing cup, four sides')).toEqual({ ...nothing, strike: 1 });
  expect(await asked('Bucket from far')).toEqual({ ...nothing, lane: 1 });
  expect(await asked('Along a ruler')).toEqual({ ...nothing, gate: 1 });
  expect(await asked('Three in a row, two short lengths')).toEqual(nothing);
  expect(await asked('Round the hole, four sides')).toEqual({ ...nothing, lane: 1 });
  expect(await asked('Call the distance before looking')).toEqual({ ...nothing, call: 1, lane: 1 });
  expect(await asked('Ladder to a back rod')).toEqual({ ...nothing, lane: 1, rod: 1 });
  expect(await asked('Gate, blocked then shuffled')).toEqual({ ...nothing, gate: 1, lane: 1 });
  expect(await asked('Short ladder on the mat')).toEqual({ ...nothing, lane: 1, backstroke: 1 });
});

test('by digits: a whole roll, past and short of the target, beside it, and what cannot be read', async ({ page }) => {
  await open(page, 'Jun Petterkin', {
    ...PLAIN,
    target: 'ring',
    stations: [{ length_m: 6.096 }],
    balls_per_station: 5,
    pass: { kind: 'radius', radius_m: 0.9144 },
  });
  const [roll, beside] = [page.getByLabel('Roll, or +/- from the target'), page.getByLabel('Sideways, l or r')];
  const type = async (first: string, second: string) => {
    await roll.fill(first);
    await roll.press('Enter');
    await beside.fill(second);
    await beside.press('Enter');
  };
  await type('19', 'l 1');
  await expect(page.getByText('Ball 1: 19 ft, 1 ft left', { exact: false })).toBeVisible();
  await type('+2', 'r2');
  await expect(page.getByText('Ball 2: 22 ft, 2 ft right', { exact: false })).toBeVisible();
  await type('-1', '0');
  await expect(page.getByText('Ball 3: 19 ft', { exact: false })).toBeVisible();
  await roll.fill('+far');
  await roll.press('Enter');
  await expect(page.getByText('“far” is not a length.', { exact: false })).toBeVisible();
  await expect(roll).toHaveValue('+far');
  await expect(page.getByText(/^Ball 4/)).toHaveCount(0);
});

test('in the evening the live screens are accessible too', async ({ page }) => {
  await open(page, 'Marguerite Oyelaran-Fitzwarden', { ...PLAIN, call_first: true });
  await page.evaluate(() => {
    document.documentElement.dataset.theme = 'evening';
  });
  await expectAccessible(page);
  await choose(page, 'Call before looking', 'Short');
  await touchLane(page, 0.1);
  await expect(page.getByRole('group', { name: 'Cause of the miss' })).toBeVisible();
  await page.getByText('Tempo and routine').click();
  await expectAccessible(page);
});
