import { expect, type Page, test } from '@playwright/test';
import { counted, countHands, timed } from './hand';

/** Presses Tab until something holds the focus; each press is a key like any other. */
async function tabTo(page: Page, name: RegExp, most = 25): Promise<void> {
  for (let press = 0; press < most; ++press) {
    const held = await page.evaluate(() => {
      const { activeElement: on } = document;
      const label = on instanceof HTMLInputElement ? on.labels?.[0]?.textContent : null;
      return on?.getAttribute('aria-label') ?? label ?? on?.textContent ?? '';
    });
    if (name.test(held)) {
      return;
    }
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never came to ${name}.`);
}

/** What has to be typed letter by letter, a name or a password, is no measure of the screens. */
async function write(page: Page, text: string): Promise<void> {
  await page.keyboard.insertText(text);
}

test('a newcomer comes from signing up to a first own table by keys alone, in at most 120', async ({ page }, {
  project,
}) => {
  test.skip(project.name === 'phone', 'A phone has no keys.');
  test.setTimeout(180_000);
  const press = async (...keys: string[]) => {
    for (const key of keys) {
      await page.keyboard.press(key);
    }
  };
  await countHands(page);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Create account' })).toBeVisible();
  await tabTo(page, /^Create account$/);
  await press('Enter');
  await press('Shift+Tab', 'Shift+Tab', 'Shift+Tab', 'Shift+Tab');
  await tabTo(page, /^Your name$/);
  await write(page, 'Cass Ferrin');
  await press('Tab');
  await write(page, `cass${Date.now()}@example.test`);
  await press('Tab');
  await write(page, 'a password of my own');
  await press('Enter');
  await expect(page.getByRole('button', { name: 'Start a session' })).toBeVisible();
  await tabTo(page, /^Start a session$/);
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Check-in' })).toBeFocused();
  await tabTo(page, /^New student$/);
  await press('Enter');
  await write(page, 'Nell Rowan');
  await press('Enter');
  await expect(page.getByRole('heading', { name: 'Nell Rowan is here' })).toBeVisible();
  await tabTo(page, /^New green$/);
  await press('Enter');
  await write(page, 'Upper lawn');
  await press('Enter');
  await expect(page.getByText('Not measured yet.')).toBeVisible();
  await press('>');
  await expect(page.getByRole('heading', { name: 'How fast is Upper lawn?' })).toBeFocused();
  await press('Tab', 'Tab', 'ArrowRight');
  await tabTo(page, /Press when the ball leaves the hand/);
  for (const [roll, distance] of ['14', '15', '14', '15', '14', '15'].entries()) {
    await timed(page, 3.2, () => press('Space'));
    await expect(page.getByLabel('Distance', { exact: true })).toBeFocused();
    await press(...distance, 'Enter');
    await expect(page.getByRole('list', { name: 'Rolls so far' }).getByRole('listitem')).toHaveCount(roll + 1);
  }
  await press('>');
  await expect(page.getByLabel('Distance from the target')).toBeFocused();
  for (const length of ['6', '12', '18']) {
    await press(...length, 'Enter');
  }
  await press('>');
  await expect(page.getByLabel(/^Roll, or/)).toBeFocused();
  let ball = 0;
  for (const [backstroke, rolls] of [
    ['6', ['4', '4', '5']],
    ['8', ['6', '7', '6']],
    ['9', ['8', '8', '9']],
    ['12', ['11', '12', '12']],
  ] as const) {
    await press('b', ...backstroke, 'Enter');
    for (const roll of rolls) {
      await press(...roll, 'Enter');
      await expect(page.getByText(new RegExp(`^Ball ${++ball}:`))).toBeVisible();
    }
  }
  await press('>');
  await expect(page.getByText('12 balls, 12 today')).toBeVisible();
  const keys = await counted(page, 'keys');
  console.log(`Newcomer by keys alone: ${keys} keys besides names, address and password`);
  expect(keys).toBeLessThanOrEqual(120);
  expect(await counted(page, 'touches')).toBe(0);
});
