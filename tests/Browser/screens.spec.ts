import { expect, type Page, test } from '@playwright/test';
import {
  choose,
  enter,
  expectAccessible,
  expectNoSidewaysScroll,
  openDemo,
  openMore,
  openSheet,
  saveSheet,
  startWith,
  startWithNewStudent,
  walkTo,
} from './people';
import { ask } from './screen';

async function signUp(page: Page, name: string, email: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Create account' }).click();
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('Email address').fill(email);
  await page.getByLabel('Password').fill('a password of my own');
  await page.getByRole('button', { name: 'Create account' }).click();
}

test('a new coach finds empty screens that say what will be here', async ({ page }) => {
  await signUp(page, 'Brid Aldane', 'brid@example.test');
  await expect(page.getByText('Your students appear here.', { exact: false })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Students' }).click();
  await expect(page.getByText('No students yet.', { exact: false })).toBeVisible();
  await openMore(page, 'Greens');
  await expect(page.getByText('No greens yet.', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByRole('button', { name: 'Start a session' }).click();
  await expect(page.getByRole('heading', { name: 'Check-in' })).toBeVisible();
  await walkTo(page, 'Green speed');
  await expect(page.getByRole('heading', { name: 'No green chosen' })).toBeVisible();
  await walkTo(page, 'Review');
  await expect(page.getByRole('heading', { name: 'No student chosen' })).toBeVisible();
  await expectAccessible(page);
  await openMore(page, 'Settings');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('the door stands still under a hand, and opens at one touch though nothing more can be asked', async ({
  page,
}) => {
  await page.route('**/*.woff2', async (route) => {
    await new Promise((wake) => setTimeout(wake, 300));
    await route.continue();
  });
  await page.goto('/');
  const door = page.getByRole('button', { name: 'Open the demo' });
  await expect(door).toBeVisible();
  // The sentence above it takes a line less in its own face.
  expect(await page.evaluate(() => document.fonts.check("400 1em 'Atkinson Hyperlegible'"))).toBe(true);
  // Long enough for this device to keep that nobody is in.
  await page.waitForTimeout(1000);
  await page.route('**/api/me', (route) => route.abort());
  await door.click();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();

  await page.unroute('**/api/me');
  await page.addInitScript(() => {
    new MutationObserver(() => {
      if (document.body?.textContent?.includes('Open the demo') === true) {
        document.documentElement.dataset.doorShown = 'yes';
      }
    }).observe(document, { childList: true, subtree: true });
  });
  await page.goto('/settings');
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await expect(page.locator('html')).not.toHaveAttribute('data-door-shown');
});

test('signing in with the wrong password says so at the field and keeps the address', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Email address').fill('nobody@example.test');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('The email address and password do not match.')).toBeVisible();
  await expect(page.getByLabel('Email address')).toHaveValue('nobody@example.test');
});

test('a coach who works in metres, or in paces, meets them everywhere', async ({ page }) => {
  await signUp(page, 'Cass Ferrin', 'cass@example.test');
  await openMore(page, 'Settings');
  const units = await openSheet(page, /^Units/);
  await choose(page, 'Units', 'Steps');
  await units.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('To work in steps, measure your step first.').first()).toBeVisible();
  await page.getByLabel('Length of your step').fill('80 cm');
  await saveSheet(page);
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByRole('button', { name: 'Start a session' }).click();
  await walkTo(page, 'Stations');
  await enter(page, 'Distance from the target', '7 paces 1 ft');
  await expect(page.getByRole('rowheader', { name: '7 steps and a foot' })).toBeVisible();

  const session = page.url();
  await openMore(page, 'Settings');
  await openSheet(page, /^Units/);
  await choose(page, 'Units', 'Metres');
  await saveSheet(page);
  await page.goto(session);
  await expect(page.getByRole('rowheader', { name: '5.9 m' })).toBeVisible();
  await walkTo(page, 'Putt');
  await page.getByLabel('Backstroke', { exact: true }).last().fill('25');
  await enter(page, /^Roll/, '4,2');
  await expect(page.getByText('Ball 1: 25 cm back, 4.20 m', { exact: false })).toBeVisible();
});

test('a very long name fits a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page);
  await expectNoSidewaysScroll(page);
  const name = 'Marguerite Oyelaran-Fitzwarden';
  await startWith(page, name);
  await choose(page, 'Green', 'Slipway green');
  for (const step of ['Green speed', 'Stations', 'Putt', 'Review', 'Wrap-up']) {
    await walkTo(page, step);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expectNoSidewaysScroll(page);
  }
});

test('a green by stopwatch: the space bar times, a roll can be taken back and mended', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await choose(page, 'Green', 'Boathouse green');
  await walkTo(page, 'Green speed');
  await choose(page, 'Method', 'Stopwatch');
  const watch = page.getByRole('button', { name: /Press when the ball leaves the hand/ });
  await watch.focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /Press when the ball stops/ })).toBeVisible();
  await page.waitForTimeout(300);
  await page.keyboard.press('Space');
  await expect(page.getByLabel('Time', { exact: true })).not.toHaveValue('');
  await page.getByLabel('Time', { exact: true }).fill('4.1');
  await enter(page, 'Distance', '16 ft');
  await expect(page.getByText('One direction only, so not a level figure', { exact: false })).toBeVisible();
  await choose(page, 'Which way', 'Back');
  await page.getByLabel('Time', { exact: true }).fill('2.1');
  await enter(page, 'Distance', '5 ft');
  // It is asked about before it counts.
  await expect(page.getByText('It took under 3 seconds', { exact: false })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Rolls so far' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Keep it anyway' }).click();
  await expect(page.getByText('A roll took under 3 seconds', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Delete back, roll 1' }).click();
  await expect(page.getByLabel('Time', { exact: true })).toHaveValue('2.1');
  await page.getByLabel('Time', { exact: true }).fill('4.2');
  await enter(page, 'Distance', '16 ft 4');
  await expect(page.getByText('Level figure from both directions', { exact: false })).toBeVisible();
  await expect(page.getByText('A roll took under 3 seconds', { exact: false })).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('listitem').filter({ hasText: 'Back: 4.20 s' })).toBeVisible();
});

