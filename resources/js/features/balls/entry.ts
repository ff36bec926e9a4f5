/** One ball being entered: what was said of it so far, and whether that is all. No screen, no network. */

import type { BallMeasurement, BallOwner, Call, Observations, ObservationType, RunState, Stop } from '../../api/types';

/** What the next ball is rolled at and what is asked of it. Free rolling is a run without a rule. */
export interface BallTask {
  /** Metres to the target; null when rolling at nothing in particular. */
  target_m: number | null;
  grade_percent: number;
  /** Rising to the right; null where nobody looked. */
  across_percent: number | null;
  /** Null outside a drill. */
  runId: string | null;
  /** What must be said of each ball. */
  needs: readonly string[];
  kinds: AskedTypes;
  asksLength: boolean;
  asksBackstroke: boolean;
  /** A backstroke that the drill calls, metres; null where it is chosen. */
  calledBackstroke: number | null;
  /** Whether the ball is rolled to measure the backstroke, and not to finish anywhere. */
  isMeasuringStroke?: boolean;
}

/** What a chosen backstroke holds for: one station, one purpose, one student. */
export function placeOf(task: BallTask | null, student: string | null): string {
  return task === null
    ? ''
    : [task.runId, task.isMeasuringStroke === true, task.target_m, task.grade_percent, student].join(' ');
}

/** What is asked of each ball, by when it is answered. */
export interface AskedTypes {
  /** A number noted before the ball is rolled: where the face points, where the eyes are. */
  before: readonly ObservationType[];
  /** What the rule judges by, besides call and length. */
  first: readonly ObservationType[];
  /** What is said once it lies, a touch each. */
  after: readonly ObservationType[];
}

/** Asked in ways of their own. */
const OWN_WAYS = ['call', 'side_m', 'putts_to_finish'];

export function askedTypes({ asked: all, needs }: Pick<RunState, 'asked' | 'needs'>): AskedTypes {
  const asked = all.filter(({ name }) => !OWN_WAYS.includes(name));
  return {
    before: asked.filter(({ name, kind }) => !needs.includes(name) && isMeasured(kind)),
    first: asked.filter(({ name }) => needs.includes(name)),
    after: asked.filter(({ name, kind }) => !needs.includes(name) && !isMeasured(kind)),
  };
}

const isMeasured = (kind: ObservationType['kind']) => kind === 'metres' || kind === 'number';

export interface EntryState {
  call: Call | null;
  /** What was seen of the ball that is not finished yet, by the name of its kind. */
  seen: Observations;
  /** Why it stops, unless a face says so itself. */
  stop: Stop;
  /** Stays at the last ball's while its place stays; metres, null for none. */
  backstroke: number | null;
  /** The place it was chosen at, as `placeOf` says it. */
  backstrokeAt: string;
  /** Whether the coach said the backstroke of this very ball. */
  isBackstrokeSaid: boolean;
  /** What is wrong with a backstroke that was typed and not taken; no ball is logged past it. */
  wrongBackstroke: string | null;
  rehearsals: number;
  /** What must still be said, in words; null while nothing is missed. */
  missing: string | null;
}

export type EntryAction =
  | { type: 'called'; call: Call | null }
  | { type: 'seen'; name: string; answer: Observations[string] }
  | { type: 'stop'; stop: Stop }
  | { type: 'backstroke'; metres: number | null; at: string }
  | { type: 'wrong backstroke'; sentence: string }
  | { type: 'rehearsals'; count: number }
  | { type: 'missed'; missing: string }
  /** It is on its way: the next ball begins. */
  | { type: 'logged'; before: readonly ObservationType[] };

export const emptyEntry = (backstroke: number | null, backstrokeAt = ''): EntryState => ({
  call: null,
  seen: {},
  stop: 'free',
  backstroke,
  backstrokeAt,
  isBackstrokeSaid: false,
  wrongBackstroke: null,
  rehearsals: 0,
  missing: null,
});

export function entered(state: EntryState, action: EntryAction): EntryState {
  switch (action.type) {
    case 'called':
      return { ...state, call: action.call, missing: null };
    case 'seen':
      return { ...state, seen: { ...state.seen, [action.name]: action.answer }, missing: null };
    case 'stop':
      return { ...state, stop: action.stop };
    case 'backstroke':
      return {
        ...state,
        backstroke: action.metres,
        backstrokeAt: action.at,
        isBackstrokeSaid: true,
        wrongBackstroke: null,
        missing: null,
      };
    case 'wrong backstroke':
      return { ...state, wrongBackstroke: action.sentence };
    case 'rehearsals':
      return { ...state, rehearsals: action.count };
    case 'missed':
      return { ...state, missing: action.missing };
    case 'logged':
      return {
        ...emptyEntry(state.backstroke, state.backstrokeAt),
        seen: keptFor(state.seen, action.before),
      };
  }
}

