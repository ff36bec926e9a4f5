import { expect, test } from 'vitest';
import type { Drill, ObservationType, RunProgress, RunState } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import { figureWords } from '../drill-results/figures';
import { standing } from '../drill-run/useDrillRun';
import { answerOfFace, faceOf, facesOf } from './answerFaces';
import { askedTypes } from './entry';

const kind = (name: string, part: Partial<ObservationType> = {}): ObservationType => ({
  name,
  question: name,
  kind: 'words',
  answers: [
    { value: 'a', label: 'A' },
    { value: 'b', label: 'B' },
  ],
  unit: null,
  least: null,
  most: null,
  feeds: 'cause',
  tells: [],
  tells_of_next: [],
  of_any_ball: false,
  before: false,
  key: null,
  ...part,
});

test('each thing asked stands where its answer is known: before the ball, of it, or once it lies', () => {
  const asked = [
    kind('gate'),
    kind('call'),
    kind('side_m', { kind: 'metres' }),
    kind('dropped', { kind: 'yes_no' }),
    kind('aim_offset_m', { kind: 'metres' }),
    kind('putts_to_finish', { kind: 'count' }),
  ];
  const run = { asked, needs: ['gate', 'call', 'roll_m'] } as unknown as RunState;
  const names = (kinds: readonly ObservationType[]) => kinds.map(({ name }) => name);
  const { before, first, after } = askedTypes(run);
  expect(names(before)).toEqual(['aim_offset_m']);
  expect(names(first)).toEqual(['gate']);
  expect(names(after)).toEqual(['dropped']);
});

test('faces give the answer they stand for, and know which was given', () => {
  const level = kind('level', { kind: 'count', least: 0, most: 5, answers: [] });
  expect(facesOf(level).map(({ value }) => value)).toEqual(['1', '2', '3']);
  expect(answerOfFace(level, '2')).toBe(2);
  expect(faceOf(2)).toBe('2');
  const held = kind('held', {
    kind: 'yes_no',
    answers: [
      { value: 'yes', label: 'Held' },
      { value: 'no', label: 'Not held' },
    ],
  });
  expect(facesOf(held).map(({ keyName }) => keyName)).toEqual(['y', 'n']);
  expect(answerOfFace(held, 'no')).toBe(false);
  expect(faceOf(false)).toBe('no');
  expect(answerOfFace(kind('strike'), 'a')).toBe('a');
});

test('keys of one choice are apart', () => {
  for (const each of [kind('gate'), kind('contact'), kind('level', { kind: 'count', most: 5 })]) {
    const keys = facesOf(each).map(({ keyName }) => keyName);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).not.toContain('');
  }
});

test.each([
  ['share', 0.625, '63 %'],
  ['spread', 0.083, '8 %'],
  ['of_length', 0.04, '4 % long'],
  ['of_length', -0.12, '12 % short'],
  ['of_length', 0.001, 'on target'],
  ['difference', -0.1, '−10 %'],
  ['difference', 0.1, '+10 %'],
  ['metres', 0.4572, '1 ft 6 in'],
  ['degrees', -0.64, '−0.6°'],
  ['number', 12, '12'],
  ['number', 1.34, '1.3'],
] as const)('a finding of %s %s reads %s', (unit, value, words) => {
  expect(figureWords({ unit, value }, unitsFor({ unit: 'feet', paceLength: null }))).toBe(words);
});

test.each<[string, Partial<Drill>, Partial<RunProgress>, string, string]>([
  ['one ball', {}, { balls: 1, passes: 1 }, '1 of 1 passed.', '1 ball rolled.'],
  [
    'a row with restarts and a cap that is near',
    { on_miss: 'restart_all', cap: { balls: 19 } },
    { balls: 9, passes: 6, streak: 2, restarts: 1 },
    '6 of 9 passed · 2 in a row, 1 restart · stops after 19 balls.',
    '9 balls rolled · stops after 19 balls.',
  ],
  ['a first ball that only measures', {}, { balls: 4, judged: 3, passes: 2 }, '2 of 3 passed.', '4 balls rolled.'],
  [
    'a miss that is rolled again is no restart',
    { on_miss: 'again' },
    { balls: 4, passes: 3, streak: 3, restarts: 1 },
    '3 of 4 passed.',
    '4 balls rolled.',
  ],
  [
    'points toward a goal',
    { end: { kind: 'points', points: 15 } as Drill['end'] },
    { balls: 5, passes: 4, points: 7 },
    '4 of 5 passed · 7 of 15 points.',
    '5 balls rolled.',
  ],
  [
    'a good start whose ball did not drop',
    {},
    { balls: 5, passes: 5, through_but_missed: 2 },
    '5 of 5 passed · 2 started well but missed.',
    '5 balls rolled.',
  ],
])('where a run stands: %s', (_name, drill, progress, words, gently) => {
  const run = {
    judges: true,
    drill: { end: { kind: 'all_stations' }, cap: {}, ...drill },
  } as unknown as RunState;
  const now = {
    balls: 0,
    judged: progress.balls ?? 0,
    passes: 0,
    streak: 0,
    restarts: 0,
    points: null,
    through_but_missed: 0,
    ...progress,
  } as RunProgress;
  expect(standing(run, now, false)).toBe(words);
  expect(standing(run, now, true)).toBe(gently);
  expect(standing({ ...run, judges: false }, now, false)).toMatch(/^\d+ balls? rolled/);
});
