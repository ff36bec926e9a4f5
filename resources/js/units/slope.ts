/** How a slope along the putt is told; percent, positive uphill to the target. */
export function slopeWords(percent: number | null): string {
  if (percent === null || percent === 0) {
    return 'level';
  }
  return percent > 0 ? `${percent} % uphill` : `${-percent} % downhill`;
}