/** The entry as it stands at a place: a backstroke chosen at another is nobody's here. */
export function entryAt(state: EntryState, at: string): EntryState {
  return state.backstroke === null || state.backstrokeAt === at
    ? state
    : { ...state, backstroke: null, isBackstrokeSaid: false };
}

/** Where the eyes are set holds for the next ball too. */
function keptFor(seen: Observations, before: readonly ObservationType[]): Observations {
  return Object.fromEntries(
    before.flatMap(({ name }) => (name === 'eye_offset_m' && seen[name] != null ? [[name, seen[name]]] : [])),
  );
}

/** What a device measured of the ball on its way, by field, and what kind of device said so. */
export interface Measured {
  figures: Readonly<Record<string, number>>;
  source: string;
}

/** A reading fills what the coach did not say and overwrites nothing. */
export function withMeasured(
  ball: BallMeasurement & Partial<BallOwner>,
  state: EntryState,
  task: BallTask,
  measured: Measured | null,
): BallMeasurement & Partial<BallOwner> {
  if (measured === null) {
    return ball;
  }
  const { backstroke_m, ...figures } = measured.figures;
  const isSaid = task.calledBackstroke !== null || (state.isBackstrokeSaid && state.backstroke !== null);
  const takesBackstroke = backstroke_m !== undefined && !isSaid;
  return {
    ...ball,
    ...(takesBackstroke && { backstroke_m }),
    seen: {
      ...figures,
      measured_by: measured.source,
      ...(takesBackstroke && { backstroke_by: measured.source }),
      ...ball.seen,
    },
  };
}

/** How a ball ended: how far it rolled, why it stopped, and what else that says of it. */
export interface Result {
  /** Metres; null where nobody measured it. */
  roll_m: number | null;
  stop: Stop;
  seen?: Observations;
}

export type Finished = { ball: BallMeasurement & Partial<BallOwner> } | { missing: string };

/** The whole ball, or what must be said first. */
export function finished(state: EntryState, task: BallTask, result: Result): Finished {
  if (task.needs.includes('call') && state.call === null) {
    return { missing: 'Make the call first: short, on target or past.' };
  }
  if (task.asksBackstroke && task.calledBackstroke === null && state.wrongBackstroke !== null) {
    return { missing: state.wrongBackstroke };
  }
  const seen = { ...state.seen, ...result.seen };
  const unanswered = task.kinds.first.find(({ name }) => isStillAsked(name, seen, result.stop));
  if (unanswered !== undefined) {
    return {
      missing:
        unanswered.name === 'gate'
          ? 'Enter the start first: left, through or right.'
          : `Answer this first: ${unanswered.question.toLowerCase()}.`,
    };
  }
  return {
    ball: {
      backstroke_m: task.asksBackstroke ? (task.calledBackstroke ?? state.backstroke) : null,
      roll_m: result.roll_m,
      stop: result.stop,
      target_m: task.target_m,
      grade_percent: task.grade_percent,
      ...(task.across_percent === null ? {} : { across_percent: task.across_percent }),
      ...(task.runId === null ? {} : { run_id: task.runId }),
      seen: {
        ...(state.call === null ? {} : { call: state.call }),
        ...(state.rehearsals === 0 ? {} : { rehearsals: state.rehearsals }),
        ...(task.isMeasuringStroke === true && { purpose: 'backstroke' }),
        ...seen,
      },
    },
  };
}

/** Of a ball that struck nothing there is no more to say; a holed one is on the level of the hole. */
function isStillAsked(name: string, seen: Observations, stop: Stop): boolean {
  return seen[name] == null && (name === 'hit' || seen.hit !== false) && !(name === 'level' && stop === 'holed');
}

/** Whether an answer is the last thing a ball waits for; where a length is asked too, the lane comes after it. */
export function isWhole({ seen }: EntryState, { kinds, asksLength }: BallTask): boolean {
  return !asksLength && (seen.hit === false || kinds.first.every(({ name }) => seen[name] != null));
}

/** The backstrokes in use, shortest first: the latest few, then usual ones, each once. Metres. */
export function recentBackstrokes(
  putts: readonly Pick<BallMeasurement, 'backstroke_m'>[],
  usual: readonly number[],
  most: number,
): number[] {
  const used = putts.flatMap(({ backstroke_m }) => (backstroke_m === null ? [] : [backstroke_m])).reverse();
  const kept: number[] = [];
  for (const metres of [...used, ...usual]) {
    if (kept.length < most && !kept.some((other) => Math.abs(other - metres) < 0.002)) {
      kept.push(metres);
    }
  }
  return kept.sort((a, b) => a - b);
}
