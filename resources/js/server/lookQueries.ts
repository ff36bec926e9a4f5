/** The questions of looking back: of a session, of a student, over time, side by side. */

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { Course, Look, SideBySide } from './types';

/** Which balls are looked at; what is left out is not asked. */
export interface LookFilter {
  near_m?: number | undefined;
  slope?: string | undefined;
  drill?: string | undefined;
  putter?: string | undefined;
  tempo_bpm?: number | undefined;
  part?: string | undefined;
  surface?: string | undefined;
  from?: string | undefined;
  to?: string | undefined;
}

/** Whose balls: of one session, or all of a student's. */
export type LookOf = { session: string; student: string | null } | { student: string };

/** The address of a look's figures under the API, as JSON or, with ".csv", to take along. */
export function lookPath(of: LookOf, filter: LookFilter, as: '' | '.csv' = ''): string {
  const asked = askedOf(filter);
  if ('session' in of) {
    if (of.student !== null) {
      asked.set('student_id', of.student);
    }
    return `sessions/${of.session}/look${as}?${asked}`;
  }
  return `students/${of.student}/look${as}?${asked}`;
}

function askedOf(filter: LookFilter): URLSearchParams {
  return new URLSearchParams(
    Object.entries(filter)
      .filter(([, value]) => value !== undefined && value !== '')
      .map(([name, value]) => [name, String(value)]),
  );
}

export function useLook(of: LookOf, filter: LookFilter, isAsked = true) {
  const path = lookPath(of, filter);
  const key = 'session' in of ? keys.stroke(of.session) : keys.looks(of.student);
  return useQuery({
    queryKey: [...key, 'look', path],
    queryFn: () => request<Look>('GET', path),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
}

/** Every measure session by session. */
export function useCourse(student: string, filter: LookFilter) {
  const path = `students/${student}/course?${askedOf(filter)}`;
  return useQuery({
    queryKey: [...keys.looks(student), 'course', path],
    queryFn: () => request<Course>('GET', path),
    placeholderData: keepPreviousData,
  });
}

/** Who, or which other time, is laid beside. */
export interface Beside extends LookFilter {
  with: readonly string[];
  then_from?: string | undefined;
  then_to?: string | undefined;
}

export function besidePath(
  student: string,
  { with: others, ...filter }: Beside,
  as: '' | '.csv' = '',
): string {
  const asked = askedOf(filter);
  for (const other of others) {
    asked.append('with[]', other);
  }
  return `students/${student}/beside${as}?${asked}`;
}

export function useBeside(student: string, beside: Beside) {
  const path = besidePath(student, beside);
  return useQuery({
    queryKey: [...keys.looks(student), 'beside', path],
    queryFn: () => request<SideBySide>('GET', path),
    enabled: beside.with.length > 0 || beside.then_from !== undefined || beside.then_to !== undefined,
    placeholderData: keepPreviousData,
  });
}
