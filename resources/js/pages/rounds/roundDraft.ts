/** A round as it is being noted: pure, so that it can be kept, undone and tested. */

import type { HoleDraft } from '../../api/queries';

export interface Noting {
  holes: HoleDraft[];
  /** The first putt of the hole that is not finished yet, metres; null while none was said. */
  first: number | null;
}

export const NOTHING_NOTED: Noting = { holes: [], first: null };

export type Noted =
  | { type: 'first'; metres: number | null }
  | { type: 'putts'; putts: number }
  | { type: 'last'; change: Partial<Pick<HoleDraft, 'leave_m' | 'side' | 'is_extreme'>> }
  | { type: 'undo' };

/** The round after one more touch; putts finish a hole. */
export function noted({ holes, first }: Noting, event: Noted): Noting {
  switch (event.type) {
    case 'first':
      return { holes, first: event.metres };
    case 'putts':
      return {
        holes: [...holes, { first_m: first, putts: event.putts, leave_m: null, side: null, is_extreme: false }],
        first: null,
      };
    case 'last':
      return {
        holes: holes.map((hole, i) => (i === holes.length - 1 ? { ...hole, ...event.change } : hole)),
        first,
      };
    case 'undo':
      return { holes: holes.slice(0, -1), first: holes.at(-1)?.first_m ?? null };
  }
}

const PREFIX = 'amble-round ';

/** A round half noted, kept on this device: a screen that dims loses nothing. */
export function keptRound(student: string): Noting {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + student) ?? 'null') ?? NOTHING_NOTED;
  } catch {
    return NOTHING_NOTED;
  }
}

export function keepDraft(student: string, noting: Noting | null): void {
  try {
    if (noting === null) {
      localStorage.removeItem(PREFIX + student);
    } else {
      localStorage.setItem(PREFIX + student, JSON.stringify(noting));
    }
  } catch {
    // No room, or not allowed: the round lives while the page is open.
  }
}
