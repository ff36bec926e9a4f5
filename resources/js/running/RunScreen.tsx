import { useParams } from 'react-router';
import { Notice, Page } from '../design';
import { useRun, useSession } from '../server/queries';
import { Footpath } from '../walk/Footpath';
import { Running } from './Running';

/** A drill being rolled. */
export function RunScreen() {
  const { id = '', runId = '' } = useParams();
  const session = useSession(id);
  const run = useRun(id, runId);
  if (session.data === undefined || run.data === undefined) {
    const error = session.error ?? run.error;
    return (
      <Page>
        {error === null ? <p>Opening the drill …</p> : <Notice kind="wrong">{error.message}</Notice>}
      </Page>
    );
  }
  return (
    <>
      <Footpath session={session.data} at="roll" />
      <Running key={run.data.id} session={session.data} run={run.data} />
    </>
  );
}
