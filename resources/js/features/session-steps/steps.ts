import type { Session } from '../../api/types';
import type { Units } from '../../units/useUnits';

/** The six waypoints of a session, in the order people work. */

export const STEPS = [
  { key: 'arrive', label: 'Arrive' },
  { key: 'green', label: 'Green' },
  { key: 'set-out', label: 'Set out' },
  { key: 'roll', label: 'Roll' },
  { key: 'look-back', label: 'Look back' },
  { key: 'carry-on', label: 'Carry on' },
] as const;

export type StepKey = (typeof STEPS)[number]['key'];

export function isStep(key: string | undefined): key is StepKey {
  return STEPS.some((waypoint) => waypoint.key === key);
}

/** The waypoints with something already done at them. */
export function visitedSteps(session: Session): Set<StepKey> {
  const done: [StepKey, boolean][] = [
    ['arrive', session.student !== null && session.green !== null],
    ['green', session.reading !== null && session.measurement_is_of_the_day],
    ['set-out', session.stations.length > 0],
    ['roll', session.putts.length > 0],
    ['look-back', session.ended_at !== null],
    ['carry-on', session.note_for_next !== null || session.ended_at !== null],
  ];
  return new Set(done.filter(([, isDone]) => isDone).map(([key]) => key));
}

/** What happened at each waypoint, in a word or two; nothing where nothing did. */
export function factsOf(session: Session, ballCount: number, units: Units): Record<StepKey, string> {
  const { student, group_members, reading, stations } = session;
  const others = group_members.filter((each) => each.student !== student?.id).length;
  return {
    arrive: student === null ? '' : `${firstName(student.name)}${others === 0 ? '' : ` +${others}`}`,
    green: reading?.speed_m == null || !session.measurement_is_of_the_day ? '' : units.speed(reading.speed_m),
    'set-out': stations.length === 0 ? '' : counted(stations.length, 'post'),
    roll: ballCount === 0 ? '' : counted(ballCount, 'ball'),
    'look-back': '',
    'carry-on': session.ended_at !== null ? 'ended' : session.note_for_next === null ? '' : 'noted',
  };
}

/** The waypoint before one, where Back leads; null from the first. */
export function before(key: StepKey): (typeof STEPS)[number] | null {
  return STEPS[STEPS.findIndex((waypoint) => waypoint.key === key) - 1] ?? null;
}

/** The waypoint after one; null from the last. */
export function after(key: StepKey): (typeof STEPS)[number] | null {
  return STEPS[STEPS.findIndex((waypoint) => waypoint.key === key) + 1] ?? null;
}

function counted(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? '' : 's'}`;
}

function firstName(name: string): string {
  return name.split(' ')[0] ?? name;
}

/** What a waypoint's screen is given. */
export interface StepProps {
  session: Session;
}
