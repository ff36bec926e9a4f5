/** What one thing seen says of another, by the server's list of kinds. */

import type { Observations, ObservationType } from '../../api/types';

type Told = readonly (readonly [name: string, answer: string])[];

function by(told: ObservationType['tells'], answer: Observations[string]): Told {
  return told.flatMap(({ name, answers }) => {
    const other = typeof answer === 'string' ? answers[answer] : undefined;
    return other === undefined ? [] : [[name, other] as const];
  });
}

/** Of the same ball. */
export function impliedBy(kind: ObservationType, answer: Observations[string]): Told {
  return by(kind.tells, answer);
}

/** Of the ball that comes next. */
export function impliedForNext(seen: Observations, kinds: readonly ObservationType[]): Told {
  return kinds.flatMap((kind) => by(kind.tells_of_next, seen[kind.name] ?? null));
}
