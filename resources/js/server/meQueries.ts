/** Who is signed in, with their settings. */

import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request, requestAlone } from './api';
import { keys } from './keys';
import { onNews, tell } from './tabs';
import type { Coach, Me } from './types';

export function useMe() {
  // Asked at every opening: what this device kept may be of somebody signed out since.
  return useQuery({
    queryKey: keys.me,
    queryFn: () => request<Me>('GET', 'me'),
    staleTime: 60_000,
    refetchOnMount: 'always',
  });
}

export type Settings = Pick<Coach, 'unit' | 'pace_length_m' | 'trend_sessions' | 'three_putt_inside_m'>;

export function useKeepSettings() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (settings: Settings) => request<Coach>('PUT', 'me', settings),
    onSuccess: (coach) => {
      client.setQueryData<Me>(keys.me, (me) => me && { ...me, coach });
      // Drills come in round numbers of the coach's unit.
      void client.invalidateQueries({ queryKey: keys.drills });
    },
  });
}

type Door = { path: 'sign-in' | 'sign-up' | 'demo' | 'sign-out'; body?: Record<string, string> };

/** Signs in or out; everything known about the coach before is forgotten. */
export function useDoor() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: Door) => requestAlone<Coach | undefined>('POST', path, body),
    // The answer says who it is now: asking once more could fail, and leave the door shut without a word.
    onSuccess: (coach) => {
      client.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.me[0] });
      client.setQueryData<Me>(keys.me, (me) => me && { ...me, coach: coach ?? null });
      tell('door');
    },
  });
}

/** Another tab signed in or out: what this one knows is of somebody else. Use once, in the shell. @returns the end of it */
export function followDoor(client: QueryClient): () => void {
  return onNews('door', () => {
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.me[0] });
    void client.invalidateQueries({ queryKey: keys.me });
  });
}
