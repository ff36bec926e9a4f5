/** Everything that was entered: taken in from a file, and what goes for good with a student. */

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { request } from './api';
import { keys } from './keys';
import { download, type Progress, requestInSteps } from './progress';
import type { ImportResult, StudentDeletionPreview } from './types';

/** Something long that is under way: how far it has come, and its end before its time. */
function useWatch() {
  const [progress, setProgress] = useState<Progress | null>(null);
  const abort = useRef<AbortController | null>(null);
  const watched = async <T>(
    does: (watch: { onProgress: (at: Progress) => void; signal: AbortSignal }) => Promise<T>,
  ) => {
    abort.current = new AbortController();
    setProgress({ phase: 'sending', done: 0, of: null });
    try {
      return await does({ onProgress: setProgress, signal: abort.current.signal });
    } finally {
      setProgress(null);
    }
  };
  return { progress, watched, cancel: () => abort.current?.abort() };
}

/** Tells what a file would bring, or brings it. */
export function useImportRecords() {
  const client = useQueryClient();
  const { progress, watched, cancel } = useWatch();
  const taking = useMutation({
    mutationFn: ({ file, isTrial }: { file: unknown; isTrial: boolean }) =>
      watched((watch) => requestInSteps<ImportResult[]>(isTrial ? 'records/preview' : 'records', file, watch)),
    onSuccess: (_, { isTrial }) => (isTrial ? undefined : client.invalidateQueries()),
  });
  return { taking, progress, cancel };
}

/** Fetches everything entered in the workspace, and lays it on the device as a file. */
export function useKeepRecords() {
  const { progress, watched, cancel } = useWatch();
  const keeping = useMutation({
    mutationFn: () => watched((watch) => download('records', watch)),
    onSuccess: (file) => saveFile(file, 'amble-records.json'),
  });
  return { keeping, progress, cancel };
}

function saveFile(file: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  // The browser has it once it has begun.
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

export function useStudentDeletionPreview(student: string, isAsked: boolean) {
  return useQuery({
    queryKey: [...keys.reports(student), 'deletion-preview'],
    queryFn: () => request<StudentDeletionPreview>('GET', `students/${student}/deletion-preview`),
    enabled: isAsked,
  });
}

/** @param onErased where to go: with the student goes the screen that asked */
export function useEraseStudent(student: string, onErased: () => void) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => request<null>('DELETE', `students/${student}/permanently`, { name }),
    onSuccess: () => {
      onErased();
      void client.invalidateQueries();
    },
  });
}
