import type { Session } from '../../api/types';
import type { Units } from '../../units/useUnits';

/** The six steps of a session, in the order people work. */

export const STEPS = [
  { key: 'check-in', label: 'Check-in' },
  { key: 'green-speed', label: 'Green speed' },
  { key: 'stations', label: 'Stations' },
  { key: 'putt', label: 'Putt' },
  { key: 'review', label: 'Review' },
  { key: 'wrap-up', label: 'Wrap-up' },
] as const;

export type StepKey = (typeof STEPS)[number]['key'];

export function isStep(key: string | undefined): key is StepKey {
  return STEPS.some((step) => step.key === key);
}

/** The steps with something already done at them. */
export function visitedSteps(session: Session): Set<StepKey> {
  const done: [StepKey, boolean][] = [
    ['check-in', session.student !== null && session.green !== null],
    ['green-speed', session.reading !== null && session.measurement_is_of_the_day],
    ['stations', session.stations.length > 0],
    ['putt', session.putts.length > 0],
    ['review', session.ended_at !== null],
    ['wrap-up', session.note_for_next !== null || session.ended_at !== null],
  ];
  return new Set(done.filter(([, isDone]) => isDone).map(([key]) => key));
}

/** What happened at each step, in a word or two; nothing where nothing did. */
export function factsOf(session: Session, ballCount: number, units: Units): Record<StepKey, string> {
  const { student, group_members, reading, stations } = session;
  const others = group_members.filter((each) => each.student !== student?.id).length;
  return {
    'check-in': student === null ? '' : `${firstName(student.name)}${others === 0 ? '' : ` +${others}`}`,
    'green-speed': reading?.speed_m == null || !session.measurement_is_of_the_day ? '' : units.speed(reading.speed_m),
    stations: stations.length === 0 ? '' : counted(stations.length, 'station'),
    putt: ballCount === 0 ? '' : counted(ballCount, 'ball'),
    review: '',
    'wrap-up': session.ended_at !== null ? 'ended' : session.note_for_next === null ? '' : 'noted',
  };
}

/** The step before one, where Back leads; null from the first. */
export function before(key: StepKey): (typeof STEPS)[number] | null {
  return STEPS[STEPS.findIndex((step) => step.key === key) - 1] ?? null;
}

/** The step after one; null from the last. */
export function after(key: StepKey): (typeof STEPS)[number] | null {
  return STEPS[STEPS.findIndex((step) => step.key === key) + 1] ?? null;
}

function counted(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? '' : 's'}`;
}

function firstName(name: string): string {
  return name.split(' ')[0] ?? name;
}

/** What a step's screen is given. */
export interface StepProps {
  session: Session;
}
