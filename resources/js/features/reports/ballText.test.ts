import { describe, expect, test } from 'vitest';
import type { ReviewBall } from '../../api/types';
import { holeWords } from '../../pages/rounds/RoundScreen';
import { unitsFor } from '../../units/useUnits';
import { ballText } from './Insights';

const feet = unitsFor({ unit: 'feet', paceLength: null });

const ball: ReviewBall = {
  id: 'B',
  session_id: 'S',
  at_ms: 0,
  target_m: 3.048,
  roll_m: 3.3528,
  stop: 'free',
  side_m: null,
  grade_percent: 0,
  across_percent: 0,
  start: null,
  word: 'on',
  attempt: 1,
  is_marked: false,
};

describe('a ball behind a note', () => {
  test.each([
    [{}, '1 ft past'],
    [{ roll_m: 2.7432, start: 'left' }, '1 ft short, started left'],
    [{ start: 'on' }, '1 ft past, started on line'],
    [{ stop: 'holed' }, 'holed'],
    [{ stop: 'holed', roll_m: null, start: 'right' }, 'holed, started right'],
    [{ roll_m: null, word: 'short' }, 'short'],
    [{ target_m: null, word: null }, ''],
  ] as const)('%o is told as "%s"', (change, words) => {
    expect(ballText({ ...ball, ...change }, feet)).toBe(words);
  });
});

describe('a hole of a round', () => {
  const hole = { first_m: 5.4864, putts: 3, leave_m: null, side: null, is_extreme: false } as const;

  test.each([
    [{}, '18 ft, 3 putts'],
    [{ putts: 1 }, '18 ft, 1 putt'],
    [{ side: 'short' }, '18 ft, 3 putts, short'],
    [{ leave_m: 0.9144 }, '18 ft, 3 putts, left 3 ft'],
    [{ is_extreme: true }, '18 ft, 3 putts, extreme slope'],
    [{ first_m: null }, 'length not noted, 3 putts'],
    [{ putts: null }, '18 ft'],
  ] as const)('%o is told as "%s"', (change, words) => {
    expect(holeWords({ ...hole, ...change }, feet)).toBe(words);
  });
});
