import { expect, test } from '@playwright/test';
import { onOwnServer } from './own';
import { expectAccessible, openDemo } from './people';
import { ask } from './screen';

onOwnServer(8494);

// The phone of a student keeps the app by its service worker.
test.use({ serviceWorkers: 'allow' });

test('a student counts at home without a network and over a reload, asks, and the coach sees it and answers', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDemo(page);
  const bench = (await ask(page, 'GET', 'bench')) as { students: { id: string; name: string }[] };
  const ilse = bench.students.find(({ name }) => name.startsWith('Ilse'));
  await ask(page, 'PUT', `students/${ilse?.id}/pocket`, { home_task: 'Steps on the mat', home_balls: 3 });
  const { link: url } = (await ask(page, 'POST', `students/${ilse?.id}/pocket/link`, { days: 7 })) as {
    link: string;
  };
  const link = url.split('/').at(-1) ?? '';

  const home = await browser.newContext({
    ...(baseURL !== undefined && { baseURL }),
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const phone = await home.newPage();
  await phone.goto(`/pocket/${link}`);
  await expect(phone.getByRole('heading', { name: 'At home: Steps on the mat' })).toBeVisible();
  await expectAccessible(phone);
  await phone.waitForFunction(() => navigator.serviceWorker.controller !== null);

  await home.setOffline(true);
  await phone.getByRole('button', { name: 'As it should' }).click();
  await phone.getByRole('button', { name: 'Not so' }).click();
  await phone.reload();
  await expect(phone.getByText('1 of 2 as they should')).toBeVisible();
  await phone.getByRole('button', { name: 'As it should' }).click();
  await expect(phone.getByText('That is the dose')).toBeVisible();
  await phone.getByRole('button', { name: 'Done for today' }).click();
  await phone.getByLabel('A question, with its putt or its figures').fill('Does a carpet do as well?');
  await phone.getByRole('button', { name: 'Ask', exact: true }).click();
  await expect(phone.getByText('2 not sent yet')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('You counted 2 of 3 as they should.')).toBeVisible();
  await home.setOffline(false);
  await expect(phone.getByText('not sent yet')).toHaveCount(0);

  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Asked from home' })).toBeVisible();
  await page.getByRole('link', { name: 'Answer' }).click();
  await expect(page.getByText(/counted by the student: 2 of 3 as they should/)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Your answer: a drill, a dose, one cue').fill('It does. Three balls, slower.');
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByText('It does. Three balls, slower.')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('It does. Three balls, slower.')).toBeVisible();

  // Withdrawn, the link is dead at once, and this phone keeps nothing of it.
  await ask(page, 'DELETE', `students/${ilse?.id}/pocket/link`);
  await phone.reload();
  await expect(phone.getByText('There is no card behind this link')).toBeVisible();
  expect(
    await phone.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('amble-at-home'))),
  ).toEqual([]);
  await home.close();
});
