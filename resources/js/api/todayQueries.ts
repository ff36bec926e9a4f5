/** Students and greens: changed, put away, brought back; every session there was. */

import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { GreenDraft, StudentDraft } from './sessionQueries';
import type { DeletedRecords, Green, SessionHistoryLine, Student } from './types';

/** Adds a record to the workspace, or changes the one with the given id. */
function useKeep<Draft, Kept>(path: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, draft }: { id: string | null; draft: Draft }) =>
      id === null ? request<Kept>('POST', path, draft) : request<Kept>('PUT', `${path}/${id}`, draft),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.today }),
  });
}

/** A card that is kept anew may leave the putter as it is. */
type StudentCard = Omit<StudentDraft, 'putter'> & Partial<Pick<StudentDraft, 'putter'>>;

export const useSaveStudent = () => useKeep<StudentCard, Student>('students');
export const useSaveGreen = () => useKeep<GreenDraft, Green>('greens');

/** A record that can be put away, under the API: "students/01..." */
export type Record = `${'students' | 'greens' | 'sessions'}/${string}`;

/** Puts a record away, or brings it back. */
export function useDelete() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ record, isAway }: { record: Record; isAway: boolean }) =>
      isAway ? request<unknown>('DELETE', record) : request<unknown>('POST', `${record}/restore`),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: keys.today });
      await client.invalidateQueries({ queryKey: keys.sessions });
    },
  });
}

/** Which sessions are looked for. */
export interface Wanted {
  student_id: string | null;
  green_id: string | null;
  /** Begun before this moment, ISO; null for the latest. */
  before: string | null;
}

/** Past sessions, the latest first, a page at a time. */
export function useSessionHistory({ before, ...wanted }: Wanted) {
  return useInfiniteQuery({
    queryKey: [...keys.sessions, wanted, before],
    queryFn: ({ pageParam }) => {
      const asked = Object.entries({ ...wanted, before: pageParam }).filter(
        (pair): pair is [string, string] => pair[1] !== null,
      );
      return request<SessionHistoryLine[]>('GET', `sessions?${new URLSearchParams(asked)}`);
    },
    initialPageParam: before,
    getNextPageParam: (page: SessionHistoryLine[]) => (page.length < PAGE ? undefined : page.at(-1)?.started_at),
  });
}

/** How many the server tells at once. */
const PAGE = 30;

/** What was put away and can be brought back. */
export function useDeletedRecords() {
  return useQuery({
    queryKey: [...keys.sessions, 'deleted'],
    queryFn: () => request<DeletedRecords>('GET', 'deleted'),
  });
}
