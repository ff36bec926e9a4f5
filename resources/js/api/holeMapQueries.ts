/** Mapped holes of a green, and the putts on them. */

import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from './api';
import { newId } from './outbox';
import type { Drill, HoleMap, HoleMapSummary, MappedPutts, MappedRead, MappedStation } from './types';

const MAPS = ['hole-maps'] as const;

/** A slope at a place: metres to the right of the hole and up from it, per cent rising to the right and up. */
export type SlopeReading = Pick<HoleMap['readings'][number], 'x_m' | 'y_m' | 'right_percent' | 'up_percent' | 'by'>;

export interface HoleMapDraft {
  name: string;
  mark: string;
  read_by: HoleMap['read_by'];
  readings: readonly SlopeReading[];
}

export function useHoleMaps(green: string) {
  return useQuery({
    queryKey: [...MAPS, 'of', green],
    queryFn: () => request<HoleMapSummary[]>('GET', `greens/${green}/hole-maps`),
  });
}

export function useHoleMap(id: string) {
  return useQuery({ queryKey: [...MAPS, id], queryFn: () => request<HoleMap>('GET', `hole-maps/${id}`) });
}

/** Begins a map. */
export function useBeginHoleMap(green: string) {
  const client = useQueryClient();
  // Sent again after a lost answer it is the same map.
  const [id] = useState(newId);
  return useMutation({
    mutationFn: (draft: HoleMapDraft) => request<HoleMap>('POST', `greens/${green}/hole-maps`, { id, ...draft }),
    onSuccess: () => client.invalidateQueries({ queryKey: MAPS }),
  });
}

/** Keeps a map as it now is; the answer is the map drawn anew. */
export function useSaveHoleMap(id: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (draft: HoleMapDraft) => request<HoleMap>('PUT', `hole-maps/${id}`, draft),
    onSuccess: (map) => {
      void client.invalidateQueries({ queryKey: MAPS });
      client.setQueryData([...MAPS, id], map);
    },
  });
}

/** Deletes a map, and brings one back as it was; what is deleted is handed to whoever may offer to undo it. */
export function useDeleteHoleMap() {
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: MAPS });
  const drop = useMutation({
    mutationFn: async (id: string) => {
      const map = await request<HoleMap>('GET', `hole-maps/${id}`);
      await request<void>('DELETE', `hole-maps/${id}`);
      return map;
    },
    onSuccess,
  });
  const restore = useMutation({
    mutationFn: ({ id, green_id, name, mark, read_by, readings }: HoleMap) =>
      request<HoleMap>('POST', `greens/${green_id}/hole-maps`, { id, name, mark, read_by, readings }),
    onSuccess,
  });
  return { drop, restore };
}

/** Where the stations of a drill lie on a mapped hole; asked once one is chosen. */
export function useMappedStations(id: string, drill: Drill | null) {
  return useQuery({
    queryKey: [...MAPS, id, 'stations', drill],
    queryFn: () => request<MappedStation[]>('POST', `hole-maps/${id}/stations`, { drill }),
    enabled: drill !== null,
    retry: false,
  });
}

/** A putt from a place on the map; asked once a ball is laid down. */
export function useMappedRead(
  id: string,
  ball: { x_m: number; y_m: number } | null,
  speedMetres: number,
  paceMetres: number,
) {
  const asked = new URLSearchParams({
    x_m: String(ball?.x_m ?? 0),
    y_m: String(ball?.y_m ?? 0),
    speed_m: String(speedMetres),
    pace_m: String(paceMetres),
  });
  return useQuery({
    queryKey: [...MAPS, id, 'read', asked.toString()],
    queryFn: () => request<MappedRead>('GET', `hole-maps/${id}/read?${asked}`),
    enabled: ball !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** What is looked for on a mapped hole; a slope that is null may be any. */
export interface PuttWish {
  length_m: number;
  along_percent: number | null;
  across_percent: number | null;
}

export function useMappedPutts(id: string, wish: PuttWish | null, speedMetres: number, paceMetres: number) {
  const asked = new URLSearchParams({ speed_m: String(speedMetres), pace_m: String(paceMetres) });
  for (const [name, value] of Object.entries(wish ?? {})) {
    if (value !== null) {
      asked.set(name, String(value));
    }
  }
  return useQuery({
    queryKey: [...MAPS, id, 'putts', asked.toString()],
    queryFn: () => request<MappedPutts>('GET', `hole-maps/${id}/putts?${asked}`),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });
}
