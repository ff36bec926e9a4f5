/** Places on a mapped hole: metres to the right of the hole and up from it, the landmark at twelve. */

import type { HoleMap } from '../../api/types';

export interface Place {
  x_m: number;
  y_m: number;
}

/** Half the drawing's side; beyond the map there is room for the hours. */
export const HALF = 100;
/** A map that is not begun is drawn so far, metres. */
const FIRST_REACH = 4;

/** Units of the drawing for a metre. */
export function scaleOf(map: Pick<HoleMap, 'reach_m'>): number {
  return (HALF - 14) / Math.max(FIRST_REACH, map.reach_m);
}

/** The place of an hour and a distance; hours count clockwise from the landmark. */
export function placeAt(hour: number, metres: number): Place {
  const turn = (hour * Math.PI) / 6;
  return { x_m: metres * Math.sin(turn), y_m: metres * Math.cos(turn) };
}

/** The hour a place lies nearest to, from 1 to 12, and how far out. */
export function clockOf({ x_m, y_m }: Place): { hour: number; metres: number } {
  const hours = Math.round((Math.atan2(x_m, y_m) * 6) / Math.PI);
  return { hour: ((hours + 11) % 12) + 1, metres: Math.hypot(x_m, y_m) };
}

/**
 * The slope a phone lay on, from two readings half a turn apart: its own error is the same in both, and falls out.
 *
 * @param first along its long edge and across it, per cent, its top to the landmark
 * @param turned the same with its top away from it
 */
export function slopeOfTwo(
  first: { along_percent: number; across_percent: number },
  turned: { along_percent: number; across_percent: number },
): { up_percent: number; right_percent: number } {
  const half = (one: number, other: number) => Math.round(50 * (one - other)) / 100;
  return {
    up_percent: half(first.along_percent, turned.along_percent),
    right_percent: half(first.across_percent, turned.across_percent),
  };
}
