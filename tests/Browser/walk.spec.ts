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
  takeBack,
  touchLane,
  walkTo,
} from './people';
import { ask } from './screen';

/** The whole first walk, from an empty card to the student's own table, at both sizes. */
test('a coach walks one session from arriving to a stroke table', async ({ page }, info) => {
  const isPhone = info.project.name === 'phone';
  const look = async () => {
    await expectAccessible(page);
    await expectNoSidewaysScroll(page);
  };
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Open the demo' })).toBeVisible();
  await look();
  await openDemo(page);
  await look();

  const name = `Orla Fennimark ${info.project.name}`;
  await page.getByRole('link', { name: 'Add a student' }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await choose(page, 'Hand', 'Left');
  await choose(page, 'Level', 'Advanced');
  await page.getByRole('button', { name: 'Add a putter' }).click();
  await page.getByLabel('Putter', { exact: true }).fill('Blade');
  await look();
  await page.getByRole('button', { name: 'Add student' }).click();
  await expect(page.getByText(name)).toBeVisible();

  await openMore(page, 'Greens');
  await openSheet(page, 'Add a green');
  await page.getByLabel('Name', { exact: true }).fill(`Upper lawn ${info.project.name}`);
  await look();
  await saveSheet(page);
  await expect(page.getByRole('listitem').filter({ hasText: `Upper lawn ${info.project.name}` })).toBeVisible();

  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByRole('button', { name: `Start a session with ${name}` }).click();
  await choose(page, 'Green', `Upper lawn ${info.project.name}`);
  await openSheet(page, /^Time and focus/);
  await page.getByLabel('Minutes', { exact: true }).fill('45');
  await page.getByLabel('Focus', { exact: true }).fill('A first look at the stroke');
  await saveSheet(page);
  const conditions = await openSheet(page, /^Conditions/);
  await conditions.getByText('Dew: slower, until it dries').click();
  await expect(conditions.getByRole('switch', { name: /^Dew/ })).toBeChecked();
  await look();
  await conditions.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^Conditions Dew: slower/ })).toBeVisible();

  await walkTo(page, 'Green speed');
  await measureByRamp(page);
  await look();

  await walkTo(page, 'Stations');
  await page.getByRole('button', { name: '12 ft', exact: true }).click();
  await enter(page, 'Distance from the target', '18');
  // Typed straight after the touch: the second station must not overtake the first.
  await expect(page.getByRole('row', { name: /^18 ft 6 steps and 2 feet I stepped to 18 ft level/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^12 ft/ })).toBeVisible();
  await look();

  await walkTo(page, 'Putt');
  if (isPhone) {
    await rollByTouch(page);
  } else {
    await rollByKeys(page);
  }
  await look();

  await walkTo(page, 'Review');
  await expect(page.getByText('9 balls, 9 today')).toBeVisible();
  const twelve = page.getByRole('row', { name: /^12 ft/ });
  await expect(twelve).toContainText(' in');
  const before = await twelve.textContent();
  await page.getByRole('slider', { name: 'Green speed' }).focus();
  for (let i = 0; i < 12; ++i) {
    await page.keyboard.press('ArrowRight');
  }
  await expect(page.getByText(/For a green speed of/)).toBeVisible();
  await expect(twelve).not.toHaveText(before ?? '');
  // Nobody measured where the shoe stands: no putter-head figure is told as one of the shoe.
  await expect(page.getByRole('radiogroup', { name: 'Shown as' })).toHaveCount(0);
  await expect(page.getByRole('columnheader', { name: /^Trail shoe/ })).toHaveCount(0);
  await look();

  await walkTo(page, 'Wrap-up');
  await page.getByLabel('For next time').fill('Longer backstrokes.');
  await page.getByRole('button', { name: 'End session' }).click();
  // What is left to do stands there once it has ended.
  await expect(page.getByText('This session has ended.', { exact: false })).toBeVisible();
  await expect(page.getByLabel('For next time')).toHaveValue('Longer backstrokes.');
  await expect(page.getByRole('button', { name: 'Share card' })).toBeVisible();
  await look();
  await page.getByRole('link', { name: 'Today', exact: true }).last().click();
  await expect(page.getByText('Longer backstrokes.').first()).toBeVisible();
});

