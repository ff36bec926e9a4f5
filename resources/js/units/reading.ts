/** How a reading of a green was got, and how old it is. */

import type { Green, GreenSpeedMeasurement, MeasurementMethod } from '../api/types';
import { clock, day } from './dates';

const HOW: Readonly<Record<MeasurementMethod, string>> = {
  ramp: 'by ramp',
  stopwatch: 'by stopwatch',
  estimated: 'estimated',
  unknown: 'unknown',
};

/** What a green is, how its standing figure was got, and when. @param surface as it is named; "mat" or "grass" */
export function greenWords(green: Green, surface: string = green.surface): string {
  return green.reading == null
    ? `${surface}, not measured yet`
    : `${surface}, ${HOW[green.reading.method]}, ${day(green.reading.taken_at)}`;
}

const DAY_MS = 24 * 3_600_000;

/** "by stopwatch at 14:05 with Tobin Askerley"; older ones by how many days ago they were. */
export function agoWords(reading: GreenSpeedMeasurement, now = Date.now()): string {
  const taken = new Date(reading.taken_at);
  const midnight = new Date(now).setHours(0, 0, 0, 0);
  const days = Math.ceil((midnight - taken.getTime()) / DAY_MS);
  const when =
    days <= 0
      ? `at ${clock(reading.taken_at)}`
      : days === 1
        ? 'yesterday'
        : `${days} days ago, ${day(reading.taken_at)}`;
  return `${HOW[reading.method]} ${when}${reading.whose === null ? '' : ` with ${reading.whose}`}`;
}
