/** Sessions, their figures, and the ways to change a session's card: every change goes through the outbox. */

import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { request } from './api';
import { catalogueOptions, reminderOptions } from './checkQueries';
import { drillsOptions, runOptions } from './drillQueries';
import { keys } from './keys';
import { newId, outbox } from './outbox';
import { shownSession, shownToday } from './shownSession';
import { link } from './takeHomeLink';
import type {
  BackstrokeTable,
  BallEvent,
  Green,
  MeasurementEntries,
  MeasurementMethod,
  ObservationType,
  RollDoubt,
  Session,
  SessionReport,
  SessionSummary,
  Student,
  TimedRoll,
  Today,
} from './types';
import { usePending } from './usePending';

const todayOptions = queryOptions({
  queryKey: keys.today,
  queryFn: () => request<Today>('GET', 'today'),
});

/** The workspace, with what waits on this device. */
export function useToday() {
  // Behind a student's link there is no workspace.
  const today = useQuery({ ...todayOptions, enabled: link === null });
  const waiting = usePending();
  const data = useMemo(
    () => (today.data === undefined ? undefined : shownToday(today.data, waiting)),
    [today.data, waiting],
  );
  return { ...today, data };
}

/** How often an open session asks what other devices have logged, milliseconds. */
const LOOK_AGAIN_MS = 10_000;

const sessionOptions = (id: string) =>
  queryOptions({
    queryKey: keys.session(id),
    queryFn: async ({ client }) => {
      const session = await request<Session>('GET', `sessions/${id}`);
      const known = client.getQueryData<Session>(keys.session(id));
      // Another device has logged something: its balls may be of a drill that is open here.
      if (known !== undefined && known.version !== session.version) {
        void client.invalidateQueries({ queryKey: keys.runs(id) });
      }
      return session;
    },
  });

/** A session as it is shown, or why it cannot be. */
export type SessionSight =
  | { status: 'opening' }
  | { status: 'failed'; error: Error }
  | { status: 'open'; session: Session };

const NOBODY: readonly never[] = [];

/** A session with what waits on this device laid over it; one begun here is known before the server hears of it. */
export function useSession(id: string): SessionSight & { query: ReturnType<typeof useSessionQuery> } {
  const query = useSessionQuery(id);
  const today = useToday();
  const waiting = usePending();
  const known = useMemo(
    () => ({ students: today.data?.students ?? NOBODY, greens: today.data?.greens ?? NOBODY }),
    [today.data],
  );
  const session = useMemo(() => shownSession(id, query.data, waiting, known), [id, query.data, waiting, known]);
  if (session !== undefined) {
    return { status: 'open', session, query };
  }
  return query.isError ? { status: 'failed', error: query.error, query } : { status: 'opening', query };
}

function useSessionQuery(id: string) {
  return useQuery({
    ...sessionOptions(id),
    refetchInterval: ({ state }) => (state.data?.ended_at === null ? LOOK_AGAIN_MS : false),
  });
}

/** The latest few: a coach does not go out with more at once. */
const MOST_PREFETCHED = 3;

/** Fetches what is needed to go on with these sessions, the latest first, should the network be lost on the way out. */
export function usePrefetchSessions(sessionIds: readonly string[]) {
  const client = useQueryClient();
  const ids = sessionIds.slice(0, MOST_PREFETCHED).join(' ');
  useEffect(() => {
    for (const id of ids.split(' ').filter((each) => each !== '')) {
      void client.prefetchQuery(sessionOptions(id)).then(() => {
        const session = client.getQueryData<Session>(keys.session(id));
        const runId = session?.run?.id ?? null;
        if (session?.student) {
          void client.prefetchQuery(reminderOptions(session.student.id));
        }
        return runId === null ? undefined : client.prefetchQuery(runOptions(id, runId));
      });
    }
    void client.prefetchQuery(drillsOptions);
    void client.prefetchQuery(observationOptions);
    void client.prefetchQuery(catalogueOptions);
  }, [client, ids]);
}

/** @param studentId whose figures; null for whoever the session was begun for */
export function useStrokeReport(id: string, studentId: string | null, isAsked = true) {
  const whose = studentId === null ? '' : `?student_id=${studentId}`;
  return useQuery({
    queryKey: [...keys.stroke(id), studentId],
    queryFn: () => request<SessionReport>('GET', `sessions/${id}/stroke${whose}`),
    enabled: isAsked,
  });
}

/** One length more, told for the reading that stands, or for another speed. */
export function useAskedLength(
  id: string,
  studentId: string | null,
  lengthMetres: number | null,
  speedMetres: number | null,
) {
  const asked = new URLSearchParams({
    ...(studentId === null ? {} : { student_id: studentId }),
    length_m: (lengthMetres ?? 0).toFixed(4),
    ...(speedMetres === null ? {} : { speed_m: speedMetres.toFixed(4) }),
  });
  return useQuery({
    queryKey: [...keys.stroke(id), 'length', asked.toString()],
    queryFn: () => request<BackstrokeTable>('GET', `sessions/${id}/stroke/what-if?${asked}`),
    enabled: lengthMetres !== null,
    placeholderData: keepPreviousData,
  });
}

