import { expect, test } from '@playwright/test';
import { choose, enter, openDemo, openSheet, startWith, takeBack, walkTo } from './people';
import { goWithin, studentId } from './screen';

test('a form says what is wrong at the field and keeps the rest', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Add a student' }).click();
  await page.getByRole('button', { name: 'Add a putter' }).click();
  await page.getByLabel('Putter', { exact: true }).fill('Old faithful');
  await page.getByRole('button', { name: 'Add student' }).click();
  await expect(page.getByText('Enter the name.')).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toBeFocused();
  await expect(page.getByLabel('Putter', { exact: true })).toHaveValue('Old faithful');

  await goWithin(page, `/students/${await studentId(page, 'Tobin')}/profile`);
  const units = await openSheet(page, /^Units/);
  await units.getByLabel('Length of a step').fill('a stride');
  await units.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(units.getByText('“a stride” is not a length.', { exact: false })).toBeVisible();
  await units.getByLabel('Length of a step').fill('-3');
  await units.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(units.getByText('A step is between 0.3 m and 1.5 m', { exact: false }).first()).toBeVisible();
  await expect(units.getByLabel('Length of a step')).toHaveValue('-3');
  await units.getByRole('button', { name: 'Cancel' }).click();
  const lengths = await openSheet(page, /^Lengths/);
  await lengths.getByLabel('Finish past the hole').fill('90');
  await lengths.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(lengths.getByText('The finish past the hole is between', { exact: false }).first()).toBeVisible();
});

test('the walk refuses nonsense in words and writes nothing', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Sunniva Crake');
  const time = await openSheet(page, /^Time and focus/);
  await enter(page, 'Minutes', 'an hour');
  await expect(page.getByText('“an hour” is not a number of minutes.', { exact: false })).toBeVisible();
  await enter(page, 'Minutes', '100000');
  await expect(page.getByText('A session is between 1 and 480 minutes.')).toBeVisible();
  await time.getByRole('button', { name: 'Cancel' }).click();
  await choose(page, 'Green', 'Slipway green');

  await walkTo(page, 'Green speed');
  await enter(page, 'Out, roll 1', '0');
  await expect(page.getByText('A ramp roll is between', { exact: false })).toBeVisible();
  await enter(page, 'Out, roll 1', 'ten');
  await expect(page.getByText('“ten” is not a length.', { exact: false })).toBeVisible();
  await choose(page, 'Method', 'Stopwatch');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Time the roll, or type its seconds.', { exact: true })).toBeVisible();
  await expect(page.getByText('Enter how far the ball rolled.', { exact: true })).toBeVisible();
  await choose(page, 'Method', 'Estimate');
  await enter(page, 'Estimated green speed', '99');
  await expect(page.getByText('A green speed is between 2 and 20 ft.').first()).toBeVisible();

  await walkTo(page, 'Stations');
  await enter(page, 'Distance from the target', '0');
  await expect(page.getByText('A station is between 0.1 m', { exact: false }).first()).toBeVisible();
  await page.getByLabel('Distance from the target').fill('10');
  await page.getByRole('button', { name: 'Slope and break' }).click();
  await choose(page, 'Slope', 'Uphill');
  await enter(page, 'Slope, percent', 'steep');
  await expect(page.getByText('“steep” is not a slope.', { exact: false }).first()).toBeVisible();
  await expect(page.getByLabel('Distance from the target')).toHaveValue('10');

  await walkTo(page, 'Putt');
  await page.getByLabel('Backstroke', { exact: true }).last().fill('0');
  await enter(page, 'Roll', '8');
  await expect(page.getByText('A backstroke is between', { exact: false }).first()).toBeVisible();
  await page.getByLabel('Backstroke', { exact: true }).last().fill('8');
  await enter(page, 'Roll', '');
  await expect(page.getByText('How far did the ball roll? Type it', { exact: false })).toBeVisible();
  await enter(page, 'Roll', '0');
  await expect(page.getByText('A roll is between', { exact: false })).toBeVisible();
  await expect(page.getByText('No balls yet. Every ball is listed here', { exact: false })).toBeVisible();

  const id = new URL(page.url()).pathname.split('/')[2];
  const kept = await page.evaluate((session) => fetch(`/api/sessions/${session}`).then((answer) => answer.json()), id);
  expect([kept.minutes, kept.stations, kept.putts]).toEqual([null, [], []]);
});

test('names made to do harm are shown as text', async ({ page }) => {
  const name = '<img src=x onerror="document.title=1"> & "quotes"';
  await openDemo(page);
  await page.getByRole('link', { name: 'Add a student' }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Add student' }).click();
  await expect(page.getByText(name)).toBeVisible();
  // The script it holds would have renamed the page.
  await expect(page).toHaveTitle(/ · Amble$/);
});

test('a ball whose session is gone is shown with its reason and kept until put away', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  await walkTo(page, 'Putt');
  await takeBack(page, '8 in');
  await page.route('**/events', (route) => route.fulfill({ status: 404, json: {} }));
  await enter(page, 'Roll', '7');
  await expect(page.getByRole('alert')).toContainText(
    /^A ball was not saved \(.*\): This record does not exist in your workspace/,
  );
  await page.reload();
  await expect(page.getByRole('alert')).toContainText('A ball was not saved');
  await page.getByRole('button', { name: 'Dismiss', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});
