/** Taps further apart than this begin a new count, ms. */
export const PAUSE_MS = 2500;

/** Fewer taps have no tempo. */
export const FEWEST = 3;

/** Adds a tap, ms; after a pause the count begins anew. */
export function tapped(taps: readonly number[], at: number): readonly number[] {
  const last = taps.at(-1);
  return last === undefined || at - last > PAUSE_MS ? [at] : [...taps, at];
}

/** Beats a minute by the middle gap between taps, so that one stumble counts for nothing; null from too few. */
export function tempoOf(taps: readonly number[]): number | null {
  if (taps.length < FEWEST) {
    return null;
  }
  const gaps = taps
    .slice(1)
    .map((at, index) => at - (taps[index] ?? at))
    .sort((a, b) => a - b);
  const middle = gaps.length / 2;
  const gap =
    gaps.length % 2 === 1 ? (gaps[Math.floor(middle)] ?? 0) : ((gaps[middle - 1] ?? 0) + (gaps[middle] ?? 0)) / 2;
  return gap > 0 ? Math.round(60_000 / gap) : null;
}
