/** The server's limits for one ball, said before it is kept, so that a slip of the finger never waits in the outbox. */

const LIMITS = {
  backstroke: { low: 0.01, high: 2, sentence: 'A backstroke is between 1 cm (½ in) and 2 m (78 in).' },
  roll: { low: 0.02, high: 80, sentence: 'A roll is between 2 cm (1 in) and 80 m (262 ft).' },
} as const;

/** Gives what to say at the field, or null when the length is possible or not given. */
export function outsideLimits(metres: number | null, kind: keyof typeof LIMITS): string | null {
  const { low, high, sentence } = LIMITS[kind];
  return metres !== null && (metres < low || metres > high) ? sentence : null;
}
