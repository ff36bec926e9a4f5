/** What the API sends, as its schemas say, and the names the screens use for parts of it. */

import type {
  Ball,
  CallOut,
  CheckKind,
  ChecklistAnswer,
  GreenSpeedMeasurement,
  GroupMember,
  RollContext,
  Session,
  SimulationNext,
  Station,
  StudentChecks,
} from './contract';

export type * from './contract';

export type MeasurementMethod = GreenSpeedMeasurement['method'];
export type MeasurementEntries = GreenSpeedMeasurement['entries'];
export type TimedRoll = NonNullable<MeasurementEntries['direction_1']>[number];
export type Stop = Ball['stop'];
export type Mark = NonNullable<Ball['mark']>;
export type Cause = NonNullable<Ball['cause']>;
export type Task = NonNullable<CallOut['task']>;
/** A place to putt from as a lane draws it. */
export type StationPlace = Pick<Station, 'length_m' | 'grade_percent'>;
export type Gate = 'left' | 'through' | 'right';
export type Call = NonNullable<Ball['outcome']>;
/** Where somebody of the group is. */
export type Presence = GroupMember['standing'];
export type SetupItem = 'check' | 'kit_out' | 'kit_back';

/** What was seen of a ball, by the name of its kind. */
export type Observations = Ball['seen'];

/** What was measured of a ball, and seen of it. */
export type BallMeasurement = Pick<Ball, 'backstroke_m' | 'roll_m' | 'stop' | 'target_m' | 'grade_percent'> &
  Partial<Pick<Ball, 'seen' | 'run_on_m' | 'across_percent'>>;

/** What the coach said of it with one touch. */
export type Remarks = Pick<Ball, 'mark' | 'cause'>;

/** Which run it was rolled in; whose it was, in a group. */
export type BallOwner = Pick<Ball, 'run_id' | 'student'>;

/** What of a session its events change. */
export type SessionNotes = Pick<
  Session,
  'stations' | 'conditions' | 'dismissed_insights' | 'group_members' | 'during' | 'checks' | 'checklist_answers'
>;

export type CheckReport = StudentChecks['checks'][number];
export type ChecklistReport = StudentChecks['cards'][number];
export type CheckField = CheckKind['fields'][number];
export type SessionPart = RollContext['part'];
export type Disturbance = RollContext['disturbances'][number];
export type PointAnswer = ChecklistAnswer['sight'];

export const NO_REMARKS: Remarks = { mark: null, cause: null };

/** One answer, where it is a word. */
export function observedWord(seen: Observations, name: string): string | null {
  const answer = seen[name];
  return typeof answer === 'string' ? answer : null;
}

/** Stopped by something that would not have stopped it: it rolled at least this far. */
export function cutsShort(stop: Stop): boolean {
  return !['free', 'holed', 'unseen'].includes(stop);
}

/** One answer, where it is a number. */
export function observedNumber(seen: Observations, name: string): number | null {
  const answer = seen[name];
  return typeof answer === 'number' ? answer : null;
}

/** One step of a walk along. */
export type SimulationStep = NonNullable<SimulationNext['step']>;

export type DeviceKind = 'ramp' | 'stroke_sensor' | 'aiming_light' | 'level';

/** What a device is to read; null where nobody knows, and an ordinary green is taken. */
export interface DeviceScene {
  student?: string | null;
  target_m?: number | null;
  speed_m?: number | null;
  along_percent?: number | null;
  count?: number;
  /** Where a level lies round a hole, and whether it is turned by half a turn. */
  x_m?: number;
  y_m?: number;
  is_turned?: 0 | 1;
}
