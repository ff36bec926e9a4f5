import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { Drill } from '../app/types';
import { unitsFor } from '../app/useUnits';
import { closeUp } from '../lane/geometry';
import { drawnStations, sceneryOf } from './scenery';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;
const shipped = (key: string) => library.find((drill) => drill.key === key) as Drill;

test('every shipped drill can be drawn: stations to the right of its target, a window around it', () => {
  for (const drill of library) {
    expect(drawnStations(drill).length, drill.key).toBeGreaterThan(0);
    for (const { length_m } of drawnStations(drill)) {
      const window = sceneryOf(drill, feet).windowOf?.(length_m) ?? null;
      expect(length_m).toBeGreaterThan(0);
      expect(window === null || (window[0] <= 0 && window[1] >= 0 && window[1] > window[0]), drill.key).toBe(
        true,
      );
    }
  }
});

test('what stands on the lane is what the drill asks', () => {
  expect(sceneryOf(shipped('closing-gate'), feet)).toMatchObject({
    target: 'hole',
    ring: null,
    aid: { kind: 'gate' },
  });
  expect(sceneryOf(shipped('closing-gate'), feet).windowOf).toBeNull();
  expect(sceneryOf(shipped('lip-and-rod'), feet).windowOf?.(9)).toEqual([0, 0.5]);
  expect(sceneryOf(shipped('never-twice'), feet).windowOf?.(10)).toEqual([-1, 1]);
  expect(sceneryOf(shipped('ring-then-out'), feet)).toMatchObject({ ring: 0.9, windowOf: null });
});

test('a scattered station is drawn by the ends of its range, and each place once', () => {
  expect(drawnStations(shipped('loose-tees')).map(({ length_m }) => length_m)).toEqual([1.5, 9]);
  expect(drawnStations(shipped('up-down-in-turn'))).toHaveLength(2);
});

test('the close-up is nearer where a ring is, and never so near that its ball is off it', () => {
  expect(closeUp(10, 0)).toEqual({ low: 5.5, high: 14.5 });
  expect(closeUp(10, 0, 0.9)).toEqual({ low: 7.3, high: 12.7 });
  const { low, high } = closeUp(2, 0, 0.9);
  expect(low).toBeCloseTo(1.1);
  expect(high).toBeGreaterThanOrEqual(2 + 0.9);
});
