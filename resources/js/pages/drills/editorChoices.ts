/** What the editor offers where kinds do not describe themselves. */

import type { Drill, Task } from '../../api/types';

export const TARGETS = [
  { value: 'hole', label: 'A hole' },
  { value: 'rail', label: 'A hole with a rod behind' },
  { value: 'ring', label: 'A ring' },
  { value: 'edge', label: 'An edge or string' },
  { value: 'stand', label: 'Another object' },
  { value: 'ball', label: 'Another ball' },
  { value: 'tee', label: 'A tee' },
  { value: 'none', label: 'Open ground' },
] as const;
export const AIDS = [
  { value: 'none', label: 'None' },
  { value: 'gate', label: 'A gate' },
  { value: 'chalk', label: 'A chalk line' },
  { value: 'rail', label: 'A ruler' },
  { value: 'spot', label: 'A spot' },
] as const;
export const MISSES = [
  { value: 'nothing', label: 'Continue' },
  { value: 'again', label: 'Repeat the ball' },
  { value: 'restart_station', label: 'Restart the station' },
  { value: 'restart_all', label: 'Restart the drill' },
] as const;
export const PUT_OUTS = [
  { value: 'none', label: 'None' },
  { value: 'passed', label: 'Those that pass' },
  { value: 'all', label: 'All' },
] as const;
export const TASKS: readonly { value: Task; label: string }[] = [
  { value: 'past', label: 'A little past' },
  { value: 'short', label: 'A little short' },
  { value: 'soft', label: 'Soft' },
  { value: 'firm', label: 'Firm' },
  { value: 'exact', label: 'Exact' },
  { value: 'look_at_target', label: 'Look at the target' },
  { value: 'look_at_ball', label: 'Look at the ball' },
  { value: 'rehearse_soft', label: 'Too soft on purpose' },
  { value: 'rehearse_strong', label: 'Too strong on purpose' },
  { value: 'rehearse_between', label: 'In between' },
  { value: 'stance_narrow', label: 'Narrow stance' },
  { value: 'stance_middle', label: 'Medium stance' },
  { value: 'stance_wide', label: 'Wide stance' },
  { value: 'aim_wider', label: 'A wider aim' },
  { value: 'more_pace', label: 'More pace' },
  { value: 'roll_by_hand', label: 'Rolled by hand' },
];
export const TRAINS = [
  'speed',
  'start line',
  'read',
  'feel',
  'set-up',
  'backstroke',
  'strike',
  'routine',
  'nerve',
] as const;
export const PURPOSES = [
  { value: '', label: 'Not set' },
  { value: 'build', label: 'Learning' },
  { value: 'measure', label: 'Test' },
  { value: 'play', label: 'As on the course' },
  { value: 'pressure', label: 'Pressure' },
  { value: 'warm_up', label: 'Warm-up' },
] as const;
export const PLACES = [
  { value: 'green', label: 'A green' },
  { value: 'mat', label: 'A mat' },
] as const;
/** Which way the ground across a station falls. */
export const BREAKS = [
  { value: '', label: 'As typed' },
  { value: 'weak', label: 'To the weak side' },
];

export const POINTS = [
  { field: 'holed', label: 'Holed brings' },
  { field: 'past', label: 'Just past brings' },
  { field: 'within', label: 'Just past is within' },
  { field: 'long', label: 'Further past brings' },
  { field: 'short', label: 'Short brings' },
] as const;

const BLANK: Drill = {
  key: 'new',
  name: '',
  trains: [],
  places: ['green'],
  kit: [{ piece: 'ball' }, { piece: 'tee', count: 3 }],
  stations: [{ length_m: 3.048 }, { length_m: 4.572 }, { length_m: 6.096 }],
  target: 'hole',
  order: 'as_laid',
  balls_per_station: 3,
  pass: { kind: 'share', share: 0.1 },
  end: { kind: 'all_stations' },
  cap: { balls: 20 },
};

/** A drill to begin from, in round numbers of the unit. */
export function blankDrill(isMetric: boolean): Drill {
  return isMetric ? { ...BLANK, stations: [{ length_m: 3 }, { length_m: 4.5 }, { length_m: 6 }] } : BLANK;
}
