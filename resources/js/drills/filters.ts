/** What is at hand today, and which drills it allows. */

import type { Drill } from '../app/types';

/** Things a bag may hold, and the words a drill's kit uses for each. */
export const BAG = [
  { value: 'tees', label: 'Tees', words: /\btees?\b/ },
  { value: 'discs', label: 'Discs', words: /\bdiscs?\b/ },
  { value: 'rod', label: 'A rod', words: /\brods?\b/ },
  { value: 'string', label: 'String', words: /\bstring\b/ },
  { value: 'chalk', label: 'Chalk line', words: /\bchalk\b/ },
  { value: 'rule', label: 'A rule', words: /\brule\b/ },
  { value: 'tape', label: 'A tape', words: /\btape\b/ },
  { value: 'mirror', label: 'Mirror or light', words: /\bmirror|light\b/ },
  { value: 'stand', label: 'Cup, mug or bucket', words: /\b(cup|mug|bucket)\b/ },
] as const;

export type Piece = (typeof BAG)[number]['value'];

export interface AtHand {
  trained: string | null;
  minutes: number | null;
  place: 'green' | 'mat' | null;
  /** Whether a hole is there; null for either. */
  hole: boolean | null;
  people: 'alone' | 'group' | null;
  /** null for everything. */
  bag: readonly Piece[] | null;
}

export const ANYTHING: AtHand = {
  trained: null,
  minutes: null,
  place: null,
  hole: null,
  people: null,
  bag: null,
};

/** Whether a drill needs a hole to putt at: a ring and a rod lie about one. */
export function needsHole(drill: Drill): boolean {
  return ['hole', 'ring', 'rail'].includes(drill.target);
}

/** Pieces of the bag a drill's kit asks for. Balls are always there. */
export function piecesFor(drill: Drill): Piece[] {
  return BAG.filter(({ words }) => (drill.kit ?? []).some((kit) => words.test(kit))).map(
    ({ value }) => value,
  );
}

export function fits(drill: Drill, at: AtHand): boolean {
  const { bag } = at;
  return (
    (at.trained === null || (drill.trains ?? []).includes(at.trained)) &&
    (at.minutes === null || (drill.minutes ?? 0) <= at.minutes) &&
    (at.place === null || (drill.places ?? []).includes(at.place)) &&
    (at.hole !== false || !needsHole(drill)) &&
    (at.hole !== true || needsHole(drill)) &&
    (at.people !== 'group' || drill.group === true) &&
    (bag === null || piecesFor(drill).every((piece) => bag.includes(piece)))
  );
}
