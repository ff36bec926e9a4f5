import { describe, expect, test } from 'vitest';
import { unitsFor } from '../../units/useUnits';
import { figureWords, intervalWords } from './figures';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });

describe('figures in words', () => {
  test.each([
    ['share', 0.624, '62 %'],
    ['spread', 0.087, '9 %'],
    ['of_length', -0.04, '4 % short'],
    ['of_length', 0.041, '4 % long'],
    ['of_length', 0.004, 'on target'],
    ['difference', 0.12, '+12 %'],
    ['difference', -0.12, '−12 %'],
    ['angle', 0.72, '0.7° right'],
    ['angle', -1.26, '1.3° left'],
    ['angle', 0.04, 'on line'],
    ['degrees', 1.31, '1.3°'],
    ['number', 4, '4'],
    ['number', 4.25, '4.3'],
  ] as const)('%s of %d is "%s"', (unit, value, words) => {
    expect(figureWords({ unit, value }, feet)).toBe(words);
  });

  test('a length is in the unit of whoever reads it', () => {
    expect(figureWords({ unit: 'metres', value: 0.9144 }, feet)).toBe('3 ft');
    expect(figureWords({ unit: 'metres', value: 0.9144 }, metres)).toMatch(/^0[.,]91 m$|^91 cm$/);
  });

  test('what is not known says nothing, and has no range', () => {
    expect(figureWords({ unit: 'share', value: null }, feet)).toBe('');
    expect(intervalWords({ unit: 'share', interval: null }, feet)).toBe('');
    expect(intervalWords({ unit: 'angle', interval: [-0.5, 0.2] }, feet)).toBe(' (likely 0.5° left to 0.2° right)');
  });
});
