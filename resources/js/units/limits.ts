/** The server's limits for one ball, said before it is kept, so that a slip of the finger never waits in the outbox. */

const LIMITS = {
  backstroke: { low: 0.01, high: 2, sentence: 'A backstroke is between 1 cm (½ in) and 2 m (78 in).' },
  roll: { low: 0.02, high: 80, sentence: 'A roll is between 2 cm (1 in) and 80 m (262 ft).' },
  station: {
    low: 0.1,
    high: 60,
    sentence: 'A station is between 0.1 m (4 in) and 60 m (196 ft) from the target.',
  },
  runOn: {
    low: 0.02,
    high: 80,
    sentence: 'What a ball would have run on is between 2 cm (1 in) and 80 m (262 ft).',
  },
  across: {
    low: -15,
    high: 15,
    sentence: 'A slope is between 15 % rising to the left (−15) and 15 % to the right.',
  },
  grade: { low: -15, high: 15, sentence: 'A slope is between 15 % downhill (−15) and 15 % uphill.' },
} as const;

/** Gives what to say at the field, or null when the figure is possible or not given. Metres, or percent. */
export function outsideLimits(value: number | null, kind: keyof typeof LIMITS): string | null {
  const { low, high, sentence } = LIMITS[kind];
  return value !== null && (value < low || value > high) ? sentence : null;
}
