/** Where a run stands while balls wait: the course the server laid out, walked by what was entered since. */

import {
  type Acceptance,
  type BallMeasurement,
  type CallOut,
  type CallOutNode,
  cutsShort,
  type GroupRun,
  type Observations,
  observedNumber,
  type RunProgress,
  type RunState,
  type SeenCondition,
} from '../../api/types';

/** The slack within which a ball on an edge counts as reaching it, metres; the server grants the same. */
const SLACK = 1e-9;

/** What a screen can say of the next ball. */
export type Ahead =
  /** The next ball; not certain where a goal or a cap may have ended the drill by now. */
  | { status: 'next'; callOut: CallOut; isCertain: boolean }
  /** Only the server can tell what comes now. */
  | { status: 'waiting' }
  | { status: 'over' };

export function isGroup(run: RunState): run is GroupRun {
  return 'turns' in run;
}

/** How a student stands; null for one who is not of the group. */
export function progressOf(run: RunState, student: string | null): RunProgress | null {
  return isGroup(run) ? (run.students.find((each) => each.student === student)?.state ?? null) : run;
}

/** Whose turn it is when this many balls of the group still wait: turns go round while nobody ends. */
export function turnAfter(turns: readonly string[], waiting: number): string | null {
  return turns.length === 0 ? null : (turns[waiting % turns.length] ?? null);
}

/**
 * Walks the course by the balls the server has not counted yet.
 *
 * @param unseen oldest first, without those that are rolled again
 */
export function walk(progress: RunProgress, unseen: readonly BallMeasurement[]): Ahead {
  if (progress.next === null) {
    return { status: 'over' };
  }
  const { legs, at, certain } = progress.course;
  let place: number | null = at;
  for (const ball of unseen) {
    const leg: CallOutNode | undefined = place === null ? undefined : legs[place];
    if (leg === undefined) {
      return { status: 'waiting' };
    }
    if (leg.after_pass === leg.after_miss) {
      place = leg.after_pass;
    } else if (leg.passes_if === null) {
      return { status: 'waiting' };
    } else {
      place = meets(leg.passes_if, ball) ? leg.after_pass : leg.after_miss;
    }
  }
  const leg = place === null ? undefined : legs[place];
  if (leg === undefined) {
    // Everything laid out is rolled: done, or more than was laid out. The server says which.
    return { status: 'waiting' };
  }
  const { after_pass: _, after_miss: __, ...callOut } = leg;
  return {
    status: 'next',
    callOut,
    isCertain: unseen.length < certain,
  };
}

/** Whether a ball meets the conditions the server laid out. */
export function meets(condition: Acceptance, ball: BallMeasurement): boolean {
  if (ball.stop === 'holed' && condition.holed !== null) {
    return condition.holed;
  }
  if (ball.stop === 'target' && condition.struck) {
    return true;
  }
  return (
    !condition.only_holed &&
    meetsPlace(condition, ball) &&
    condition.seen.every((seen) => isSeen(seen, ball.seen ?? {}))
  );
}

/** One of a few answers, or a number in a range; both ends count. */
function isSeen({ name, one_of, between }: SeenCondition, seen: Observations): boolean {
  if (one_of !== null) {
    return one_of.includes(seen[name] as string | boolean | number);
  }
  const value = observedNumber(seen, name);
  return value !== null && between !== null && value >= between[0] - SLACK && value <= between[1] + SLACK;
}

/** A ball cut short meets no condition of place, unless somebody judged how it would have run on. */
function meetsPlace({ roll_m, ring_m }: Acceptance, ball: BallMeasurement): boolean {
  if (roll_m === null && ring_m === null) {
    return true;
  }
  const isCutShort = cutsShort(ball.stop);
  if (ball.roll_m === null || (isCutShort && ball.run_on_m == null)) {
    return false;
  }
  const roll = ball.roll_m + (isCutShort ? (ball.run_on_m ?? 0) : 0);
  if (ring_m !== null) {
    const [middle, radius] = ring_m;
    return Math.hypot(roll - middle, observedNumber(ball.seen ?? {}, 'side_m') ?? 0) <= radius + SLACK;
  }
  const [least, most] = roll_m ?? [0, 0];
  return roll >= least - SLACK && roll <= most + SLACK;
}
