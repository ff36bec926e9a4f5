import { type ComponentType, useEffect } from 'react';
import { Navigate, useParams } from 'react-router';
import { remember } from '../device/stand';
import { LookBack } from '../look-back/LookBack';
import { Arrive } from '../session/Arrive';
import { CarryOn } from '../session/CarryOn';
import { GreenSpeed } from '../session/GreenSpeed';
import { Roll } from '../session/Roll';
import { SetOut } from '../session/SetOut';
import { WithSession } from '../walk/WithSession';
import { isWaypoint, type WaypointKey, type WaypointProps } from '../walk/walk';

const SCREENS: Record<WaypointKey, ComponentType<WaypointProps>> = {
  arrive: Arrive,
  green: GreenSpeed,
  'set-out': SetOut,
  roll: Roll,
  'look-back': LookBack,
  'carry-on': CarryOn,
};

/** One session at one of its waypoints. */
export function SessionScreen() {
  const { id = '', waypoint } = useParams();
  useEffect(() => {
    if (isWaypoint(waypoint)) {
      remember(id, { path: `/sessions/${id}/${waypoint}` });
    }
  }, [id, waypoint]);
  if (!isWaypoint(waypoint)) {
    return <Navigate to={`/sessions/${id}/arrive`} replace />;
  }
  const Screen = SCREENS[waypoint];
  return (
    <WithSession id={id} at={waypoint}>
      {(session) => <Screen key={`${id} ${waypoint}`} session={session} />}
    </WithSession>
  );
}
