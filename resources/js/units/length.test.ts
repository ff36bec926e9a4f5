import { describe, expect, test } from 'vitest';
import { formatSpeed, readNumber, readSpeed } from './format';
import { asEntered, entryText, formatLength, formatPaces, parseLength, roundText, type UnitChoice } from './length';
import { unitsFor } from './useUnits';

const feet: UnitChoice = { unit: 'feet', paceLength: 0.8 };
const metres: UnitChoice = { unit: 'metres', paceLength: null };
const paces: UnitChoice = { unit: 'paces', paceLength: 0.8 };

describe('reading a length', () => {
  test.each([
    ['18', 'roll', feet, 5.4864],
    ['17\' 6"', 'roll', feet, 5.334],
    ['17 ft 6', 'roll', feet, 5.334],
    ['17ft6in', 'roll', feet, 5.334],
    ['10½', 'backstroke', feet, 0.2667],
    ['5.35', 'roll', metres, 5.35],
    ['5 m 35', 'roll', metres, 5.35],
    ['5,4', 'roll', metres, 5.4],
    ['26', 'backstroke', metres, 0.26],
    ['40cm', 'roll', feet, 0.4],
    ['7', 'station', paces, 5.6],
    ['7 paces 1 ft', 'station', paces, 5.9048],
    ['7 steps 1 ft', 'station', paces, 5.9048],
    ['-3', 'roll', feet, -0.9144],
    ['−3', 'roll', feet, -0.9144],
  ] as const)('%s as a %s', (text, kind, choice, expected) => {
    const parsed = parseLength(text, kind, choice);
    expect(parsed).toMatchObject({ status: 'ok' });
    expect(parsed.status === 'ok' && parsed.metres).toBeCloseTo(expected, 9);
  });

  test.each(['long', '12 parsecs', '1 2 3', '--4', '1/2'])('refuses %s', (text) => {
    expect(parseLength(text, 'roll', feet).status).toBe('unreadable');
  });

  test.each([
    ['7 paces 25 ft', 5.6, 7.62],
    ['6 ft 3 m', 1.8288, 3],
    ['5 ft 14 in', 1.524, 0.3556],
  ])('%s are two lengths', (text, first, second) => {
    const parsed = parseLength(text, 'station', paces);
    expect(parsed).toMatchObject({ status: 'two' });
    expect(parsed.status === 'two' && [parsed.first, parsed.second]).toEqual([
      expect.closeTo(first, 9),
      expect.closeTo(second, 9),
    ]);
  });

  test('tells empty from unreadable', () => {
    expect(parseLength('  ', 'roll', feet).status).toBe('empty');
  });
});

describe('a length to be typed over is round in its unit', () => {
  const paced: UnitChoice = { unit: 'paces', paceLength: 0.76 };
  test.each([
    [0.3, 'roll', feet, '1'],
    [0.3556, 'backstroke', metres, '36'],
    [0.2667, 'backstroke', feet, '10.5'],
    [5.334, 'roll', feet, '17.5'],
    [5.36, 'roll', feet, '17\' 7"'],
    [5.4102, 'roll', feet, '17.75'],
    [3.048, 'station', metres, '3.05'],
    [3.048, 'station', paced, '4'],
    [5.9, 'station', paces, '7 steps 1 ft'],
    [0.085, 'width', feet, '3.25'],
  ] as const)('%d m as a %s', (length, kind, choice, expected) => {
    expect(roundText(length, kind, choice)).toBe(expected);
    const back = parseLength(expected, kind, choice);
    expect(back.status === 'ok' && formatLength(back.metres, kind, choice)).toBe(formatLength(length, kind, choice));
  });

  test('untouched, it stays the length it was', () => {
    const { reread } = unitsFor(feet);
    expect(reread('1', 0.3, 'roll')).toEqual({ metres: 0.3, error: null });
    expect(reread('2', 0.3, 'roll').metres).toBeCloseTo(0.6096, 9);
  });
});

