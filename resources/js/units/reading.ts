import type { Green } from '../server/types';
import { day } from './dates';

/** How a green's standing figure was got, and when. */
export function greenWords(green: Green): string {
  const surface = green.surface === 'mat' ? 'mat' : 'grass';
  if (green.reading == null) {
    return `${surface}, not measured yet`;
  }
  const how = { ramp: 'by ramp', stopwatch: 'by stopwatch', estimated: 'estimated', unknown: 'unknown' }[
    green.reading.method
  ];
  return `${surface}, ${how}, ${day(green.reading.taken_at)}`;
}
