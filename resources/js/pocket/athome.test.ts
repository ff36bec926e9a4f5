import { expect, test } from 'vitest';
import { counted, NO_BALLS, takenBack } from './athome';

test('a tally counts what went as it should, and gives back the last ball whichever it was', () => {
  const two = counted(counted(NO_BALLS, true), false);
  expect([two.balls, two.passes]).toEqual([2, 1]);
  expect(takenBack(two)).toEqual(counted(NO_BALLS, true));
  expect(takenBack(takenBack(two))).toEqual(NO_BALLS);
  expect(takenBack(NO_BALLS)).toBe(NO_BALLS);
});
