import { expect, test } from 'vitest';
import { closeUp, laneScale, laneTicks, snapStop } from './geometry';

test('a touch maps back to the length it was drawn at', () => {
  const scale = laneScale({ low: 2, high: 8 }, 500, 20);
  expect(scale(2)).toBe(500);
  expect(scale(8)).toBe(20);
  expect(scale.invert(scale(5.3))).toBeCloseTo(5.3, 9);
});

test('a touch beyond the lane stays on it', () => {
  expect(laneScale({ low: 2, high: 8 }, 500, 20).invert(-50)).toBe(8);
});

test('stops snap to what can be judged, and never to nothing', () => {
  expect(snapStop(5.51, 'feet')).toBeCloseTo(18 * 0.3048, 6);
  expect(snapStop(5.38, 'metres')).toBeCloseTo(5.4, 6);
  expect(snapStop(0, 'feet')).toBeCloseTo(0.0762, 6);
});

test('the close-up keeps its target in the middle and ticks are whole units', () => {
  const range = closeUp(6, 20);
  expect((range.low + range.high) / 2).toBeCloseTo(6, 9);
  for (const tick of laneTicks(range, 'metres')) {
    expect(tick * 2).toBeCloseTo(Math.round(tick * 2), 9);
  }
});
