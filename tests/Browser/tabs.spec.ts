import { expect, type Page, test } from '@playwright/test';
import { TOTP } from 'otpauth';
import { onOwnServer } from './own';
import { closeSheets, expectAccessible, openDemo, openSheet, sessionOf, startWith, touchLane, walkTo } from './people';
import { ask } from './screen';

onOwnServer(8490);

const PASSWORD = 'a password of my own';

/** Tries at the door are counted by address, and in one place for every server of a run: each test has its own. */
let email = '';
test.beforeEach(() => {
  email = `bea-${Date.now()}@example.test`;
});

/** From the settings of somebody signed out. */
async function signUp(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Create account' }).click();
  await page.getByLabel('Your name').fill('Bea Second');
  await page.getByLabel('Email address').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByText(`Bea Second · ${email}`)).toBeVisible();
}

test('another coach signs in in a second tab: the first’s ball waits for them, and is sent under their own name', async ({
  context,
  page,
}) => {
  await openDemo(page);
  await startWith(page, 'Ilse Varnholt');
  const session = sessionOf(page);
  await walkTo(page, 'Putt');
  await page.route('**/events', (route) => route.abort());
  await touchLane(page, 0.5);
  await expect(page.getByText(/not synced yet/).first()).toBeVisible();

  const other = await context.newPage();
  await other.goto('/settings');
  await other.getByRole('button', { name: 'Sign out' }).click();
  await signUp(other);

  // The first tab heard of it: nothing of the clinic is shown to the other, and nothing is thrown away.
  await page.unroute('**/events');
  await page.goto('/');
  await expect(page.getByText('Ilse Varnholt')).toHaveCount(0);
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await page.waitForTimeout(1000);

  await page.goto('/settings');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Open the demo' }).click();
  await expect(page.getByText(/Hedda Quillmark/).first()).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  await expect
    .poll(async () => ((await ask(page, 'GET', `sessions/${session}`)) as { putts: object[] }).putts.length)
    .toBe(1);
});

test('a changed password signs the lost phone out; a deleted account says what goes, and is gone', async ({
  browser,
  page,
}) => {
  await page.goto('/settings');
  await signUp(page);
  const phone = await (await browser.newContext({ baseURL: new URL(page.url()).origin })).newPage();
  await phone.goto('/settings');
  await phone.getByLabel('Email address').fill(email);
  await phone.getByLabel('Password').fill(PASSWORD);
  await phone.getByRole('button', { name: 'Sign in' }).click();
  await expect(phone.getByText(`Bea Second · ${email}`)).toBeVisible();

  await page.getByRole('button', { name: 'Change the password' }).click();
  await page.getByLabel('Current password').fill('not this one');
  await page.getByLabel('New password').fill('one nobody has');
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('This is not your password.')).toBeVisible();
  await page.getByLabel('Current password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Change password' }).click();
  await expect(page.getByText('Changed.', { exact: true })).toBeVisible();
  await expectAccessible(page);

  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: 'Delete account' }).click();
  await expect(page.getByText('Students: 0. Sessions: 0. Balls: 0.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Your password' }).fill('one nobody has');
  await page.getByRole('button', { name: 'Delete permanently' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.getByLabel('Email address').fill(email);
  await page.getByLabel('Password').fill('one nobody has');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('The email address and password do not match.')).toBeVisible();
});

test('a code of the moment is asked for at sign-in, a spare one opens once, and the password alone does again', async ({
  page,
}) => {
  await page.goto('/settings');
  await signUp(page);
  await page.getByRole('button', { name: 'Two-step sign-in' }).click();
  await page.getByRole('textbox', { name: 'Your password' }).first().fill('not this one');
  await page.getByRole('button', { name: 'Set up', exact: true }).click();
  await expect(page.getByText('This is not your password.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Your password' }).first().fill(PASSWORD);
  await page.getByRole('button', { name: 'Set up', exact: true }).click();
  await expect(page.getByRole('img', { name: 'The letters below, for a camera' })).toBeVisible();
  await expectAccessible(page);
  const secret = ((await page.getByText(/^([A-Z2-7]{4} ?){8}$/).textContent()) ?? '').replaceAll(' ', '');
  const authenticator = new TOTP({ secret });
  await page.getByLabel('The six-digit code').fill('000 000');
  await page.getByRole('button', { name: 'Turn on two-step sign-in' }).click();
  await expect(page.getByText('This code is not valid', { exact: false })).toBeVisible();
  await page.getByLabel('The six-digit code').fill(authenticator.generate());
  await page.getByRole('button', { name: 'Turn on two-step sign-in' }).click();
  const spare = page.getByText(/^[A-Z2-7]{4}-[A-Z2-7]{4}-[A-Z2-7]{4}$/);
  await expect(spare).toHaveCount(8);
  const [first] = await spare.allTextContents();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('Recovery codes left: 8.', { exact: false })).toBeVisible();
  await expectAccessible(page);

  const signIn = async (code: string) => {
    await closeSheets(page);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('Email address').fill(email);
    await page.getByLabel('Password').fill(PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByLabel('Code')).toBeFocused();
    await page.keyboard.type(code);
    await page.keyboard.press('Enter');
  };
  await signIn('123456');
  await expect(page.getByText('This code is not valid, or it was used already.', { exact: false })).toBeVisible();
  await expectAccessible(page);
  // The one of the moment was used up by turning it on; the clock of a phone may be half a minute ahead.
  await page.getByLabel('Code').fill(authenticator.generate({ timestamp: Date.now() + 30_000 }));
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText(`Bea Second · ${email}`)).toBeVisible();
  await signIn(first ?? '');
  await page.getByRole('button', { name: 'Two-step sign-in' }).click();
  await expect(page.getByText('Recovery codes left: 7.', { exact: false })).toBeVisible();
  await page.getByRole('textbox', { name: 'Your password' }).nth(1).fill(PASSWORD);
  await page.getByRole('button', { name: 'Turn off two-step sign-in' }).click();
  await expect(page.getByRole('button', { name: 'Set up', exact: true })).toBeVisible();
});

