import { expect, test } from '@playwright/test';
import { choose, enter, openDemo, startWith, touchLane, walkTo } from './people';
import { timeTouches, touchTimes } from './screen';

test('balls entered without a network are kept, shown as waiting, and sent once when it is back', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await startWith(page, 'Jun Petterkin');
  await choose(page, 'Green', 'Slipway green');
  await walkTo(page, 'Roll');
  await choose(page, 'Backstroke', '8 in');
  await touchLane(page, 0.3);
  await expect(page.getByText(/^Ball 1: 8 in back/)).toBeVisible();
  await expect(page.getByText(/not sent yet/)).toHaveCount(0);

  await context.setOffline(true);
  await touchLane(page, 0.35);
  await touchLane(page, 0.4);
  await enter(page, 'Roll', '9');
  await expect(page.getByText('3 not sent yet.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Undo ball 4' }).click();
  await expect(page.getByText(/^Ball 3: 8 in back/)).toBeVisible();

  await context.setOffline(false);
  await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 15_000 });
  const id = new URL(page.url()).pathname.split('/')[2];
  const kept = await page.evaluate(
    (session) => fetch(`/api/sessions/${session}`).then((answer) => answer.json()),
    id,
  );
  expect(kept.putts).toHaveLength(3);
  await page.reload();
  await expect(page.getByText(/^Ball 3: 8 in back/)).toBeVisible();
});

test('a slow server never holds up the screen', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await walkTo(page, 'Roll');
  await choose(page, 'Backstroke', '8 in');
  await page.route('**/events', async (route) => {
    await new Promise((wake) => setTimeout(wake, 500));
    await route.continue();
  });
  await timeTouches(page);
  for (let ball = 1; ball <= 12; ++ball) {
    await touchLane(page, 0.3 + ball / 40);
    await expect(page.getByText(new RegExp(`^Ball ${ball}:`))).toBeVisible();
  }
  const waits = await touchTimes(page, 'touch to ball on screen');
  expect(waits).toHaveLength(12);
  // A screen that waited for the server could not be faster than the server.
  expect(Math.max(...waits)).toBeLessThan(500);
});
