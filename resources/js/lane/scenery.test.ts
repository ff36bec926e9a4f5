import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { Acceptance, Drill, Task, Zone } from '../api/types';
import { unitsFor } from '../units/useUnits';
import { closeUp } from './geometry';
import { drawnStations, sceneryOf, sceneryOfNext } from './scenery';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;
const shipped = (key: string) => library.find((drill) => drill.key === key) as Drill;

const passes = (part: Partial<Acceptance>): Acceptance => ({
  holed: true,
  only_holed: false,
  roll_m: null,
  ring_m: null,
  struck: false,
  seen: [],
  ...part,
});
const zone = (length_m: number, part: Partial<Acceptance>, task: Task | null = null): Zone => ({
  length_m,
  task,
  passes_if: passes(part),
});

test('stations lie to the right of the target, and what passes is as the server says', () => {
  for (const drill of library) {
    expect(drawnStations(drill).length, drill.key).toBeGreaterThan(0);
    expect(drawnStations(drill).every(({ length_m }) => length_m > 0)).toBe(true);
  }
  const drill = shipped('lip-and-rod');
  const scenery = sceneryOf(
    { drill, rule: '', zones: [zone(9, { roll_m: [9, 9.5] }), zone(4, { roll_m: [4, 4.5] })] },
    feet,
  );
  expect(scenery.windowOf?.(9)).toEqual([0, 0.5]);
  expect(scenery.windowOf?.(4)?.[1]).toBeCloseTo(0.5);
});

test('told past and short in turn, the whole stretch is drawn; told one of them, only that', () => {
  const drill = shipped('past-short-true');
  const zones = [zone(5, { roll_m: [5, 5.6] }, 'past'), zone(5, { roll_m: [4.4, 5], holed: false }, 'short')];
  const window = sceneryOf({ drill, rule: '', zones }, feet).windowOf?.(5) ?? [0, 0];
  expect(window[0]).toBeCloseTo(-0.6);
  expect(window[1]).toBeCloseTo(0.6);
  const next = {
    station: 0,
    length_m: 5,
    ball: 2,
    task: 'short' as const,
    name: null,
    backstroke_m: null,
    passes_if: zones[1]?.passes_if ?? null,
  };
  const told = sceneryOfNext({ drill, rule: '' }, next, feet).windowOf?.(5) ?? [0, 0];
  expect(told[0]).toBeCloseTo(-0.6);
  expect(told[1]).toBe(0);
});

test('what stands on the lane is what the drill asks', () => {
  const gate = sceneryOf(
    {
      drill: shipped('closing-gate'),
      rule: '',
      zones: [zone(2, { seen: [{ name: 'gate', one_of: ['through'], between: null }] })],
    },
    feet,
  );
  expect(gate).toMatchObject({ target: 'hole', ring: null, windowOf: null, aid: { kind: 'gate' } });
  const ring = sceneryOf({ drill: shipped('ring-then-out'), rule: '', zones: [zone(6, { ring_m: [6, 0.9] })] }, feet);
  expect(ring).toMatchObject({ ring: 0.9, windowOf: null });
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