async function measureByRamp(page: Page): Promise<void> {
  for (const [roll, text] of ['9 ft 10', '9\' 9"', '10'].entries()) {
    await enter(page, `Out, roll ${roll + 1}`, text);
  }
  await expect(page.getByText(/One direction only, so not a level figure/)).toBeVisible();
  for (const [roll, text] of ['10 ft 2', '10 ft 1', '10 ft 3'].entries()) {
    await enter(page, `Back, roll ${roll + 1}`, text);
  }
  await expect(page.getByText(/Level figure from both directions, give or take 0\.\d ft/)).toBeVisible();
  await expect(page.getByTestId('green-speed')).toHaveText(/^10\.0 ft/);
}

/** Three keys a ball while the backstroke repeats: two digits and Enter. */
async function rollByKeys(page: Page): Promise<void> {
  await page.getByLabel('Backstroke', { exact: true }).last().fill('8');
  await page.keyboard.press('Enter');
  for (const [backstroke, rolls] of [
    ['', ['5', '5', '6']],
    ['10', ['8', '7', '8']],
    ['12', ['11', '12', '11']],
  ] as const) {
    if (backstroke !== '') {
      await page.keyboard.press('b');
      await page.keyboard.type(backstroke);
      await page.keyboard.press('Enter');
    }
    for (const roll of rolls) {
      await page.keyboard.type(roll);
      await page.keyboard.press('Enter');
    }
  }
  await expect(page.getByText(/^Ball 9: 12 in back, 11 ft/)).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText(/^Ball 8:/)).toBeVisible();
  await page.keyboard.type('11');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Ball 9: 12 in back, 11 ft/)).toBeVisible();
  // An undone ball is history, not a hole: the next one is corrected by hand.
  await page.getByRole('button', { name: /^Edit ball 9/ }).click();
  await page.getByRole('dialog').getByLabel('Roll', { exact: true }).fill('11 ft 6');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/12 in back, 11 ft 6 in.* · edited/)).toBeVisible();
}

/** One touch a ball while the backstroke repeats, two when it changes. */
async function rollByTouch(page: Page): Promise<void> {
  for (const [backstroke, share] of [
    ['6 in', 0.2],
    ['10 in', 0.45],
    ['12 in', 0.8],
  ] as const) {
    await takeBack(page, backstroke);
    for (let ball = 0; ball < 3; ++ball) {
      await touchLane(page, share + ball * 0.02);
    }
  }
  await expect(page.getByText(/^Ball 9: 12 in back/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo ball 9' }).click();
  await expect(page.getByText(/^Ball 8: 12 in back/)).toBeVisible();
  await touchLane(page, 0.8);
  await expect(page.getByText(/^Ball 9: 12 in back/)).toBeVisible();
}

test('an evening screen and a sheet of keys are accessible too', async ({ page }) => {
  await openDemo(page);
  await openMore(page, 'Settings');
  await page.getByText('Dark theme').click();
  await expectAccessible(page);
  const today = (await ask(page, 'GET', 'today')) as {
    students: { id: string; name: string }[];
    sessions: { id: string; student_id: string | null; ended_at: string | null }[];
  };
  const tobin = today.students.find(({ name }) => name === 'Tobin Askerley')?.id;
  // Other tests begin sessions with the same student in this workspace; the demo's own is the oldest.
  const own = today.sessions.findLast(({ student_id, ended_at }) => student_id === tobin && ended_at === null);
  await page.goto(`/sessions/${own?.id}/putt`);
  // What is still arriving moves the foot of the page, and a press there would be lost.
  await expect(page.locator('svg[role="img"]').first()).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await walkTo(page, 'Review');
  await expect(page.getByRole('img', { name: /^Backstrokes and the rolls/ })).toBeVisible();
  await expectAccessible(page);
});
