// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { withClient } from '../../../tests/withClient';
import { ApiError } from './api';
import { keys } from './keys';
import { followSignIn, useAuthentication, useChangeAccount, useMe, useSaveSettings } from './meQueries';
import type { Me } from './types';

const server = vi.hoisted(() => ({
  asked: [] as [string, string, unknown, 'putts alone' | 'beside'][],
  answer: undefined as unknown,
  told: [] as string[],
  heard: undefined as (() => void) | undefined,
}));

function answered(method: string, path: string, body: unknown, how: 'putts alone' | 'beside') {
  server.asked.push([method, path, body, how]);
  return server.answer instanceof Error ? Promise.reject(server.answer) : Promise.resolve(server.answer);
}

vi.mock('./api', async (original) => ({
  ...(await original<object>()),
  request: (method: string, path: string, body: unknown) => answered(method, path, body, 'beside'),
  requestAlone: (method: string, path: string, body: unknown) => answered(method, path, body, 'putts alone'),
}));
vi.mock('./tabs', () => ({
  tell: (news: string) => server.told.push(news),
  onNews: (_: string, listener: () => void) => {
    server.heard = listener;
    return () => {
      server.heard = undefined;
    };
  },
}));

const ADA = { id: 'ada', name: 'Ada Fenwick', unit: 'feet' };
let client: QueryClient;

beforeEach(() => {
  Object.assign(server, { asked: [], answer: undefined, told: [], heard: undefined });
  client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 60_000 } } });
  client.setQueryData(keys.me, { coach: ADA, demo: true, erased: [] });
  client.setQueryData(keys.today, { students: ['of Ada'] });
  client.setQueryData(keys.drills, ['in feet']);
});
afterEach(() => {
  cleanup();
  client.clear();
});

const within = <T>(hook: () => T) => renderHook(hook, { wrapper: withClient(client) });

const me = () => client.getQueryData<Me>(keys.me);

test('signing in is asked alone, its answer says who it is, and nothing of whoever was here is left', async () => {
  server.answer = { id: 'ben', name: 'Ben Okafor' };
  const { result } = within(useAuthentication);
  await act(() => result.current.mutateAsync({ path: 'sign-in', body: { email: 'b@example.org' } }));
  expect(server.asked).toEqual([['POST', 'sign-in', { email: 'b@example.org' }, 'putts alone']]);
  expect(me()).toEqual({ coach: { id: 'ben', name: 'Ben Okafor' }, demo: true, erased: [] });
  expect(client.getQueryData(keys.today)).toBeUndefined();
  expect(server.told).toEqual(['sign-in']);
});

test('signed out, nobody is in; refused, everything stays as it was', async () => {
  const { result } = within(useAuthentication);
  server.answer = new ApiError(422, 'No.', { email: 'Not these.' });
  await act(() => result.current.mutateAsync({ path: 'sign-in' }).catch(() => undefined));
  expect(me()?.coach).toEqual(ADA);
  expect(client.getQueryData(keys.today)).toEqual({ students: ['of Ada'] });
  expect(server.told).toEqual([]);
  server.answer = undefined;
  await act(() => result.current.mutateAsync({ path: 'sign-out' }));
  expect(me()).toEqual({ coach: null, demo: true, erased: [] });
  expect(client.getQueryData(keys.today)).toBeUndefined();
});

test('a deleted account is at the door; any other change asks again where one is signed in', async () => {
  client.setQueryData(keys.signedInDevices, []);
  client.setQueryData(keys.twoStepSignIn, { since: null, spare_left: 0 });
  const changed = within(() => useChangeAccount('offerFactor'));
  server.answer = { secret: 'AB', uri: 'otpauth://' };
  const told = await act(() => changed.result.current.mutateAsync({ password: 'p' }));
  expect(told).toEqual({ secret: 'AB', uri: 'otpauth://' });
  expect(server.asked).toEqual([['POST', 'me/two-step', { password: 'p' }, 'beside']]);
  for (const queryKey of [keys.signedInDevices, keys.twoStepSignIn]) {
    expect(client.getQueryState(queryKey)?.isInvalidated).toBe(true);
  }
  expect(me()?.coach).toEqual(ADA);
  server.answer = undefined;
  const closed = within(() => useChangeAccount('close'));
  await act(() => closed.result.current.mutateAsync({ password: 'p' }));
  expect(server.asked.at(-1)).toEqual(['DELETE', 'me', { password: 'p' }, 'beside']);
  expect(me()?.coach).toBeNull();
  expect(client.getQueryData(keys.today)).toBeUndefined();
  expect(server.told).toEqual(['sign-in']);
});

test.each([
  ['password', 'PUT', 'me/password'],
  ['elsewhere', 'POST', 'me/elsewhere'],
  ['askForFactor', 'PUT', 'me/two-step'],
  ['newSpare', 'POST', 'me/two-step/recovery-codes'],
  ['dropFactor', 'DELETE', 'me/two-step'],
] as const)('a change of the account, %s, goes to its own place', async (way, method, path) => {
  const { result } = within(() => useChangeAccount(way));
  await act(() => result.current.mutateAsync({ password: 'p' }));
  expect(server.asked).toEqual([[method, path, { password: 'p' }, 'beside']]);
});

test('other units are shown at once, and drills are asked for anew, as their lengths are round in them', async () => {
  server.answer = { ...ADA, unit: 'metres' };
  const { result } = within(useSaveSettings);
  await act(() => result.current.mutateAsync({ unit: 'metres' } as never));
  expect(me()?.coach?.unit).toBe('metres');
  expect(client.getQueryState(keys.drills)?.isInvalidated).toBe(true);
  expect(client.getQueryState(keys.today)?.isInvalidated).toBe(false);
});

test('another tab at the door: what is known is of somebody else, and who it is is asked', async () => {
  server.answer = { coach: { id: 'ben' }, demo: true };
  const shown = within(useMe);
  await waitFor(() => expect(shown.result.current.data?.coach?.id).toBe('ben'));
  client.setQueryData(keys.today, { students: ['of Ben'] });
  const stop = followSignIn(client);
  server.answer = { coach: null, demo: true };
  act(() => server.heard?.());
  expect(client.getQueryData(keys.today)).toBeUndefined();
  await waitFor(() => expect(shown.result.current.data?.coach).toBeNull());
  stop();
  expect(server.heard).toBeUndefined();
});
