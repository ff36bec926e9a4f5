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

export type Stop = 'free' | 'holed' | 'edge' | 'rod' | 'other';
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
