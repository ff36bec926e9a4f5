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
export type Mark = 'mishit' | 'bumps' | 'distraction';

export interface Ball {
  backstroke_m: number | null;
  roll_m: number | null;
  stop: Stop;
  target_m: number | null;
  grade_percent: number;
  mark: Mark | null;
}

export interface Putt extends Ball {
  id: string;
  at_ms: number;
  /** Metres beside the line, positive right; null when nobody looked. */
  side_m: number | null;
  /** Against its target, as the rules see it; null without one. */
  outcome: 'short' | 'on' | 'long' | null;
  corrections: number;
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
  };
  on_miss?: 'nothing' | 'restart_station' | 'restart_all';
  call_first?: boolean;
  points?: { holed: number; past: number; long: number; short: number };
  end: {
    kind: 'all_stations' | 'balls' | 'points' | 'minutes';
    balls?: number;
    points?: number;
    minutes?: number;
  };
  cap: { balls?: number; minutes?: number };
}

export interface Drills {
  library: Drill[];
  own: { id: string; drill: Drill }[];
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

export interface RunState {
  id: string;
  drill: Drill;
  phase: 'ready' | 'rolling' | 'resting' | 'done' | 'capped';
  /** The run's last ball still standing; null before the first. */
  last_putt_id: string | null;
  /** What must be noted of each ball. */
  needs: string[];
  next: CallOut | null;
  /** The next ball and those certain to follow it. */
  ahead: CallOut[];
  balls: number;
  passes: number;
  streak: number;
  restarts: number;
  points: number | null;
  through_but_missed: number;
  first_tries: { n: number; passed: number };
  step_m: number | null;
}

export interface Expectation {
  balls: number | null;
  putts_behind: number;
  cap: { balls: number | null; minutes: number | null };
}
