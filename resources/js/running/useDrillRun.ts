import { useRef, useState } from 'react';
import {
  type Ball,
  type Call,
  type Cause,
  type Mark,
  type Remarks,
  type RunProgress,
  type RunState,
  type Seen,
  type SeenKind,
  type Session,
  type Stop,
  seenNumber,
} from '../server/types';
import { type ShownPutt, useLog } from '../server/useOutbox';
import { type Ahead, isGroup, progressOf, turnAfter, walk } from './course';

/** The state of rolling a drill: what the next ball is, and what has been seen of it so far. */
export function useDrillRun(session: Session, run: RunState) {
  const log = useLog(session);
  const [chosen, choose] = useState<string | null>(null);
  const [call, setCall] = useState<Call | null>(null);
  /** What was seen of the ball that is not finished yet, by the name of its kind. */
  const [seenSoFar, setSeen] = useState<Seen>({});
  const [stop, setStop] = useState<Stop>('free');
  const [backstroke, setBackstroke] = useState<number | null>(() => lastBackstroke(log.putts));
  const [rehearsals, setRehearsals] = useState(0);
  const [missing, setMissing] = useState<string | null>(null);

  const balls = log.putts.filter((putt) => putt.run_id === run.id);
  const { state, isKnown } = useStateFor(run, balls);
  const isRolledAgain = (putt: ShownPutt) => putt.mark !== null && run.rolled_again.includes(putt.mark);
  const counted = new Set(countedIn(state));
  const unseen = balls.filter((putt) => !counted.has(putt.id));
  const student = isGroup(state)
    ? (chosen ?? turnAfter(state.turns, unseen.length) ?? state.group[0] ?? null)
    : null;
  const progress = progressOf(state, student);
  const ahead: Ahead = !isKnown
    ? { status: 'waiting' }
    : progress === null
      ? { status: 'over' }
      : walk(
          progress,
          unseen.filter((putt) => putt.student === student && !isRolledAgain(putt)),
        );
  const next = ahead.status === 'next' ? ahead.callOut : null;
  const last = balls.at(-1) ?? null;
  const { drill, needs, asks } = run;
  const needsLane = asks.includes('roll_m');
  const asksBackstroke = asks.includes('backstroke_m');
  const kinds = askedKinds(run);

  const roll = (metres: number | null, how: Stop, also: Seen) => {
    if (next === null) {
      return;
    }
    if (needs.includes('call') && call === null) {
      setMissing('Call it first: short, on or long.');
      return;
    }
    const seen = { ...seenSoFar, ...also };
    // Of a ball that struck nothing there is no more to say.
    // A holed ball is on the level of the hole.
    const unanswered = kinds.first.find(
      ({ name }) =>
        seen[name] == null &&
        (name === 'hit' || seen.hit !== false) &&
        !(name === 'level' && how === 'holed'),
    );
    if (unanswered !== undefined) {
      setMissing(
        unanswered.name === 'gate'
          ? 'Say how it started: left, through or right.'
          : `Say it of this ball first: ${unanswered.question.toLowerCase()}.`,
      );
      return;
    }
    setMissing(null);
    setCall(null);
    // Where the eyes are set holds for the next ball too.
    setSeen(keptFor(seen, kinds.before));
    setStop('free');
    setRehearsals(0);
    choose(null);
    void log.logPutt({
      backstroke_m: asksBackstroke ? (next.backstroke_m ?? backstroke) : null,
      roll_m: metres,
      stop: how,
      target_m: drill.target === 'none' ? null : next.length_m,
      grade_percent: drill.stations[next.station]?.grade_percent ?? 0,
      run_id: run.id,
      ...(student === null ? {} : { student }),
      seen: {
        ...(call === null ? {} : { call }),
        ...(rehearsals === 0 ? {} : { rehearsals }),
        ...seen,
      },
    });
  };
  const remark = ({ id, mark, cause }: ShownPutt, change: Partial<Remarks>, seen: Seen = {}) =>
    void log.remark(id, { mark, cause, ...change }, seen);

  return {
    log,
    balls,
    unseenCount: unseen.length,
    group: run.group,
    student,
    /** One touch: the next ball is this student's. */
    chooseStudent: choose,
    chooseNextStudent: () => {
      if (isGroup(state) && state.turns.length > 0) {
        choose(state.turns[(state.turns.indexOf(student ?? '') + 1) % state.turns.length] ?? null);
      }
    },
    progress,
    ahead,
    next,
    call,
    setCall: (value: Call | null) => {
      setMissing(null);
      setCall(value);
    },
    /** What is asked of each ball, by when: before it, of it, once it lies. */
    kinds,
    seenSoFar,
    /** Noted before the ball is rolled; null takes it back. */
    note: (name: string, answer: Seen[string]) => setSeen({ ...seenSoFar, [name]: answer }),
    stop,
    setStop,
    backstroke,
    setBackstroke,
    /** A backstroke that the drill calls is not chosen. */
    asksBackstroke: asksBackstroke && next?.backstroke_m == null,
    rehearsals,
    setRehearsals,
    needsLane,
    /** Nothing of the result can be touched before the call is made. */
    waitsForCall: needs.includes('call') && call === null,
    canBeHoled: run.can_be_holed,
    takesSide: needsLane && asks.includes('side_m'),
    missing,
    puttsHere: balls.filter(
      (putt) => (putt.target_m ?? next?.length_m) === next?.length_m && putt.student === student,
    ),
    last,
    /** How the server judged the last ball; null while it has not. */
    verdict:
      last !== null && progressOf(state, last.student)?.last?.putt_id === last.id
        ? (progressOf(state, last.student)?.last ?? null)
        : null,
    touchStop: (metres: number, side: number | null) =>
      roll(metres, stop, side === null ? {} : { side_m: side }),
    logHoled: () => roll(null, 'holed', {}),
    // Only what was looked at is noted: where such a ball stopped stays unknown, that it did not drop does not.
    logMissed: () => roll(null, 'unseen', { dropped: false }),
    /** At the rod or over the edge: it would have rolled at least as far as that. */
    logStoppedAt: (metres: number, how: Stop) => roll(metres, how, {}),
    /** The last thing asked is the whole ball; where a length is asked too, the lane comes after it. */
    touchAnswer: (name: string, answer: Seen[string]) => {
      setMissing(null);
      const seen = { ...seenSoFar, [name]: answer };
      const isAll =
        !needsLane && (seen.hit === false || kinds.first.every((kind) => seen[kind.name] != null));
      if (isAll) {
        roll(null, 'unseen', { [name]: answer });
      } else {
        setSeen(seen);
      }
    },
    /** Seen of a ball that lies; the same again takes it back. */
    answerOf: (putt: ShownPutt, name: string, answer: Seen[string]) =>
      remark(putt, {}, { [name]: putt.seen[name] === answer ? null : answer }),
    undo: () => last !== null && void log.undo(last.id),
    /** The same touch again takes a remark back. */
    toggleCause: (putt: ShownPutt, cause: Cause) =>
      remark(putt, { cause: putt.cause === cause ? null : cause }),
    toggleMark: (putt: ShownPutt, mark: Mark) => remark(putt, { mark: putt.mark === mark ? null : mark }),
    toggleHeld: (putt: ShownPutt) => remark(putt, {}, { held: putt.seen.held === true ? null : true }),
    puttOut: (putt: ShownPutt, putts: number) =>
      remark(
        putt,
        {},
        { putts_to_finish: seenNumber(putt.seen, 'putts_to_finish') === putts ? null : putts },
      ),
    correct: (putt: ShownPutt, ball: Ball & Partial<Remarks>) => void log.correctPutt(putt.id, ball),
    strike: (putt: ShownPutt) => void log.undo(putt.id),
    setOut: setOutCounts(run, log.waiting),
    count: log.count,
  };
}

