import { expect, test } from 'vitest';
import { levelOf } from './deviceReadings';

test('a phone with its top raised lies uphill, with its right edge lowered the ground falls to the right', () => {
  expect(levelOf({ beta: 1, gamma: 0 })).toEqual({ along_percent: 1.7, across_percent: -0 });
  expect(levelOf({ beta: -2, gamma: 1 })).toEqual({ along_percent: -3.5, across_percent: -1.7 });
  expect(levelOf({ beta: 0, gamma: -0.5 })).toEqual({ along_percent: 0, across_percent: 0.9 });
});
