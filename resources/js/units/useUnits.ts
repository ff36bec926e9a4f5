import { useMemo } from 'react';
import { useMe } from '../api/queries';
import type { Student } from '../api/types';
import { formatSpeed, readSpeed, speedSuffix, speedText } from './format';
import {
  bareUnit,
  entryText,
  formatLength,
  type LengthKind,
  lengthExample,
  parseLength,
  roundText,
  type UnitChoice,
} from './length';

/** A length read from an entry, or what to say at the field. */
export type LengthEntry = { metres: number; error: null } | { metres: null; error: string | null };

/** Lengths in the signed-in coach's own units. */
export function useUnits() {
  const coach = useMe().data?.coach;
  const [unit, paceLength] = [coach?.unit ?? 'feet', coach?.stride_m ?? null];
  return useMemo(() => unitsFor({ unit, paceLength }), [unit, paceLength]);
}

export type Units = ReturnType<typeof unitsFor>;

/** Lengths in a student's own units, for figures that are theirs; in the coach's where nobody is chosen. */
export function useUnitsOf(student: Pick<Student, 'unit' | 'stride_m'> | null) {
  const coach = useUnits();
  return student === null ? coach : unitsFor({ unit: student.unit, paceLength: student.stride_m });
}

/** Lengths in a given choice of units. */
export function unitsFor(choice: UnitChoice) {
  return {
    choice,
    show: (metres: number, kind: LengthKind) => formatLength(metres, kind, choice),
    suffix: (kind: LengthKind) => bareUnit(kind, choice),
    /** In round numbers, to be read and typed over. */
    text: (metres: number | null, kind: LengthKind) => (metres === null ? '' : roundText(metres, kind, choice)),
    /** To the last millimetre, where the length must not move. */
    exactText: (metres: number | null, kind: LengthKind) => (metres === null ? '' : entryText(metres, kind, choice)),
    speed: (metres: number) => formatSpeed(metres, choice),
    speedText: (metres: number) => speedText(metres, choice),
    speedSuffix: speedSuffix(choice),
    readSpeed: (text: string) => readSpeed(text, choice),
    /** What was typed over a length; untouched, it stays the length it was, however it was rounded. */
    reread: (text: string, metres: number | null, kind: LengthKind): LengthEntry =>
      metres !== null && text === roundText(metres, kind, choice)
        ? { metres, error: null }
        : readEntry(text, kind, choice),
    read: (text: string, kind: LengthKind): LengthEntry => readEntry(text, kind, choice),
  };
}

function readEntry(text: string, kind: LengthKind, choice: UnitChoice): LengthEntry {
  const parsed = parseLength(text, kind, choice);
  switch (parsed.status) {
    case 'ok':
      return { metres: parsed.metres, error: null };
    case 'empty':
      return { metres: null, error: null };
    case 'two': {
      const [first, second] = [parsed.first, parsed.second].map((each) => formatLength(each, 'roll', choice));
      return {
        metres: null,
        error: `“${text.trim()}” says two lengths, ${first} and ${second}. Type the one that is meant.`,
      };
    }
    default:
      return {
        metres: null,
        error: `“${text.trim()}” is not a length. Type ${lengthExample(kind, choice)}.`,
      };
  }
}
