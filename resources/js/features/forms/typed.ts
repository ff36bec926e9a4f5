/** Lengths and numbers as they stand in a form: the text that was typed, until it is saved. */

import { readNumber } from '../../units/format';
import type { LengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';

/** A length in a form. */
export interface TypedLength {
  text: string;
  /** The length it was filled with, metres; left as it is, that very length is saved, however it was rounded. */
  was_m: number | null;
}

export function typedLength(units: Units, metres: number | null, kind: LengthKind): TypedLength {
  return { text: units.text(metres, kind), was_m: metres };
}

/** @returns metres; null where nothing, or no length, was typed */
export function metresOf(units: Units, { text, was_m }: TypedLength, kind: LengthKind): number | null {
  return units.reread(text, was_m, kind).metres;
}

/** @returns what to say at the field; null where it can be saved */
export function lengthError(units: Units, { text, was_m }: TypedLength, kind: LengthKind): string | null {
  return units.reread(text, was_m, kind).error;
}

export function typedNumber(number: number | null): string {
  return number === null ? '' : String(number);
}

/** @returns null where nothing, or no number, was typed */
export function numberOf(text: string): number | null {
  return text.trim() === '' ? null : readNumber(text);
}

/** @returns what to say at the field; null where it can be saved */
export function numberError(text: string): string | null {
  return text.trim() === '' || readNumber(text) !== null ? null : `“${text.trim()}” is not a number.`;
}

/** A number one step on; never below none. */
export function stepped(text: string, by: number): string {
  return String(Math.max(0, Math.round(((numberOf(text) ?? 0) + by) * 100) / 100));
}

/** What was typed without the spaces around it; null where nothing is left. */
export function textOf(text: string): string | null {
  return text.trim() === '' ? null : text.trim();
}

/** What is filled in, in one line. */
export function summed(...parts: (string | null | false)[]): string {
  return parts.filter((part) => typeof part === 'string' && part !== '').join(' · ');
}
