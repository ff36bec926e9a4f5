/** What the API sends. SI units; ids are ULIDs; times are ISO 8601 in UTC. */

import type { MarginNote } from '../design';
import type { Unit } from '../units/length';

export interface Coach {
  id: string;
  name: string;
  email: string;
  unit: Unit;
  pace_length_m: number | null;
}

export interface Student {
  id: string;
  name: string;
  hand: 'right' | 'left';
  level: 'new' | 'club' | 'able' | 'tournament';
  unit: Unit;
  pace_length_m: number | null;
  target_pace_m: number;
  putter: string | null;
  school: 'rule' | 'foot' | 'eye';
  /** Beats a minute, one back and one to the ball; null until it is known. */
  tempo_bpm: number | null;
}

export type ReadingMethod = 'ramp' | 'stopwatch' | 'estimated' | 'unknown';

export interface TimedRoll {
  distance_m: number;
  time_s: number;
}

export interface ReadingEntries {
  direction_1_m?: number[];
  direction_2_m?: number[];
  ramp_factor?: number | null;
  direction_1?: TimedRoll[];
  direction_2?: TimedRoll[];
  speed_ft?: number;
}

export interface Reading {
  id: string;
  green_id: string;
  session_id: string | null;
  method: ReadingMethod;
  entries: ReadingEntries;
  speed_m: number | null;
  standard_error_m: number | null;
  /** Rise over run, positive uphill in the first direction. */
  grade: number | null;
  is_level: boolean;
  warnings: { key: string; sentence: string }[];
  taken_at: string;
}

export interface Green {
  id: string;
  name: string;
  surface: 'grass' | 'mat';
  reading?: Reading | null;
}

export interface SessionSummary {
  id: string;
  student_id: string | null;
  green_id: string | null;
  purpose: string | null;
  minutes: number | null;
  note_for_next: string | null;
  started_at: string;
  ended_at: string | null;
}

export interface Bench {
  students: Student[];
  greens: Green[];
  sessions: SessionSummary[];
}

export interface Station {
  length_m: number;
  /** The length as it was said, with its unit. */
  said: string;
  grade_percent: number | null;
}

export type Stop = 'free' | 'holed' | 'edge' | 'rod' | 'other' | 'unseen';
export type Mark = 'mishit' | 'bumps' | 'distraction' | 'doubt';
export type Cause = 'strike' | 'luck' | 'start_line' | 'pace' | 'read' | 'unknown';
export type SetOutItem = 'check' | 'kit_out' | 'kit_back';

/** What was measured of a ball. */
export interface Ball {
  backstroke_m: number | null;
  roll_m: number | null;
  stop: Stop;
  target_m: number | null;
  grade_percent: number;
}

/** What the coach said of it with one touch. */
export interface Remarks {
  mark: Mark | null;
  cause: Cause | null;
  /** Whether the finish was held still; null when nobody looked. */
  held: boolean | null;
  rehearsals: number | null;
  /** Further putts until holed, for a ball that was putted out. */
  putts_to_finish: number | null;
}

/** What a drill asked to be seen of it. */
export interface Sight {
  /** Metres beside the line, positive right; null when nobody looked. */
  side_m: number | null;
  gate: 'left' | 'through' | 'right' | null;
  call: 'short' | 'on' | 'long' | null;
  hit: boolean | null;
}

/** Which run it was rolled in; whose it was, in a group. */
export interface Belonging {
  run_id: string | null;
  student: string | null;
}

export interface Putt extends Ball, Remarks, Sight, Belonging {
  id: string;
  at_ms: number;
  /** Against its target, as the rules see it; null without one. */
  outcome: 'short' | 'on' | 'long' | null;
  corrections: number;
}

export const NO_REMARKS: Remarks = {
  mark: null,
  cause: null,
  held: null,
  rehearsals: null,
  putts_to_finish: null,
};
export const NOTHING_SEEN: Sight = { side_m: null, gate: null, call: null, hit: null };
export const NOBODYS: Belonging = { run_id: null, student: null };

/** Something that happened to one ball. */
export interface BallEvent extends Partial<Ball & Remarks & Sight> {
  id: string;
  type: 'putt_logged' | 'putt_corrected' | 'putt_remarked' | 'undone';
  at_ms: number;
  /** The name on the account that logged it. */
  by: string;
  event_id?: string;
}

export interface Session {
  id: string;
  student: Student | null;
  green: Green | null;
  minutes: number | null;
  purpose: string | null;
  conditions: string[];
  stations: Station[];
  set_aside: string[];
  note_for_student: string | null;
  note_for_next: string | null;
  started_at: string;
  ended_at: string | null;
  reading: Reading | null;
  putts: Putt[];
  cautions: string[];
  last_note: string | null;
  /** The drill started last in this session; null when none was. */
  run_id: string | null;
}

export interface StrokeRow {
  length_m: number;
  grade_percent: number;
  is_station: boolean;
  never_stops: boolean;
  backstroke_m: number | null;
  low_m: number | null;
  high_m: number | null;
  extrapolated: boolean | null;
}

export interface CurvePoint {
  backstroke_m: number;
  roll_m: number;
  low_m: number;
  high_m: number;
  extrapolated: boolean;
}

export interface ReportBall {
  id: string;
  is_today: boolean;
  backstroke_m: number | null;
  roll_m: number | null;
  level_roll_m: number | null;
  use: string;
  reason: string | null;
  is_odd: boolean;
  weight: number | null;
}

export interface StrokeReport {
  state: 'none' | 'provisional' | 'fitted';
  n: number;
  n_today: number;
  beta: number | null;
  roll_ratio: number | null;
  sigma: number | null;
  method: ReadingMethod;
  today_speed_m: number | null;
  speed_m: number | null;
  rows: StrokeRow[];
  curve: CurvePoint[];
  balls: ReportBall[];
  left_out: { reason: string; count: number }[];
  notes: MarginNote[];
}

