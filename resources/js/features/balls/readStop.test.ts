import { expect, test } from 'vitest';
import { unitsFor } from '../../units/useUnits';
import { readSide, readStop } from './readStop';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const TARGET = 20 * 0.3048;

test.each([
  ['19', 19],
  ['18 ft 6', 18.5],
  ['+1', 21],
  ['-2', 18],
  ['− 2', 18],
  ['+ 6 in', 20.5],
])('"%s" at 20 ft is %s ft', (text, stopped) => {
  expect(readStop(text, TARGET, feet).metres).toBeCloseTo(stopped * 0.3048, 9);
});

test('what is no length says so, and nothing is nothing', () => {
  expect(readStop('+far', TARGET, feet).error).toContain('is not a length');
  expect(readStop('  ', TARGET, feet)).toEqual({ metres: null, error: null });
});

test.each([
  ['l 2', -2],
  ['2 r', 2],
  ['2l', -2],
  ['-2', -2],
  ['R 1 ft 6', 1.5],
  ['3', 3],
])('beside the line "%s" is %s ft', (text, feetBeside) => {
  const read = readSide(text, 'roll', feet);
  expect(read.error).toBeNull();
  expect(read.metres).toBeCloseTo(feetBeside * 0.3048, 9);
});

test.each(['l', 'l 2 r', 'left two', 'lr'])('a side that cannot be read, "%s", is an error and no length', (text) => {
  const read = readSide(text, 'roll', feet);
  expect(read.metres).toBeNull();
  expect(read.error).not.toBeNull();
});
