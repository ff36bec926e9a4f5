/** Drills: the library, sheets, files, lengths, runs, findings. */

import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from './api';
import { keys } from './keys';
import { newId } from './outbox';
import type {
  Drill,
  DrillKinds,
  DrillPreview,
  DrillResult,
  DrillSetup,
  Drills,
  FittingDrills,
  LengthSet,
  LibraryDrill,
  RunState,
} from './types';

export const drillsOptions = queryOptions({
  queryKey: keys.drills,
  queryFn: () => request<Drills>('GET', 'drills'),
  staleTime: 600_000,
});

export function useDrills() {
  return useQuery(drillsOptions);
}

/** What is at hand today; null for anything. */
export interface AtHand {
  trained: string | null;
  minutes: number | null;
  place: 'green' | 'mat' | null;
  hole: 'yes' | 'no' | null;
  people: 'alone' | 'group' | null;
  bag: readonly string[] | null;
  purpose: NonNullable<Drill['purpose']> | null;
}

/** Keys of the drills that fit what is at hand; asked only where something is said. */
export function useFittingDrills(at: AtHand) {
  const asked = Object.entries(at).flatMap(([name, value]): [string, string][] =>
    value === null ? [] : [[name, Array.isArray(value) ? value.join(',') : String(value)]],
  );
  return useQuery({
    queryKey: [...keys.drills, 'fitting', asked],
    queryFn: () => request<FittingDrills>('GET', `drills/fitting?${new URLSearchParams(asked)}`),
    enabled: asked.length > 0,
    placeholderData: keepPreviousData,
  });
}

export const runOptions = (sessionId: string, runId: string) =>
  queryOptions({
    queryKey: [...keys.runs(sessionId), runId],
    queryFn: () => request<RunState>('GET', `sessions/${sessionId}/runs/${runId}`),
  });

/** A drill run; asked for again when its session, which asks by itself, has something new. */
export function useRun(sessionId: string, runId: string) {
  return useQuery(runOptions(sessionId, runId));
}

/**
 * How to set a drill out.
 *
 * @param runId under which it will be started: settles scattered lengths
 * @param stepped paces counted to each station, null where none were
 * @param students who will take turns; none for the session's own alone
 * @param isChosen whether the level to begin at was chosen, so that last time is not asked again
 */
export function useDrillSetup(
  drill: Drill,
  runId: string,
  sessionId: string | null,
  stepped: readonly (number | null)[],
  isChosen: boolean,
  students: readonly string[],
) {
  return useQuery({
    queryKey: [...keys.drillSetups, drill, runId, sessionId, stepped, isChosen, students],
    queryFn: () =>
      request<DrillSetup>('POST', 'drills/setup', {
        drill,
        id: runId,
        session_id: sessionId,
        stepped,
        students,
        level_is_chosen: isChosen,
      }),
    placeholderData: keepPreviousData,
  });
}

/** What every kind of rule says of itself. */
export function useDrillKinds() {
  return useQuery({
    queryKey: [...keys.drills, 'kinds'],
    queryFn: () => request<DrillKinds>('GET', 'drills/kinds'),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** Lays a set of lengths into a drill. */
export function useLayLengths() {
  return useMutation({
    mutationFn: (body: { drill: Drill; lengths_m: number[] }) => request<LibraryDrill>('POST', 'drills/lengths', body),
  });
}

/** What a plan says of a drill: the room it has, and lengths in place of its own. */
export interface PlannedDrill {
  balls?: number;
  minutes?: number;
  lengths_m?: number[];
}

/** A drill as a plan lays it out; nothing is asked where none does. */
export function useLaidOut(drill: Drill | null, planned: PlannedDrill | null) {
  return useQuery({
    queryKey: [...keys.drillSetups, 'planned', drill?.key, planned],
    queryFn: () => request<LibraryDrill>('POST', 'drills/lengths', { drill, ...planned }),
    enabled: drill !== null && planned !== null,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const SETS = ['length-sets'] as const;

/** The coach's own sets of lengths. */
export function useLengthSets() {
  return useQuery({ queryKey: SETS, queryFn: () => request<LengthSet[]>('GET', 'length-sets') });
}

export function useSaveLengthSet() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (set: LengthSet) => request<LengthSet>('POST', 'length-sets', set),
    onSuccess: () => client.invalidateQueries({ queryKey: SETS }),
  });
}

export function useDeleteLengthSet() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<void>('DELETE', `length-sets/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: SETS }),
  });
}

/** What drills found, of a session or of a student. */
export function useDrillResults(place: 'sessions' | 'students', id: string) {
  return useQuery({
    queryKey: [...keys.drillResults, place, id],
    queryFn: () => request<DrillResult[]>('GET', `${place}/${id}/findings`),
    staleTime: 0,
  });
}

/** Says what a library file would bring, drill by drill. */
export function usePreviewDrills() {
  return useMutation({
    mutationFn: (file: unknown) => request<DrillPreview[]>('POST', 'drills/import/preview', file),
  });
}

export function useImportDrills() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: unknown) => request<LibraryDrill[]>('POST', 'drills/import', file),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

/** The coach's own drills as a file. */
export function fetchDrillsFile(): Promise<unknown> {
  return request<unknown>('GET', 'drills/export');
}

/** What a drill being made comes to; a refusal says which field cannot be, and why. */
export function useDrillCheck(drill: Drill) {
  return useQuery({
    queryKey: ['drill-check', drill],
    queryFn: () => request<LibraryDrill>('POST', 'drills/check', { drill }),
    placeholderData: keepPreviousData,
  });
}

/** Keeps a drill of the coach's own: a new one, or the one with the given id. */
export function useSaveDrill() {
  const client = useQueryClient();
  // Sent again after a lost answer it is the same drill.
  const [newDrill] = useState(newId);
  return useMutation({
    mutationFn: ({ id, drill }: { id: string | null; drill: Drill }) =>
      id === null
        ? request<LibraryDrill>('POST', 'drills', { id: newDrill, drill })
        : request<LibraryDrill>('PUT', `drills/${id}`, { drill }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useDeleteDrill() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<void>('DELETE', `drills/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useStartRun() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ sessionId, ...start }: { sessionId: string; id: string; drill: Drill; students: string[] }) =>
      request<RunState>('POST', `sessions/${sessionId}/runs`, start),
    onSuccess: (run, { sessionId }) => {
      client.setQueryData([...keys.runs(sessionId), run.id], run);
      void client.invalidateQueries({ queryKey: keys.session(sessionId) });
    },
  });
}
