import { useState } from 'react';
import type { Drill, Presence, RunProgress, RunState, Session } from '../../api/types';
import { type ShownPutt, useLog } from '../../api/useOutbox';
import { sceneryOfNext } from '../../lane/scenery';
import type { Units } from '../../units/useUnits';
import { askedTypes, type BallTask } from '../balls/entry';
import { ownerAsEvent } from '../balls/names';
import { useLogger } from '../balls/useLogger';
import { useSensor } from '../sensors/useSensor';
import { type Ahead, isGroup, progressOf, turnAfter, walk } from './callOutGraph';

/** The state of rolling a drill: whose ball is next and what it is; entering it is the logger's. */
export function useDrillRun(session: Session, run: RunState, units: Units) {
  const log = useLog(session);
  const [chosen, choose] = useState<string | null>(null);
  const balls = log.putts.filter((putt) => putt.run_id === run.id);
  const { state, isKnown } = useStateFor(run, balls);
  const isRolledAgain = (putt: ShownPutt) => putt.mark !== null && run.rolled_again.includes(putt.mark);
  const counted = new Set(countedIn(state));
  const unseen = balls.filter((putt) => !counted.has(putt.id));
  const roster = rosterOf(session, state, log.waiting, run.id);
  const turns = turnsOf(session, state, roster);
  const student =
    roster.length === 0
      ? null
      : chosen !== null && roster.includes(chosen)
        ? chosen
        : (turnAfter(turns, unseen.length) ?? roster[0] ?? null);
  const progress = progressOf(state, student);
  const ahead: Ahead = hasEnded(log.waiting, run.id)
    ? { status: 'over' }
    : aheadOf(
        isKnown,
        progress,
        unseen.filter((putt) => (putt.student ?? session.student?.id ?? null) === student && !isRolledAgain(putt)),
        unseen.filter((putt) => !isRolledAgain(putt)),
        roster.length > 0,
      );
  const next = ahead.status === 'next' ? ahead.callOut : null;
  const { drill, needs, asks } = run;
  const task: BallTask | null =
    next === null
      ? null
      : {
          target_m: next.length_m,
          grade_percent: drill.stations[next.station]?.grade_percent ?? 0,
          across_percent: drill.stations[next.station]?.across_percent ?? null,
          runId: run.id,
          needs,
          kinds: askedTypes(run),
          asksLength: asks.includes('roll_m'),
          asksBackstroke: asks.includes('backstroke_m'),
          calledBackstroke: next.backstroke_m,
        };
  const sensor = useSensor({
    session,
    student: student ?? session.student?.id ?? null,
    target: task?.target_m ?? null,
    grade: task?.grade_percent ?? 0,
    last: balls.at(-1)?.id ?? null,
  });
  const logger = useLogger({
    session,
    task: task === null || drill.target !== 'none' ? task : { ...task, target_m: null },
    balls,
    // In a group every ball says whose it is.
    student: run.group.length > 0 ? student : student === null ? null : ownerAsEvent(student, session),
    onLogged: () => choose(null),
    measured: sensor.measured,
  });
  const last = balls.at(-1) ?? null;
  const lastOf = last === null ? null : progressOf(state, isGroup(state) ? ownerIn(last, session) : null);
  return {
    log,
    logger,
    sensor,
    balls,
    unseenCount: unseen.length,
    roster,
    student,
    /** One touch: the next ball is this student's. */
    chooseStudent: choose,
    chooseNextStudent: () => {
      if (turns.length > 0) {
        choose(turns[(turns.indexOf(student ?? '') + 1) % turns.length] ?? null);
      }
    },
    /** Somebody comes, sits out, goes, or joins at the station in work. */
    noteStanding: (who: string, standing: Presence) => {
      void log.noteCompany(who, standing);
      if (standing === 'here' && !roster.includes(who) && who !== session.student?.id) {
        void log.joinRun(run.id, who, next?.station ?? 0);
      }
    },
    end: () => void log.endRun(run.id),
    progress,
    ahead,
    next,
    task,
    /** What the drill asks of a ball once it lies: of its last one too, when nothing comes next. */
    after: askedTypes(run).after,
    place: {
      target: drill.target,
      canBeHoled: run.can_be_holed,
      canStrike: drill.pass.kind === 'hit_or_near',
      isHoledOrMissed: !asks.includes('roll_m') && drill.pass.kind === 'holed',
      rod_m: drill.target === 'rail' ? (next?.passes_if?.roll_m?.[1] ?? next?.length_m ?? null) : null,
      takesSide: asks.includes('roll_m') && asks.includes('side_m'),
      scenery: next === null ? null : sceneryOfNext(run, next, units),
    },
    puttsHere: balls.filter(
      // Of a group everybody's balls are drawn, each with its letter.
      (putt) => (putt.target_m ?? next?.length_m) === next?.length_m,
    ),
    /** How the server judged the last ball; null while it has not. */
    verdict: lastOf?.last != null && lastOf.last.putt_id === last?.id ? lastOf.last : null,
    setOut: setOutCounts(run, log.waiting),
    count: log.count,
  };
}