export type Rolling = ReturnType<typeof useDrillRun>;

/**
 * The run's state for the balls that stand.
 *
 * When a ball the server has counted is taken back without a network, the state before it is needed:
 * states seen on this screen are kept for that. After a reload there may be none; only the server can
 * tell then.
 */
function useStateFor(run: RunState, balls: readonly ShownPutt[]): { state: RunState; isKnown: boolean } {
  const states = useRef(new Map<string, RunState>());
  const met = useRef(new Set<string>());
  for (const { id } of balls) {
    met.current.add(id);
  }
  const counted = countedIn(run);
  states.current.set(counted.join(), run);
  const standing = new Set(
    balls
      .filter((putt) => !(putt.isWaiting && putt.mark !== null && run.rolled_again.includes(putt.mark)))
      .map(({ id }) => id),
  );
  // A ball of another device may be counted before this one has heard of it; one that was met here and is
  // gone was taken back.
  const key = counted.filter((id) => standing.has(id) || !met.current.has(id)).join();
  const state = states.current.get(key);
  return { state: state ?? run, isKnown: state !== undefined };
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
    if (event.type === 'set_out_counted' && event.run_id === run.id && refused === null) {
      counts[event.item][event.name] = event.count;
    }
  }
  return counts;
}

function lastBackstroke(putts: readonly ShownPutt[]): number | null {
  return putts.findLast((putt) => putt.backstroke_m !== null)?.backstroke_m ?? null;
}

