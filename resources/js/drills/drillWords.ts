/** A drill's rule in words, with lengths in the coach's own unit. */

import type { Expectation } from '../app/contract';
import type { CallOut, Drill, DrillStation, Task } from '../app/types';
import type { Units } from '../app/useUnits';

const TARGETS: Record<Drill['target'], string> = {
  hole: 'the hole',
  edge: 'the edge',
  ring: 'the ring',
  rail: 'the hole with a rod behind',
  stand: 'what stands there',
  ball: 'the other ball',
  tee: 'the tee',
  none: 'nothing in particular',
};

const AIDS = { gate: 'the gate', rail: 'the rule', chalk: 'the line', spot: 'the spot' } as const;

const ORDERS: Record<NonNullable<Drill['order']>, string> = {
  as_laid: 'station by station',
  ladder: 'shortest first',
  middle_short_long: 'middle, short, long in turn',
  shuffled: 'mixed, never the same twice running',
  blocked_then_shuffled: 'station by station, then mixed',
};

const TASKS: Record<Task, string> = {
  past: 'a little past',
  short: 'a little short',
  firm: 'firm, further past',
  exact: 'exact',
  look_at_target: 'look at the target',
  rehearse_soft: 'rehearse it too soft',
  rehearse_strong: 'rehearse it too strong',
  rehearse_between: 'now between the two',
};

/** What passes: "stops within a tenth of its length". */
export function passWords({ pass, aid }: Drill, units: Units): string {
  const length = (metres: number | undefined, usual: number) => units.show(metres ?? usual, 'roll');
  switch (pass.kind) {
    case 'share':
      return `stops within ${Math.round((pass.share ?? 0.1) * 100)} % of its length`;
    case 'radius':
      return `stops within ${length(pass.radius_m, 1)}`;
    case 'between':
      return `stops past the lip, within ${length(pass.behind_m, 0.5)}`;
    case 'past_only':
      return `gets there, and no more than ${length(pass.within_m, 0.9)} past`;
    case 'on_line':
      return `starts on ${AIDS[aid?.kind ?? 'chalk']}`;
    case 'through_gate':
      return `starts through the gate${aid?.width_m === undefined ? '' : `, ${units.show(aid.width_m, 'width')} wide`}`;
    case 'holed':
      return 'is holed';
    case 'hit':
      return 'strikes it';
    case 'nearer_than_last':
      return 'stops nearer than the one before';
    case 'task':
      return 'does what it was told';
  }
}

/** In which order, what a miss does, and when it ends: one sentence. */
export function courseWords(drill: Drill): string {
  const miss = {
    nothing: '',
    restart_station: 'a miss starts the station again',
    restart_all: 'a miss starts everything again',
  }[drill.on_miss ?? 'nothing'];
  const end = {
    all_stations: 'ends when all are done',
    balls: `ends after ${drill.end.balls} balls`,
    points: `ends at ${drill.end.points} points`,
    minutes: `ends after ${drill.end.minutes} minutes`,
  }[drill.end.kind];
  const words = [ORDERS[drill.order ?? 'as_laid'], miss, end].filter((part) => part !== '').join('; ');
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;
}

/** The whole rule in one line. */
export function ruleWords(drill: Drill, units: Units): string {
  const each = drill.balls_per_station === 1 ? 'One ball' : `${drill.balls_per_station} balls`;
  return `${each} a station at ${TARGETS[drill.target]}; each passes if it ${passWords(drill, units)}.`;
}

/** How a station's ground lies, to stand after its length; nothing for a level one. */
export function stationSlope(station: DrillStation | undefined): string {
  const [along, across] = [station?.grade_percent ?? 0, station?.across_percent ?? 0];
  const parts = [
    along === 0 ? '' : along > 0 ? `${along} % uphill` : `${-along} % downhill`,
    // Positive where the green rises to the player's right, so the ball turns left.
    across === 0 ? '' : `breaks ${across > 0 ? 'left' : 'right'}`,
    station?.tier === undefined ? '' : 'over a step',
  ].filter((part) => part !== '');
  return parts.length === 0 ? '' : `, ${parts.join(', ')}`;
}

/** A station's length, or the range it is drawn from. */
export function stationWords(station: DrillStation, units: Units): string {
  return station.length_m === undefined
    ? `${units.show(station.from_m ?? 0, 'station')} to ${units.show(station.to_m ?? 0, 'station')}`
    : units.show(station.length_m, 'station');
}

/** The next ball as it is called out: "18 ft, a little past". */
export function callOutWords(callOut: CallOut, units: Units): string {
  const length = units.show(callOut.length_m, 'station');
  return callOut.task === null ? length : `${length}, ${TASKS[callOut.task]}`;
}

/** How many balls a drill will take, on what that rests, or why nobody can say. */
export function forecastWords({ balls, basis, putts_behind }: Expectation): string {
  switch (basis) {
    case 'count':
      return `It takes ${Math.round(balls ?? 0)} balls.`;
    case 'rate':
      return balls === null
        ? `At this student’s own rate, from ${putts_behind} putts, it is never passed.`
        : `About ${Math.round(balls)} balls at this student’s own rate, from ${putts_behind} putts.`;
    case 'few_putts':
      return 'How many balls it takes is not known yet: too few putts to a target are logged.';
    case 'not_by_length':
      return 'How many balls it takes is not known yet: how often this student passes here cannot be told from lengths.';
    case 'open_end':
      return 'How many balls it takes depends on how it goes: its end is no number of balls.';
  }
}
