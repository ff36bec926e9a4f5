import { expect, test } from 'vitest';
import { daysAfter, endOf, readDay, readDayToCome } from './dates';

const now = new Date('2026-11-26T12:00:00');

test.each([
  ['14/11', '2026-11-14'],
  ['14.11.', '2026-11-14'],
  ['3/12', '2025-12-03'],
  ['1/2/2024', '2024-02-01'],
  ['2026-05-09', '2026-05-09'],
  ['30/2', null],
  ['14', null],
  ['last week', null],
])('%s is the day %s', (text, expected) => {
  expect(readDay(text, now)).toBe(expected);
});

test.each([
  ['23/11', '2026-11-23'],
  ['3/12', '2026-12-03'],
  ['1/2', '2027-02-01'],
  ['1/2/2024', '2024-02-01'],
  ['2026-12-03', '2026-12-03'],
  ['40/13', null],
  ['soon', null],
])('%s is the day %s that is to come', (text, expected) => {
  expect(readDayToCome(text, new Date(2026, 10, 23, 15))).toBe(expected);
});

test('a day ends where the next begins, across months, years and the change of the clocks', () => {
  expect(
    ['2026-11-30', '2026-12-31', '2024-02-28', '2026-03-28', '2026-10-25'].map((day) => daysAfter(day, 1)),
  ).toEqual(['2026-12-01', '2027-01-01', '2024-02-29', '2026-03-29', '2026-10-26']);
  expect([daysAfter('2026-11-26', 6), daysAfter('2026-03-01', -7)]).toEqual(['2026-12-02', '2026-02-22']);
  expect(endOf('2026-11-14')).toBe(new Date(2026, 10, 15).toISOString());
});
