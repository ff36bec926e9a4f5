/** What the API sends, as its schemas say, and the names the screens use for parts of it. */

import type {
  CallOut,
  CardSight,
  CheckKind,
  Companion,
  During,
  Putt,
  Reading,
  Session,
  Station,
  StudentChecks,
  WalkNext,
} from './contract';

export type * from './contract';

export type ReadingMethod = Reading['method'];
export type ReadingEntries = Reading['entries'];
export type TimedRoll = NonNullable<ReadingEntries['direction_1']>[number];
export type Stop = Putt['stop'];
export type Mark = NonNullable<Putt['mark']>;
export type Cause = NonNullable<Putt['cause']>;
export type Task = NonNullable<CallOut['task']>;
/** A place to putt from as a lane draws it. */
export type Post = Pick<Station, 'length_m' | 'grade_percent'>;
export type Gate = 'left' | 'through' | 'right';
export type Call = NonNullable<Putt['outcome']>;
/** Where somebody of the company is. */
export type Standing = Companion['standing'];
export type SetOutItem = 'check' | 'kit_out' | 'kit_back';

/** What was seen of a ball, by the name of its kind. */
export type Seen = Putt['seen'];

/** What was measured of a ball, and seen of it. */
export type Ball = Pick<Putt, 'backstroke_m' | 'roll_m' | 'stop' | 'target_m' | 'grade_percent'> &
  Partial<Pick<Putt, 'seen' | 'run_on_m' | 'across_percent'>>;

/** What the coach said of it with one touch. */
export type Remarks = Pick<Putt, 'mark' | 'cause'>;

/** Which run it was rolled in; whose it was, in a group. */
export type Belonging = Pick<Putt, 'run_id' | 'student'>;

/** What of a session its events change. */
export type Card = Pick<
  Session,
  'stations' | 'conditions' | 'set_aside' | 'company' | 'during' | 'checks' | 'sights'
>;

export type CheckLook = StudentChecks['checks'][number];
export type CardLook = StudentChecks['cards'][number];
export type CheckField = CheckKind['fields'][number];
export type SessionPart = During['part'];
export type Disturbance = During['disturbances'][number];
export type PointSight = CardSight['sight'];

export const NO_REMARKS: Remarks = { mark: null, cause: null };

/** One answer, where it is a word. */
export function seenWord(seen: Seen, name: string): string | null {
  const answer = seen[name];
  return typeof answer === 'string' ? answer : null;
}

/** Stopped by something that would not have stopped it: it rolled at least this far. */
export function cutsShort(stop: Stop): boolean {
  return !['free', 'holed', 'unseen'].includes(stop);
}

/** One answer, where it is a number. */
export function seenNumber(seen: Seen, name: string): number | null {
  const answer = seen[name];
  return typeof answer === 'number' ? answer : null;
}

/** One step of a walk along. */
export type WalkStep = NonNullable<WalkNext['step']>;

export type DeviceKind = 'ramp' | 'stroke_sensor' | 'aiming_light' | 'level';

/** What a device is to read; null where nobody knows, and an ordinary green is taken. */
export interface DeviceScene {
  student?: string | null;
  target_m?: number | null;
  speed_m?: number | null;
  along_percent?: number | null;
  count?: number;
}