test('a note set aside stays aside, and an unknown speed tells no lengths', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Jun Petterkin');
  await choose(page, 'Green', 'Boathouse green');
  await walkTo(page, 'Review');
  const margin = page.getByRole('complementary', { name: 'Insights' });
  await expect(margin.getByText('The backstroke curve is provisional', { exact: false })).toBeVisible();
  await margin.getByRole('button', { name: /^Dismiss: The backstroke curve is provisional/ }).click();
  await enter(page, 'Reason (optional)', 'He has only just come.');
  await expect(margin.getByText('The backstroke curve is provisional', { exact: false })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Provisional: few balls so far', { exact: false })).toBeVisible();
  await expect(margin.getByText('The backstroke curve is provisional', { exact: false })).toHaveCount(0);
});

test('two browsers on one session come to the same balls', async ({ browser, page }) => {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  await choose(page, 'Green', 'Slipway green');
  await walkTo(page, 'Putt');
  const other = await (await browser.newContext({ baseURL: new URL(page.url()).origin })).newPage();
  await openDemo(other);
  await other.goto(page.url());
  for (const [device, roll] of [
    [page, '5'],
    [other, '6'],
    [page, '7'],
  ] as const) {
    await device.getByLabel('Backstroke', { exact: true }).last().fill('8');
    await enter(device, 'Roll', roll);
    await expect(device.getByText(`8 in back, ${roll} ft`, { exact: false }).first()).toBeVisible();
    await expect(device.getByText(/not synced yet/)).toHaveCount(0);
  }
  await other.reload();
  await expect(other.getByText(/^Ball 3: 8 in back, 7 ft/)).toBeVisible();
  await expect(page.getByText(/^Ball 3: 8 in back, 7 ft/)).toBeVisible();
});

test('paces counted to a station are held against its length, where the coach wants it', async ({ page }) => {
  await openDemo(page);
  await startWithNewStudent(page);
  await walkTo(page, 'Stations');
  await page.getByRole('group', { name: 'Usual lengths' }).getByRole('button', { name: '12 ft' }).click();
  await page.getByRole('button', { name: 'I stepped to 12 ft' }).click();
  const counted = page.getByLabel('Steps counted to 12 ft');
  await counted.fill('5');
  await expect(page.getByText('That fits.')).toBeVisible();
  // "Twelve" in metres, and stepped so.
  await counted.fill('15');
  await expect(
    page.getByText(/^Your count makes 38 ft 11 in, not 12 ft\. The same number in metres would fit/),
  ).toBeVisible();
  await counted.fill('many');
  await expect(page.getByText('A number of steps, like 7.')).toBeVisible();
  await expectAccessible(page);
});

test('addresses of earlier versions lead to the places of today', async ({ page }) => {
  await openDemo(page);
  const { sessions } = (await ask(page, 'GET', 'today')) as { sessions: { id: string }[] };
  const session = `/sessions/${sessions[0]?.id}`;
  for (const [former, place] of [
    ['/ledger', '/sessions'],
    ['/week', '/calendar'],
    ['/reader', '/green-reading'],
    ['/cards', '/checklists'],
    [`${session}/look-back`, `${session}/review`],
    [`${session}/roll`, `${session}/putt`],
    [`${session}/nothing`, `${session}/check-in`],
  ] as const) {
    await page.goto(former);
    await expect(page).toHaveURL(place);
  }
});
