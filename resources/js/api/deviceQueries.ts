/** Devices, and tables of balls from elsewhere. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { newId } from './outbox';
import type { BallsImportResult, BallsTable, Device, DeviceKind, DeviceReadings, DeviceScene } from './types';

export function readSimulated(kind: DeviceKind, scene: DeviceScene): Promise<DeviceReadings> {
  const query = new URLSearchParams({ number: newId() });
  for (const [name, value] of Object.entries(scene)) {
    if (value !== null) {
      query.set(name, String(value));
    }
  }
  return request<DeviceReadings>('GET', `devices/${kind}/readings?${query.toString()}`);
}

/** The kinds of device and what each reads. */
export function useDevices(isAsked: boolean) {
  return useQuery({
    queryKey: ['devices'],
    queryFn: () => request<Device[]>('GET', 'devices'),
    enabled: isAsked,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** A table as a coach has said it so far. */
export interface SavedTable {
  text: string;
  day: string;
  zone: string;
  green_id: string | null;
  speed_ft: number | null;
  columns?: { place: number; field: string; unit: string | null }[];
}

export function usePreviewBalls(student: string) {
  return useMutation({
    mutationFn: (table: SavedTable) => request<BallsTable>('POST', `students/${student}/balls/preview`, table),
  });
}

export function useImportBalls(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (table: SavedTable) => request<BallsImportResult>('POST', `students/${student}/balls`, table),
    onSuccess: () => client.invalidateQueries(),
  });
}
