/** Server state by key, and the ways to change it. */

import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { request, requestAlone } from './api';
import type {
  BallEvent,
  Bench,
  Coach,
  Drill,
  DrillCard,
  DrillKinds,
  DrillPreview,
  Drills,
  FittingDrills,
  FoundRun,
  Green,
  LengthSet,
  Me,
  Reading,
  ReadingEntries,
  ReadingMethod,
  RunState,
  SeenKind,
  Session,
  SetOutSheet,
  StrokeReport,
  StrokeTable,
  Student,
} from './types';

export const keys = {
  me: ['me'] as const,
  bench: ['bench'] as const,
  session: (id: string) => ['session', id] as const,
  stroke: (id: string) => ['stroke', id] as const,
  drills: ['drills'] as const,
  runs: (sessionId: string) => ['run', sessionId] as const,
  found: ['found'] as const,
  setOut: ['set-out'] as const,
};

/**
 * Whether an answer of an earlier visit is on screen while a newer one is on its way.
 *
 * A form begun from it would write old values back, so forms wait for the newer one, or for word that
 * there is no network.
 */
export function isOfEarlierVisit(query: {
  dataUpdatedAt: number;
  isFetching: boolean;
  failureCount: number;
}): boolean {
  return query.dataUpdatedAt < performance.timeOrigin && query.isFetching && query.failureCount === 0;
}

export function useMe() {
  // Asked at every opening: what this device kept may be of somebody signed out since.
  return useQuery({
    queryKey: keys.me,
    queryFn: () => request<Me>('GET', 'me'),
    staleTime: 60_000,
    refetchOnMount: 'always',
  });
}

export function useBench() {
  return useQuery({ queryKey: keys.bench, queryFn: () => request<Bench>('GET', 'bench') });
}

/** How often an open session asks what other devices have logged, milliseconds. */
const LOOK_AGAIN_MS = 5000;

const sessionOptions = (id: string) =>
  queryOptions({ queryKey: keys.session(id), queryFn: () => request<Session>('GET', `sessions/${id}`) });

export function useSession(id: string) {
  return useQuery({
    ...sessionOptions(id),
    refetchInterval: ({ state }) => (state.data?.ended_at === null ? LOOK_AGAIN_MS : false),
  });
}

/** The latest few: a coach does not go out with more at once. */
const MOST_TAKEN_ALONG = 3;

/** Fetches what is needed to go on with these sessions, the latest first, should the network be lost on the way out. */
export function useTakeAlong(sessionIds: readonly string[]) {
  const client = useQueryClient();
  const ids = sessionIds.slice(0, MOST_TAKEN_ALONG).join(' ');
  useEffect(() => {
    for (const id of ids.split(' ').filter((each) => each !== '')) {
      void client.prefetchQuery(sessionOptions(id)).then(() => {
        const runId = client.getQueryData<Session>(keys.session(id))?.run_id ?? null;
        return runId === null ? undefined : client.prefetchQuery(runOptions(id, runId));
      });
    }
    void client.prefetchQuery(drillsOptions);
    void client.prefetchQuery(seenOptions);
  }, [client, ids]);
}

export function useStrokeReport(id: string) {
  return useQuery({
    queryKey: keys.stroke(id),
    queryFn: () => request<StrokeReport>('GET', `sessions/${id}/stroke`),
  });
}

/** The same line told for another green; asked only once a speed is given. */
export function useWhatIf(id: string, speedMetres: number | null) {
  return useQuery({
    queryKey: [...keys.stroke(id), 'what-if', speedMetres],
    queryFn: () =>
      request<StrokeTable>('GET', `sessions/${id}/stroke/what-if?speed_m=${(speedMetres ?? 0).toFixed(4)}`),
    enabled: speedMetres !== null,
    placeholderData: keepPreviousData,
  });
}

