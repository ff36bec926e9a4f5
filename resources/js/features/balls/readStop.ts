import type { LengthKind } from '../../units/length';
import type { LengthEntry, Units } from '../../units/useUnits';

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

/** "l 2", "2 r", "-2": metres beside the line, positive right. What says both sides, or a side and no length, is an error. */
export function readSide(text: string, kind: LengthKind, units: Units): LengthEntry {
  const sides = text.match(/[lr+−-]/gi) ?? [];
  const read = units.read(text.replace(/(^|[\s\d'"″′])[lr](?![a-z])/gi, '$1').replace(/[+−-]/g, ''), kind);
  const isAmbiguous = sides.length > 0 && (read.metres === null || new Set(sides.map(isLeft)).size > 1);
  if (isAmbiguous) {
    return { metres: null, error: read.error ?? 'Type how far sideways, and one side: l or r.' };
  }
  return read.metres === null || !sides.some(isLeft) ? read : { metres: -read.metres, error: null };
}

const isLeft = (side: string) => /[l−-]/i.test(side);
