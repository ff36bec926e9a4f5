import { useEffect, useReducer } from 'react';
import {
  type BallMeasurement,
  type Call,
  type Cause,
  type Mark,
  type Observations,
  observedNumber,
  type Remarks,
  type Session,
  type Stop,
} from '../../api/types';
import { type ShownPutt, useLog } from '../../api/useOutbox';
import { remember, resumeStateOf } from '../../device/resumeState';
import {
  type BallTask,
  emptyEntry,
  entered,
  entryAt,
  finished,
  isWhole,
  type Measured,
  placeOf,
  type Result,
  withMeasured,
} from './entry';

interface Logging {
  session: Session;
  /** Null while nobody can say what the next ball is. */
  task: BallTask | null;
  /** The balls of this place of work, oldest first. */
  balls: readonly ShownPutt[];
  /** Whose the next ball is; null for whoever the session was begun for. */
  student: string | null;
  onLogged?: () => void;
  /** What a device read of the ball that is next to lie; null where none is on. */
  measured?: Measured | null;
}

/** Enters balls and says what was seen of them: thin over the rules of entering, the outbox and the device's memory. */
export function useLogger({ session, task, balls, student, onLogged, measured = null }: Logging) {
  const log = useLog(session);
  const at = placeOf(task, student);
  const [state, dispatch] = useReducer(entered, null, () => {
    const { backstroke, backstrokeAt } = resumeStateOf(session.id);
    return emptyEntry(backstroke ?? null, backstrokeAt ?? '');
  });
  const entry = entryAt(state, at);
  const { backstroke, backstrokeAt } = entry;
  useEffect(() => remember(session.id, { backstroke, backstrokeAt }), [session.id, backstroke, backstrokeAt]);
  const last = balls.at(-1) ?? null;

  const roll = (result: Result) => {
    if (task === null) {
      return;
    }
    const made = finished(entry, task, result);
    if ('missing' in made) {
      dispatch({ type: 'missed', missing: made.missing });
      return;
    }
    dispatch({ type: 'logged', before: task.kinds.before });
    onLogged?.();
    const ball = withMeasured(made.ball, entry, task, measured);
    void log.logPutt({ ...ball, ...(student === null ? {} : { student }) });
  };
  const remark = ({ id, mark, cause }: ShownPutt, change: Partial<Remarks>, seen: Observations = {}) =>
    void log.remark(id, { mark, cause, ...change }, seen);

  return {
    log,
    balls,
    last,
    student,
    /** Whoever the session was begun for. */
    ownStudent: session.student?.id ?? null,
    task,
    ...entry,
    setCall: (call: Call | null) => dispatch({ type: 'called', call }),
    setStop: (stop: Stop) => dispatch({ type: 'stop', stop }),
    setBackstroke: (metres: number | null) => dispatch({ type: 'backstroke', metres, at }),
    refuseBackstroke: (sentence: string) => dispatch({ type: 'wrong backstroke', sentence }),
    setRehearsals: (count: number) => dispatch({ type: 'rehearsals', count }),
    /** Noted before the ball is rolled; null takes it back. */
    note: (name: string, answer: Observations[string]) => dispatch({ type: 'seen', name, answer }),
    /** Nothing of the result can be touched before the call is made. */
    waitsForCall: task?.needs.includes('call') === true && entry.call === null,
    touchStop: (metres: number, side: number | null) =>
      roll({ roll_m: metres, stop: entry.stop, seen: side === null ? {} : { side_m: side } }),
    /** @param metres how far it would have rolled, where somebody can judge it */
    logHoled: (metres: number | null = null) => roll({ roll_m: metres, stop: 'holed' }),
    // Only what was looked at is noted: where such a ball stopped stays unknown, that it did not drop does not.
    logMissed: () => roll({ roll_m: null, stop: 'unseen', seen: { dropped: false } }),
    /** At the rod or over the edge: it would have rolled at least as far as that. */
    logStoppedAt: (metres: number, stop: Stop) => roll({ roll_m: metres, stop }),
    /** The last thing asked is the whole ball; where a length is asked too, the lane comes after it. */
    touchAnswer: (name: string, answer: Observations[string]) => {
      const next = entered(entry, { type: 'seen', name, answer });
      if (task !== null && isWhole(next, task)) {
        roll({ roll_m: null, stop: 'unseen', seen: { [name]: answer } });
      } else {
        dispatch({ type: 'seen', name, answer });
      }
    },
    /** Seen of a ball that lies; the same again takes it back. */
    answerOf: (putt: ShownPutt, name: string, answer: Observations[string]) =>
      remark(putt, {}, { [name]: putt.seen[name] === answer ? null : answer }),
    undo: () => last !== null && void log.undo(last.id),
    /** The same touch again takes a remark back. */
    toggleCause: (putt: ShownPutt, cause: Cause) => remark(putt, { cause: putt.cause === cause ? null : cause }),
    toggleMark: (putt: ShownPutt, mark: Mark) => remark(putt, { mark: putt.mark === mark ? null : mark }),
    toggleHeld: (putt: ShownPutt) => remark(putt, {}, { held: putt.seen.held === true ? null : true }),
    puttOut: (putt: ShownPutt, putts: number) =>
      remark(putt, {}, { putts_to_finish: observedNumber(putt.seen, 'putts_to_finish') === putts ? null : putts }),
    addBackstroke: (putt: ShownPutt, metres: number) => {
      dispatch({ type: 'backstroke', metres, at });
      void log.correctPutt(putt.id, { ...ballOf(putt), backstroke_m: metres });
    },
    correct: (putt: ShownPutt, ball: BallMeasurement & Partial<Remarks>) => void log.correctPutt(putt.id, ball),
    strike: (putt: ShownPutt) => void log.undo(putt.id),
    give: (putt: ShownPutt, to: string | null) => void log.give(putt.id, to),
  };
}

export type Logger = ReturnType<typeof useLogger>;

/** What of a ball as it is shown was measured, seen and said. */
export function ballOf(putt: ShownPutt): BallMeasurement & Remarks {
  const { backstroke_m, roll_m, run_on_m, stop, target_m, grade_percent, across_percent, mark, cause, seen } = putt;
  return {
    backstroke_m,
    roll_m,
    run_on_m,
    stop,
    target_m,
    grade_percent,
    across_percent,
    mark,
    cause,
    seen,
  };
}