/** The same line told for another green; asked only once a speed is given. */
export function useWhatIf(id: string, studentId: string | null, speedMetres: number | null) {
  const asked = new URLSearchParams({
    speed_m: (speedMetres ?? 0).toFixed(4),
    ...(studentId === null ? {} : { student_id: studentId }),
  });
  return useQuery({
    queryKey: [...keys.stroke(id), 'what-if', asked.toString()],
    queryFn: () => request<BackstrokeTable>('GET', `sessions/${id}/stroke/what-if?${asked}`),
    enabled: speedMetres !== null,
    placeholderData: keepPreviousData,
  });
}

/** Everything that can be seen of a ball. */
export const observationOptions = queryOptions({
  queryKey: ['observation-types'],
  queryFn: () => request<ObservationType[]>('GET', 'observation-types'),
  staleTime: 3_600_000,
});

export function useObservationTypes() {
  return useQuery(observationOptions);
}

/** What happened to one ball since it was rolled. */
export function useBallHistory(sessionId: string, ballId: string) {
  return useQuery({
    queryKey: [...keys.balls(sessionId), ballId],
    queryFn: () => request<BallEvent[]>('GET', `sessions/${sessionId}/balls/${ballId}`),
    staleTime: 0,
  });
}

/** What of a session's card can be changed besides what its events say. */
export interface SessionChange {
  student_id?: string | null;
  green_id?: string | null;
  minutes?: number | null;
  purpose?: string | null;
  plan?: Session['plan'];
  note_for_student?: string | null;
  note_for_next?: string | null;
  kit_word?: string | null;
  /** What of it goes on the student's take-home card. */
  pocket?: {
    work_on?: string | null;
    home_task?: string | null;
    home_balls?: number | null;
    home_drill?: string | null;
    home_cue?: string | null;
    home_target?: number | null;
    home_days?: number | null;
    next_on?: string | null;
  };
  ended?: boolean;
}

/** @returns a function that changes a session's card: on screen at once, sent when the server can be reached */
export function useChangeSession(id: string) {
  return useCallback(
    (change: SessionChange) =>
      outbox.write(id, {
        method: 'PATCH',
        path: `sessions/${id}`,
        body: { ...change, ...(change.ended === true ? { ended_at_ms: Date.now() } : {}) },
        what: CHANGES.find(([field]) => field in change)?.[1] ?? 'A change',
      }),
    [id],
  );
}

const CHANGES: readonly (readonly [keyof SessionChange, string])[] = [
  ['student_id', 'The student'],
  ['green_id', 'The green'],
  ['minutes', 'The minutes'],
  ['purpose', 'The focus'],
  ['plan', 'The plan'],
  ['note_for_student', 'The note for the student'],
  ['note_for_next', 'The note for next time'],
  ['ended', 'The end of the session'],
];

export interface ReadingDraft extends MeasurementEntries {
  id: string;
  method: MeasurementMethod;
}

/** @returns a function that keeps a reading as its entries now stand */
export function useSaveMeasurement(sessionId: string) {
  return useCallback(
    (draft: ReadingDraft) =>
      outbox.write(sessionId, {
        method: 'PUT',
        path: `sessions/${sessionId}/green-speed`,
        body: { taken_at_ms: Date.now(), ...draft },
        what: 'The green speed',
      }),
    [sessionId],
  );
}

/** Begins a session under an id made here. @returns the id */
export function startSession(start: {
  student_id?: string | null;
  green_id?: string | null;
  minutes?: number | null;
}): string {
  const id = newId();
  void outbox.write(id, {
    method: 'POST',
    path: 'sessions',
    body: { id, ...start, started_at_ms: Date.now() },
    what: 'The session',
  });
  return id;
}

/** Begins a session that was planned ahead. */
export function startPlanned(id: string, green_id: string | null): void {
  void outbox.write(id, {
    method: 'PATCH',
    path: `sessions/${id}`,
    body: { started: true, started_at_ms: Date.now(), ...(green_id !== null && { green_id }) },
    what: 'The session',
  });
}

/** Makes a session to be planned before its student comes. @returns its id */
export async function planSession(session: {
  student_id: string | null;
  green_id?: string | null;
  minutes?: number | null;
}): Promise<string> {
  const id = newId();
  await request('POST', 'sessions', { id, is_planned: true, ...session });
  return id;
}

/** What was noted for next time when a student last came; null where nothing was. */
export function lastNote(student: string | null, sessions: readonly SessionSummary[]): string | null {
  const last = sessions.find(
    ({ student_id, note_for_next }) => student !== null && student_id === student && note_for_next !== null,
  );
  return last?.note_for_next ?? null;
}

export type StudentDraft = Omit<Student, 'id'>;
export type GreenDraft = Pick<Green, 'name' | 'surface' | 'grass'>;

/** Adds somebody to the workspace under an id made here. @returns the id */
export function addStudent(draft: StudentDraft): string {
  return add('students', draft, draft.name);
}

/** Adds a green or a mat in the same way. @returns the id */
export function addGreen(draft: GreenDraft): string {
  return add('greens', draft, draft.name);
}

function add(path: 'students' | 'greens', draft: object, what: string): string {
  const id = newId();
  void outbox.write('', { method: 'POST', path, body: { id, ...draft }, what });
  return id;
}

/** What there is to ask about a timed roll before it counts; nothing where nobody can be asked. */
export async function doubtsAbout(roll: TimedRoll, others: readonly TimedRoll[]): Promise<RollDoubt[]> {
  try {
    return await request<RollDoubt[]>('POST', 'green-speed/doubts', { roll, others });
  } catch {
    return [];
  }
}
