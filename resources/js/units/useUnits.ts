import { useMe } from '../server/queries';
import {
  bareUnit,
  entryText,
  formatLength,
  type LengthKind,
  lengthExample,
  parseLength,
  type UnitChoice,
} from './length';

/** A length read from an entry, or what to say at the field. */
export type LengthEntry = { metres: number; error: null } | { metres: null; error: string | null };

/** Lengths in the signed-in coach's own units. */
export function useUnits() {
  const coach = useMe().data?.coach;
  return unitsFor({ unit: coach?.unit ?? 'feet', paceLength: coach?.pace_length_m ?? null });
}

export type Units = ReturnType<typeof unitsFor>;

/** Lengths in a given choice of units. */
export function unitsFor(choice: UnitChoice) {
  return {
    choice,
    show: (metres: number, kind: LengthKind) => formatLength(metres, kind, choice),
    suffix: (kind: LengthKind) => bareUnit(kind, choice),
    text: (metres: number | null, kind: LengthKind) =>
      metres === null ? '' : entryText(metres, kind, choice),
    read: (text: string, kind: LengthKind): LengthEntry => {
      const parsed = parseLength(text, kind, choice);
      switch (parsed.status) {
        case 'ok':
          return { metres: parsed.metres, error: null };
        case 'empty':
          return { metres: null, error: null };
        default:
          return {
            metres: null,
            error: `“${text.trim()}” is not a length. Type ${lengthExample(kind, choice)}.`,
          };
      }
    },
  };
}
