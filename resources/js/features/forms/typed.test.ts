import { expect, test } from 'vitest';
import { unitsFor } from '../../units/useUnits';
import { readSlope, slopeOfText, textOfSlope, typedSlope } from './SlopeEntry';
import { lengthError, metresOf, numberError, numberOf, stepped, summed, textOf, typedLength } from './typed';

const feet = unitsFor({ unit: 'feet', paceLength: null });

test('a length left as it was filled in is saved to the millimetre, one typed over is read', () => {
  const filled = typedLength(feet, 3.017, 'station');
  expect(metresOf(feet, filled, 'station')).toBe(3.017);
  expect(metresOf(feet, { ...filled, text: '12' }, 'station')).toBeCloseTo(3.6576, 4);
  expect(metresOf(feet, typedLength(feet, null, 'roll'), 'roll')).toBeNull();
  expect(lengthError(feet, { ...filled, text: 'far' }, 'station')).toContain('“far” is not a length');
});

test('what is left empty is none, and no error', () => {
  expect([numberOf(' '), numberOf('14,2'), numberOf('many')]).toEqual([null, 14.2, null]);
  expect([numberError(''), numberError('many')]).toEqual([null, '“many” is not a number.']);
  expect([textOf('  '), textOf(' same beat ')]).toEqual([null, 'same beat']);
  expect(summed('Right', null, false, '', 'Club')).toBe('Right · Club');
});

test.each([
  ['', 'none', null],
  ['2', 'plus', 2],
  ['-1.5', 'minus', -1.5],
  ['−3', 'minus', -3],
] as const)('a slope of “%s” is %s, and reads as %s', (text, way, percent) => {
  const typed = slopeOfText(text);
  expect(typed.way).toBe(way);
  expect(readSlope(typed).percent).toBe(percent);
  expect(slopeOfText(textOfSlope(typed))).toEqual(typed);
});

test('a step goes on from what is typed, and never below none', () => {
  expect([stepped('45', 5), stepped('', 5), stepped('3', -5), stepped('1.5', 0.5), stepped('many', 1)]).toEqual([
    '50',
    '5',
    '0',
    '2',
    '1',
  ]);
});

test('a way without a number asks for it, and keeps its way', () => {
  const uphill = { way: 'plus', percent: '' } as const;
  expect(readSlope(uphill).error).toBe('Type how steep, like 2 %.');
  expect(slopeOfText(textOfSlope(uphill))).toEqual(uphill);
  expect(readSlope({ way: 'minus', percent: 'steep' }).error).toContain('“steep” is not a slope');
  expect(readSlope({ way: 'plus', percent: '-2' }).error).not.toBeNull();
  expect(typedSlope(-2)).toEqual({ way: 'minus', percent: '2' });
});
