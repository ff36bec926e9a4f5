/** Everything that was entered: taken in from a file, and what goes for good with a student. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { StudentGoes, TakenIn } from './types';

/** Tells what a file would bring, or brings it. */
export function useTakeRecordsIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, isTrial }: { file: unknown; isTrial: boolean }) =>
      request<TakenIn[]>('POST', isTrial ? 'records/preview' : 'records', file as object),
    onSuccess: (_, { isTrial }) => (isTrial ? undefined : client.invalidateQueries()),
  });
}

export function useStudentGoes(student: string, isAsked: boolean) {
  return useQuery({
    queryKey: [...keys.looks(student), 'goes'],
    queryFn: () => request<StudentGoes>('GET', `students/${student}/goes`),
    enabled: isAsked,
  });
}

/** @param onErased where to go: with the student goes the screen that asked */
export function useEraseStudent(student: string, onErased: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => request<null>('DELETE', `students/${student}/for-good`, { name }),
    onSuccess: () => {
      onErased();
      void client.invalidateQueries();
    },
  });
}