describe('green speed in the unit of whoever reads it', () => {
  test.each([
    [3.048, feet, '10.0 ft', '10'],
    [3.048, metres, '3.05 m', '3,05'],
    [2.9, paces, '9.5 ft', '9.5'],
  ] as const)('%d m', (speed, choice, shown, typed) => {
    expect(formatSpeed(speed, choice)).toBe(shown);
    expect(Math.abs((readSpeed(typed, choice) ?? 0) - speed)).toBeLessThan(0.02);
  });

  test('what is no number is none', () => {
    expect(['', 'fast', '1e3', '3 4', '--2'].map(readNumber)).toEqual([null, null, null, null, null]);
    expect(['4,2', '.5', '−1'].map(readNumber)).toEqual([4.2, 0.5, -1]);
  });
});

describe('showing a length', () => {
  test.each([
    [5.334, 'roll', feet, '17 ft 6 in'],
    [5.4864, 'station', feet, '18 ft'],
    [0.2, 'roll', feet, '8 in'],
    [0.2667, 'backstroke', feet, '10½ in'],
    [0.265, 'backstroke', metres, '27 cm'],
    [5.349, 'roll', metres, '5.35 m'],
    [0.3, 'roll', metres, '30 cm'],
    [5.9, 'station', paces, '7 steps and a foot'],
  ] as const)('%d m as a %s', (length, kind, choice, expected) => {
    expect(formatLength(length, kind, choice)).toBe(expected);
  });

  test.each([
    // Half a foot short of the next pace is where it begins: of 76 cm from two feet on, of 80 cm from three.
    [0.76 + 0.5, 0.76, '2 steps'],
    [0.8 + 0.5, 0.8, '1 step and 2 feet'],
    [0.8 + 0.75, 0.8, '1 step and 2 feet'],
    [0.8 + 0.77, 0.8, '2 steps'],
    [0.76 + 0.45, 0.76, '1 step and a foot'],
  ])('%d m in paces of %d m', (length, paceLength, expected) => {
    expect(formatLength(length, 'station', { unit: 'paces', paceLength })).toBe(expected);
  });

  test('never says a remainder that is nearly a pace', () => {
    expect(formatPaces(1.59, paces)).toBe('2 steps');
    expect(formatPaces(0.3, paces)).toBe('a foot');
  });

  test('what is filled into an entry reads back as the same length', () => {
    for (const [kind, choice] of [
      ['roll', feet],
      ['backstroke', feet],
      ['station', paces],
      ['roll', metres],
    ] as const) {
      const parsed = parseLength(entryText(3.21, kind, choice), kind, choice);
      expect(parsed.status === 'ok' && Math.abs(parsed.metres - 3.21)).toBeLessThan(0.005);
    }
  });
});

test('widths are told to what can be set by hand', () => {
  const feet = { unit: 'feet', paceLength: null } as const;
  const metres = { unit: 'metres', paceLength: null } as const;
  expect([0.1016, 0.0825, 0.0635, 0.01905].map((width) => formatLength(width, 'width', feet))).toEqual([
    '4 in',
    '3¼ in',
    '2½ in',
    '¾ in',
  ]);
  expect(formatLength(0.0655, 'width', metres)).toBe('66 mm');
  expect(parseLength('3¼', 'width', feet)).toMatchObject({ metres: expect.closeTo(0.08255, 6) });
  expect(parseLength('80', 'width', metres)).toEqual({ status: 'ok', metres: 0.08 });
});

test.each([
  ['7', paces, '7 steps'],
  [' 7 paces ', paces, '7 paces'],
  ['7 paces 1 ft', feet, '7 paces 1 ft'],
  ['17\' 6"', feet, '17\' 6"'],
  ['10½', feet, '10½ ft'],
  ['5,4', metres, '5,4 m'],
] as const)('%s is kept as said, with one unit', (text, choice, said) => {
  expect(asEntered(text, 'station', choice)).toBe(said);
});
