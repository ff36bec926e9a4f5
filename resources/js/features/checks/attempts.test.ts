import { describe, expect, test } from 'vitest';
import type { CheckField } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import { NOTHING, nextDraft, readDraft, tryWords } from './attempts';
import { moveItem } from './moveItem';

const metres = unitsFor({ unit: 'metres', paceLength: null });

const field = (part: Partial<CheckField> & Pick<CheckField, 'name' | 'kind'>): CheckField => ({
  question: part.name,
  answers: [],
  unit: null,
  least: null,
  most: null,
  sides: null,
  is_needed: true,
  ...part,
});

const FIELDS = [
  field({
    name: 'offset_m',
    kind: 'metres',
    unit: 'small_m',
    least: -0.2,
    most: 0.2,
    sides: ['Left', 'Right'],
  }),
  field({ name: 'at_m', kind: 'metres', least: 0.3, most: 12 }),
  field({ name: 'by', kind: 'words', answers: [{ value: 'mirror', label: 'A mirror' }] }),
  field({ name: 'bpm', kind: 'count', least: 30, most: 160, is_needed: false }),
];

describe('a try is read as it was typed', () => {
  test('with its side, its unit and what was chosen', () => {
    const draft = {
      texts: { offset_m: '3', at_m: '2', by: 'mirror', bpm: '76' },
      sides: { offset_m: 0 as const },
    };
    const { answers } = readDraft(FIELDS, draft, metres);
    expect(answers).toEqual({ offset_m: -0.03, at_m: 2, by: 'mirror', bpm: 76 });
    expect(tryWords(FIELDS, answers ?? {}, metres)).toBe('30 mm left · 2.00 m · A mirror · 76');
  });

  test('what is missing, of no side, beyond its range or no number is said at its field', () => {
    const read = (texts: Record<string, string>, sides = {}) => readDraft(FIELDS, { texts, sides }, metres).errors;
    expect(Object.keys(read({}) ?? {})).toEqual(['offset_m', 'at_m', 'by']);
    expect(read({ offset_m: '3', at_m: '2', by: 'mirror' })).toEqual({
      offset_m: 'Choose a side: left or right.',
    });
    expect(read({ offset_m: '0', at_m: '2', by: 'mirror' })).toBeNull();
    expect(Object.keys(read({ offset_m: '30', at_m: '2', by: 'mirror' }, { offset_m: 1 }) ?? {})).toEqual(['offset_m']);
    expect(read({ offset_m: 'a bit', at_m: '2', by: 'mirror' })?.offset_m).toContain('is not a length');
    expect(read({ offset_m: '0', at_m: '2', by: 'mirror', bpm: '7.5' })?.bpm).toBe(
      '“7.5” is outside the range. Type 30 to 160.',
    );
  });

  test('a number in a unit of its own, with either decimal sign', () => {
    const speed = [field({ name: 'speed_m_s', kind: 'number', unit: 'm/s', least: 0.2, most: 8 })];
    const read = (text: string) => readDraft(speed, { texts: { speed_m_s: text }, sides: {} }, metres);
    expect(read('1,85').answers).toEqual({ speed_m_s: 1.85 });
    expect(tryWords(speed, { speed_m_s: 1.85 }, metres)).toBe('1.85 m/s');
    for (const wrong of ['9', 'fast', '0.1']) {
      expect(read(wrong).errors?.speed_m_s).toBe(`“${wrong}” is outside the range. Type 0.2 to 8 m/s.`);
    }
  });

  test('for the next try only what was measured is asked anew', () => {
    const draft = { texts: { offset_m: '3', at_m: '2', by: 'mirror' }, sides: { offset_m: 1 as const } };
    expect(nextDraft(FIELDS, draft)).toEqual({ texts: { at_m: '2', by: 'mirror' }, sides: { offset_m: 1 } });
    expect(nextDraft(FIELDS, NOTHING)).toEqual(NOTHING);
  });
});

test('points change places, and stay at the ends', () => {
  expect(moveItem(['a', 'b', 'c'], 1, -1)).toEqual(['b', 'a', 'c']);
  expect(moveItem(['a', 'b', 'c'], 1, 1)).toEqual(['a', 'c', 'b']);
  expect(moveItem(['a', 'b', 'c'], 0, -1)).toEqual(['a', 'b', 'c']);
  expect(moveItem(['a', 'b', 'c'], 2, 1)).toEqual(['a', 'b', 'c']);
});
