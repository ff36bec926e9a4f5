import { color } from '../design';

export type Outcome = 'short' | 'on' | 'long' | null;

/** Each outcome's colour, shape and word, the same everywhere and told apart in grey. */
export const OUTCOMES = {
  short: { word: 'short', fill: color.short, path: 'M0 7 L-7 -5 L7 -5 Z' },
  on: { word: 'inside', fill: color.on, path: 'M0 -6.2 A6.2 6.2 0 1 1 -0.01 -6.2 Z' },
  long: { word: 'past', fill: color.long, path: 'M0 -7 L-7 5 L7 5 Z' },
} as const;

interface OutcomeMarkProps {
  x: number;
  y: number;
  outcome: Outcome;
  /** Drawn hollow: not sent yet, or left out of the fit. */
  isHollow?: boolean;
  scale?: number;
}

/** A ball on a drawing: pointing back when short, forward when long, round when on. */
export function OutcomeMark({ x, y, outcome, isHollow = false, scale = 1 }: OutcomeMarkProps) {
  const { fill, path } = OUTCOMES[outcome ?? 'on'];
  return (
    <path
      d={path}
      transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) scale(${scale})`}
      fill={isHollow ? color.leaf : fill}
      stroke={isHollow ? fill : color.leaf}
      strokeWidth={isHollow ? 2 : 1.2}
    />
  );
}
