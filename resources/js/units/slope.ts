/** How a slope along the putt is told; percent, positive uphill to the target. */
export function slopeWords(percent: number | null): string {
  if (percent === null || percent === 0) {
    return 'level';
  }
  return percent > 0 ? `${percent} % uphill` : `${-percent} % downhill`;
}

/** How a putt breaks, to stand after its slope; ground that rises to the right sends the ball left. */
export function breakWords(across: number | null): string {
  return across === null || across === 0 ? '' : `, breaks ${across > 0 ? 'left' : 'right'}`;
}
