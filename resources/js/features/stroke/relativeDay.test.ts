import { expect, test } from 'vitest';
import type { SessionReport } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import { readingWords, whenOf } from './relativeDay';

const now = new Date('2026-11-26T09:00:00');
const report = (of: boolean) => ({ speed_m: 3.048, is_of_the_day: of, days_old: of ? 0 : 3 }) as SessionReport;
const feet = unitsFor({ unit: 'feet', paceLength: null });

test('a session of another day is told by its date, never as today', () => {
  const today = whenOf({ started_at: '2026-11-26T07:00:00' }, now);
  const past = whenOf({ started_at: '2026-11-14T07:00:00' }, now);
  expect(readingWords(report(true), feet, today)).toBe('Green speed today: 10.0 ft');
  expect(readingWords(report(true), feet, past)).toBe('Green speed on 14 Nov: 10.0 ft');
  expect(readingWords(report(false), feet, past)).toBe('Last known: 10.0 ft, 3 days before');
  expect([today.word, past.word]).toEqual(['today', 'that day']);
});
