import type { ChildProcess } from 'node:child_process';
import { expect, type Page, test } from '@playwright/test';
import { choose, chooseGreen, enter, openDemo, openSheet, saveSheet, sessionOf, touchLane, walkTo } from './people';
import { ask, goWithin } from './screen';
import { answering, freshDatabase, kill, serve } from './server.mjs';

const PORT = 8477;

let server: ChildProcess;
let database: string;

test.use({ serviceWorkers: 'allow', baseURL: `http://127.0.0.1:${PORT}` });
test.beforeEach(async () => {
  database = freshDatabase();
  server = serve(PORT, database);
  await answering(PORT);
});
test.afterEach(() => kill(server));

/** The app is on this device, and what the workspace says is kept on it. */
async function takenAlong(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.waitForTimeout(1000);
}

interface Kept {
  student: { name: string } | null;
  green: { name: string } | null;
  minutes: number | null;
  purpose: string | null;
  conditions: string[];
  stations: { length_m: number }[];
  putts: object[];
  own_measurement: { entries: { direction_1_m?: number[] }; speed_m: number | null } | null;
  note_for_next: string | null;
  ended_at: string | null;
}

const notSent = (page: Page) => page.getByText(/[Nn]ot synced yet/);

test('a whole walk without a network, a reload in the middle: all of it is on the server when it is back', async ({
  page,
}) => {
  await openDemo(page);
  await takenAlong(page);
  await kill(server);

  await page.getByRole('button', { name: 'Start a session', exact: true }).click();
  await page.getByRole('button', { name: 'New student' }).click();
  await enter(page, 'Name of the student', 'Nell Offgrid');
  await page.getByRole('button', { name: 'New green' }).click();
  await enter(page, 'Name of the green', 'Far lawn');
  await expect(page.getByRole('heading', { name: 'Nell Offgrid is here' })).toBeVisible();
  await openSheet(page, /^Time and focus/);
  await page.getByLabel('Minutes', { exact: true }).fill('45');
  await page.getByLabel('Focus', { exact: true }).fill('No bars down here');
  await saveSheet(page);
  await openSheet(page, /^Conditions/);
  await page.getByText('Dew: slower, until it dries').click();
  await page.getByRole('button', { name: 'Done' }).click();
  await walkTo(page, 'Green speed');
  await choose(page, 'Method', 'Ramp');
  await enter(page, 'Out, roll 1', '10');
  await enter(page, 'Out, roll 2', '10 ft 2');
  await expect(page.getByText('the figure appears when the server answers', { exact: false })).toBeVisible();
  await walkTo(page, 'Stations');
  await page.getByRole('button', { name: '12 ft', exact: true }).click();
  await page.getByRole('button', { name: '18 ft', exact: true }).click();
  const session = sessionOf(page);

  // Nothing is lost by a reload, and the screen says what is not sent, never that it is kept.
  await page.reload();
  await expect(page.getByRole('row', { name: /^18 ft/ })).toBeVisible();
  await expect(notSent(page)).toBeVisible();
  await walkTo(page, 'Check-in');
  await expect(page.getByRole('button', { name: /^Time and focus 45 min/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Conditions Dew/ })).toBeVisible();
  await walkTo(page, 'Putt');
  await touchLane(page, 0.5);
  await expect(page.getByText(/^Ball 1:/)).toBeVisible();
  await walkTo(page, 'Wrap-up');
  await page.getByLabel('For next time').fill('Find a signal.');
  await page.getByLabel('For next time').blur();
  await expect(page.getByText('Saved on this device, not synced yet.')).toBeVisible();
  await expect(page.getByText('Saved.', { exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'End session' }).click();
  await expect(page.getByText('This session has ended.', { exact: false })).toBeVisible();

  server = serve(PORT, database);
  await answering(PORT);
  await expect(notSent(page)).toHaveCount(0, { timeout: 20_000 });
  const kept = (await ask(page, 'GET', `sessions/${session}`)) as Kept;
  expect(kept).toMatchObject({
    student: { name: 'Nell Offgrid' },
    green: { name: 'Far lawn' },
    minutes: 45,
    purpose: 'No bars down here',
    conditions: ['dew'],
    note_for_next: 'Find a signal.',
  });
  expect(kept.stations).toHaveLength(2);
  expect(kept.putts).toHaveLength(1);
  expect(kept.own_measurement?.entries.direction_1_m).toHaveLength(2);
  expect(kept.own_measurement?.speed_m).not.toBeNull();
  expect(kept.ended_at).not.toBeNull();
});

test('stations added while the network is away on one device meet those of another', async ({ page, browser }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Start a session with Sunniva Crake' }).click();
  await walkTo(page, 'Stations');
  await page.getByRole('button', { name: '6 ft', exact: true }).click();
  await expect(notSent(page)).toHaveCount(0);
  const context = await browser.newContext({
    storageState: await page.context().storageState(),
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 900, height: 900 },
  });
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('row', { name: /^6 ft/ })).toBeVisible();
  await context.setOffline(true);
  await other.getByRole('button', { name: '12 ft', exact: true }).click();
  await page.getByRole('button', { name: '18 ft', exact: true }).click();
  await other.getByRole('button', { name: /^Remove the station at 6 ft/ }).click();
  // The poll in between must not take away what this device has not sent.
  await page.waitForTimeout(6000);
  await expect(other.getByRole('row', { name: /^12 ft/ })).toBeVisible();
  await context.setOffline(false);
  for (const each of [page, other]) {
    await expect(each.getByRole('row', { name: /^12 ft/ })).toBeVisible({ timeout: 20_000 });
    await expect(each.getByRole('row', { name: /^18 ft/ })).toBeVisible({ timeout: 20_000 });
    await expect(each.getByRole('row', { name: /^6 ft/ })).toHaveCount(0, { timeout: 20_000 });
  }
  await context.close();
});

