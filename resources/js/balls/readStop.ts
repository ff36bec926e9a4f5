import type { LengthEntry, Units } from '../units/useUnits';

/**
 * Where a ball stopped, as it is typed: the whole roll ("19", "18 ft 6"), or with a sign how far past or
 * short of the target it stopped ("+1", "-2").
 *
 * @param target metres; null when rolling at nothing in particular, where a sign says nothing
 */
export function readStop(text: string, target: number | null, units: Units): LengthEntry {
  const trimmed = text.trim();
  const sign = trimmed.startsWith('+') ? 1 : /^[-−]/.test(trimmed) ? -1 : 0;
  if (sign === 0 || target === null) {
    return units.read(trimmed, 'roll');
  }
  const read = units.read(trimmed.slice(1), 'roll');
  return read.metres === null ? read : { metres: target + sign * read.metres, error: null };
}
