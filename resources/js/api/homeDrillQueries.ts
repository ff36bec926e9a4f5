/** A drill begun behind a student's link: known to this phone before the server hears of it. */

import type { QueryClient } from '@tanstack/react-query';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { runOptions } from './drillQueries';
import { keys } from './keys';
import { outbox } from './outbox';
import { observationOptions } from './sessionQueries';
import { outboxOwner } from './takeHomeLink';
import type { TakeHomeCard } from './types';

/** The session and the drill run that were started, by their ids. */
export interface StartedHomeDrill {
  session: string;
  run: string;
}

/** Sends what is entered behind this link, and fetches what rolling here wants. Use once, on its page. */
export function useLinkedSession(): void {
  const client = useQueryClient();
  useEffect(() => {
    outbox.signedIn(outboxOwner);
    void client.prefetchQuery(observationOptions);
  }, [client]);
}

/** Begins the drill that was offered, with a network or without. */
export function useStartHomeDrill() {
  const client = useQueryClient();
  return useCallback(
    ({ session, run }: NonNullable<TakeHomeCard['offered']>): StartedHomeDrill => {
      client.setQueryData(keys.session(session.id), session);
      client.setQueryData(runOptions(session.id, run.id).queryKey, run);
      void outbox.write(session.id, {
        method: 'POST',
        path: 'sessions',
        body: { id: session.id, run_id: run.id, started_at_ms: Date.now() },
        what: 'The practice',
      });
      return { session: session.id, run: run.id };
    },
    [client],
  );
}

/** Of a link that opens nothing any more this phone keeps nothing. */
export function clearLinkedData(client: QueryClient): void {
  client.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== 'behind' });
}
