import type { ComponentType } from 'react';
import { Navigate, useParams } from 'react-router';
import { Notice, Page } from '../design';
import { LookBack } from '../look-back/LookBack';
import { isOfEarlierVisit, useSession } from '../server/queries';
import { useShownSession } from '../server/useOutbox';
import { Footpath } from '../walk/Footpath';
import { isWaypoint, type WaypointKey, type WaypointProps } from '../walk/walk';
import { Arrive } from './Arrive';
import { CarryOn } from './CarryOn';
import { GreenSpeed } from './GreenSpeed';
import { Roll } from './Roll';
import { SetOut } from './SetOut';

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
  const session = useSession(id);
  if (!isWaypoint(waypoint)) {
    return <Navigate to={`/sessions/${id}/arrive`} replace />;
  }
  if (session.data === undefined || isOfEarlierVisit(session)) {
    return (
      <Page>
        {session.isError ? (
          <Notice kind="wrong">{session.error.message}</Notice>
        ) : (
          <p>Opening the session …</p>
        )}
      </Page>
    );
  }
  return <Waypoint key={`${id} ${waypoint}`} session={session.data} at={waypoint} />;
}

/** A waypoint, with what this device has not sent yet laid over the session. */
function Waypoint({ session, at }: WaypointProps & { at: WaypointKey }) {
  const shown = useShownSession(session);
  const Screen = SCREENS[at];
  return (
    <>
      <Footpath session={shown} at={at} />
      <Screen session={shown} />
    </>
  );
}
