/** How a putt lies on its drawing: along the page where there is width, upright in the hand. */

import type { PuttRead } from '../../api/types';

/** Sideways is drawn wider where a putt is long and its break small, up to so much. */
const WIDEST = 5;
const EDGE = 46;

export type ReadLayout = ReturnType<typeof laneLayout>;

/** Everything a read draws, in view. */
export function readLayout(look: PuttRead, isUpright: boolean): ReadLayout {
  const points = [
    ...look.lines.flatMap(({ path }) => path),
    ...look.slips.flatMap(({ x_m, y_m }) => (x_m === null || y_m === null ? [] : [[x_m, y_m] as const])),
    [look.length_m, look.lines[0]?.aim_m ?? 0] as const,
  ];
  return laneLayout(
    {
      furthest: Math.max(look.length_m * 1.05, ...points.map(([x]) => x)),
      widest: Math.max(0.15, ...points.map(([, y]) => Math.abs(y))),
    },
    isUpright,
  );
}

/** A way as far as it can be seen. */
export function withinLane(
  way: readonly (readonly [number, number])[],
  { reach, far }: ReadLayout,
): readonly (readonly [number, number])[] {
  const out = way.findIndex(([x, y]) => Math.abs(y) > reach || x > far || x < -far);
  return out < 0 ? way : way.slice(0, out + 1);
}

/** @param seen metres that must be in view along the line and to each side */
export function laneLayout({ furthest, widest }: { furthest: number; widest: number }, isUpright: boolean) {
  const box: [number, number] = isUpright ? [360, 520] : [860, 290];
  const [long, deep] = isUpright ? [box[1], box[0]] : box;
  const metre = (long - 2 * EDGE) / furthest;
  const fits = (deep / 2 - 26) / (widest * metre);
  const stretch = fits > 1 ? Math.min(WIDEST, fits) : fits;
  const place = (x: number, y: number): [number, number] =>
    isUpright
      ? [deep / 2 + y * metre * stretch, long - EDGE - x * metre]
      : [EDGE + x * metre, deep / 2 + y * metre * stretch];
  return {
    box,
    metre,
    stretch,
    place,
    /** Half of what is seen sideways, metres. */
    reach: deep / 2 / (metre * stretch),
    /** How far along is seen, metres. */
    far: furthest * 1.1,
    path: (way: readonly (readonly [number, number])[]) =>
      way
        .map(([x, y], index) => {
          const [px, py] = place(x, y);
          return `${index === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`;
        })
        .join(' '),
    /** A direction over the ground as one of the drawing, of length one. */
    direction: (x: number, y: number): [number, number] => (isUpright ? [y, -x] : [x, y]),
    radii: (metres: number): [number, number] =>
      isUpright ? [metres * metre * stretch, metres * metre] : [metres * metre, metres * metre * stretch],
    legend: (isUpright ? [12, box[1] - 74] : [14, 26]) as [number, number],
    note: [12, box[1] - 10] as [number, number],
    spots: (isUpright
      ? [
          [62, 130],
          [300, 130],
          [62, 270],
          [300, 270],
          [300, 410],
        ]
      : [
          [350, 60],
          [560, 60],
          [150, 232],
          [350, 232],
          [560, 232],
        ]) as [number, number][],
  };
}
