import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { Notice, Page } from '../design';
import { useSession } from '../server/queries';
import type { Session } from '../server/types';
import { Footpath } from '../walk/Footpath';

/** A check of the session whose id the address holds; it belongs to setting out. */
export function WithSession({ children }: { children: (session: Session) => ReactNode }) {
  const { id = '' } = useParams();
  const sight = useSession(id);
  if (sight.status !== 'open') {
    return (
      <Page>
        {sight.status === 'failed' ? (
          <Notice kind="wrong">{sight.error.message}</Notice>
        ) : (
          <p>Opening the session …</p>
        )}
      </Page>
    );
  }
  return (
    <>
      <Footpath session={sight.session} at="set-out" />
      {children(sight.session)}
    </>
  );
}
