import type { ReactNode } from 'react';
import { isOfEarlierVisit, useSession } from '../../api/queries';
import type { Session } from '../../api/types';
import { Notice, Page, Waiting } from '../../design';
import { StepPath } from './StepPath';
import { STEPS, type StepKey } from './steps';

interface WithSessionProps {
  id: string;
  /** The step that the screen belongs to. */
  at: StepKey;
  children: (session: Session) => ReactNode;
}

/** A screen of one session, under its path of steps. */
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
        <Waiting title={STEPS.find(({ key }) => key === at)?.label ?? 'Session'}>Loading the session …</Waiting>
      </Page>
    );
  }
  return (
    <>
      <StepPath session={sight.session} at={at} />
      {children(sight.session)}
    </>
  );
}