test('a forgotten password is mended by the link that was sent; a used one says so', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Create account' }).click();
  await page.getByLabel('Your name').fill('Forgetful');
  await page.getByLabel('Email address').fill(email);
  await page.getByLabel('Password').fill('a long password');
  await page.getByRole('button', { name: 'Create account' }).click();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.getByRole('button', { name: 'Forgot password' }).click();
  await page.getByLabel('Email address').fill(email);
  await page.getByRole('button', { name: 'Send link' }).click();
  await expect(page.getByText(/^If there is an account with this address/)).toBeVisible();
  await page.getByRole('link', { name: 'The email it would have sent' }).click();
  await expect(page.getByText(`To ${email}`)).toBeVisible();
  await expectAccessible(page);
  const link = page.getByRole('link', { name: /new-password/ }).first();
  const address = new URL((await link.getAttribute('href')) ?? '');
  await page.goto(address.pathname + address.search);
  await page.getByLabel('New password').fill('short');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('The password must be at least 10 letters long.')).toBeVisible();
  await page.getByLabel('New password').fill('another long one');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/^The new password is set/)).toBeVisible();
  await page.goto(address.pathname + address.search);
  await page.getByLabel('New password').fill('a third long one');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(
    page.getByText('This link was used already, or is older than an hour. Ask for a new one.'),
  ).toBeVisible();
  await page.goto('/');
  await page.getByLabel('Email address').fill(email);
  await page.getByLabel('Password').fill('another long one');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
});

/** Whether a device keeps a text anywhere: in databases of the browser, or in its storage. */
const keepsOn = (page: Page, text: string) =>
  page.evaluate(async (wanted) => {
    const kept: unknown[] = [{ ...localStorage }];
    for (const { name = '' } of await indexedDB.databases()) {
      const base = await new Promise<IDBDatabase>((settle) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => settle(opening.result);
      });
      for (const store of base.objectStoreNames) {
        const reading = base.transaction(store).objectStore(store).getAll();
        kept.push(await new Promise((settle) => (reading.onsuccess = () => settle(reading.result))));
      }
      base.close();
    }
    return JSON.stringify(kept).includes(wanted);
  }, text);

test('records go out as a file and are taken in again; a student is erased by name, from devices that were away too', async ({
  page,
  browser,
}) => {
  await openDemo(page);
  await page.goto('/settings');
  const download = page.waitForEvent('download');
  await openSheet(page, /^Export and import/);
  await page.getByRole('button', { name: 'Export all records' }).click();
  const file = await (await download).path();
  const today = (await ask(page, 'GET', 'today')) as { students: { id: string; name: string }[] };
  const gone = today.students.find(({ name }) => name.startsWith('Ilse'));
  // Another device of the coach's, which then has no network.
  const away = await browser.newContext({ storageState: await page.context().storageState() });
  const phone = await away.newPage();
  await phone.goto(`/students/${gone?.id}/card`);
  await expect.poll(() => keepsOn(phone, gone?.name ?? '')).toBe(true);
  await phone.evaluate((id) => localStorage.setItem('amble-stand x', JSON.stringify({ student: id })), gone?.id);
  await away.setOffline(true);
  await page.goto(`/students/${gone?.id}/card`);
  await page.getByRole('button', { name: 'Delete permanently', exact: true }).click();
  await expect(page.getByText(/^This deletes the profile, \d+ sessions, \d+ balls/)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Type the name as on the profile').fill('Ilse');
  await page.getByRole('button', { name: /^Delete Ilse/ }).click();
  await expect(page.getByText('Type the name as on the profile. Nothing was deleted.')).toBeVisible();
  await page.getByLabel('Type the name as on the profile').fill(gone?.name ?? '');
  await page.getByRole('button', { name: /^Delete Ilse/ }).click();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  await expect(page.getByText(gone?.name ?? 'nobody')).toHaveCount(0);
  await away.setOffline(false);
  await phone.goto('/greens');
  await expect(phone.getByRole('heading', { name: 'Greens' })).toBeVisible();
  await expect.poll(() => keepsOn(phone, gone?.name ?? ''), { timeout: 20_000 }).toBe(false);
  expect(await phone.evaluate(() => localStorage.getItem('amble-stand x'))).toBeNull();
  await away.close();
  expect(await keepsOn(page, gone?.name ?? '')).toBe(false);
  await page.goto('/settings');
  await openSheet(page, /^Export and import/);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Import records' }).click();
  await (await chooser).setFiles(file);
  await expect(page.getByText(/^This file adds 1 student, .* exist already/)).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByText(/^Imported: 1 student/)).toBeVisible();
  await page.goto('/students');
  await expect(page.getByText(gone?.name ?? 'nobody').first()).toBeVisible();
});
