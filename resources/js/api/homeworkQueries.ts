/** What is done and asked at home. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import { newId } from './outbox';
import type { Homework, HomeworkEntry } from './types';

export function useHomework(student: string) {
  return useQuery({
    queryKey: [...keys.reports(student), 'homework'],
    queryFn: () => request<Homework>('GET', `students/${student}/homework`),
  });
}

export function useAnswerHomework(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (text: string) =>
      request<Homework>('POST', `students/${student}/homework`, {
        id: newId(),
        kind: 'answer',
        at_ms: Date.now(),
        text,
      }),
    onSuccess: (told) => {
      client.setQueryData([...keys.reports(student), 'homework'], told);
      void client.invalidateQueries({ queryKey: keys.today });
    },
  });
}

/** Behind a link nobody is signed in: the link alone opens the door. */
export function sendHome(link: string, entry: HomeworkEntry): Promise<HomeworkEntry> {
  return request<HomeworkEntry>('POST', `pocket/${link}/entries`, entry);
}
