import { useEffect } from 'react';
import { useParams } from 'react-router';
import { useRun, useSession } from '../../api/queries';
import { Notice, Page, Waiting } from '../../design';
import { remember } from '../../device/resumeState';
import { StepPath } from '../session-steps/StepPath';
import { Running } from './Running';

/** A drill being rolled. */
export function RunScreen() {
  const { id = '', runId = '' } = useParams();
  const sight = useSession(id);
  const run = useRun(id, runId);
  useEffect(() => remember(id, { path: `/sessions/${id}/drill/${runId}` }), [id, runId]);
  if (sight.status !== 'open' || run.data === undefined) {
    const error = sight.status === 'failed' ? sight.error : run.error;
    return (
      <Page>
        {error === null ? <Waiting>Loading the drill …</Waiting> : <Notice kind="wrong">{error.message}</Notice>}
      </Page>
    );
  }
  return (
    <>
      <StepPath session={sight.session} at="putt" />
      <Running key={run.data.id} session={sight.session} run={run.data} />
    </>
  );
}
