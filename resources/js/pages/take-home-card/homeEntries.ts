/** What a student noted on their own phone and what of it is not sent yet: it outlives a reload and a lost network. */

import type { StartedHomeDrill } from '../../api/queries';
import type { HomeworkEntry, TakeHomeCard } from '../../api/types';

/** The task as it is being counted. */
export interface Tally {
  balls: number;
  passes: number;
  /** Of each ball, in order, so that the last one can be taken back. */
  seen: boolean[];
}

export const NO_BALLS: Tally = { balls: 0, passes: 0, seen: [] };

export interface AtHome {
  tally: Tally;
  /** Noted and not sent yet, oldest first. */
  waiting: HomeworkEntry[];
  /** The drill that is being rolled here; null while none is. */
  begun: StartedHomeDrill | null;
  /** As it was last told, for a phone without a network. */
  card: TakeHomeCard | null;
}

const EMPTY: AtHome = { tally: NO_BALLS, waiting: [], begun: null, card: null };

const keyOf = (link: string) => `amble-at-home ${link}`;

export function atHome(link: string): AtHome {
  try {
    return { ...EMPTY, ...(JSON.parse(localStorage.getItem(keyOf(link)) ?? '{}') as Partial<AtHome>) };
  } catch {
    return EMPTY;
  }
}

/** @returns as it is kept now */
export function saveHomeEntry(link: string, change: Partial<AtHome>): AtHome {
  const now = { ...atHome(link), ...change };
  try {
    localStorage.setItem(keyOf(link), JSON.stringify(now));
  } catch {
    // No room, or not allowed: what is on the screen is sent all the same.
  }
  return now;
}

/** A link that opens nothing any more leaves nothing behind. */
export function deleteHomeEntries(link: string): void {
  localStorage.removeItem(keyOf(link));
}

export function counted(tally: Tally, isPassed: boolean): Tally {
  return {
    balls: tally.balls + 1,
    passes: tally.passes + (isPassed ? 1 : 0),
    seen: [...tally.seen, isPassed],
  };
}

export function undone(tally: Tally): Tally {
  const last = tally.seen.at(-1);
  return last === undefined
    ? tally
    : { balls: tally.balls - 1, passes: tally.passes - (last ? 1 : 0), seen: tally.seen.slice(0, -1) };
}

/** What is asked of a day and a week, besides the task's own words. */
export function questionWords({
  home_balls,
  home_target,
  home_days,
}: Pick<TakeHomeCard, 'home_balls' | 'home_target' | 'home_days'>): string {
  return [
    home_target !== null && home_balls !== null
      ? `Aim for ${home_target} of ${home_balls} successful.`
      : home_balls !== null && `${home_balls} balls a day.`,
    home_days !== null && `On ${home_days === 1 ? 'one day' : `${home_days} days`} a week.`,
  ]
    .filter((part) => part !== false)
    .join(' ');
}
