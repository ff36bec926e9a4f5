/** A student's pocket card, and what is behind a link to one. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { Pocket, PocketCard } from './types';

export type PocketDraft = Pick<Pocket, 'speed_1_m' | 'speed_2_m'> &
  Pick<
    PocketCard,
    | 'work_on'
    | 'home_task'
    | 'home_balls'
    | 'home_drill'
    | 'home_cue'
    | 'home_target'
    | 'home_days'
    | 'next_on'
  >;

const keyOf = (student: string) => [...keys.looks(student), 'pocket'];

export function usePocket(student: string) {
  return useQuery({
    queryKey: keyOf(student),
    queryFn: () => request<Pocket>('GET', `students/${student}/pocket`),
  });
}

export function useKeepPocket(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (draft: PocketDraft) => request<Pocket>('PUT', `students/${student}/pocket`, draft),
    onSuccess: (pocket) => client.setQueryData(keyOf(student), pocket),
  });
}

/** Makes a link for so many days, or withdraws the one there is. */
export function usePocketLink(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (days: number | null) =>
      days === null
        ? request<Pocket>('DELETE', `students/${student}/pocket/link`)
        : request<Pocket>('POST', `students/${student}/pocket/link`, { days }),
    // The link itself is told once and kept nowhere, on this device neither.
    onSuccess: (pocket) => client.setQueryData(keyOf(student), { ...pocket, link: null }),
  });
}

/**
 * The card behind a link, asked for anew each time.
 *
 * @param known as this phone last had it, for where there is no network
 */
export function useCardBehind(link: string, known: PocketCard | null) {
  return useQuery({
    ...(known !== null && { placeholderData: known }),
    queryKey: ['behind', link],
    queryFn: () => request<PocketCard>('GET', `pocket/${link}`),
    gcTime: 0,
    retry: false,
  });
}