export interface DrillStation {
  length_m?: number;
  from_m?: number;
  to_m?: number;
  /** A drawn length is a whole number of these. */
  step_m?: number;
  grade_percent?: number;
  across_percent?: number;
  tier?: { height_m: number; run_m: number; start_m: number };
}

/** A drill as data; docs/drills.md and the JSON Schema say what each field means. */
export interface Drill {
  key: string;
  name: string;
  why?: string;
  meaning?: string;
  trains?: string[];
  places?: ('green' | 'mat')[];
  minutes?: number;
  dose?: string;
  kit?: string[];
  cautions?: string[];
  group?: boolean;
  stations: DrillStation[];
  target: 'hole' | 'edge' | 'ring' | 'rail' | 'stand' | 'ball' | 'tee' | 'none';
  aid?: { kind: 'gate' | 'rail' | 'chalk' | 'spot'; width_m?: number; distance_m?: number };
  order?: 'as_laid' | 'ladder' | 'middle_short_long' | 'shuffled' | 'blocked_then_shuffled';
  balls_per_station: number;
  pass: {
    kind:
      | 'share'
      | 'radius'
      | 'between'
      | 'past_only'
      | 'on_line'
      | 'through_gate'
      | 'holed'
      | 'hit'
      | 'nearer_than_last'
      | 'task';
    share?: number;
    radius_m?: number;
    behind_m?: number;
    within_m?: number;
    little_m?: number;
    exact_share?: number;
  };
  tasks?: Task[];
  steps_m?: number[];
  putt_out?: 'none' | 'passed' | 'all';
  rest_after_balls?: number;
  logs?: string[];
  schools?: string[];
  on_miss?: 'nothing' | 'restart_station' | 'restart_all';
  call_first?: boolean;
  points?: { holed: number; past: number; long: number; short: number; past_within_m: number };
  end: {
    kind: 'all_stations' | 'balls' | 'points' | 'minutes';
    balls?: number;
    points?: number;
    minutes?: number;
  };
  cap: { balls?: number; minutes?: number };
}

/** A drill of the coach's own. */
export interface SavedDrill {
  id: string;
  drill: Drill;
}

export interface Drills {
  library: Drill[];
  own: SavedDrill[];
}

export type Task =
  | 'past'
  | 'short'
  | 'exact'
  | 'look_at_target'
  | 'rehearse_soft'
  | 'rehearse_strong'
  | 'rehearse_between';

export interface CallOut {
  station: number;
  length_m: number;
  /** Which of its station's balls this is, from 1. */
  ball: number;
  task: Task | null;
}

/** What a ball must do to pass, as plain conditions; the server's verdict is the one that counts. */
export interface PassesIf {
  holed: boolean | null;
  only_holed: boolean;
  roll_m: [number, number] | null;
  ring_m: [number, number] | null;
  not_stopped_by: Stop | null;
  gate: Sight['gate'];
  hit: boolean | null;
}

/** One ball laid out ahead, and the place in the course after it; null where nothing more is laid out. */
export interface Leg extends CallOut {
  after_pass: number | null;
  after_miss: number | null;
  passes_if: PassesIf | null;
}

/** How one student stands in a run. */
export interface RunProgress {
  phase: 'ready' | 'rolling' | 'resting' | 'done' | 'capped';
  next: CallOut | null;
  course: { at: number; certain: number; legs: Leg[] };
  /** How the last ball that counted was judged, and the cause its evidence points at. */
  last: { putt_id: string; passed: boolean; restarted: boolean; cause: Cause | null } | null;
  /** Ids of the balls this state has seen. */
  counted: string[];
  balls: number;
  passes: number;
  streak: number;
  restarts: number;
  rounds: number;
  points: number | null;
  stations: { length_m: number; balls: number; passes: number; attempt: number }[];
  through_but_missed: number;
  first_tries: { n: number; passed: number };
  second_putts: { n: number; putts: number };
  step_m: number | null;
  feel: { n: number; agreement: number } | null;
}

interface RunCommon {
  id: string;
  drill: Drill;
  /** Ids of the students in a group; empty for the session's own student. */
  group: string[];
  axis: 'length' | 'line' | 'both';
  /** What must be noted of each ball. */
  needs: string[];
  set_out: Record<SetOutItem, Record<string, number>>;
  kit: SetOutSheet['kit'];
  checks: SetOutSheet['checks'];
}

export interface GroupRun extends RunCommon {
  /** Everyone still rolling, in the order of their turns. */
  turns: string[];
  students: { student: string; state: RunProgress }[];
}

export type SoloRun = RunCommon & RunProgress;

export type RunState = SoloRun | GroupRun;

/** How to set a drill out. */
export interface SetOutSheet {
  stand: string;
  walking_line: string;
  cautions: string[];
  checks: { key: string; sentence: string }[];
  kit: { words: string; name: string; pieces: number | null }[];
  /** The widths the aid will have, with the start-line error that just passes. */
  aid: { width_m: number; half_angle_deg: number }[];
  stations: {
    length_m: number;
    grade_percent: number;
    across_percent: number;
    hole_half_angle_deg: number | null;
    /** Set where the paces counted and the length disagree. */
    slip: { paced_m: number; likely: 'feet' | 'yards' | 'metres' | null } | null;
  }[];
  expectation: Expectation | null;
}

export interface Expectation {
  balls: number | null;
  putts_behind: number;
  cap: { balls: number | null; minutes: number | null };
  gate_that_measures_m: number | null;
}