/** Everything that can be seen of a ball. */
const seenOptions = queryOptions({
  queryKey: ['seen'],
  queryFn: () => request<SeenKind[]>('GET', 'seen'),
  staleTime: 3_600_000,
});

export function useSeenKinds() {
  return useQuery(seenOptions);
}

/** What of a session's card can be changed besides what its events say. */
export interface SessionChange {
  student_id?: string | null;
  green_id?: string | null;
  minutes?: number | null;
  purpose?: string | null;
  note_for_student?: string | null;
  note_for_next?: string | null;
  ended?: boolean;
}

/**
 * Changes a session's card. The change is on screen at once, so that the next one builds on it;
 * changes go out one after another, and the server's word settles it when the last is answered.
 */
export function useChangeSession(id: string) {
  const client = useQueryClient();
  const key = ['change-session', id];
  return useMutation({
    mutationKey: key,
    mutationFn: (change: SessionChange) => request<Session>('PATCH', `sessions/${id}`, change),
    scope: { id: key.join(' ') },
    onMutate: (change) => {
      const { student_id: _, green_id: __, ended: ___, ...shown } = change;
      client.setQueryData<Session>(keys.session(id), (session) => session && { ...session, ...shown });
    },
    onSuccess: (session) => {
      if (client.isMutating({ mutationKey: key }) === 1) {
        client.setQueryData(keys.session(id), session);
      }
      void client.invalidateQueries({ queryKey: keys.bench });
      void client.invalidateQueries({ queryKey: keys.stroke(id) });
    },
    onError: () => client.invalidateQueries({ queryKey: keys.session(id) }),
  });
}

export interface ReadingDraft extends ReadingEntries {
  id: string;
  method: ReadingMethod;
}

export function useKeepReading(sessionId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (draft: ReadingDraft) => request<Reading>('PUT', `sessions/${sessionId}/reading`, draft),
    // One after another, so that an older answer never lands on a newer one.
    scope: { id: `reading-${sessionId}` },
    onSuccess: (reading) => {
      client.setQueryData<Session>(
        keys.session(sessionId),
        (session) => session && { ...session, reading, reading_is_of_the_day: true, reading_days_old: 0 },
      );
      void client.invalidateQueries({ queryKey: keys.bench });
      void client.invalidateQueries({ queryKey: keys.stroke(sessionId) });
    },
  });
}

export function useStartSession() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (start: { id: string; student_id?: string | null; green_id?: string | null }) =>
      request<Session>('POST', 'sessions', start),
    onSuccess: (session) => {
      client.setQueryData(keys.session(session.id), session);
      void client.invalidateQueries({ queryKey: keys.bench });
    },
  });
}

