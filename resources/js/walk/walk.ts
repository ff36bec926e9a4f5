import type { Session } from '../server/types';

/** The six waypoints of a session, in the order people work. */

export const WAYPOINTS = [
  { key: 'arrive', label: 'Arrive' },
  { key: 'green', label: 'Green' },
  { key: 'set-out', label: 'Set out' },
  { key: 'roll', label: 'Roll' },
  { key: 'look-back', label: 'Look back' },
  { key: 'carry-on', label: 'Carry on' },
] as const;

export type WaypointKey = (typeof WAYPOINTS)[number]['key'];

export function isWaypoint(key: string | undefined): key is WaypointKey {
  return WAYPOINTS.some((waypoint) => waypoint.key === key);
}

/** The waypoints with something already done at them. */
export function troddenWaypoints(session: Session): Set<WaypointKey> {
  const done: [WaypointKey, boolean][] = [
    ['arrive', session.student !== null && session.green !== null],
    ['green', session.reading !== null && session.reading_is_of_the_day],
    ['set-out', session.stations.length > 0],
    ['roll', session.putts.length > 0],
    ['look-back', session.ended_at !== null],
    ['carry-on', session.note_for_next !== null || session.ended_at !== null],
  ];
  return new Set(done.filter(([, isDone]) => isDone).map(([key]) => key));
}

/** What a waypoint's screen is given. */
export interface WaypointProps {
  session: Session;
}
