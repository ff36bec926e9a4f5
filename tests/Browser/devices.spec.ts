import { expect, test } from '@playwright/test';
import { onOwnServer } from './own';
import { closeSheets, expectAccessible, keptBalls, openDemo, openSheet, pick, sessionOf, touchLane } from './people';
import { ask, goWithin, studentId } from './screen';

onOwnServer(8496);

/** Two hundred balls as a sensor of no particular make writes them, three of them unreadable. */
function sensorFile(): string {
  const lines = ['Stamp;Back;Dist;FaceAng'];
  for (let i = 0; i < 200; ++i) {
    const back = 18 + (i % 12);
    const cell = { 17: 'wide', 60: '900', 121: '' }[i] ?? String(back);
    const roll = i === 121 ? '' : (0.0085 * back ** 1.8).toFixed(2);
    lines.push(
      `2026-11-20 ${String(9 + Math.floor(i / 60)).padStart(2, '0')}:${String(i % 60).padStart(2, '0')};${cell};${roll};${(0.5 + 0.4 * Math.sin(i)).toFixed(2)}`,
    );
  }
  // A face alone is a ball too, but one beyond belief is none.
  lines[122] = '2026-11-20 11:01;;;80';
  return lines.join('\r\n');
}

test('a sensor’s file is named, seen with its three bad rows, taken in once, and tells of the student', async ({
  page,
}) => {
  await openDemo(page);
  await goWithin(page, `/students/${await studentId(page, 'Jun')}/balls-table`);
  const choose = () =>
    page.setInputFiles('input[type=file]', {
      name: 'sensor.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(sensorFile()),
    });
  await choose();
  await pick(page, 'Meaning of Stamp', 'Day and time');
  await pick(page, 'Meaning of Back', 'Backstroke');
  await pick(page, 'Unit of Back', 'cm');
  await pick(page, 'Meaning of Dist', 'Roll');
  await pick(page, 'Meaning of FaceAng', 'Face at contact, right is positive');
  await pick(page, 'Green', 'Boathouse green');
  await page.getByLabel('Green speed that day (estimate)').fill('9.5');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Of 200 rows 197 are balls; 3 cannot be read and are skipped.')).toBeVisible();
  await expect(page.getByRole('row', { name: '19 Back “wide” is not a number.' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^62 Back A backstroke is between/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^123 FaceAng .* -15 to 15/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Import 197 balls' }).click();
  await expect(
    page.getByText('197 balls were imported, in a session of their own. 3 rows were skipped.'),
  ).toBeVisible();

  // Known again, and nothing new in it.
  await choose();
  await expect(page.getByText(/197 are balls, 197 of them imported already/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Import 0 balls' })).toBeDisabled();

  await goWithin(page, '/sessions');
  await expect(page.getByRole('listitem').filter({ hasText: '197 balls' })).toContainText('Jun');
});

test('a sensor fills what the coach does not say, and says where it came from', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Continue' }).first().click();
  await page.getByRole('link', { name: /^Putt/ }).click();
  const session = sessionOf(page);
  const before = (await keptBalls(page, session)).length;
  await openSheet(page, 'More');
  await page.getByRole('button', { name: 'Turn on the simulated stroke sensor' }).click();
  await closeSheets(page);
  const sensor = page.getByRole('status', { name: 'Sensor' });
  await expect(sensor).toContainText('face');
  const read = (await sensor.textContent())?.match(/Sensor: (.*) back/)?.[1] ?? 'nothing';
  await touchLane(page, 0.5);
  await expect.poll(async () => (await keptBalls(page, session)).length).toBe(before + 1);
  const words = page.getByRole('region', { name: 'The last ball' });
  await expect(words).toContainText(`${read} back`);
  await expect(words).toContainText('read by a simulated device');

  // What is said of this very ball stands.
  await expect(sensor).toContainText('face');
  await page.getByLabel('Backstroke', { exact: true }).fill('7');
  await page.keyboard.press('Enter');
  await touchLane(page, 0.6);
  await expect.poll(async () => (await keptBalls(page, session)).length).toBe(before + 2);
  const [, said] = (await keptBalls(page, session)).slice(-2);
  expect(said?.backstroke_m).toBeCloseTo(7 * 0.0254, 3);
  expect(said?.seen).toMatchObject({ measured_by: 'simulated' });
  expect(said?.seen).not.toHaveProperty('backstroke_by');
});

test('a simulated session is watched, taken over, handed back, and comes to its end; then nothing is left of it', async ({
  page,
}) => {
  await openDemo(page);
  const today = await ask(page, 'GET', 'today');
  await page.getByRole('button', { name: 'Try a simulated session' }).click();
  const bar = page.getByRole('region', { name: 'Simulated student' });
  await expect(bar).toContainText('long putts finish short');
  await expectAccessible(page);
  await bar.getByText('Instant').click();
  await page.waitForURL(/\/drill\//);
  await bar.getByRole('button', { name: 'Take over' }).click();
  await expect(bar.getByRole('button', { name: 'Continue' })).toBeVisible();

  // A hand on the lane: one ball of its own, and the walk goes on from there.
  const session = page.url().match(/sessions\/(\w+)/)?.[1];
  const rolled = async () => ((await ask(page, 'GET', `sessions/${session}`)) as { putts: unknown[] }).putts.length;
  // A ball that was on its way when the hand came is still logged: it is waited for.
  let then = -1;
  await expect
    .poll(
      async () => {
        const earlier = then;
        then = await rolled();
        return then === earlier;
      },
      { intervals: [700] },
    )
    .toBe(true);
  await touchLane(page, 0.5);
  await expect.poll(rolled).toBe(then + 1);
  await page.reload();
  await expect(bar).toContainText('Paused. You have taken over.');
  expect(await rolled()).toBe(then + 1);
  await bar.getByText('Instant').click();
  await bar.getByRole('button', { name: 'Continue' }).click();
  await expect(bar).toContainText('The simulated session is complete.');
  await page.getByRole('link', { name: /^Review/ }).click();
  await expect(page.getByRole('heading', { name: /Wren Tallow/ })).toBeVisible();

  await bar.getByRole('button', { name: 'Delete simulation' }).click();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  await expect(bar).toHaveCount(0);
  expect(await ask(page, 'GET', 'today')).toEqual(today);
});
