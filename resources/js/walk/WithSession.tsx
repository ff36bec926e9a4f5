import type { ReactNode } from 'react';
import { Notice, Page } from '../design';
import { isOfEarlierVisit, useSession } from '../server/queries';
import type { Session } from '../server/types';
import { Footpath } from './Footpath';
import type { WaypointKey } from './walk';

interface WithSessionProps {
  id: string;
  /** The waypoint that the screen belongs to. */
  at: WaypointKey;
  children: (session: Session) => ReactNode;
}

/** A screen of one session, under its footpath. */
export function WithSession({ id, at, children }: WithSessionProps) {
  const sight = useSession(id);
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
  return (
    <>
      <Footpath session={sight.session} at={at} />
      {children(sight.session)}
    </>
  );
}
