import { expect, test } from 'vitest';
import type { PuttRead } from '../../api/types';
import { laneLayout, readLayout, withinLane } from './readLayout';

const lanes = [true, false].flatMap((isUpright) =>
  [
    [0.4, 0.15],
    [3.7, 0.2],
    [12, 1.4],
    [30, 9],
    [2, 6],
  ].map(([furthest = 0, widest = 0]) => ({
    isUpright,
    furthest,
    widest,
    lane: laneLayout({ furthest, widest }, isUpright),
  })),
);

test('everything that must be in view is, whichever way the lane lies', () => {
  for (const { furthest, widest, lane } of lanes) {
    for (const [x, y] of [
      [0, 0],
      [furthest, 0],
      [0, widest],
      [furthest, -widest],
      [furthest / 2, widest],
    ] as const) {
      const [px, py] = lane.place(x, y);
      expect(px).toBeGreaterThanOrEqual(0);
      expect(px).toBeLessThanOrEqual(lane.box[0]);
      expect(py).toBeGreaterThanOrEqual(0);
      expect(py).toBeLessThanOrEqual(lane.box[1]);
    }
    expect(lane.reach).toBeGreaterThan(widest);
  }
});

test('lengths are to scale along the lane; sideways is drawn up to five times as wide', () => {
  for (const { isUpright, furthest, lane } of lanes) {
    const along = (x: number) => lane.place(x, 0)[isUpright ? 1 : 0];
    const step = Math.abs(along(furthest / 4) - along(0));
    expect(Math.abs(along(furthest) - along((3 * furthest) / 4))).toBeCloseTo(step, 6);
    expect(step).toBeCloseTo((lane.metre * furthest) / 4, 6);
    expect(lane.stretch).toBeLessThanOrEqual(5);
    const [wide, long] = isUpright ? lane.radii(1) : [lane.radii(1)[1], lane.radii(1)[0]];
    expect(wide / long).toBeCloseTo(lane.stretch, 6);
  }
});

test('upright the ball lies near the hand, to the right is to the right in both', () => {
  const upright = laneLayout({ furthest: 4, widest: 0.3 }, true);
  const along = laneLayout({ furthest: 4, widest: 0.3 }, false);
  expect(upright.place(0, 0)[1]).toBeGreaterThan(upright.place(4, 0)[1]);
  expect(upright.place(0, 0.2)[0]).toBeGreaterThan(upright.place(0, 0)[0]);
  expect(along.place(4, 0)[0]).toBeGreaterThan(along.place(0, 0)[0]);
  expect(along.place(0, 0.2)[1]).toBeGreaterThan(along.place(0, 0)[1]);
  expect(upright.direction(1, 0)).toEqual([0, -1]);
  expect(along.direction(1, 0)).toEqual([1, 0]);
});

test('a way is drawn from its first point on, and cut where it leaves the lane', () => {
  const lane = laneLayout({ furthest: 4, widest: 0.3 }, false);
  expect(lane.path([[0, 0]])).toMatch(/^M[\d.]+ [\d.]+$/);
  expect(
    lane
      .path([
        [0, 0],
        [1, 0.1],
        [2, 0.2],
      ])
      .match(/[ML]/g),
  ).toEqual(['M', 'L', 'L']);
  const inside = [
    [0, 0],
    [1, 0.1],
  ] as const;
  expect(withinLane(inside, lane)).toBe(inside);
  const out = [
    [0, 0],
    [1, lane.reach + 1],
    [2, lane.reach + 2],
  ] as const;
  expect(withinLane(out, lane)).toHaveLength(2);
  expect(
    withinLane(
      [
        [0, 0],
        [lane.far + 1, 0],
        [9, 0],
      ],
      lane,
    ),
  ).toHaveLength(2);
});

test('a read that breaks far or runs past is in view whole, with what slips would do', () => {
  const look = {
    length_m: 3,
    lines: [
      {
        path: [
          [0, 0],
          [1.5, -0.8],
          [3, 0],
        ],
        aim_m: -0.9,
      },
    ],
    slips: [
      { x_m: 4.2, y_m: 1.1 },
      { x_m: null, y_m: null },
    ],
  } as unknown as PuttRead;
  const lane = readLayout(look, true);
  expect(lane.reach).toBeGreaterThan(1.1);
  expect(lane.far).toBeGreaterThan(4.2);
  const [, top] = lane.place(4.2, 1.1);
  expect(top).toBeGreaterThan(0);
});
