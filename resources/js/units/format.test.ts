import { expect, test } from 'vitest';
import { formatSpeed, percent, readNumber, readSpeed, speedText } from './format';
import type { UnitChoice } from './length';
import { outsideLimits } from './limits';
import { breakWords, slopeWords } from './slope';

const feet = { unit: 'feet' } as UnitChoice;
const metres = { unit: 'metres' } as UnitChoice;

test.each([
  ['12', 12],
  [' 3,5 ', 3.5],
  ['.5', 0.5],
  ['7.', 7],
  ['-2', -2],
  ['−2.5', -2.5],
  ['+4', 4],
  ['', null],
  ['1e3', null],
  ['1 2', null],
  ['1.2.3', null],
  ['1,2,3', null],
  ['.', null],
  ['-', null],
  ['NaN', null],
  ['0x10', null],
  ['½', null],
])('“%s” is read as %s', (text, read) => {
  expect(readNumber(text)).toBe(read);
});

test('a green speed is said in the coach’s unit, as finely as it is measured, and read back', () => {
  expect(formatSpeed(3.048, feet)).toBe('10.0 ft');
  expect(formatSpeed(3.048, metres)).toBe('3.05 m');
  // Paces say lengths; a speed is in feet then.
  expect(formatSpeed(3.048, { unit: 'paces' } as UnitChoice)).toBe('10.0 ft');
  for (const choice of [feet, metres]) {
    for (let speed = 1.5; speed < 5; speed += 0.037) {
      const off = Math.abs((readSpeed(speedText(speed, choice), choice) ?? 0) - speed);
      expect(off).toBeLessThanOrEqual(choice === feet ? 0.0153 : 0.0051);
    }
  }
  expect(readSpeed('fast', feet)).toBeNull();
});

test('shares are whole percents, slopes and breaks are words', () => {
  expect([percent(0), percent(0.125), percent(2 / 3), percent(1)]).toEqual(['0 %', '13 %', '67 %', '100 %']);
  expect([slopeWords(null), slopeWords(0), slopeWords(1.5), slopeWords(-2)]).toEqual([
    'level',
    'level',
    '1.5 % uphill',
    '2 % downhill',
  ]);
  // Ground that rises to the right sends the ball left.
  expect([breakWords(null), breakWords(0), breakWords(1), breakWords(-1)]).toEqual([
    '',
    '',
    ', breaks left',
    ', breaks right',
  ]);
});

test.each([
  ['backstroke', 0.01, 2],
  ['roll', 0.02, 80],
  ['station', 0.1, 60],
  ['runOn', 0.02, 80],
  ['across', -15, 15],
  ['grade', -15, 15],
] as const)('a %s is taken from %s to %s, and beyond says between what', (kind, low, high) => {
  expect([outsideLimits(low, kind), outsideLimits(high, kind), outsideLimits(null, kind)]).toEqual([null, null, null]);
  for (const beyond of [low - 0.001, high + 0.001]) {
    expect(outsideLimits(beyond, kind)).toMatch(/ is between /);
  }
});
