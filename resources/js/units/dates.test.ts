import { expect, test } from 'vitest';
import { readDay } from './dates';

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
