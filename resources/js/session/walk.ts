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
