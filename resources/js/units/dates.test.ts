import { expect, test } from 'vitest';
import { dayAndYear, daysAfter, endOf } from './dates';

test('a day of another year says which', () => {
  const now = new Date('2026-11-26T12:00:00');
  expect([dayAndYear('2026-11-14T09:00:00', now), dayAndYear('2025-12-03T09:00:00', now)]).toEqual([
    '14 Nov',
    '3 Dec 2025',
  ]);
});

test('a day ends where the next begins, across months, years and the change of the clocks', () => {
  expect(
    ['2026-11-30', '2026-12-31', '2024-02-28', '2026-03-28', '2026-10-25'].map((day) => daysAfter(day, 1)),
  ).toEqual(['2026-12-01', '2027-01-01', '2024-02-29', '2026-03-29', '2026-10-26']);
  expect([daysAfter('2026-11-26', 6), daysAfter('2026-03-01', -7)]).toEqual(['2026-12-02', '2026-02-22']);
  expect(endOf('2026-11-14')).toBe(new Date(2026, 10, 15).toISOString());
});
