/** Walks along: simulated sessions that show how Amble works. */

import { useMutation, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { newId } from './outbox';
import type { SimulationNext, SimulationStarted } from './types';

/** @param onBegun where to go */
export function useStartSimulation(onBegun: (sessionId: string) => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => request<SimulationStarted>('POST', 'simulation', { id: newId() }),
    onSuccess: async ({ session_id }) => {
      await client.invalidateQueries();
      onBegun(session_id);
    },
  });
}

/** @param drill key of the one to be tried; null for the usual one */
export async function nextStep(
  sessionId: string,
  drill: string | null,
  seen: readonly string[],
): Promise<SimulationNext['step']> {
  const query = new URLSearchParams({ seen: seen.join(',') });
  if (drill !== null) {
    query.set('drill', drill);
  }
  return (await request<SimulationNext>('GET', `simulation/${sessionId}?${query}`)).step;
}

/** Clears it away for good. */
export function useDeleteSimulation(onCleared: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (sessionId: string) => request<null>('DELETE', `simulation/${sessionId}`),
    onSuccess: () => {
      onCleared();
      void client.invalidateQueries();
    },
  });
}