export type Rolling = ReturnType<typeof useDrillRun>;

/** What the page of rolling takes of a drill in work, whoever stands at it. */
export function ballsOf(run: RunState, { logger, sensor, task, place, puttsHere, verdict, ahead, after }: Rolling) {
  return {
    logger,
    sensor,
    task: ahead.status === 'over' ? null : task,
    place,
    puttsHere,
    drill: {
      verdict,
      putOut: run.drill.putt_out ?? ('none' as const),
      judges: run.judges,
      after,
    },
  };
}

function ownerIn(putt: ShownPutt, session: Session): string | null {
  return putt.student ?? session.student?.id ?? null;
}

/** Everybody in the run, with those who joined on this device; none while it is one student's alone. */
function rosterOf(
  session: Session,
  state: RunState,
  waiting: ReturnType<typeof useLog>['waiting'],
  runId: string,
): string[] {
  const joined = waiting.flatMap(({ event, refused }) =>
    refused === null && event?.type === 'run_joined' && event.run_id === runId ? [event.student] : [],
  );
  const own = state.group.length === 0 && joined.length > 0 && session.student !== null;
  return [...new Set([...(own ? [session.student?.id ?? ''] : state.group), ...joined])];
}

/** Whose turns are to come: nobody's who sits out or went, and those who joined here come last. */
function turnsOf(session: Session, state: RunState, roster: readonly string[]): string[] {
  const away = new Set(
    session.group_members.filter(({ standing }) => standing !== 'here').map(({ student }) => student),
  );
  const known = isGroup(state) ? state.students.map(({ student }) => student) : [];
  const turns = isGroup(state) ? state.turns : [];
  const came = roster.filter((id) => !known.includes(id));
  const back = isGroup(state)
    ? state.students
        .filter(({ student, state: { next } }) => next !== null && !turns.includes(student))
        .map(({ student }) => student)
    : [];
  return [...new Set([...turns, ...back, ...came])].filter((id) => !away.has(id));
}

function hasEnded(waiting: ReturnType<typeof useLog>['waiting'], runId: string): boolean {
  return waiting.some(
    ({ event, refused }) => refused === null && event?.type === 'run_ended' && event.run_id === runId,
  );
}

/** What can be said of the next ball of whoever's turn it is. */
function aheadOf(
  isKnown: boolean,
  progress: RunProgress | null,
  own: readonly ShownPutt[],
  all: readonly ShownPutt[],
  isOfGroup: boolean,
): Ahead {
  if (!isKnown || (progress === null && isOfGroup)) {
    return { status: 'waiting' };
  }
  return progress === null ? { status: 'over' } : walk(progress, isOfGroup ? own : all);
}

