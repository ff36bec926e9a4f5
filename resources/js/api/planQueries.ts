/** Plans for a session: proposed, and held against what happens. */

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { Debrief, PlanBlock, PlanProgress, ProposedPlan, Rota } from './types';

/** What is at hand, and what the coach has set. */
export interface PlanWanted {
  minutes: number;
  has_hole: boolean;
  /** Null for whatever a drill asks. */
  bag: string[] | null;
  /** Those that the coach has set, in their order; balls of null are reckoned from the minutes. */
  blocks: PlanBlock[];
  /** Kinds and drills that were dropped. */
  without: string[];
}

export function useProposedPlan(session: string, wanted: PlanWanted | null) {
  return useQuery({
    queryKey: [...keys.plans(session), 'proposed', wanted],
    queryFn: () => request<ProposedPlan>('POST', `sessions/${session}/plan`, wanted ?? {}),
    enabled: wanted !== null,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** Time goes on though nothing is logged. */
const LOOK_AGAIN_MS = 30_000;

/** @param isPlanned whether the session has a plan at all */
export function usePlanProgress(session: string, isPlanned: boolean) {
  return useQuery({
    queryKey: [...keys.plans(session), 'progress'],
    queryFn: () => request<PlanProgress>('GET', `sessions/${session}/plan`),
    enabled: isPlanned,
    refetchInterval: LOOK_AGAIN_MS,
  });
}

export function useRota(session: string, stations: number | null) {
  return useQuery({
    queryKey: [...keys.plans(session), 'rota', stations],
    queryFn: () => request<Rota>('GET', `sessions/${session}/rota?stations=${stations}`),
    enabled: stations !== null,
    placeholderData: keepPreviousData,
  });
}

/** A draft of what is said at the end, from what happened so far. */
export function useDebrief(session: string, isAsked: boolean) {
  return useQuery({
    queryKey: [...keys.plans(session), 'debrief'],
    queryFn: () => request<Debrief>('GET', `sessions/${session}/debrief`),
    enabled: isAsked,
  });
}