test('Amble remembers where it stood: station, backstroke, half a figure; and goes on exactly there', async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'Start a session with Rafe Dunmallow' }).click();
  await walkTo(page, 'Stations');
  for (const length of ['6 ft', '12 ft']) {
    await page.getByRole('button', { name: length, exact: true }).click();
  }
  await walkTo(page, 'Putt');
  // The first station is chosen where none was.
  await expect(page.getByRole('heading', { name: 'From 6 ft' })).toBeVisible();
  await choose(page, 'Station', '12 ft');
  await enter(page, 'Backstroke', '9.5');
  await page.getByLabel(/^Roll/).fill('11 ft');
  await page.getByRole('link', { name: 'Today', exact: true }).click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Rafe Dunmallow' })
    .getByRole('link', { name: 'Continue' })
    .click();
  const isAsItWas = async () => {
    await expect(page.getByRole('heading', { name: 'From 12 ft' })).toBeVisible();
    await expect(page.getByLabel('Backstroke', { exact: true })).toHaveValue('9.5');
    await expect(page.getByLabel(/^Roll/)).toHaveValue('11 ft');
  };
  await isAsItWas();
  await page.reload();
  await isAsItWas();
  await page.getByLabel(/^Roll/).press('Enter');
  await expect(page.getByText(/^Ball 1: 9½ in back, 11 ft/)).toBeVisible();
});

test('two readings of one green: whose, when, both figures, and the coach chooses', async ({ page }) => {
  await openDemo(page);
  const measure = async (student: string, rolls: string) => {
    await page.getByRole('button', { name: `Start a session with ${student}` }).click();
    await walkTo(page, 'Check-in');
    await chooseGreen(page, 'Slipway green');
    await walkTo(page, 'Green speed');
    await choose(page, 'Method', 'Ramp');
    await enter(page, 'Out, roll 1', rolls);
    await expect(page.getByTestId('green-speed')).toHaveText(new RegExp(`^${rolls}`));
    await expect(notSent(page)).toHaveCount(0);
    return page.url();
  };
  const ours = await measure('Sunniva Crake', '9');
  await goWithin(page, '/');
  await measure('Ilse Varnholt', '11');
  await goWithin(page, ours);
  await expect(page.getByTestId('green-speed')).toHaveText(/^9\.0 ft/);
  const choice = page.getByRole('radiogroup', { name: /measured twice today/ });
  await choice.getByText(/^With Ilse Varnholt at .*: 11\.0 ft/).click();
  await expect(page.getByTestId('green-speed')).toHaveText(/^11\.0 ft/);
  await expect(page.getByLabel('Out, roll 1')).toHaveValue('9');
  await expect(notSent(page)).toHaveCount(0);
  await choice.getByText(/^Here at .*: 9\.0 ft/).click();
  await expect(page.getByTestId('green-speed')).toHaveText(/^9\.0 ft/);
});
