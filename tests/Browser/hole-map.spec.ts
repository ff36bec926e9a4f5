import { readFileSync } from 'node:fs';
import { type CDPSession, expect, type Page, test } from '@playwright/test';
import { enter, expectAccessible, expectNoSidewaysScroll, openDemo, pick } from './people';
import { ask } from './screen';

// A phone: its tilt is asked, and set here by the browser's own tools.
test.use({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  permissions: ['accelerometer', 'gyroscope', 'magnetometer'],
});

const degrees = (percent: number) => (Math.atan(percent / 100) * 180) / Math.PI;
/** What this phone shows on level ground, per cent: it falls out of two readings half a turn apart. */
const OWN = { along: 0.4, across: -0.3 };

/** Lays the phone down, its top to the landmark or away from it, and measures. */
async function measure(page: Page, tools: CDPSession, up: number, right: number): Promise<void> {
  for (const [sign, button] of [
    [1, 'Measure with this phone as a level'],
    [-1, 'Measure turned half round'],
  ] as const) {
    // Only when the first one was read does the phone lie the other way.
    await expect(page.getByRole('button', { name: button })).toBeVisible();
    await tools.send('DeviceOrientation.setDeviceOrientationOverride', {
      alpha: 0,
      beta: degrees(sign * up + OWN.along),
      gamma: -degrees(sign * right + OWN.across),
    });
    await page.getByRole('button', { name: button }).click();
  }
  await expect(page.getByLabel('Slope towards 12 o’clock', { exact: true })).toHaveValue(String(Math.abs(up)));
}

test('a hole is mapped with a phone, read, searched for putts, kept as a picture; a wrong reading is asked again', async ({
  page,
}) => {
  const tools = await page.context().newCDPSession(page);
  await openDemo(page);
  await page.goto('/greens');
  await page.getByRole('button', { name: 'More for Boathouse green' }).click();
  await page.getByRole('menuitem', { name: 'Hole maps' }).click();
  await page.getByRole('button', { name: 'Map a hole' }).click();
  await page.getByLabel('Hole position').fill('Back right');
  await enter(page, 'Landmark at 12 o’clock', 'the oak');
  await expect(page.getByRole('heading', { name: 'Back right' })).toBeVisible();
  await expectAccessible(page);

  // A plane that rises 2 % to the landmark and 1 % to the right; the place that is said next is measured.
  for (let place = 1; place <= 7; ++place) {
    await measure(page, tools, place === 7 ? -2 : 2, 1);
    await page.getByRole('button', { name: 'Save this place' }).click();
    await expect(page.getByText(place === 1 ? '1 place' : `${place} places`, { exact: true })).toBeVisible();
  }
  // The last one was the wrong way round.
  await page.getByRole('button', { name: /^Places and slopes/ }).click();
  await expect(page.getByText('One place is far off what the others say. Measure it again.')).toBeVisible();
  await expect(page.getByRole('rowheader', { name: /measure again/ })).toHaveText(/^7 · /);
  await page
    .getByRole('button', { name: /^Measure 10 ft .* again$/ })
    .last()
    .click();
  await measure(page, tools, 2, 1);
  await page.getByRole('button', { name: 'Save this place' }).click();
  await expect(page.getByText(/^One place is far off/)).toHaveCount(0);
  await expect(page.getByText(/^Start lines from 8 ft are known within 0\.\d° so far\.$/)).toBeVisible();

  await page.getByText('Read a putt').click();
  await pick(page, 'Direction from the hole', '3 o’clock');
  // From three o'clock the ground rises to the right of the line.
  await expect(page.getByText(/^Aim [\d¼½¾ ]+in outside the right edge, [\d¼½¾ ]+in to [\d¼½¾ ]+in\.$/)).toBeVisible();
  await expect(page.getByText('Downhill, breaking left.')).toBeVisible();
  await enter(page, 'Distance', '40');
  await expect(page.getByText('The map does not reach so far. Measure slopes further out first.')).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);

  await page.getByText('Find putts').click();
  await page.getByRole('radiogroup', { name: 'Up or down' }).getByText('Uphill').click();
  await page.getByRole('radiogroup', { name: 'Breaks' }).getByText('Straight').click();
  await expect(page.getByText(/^Nearest: 8 ft at (half past 6|7 o’clock), 2\.\d % uphill/)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: /^8 ft at .*(up|down)hill/ })).toHaveCount(2);

  // Found once, it is a station of the open session, its slope with it.
  const session = await page.evaluate(async () => {
    const today = await fetch('/api/today').then((answer) => answer.json());
    const green = today.greens.find(({ name }: { name: string }) => name === 'Boathouse green').id;
    return today.sessions.find(
      (one: { green_id: string; ended_at: string | null }) => one.green_id === green && one.ended_at === null,
    ).id as string;
  });
  await page.getByRole('button', { name: /^Add it to the stations of / }).click();
  await expect(page.getByText(/^Added to the stations of /)).toBeVisible();
  await expect(async () => {
    const { stations } = (await ask(page, 'GET', `sessions/${session}`)) as {
      stations: { grade_percent: number; length_m: number }[];
    };
    expect(
      stations.some(({ grade_percent, length_m }) => grade_percent > 1.9 && Math.abs(length_m - 2.438) < 0.002),
    ).toBe(true);
  }).toPass();

  await page.getByRole('button', { name: /^Picture and table/ }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save picture' }).click();
  const picture = readFileSync(await (await saving).path(), 'utf8');
  expect(picture).toMatch(/^<svg [^>]*width="800"/);
  expect(picture).not.toContain('var(');
  expect(picture).toContain('5 ft');
});
