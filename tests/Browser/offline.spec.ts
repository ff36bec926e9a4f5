import { expect, test } from '@playwright/test';
import { choose, enter, openDemo, startWith, takeBack, touchLane, walkTo } from './people';
import { holdRequests, timeTouches, touchTimes } from './screen';

test('balls entered without a network are kept, shown as waiting, and sent once when it is back', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await startWith(page, 'Jun Petterkin');
  await choose(page, 'Green', 'Slipway green');
  await walkTo(page, 'Putt');
  await takeBack(page, '8 in');
  await touchLane(page, 0.3);
  await expect(page.getByText(/^Ball 1: 8 in back/)).toBeVisible();
  await expect(page.getByText(/not synced yet/)).toHaveCount(0);

  await context.setOffline(true);
  await touchLane(page, 0.35);
  await touchLane(page, 0.4);
  await enter(page, 'Roll', '9');
  await expect(page.getByText('3 not synced yet.', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Undo ball 4' }).click();
  await expect(page.getByText(/^Ball 3: 8 in back/)).toBeVisible();

  await context.setOffline(false);
  await expect(page.getByText(/not synced yet/)).toHaveCount(0, { timeout: 15_000 });
  const id = new URL(page.url()).pathname.split('/')[2];
  const kept = await page.evaluate((session) => fetch(`/api/sessions/${session}`).then((answer) => answer.json()), id);
  expect(kept.putts).toHaveLength(3);
  await page.reload();
  await expect(page.getByText(/^Ball 3: 8 in back/)).toBeVisible();
});

test('the screen waits for no answer of the server', async ({ page }) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await walkTo(page, 'Putt');
  await takeBack(page, '8 in');
  const letGo = await holdRequests(page, '**/events');
  await timeTouches(page);
  for (let ball = 1; ball <= 12; ++ball) {
    await touchLane(page, 0.3 + ball / 40);
    await expect(page.getByText(new RegExp(`^Ball ${ball}:`))).toBeVisible();
    // It is on screen while the server has not even heard of it.
    letGo();
  }
  expect(await touchTimes(page, 'Touch to ball on screen while the server answers nothing')).toHaveLength(12);
});
