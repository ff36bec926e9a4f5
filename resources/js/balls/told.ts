/** What one thing seen says of another, by the server's list of kinds. */

import type { Seen, SeenKind } from '../server/types';

type Told = readonly (readonly [name: string, answer: string])[];

function by(told: SeenKind['tells'], answer: Seen[string]): Told {
  return told.flatMap(({ name, answers }) => {
    const other = typeof answer === 'string' ? answers[answer] : undefined;
    return other === undefined ? [] : [[name, other] as const];
  });
}

/** Of the same ball. */
export function toldBy(kind: SeenKind, answer: Seen[string]): Told {
  return by(kind.tells, answer);
}

/** Of the ball that comes next. */
export function toldOfNext(seen: Seen, kinds: readonly SeenKind[]): Told {
  return kinds.flatMap((kind) => by(kind.tells_of_next, seen[kind.name] ?? null));
}
