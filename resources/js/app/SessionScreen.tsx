import { type ComponentType, useEffect } from 'react';
import { Navigate, useParams } from 'react-router';
import { Notice, Page } from '../design';
import { remember } from '../device/stand';
import { LookBack } from '../look-back/LookBack';
import { isOfEarlierVisit, useSession } from '../server/queries';
import { Arrive } from '../session/Arrive';
import { CarryOn } from '../session/CarryOn';
import { GreenSpeed } from '../session/GreenSpeed';
import { Roll } from '../session/Roll';
import { SetOut } from '../session/SetOut';
import { Footpath } from '../walk/Footpath';
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
  const sight = useSession(id);
  useEffect(() => {
    if (isWaypoint(waypoint)) {
      remember(id, { path: `/sessions/${id}/${waypoint}` });
    }
  }, [id, waypoint]);
  if (!isWaypoint(waypoint)) {
    return <Navigate to={`/sessions/${id}/arrive`} replace />;
  }
  if (sight.status === 'failed') {
    return (
      <Page>
        <Notice kind="wrong">{sight.error.message}</Notice>
      </Page>
    );
  }
  if (sight.status === 'opening' || (sight.query.data !== undefined && isOfEarlierVisit(sight.query))) {
    return (
      <Page>
        <p>Opening the session …</p>
      </Page>
    );
  }
  const Screen = SCREENS[waypoint];
  return (
    <>
      <Footpath session={sight.session} at={waypoint} />
      <Screen key={`${id} ${waypoint}`} session={sight.session} />
    </>
  );
}
