/** Who is signed in, with their settings. */

import { type QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request, requestAlone } from './api';
import { forgetPerson } from './forgetErased';
import { keys } from './keys';
import { onNews, tell } from './tabs';
import type { Coach, DeletionPreview, Me, RecoveryCodes, SignedInDevice, TwoStepOffer, TwoStepSignIn } from './types';

export function useMe() {
  // Asked at every opening: what this device kept may be of somebody signed out since.
  return useQuery({
    queryKey: keys.me,
    queryFn: () => request<Me>('GET', 'me'),
    staleTime: 60_000,
    refetchOnMount: 'always',
    // What was erased meanwhile is to go from this device too.
    refetchOnReconnect: true,
  });
}

export type Settings = Pick<Coach, 'unit' | 'stride_m' | 'trend_sessions' | 'three_putt_inside_m'>;

export function useSaveSettings() {
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

const CHANGES = {
  password: ['PUT', 'me/password'],
  elsewhere: ['POST', 'me/elsewhere'],
  close: ['DELETE', 'me'],
  offerFactor: ['POST', 'me/two-step'],
  askForFactor: ['PUT', 'me/two-step'],
  newSpare: ['POST', 'me/two-step/recovery-codes'],
  dropFactor: ['DELETE', 'me/two-step'],
} as const;

export type AccountChange = keyof typeof CHANGES;

interface Told {
  offerFactor: TwoStepOffer;
  askForFactor: RecoveryCodes;
  newSpare: RecoveryCodes;
}

/** What a change of the account answers with. */
export type ImpliedBy<Way extends AccountChange> = Way extends keyof Told ? Told[Way] : undefined;

/** Changes the account itself, with its password asked for again; a deleted one is signed out. */
export function useChangeAccount<Way extends AccountChange>(way: Way) {
  const client = useQueryClient();
  const [method, path] = CHANGES[way];
  return useMutation({
    mutationFn: (body: Record<string, string>) => request<ImpliedBy<Way>>(method, path, body),
    onSuccess: () =>
      way === 'close'
        ? becomeCoach(client, null)
        : Promise.all(
            [keys.signedInDevices, keys.twoStepSignIn].map((queryKey) => client.invalidateQueries({ queryKey })),
          ),
  });
}

/** What is asked for at sign-in besides the password. */
export function useTwoStepSignIn() {
  return useQuery({
    queryKey: keys.twoStepSignIn,
    queryFn: () => request<TwoStepSignIn>('GET', 'me/two-step'),
    refetchOnMount: 'always',
  });
}

/** Where this coach is signed in. */
export function useSignedInDevices() {
  return useQuery({
    queryKey: keys.signedInDevices,
    queryFn: () => request<SignedInDevice[]>('GET', 'me/devices'),
    refetchOnMount: 'always',
  });
}

/** What would be deleted with the account. */
export function useDeletionPreview() {
  return useQuery({
    queryKey: keys.deletionPreview,
    queryFn: () => request<DeletionPreview>('GET', 'me/deletion-preview'),
    refetchOnMount: 'always',
  });
}

type Authentication = { path: 'sign-in' | 'sign-up' | 'demo' | 'sign-out'; body?: Record<string, string> };

/** Signs in or out; everything known about the coach before is forgotten. */
export function useAuthentication() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ path, body }: Authentication) => requestAlone<Coach | undefined>('POST', path, body),
    onSuccess: (coach) => becomeCoach(client, coach ?? null),
  });
}

/** The answer says who it is now: asking once more could fail, and leave the coach at the sign-in form without a word. */
function becomeCoach(client: QueryClient, coach: Coach | null): void {
  client.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.me[0] });
  if (coach === null) {
    forgetPerson();
  }
  client.setQueryData<Me>(keys.me, (me) => me && { ...me, coach, erased: [] });
  tell('sign-in');
}

/** Another tab signed in or out: what this one knows is of somebody else. Use once, in the shell. @returns the end of it */
export function followSignIn(client: QueryClient): () => void {
  return onNews('sign-in', () => {
    client.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.me[0] });
    void client.invalidateQueries({ queryKey: keys.me });
  });
}
