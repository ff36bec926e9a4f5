import { expect, type Page, test } from '@playwright/test';
import { counted, countHands, Finger, onLane, RESTED_MS, timed } from './hand';
import { onOwnServer } from './own';
import {
  expectAccessible,
  expectNoSidewaysScroll,
  keptBalls,
  openDemo,
  sessionOf,
  startDrill,
  startWith,
  takeBack,
  walkTo,
} from './people';

test.skip(({ isMobile }) => !isMobile, 'A laptop has no thumb.');

/** Whether all of an element is in sight. */
async function isInView(page: Page, name: RegExp): Promise<boolean> {
  const box = await page.getByRole('button', { name }).boundingBox();
  const height = page.viewportSize()?.height ?? 0;
  return box !== null && box.y >= 0 && box.y + box.height <= height;
}

test('a finger held down logs one ball, a short tap another; swipes, slides off and double taps do not', async ({
  page,
}) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  const session = sessionOf(page);
  await walkTo(page, 'Putt');
  await takeBack(page, '8 in');
  const finger = await Finger.on(page);
  const [near, far] = [await onLane(page, 0.3), await onLane(page, 0.6)];
  await finger.swipe(far, { x: far.x, y: far.y + 120 });
  await page.evaluate(() => scrollTo(0, 0));
  await finger.slide(near, { x: near.x, y: 2 });
  await expect(page.getByText('No balls yet.', { exact: false })).toBeVisible();

  // The figure stands above the thumb while it rests, and the ball rolls there.
  const place = await onLane(page, 0.5);
  await finger.down(place);
  const figure = page.locator('svg[role="img"] text[style*="700 24px"]');
  await expect(figure).toBeVisible();
  expect((await figure.boundingBox())?.y ?? 0).toBeLessThan(place.y - 40);
  await finger.up(RESTED_MS);
  await finger.again({ x: place.x + 4, y: place.y + 3 }, 100);
  await expect(page.getByText(/^Ball 1: 8 in back/)).toBeVisible();
  await expect(page.getByText(/not synced yet/)).toHaveCount(0);
  expect(await keptBalls(page, session)).toHaveLength(1);
  expect(await isInView(page, /^Undo ball 1/)).toBe(true);
  await finger.touch(await onLane(page, 0.55), 20);
  await expect(page.getByText(/^Ball 2: 8 in back/)).toBeVisible();
});

test('a touch without a backstroke says so, and one touch adds it', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Jun Petterkin');
  await walkTo(page, 'Putt');
  await (await Finger.on(page)).touch(await onLane(page, 0.4));
  await page
    .getByRole('group', { name: 'Add the backstroke' })
    .getByRole('button', { name: '10 in', exact: true })
    .click();
  await expect(page.getByText(/^Ball 1: 10 in back/)).toBeVisible();
  await expect(page.getByRole('group', { name: 'Add the backstroke' })).toHaveCount(0);
});

/** Types into what holds the focus already. */
async function typeAndEnter(page: Page, text: string): Promise<void> {
  await page.keyboard.insertText(text);
  await page.keyboard.press('Enter');
}

test('a newcomer comes from signing up to a first own table in at most 45 touches', async ({ page }) => {
  test.setTimeout(180_000);
  await countHands(page);
  await page.goto('/');
  const tap = (name: string | RegExp) =>
    page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .or(page.getByRole('link', { name, exact: typeof name === 'string' }))
      .last()
      .tap();
  await tap('Create account');
  for (const [field, text] of [
    ['Your name', 'Brid Aldane'],
    ['Email address', `brid${Date.now()}@example.test`],
    ['Password', 'a password of my own'],
  ] as const) {
    await page.getByLabel(field).tap();
    await page.keyboard.insertText(text);
  }
  await tap('Create account');
  await tap('Start a session');
  await tap('New student');
  await typeAndEnter(page, 'Orla Fennimark');
  await expect(page.getByRole('heading', { name: 'Orla Fennimark is here' })).toBeVisible();
  await tap('New green');
  await typeAndEnter(page, 'Upper lawn');
  await tap('Green speed');
  await page.getByRole('radiogroup', { name: 'Method' }).getByText('Stopwatch').tap();
  for (const [roll, distance] of ['14', '13 ft 8', '14\' 3"', '14', '13.5', '14 ft 2'].entries()) {
    await timed(page, 3.2, () => tap(/Press when the ball (leaves the hand|stops)/));
    await expect(page.getByLabel('Distance', { exact: true })).toBeFocused();
    await typeAndEnter(page, distance);
    await expect(page.getByRole('list', { name: 'Rolls so far' }).getByRole('listitem')).toHaveCount(roll + 1);
  }
  // There and back turned by themselves, and the figure is in sight under the watch.
  await expect(page.getByRole('list', { name: 'Rolls so far' }).getByText(/^Back:/)).toHaveCount(3);
  await expect(page.getByText(/Level figure from both directions, give or take/)).toBeInViewport();
  await tap('Continue to Stations');
  for (const length of ['6 ft', '12 ft', '18 ft']) {
    await tap(length);
  }
  await tap('Start putting');
  const finger = await Finger.on(page);
  let ball = 0;
  for (const [backstroke, share] of [
    ['6 in', 0.3],
    ['8 in', 0.45],
    ['10 in', 0.6],
    ['12 in', 0.8],
  ] as const) {
    await page
      .getByRole('group', { name: 'Recent backstrokes' })
      .getByRole('button', { name: backstroke, exact: true })
      .tap();
    for (let i = 0; i < 3; ++i) {
      await finger.touch(await onLane(page, share + i * 0.02, 0.4 + 0.15 * i));
      await expect(page.getByText(new RegExp(`^Ball ${++ball}:`))).toBeVisible();
    }
  }
  await tap('Review');
  await expect(page.getByText('12 balls fitted, 12 of them today')).toBeVisible();
  await expect(page.getByRole('row', { name: /^6 ft/ })).toContainText(' in');
  const touches = await counted(page, 'touches');
  console.log(`Newcomer on the phone: ${touches} touches`);
  expect(touches).toBeLessThanOrEqual(45);
});