/** What the drill asks of each ball, by when it is answered. */
export interface AskedKinds {
  /** A number noted before the ball is rolled: where the face points, where the eyes are. */
  before: readonly SeenKind[];
  /** What the rule judges by, besides call and length. */
  first: readonly SeenKind[];
  /** What is said once it lies, a touch each. */
  after: readonly SeenKind[];
}

/** Asked in ways of their own. */
const OWN_WAYS = ['call', 'side_m', 'putts_to_finish'];

export function askedKinds({ asked: all, needs }: Pick<RunState, 'asked' | 'needs'>): AskedKinds {
  const asked = all.filter(({ name }) => !OWN_WAYS.includes(name));
  return {
    before: asked.filter(({ name, kind }) => !needs.includes(name) && kind === 'metres'),
    first: asked.filter(({ name }) => needs.includes(name)),
    after: asked.filter(({ name, kind }) => !needs.includes(name) && kind !== 'metres'),
  };
}

function keptFor(seen: Seen, before: readonly SeenKind[]): Seen {
  return Object.fromEntries(
    before.flatMap(({ name }) => (name === 'eye_offset_m' && seen[name] != null ? [[name, seen[name]]] : [])),
  );
}

/** Where we stand, in one line; scores stay out of sight of a student who is treated gently. */
export function standing(run: RunState, progress: RunProgress, isGentle: boolean): string {
  const { drill } = run;
  const parts = [
    isGentle || !run.judges
      ? `${progress.balls} ${progress.balls === 1 ? 'ball' : 'balls'} rolled`
      : `${progress.passes} of ${progress.balls} passed`,
    isGentle || drill.on_miss === undefined || drill.on_miss === 'nothing' || drill.on_miss === 'again'
      ? ''
      : `${progress.streak} in a row, ${progress.restarts === 1 ? '1 restart' : `${progress.restarts} restarts`}`,
    isGentle || progress.points === null
      ? ''
      : `${progress.points} ${drill.end.kind === 'points' ? `of ${drill.end.points} ` : ''}points`,
    !isGentle && progress.through_but_missed > 0
      ? `${progress.through_but_missed} started well but missed`
      : '',
    drill.cap.balls === undefined ? '' : `stops at ${drill.cap.balls} balls`,
  ];
  return `${parts.filter((part) => part !== '').join(' · ')}.`;
}
