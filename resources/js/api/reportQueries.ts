/** The questions of looking back: of a session, of a student, over time, side by side. */

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { request } from './api';
import { keys } from './keys';
import type { Comparison, MeasureReport, Trend } from './types';

/** Which balls are looked at; what is left out is not asked. */
export interface BallFilter {
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
export type ReportOf = { session: string; student: string | null } | { student: string };

/** The address of a look's figures under the API, as JSON or, with ".csv", to take along. */
export function reportPath(of: ReportOf, filter: BallFilter, as: '' | '.csv' = ''): string {
  const asked = askedOf(filter);
  if ('session' in of) {
    if (of.student !== null) {
      asked.set('student_id', of.student);
    }
    return `sessions/${of.session}/review${as}?${asked}`;
  }
  return `students/${of.student}/review${as}?${asked}`;
}

function askedOf(filter: BallFilter): URLSearchParams {
  return new URLSearchParams(
    Object.entries(filter)
      .filter(([, value]) => value !== undefined && value !== '')
      .map(([name, value]) => [name, String(value)]),
  );
}

export function useMeasureReport(of: ReportOf, filter: BallFilter, isAsked = true) {
  const path = reportPath(of, filter);
  const key = 'session' in of ? keys.stroke(of.session) : keys.reports(of.student);
  return useQuery({
    queryKey: [...key, 'measure', path],
    queryFn: () => request<MeasureReport>('GET', path),
    enabled: isAsked,
    placeholderData: keepPreviousData,
  });
}

/** Every measure session by session. */
export function useTrend(student: string, filter: BallFilter) {
  const path = `students/${student}/trend?${askedOf(filter)}`;
  return useQuery({
    queryKey: [...keys.reports(student), 'trend', path],
    queryFn: () => request<Trend>('GET', path),
    placeholderData: keepPreviousData,
  });
}

/** Who, or which other time, is laid beside. */
export interface ComparedSelection extends BallFilter {
  with: readonly string[];
  then_from?: string | undefined;
  then_to?: string | undefined;
}

export function comparePath(
  student: string,
  { with: others, ...filter }: ComparedSelection,
  as: '' | '.csv' = '',
): string {
  const asked = askedOf(filter);
  for (const other of others) {
    asked.append('with[]', other);
  }
  return `students/${student}/comparison${as}?${asked}`;
}

export function useComparison(student: string, beside: ComparedSelection) {
  const path = comparePath(student, beside);
  return useQuery({
    queryKey: [...keys.reports(student), 'comparison', path],
    queryFn: () => request<Comparison>('GET', path),
    enabled: beside.with.length > 0 || beside.then_from !== undefined || beside.then_to !== undefined,
    placeholderData: keepPreviousData,
  });
}
