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
  await expect(page.getByRole('button', { name: 'Balls: 0' })).toBeVisible();

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
  await finger.touch(await onLane(page, 0.65), 20);
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

test('by digits on a phone a direction is a word: past the target by two feet', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await walkTo(page, 'Stations');
  await page.getByRole('button', { name: '12 ft', exact: true }).click();
  await walkTo(page, 'Putt');
  await page.getByRole('button', { name: 'More', exact: true }).tap();
  await page.getByRole('radiogroup', { name: 'What is typed' }).getByText('Past').tap();
  await page.getByLabel('Past the target by').fill('2');
  await page.getByRole('button', { name: 'Log', exact: true }).tap();
  await page.getByRole('radiogroup', { name: 'What is typed' }).getByText('Short').tap();
  await page.getByLabel('Short of the target by').fill('1');
  await page.getByRole('button', { name: 'Log', exact: true }).tap();
  await expect
    .poll(async () => (await keptBalls(page, sessionOf(page))).map(({ roll_m }) => roll_m))
    .toEqual([14 * 0.3048, 11 * 0.3048].map((metres) => expect.closeTo(metres, 3)));
});

/** Types into what holds the focus already. */
async function typeAndEnter(page: Page, text: string): Promise<void> {
  await page.keyboard.insertText(text);
  await page.keyboard.press('Enter');
}

test('a newcomer has an account in five touches, a ball in six more, a first own table in at most 24', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await countHands(page);
  await page.goto('/');
  const tap = (name: string | RegExp) =>
    page
      .getByRole('button', { name, exact: typeof name === 'string' })
      .or(page.getByRole('link', { name, exact: typeof name === 'string' }))
      .last()
      .tap();
  const path = page.getByRole('navigation', { name: 'Session steps' });
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
  await expect(page.getByRole('button', { name: 'Start a session' })).toBeVisible();
  const account = await counted(page, 'touches');
  const sinceAccount = async () => (await counted(page, 'touches')) - account;
  await tap('Start a session');
  await tap('New student');
  await typeAndEnter(page, 'Orla Fennimark');
  await expect(page.getByRole('heading', { name: 'Orla Fennimark is here' })).toBeVisible();
  await tap('New green');
  await typeAndEnter(page, 'Upper lawn');
  await tap('Start putting');
  const finger = await Finger.on(page);
  let ball = 0;
  let first = 0;
  for (const [backstroke, share] of [
    ['6 in', 0.3],
    ['8 in', 0.5],
    ['10 in', 0.7],
  ] as const) {
    await page
      .getByRole('group', { name: 'Recent backstrokes' })
      .getByRole('button', { name: backstroke, exact: true })
      .tap();
    for (let i = 0; i < 3; ++i) {
      await finger.touch(await onLane(page, share + i * 0.02, 0.4 + 0.15 * i));
      await expect(page.getByText(new RegExp(`^Ball ${++ball}:`))).toBeVisible();
      first = ball === 1 ? await sinceAccount() : first;
    }
  }
  await tap('Measure');
  await page.getByRole('radiogroup', { name: 'Method' }).getByText('Estimate').tap();
  await page.getByLabel('Estimated green speed').tap();
  await typeAndEnter(page, '9');
  await path.getByRole('link', { name: /^Review/ }).tap();
  await expect(page.getByRole('row', { name: /^6 ft/ })).toContainText(' in');
  const table = await sinceAccount();
  console.log(
    `Newcomer on the phone: account ${account} touches, then ${first} to the first ball, ${table} to a table`,
  );
  expect([account <= 5, first <= 6, table <= 24]).toEqual([true, true, true]);

  // Measured by stopwatch later, the same balls tell more.
  await path.getByRole('link', { name: /^Green speed/ }).tap();
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
  await tap('6 ft');
  await path.getByRole('link', { name: /^Review/ }).tap();
  await expect(page.getByText('9 balls, 9 today')).toBeVisible();
});

