/** Rounds, what they cost, and the figures a coach holds them beside. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import { newId, outbox } from './outbox';
import type { Benchmark, Hole, Round, RoundSummary, Stakes } from './types';

export function useRoundSummary(student: string) {
  return useQuery({
    queryKey: [...keys.reports(student), 'rounds'],
    queryFn: () => request<RoundSummary>('GET', `students/${student}/rounds`),
  });
}

/** What would save most; it takes the server longer than the rest. */
export function useStrokesAtStake(student: string) {
  return useQuery({
    queryKey: [...keys.reports(student), 'strokes-at-stake'],
    queryFn: () => request<Stakes>('GET', `students/${student}/stakes`),
  });
}

export type HoleDraft = Omit<Hole, 'is_avoidable'>;
export type RoundDraft = Pick<Round, 'played_on' | 'place' | 'is_from_memory'> & { holes: HoleDraft[] };

/** Keeps a round on this device and sends it when it can. */
export function keepRound(student: string, draft: RoundDraft): void {
  void outbox.write('', {
    method: 'POST',
    path: `students/${student}/rounds`,
    body: { id: newId(), ...draft },
    what: 'The round',
  });
}

export function useDeleteRound(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<unknown>('DELETE', `rounds/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.reports(student) }),
  });
}

export type BenchmarkDraft = Omit<Benchmark, 'id'>;

export function useSaveBenchmark() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, draft }: { id: string | null; draft: BenchmarkDraft }) =>
      id === null
        ? request<Benchmark>('POST', 'benchmarks', draft)
        : request<Benchmark>('PUT', `benchmarks/${id}`, draft),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.allReports }),
  });
}

export function useDeleteBenchmark() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<unknown>('DELETE', `benchmarks/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.allReports }),
  });
}
