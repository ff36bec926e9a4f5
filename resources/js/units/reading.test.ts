import { expect, test } from 'vitest';
import type { GreenSpeedMeasurement } from '../api/types';
import { agoWords } from './reading';

const reading = (taken_at: string, whose: string | null = null) =>
  ({ method: 'stopwatch', taken_at, whose: whose }) as GreenSpeedMeasurement;
const now = new Date('2026-11-26T09:30:00').getTime();

test('a reading says when it was taken, and with whom', () => {
  const words = (at: string, whose?: string) => agoWords(reading(new Date(at).toISOString(), whose ?? null), now);
  expect(words('2026-11-26T08:05:00', 'Sunniva')).toBe('by stopwatch at 08:05 with Sunniva');
  expect(words('2026-11-25T23:50:00')).toBe('by stopwatch yesterday');
  expect(words('2026-11-20T08:00:00')).toBe('by stopwatch 6 days ago, 20 Nov');
});
