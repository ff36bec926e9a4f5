import { expect, test } from 'vitest';
import { unitsFor } from '../../units/useUnits';
import { readLengths, textWithUnit } from './lengthList';

const feet = unitsFor({ unit: 'feet', paceLength: 0.8 });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const paces = unitsFor({ unit: 'paces', paceLength: 0.8 });

test.each([
  ['3, 6, 9', metres, [3, 6, 9]],
  ['10, 20', feet, [3.048, 6.096]],
  ['3, 6, 9 paces', feet, [2.4, 4.8, 7.2]],
  ['3, 6 and 9 paces', feet, [2.4, 4.8, 7.2]],
  ['5; 10', paces, [4, 8]],
  ['3 m, 10 ft', feet, [3, 3.048]],
  ['4 paces, 10 ft', feet, [3.2, 3.048]],
  ['7', metres, [7]],
  ['2.5 , 4', metres, [2.5, 4]],
] as const)('“%s” is read', (text, units, lengths) => {
  const read = readLengths(text, units);
  expect(read.error).toBeNull();
  expect(read.lengths).toHaveLength(lengths.length);
  for (const [at, length] of lengths.entries()) {
    expect(read.lengths?.[at]).toBeCloseTo(length, 9);
  }
});

test.each([
  ['', 'Type lengths with commas: 3, 6, 9 steps.'],
  [' , ', 'Type lengths with commas: 3, 6, 9 steps.'],
  ['3, far, 9', '“far” is not a length.'],
  ['3, 0, 9', 'Each length is above 0.'],
  ['3, -2', 'Each length is above 0.'],
])('“%s” is not, and nothing of it is taken', (text, error) => {
  const read = readLengths(text, feet);
  expect(read.lengths).toBeNull();
  expect(read.error).toContain(error);
});

test('a set is kept as it was said, a bare number with its unit', () => {
  expect(textWithUnit(' 3, 6, 9 paces ', feet)).toBe('3, 6, 9 paces');
  expect(textWithUnit('10, 20', feet)).toBe('10, 20 ft');
});
