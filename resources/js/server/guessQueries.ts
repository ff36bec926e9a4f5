/** Putts that are guessed at, and what came of them. */

import { useMutation, useQuery } from '@tanstack/react-query';
import { request } from './api';
import { newId } from './outbox';
import type { GuessedPutt, GuessTen, SaidPutt } from './types';

export interface TenWanted {
  from: 'level' | 'history' | 'feared' | 'left' | 'right';
  order: 'blocked' | 'shuffled';
  /** The same turn brings the same ten. */
  turn: number;
}

export function useGuessTen(student: string, { from, order, turn }: TenWanted) {
  return useQuery({
    queryKey: ['guess', student, from, order, turn],
    queryFn: () =>
      request<GuessTen>('GET', `students/${student}/guesses?from=${from}&order=${order}&turn=${turn}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export interface Called {
  putt: SaidPutt;
  aim_m: number;
  plays_m: number;
}

export function useGuess(student: string) {
  return useMutation({
    mutationFn: (called: Called) =>
      request<GuessedPutt>('POST', `students/${student}/guesses`, { id: newId(), ...called }),
  });
}
