/** What is said of drills and balls to come, with lengths in the coach's own unit. */

import type { Expectation } from '../api/contract';
import type { CallOut, DrillStation, SessionPart, Task } from '../api/types';
import type { LengthKind } from '../units/length';
import { breakWords } from '../units/slope';
import type { Units } from '../units/useUnits';

export const TASKS: Record<Task, string> = {
  past: 'a little past',
  short: 'a little short',
  firm: 'firm, further past',
  soft: 'soft',
  exact: 'exact',
  look_at_target: 'looking at the target',
  look_at_ball: 'looking at the ball',
  rehearse_soft: 'rehearse it too soft',
  rehearse_strong: 'rehearse it too strong',
  rehearse_between: 'then in between',
  stance_narrow: 'narrow stance',
  stance_middle: 'medium stance',
  stance_wide: 'wide stance',
  aim_wider: 'with a wider aim',
  more_pace: 'with more pace',
  roll_by_hand: 'rolled by hand',
};

/** Parts of a session, as balls are told apart by them. */
export const PART_NAMES: Readonly<Record<NonNullable<SessionPart>, string>> = {
  baseline: 'Baseline',
  work: 'Practice',
  retest: 'Re-test',
};

/** Up to here a quarter of an inch counts, metres. */
const FINE = 0.15;

/** What is measured with a hand's rule: the finer the smaller it is. */
export function smallKind(metres: number): LengthKind {
  return Math.abs(metres) < FINE ? 'width' : 'backstroke';
}

/** What the server says in words, with its lengths ("{0.500 m}", "{0.085 w}" for a width) in the coach's unit. */
export function inWords(text: string, units: Units): string {
  return text.replace(/\{(-?[\d.]+) ([mws])\}/g, (_, metres: string, kind: string) =>
    units.show(Number(metres), kind === 'm' ? 'roll' : kind === 'w' ? 'width' : smallKind(Number(metres))),
  );
}

/** How far two balls may lie apart after one struck the other, by the task that was called; nothing where that is not asked. */
export function apartWords({ passes_if }: Pick<CallOut, 'passes_if'>, units: Units): string {
  const [least, most] = passes_if?.seen.find(({ name }) => name === 'gap_m')?.between ?? [null, null];
  if (least === null || most === null) {
    return '';
  }
  const upTo = units.show(most, 'roll');
  return least === 0 ? `apart by ${upTo} at most` : `apart by ${units.show(least, 'roll')} to ${upTo}`;
}

/** How a station's ground lies, to stand after its length; nothing for a level one. */
export function stationSlope(
  station:
    | (Pick<DrillStation, 'grade_percent' | 'across_percent' | 'breaks'> & {
        tier?: DrillStation['tier'] | undefined;
      })
    | undefined,
): string {
  const [along, across] = [station?.grade_percent ?? 0, station?.across_percent ?? 0];
  const parts = [
    along === 0 ? '' : along > 0 ? `${along} % uphill` : `${-along} % downhill`,
    station?.breaks === 'weak'
      ? `${Math.abs(across)} % across, breaking to the student’s weak side`
      : breakWords(across).replace(', ', ''),
    station?.tier === undefined ? '' : 'over a step',
  ].filter((part) => part !== '');
  return parts.length === 0 ? '' : `, ${parts.join(', ')}`;
}

/** A station's length, or the range it is drawn from. */
export function stationWords(station: DrillStation, units: Units): string {
  const length = lengthWords(station, units);
  return station.name === undefined ? length : `${station.name}, ${length}`;
}

function lengthWords(station: DrillStation, units: Units): string {
  if (station.backstroke_m !== undefined) {
    return `backstroke ${units.show(station.backstroke_m, 'backstroke')}`;
  }
  return station.length_m === undefined
    ? `${units.show(station.from_m ?? 0, 'station')} to ${units.show(station.to_m ?? 0, 'station')}`
    : units.show(station.length_m, 'station');
}

/** The next ball as it is called out: "18 ft, a little past"; "backstroke 6 in". */
export function callOutWords({ length_m, task, name, backstroke_m }: CallOut, units: Units): string {
  const what =
    backstroke_m === null ? units.show(length_m, 'station') : `backstroke ${units.show(backstroke_m, 'backstroke')}`;
  return [what, name, task === null ? null : TASKS[task]].filter((part) => part !== null).join(', ');
}

/** How many balls a drill will take, on what that rests, or why nobody can say. */
export function forecastWords(expectation: Expectation): string {
  const { balls, basis, putts_behind, balls_with_cap, chance_to_finish } = expectation;
  switch (basis) {
    case 'count':
      return `It takes ${Math.round(balls ?? 0)} balls.`;
    case 'rate':
      return [
        balls === null
          ? `At this student’s current rate, from ${putts_behind} putts, the drill is rarely completed.`
          : `About ${Math.round(balls)} balls at this student’s current rate, from ${putts_behind} putts.`,
        balls_with_cap === null || chance_to_finish === null
          ? ''
          : `With the ball limit about ${Math.round(balls_with_cap)}; completed in ${Math.round(chance_to_finish * 10)} of 10 attempts.`,
      ]
        .join(' ')
        .trim();
    case 'few_putts':
      return 'The number of balls is not known yet: too few putts to a target are logged.';
    case 'few_starts':
      return 'The number of balls is not known yet: this student’s start line is not measured.';
    case 'unknown':
      return 'The number of balls cannot be estimated: what passes here shows only in practice.';
    case 'open_end':
      return 'The number of balls depends on the drill: it ends by the clock.';
  }
}
