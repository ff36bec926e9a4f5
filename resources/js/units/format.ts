/** Figures that are no lengths of a putt, as a coach reads them. */

import { METRES_PER_FOOT, type UnitChoice } from './length';

/** A decimal number as it was typed, with a point or a comma; null where it is none. */
export function readNumber(text: string): number | null {
  const trimmed = text.trim().replace(',', '.');
  return /^[-−+]?(\d+\.?\d*|\.\d+)$/.test(trimmed) ? Number(trimmed.replace('−', '-')) : null;
}

/** Metres in one unit of green speed. */
function speedUnit({ unit }: UnitChoice): number {
  return unit === 'metres' ? 1 : METRES_PER_FOOT;
}

/** The unit green speed is said in. */
export function speedSuffix({ unit }: UnitChoice): 'm' | 'ft' {
  return unit === 'metres' ? 'm' : 'ft';
}

/** A green speed as a bare number: tenths of a foot, or the nearest two centimetres. */
export function speedText(metres: number, choice: UnitChoice): string {
  return choice.unit === 'metres' ? metres.toFixed(2) : (metres / speedUnit(choice)).toFixed(1);
}

/** "10.0 ft", "3.05 m". */
export function formatSpeed(metres: number, choice: UnitChoice): string {
  return `${speedText(metres, choice)} ${speedSuffix(choice)}`;
}

/** Metres of a green speed as it was typed; null where it is no number. */
export function readSpeed(text: string, choice: UnitChoice): number | null {
  const read = readNumber(text);
  return read === null ? null : read * speedUnit(choice);
}

/** A share as whole percents. */
export function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}

/** The first words of what was written, as many as a row has room for. */
export function firstWords(text: string, most: number): string {
  const words = text.trim().split(/\s+/);
  return words.length <= most ? words.join(' ') : `${words.slice(0, most).join(' ')} …`;
}