test.describe('a group', () => {
  onOwnServer(8482);

  test('six on a phone: nine touches to the first ball; one goes, one comes, a ball moves, a drill ends', async ({
    page,
  }) => {
    await countHands(page);
    await openDemo(page);
    await page.evaluate(() => sessionStorage.clear());
    await page.getByRole('button', { name: 'Start a session with Sunniva Crake' }).tap();
    await page.getByRole('navigation', { name: 'Session', exact: true }).getByText('Sunniva Crake').tap();
    const others = page.getByRole('group', { name: 'Group' });
    for (const name of ['Rafe', 'Ilse', 'Jun', 'Tobin', 'Marguerite']) {
      await others.getByText(name).first().tap();
    }
    await page.getByRole('link', { name: /^Putt/ }).tap();
    const session = sessionOf(page);
    const finger = await Finger.on(page);
    const turn = page.getByRole('radiogroup', { name: 'Who putts next' });
    await expect(turn.getByRole('radio')).toHaveCount(6);
    await finger.touch(await onLane(page, 0.4, 0.4));
    await expect(page.getByText('Ball 1: Sunniva Crake', { exact: false })).toBeVisible();
    const touches = await counted(page, 'touches');
    console.log(`Six on the phone, bench to first ball: ${touches} touches`);
    expect(touches).toBeLessThanOrEqual(9);
    await turn.getByText('Rafe').tap();
    await finger.touch(await onLane(page, 0.5, 0.7));
    await expect(page.getByText('Ball 2: Rafe Dunmallow', { exact: false })).toBeVisible();
    await expectAccessible(page);
    await expectNoSidewaysScroll(page);

    // It was Ilse's: two touches, at its own station and time.
    await page.getByRole('button', { name: /^Edit ball 2/ }).tap();
    await page.getByRole('radiogroup', { name: 'Student' }).getByText('Ilse Varnholt').tap();
    await expect(page.getByText('Ball 2: Ilse Varnholt', { exact: false })).toBeVisible();

    await startDrill(page, 'Shuffled lengths', ['Sunniva Crake', 'Rafe Dunmallow', 'Ilse Varnholt']);
    await finger.touch(await onLane(page, 0.5, 0.4));
    await expect(page.getByText('Ball 1: Sunniva Crake', { exact: false })).toBeVisible();
    const who = page.getByRole('dialog', { name: 'Who is here' });
    await page.getByRole('button', { name: 'Who is here' }).tap();
    await who.getByRole('radiogroup', { name: 'Rafe Dunmallow' }).getByText('Gone home').tap();
    await who.getByRole('button', { name: 'Close' }).tap();
    await expect(turn.getByRole('radio', { name: /^Ilse/ })).toBeChecked();
    await page.getByRole('button', { name: 'Who is here' }).tap();
    await who.getByRole('radiogroup', { name: 'Jun Petterkin' }).getByText('Join').tap();
    await who.getByRole('button', { name: 'Close' }).tap();
    await finger.touch(await onLane(page, 0.45, 0.7));
    await expect(page.getByText('Ball 2: Ilse Varnholt', { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'End drill' }).tap();
    await expect(page.getByText('Ended. What was done counts.')).toBeVisible();
    await expect(page.getByText('Results by student')).toBeVisible();
    await page.goto(`/sessions/${session}/putt`);
    await expect(page.getByRole('link', { name: /^Go on with/ })).toHaveCount(0);
  });
});
