/** Putts that are guessed at, and what came of them. */

import { useMutation, useQuery } from '@tanstack/react-query';
import { request } from './api';
import { newId } from './outbox';
import type { PuttSituation, Quiz, QuizAnswer } from './types';

export interface QuizRequest {
  from: 'level' | 'history' | 'feared' | 'left' | 'right';
  order: 'blocked' | 'shuffled';
  /** The same turn brings the same ten. */
  turn: number;
}

export function useQuiz(student: string, { from, order, turn }: QuizRequest) {
  return useQuery({
    queryKey: ['reading-quiz', student, from, order, turn],
    queryFn: () => request<Quiz>('GET', `students/${student}/quiz?from=${from}&order=${order}&turn=${turn}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export interface Called {
  putt: PuttSituation;
  aim_m: number;
  plays_m: number;
}

export function useQuizAnswer(student: string) {
  return useMutation({
    mutationFn: (called: Called) => request<QuizAnswer>('POST', `students/${student}/quiz`, { id: newId(), ...called }),
  });
}