const drillsOptions = queryOptions({
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

const runOptions = (sessionId: string, runId: string) =>
  queryOptions({
    queryKey: [...keys.runs(sessionId), runId],
    queryFn: () => request<RunState>('GET', `sessions/${sessionId}/runs/${runId}`),
  });

export function useRun(sessionId: string, runId: string) {
  return useQuery({ ...runOptions(sessionId, runId), refetchInterval: LOOK_AGAIN_MS });
}

/** What happened to one ball since it was rolled. */
export function useBallHistory(sessionId: string, ballId: string) {
  return useQuery({
    queryKey: [...keys.session(sessionId), 'ball', ballId],
    queryFn: () => request<BallEvent[]>('GET', `sessions/${sessionId}/balls/${ballId}`),
    staleTime: 0,
  });
}

/**
 * How to set a drill out.
 *
 * @param runId under which it will be started: settles scattered lengths
 * @param stepped paces counted to each station, null where none were
 * @param isChosen whether the level to begin at was chosen, so that last time is not asked again
 */
export function useSetOut(
  drill: Drill,
  runId: string,
  sessionId: string | null,
  stepped: readonly (number | null)[],
  isChosen: boolean,
) {
  return useQuery({
    queryKey: [...keys.setOut, drill, runId, sessionId, stepped, isChosen],
    queryFn: () =>
      request<SetOutSheet>('POST', 'drills/set-out', {
        drill,
        id: runId,
        session_id: sessionId,
        stepped,
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
    mutationFn: (body: { drill: Drill; lengths_m: number[] }) =>
      request<DrillCard>('POST', 'drills/lengths', body),
  });
}

const SETS = ['length-sets'] as const;

/** The coach's own sets of lengths. */
export function useLengthSets() {
  return useQuery({ queryKey: SETS, queryFn: () => request<LengthSet[]>('GET', 'length-sets') });
}

export function useKeepLengthSet() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (set: LengthSet) => request<LengthSet>('POST', 'length-sets', set),
    onSuccess: () => client.invalidateQueries({ queryKey: SETS }),
  });
}

export function useDropLengthSet() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<void>('DELETE', `length-sets/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: SETS }),
  });
}

/** What drills found, of a session or of a student. */
export function useFoundRuns(place: 'sessions' | 'students', id: string) {
  return useQuery({
    queryKey: [...keys.found, place, id],
    queryFn: () => request<FoundRun[]>('GET', `${place}/${id}/findings`),
    staleTime: 0,
  });
}

/** Says what a library file would bring, drill by drill. */
export function usePreviewDrills() {
  return useMutation({
    mutationFn: (file: unknown) => request<DrillPreview[]>('POST', 'drills/import/preview', file),
  });
}

export function useTakeInDrills() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: unknown) => request<DrillCard[]>('POST', 'drills/import', file),
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
    queryFn: () => request<DrillCard>('POST', 'drills/check', { drill }),
    placeholderData: keepPreviousData,
  });
}

/** Keeps a drill of the coach's own: a new one, or the one with the given id. */
export function useKeepDrill() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, drill }: { id: string | null; drill: Drill }) =>
      id === null
        ? request<DrillCard>('POST', 'drills', { drill })
        : request<DrillCard>('PUT', `drills/${id}`, { drill }),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useDropDrill() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<void>('DELETE', `drills/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drills }),
  });
}

export function useStartRun() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({
      sessionId,
      ...start
    }: {
      sessionId: string;
      id: string;
      drill: Drill;
      students: string[];
    }) => request<RunState>('POST', `sessions/${sessionId}/runs`, start),
    onSuccess: (run, { sessionId }) => {
      client.setQueryData([...keys.runs(sessionId), run.id], run);
      void client.invalidateQueries({ queryKey: keys.session(sessionId) });
    },
  });
}

export type StudentDraft = Omit<Student, 'id'>;
export type GreenDraft = Pick<Green, 'name' | 'surface'>;

/** Adds a record to the bench, or changes the one with the given id. */
function useKeep<Draft, Kept>(path: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, draft }: { id: string | null; draft: Draft }) =>
      id === null ? request<Kept>('POST', path, draft) : request<Kept>('PUT', `${path}/${id}`, draft),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.bench }),
  });
}

export const useKeepStudent = () => useKeep<StudentDraft, Student>('students');
export const useKeepGreen = () => useKeep<GreenDraft, Green>('greens');

export type Settings = Pick<Coach, 'unit' | 'pace_length_m'>;

export function useKeepSettings() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (settings: Settings) => request<Coach>('PUT', 'me', settings),
    onSuccess: (coach) => {
      client.setQueryData<Me>(keys.me, (me) => me && { ...me, coach });
      // Drills come in round numbers of the coach's unit.
      void client.invalidateQueries({ queryKey: keys.drills });
    },
  });
}

type Door = { path: 'sign-in' | 'sign-up' | 'demo' | 'sign-out'; body?: Record<string, string> };

/** Signs in or out; everything known about the coach before is forgotten. */
export function useDoor() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: Door) => requestAlone<unknown>('POST', path, body),
    onSuccess: async () => {
      client.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.me[0] });
      await client.invalidateQueries({ queryKey: keys.me });
    },
  });
}
