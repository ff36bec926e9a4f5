import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { onOwnServer } from './own';
import { expectAccessible, openDemo, pick, saveSheet } from './people';
import { ask } from './screen';

onOwnServer(8495);

/** "2026-12-24", so many days from now. */
function dayFromNow(days: number): string {
  return new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
}

test('a time is booked, clashes are said, one of a series falls out, and the calendar goes out and comes in the same', async ({
  page,
}) => {
  await openDemo(page);
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.getByRole('link', { name: 'Calendar' }).click();
  await expect(page.getByRole('heading', { name: 'Waiting list' })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Book a lesson' }).click();
  await pick(page, 'Student', 'Jun Petterkin');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Choose a time.')).toBeVisible();
  // In the middle of Ilse’s hour, every week.
  await page.getByLabel('Time', { exact: true }).fill('10:15');
  await page.getByRole('button', { name: 'Repeats, travel and note' }).click();
  await page.getByText('Every week', { exact: true }).click();
  await page.getByLabel('Number of lessons', { exact: true }).fill('3');
  await page.getByLabel('Minutes', { exact: true }).fill('half');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('“half” is not a whole number.')).toBeVisible();
  await page.getByLabel('Minutes', { exact: true }).fill('45');
  await saveSheet(page);
  const lesson = page.getByRole('button', { name: /^10:15 Jun Petterkin/ });
  await expect(lesson).toContainText('Overlaps');
  await lesson.click();
  await expect(page.getByRole('dialog')).toContainText('It overlaps with Ilse Varnholt.');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Cancel this lesson' }).click();
  await expect(lesson).toHaveCount(0);
  // The time is free, and may be offered to whoever waits, where there is an address.
  await expect(page.getByText(/, 10:15 has become free\./)).toBeVisible();
  const waiting = page.getByRole('button', { name: /^Offer to / });
  await waiting.click();
  await expect(page.getByText('This student’s profile has no email address.')).toBeVisible();
  const today = (await ask(page, 'GET', 'today')) as { students: { id: string; name: string }[] };
  const name = ((await waiting.getAttribute('aria-label')) ?? '').replace('Offer to ', '');
  const id = today.students.find((each) => each.name === name)?.id;
  await ask(page, 'PUT', `students/${id}/profile`, { email: 'mara@example.org' });
  await waiting.click();
  await expect(page.getByText(/^Emailed to mara@example.org on /)).toBeVisible();
  expect(JSON.stringify(await ask(page, 'GET', 'mail'))).toContain('A time has become free');
  await page.getByRole('button', { name: 'Next week' }).click();
  await expect(lesson).toBeVisible();

  // Who waits is given a time by typing it.
  await page.getByRole('button', { name: 'Schedule' }).click();
  await page.getByLabel('Day', { exact: true }).fill(dayFromNow(9));
  await page.getByLabel('Time', { exact: true }).fill('09:30');
  await saveSheet(page);
  await expect(page.getByRole('heading', { name: 'Waiting list' })).toHaveCount(0);

  await page.getByRole('button', { name: 'Calendar files and link' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export calendar file' }).click();
  const file = await (await saving).path();
  expect(readFileSync(file, 'utf8')).toContain('SUMMARY:Jun Petterkin');
  await page.setInputFiles('input[type=file]', file);
  await expect(page.getByText(/This file adds: 0 new, 0 changed, 7 unchanged\./)).toBeVisible();
  await page.setInputFiles('input[type=file]', {
    name: 'x.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from('no calendar'),
  });
  await expect(page.getByText(/This is not a calendar file: .* Nothing was imported\./)).toBeVisible();
});
