/** What can be checked of a student, what was, the cards of points, putters, and what is kept of a student besides. */

import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './api';
import { keys, REMINDERS } from './keys';
import { newId } from './outbox';
import { link } from './takeHomeLink';
import type {
  CheckCatalogue,
  Checklist,
  FaceAndPath,
  GreenStation,
  PreferenceQuestion,
  Putter,
  Reminders,
  StudentChecks,
  StudentProfile,
} from './types';

export const catalogueOptions = queryOptions({
  queryKey: ['checks'],
  queryFn: () => request<CheckCatalogue>('GET', 'checks'),
  staleTime: 60_000,
});

/** Every check, every card of the workspace, and the questions on which schools differ. */
export function useCheckCatalogue() {
  return useQuery(catalogueOptions);
}

/** What was checked of a student. */
export function useStudentChecks(student: string | null) {
  return useQuery({
    queryKey: [...keys.reports(student ?? ''), 'checks'],
    queryFn: () => request<StudentChecks>('GET', `students/${student}/checks`),
    enabled: student !== null,
  });
}

export const reminderOptions = (student: string) =>
  queryOptions({
    queryKey: [...keys.reports(student), REMINDERS],
    queryFn: () => request<Reminders>('GET', `students/${student}/reminders`),
  });

/** What to remember of a student today, and what is said beside the lane. */
export function useReminders(student: string | null) {
  return useQuery({ ...reminderOptions(student ?? ''), enabled: student !== null && link === null });
}

const aboutKey = (student: string) => [...keys.reports(student), 'profile'];

export function useStudentProfile(student: string) {
  return useQuery({
    queryKey: aboutKey(student),
    queryFn: () => request<StudentProfile>('GET', `students/${student}/profile`),
  });
}

export function useSaveStudentProfile(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (about: StudentProfile) => request<StudentProfile>('PUT', `students/${student}/profile`, about),
    onSuccess: async (about) => {
      client.setQueryData(aboutKey(student), about);
      await restsOnStudent(client, student);
    },
  });
}

/** The coach's own answers, taken for students whose card does not say. */
export function useSavePreferences() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (answers: Record<string, string>) =>
      request<PreferenceQuestion[]>('PUT', 'teaching-preferences', answers),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: catalogueOptions.queryKey });
      await client.invalidateQueries({ queryKey: keys.allReports });
    },
  });
}

export type CardDraft = Pick<Checklist, 'kind' | 'title' | 'points'>;

export function useSaveChecklist() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ key, card }: { key: string; card: CardDraft }) =>
      request<Checklist>('PUT', `checklists/${key}`, card),
    onSuccess: () => cardsChanged(client),
  });
}

/** One that ships is again as it ships. */
export function useDeleteChecklist() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (key: string) => request<null>('DELETE', `checklists/${key}`),
    onSuccess: () => cardsChanged(client),
  });
}

async function cardsChanged(client: ReturnType<typeof useQueryClient>) {
  await client.invalidateQueries({ queryKey: catalogueOptions.queryKey });
  await client.invalidateQueries({ queryKey: keys.allReports });
}

const puttersKey = (student: string) => [...keys.reports(student), 'putters'];

export function usePutters(student: string) {
  return useQuery({
    queryKey: puttersKey(student),
    queryFn: () => request<Putter[]>('GET', `students/${student}/putters`),
  });
}

export type PutterDraft = Omit<Putter, 'id' | 'is_in_use'>;

/** @param id of one to change; null for a new one */
export function useSavePutter(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, draft }: { id: string | null; draft: PutterDraft }) =>
      id === null
        ? request<Putter[]>('POST', `students/${student}/putters`, { id: newId(), ...draft })
        : request<Putter[]>('PUT', `putters/${id}`, draft),
    onSuccess: (putters) => puttersAre(client, student, putters),
  });
}

/** From now on balls carry this one. */
export function useTakePutter(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<Putter[]>('POST', `putters/${id}/use`),
    onSuccess: (putters) => puttersAre(client, student, putters),
  });
}

export function useDeletePutter(student: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request<null>('DELETE', `putters/${id}`),
    onSuccess: () => client.invalidateQueries({ queryKey: puttersKey(student) }),
  });
}

async function puttersAre(client: ReturnType<typeof useQueryClient>, student: string, putters: Putter[]) {
  client.setQueryData(puttersKey(student), putters);
  await client.invalidateQueries({ queryKey: keys.today });
}

async function restsOnStudent(client: ReturnType<typeof useQueryClient>, student: string) {
  await client.invalidateQueries({ queryKey: keys.reports(student) });
  await client.invalidateQueries({ queryKey: ['stroke'] });
}

/** Where a ball starts from a face and a path, degrees; asked once both are given. */
export function useFaceAndPath(face: number | null, path: number | null, cure: string | null) {
  const asked = new URLSearchParams({
    face_deg: String(face ?? 0),
    path_deg: String(path ?? 0),
    ...(cure === null ? {} : { cure }),
  });
  return useQuery({
    queryKey: ['face-and-path', asked.toString()],
    queryFn: () => request<FaceAndPath>('GET', `face-and-path?${asked}`),
    enabled: face !== null && path !== null,
    placeholderData: keepPreviousData,
  });
}

/** Stations that were set out on a green before. */
export function useGreenStations(green: string | null) {
  return useQuery({
    queryKey: [...keys.today, 'stations', green],
    queryFn: () => request<GreenStation[]>('GET', `greens/${green}/stations`),
    enabled: green !== null,
  });
}
