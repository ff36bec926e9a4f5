import { expect, test } from 'vitest';
import { PAUSE_MS, tapped, tempoOf } from './taps';

const taps = (...at: number[]) => at.reduce<readonly number[]>(tapped, []);

test('three even taps tell a tempo, two none', () => {
  expect(tempoOf(taps(1000, 1750))).toBeNull();
  expect(tempoOf(taps(1000, 1750, 2500))).toBe(80);
});

test('one stumble moves it by nothing', () => {
  expect(tempoOf(taps(0, 750, 1500, 2250, 3500, 4250))).toBe(80);
});

test('an even number of gaps has the mean of the middle two', () => {
  expect(tempoOf(taps(0, 700, 1500))).toBe(80);
});

test('after a pause the count begins anew', () => {
  expect(taps(0, 750, 750 + PAUSE_MS + 1)).toEqual([750 + PAUSE_MS + 1]);
  expect(taps(0, 750, 750 + PAUSE_MS)).toHaveLength(3);
});
