/** A putt as a coach says it, and what dragging does to it. Metres, per cent, hours of the clock. */

import type { PuttRead, PuttSituation } from '../../api/types';
import type { Unit } from '../../units/length';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../../units/length';
import { slopeWords } from '../../units/slope';

export type SlopeWay = PuttSituation['slope']['by'];

/** What is on the lane before anything was said: an ordinary putt that breaks a little. */
export function firstPutt(pace: number, speed: number | null): PuttSituation {
  return {
    length_m: 12 * METRES_PER_FOOT,
    speed_m: speed ?? 9 * METRES_PER_FOOT,
    pace_m: pace,
    pace_point_m: null,
    slope: { by: 'clock', hour: 4.5, steep_percent: 2 },
    tier: null,
    grain: null,
  };
}

/** How far what is dragged goes. */
export const LIMITS = { length: [0.3, 30], pace: [0, 3], steep: [0, 6] } as const;

function held(value: number, [low, high]: readonly [number, number]): number {
  return Math.min(high, Math.max(low, value));
}

/** How finely a length is dragged: an inch or a centimetre near, three inches or five centimetres further out. */
function snapped(metres: number, unit: Unit, isFine: boolean): number {
  const step = unit === 'metres' ? (isFine ? 0.01 : 0.05) : METRES_PER_INCH * (isFine ? 1 : 3);
  return Math.round(metres / step) * step;
}

export function withLength(putt: PuttSituation, metres: number, unit: Unit): PuttSituation {
  const length_m = held(snapped(metres, unit, metres < 2), LIMITS.length);
  // A step stands where it stood before the hole; the ball moves.
  const moved = length_m - putt.length_m;
  return {
    ...putt,
    length_m,
    tier: putt.tier === null ? null : { ...putt.tier, start_m: putt.tier.start_m + moved },
  };
}

export function withPace(putt: PuttSituation, metres: number, unit: Unit): PuttSituation {
  return { ...putt, pace_m: held(snapped(metres, unit, true), LIMITS.pace) };
}

export function withClock(putt: PuttSituation, hour: number, steep: number): PuttSituation {
  return {
    ...putt,
    slope: {
      by: 'clock',
      hour: (Math.round(hour * 6) / 6 + 12) % 12,
      steep_percent: Math.round(held(steep, LIMITS.steep) * 10) / 10,
    },
  };
}

/** The same ground, said in another way; of standing astride only the side to side is asked. */
export function saidBy(putt: PuttSituation, look: PuttRead, by: SlopeWay): PuttSituation {
  const tenth = (value: number) => Math.round(value * 10) / 10;
  const [along_percent, across_percent] = [tenth(look.along_percent), tenth(look.across_percent)];
  switch (by) {
    case 'clock':
      return withClock(putt, look.hour, look.steep_percent);
    case 'grades':
      return { ...putt, slope: { by, along_percent, across_percent } };
    case 'feet':
      return {
        ...putt,
        slope: {
          by,
          higher: across_percent === 0 ? 'even' : across_percent > 0 ? 'right' : 'left',
          by_m: (Math.abs(across_percent) / 100) * STANCE,
          stance_m: STANCE,
          along_percent,
        },
      };
  }
}

/** How far apart feet stand where nobody says. */
export const STANCE = 0.4;

/** Its grades, however they were said; what the server sends is by its grades. */
export function gradesOf({ slope }: PuttSituation): { along_percent: number; across_percent: number } {
  return slope.by === 'grades' ? slope : { along_percent: 0, across_percent: 0 };
}

/** "1.2 % uphill, rising 2 % to the right". */
export function slopeSaid(putt: PuttSituation): string {
  const { along_percent, across_percent } = gradesOf(putt);
  const tenth = (value: number) => Math.round(value * 10) / 10;
  const across = tenth(across_percent);
  return `${slopeWords(tenth(along_percent))}${across === 0 ? '' : `, rising ${Math.abs(across)} % to the ${across > 0 ? 'right' : 'left'}`}`;
}
