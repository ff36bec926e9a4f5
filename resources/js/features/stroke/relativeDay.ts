/** A look back at a session of another day never says "today". */

import type { Session, SessionReport } from '../../api/types';
import { day } from '../../units/dates';
import type { Units } from '../../units/useUnits';

export interface When {
  isToday: boolean;
  /** "today", "that day". */
  word: string;
  /** "14 Nov". */
  date: string;
}

export function whenOf({ started_at }: Pick<Session, 'started_at'>, now = new Date()): When {
  const isToday = new Date(started_at).toDateString() === now.toDateString();
  return { isToday, word: isToday ? 'today' : 'that day', date: day(started_at) };
}

/** The reading, called of the day only when it is. */
export function readingWords({ speed_m, is_of_the_day, days_old }: SessionReport, units: Units, when: When): string {
  const speed = units.speed(speed_m ?? 0);
  if (is_of_the_day) {
    return when.isToday ? `Green speed today: ${speed}` : `Green speed on ${when.date}: ${speed}`;
  }
  return `Last known: ${speed}, ${days_old === 1 ? 'a day' : `${days_old} days`} before`;
}
