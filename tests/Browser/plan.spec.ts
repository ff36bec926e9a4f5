import { expect, type Page, test } from '@playwright/test';
import { onOwnServer } from './own';
import { expectAccessible, openDemo, startWith, touchLane, walkTo } from './people';
import { goWithin } from './screen';

onOwnServer(8493);

/** From the first block an arrow down to the second, Tab to its button, as a hand without a mouse would, and press it. */
async function moveUpByKeys(page: Page, name: string): Promise<void> {
  const up = page.getByRole('button', { name: `Move ${name} up` });
  await page.keyboard.press('ArrowDown');
  for (let tabs = 0; tabs < 40 && !(await up.evaluate((node) => node === document.activeElement)); ++tabs) {
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press('Enter');
}

test('a session is planned, a block moved by keys, and the plan leads through the session and runs short of time', async ({
  page,
}) => {
  await page.clock.install();
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  await page.getByText('Slipway green', { exact: true }).click();
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByText('45', { exact: true }).click();
  await expect(page.getByText(/^4[0-5] of 45 minutes$/)).toBeVisible();
  const rows = page.getByRole('grid', { name: 'Plan' }).getByRole('row');
  await expect(rows.first()).toContainText('Measure the green');
  await expectAccessible(page);

  // By keys alone: the second block comes first, and everything is set in that order.
  const second = (await rows.nth(1).locator('[data-about]').textContent()) ?? '';
  await rows.first().focus();
  await moveUpByKeys(page, second);
  await expect(rows.first()).toContainText(second);
  await expect(rows.nth(1)).toContainText('Measure the green');
  await expect(rows.first().getByRole('button', { name: /^Unlock / })).toBeVisible();
  await rows.first().focus();
  await moveUpByKeys(page, 'Measure the green');
  await expect(rows.first()).toContainText('Measure the green');

  // Shortened, its balls are reckoned anew; dropped, it stays away.
  const pace = rows.filter({ hasText: 'distance, blocked' }).first();
  const balls = async () => Number(/(\d+) balls/.exec((await pace.textContent()) ?? '')?.[1]);
  const before = await balls();
  await pace.getByRole('button', { name: /^Shorten/ }).click();
  await expect.poll(balls).toBeLessThan(before);
  await page.getByRole('button', { name: 'Use this plan' }).click();

  const band = page.getByRole('region', { name: 'Plan' });
  await expect(band).toContainText('Next: Measure the green');
  await page.getByText('Estimate', { exact: true }).click();
  await page.getByLabel('Estimated green speed').fill('9');
  await page.keyboard.press('Tab');
  await expect(band).not.toContainText('Next: Measure the green');

  // The baseline is rolled where the plan leads, and counts as done.
  const roll = band.getByRole('link', { name: 'Putt' });
  await expect(roll).toBeVisible();
  await roll.click();
  await expect(page.getByText('These balls: baseline')).toBeVisible();
  for (let ball = 0; ball < 6; ++ball) {
    await touchLane(page, 0.35 + 0.05 * ball);
    await expect(page.getByRole('region', { name: 'The last ball' })).toContainText(`Ball ${ball + 1}:`);
  }
  await expect(band).not.toContainText('Baseline');
});

test('where time runs short the least worth is let go by a touch, and the end is held against the plan', async ({
  page,
}) => {
  await openDemo(page);
  // Tobin’s session has been on for half an hour.
  await page.getByRole('link', { name: 'Continue' }).first().click();
  await walkTo(page, 'Check-in');
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByText('60', { exact: true }).click();
  await page.getByRole('button', { name: 'Use this plan' }).click();
  const band = page.getByRole('region', { name: 'Plan' });
  await expect(band).toContainText(/\d+ minutes too many: “.*” matters least/);
  const least = /“(.*?)”/.exec((await band.textContent()) ?? '')?.[1] ?? '';
  await band.getByRole('button', { name: `Skip “${least}”` }).click();
  await expect(band.getByRole('status')).not.toContainText(`“${least}”`);
  await walkTo(page, 'Wrap-up');
  await page.getByRole('button', { name: 'End session' }).click();
  await goWithin(page, '/sessions');
  await page.getByRole('link', { name: /Tobin/ }).first().click();
  // The page under it may say the same once it has loaded.
  await expect(band).toContainText(/Planned 60 minutes, took \d+; \d+ of \d+ blocks were done\./);
});
