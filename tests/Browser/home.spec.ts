import { type Browser, expect, type Page, test } from '@playwright/test';
import { onOwnServer } from './own';
import { expectAccessible, openDemo, openSheet, saveSheet, touchLane } from './people';
import { ask, studentId } from './screen';

onOwnServer(8494);

// The phone of a student keeps the app by its service worker.
test.use({ serviceWorkers: 'allow' });

/** The student's own phone, at the card behind a fresh link. */
async function behindLink(browser: Browser, coach: Page, student: string, baseURL: string | undefined): Promise<Page> {
  const { link } = (await ask(coach, 'POST', `students/${student}/take-home-card/link`, { days: 7 })) as {
    link: string;
  };
  const home = await browser.newContext({
    ...(baseURL !== undefined && { baseURL }),
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const phone = await home.newPage();
  await phone.goto(`/pocket/${link}`);
  return phone;
}

test('a student counts at home without a network and over a reload, asks, and the coach sees it and answers', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDemo(page);
  const ilse = await studentId(page, 'Ilse');
  await ask(page, 'PUT', `students/${ilse}/take-home-card`, { home_task: 'Short ladder on the mat', home_balls: 3 });
  const phone = await behindLink(browser, page, ilse, baseURL);
  await expect(phone.getByRole('heading', { name: 'Homework: Short ladder on the mat' })).toBeVisible();
  await expectAccessible(phone);
  await phone.waitForFunction(() => navigator.serviceWorker.controller !== null);

  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: 'Successful', exact: true }).click();
  await phone.getByRole('button', { name: 'Not successful' }).click();
  await phone.reload();
  await expect(phone.getByText('1 of 2 successful')).toBeVisible();
  await phone.getByRole('button', { name: 'Successful', exact: true }).click();
  await expect(phone.getByText('That is enough')).toBeVisible();
  await phone.getByRole('button', { name: 'Done for today' }).click();
  await phone.getByLabel('A question, with its putt or its figures').fill('Does a carpet do as well?');
  await phone.getByRole('button', { name: 'Send', exact: true }).click();
  await expect(phone.getByText('2 not synced yet')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('You counted 2 of 3 successful.')).toBeVisible();
  await phone.context().setOffline(false);
  await expect(phone.getByText('not synced yet')).toHaveCount(0);

  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Waiting for you' })).toBeVisible();
  await page.getByRole('link', { name: 'Answer' }).click();
  await expect(page.getByText(/counted by the student: 2 of 3 successful/)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Your answer: a drill, a number of balls, one cue').fill('It does. Three balls, slower.');
  await page.getByRole('button', { name: 'Send answer' }).click();
  await expect(page.getByText('It does. Three balls, slower.')).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('It does. Three balls, slower.')).toBeVisible();

  // Withdrawn, the link is dead at once, and this phone keeps nothing of it.
  await ask(page, 'DELETE', `students/${ilse}/take-home-card/link`);
  await phone.reload();
  await expect(phone.getByText('This link no longer works')).toBeVisible();
  expect(
    await phone.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('amble-at-home'))),
  ).toEqual([]);
  await phone.context().close();
});

test('a drill begins at home without a network, is rolled on the lane over a reload, and stands apart at the coach’s', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDemo(page);
  const ilse = await studentId(page, 'Ilse');
  await page.goto(`/students/${ilse}/take-home-card`);
  await openSheet(page, /^Homework/);
  await page.getByRole('textbox', { name: 'Homework' }).fill('Short ladder on the mat');
  await page.getByRole('button', { name: /As a drill/ }).click();
  await page.getByRole('option', { name: 'Short ladder on the mat' }).click();
  await page.getByLabel('Balls a day', { exact: true }).fill('12');
  await page.getByLabel('Successful balls to reach').fill('13');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByText('The target cannot be more than the balls of a day.').first()).toBeVisible();
  await page.getByLabel('Successful balls to reach').fill('8');
  await page.getByLabel('Cue').fill('The same beat');
  await saveSheet(page);
  const phone = await behindLink(browser, page, ilse, baseURL);
  await expect(phone.getByText('Aim for 8 of 12 successful.').first()).toBeVisible();
  await phone.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: 'Start Short ladder on the mat' }).click();
  await expect(phone.getByText('Cue: The same beat')).toBeVisible();
  for (const share of [0.5, 0.55]) {
    await phone.getByRole('button', { name: '20 cm', exact: true }).click();
    await touchLane(phone, share);
  }
  await expect(phone.getByText('3 not synced yet')).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Short ladder on the mat' })).toBeVisible();
  await expect(phone.getByText(/^Ball 2: /)).toBeVisible();
  await expectAccessible(phone);
  await phone.context().setOffline(false);
  await expect(phone.getByText('not synced yet')).toHaveCount(0);
  await expect(phone.getByText(/of 2 passed/)).toBeVisible();
  await openSheet(phone, 'More');
  await phone.getByRole('button', { name: 'End', exact: true }).click();
  // The sheet has a way back too, which closes with it.
  await expect(phone.getByRole('dialog')).toHaveCount(0);
  await phone.getByRole('button', { name: 'Back to the card' }).click();
  await expect(phone.getByText(/You counted \d of 2 successful: Short ladder on the mat\./)).toBeVisible();

  await page.goto(`/students/${ilse}?part=home`);
  await page.getByRole('link', { name: 'See the balls' }).click();
  await expect(page.getByRole('heading', { name: 'Balls' }).or(page.getByText('2 balls')).first()).toBeVisible();
  await page.goto('/sessions');
  await expect(page.getByText('at home').first()).toBeVisible();
  await phone.context().close();
});
