/** What is done and asked at home. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import { newId } from './outbox';
import type { HomeEntry, HomeTold } from './types';

export function useHome(student: string) {
  return useQuery({
    queryKey: [...keys.looks(student), 'home'],
    queryFn: () => request<HomeTold>('GET', `students/${student}/home`),
  });
}

export function useAnswerHome(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (text: string) =>
      request<HomeTold>('POST', `students/${student}/home`, {
        id: newId(),
        kind: 'answer',
        at_ms: Date.now(),
        text,
      }),
    onSuccess: (told) => {
      client.setQueryData([...keys.looks(student), 'home'], told);
      void client.invalidateQueries({ queryKey: keys.bench });
    },
  });
}

/** Behind a link nobody is signed in: the link alone opens the door. */
export function sendHome(link: string, entry: HomeEntry): Promise<HomeEntry> {
  return request<HomeEntry>('POST', `pocket/${link}/entries`, entry);
}
