/** Several lengths said at once: "3, 6 and 9 paces". */

import type { Units } from '../../units/useUnits';

const UNIT_AT_END = /[a-z′'″"]+$/i;

/** The lengths that were said, in metres, or what to say at the field. */
export type LengthList = { lengths: number[]; error: null } | { lengths: null; error: string };

/** Reads lengths with commas; the unit after the last one is that of all that have none. */
export function readLengths(text: string, units: Units): LengthList {
  const parts = text
    .split(/[,;]|\band\b/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length === 0) {
    return { lengths: null, error: 'Type lengths with commas: 3, 6, 9 steps.' };
  }
  const unit = UNIT_AT_END.exec(parts.at(-1) ?? '')?.[0] ?? '';
  const lengths: number[] = [];
  for (const part of parts) {
    const { metres, error } = units.read(UNIT_AT_END.test(part) ? part : `${part} ${unit}`, 'station');
    if (metres === null || metres <= 0) {
      return { lengths: null, error: error ?? 'Each length is above 0.' };
    }
    lengths.push(metres);
  }
  return { lengths, error: null };
}

/** As it was said, with the unit a bare number was meant in. */
export function textWithUnit(text: string, units: Units): string {
  const said = text.trim();
  return UNIT_AT_END.test(said) ? said : `${said} ${units.suffix('station')}`;
}
