/** Putts that are read, and reads kept at a green. */

import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from './api';
import { keys } from './keys';
import { newId } from './outbox';
import type { PuttRead, PuttSituation, ReadingHint, RollOrChip, SavedRead, StationSlope, UnitsSlip } from './types';

/**
 * Reads a putt. While it is dragged the last answer stands until the next one comes, and one question at a time is on
 * its way: the latest, however many places were dragged over meanwhile.
 */
export function useRead(putt: PuttSituation | null, student: string | null, surface: string | null) {
  const wanted = putt === null ? null : readPath(putt, student, surface);
  const [asked, setAsked] = useState(wanted);
  const read = useQuery({
    queryKey: ['putt-read', asked],
    queryFn: () => request<PuttRead>('GET', asked ?? ''),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    gcTime: 60_000,
    staleTime: 60_000,
  });
  if (!read.isFetching && asked !== wanted) {
    // While rendering, so that a drag costs one drawing for the question and one for the answer.
    setAsked(wanted);
  }
  return { data: read.data, error: read.error };
}

function readPath(putt: PuttSituation, student: string | null, surface: string | null): string {
  const query = new URLSearchParams({ putt: JSON.stringify(putt) });
  for (const [name, value] of [
    ['student', student],
    ['surface', surface],
  ] as const) {
    if (value !== null) {
      query.set(name, value);
    }
  }
  return `putt-read?${query.toString()}`;
}

const keptKey = (green: string) => ['saved-reads', green];

/** Reads kept at a green; none where none is chosen. */
export function useSavedReads(green: string | null) {
  return useQuery({
    queryKey: keptKey(green ?? ''),
    queryFn: () => request<SavedRead[]>('GET', `greens/${green}/reads`),
    enabled: green !== null,
  });
}

interface ReadToKeep {
  green: string;
  /** Null for a new one. */
  id: string | null;
  read: Pick<SavedRead, 'name' | 'putt'>;
}

export function useSaveRead() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ green, id, read }: ReadToKeep) =>
      id === null
        ? request<SavedRead>('POST', `greens/${green}/reads`, { id: newId(), ...read })
        : request<SavedRead>('PUT', `reads/${id}`, read),
    onSuccess: (_, { green }) => client.invalidateQueries({ queryKey: keptKey(green) }),
  });
}

export function useDeleteRead() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id }: { green: string; id: string }) => request<null>('DELETE', `reads/${id}`),
    onSuccess: (_, { green }) => client.invalidateQueries({ queryKey: keptKey(green) }),
  });
}

/** Whether the paces counted to a station agree with its length; null counts nothing. */
export function useUnitsSlip(lengthMetres: number, paces: number | null) {
  return useQuery({
    queryKey: ['units-slip', lengthMetres, paces],
    queryFn: () =>
      request<UnitsSlip>(
        'GET',
        `units-slip?${new URLSearchParams({ length_m: String(lengthMetres), paces: String(paces) })}`,
      ),
    enabled: paces !== null,
  });
}

/** What the misses of a session say of the slope at its stations. */
export function useStationSlopes(session: string) {
  return useQuery({
    queryKey: [...keys.stroke(session), 'slopes'],
    queryFn: () => request<StationSlope[]>('GET', `sessions/${session}/slopes`),
  });
}

/** What the coach's cards say to look for before a putt is read. */
export function useReadingHints(green: string | null, student: string | null) {
  const query = new URLSearchParams(
    [
      ['green', green],
      ['student', student],
    ].flatMap(([name, id]) => (id == null ? [] : [[name ?? '', id]])),
  );
  return useQuery({
    queryKey: ['reading-hints', green, student],
    queryFn: () => request<ReadingHint[]>('GET', `putt-read/hints?${query}`),
  });
}

/** A ball beside the green as it lies. */
export interface RollOrChipForm {
  slope: 'room' | 'levels' | 'falls';
  lie: 'fringe' | 'rough' | 'bare';
  rough_m: number;
  room_m: number;
}

export function useRollOrChip(lies: RollOrChipForm, student: string | null, isAsked: boolean) {
  const query = new URLSearchParams(Object.entries(lies).map(([name, value]) => [name, String(value)]));
  if (student !== null) {
    query.set('student', student);
  }
  return useQuery({
    queryKey: ['roll-or-chip', lies, student],
    queryFn: () => request<RollOrChip>('GET', `roll-or-chip?${query}`),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
}
