import { expect, test } from '@playwright/test';
import { onOwnServer } from './own';
import { openDemo, sessionOf, startWith, touchLane, walkTo } from './people';
import { ask } from './screen';

onOwnServer(8490);

test('another coach signs in in a second tab: the first’s ball waits for them, and is sent under their own name', async ({
  context,
  page,
}) => {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  const session = sessionOf(page);
  await walkTo(page, 'Roll');
  await page.route('**/events', (route) => route.abort());
  await touchLane(page, 0.5);
  await expect(page.getByText(/not sent yet/).first()).toBeVisible();

  const other = await context.newPage();
  await other.goto('/settings');
  await other.getByRole('button', { name: 'Sign out' }).click();
  await other.getByRole('button', { name: 'I am new here' }).click();
  await other.getByLabel('Your name').fill('Bea Second');
  await other.getByLabel('E-mail address').fill('bea@example.test');
  await other.getByLabel('Password').fill('a password of my own');
  await other.getByRole('button', { name: 'Make the account' }).click();
  await expect(other.getByText('Bea Second, bea@example.test')).toBeVisible();

  // The first tab heard of it: nothing of the clinic is shown to the other, and nothing is thrown away.
  await page.unroute('**/events');
  await page.goto('/');
  await expect(page.getByText('Ilse Varnholt')).toHaveCount(0);
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await page.waitForTimeout(1000);

  await page.goto('/settings');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Open the demo bench' }).click();
  await expect(page.getByText(/Hedda Quillmark/).first()).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Who comes' })).toBeVisible();
  await expect
    .poll(async () => ((await ask(page, 'GET', `sessions/${session}`)) as { putts: object[] }).putts.length)
    .toBe(1);
});
