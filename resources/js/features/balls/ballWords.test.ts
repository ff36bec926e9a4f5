import { expect, test } from 'vitest';
import type { BallMeasurement, Remarks } from '../../api/types';
import { outsideLimits } from '../../units/limits';
import { slopeWords } from '../../units/slope';
import { unitsFor } from '../../units/useUnits';
import { ballWords } from './ballWords';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const ball: BallMeasurement = {
  backstroke_m: 0.254,
  roll_m: 5.334,
  stop: 'free',
  target_m: null,
  grade_percent: 0,
};

test.each<[Partial<BallMeasurement & Remarks>, string]>([
  [{}, '10 in back, 17 ft 6 in'],
  [{ backstroke_m: null }, '17 ft 6 in'],
  [{ stop: 'holed', roll_m: null }, '10 in back, holed'],
  [{ stop: 'edge' }, '10 in back, at least 17 ft 6 in, stopped at the edge'],
  [{ mark: 'mishit' }, '10 in back, 17 ft 6 in, mishit'],
  [{ mark: 'distraction', stop: 'rod' }, '10 in back, at least 17 ft 6 in, stopped at a rod, distracted'],
  [{ backstroke_m: null, roll_m: null, stop: 'unseen', seen: { gate: 'left' } }, 'left of the line'],
  [{ seen: { side_m: -0.3048, held: true }, cause: 'read' }, '10 in back, 17 ft 6 in, 1 ft left, why: read, held'],
  [{ backstroke_m: null, roll_m: null, stop: 'unseen', seen: { hit: true }, mark: 'doubt' }, 'hit it, not committed'],
  [{ seen: { call: 'long', putts_to_finish: 2 } }, '10 in back, 17 ft 6 in, called past, holed out in 2'],
  [
    { stop: 'ball', run_on_m: 0.3048 },
    '10 in back, at least 17 ft 6 in, would have run on 1 ft, stopped by another ball',
  ],
  // What only the server's list knows is told all the same.
  [{ seen: { strike: 'toe', read_amount_m: 0.3048 } }, '10 in back, 17 ft 6 in, strike toe, read amount 12 in'],
])('a ball in words %#', (change, words) => {
  expect(ballWords({ ...ball, ...change }, feet)).toBe(words);
});

test("in the coach's own units", () => {
  expect(ballWords(ball, metres)).toBe('25 cm back, 5.33 m');
});

test('a slope says its way', () => {
  expect([null, 0, 1.5, -2].map(slopeWords)).toEqual(['level', 'level', '1.5 % uphill', '2 % downhill']);
});

test('a slip of the finger is caught before it is kept', () => {
  expect(outsideLimits(0, 'backstroke')).toMatch(/between/);
  expect(outsideLimits(3, 'backstroke')).toMatch(/between/);
  expect(outsideLimits(0.25, 'backstroke')).toBeNull();
  expect(outsideLimits(null, 'roll')).toBeNull();
  expect(outsideLimits(900, 'roll')).toMatch(/between/);
});

test('an entry says what it could not read and how to type it', () => {
  expect(feet.read('far', 'roll')).toEqual({
    metres: null,
    error: '“far” is not a length. Type 18 or 17\' 6".',
  });
  expect(metres.read('weit', 'backstroke').error).toContain('25 or 25 cm');
  expect(feet.read('', 'roll')).toEqual({ metres: null, error: null });
});
