import { expect, test } from '@playwright/test';
import { choose, expectAccessible, expectNoSidewaysScroll, openDemo, startWith, touchLane } from './people';

test('a coach chooses a drill and rolls it by touch, one touch a ball', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Sunniva Crake');
  await choose(page, 'Green', 'Boathouse green');
  await page.getByRole('link', { name: 'Drills' }).click();
  await expect(page.getByText(/of 40 drills fit/)).toBeVisible();
  await choose(page, 'Time at hand', '5 min');
  await choose(page, 'To train', 'speed');
  await expect(page.getByRole('link', { name: 'Between lip and rod' })).toHaveCount(0);
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('link', { name: 'Six before the round' }).click();
  await expect(
    page.getByText('2 balls a station at the hole; each passes if it stops within 10 % of its length.'),
  ).toBeVisible();
  await expectAccessible(page);
  await page
    .getByRole('button', { name: /^With Sunniva Crake, since/ })
    .first()
    .click();
  for (let ball = 1; ball <= 6; ++ball) {
    await expect(page.getByText(`of ${ball - 1} passed`, { exact: false })).toBeVisible();
    await touchLane(page, 0.5);
  }
  await expect(page.getByText('Done.', { exact: true })).toBeVisible();
  await expect(page.getByText('6 of 6 passed', { exact: false })).toBeVisible();
  await expect(page.getByText('Short or long together: it is the green.', { exact: false })).toBeVisible();
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('button', { name: 'Undo the last ball' }).click();
  await expect(page.getByText('5 of 5 passed', { exact: false })).toBeVisible();
});

test('a drill that looks at the start line asks for nothing else, and a restart reads as one', async ({
  page,
}) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('link', { name: 'Along the chalk' }).click();
  await page
    .getByRole('button', { name: /^With Rafe Dunmallow, since/ })
    .first()
    .click();
  await expect(page.getByRole('img', { name: /^Lane from/ })).toHaveCount(0);
  for (const [ball, side] of ['Through', 'Left', 'Through'].entries()) {
    await expect(page.getByText(`of ${ball} passed`, { exact: false })).toBeVisible();
    await choose(page, 'It started', side);
  }
  await expect(page.getByText('2 of 3 passed', { exact: false })).toBeVisible();

  await page.getByRole('link', { name: 'Another drill' }).click();
  await page.getByRole('link', { name: 'Between lip and rod' }).click();
  await page
    .getByRole('button', { name: /^With Rafe Dunmallow, since/ })
    .first()
    .click();
  await touchLane(page, 0.53);
  await expect(page.getByText('1 of 1 passed · 1 in a row, 0 restarts', { exact: false })).toBeVisible();
  await expect(page.getByText('ball 2 of 3 here')).toBeVisible();
  await touchLane(page, 0.2);
  await expect(page.getByText('1 of 2 passed · 0 in a row, 1 restarts', { exact: false })).toBeVisible();
  await expect(page.getByText('ball 1 of 3 here')).toBeVisible();
});

test('while balls wait for the network, the call-outs laid out ahead go on', async ({ page, context }) => {
  await openDemo(page);
  await startWith(page, 'Jun Petterkin');
  await page.getByRole('link', { name: 'Drills' }).click();
  await page.getByRole('link', { name: 'One line, three lengths' }).click();
  await page
    .getByRole('button', { name: /^With Jun Petterkin, since/ })
    .first()
    .click();
  await expect(page.getByText('0 of 0 passed', { exact: false })).toBeVisible();
  await context.setOffline(true);
  for (const [waiting, length] of ['19 ft 8 in', '9 ft 10 in', '29 ft 6 in', '19 ft 8 in'].entries()) {
    await expect(page.getByText(new RegExp(`^${length}`)).first()).toBeVisible();
    if (waiting > 0) {
      await expect(page.getByText(`${waiting} not sent yet`, { exact: false })).toBeVisible();
    }
    await touchLane(page, 0.5);
  }
  await context.setOffline(false);
  await expect(page.getByText('4 of 4 passed', { exact: false })).toBeVisible({ timeout: 15_000 });
  await expect(page.getByText(/not sent yet/)).toHaveCount(0);
});
