import { QueryObserver } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { request } from './api';
import { client } from './client';
import { keys } from './keys';
import type { Me } from './types';

/** How long the server takes to say who is signed in, milliseconds. */
const SLOW = 1500;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal('fetch', async (path: string) => {
    if (path !== '/api/me') {
      return new Response('{}', { status: 401 });
    }
    await new Promise((wake) => setTimeout(wake, SLOW));
    return new Response(JSON.stringify({ coach: null }));
  });
});

afterEach(() => {
  client.clear();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('signed out on a slow server: refusals that go on coming do not put off the answer that shows the door', async () => {
  client.setQueryData(keys.me, { coach: { id: 'ada' } });
  const stop = new QueryObserver<Me>(client, {
    queryKey: keys.me,
    queryFn: () => request<Me>('GET', 'me'),
    staleTime: Number.POSITIVE_INFINITY,
  }).subscribe(() => undefined);
  for (let refused = 0; refused < 4; ++refused) {
    const asked = client.fetchQuery({
      queryKey: ['session', refused],
      queryFn: () => request('GET', 'sessions/1'),
    });
    await expect(asked).rejects.toMatchObject({ status: 401 });
    await vi.advanceTimersByTimeAsync(SLOW / 2);
  }
  expect(client.getQueryData<Me>(keys.me)?.coach).toBeNull();
  stop();
});
