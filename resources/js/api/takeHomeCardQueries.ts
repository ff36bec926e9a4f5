/** A student's take-home card, and what is behind a link to one. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { TakeHomeCard, TakeHomeCardSettings } from './types';

export type TakeHomeCardDraft = Pick<TakeHomeCardSettings, 'speed_1_m' | 'speed_2_m'> &
  Pick<
    TakeHomeCard,
    'work_on' | 'home_task' | 'home_balls' | 'home_drill' | 'home_cue' | 'home_target' | 'home_days' | 'next_on'
  >;

const keyOf = (student: string) => [...keys.reports(student), 'take-home-card'];

export function useTakeHomeCard(student: string) {
  return useQuery({
    queryKey: keyOf(student),
    queryFn: () => request<TakeHomeCardSettings>('GET', `students/${student}/take-home-card`),
  });
}

export function useSaveTakeHomeCard(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (draft: TakeHomeCardDraft) =>
      request<TakeHomeCardSettings>('PUT', `students/${student}/take-home-card`, draft),
    onSuccess: (pocket) => client.setQueryData(keyOf(student), pocket),
  });
}

/** Makes a link for so many days, or withdraws the one there is. */
export function useTakeHomeCardLink(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (days: number | null) =>
      days === null
        ? request<TakeHomeCardSettings>('DELETE', `students/${student}/take-home-card/link`)
        : request<TakeHomeCardSettings>('POST', `students/${student}/take-home-card/link`, { days }),
    // The link itself is told once and kept nowhere, on this device neither.
    onSuccess: (card) => client.setQueryData(keyOf(student), { ...card, link: null }),
  });
}

/**
 * The card behind a link, asked for anew each time.
 *
 * @param known as this phone last had it, for where there is no network
 */
export function useLinkedCard(link: string, known: TakeHomeCard | null) {
  return useQuery({
    ...(known !== null && { placeholderData: known }),
    queryKey: ['linked', link],
    queryFn: () => request<TakeHomeCard>('GET', `pocket/${link}`),
    gcTime: 0,
    retry: false,
  });
}