/**
 * The run's state for the balls that stand.
 *
 * When a ball the server has counted is taken back without a network, the state before it is needed:
 * states seen on this screen are kept for that. After a reload there may be none; only the server can
 * tell then.
 */
function useStateFor(run: RunState, balls: readonly ShownPutt[]): { state: RunState; isKnown: boolean } {
  const [seen] = useState(() => new StatesSeen());
  const counted = countedIn(run);
  const { states, met } = seen.with(run, balls);
  const standing = new Set(
    balls
      .filter((putt) => !(putt.isWaiting && putt.mark !== null && run.rolled_again.includes(putt.mark)))
      .map(({ id }) => id),
  );
  // A ball of another device may be counted before this one has heard of it; one that was met here and is
  // gone was taken back.
  const key = counted.filter((id) => standing.has(id) || !met.has(id)).join();
  const state = states.get(key);
  return { state: state ?? run, isKnown: state !== undefined };
}

/** The states of a run that were on this screen, by the balls they count, and the balls that were. */
class StatesSeen {
  readonly states = new Map<string, RunState>();
  readonly met = new Set<string>();

  /** What is known once this state and these balls were seen too; the same again changes nothing. */
  with(run: RunState, balls: readonly ShownPutt[]): this {
    for (const { id } of balls) {
      this.met.add(id);
    }
    this.states.set(countedIn(run).join(), run);
    return this;
  }
}

function countedIn(run: RunState): string[] {
  return isGroup(run) ? run.students.flatMap(({ state }) => state.counted).sort() : run.counted;
}

/** What was ticked and counted, with what still waits laid over it. */
function setOutCounts(run: RunState, waiting: ReturnType<typeof useLog>['waiting']): RunState['set_out'] {
  const counts = {
    check: { ...run.set_out.check },
    kit_out: { ...run.set_out.kit_out },
    kit_back: { ...run.set_out.kit_back },
  };
  for (const { event, refused } of waiting) {
    if (event?.type === 'set_out_counted' && event.run_id === run.id && refused === null) {
      counts[event.item][event.name] = event.count;
    }
  }
  return counts;
}

/** Where we stand, in one line; scores stay out of sight of a student who is treated gently. */
export function standing(run: RunState, progress: RunProgress, isGentle: boolean): string {
  const { drill } = run;
  const parts = [
    isGentle || !run.judges
      ? `${progress.balls} ${progress.balls === 1 ? 'ball' : 'balls'} rolled`
      : `${progress.passes} of ${progress.judged} passed`,
    isGentle || drill.on_miss === undefined || drill.on_miss === 'nothing' || drill.on_miss === 'again'
      ? ''
      : `${progress.streak} in a row, ${progress.restarts === 1 ? '1 restart' : `${progress.restarts} restarts`}`,
    isGentle || progress.points === null
      ? ''
      : `${progress.points} ${drill.end.kind === 'points' ? `of ${drill.end.points} ` : ''}points`,
    !isGentle && progress.through_but_missed > 0 ? `${progress.through_but_missed} started well but missed` : '',
    endWords(drill),
    stopWords(drill, progress),
  ];
  return `${parts.filter((part) => part !== '').join(' · ')}.`;
}

/** The drill's own end, where the other words do not say it already. */
function endWords({ end }: Drill): string {
  switch (end.kind) {
    case 'balls':
      return `ends at ${end.balls} balls`;
    case 'minutes':
      return `ends after ${end.minutes} minutes`;
    default:
      return '';
  }
}

/** A cap is no goal: it is said once it is near. */
const NEAR_THE_CAP = 10;

function stopWords({ cap, end }: Drill, { balls }: RunProgress): string {
  const isNear = cap.balls !== undefined && cap.balls - balls <= NEAR_THE_CAP;
  return isNear && !(end.kind === 'balls' && Number(end.balls) <= Number(cap.balls))
    ? `stops after ${cap.balls} balls`
    : '';
}
