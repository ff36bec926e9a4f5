/** Who comes when: bookings, and calendars out and in. */

import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { newId } from './outbox';
import type { Booking, BookingMessage, CalendarFeed, CalendarImportResult, CalendarWeek } from './types';

/** The coach's own clock. */
export const zoneHere = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

const KEY = ['calendar'] as const;

const LETTER_MS = 4000;

/** @param from "2026-12-03" */
export function useCalendarWeek(from: string, days: number) {
  return useQuery({
    queryKey: [...KEY, from, days],
    queryFn: () =>
      request<CalendarWeek>('GET', `calendar?${new URLSearchParams({ from, days: String(days), zone: zoneHere() })}`),
    placeholderData: keepPreviousData,
    // A letter that waits for its turn is looked at again.
    refetchInterval: ({ state }) =>
      [...(state.data?.items ?? []).map((item) => item.booking), ...(state.data?.waiting ?? [])].some(
        ({ letter }) => letter?.state === 'waiting',
      )
        ? LETTER_MS
        : false,
  });
}

export interface BookingDraft {
  student_id: string | null;
  title: string | null;
  green_id: string | null;
  /** "2026-12-03 10:00"; null waits for a time. */
  starts: string | null;
  minutes: number;
  travel_minutes: number;
  every: 'week' | 'fortnight' | null;
  times: number | null;
  note: string | null;
}

/** Makes a booking, changes one, lets one time of it fall out, or drops it. */
export function useBooking() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (
      what:
        | { act: 'make'; draft: BookingDraft }
        | { act: 'change'; id: string; draft: BookingDraft }
        | { act: 'skip'; id: string; wall: string }
        | { act: 'drop'; id: string },
    ) => {
      switch (what.act) {
        case 'make':
          return request<Booking | null>('POST', 'bookings', {
            id: newId(),
            zone: zoneHere(),
            ...what.draft,
          });
        case 'change':
          return request<Booking | null>('PUT', `bookings/${what.id}`, { zone: zoneHere(), ...what.draft });
        case 'skip':
          return request<Booking | null>('POST', `bookings/${what.id}/skip`, { wall: what.wall });
        case 'drop':
          return request<Booking | null>('DELETE', `bookings/${what.id}`);
      }
    },
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

/** Writes to whoever comes: of the booking's own time, or offering one to somebody who waits. */
export function useSendBookingMessage() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, offered }: { id: string; offered: string | null }) =>
      request<BookingMessage>('POST', `bookings/${id}/message`, offered === null ? {} : { offered }),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}

export function useImportCalendar() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ text, isTrial }: { text: string; isTrial: boolean }) =>
      request<CalendarImportResult>('POST', isTrial ? 'calendar/preview' : 'calendar', {
        text,
        zone: zoneHere(),
      }),
    onSuccess: (_, { isTrial }) => (isTrial ? undefined : client.invalidateQueries({ queryKey: KEY })),
  });
}

/** Opens the private address of the calendar, or closes it. */
export function useFeed() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (isOpen: boolean) => request<CalendarFeed | null>(isOpen ? 'POST' : 'DELETE', 'calendar/feed'),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}
