import { expect, type Page, test } from '@playwright/test';
import { onOwnServer } from './own';
import { expectAccessible, expectNoSidewaysScroll, openDemo, openSheet, startDrill } from './people';
import { ask } from './screen';

onOwnServer(8481);

/** Every screen of a session that has balls in it, and those around it. */
async function screens(page: Page): Promise<string[]> {
  const today = (await ask(page, 'GET', 'today')) as {
    students: { id: string; name: string }[];
    sessions: { id: string; student_id: string | null }[];
  };
  const tobin = today.students.find(({ name }) => name.startsWith('Tobin'))?.id ?? '';
  const session = today.sessions.findLast(({ student_id }) => student_id === tobin)?.id ?? '';
  const walk = ['check-in', 'green-speed', 'stations', 'putt', 'review', 'wrap-up'];
  return [
    '/',
    '/students',
    `/students/${tobin}`,
    ...['card', 'play', 'round', 'pocket'].map((place) => `/students/${tobin}/${place}`),
    '/greens',
    '/drills',
    '/sessions',
    '/settings',
    ...walk.map((step) => `/sessions/${session}/${step}`),
    `/sessions/${session}/drills/closing-gate`,
    `/sessions/${session}/checks`,
    ...['tempo', 'aim', 'eye_place', 'grip_pressure'].map((check) => `/sessions/${session}/checks/${check}`),
    `/sessions/${session}/cards/stance`,
    '/checklists',
    '/checklists/routine_a',
  ];
}

/** What sticks out of the screen, or holds words that are cut. */
async function expectNothingCut(page: Page, path: string): Promise<void> {
  const cut = await page.evaluate(() =>
    [...document.querySelectorAll('main h1, main h2, main p, main td, main th, main label, main button, nav a')]
      .filter((each) => {
        const box = each.getBoundingClientRect();
        const swiped = each.closest('[data-row] > div, [role="group"], table');
        // The choices a browser fills in by itself are shown to nobody.
        const isUnseen = each.closest('[aria-hidden="true"]') !== null;
        return box.width > 0 && swiped === null && !isUnseen && box.right > document.documentElement.clientWidth + 1;
      })
      .map((each) => `${each.tagName} ${each.textContent?.slice(0, 40)}`),
  );
  expect(cut, path).toEqual([]);
}

for (const [name, width, size] of [
  ['at 320 pixels', 320, 16],
  ['with text at 200 %', 640, 32],
] as const) {
  test(`${name} every screen reflows: nothing sticks out, nothing is cut`, async ({ page }) => {
    test.setTimeout(180_000);
    await openDemo(page);
    await page.setViewportSize({ width, height: 700 });
    // As whoever set their browser's text to this size meets it.
    const devtools = await page.context().newCDPSession(page);
    await devtools.send('Page.setFontSizes', { fontSizes: { standard: size } });
    const failures: string[] = [];
    for (const path of await screens(page)) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await page.waitForLoadState('networkidle');
      await expectNoSidewaysScroll(page).catch(() => failures.push(path));
      await expectNothingCut(page, path);
    }
    expect(failures).toEqual([]);
  });
}

test('page titles name student and place, focus goes to the heading, the skip link skips', async ({ page }) => {
  await openDemo(page);
  const arrive = (await screens(page)).find((path) => path.endsWith('/check-in')) ?? '';
  await page.goto(arrive);
  await expect(page).toHaveTitle('Check-in · Tobin Askerley · Amble');
  // The list of sessions is another place.
  await expect(page.getByRole('navigation').getByRole('link', { name: 'Sessions' })).not.toHaveAttribute(
    'aria-current',
    'page',
  );
  await page.getByRole('link', { name: /^Review/ }).click();
  await expect(page).toHaveTitle('Review · Tobin Askerley · Amble');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.getByRole('link', { name: 'Back to Putt' }).click();
  await expect(page).toHaveTitle('Putt · Tobin Askerley · Amble');
  await page.goto('/settings');
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to main content' })).toBeFocused();
});

test('single letters can be turned off, and “?” lists the keys of every screen', async ({ page }) => {
  await openDemo(page);
  const paths = await screens(page);
  await page.goto(paths.find((path) => path.endsWith('/putt')) ?? '');
  await expect(page.getByText(/^Ball \d+:/)).toBeVisible();
  const last = (await page.getByText(/^Ball \d+:/).textContent()) ?? '';
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'Keyboard shortcuts' });
  await expect(sheet.getByRole('row', { name: 'u undo the last ball' })).toBeVisible();
  await expect(sheet.getByRole('row', { name: '> next step: Review' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.goto('/settings');
  await page.getByText('Single-letter shortcuts while putting').click();
  await page.keyboard.press('?');
  await expect(sheet.getByRole('row', { name: '? this list' })).toBeVisible();
  await page.goto(paths.find((path) => path.endsWith('/putt')) ?? '');
  await expect(page.getByText(last)).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText(last)).toBeVisible();
});

test('what was put away is found under Settings and comes back; past sessions are in the session history', async ({
  page,
}) => {
  await openDemo(page);
  const name = `Wren Halloway ${Date.now()}`;
  await page.goto('/students/new');
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Add student' }).click();
  await page.getByRole('button', { name: `Start a session with ${name}` }).click();
  await startDrill(page, 'Six putts before a round');
  await page.goto('/students');
  const find = page.getByLabel(/^Search \d+ students/);
  if (await find.isVisible()) {
    await find.fill(name);
  }
  await page.getByRole('button', { name: `More for ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name })).toBeVisible();
  await page.getByRole('button', { name: `More for ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name })).toHaveCount(0);
  await page.goto('/settings');
  await openSheet(page, /^Deleted/);
  await page.getByRole('button', { name: `Restore ${name}` }).click();
  await expect(page.getByRole('button', { name: `Restore ${name}` })).toHaveCount(0);
  await page.goto('/students');
  await page.getByRole('button', { name: `More for ${name}` }).click();
  await page.getByRole('menuitem', { name: 'Sessions' }).click();
  await expect(page.getByRole('link', { name: new RegExp(`${name}.*open`) })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Up to').fill('2020-01-01');
  await expect(page.getByText('No sessions match.', { exact: false })).toBeVisible();
});
