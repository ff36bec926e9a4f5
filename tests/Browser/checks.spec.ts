import { expect, type Locator, type Page, test } from '@playwright/test';
import { onOwnServer } from './own';
import {
  choose,
  chooseGreen,
  closeSheets,
  enter,
  expectAccessible,
  openDemo,
  openSheet,
  pick,
  saveSheet,
  sessionOf,
  startWith,
  startWithNewStudent,
  touchLane,
  walkTo,
} from './people';
import { ask, goWithin, studentId } from './screen';

onOwnServer(8488);

interface Kept {
  checks: { check: string; answers: Record<string, number | string> }[];
  checklist_answers: { point: string; sight: string; word: string | null }[];
  during: { part: string | null; disturbances: string[] };
  kit_word: string | null;
  stations: { length_m: number; said: string }[];
  ended_at: string | null;
}

async function kept(page: Page, session: string): Promise<Kept> {
  return (await ask(page, 'GET', `sessions/${session}`)) as Kept;
}

/** Where somebody stands on the way through a screen by keys. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  for (let step = 0; step < 60; step += 1) {
    if (await target.evaluate((each) => each === document.activeElement)) {
      return;
    }
    await page.keyboard.press('Tab');
  }
  throw new Error('It cannot be reached by Tab.');
}

test('an aim is checked, drawn and compared; a try is taken back, and one without its side is not kept', async ({
  page,
}) => {
  await openDemo(page);
  await startWithNewStudent(page);
  const session = sessionOf(page);
  await page.getByRole('link', { name: 'Checks' }).click();
  await page.getByRole('link', { name: /^Where does the face point/ }).click();
  await expect(page.getByText('The picture appears with the first attempt.')).toBeVisible();
  await expect(page.getByText(/^An aiming light: lowest class/)).toBeVisible();

  await page.getByLabel('Off the mark', { exact: true }).fill('1');
  await page.getByLabel('Distance of the mark').fill('6');
  await choose(page, 'Read by', 'A mirror');
  await page.getByRole('button', { name: 'Save attempt' }).click();
  await expect(page.getByText('Choose a side: left or right.')).toBeVisible();
  await expect.poll(async () => (await kept(page, session)).checks).toEqual([]);

  await choose(page, 'Which side: off the mark', 'Left');
  await page.getByRole('button', { name: 'Save attempt' }).click();
  // How and where stay; what was measured is measured anew.
  await expect(page.getByLabel('Off the mark', { exact: true })).toHaveValue('');
  await expect(page.getByLabel('Distance of the mark')).toHaveValue('6');
  for (const inches of ['1.25', '0.75', '1']) {
    await enter(page, 'Off the mark', inches);
  }
  await expect(page.getByRole('heading', { name: 'Attempts in this session: 4' })).toBeVisible();
  // An inch at six feet is 0.8 degrees.
  await expect(page.getByRole('img', { name: /^0\.8° left, likely/ })).toBeVisible();
  await expect(page.getByText(/See where balls start before you correct either/)).toBeVisible();

  await page.getByRole('button', { name: /^Delete 1¼ in left/ }).click();
  await expect(page.getByRole('heading', { name: 'Attempts in this session: 3' })).toBeVisible();
  await expect(page.getByText(/from 3; two in three/).first()).toBeVisible();
  await expect.poll(async () => (await kept(page, session)).checks).toHaveLength(3);

  await page.getByRole('button', { name: 'Work out face and path' }).click();
  await page.getByLabel('Face at contact').fill('2');
  await page.getByLabel('Path at contact').fill('-4');
  await expect(page.getByText(/^The ball starts 1\.1° right\./)).toBeVisible();
  await expect(page.getByText(/Another path alone hardly moves the start/)).toBeVisible();
  await expectAccessible(page);
});

test('a tempo is tapped by keys alone, and its drift with length is said', async ({ page }) => {
  await openDemo(page);
  await startWithNewStudent(page);
  await goWithin(page, `/sessions/${sessionOf(page)}/checks/tempo`);
  const tap = page.getByRole('button', { name: 'Tap the tempo' });
  await expect(tap).toBeVisible();
  // Beats by a clock that stands still between them: a busy machine makes nobody hurry.
  await page.clock.install();
  await page.clock.pauseAt(Date.now() + 60_000);
  await tabTo(page, page.getByLabel('Length of the putt'));
  await page.keyboard.type('6');
  await tabTo(page, tap);
  for (let beat = 0; beat < 4; beat += 1) {
    await page.keyboard.press('Space');
    await page.clock.runFor(750);
  }
  await expect(page.getByLabel('Beats a minute')).toHaveValue('80');
  await page.clock.resume();
  await tabTo(page, page.getByRole('button', { name: 'Save attempt' }));
  await page.keyboard.press('Enter');
  for (const [bpm, feet] of [
    ['80', '6'],
    ['84', '12'],
    ['88', '18'],
    ['92', '30'],
  ] as const) {
    await page.getByLabel('Length of the putt').fill(feet);
    await enter(page, 'Beats a minute', bpm);
  }
  await expect(page.getByText(/^From 6 ft to 30 ft it gets 1\d % quicker, likely/)).toBeVisible();
});

test('checks and looks made without a network are there at once, and arrive when it is back', async ({ page }) => {
  await openDemo(page);
  await startWithNewStudent(page);
  const session = sessionOf(page);
  await goWithin(page, `/sessions/${session}/checks/cord`);
  await expect(page.getByRole('heading', { name: 'Where does the cord cross the ball?' })).toBeVisible();
  await page.route('**/api/**', (route) => route.abort());
  for (const seen of ['Inside the middle', 'On the middle', 'Inside the middle']) {
    await choose(page, 'The cord lies', seen);
    await page.getByRole('button', { name: 'Save attempt' }).click();
  }
  await expect(page.getByRole('heading', { name: 'Attempts in this session: 3 of at most 15' })).toBeVisible();
  await expect(page.getByText('The picture appears once the attempt is synced.')).toBeVisible();
  await page.unroute('**/api/**');
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(page.getByRole('img', { name: 'Of 3: 2 inside the middle, 1 on the middle.' })).toBeVisible();
  await expect
    .poll(async () => (await kept(page, session)).checks?.map(({ answers }) => answers.sees))
    .toEqual(['inside', 'on', 'inside']);
});

test('what wants attention on a card shows at the next start, in one glance on a phone', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await goWithin(page, `/sessions/${sessionOf(page)}/cards/grip`);
  await choose(page, 'Both hands work as one', 'Attention');
  await page.getByLabel('Note on: Both hands work as one').fill('trail hand pushes');
  await page.getByLabel('Note on: Both hands work as one').blur();
  await choose(page, 'Wrists quiet', 'Good');
  await expect
    .poll(async () => (await kept(page, sessionOf(page))).checklist_answers.map(({ word }) => word))
    .toContain('trail hand pushes');
  await expectAccessible(page);

  await page.setViewportSize({ width: 390, height: 844 });
  await startWith(page, 'Rafe Dunmallow');
  const remember = page.getByRole('region', { name: 'Reminders' });
  await expect(remember).toContainText('Both hands work as one: trail hand pushes');
  await expect(remember).toContainText('Aim first: the mirror at every visit');
  const box = await remember.boundingBox();
  expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThan(844);
});

test('a card is made one’s own by keys: reordered, added to, and back to how it ships', async ({ page }) => {
  await openDemo(page);
  await goWithin(page, '/checklists/routine_f');
  const first = page.getByLabel('Point 1', { exact: true });
  await expect(first).toHaveValue('Looks at the aim and the spot');
  await tabTo(page, page.getByRole('button', { name: 'Point 1 down' }));
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Point 2', { exact: true })).toHaveValue('Looks at the aim and the spot');
  await page.getByRole('button', { name: 'Add a point' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('This must be text of 1 to 160 letters.').first()).toBeVisible();
  await page.getByLabel('Point 4', { exact: true }).fill('Breathe out');
  await page.getByRole('button', { name: 'Save' }).click();
  const row = page.getByRole('listitem').filter({ hasText: 'Aim and go' });
  await expect(row).toContainText('4 points · edited');
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Aim and go' }).click();
  await page.getByRole('button', { name: 'Restore default' }).click();
  await expect(row).toContainText('3 points');
  await expect(row).not.toContainText('edited');
});

test('a routine chosen on the card stands beside the lane, and is kept or not in one touch', async ({ page }) => {
  await openDemo(page);
  const name = await startWithNewStudent(page);
  const session = sessionOf(page);
  await page.goto(`/sessions/${session}/putt`);
  await touchLane(page, 0.4);
  await expect(page.getByText(/^Ball 1:/)).toBeVisible();
  // Of nobody without a routine is it asked.
  await expect(page.getByRole('group', { name: 'Routine followed' })).toHaveCount(0);
  await page.goto(`/students/${await studentId(page, name)}/card`);
  await openSheet(page, /^Routine and reading/);
  await pick(page, 'Routine', 'One rehearsal and go');
  await saveSheet(page);
  await openSheet(page, /^Teaching preferences/);
  await pick(page, 'After contact?', 'Call it, then look');
  await saveSheet(page);
  const about = await openSheet(page, /^About the student/);
  await about.getByLabel('Handicap now').fill('many');
  await about.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('“many” is not a number.')).toBeVisible();
  await about.getByLabel('Handicap now').fill('14.2');
  await saveSheet(page);
  await expect(page.getByText('handicap 14.2')).toBeVisible();
  await expectAccessible(page);

  await page.goto(`/sessions/${session}/putt`);
  await expect(page.getByText(/^One rehearsal and go: Rehearsal, 1;/)).toBeVisible();
  await expect(page.getByText('Then call it before looking.')).toBeVisible();
  await page.getByRole('group', { name: 'Routine followed' }).getByRole('button', { name: 'No' }).click();
  await expect
    .poll(async () => ((await ask(page, 'GET', `sessions/${session}`)) as { putts: { seen: object }[] }).putts[0]?.seen)
    .toMatchObject({ routine: false });
});

test('a baseline is watched, tried again at the end, and held against it', async ({ page }) => {
  await openDemo(page);
  await startWithNewStudent(page);
  const session = sessionOf(page);
  await walkTo(page, 'Stations');
  await page.getByRole('button', { name: '12 ft', exact: true }).click();
  await walkTo(page, 'Putt');
  await openSheet(page, 'More');
  await page.getByRole('button', { name: 'These balls' }).click();
  await choose(page, 'Purpose of these balls', 'Baseline: watch only, no coaching');
  await page.getByRole('group', { name: 'Surroundings' }).getByText('Filmed').click();
  await closeSheets(page);
  await expect(page.getByRole('button', { name: 'These balls: baseline, filmed' })).toBeVisible();
  for (const share of [0.3, 0.34, 0.32, 0.36]) {
    await touchLane(page, share);
  }
  await page.getByRole('button', { name: 'These balls: baseline, filmed' }).click();
  await choose(page, 'Purpose of these balls', 'Re-test');
  await closeSheets(page);
  for (const share of [0.5, 0.52, 0.49, 0.51]) {
    await touchLane(page, share);
  }
  await expect(page.getByText(/^Ball 8:/)).toBeVisible();
  await expect
    .poll(async () => (await kept(page, session)).during)
    .toEqual({ part: 'retest', disturbances: ['filmed'] });
  await goWithin(page, `/sessions/${session}/review`);
  await expect(page.getByText(/That is 4 balls and 4 balls: so few prove little\./)).toBeVisible();
});

test('a straight putt that was found becomes a station, and comes up again on its green', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  const first = sessionOf(page);
  await chooseGreen(page, 'Slipway green');
  await goWithin(page, `/sessions/${first}/checks/straight_putt`);
  await page.getByLabel('Length of the putt').fill('7');
  for (const [inches, side] of [
    ['3', 'Left'],
    ['0.5', 'Right'],
  ] as const) {
    await choose(page, 'Which side: it curved', side);
    await enter(page, 'It curved', inches);
  }
  await expect(page.getByText(/^Yes: the last of 2 trials curved ½ in/)).toBeVisible();
  await page.getByRole('button', { name: /^Add as a station/ }).click();
  await expect(page.getByRole('button', { name: 'Added as a station' })).toBeDisabled();
  await expect.poll(async () => (await kept(page, first)).stations.length).toBe(1);

  await startWith(page, 'Ilse Varnholt');
  await chooseGreen(page, 'Slipway green');
  await walkTo(page, 'Stations');
  await page
    .getByRole('group', { name: 'Stations of this green' })
    .getByRole('button', { name: /straight/ })
    .click();
  await expect(page.getByRole('rowheader', { name: /^7 ft/ })).toBeVisible();
});

test('another putter is taken, and balls carry it; the card does not take it back', async ({ page }) => {
  await openDemo(page);
  await goWithin(page, `/students/${await studentId(page, 'Tobin')}/profile`);
  const putter = await openSheet(page, 'Add a putter');
  await putter.getByLabel('Name').fill('Blade, 34 in');
  await putter.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('This student already has a putter of that name.').first()).toBeVisible();
  await putter.getByLabel('Name').fill('Long one');
  await putter.getByLabel('Length').fill('48');
  await saveSheet(page);
  await openSheet(page, /^Putter: Long one/);
  await page.getByRole('button', { name: 'Use Long one' }).click();
  await expect(page.getByRole('button', { name: /^Putter: Long one in use/ })).toBeVisible();
  // The profile says nothing of the putter in use.
  await openSheet(page, /^Cues and scores/);
  await saveSheet(page);
  await expect
    .poll(async () => {
      const today = (await ask(page, 'GET', 'today')) as { students: { name: string; putter: string }[] };
      return today.students.find(({ name }) => name.startsWith('Tobin'))?.putter;
    })
    .toBe('Long one');
});

test('somebody new is taken in: a name is enough, and what an intake takes is counted', async ({ page }) => {
  await openDemo(page);
  let touches = 0;
  const touch = async (target: Locator) => {
    touches += 1;
    await target.click();
  };
  const type = async (label: string, text: string) => {
    touches += 1;
    await page.getByLabel(label, { exact: true }).fill(text);
  };
  await goWithin(page, '/students/new');
  await type('Name', 'Intake Quick');
  await touch(page.getByRole('button', { name: 'Add student' }));
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  await goWithin(page, `/students/${await studentId(page, 'Intake Quick')}/card`);
  await touch(page.getByRole('button', { name: /^About the student/ }));
  await type('Handicap now', '18');
  await type('Handicap wanted', '12');
  await type('Three-putts a round, as the student says', '4');
  await type('Weeks without putting on greens', '10');
  await touch(page.getByRole('radiogroup', { name: 'Dominant eye' }).getByText('The lead eye'));
  await touch(page.getByRole('button', { name: 'Save', exact: true }));
  await expect(page.getByRole('dialog')).toHaveCount(0);
  console.log(`Intake of somebody new: ${touches} touches and fields`);
  expect(touches).toBeLessThanOrEqual(10);
  await startWith(page, 'Intake Quick');
  await expect(page.getByRole('region', { name: 'Reminders' })).toContainText('10 weeks without putting on greens');
});
