/** Pure geometry of the lane: metres to pixels and back. */

import { scaleLinear } from 'd3-scale';
import type { Unit } from '../units/length';
import { METRES_PER_FOOT } from '../units/length';

export interface LaneRange {
  /** Metres from the ball at the near end. */
  low: number;
  /** Metres from the ball at the far end; above low. */
  high: number;
}

/** How finely a coach judges where a ball stopped: an inch or two up close, a quarter foot further out. */
export function snapStop(metres: number, unit: Unit): number {
  const step = unit === 'metres' ? (metres < 3 ? 0.05 : 0.1) : METRES_PER_FOOT / (metres < 3 ? 4 : 2);
  return Math.max(step, Math.round(metres / step) * step);
}

/**
 * The stretch to show for a target: its surroundings enlarged, so that a thumb is exact enough.
 *
 * @param ring radius of a ring around it, metres: the nearer its balls stop, the closer the view
 */
export function closeUp(target: number | null, longest: number, ring: number | null = null): LaneRange {
  if (target === null) {
    return { low: 0, high: Math.max(3, longest * 1.15) };
  }
  const reach = Math.min(0.45 * target, ring === null ? Number.POSITIVE_INFINITY : Math.max(3 * ring, 0.2 * target));
  return { low: target - reach, high: target + reach };
}

/** Maps metres to pixels from the near end (at "near") to the far end (at "far"). */
export function laneScale(range: LaneRange, near: number, far: number) {
  return scaleLinear().domain([range.low, range.high]).range([near, far]).clamp(true);
}

/** Whole-unit ticks, few enough to read, in metres. */
export function laneTicks(range: LaneRange, unit: Unit, most = 9): number[] {
  const size = unit === 'metres' ? 1 : METRES_PER_FOOT;
  return scaleLinear()
    .domain([range.low / size, range.high / size])
    .ticks(most)
    .map((tick) => tick * size);
}

/** Whole steps from 0 to a length, thinned until they can be read; all in metres. */
export function rulerTicks(longest: number, step: number, most = 14): number[] {
  const thin = Math.max(1, Math.ceil(longest / step / most));
  return Array.from({ length: Math.floor(longest / (step * thin)) + 1 }, (_, index) => index * step * thin);
}
