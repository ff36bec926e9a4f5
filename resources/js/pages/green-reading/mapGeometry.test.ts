import { expect, test } from 'vitest';
import { clockOf, placeAt, scaleOf, slopeOfTwo } from './mapGeometry';

test('a place is where its hour and distance say, and the other way round', () => {
  for (const hour of [1, 3, 4, 6, 9, 11, 12]) {
    const at = clockOf(placeAt(hour, 2.4));
    expect(at.hour).toBe(hour);
    expect(at.metres).toBeCloseTo(2.4, 9);
  }
  expect(placeAt(3, 2).x_m).toBeCloseTo(2, 9);
  expect(placeAt(12, 2).y_m).toBeCloseTo(2, 9);
});

test('what a phone shows on level ground falls out of two readings half a turn apart', () => {
  const own = { along: 0.3, across: -0.4 };
  const first = { along_percent: 2 + own.along, across_percent: -1 + own.across };
  const turned = { along_percent: -2 + own.along, across_percent: 1 + own.across };
  expect(slopeOfTwo(first, turned)).toEqual({ up_percent: 2, right_percent: -1 });
});

test('a map that is not begun leaves room for the places at ten feet', () => {
  expect(scaleOf({ reach_m: 0 }) * 3.05).toBeLessThan(86);
  expect(scaleOf({ reach_m: 8 })).toBeLessThan(scaleOf({ reach_m: 4 }));
});
