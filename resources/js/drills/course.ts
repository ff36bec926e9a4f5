/** Where a run stands while balls wait: the course the server laid out, walked by what was entered since. */

import type {
  Ball,
  CallOut,
  GroupRun,
  Leg,
  PassesIf,
  Remarks,
  RunProgress,
  RunState,
  Sight,
} from '../app/types';

/** The slack within which a ball on an edge counts as reaching it, metres; the server grants the same. */
const SLACK = 1e-9;

export type SeenBall = Ball & Partial<Sight> & Partial<Remarks>;

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
 * @param unseen oldest first
 */
export function walk(progress: RunProgress, unseen: readonly SeenBall[]): Ahead {
  if (progress.next === null) {
    return { status: 'over' };
  }
  const { legs, at, certain } = progress.course;
  const counted = unseen.filter((ball) => !isRolledAgain(ball));
  let place: number | null = at;
  for (const ball of counted) {
    const leg: Leg | undefined = place === null ? undefined : legs[place];
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
  const { station, length_m, ball, task } = leg;
  return {
    status: 'next',
    callOut: { station, length_m, ball, task },
    isCertain: counted.length < certain,
  };
}

/** Bumps and distractions are nobody's fault: such a ball is rolled again. */
function isRolledAgain(ball: SeenBall): boolean {
  return ball.mark != null && ball.mark !== 'mishit';
}

/** Whether a ball meets the conditions the server laid out. */
export function meets(condition: PassesIf, ball: SeenBall): boolean {
  if (ball.stop === 'holed' && condition.holed !== null) {
    return condition.holed;
  }
  return (
    !condition.only_holed &&
    meetsPlace(condition, ball) &&
    (condition.gate === null || ball.gate === condition.gate) &&
    (condition.hit === null || ball.hit === condition.hit)
  );
}

function meetsPlace({ roll_m, ring_m, not_stopped_by }: PassesIf, ball: SeenBall): boolean {
  if (not_stopped_by !== null && ball.stop === not_stopped_by) {
    return false;
  }
  if (ring_m !== null) {
    const [middle, radius] = ring_m;
    return ball.roll_m !== null && Math.hypot(ball.roll_m - middle, ball.side_m ?? 0) <= radius + SLACK;
  }
  if (roll_m !== null) {
    const [least, most] = roll_m;
    return ball.roll_m !== null && ball.roll_m >= least - SLACK && ball.roll_m <= most + SLACK;
  }
  return true;
}
