import { expect, test } from 'vitest';
import { counted, NO_BALLS, questionWords, undone } from './homeEntries';

test('a tally counts what went as it should, and gives back the last ball whichever it was', () => {
  const two = counted(counted(NO_BALLS, true), false);
  expect([two.balls, two.passes]).toEqual([2, 1]);
  expect(undone(two)).toEqual(counted(NO_BALLS, true));
  expect(undone(undone(two))).toEqual(NO_BALLS);
  expect(undone(NO_BALLS)).toBe(NO_BALLS);
});

test('only what was asked of a task is said', () => {
  expect(questionWords({ home_balls: 12, home_target: 8, home_days: 1 })).toBe(
    'Aim for 8 of 12 successful. On one day a week.',
  );
  expect(questionWords({ home_balls: 12, home_target: null, home_days: null })).toBe('12 balls a day.');
  expect(questionWords({ home_balls: null, home_target: null, home_days: null })).toBe('');
});