test.describe('a clinic as it is seeded', () => {
  onOwnServer(8498);

  test('from Today: last month’s session, a plan, a lesson and homework are three touches or less', async ({
    page,
  }) => {
    await openDemo(page);
    await countHands(page);
    await page.goto('/');
    const touches = async (name: string, most: number, act: () => Promise<void>) => {
      await page.goto('/');
      const before = await counted(page, 'touches');
      await act();
      const count = (await counted(page, 'touches')) - before;
      console.log(`${name}: ${count} touches`);
      expect(count, name).toBeLessThanOrEqual(most);
    };
    const toStudent = () =>
      page
        .getByRole('main')
        .getByRole('link', { name: /^Ilse Varnholt/ })
        .first()
        .tap();
    await touches('A session of last month', 3, async () => {
      await toStudent();
      await page.getByRole('link', { name: 'Sessions', exact: true }).tap();
      await page
        .getByRole('link', { name: /^10 Nov|^\d+ Nov/ })
        .last()
        .tap();
      await expect(page).toHaveURL(/\/review$/);
    });
    await touches('A plan for the next lesson', 3, async () => {
      await toStudent();
      await page.getByRole('button', { name: 'Plan', exact: true }).tap();
      await expect(page.getByRole('heading', { name: /^A plan for \d+ minutes with Ilse Varnholt/ })).toBeVisible();
      await page.getByRole('button', { name: 'Use this plan' }).tap();
      await expect(page.getByText(/planned\./)).toBeVisible();
    });
    await touches('A lesson booked', 3, async () => {
      await toStudent();
      await page.getByRole('button', { name: 'Book a lesson' }).tap();
      await page.getByLabel('Time', { exact: true }).fill('11:15');
      await page.getByRole('button', { name: 'Save', exact: true }).tap();
      await expect(page.getByRole('dialog')).toHaveCount(0);
    });
    await touches('Homework sent', 3, async () => {
      await toStudent();
      await page.getByRole('button', { name: 'Share card' }).tap();
      await page.getByRole('button', { name: /^Create (a new )?link/ }).tap();
      await expect(page.getByLabel('The link: copy it now')).toBeVisible();
      await expect(page.getByRole('img', { name: /^QR code/ })).toBeVisible();
    });
    // What was planned is what starts.
    await touches('First ball of a known student', 2, async () => {
      await page.getByRole('button', { name: 'Start a session with Ilse Varnholt' }).tap();
      await (await Finger.on(page)).touch(await onLane(page, 0.4));
      await expect(page.getByText(/^Ball 1:/)).toBeVisible();
    });
    await expect(page.getByRole('region', { name: 'The plan' })).toBeVisible();
  });
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
    await page.getByRole('button', { name: 'Add a student' }).tap();
    const others = page.getByRole('group', { name: 'Add to the group' });
    for (const name of ['Rafe', 'Ilse', 'Jun', 'Tobin', 'Marguerite']) {
      await others.getByRole('button', { name: new RegExp(`^Add ${name}`) }).tap();
    }
    await page.getByRole('button', { name: 'Done' }).tap();
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
    await page.getByRole('button', { name: 'Balls: 2' }).tap();
    await page.getByRole('button', { name: /^Edit ball 2/ }).tap();
    await page.getByRole('radiogroup', { name: 'Student' }).getByText('Ilse Varnholt').tap();
    await expect(page.getByText('Ball 2: Ilse Varnholt', { exact: false })).toBeVisible();

    await startDrill(page, 'Shuffled lengths', ['Sunniva Crake', 'Rafe Dunmallow', 'Ilse Varnholt']);
    await finger.touch(await onLane(page, 0.5, 0.4));
    await expect(page.getByText('Ball 1: Sunniva Crake', { exact: false })).toBeVisible();
    const who = page.getByRole('dialog', { name: 'Who is here' });
    await page.getByRole('button', { name: 'Who is here' }).tap();
    await who.getByRole('radiogroup', { name: 'Rafe Dunmallow' }).getByText('Gone home').tap();
    await who.getByRole('button', { name: 'Done' }).tap();
    await expect(turn.getByRole('radio', { name: /^Ilse/ })).toBeChecked();
    await page.getByRole('button', { name: 'Who is here' }).tap();
    await who.getByRole('radiogroup', { name: 'Jun Petterkin' }).getByText('Join').tap();
    await who.getByRole('button', { name: 'Done' }).tap();
    await finger.touch(await onLane(page, 0.45, 0.7));
    await expect(page.getByText('Ball 2: Ilse Varnholt', { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'More', exact: true }).tap();
    await page.getByRole('button', { name: 'End drill' }).tap();
    await expect(page.getByText('Ended. What was done counts.')).toBeVisible();
    await expect(page.getByText('Results by student')).toBeVisible();
    await page.goto(`/sessions/${session}/putt`);
    await expect(page.getByRole('link', { name: /^Go on with/ })).toHaveCount(0);
  });
});
