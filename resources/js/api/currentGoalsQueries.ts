/** What is in work with a student. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { CurrentGoals } from './types';

const keyOf = (student: string) => [...keys.reports(student), 'current-goals'];

export function useCurrentGoals(student: string) {
  return useQuery({
    queryKey: keyOf(student),
    queryFn: () => request<CurrentGoals>('GET', `students/${student}/current-goals`),
  });
}

export function useSaveCurrentGoals(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (inWork: CurrentGoals) => request<CurrentGoals>('PUT', `students/${student}/current-goals`, inWork),
    onSuccess: async (inWork) => {
      client.setQueryData(keyOf(student), inWork);
      // The margin answers the complaint.
      await client.invalidateQueries({ queryKey: ['stroke'] });
    },
  });
}
