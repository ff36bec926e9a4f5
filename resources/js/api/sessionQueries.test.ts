// @vitest-environment jsdom
import { focusManager, QueryClient } from '@tanstack/react-query';
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { withClient } from '../../../tests/withClient';
import { ApiError } from './api';
import { useRun } from './drillQueries';
import { keys } from './keys';
import type { Pending, Write } from './pending';
import { usePlanProgress } from './planQueries';
import {
  addGreen,
  addStudent,
  doubtsAbout,
  lastNote,
  startSession,
  useAskedLength,
  useChangeSession,
  usePrefetchSessions,
  useSaveMeasurement,
  useSession,
  useStrokeReport,
  useWhatIf,
} from './sessionQueries';
import type { Session, SessionSummary, Today } from './types';

const device = vi.hoisted(() => ({
  asked: [] as string[],
  answers: {} as Record<string, unknown>,
  written: [] as [string, unknown][],
  waiting: [] as unknown[],
}));

vi.mock('./api', async (original) => ({
  ...(await original<object>()),
  request: async (method: string, path: string) => {
    device.asked.push(`${method} ${path}`);
    const answer = device.answers[path.split('?')[0] ?? ''];
    if (answer instanceof Error) {
      throw answer;
    }
    return answer ?? {};
  },
}));
vi.mock('./outbox', () => {
  let made = 0;
  return {
    newId: () => `id${++made}`,
    outbox: {
      write: (session: string, write: unknown) => {
        device.written.push([session, write]);
        return Promise.resolve();
      },
    },
  };
});
vi.mock('./usePending', () => ({ usePending: () => device.waiting as Pending[] }));

let client: QueryClient;

beforeEach(() => {
  Object.assign(device, { asked: [], answers: {}, written: [], waiting: [] });
  client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: 60_000 } } });
  vi.useFakeTimers({ now: 1_000_000, toFake: ['Date'] });
});
afterEach(() => {
  cleanup();
  client.clear();
  vi.useRealTimers();
});

const within = <T>(hook: () => T) => renderHook(hook, { wrapper: withClient(client) });

/** What was written last, and for which session. */
function written(): [string, Write] {
  const last = device.written.at(-1);
  if (last === undefined) {
    throw new Error('Nothing was written.');
  }
  return last as [string, Write];
}

test('what is made here is made under an id of this device, so that it can be gone on with at once', () => {
  const session = startSession({ student_id: 'ana', minutes: 45 });
  expect(written()).toEqual([
    session,
    {
      method: 'POST',
      path: 'sessions',
      body: { id: session, student_id: 'ana', minutes: 45, started_at_ms: 1_000_000 },
      what: 'The session',
    },
  ]);
  const student = addStudent({ name: 'Ana Reed' } as never);
  expect(written()).toMatchObject(['', { path: 'students', body: { id: student }, what: 'Ana Reed' }]);
  const green = addGreen({ name: 'The sail loft', surface: 'mat', grass: null } as never);
  expect(written()).toMatchObject(['', { path: 'greens', body: { id: green, surface: 'mat' } }]);
  expect(new Set([session, student, green]).size).toBe(3);
});

test('a change says what it is about, and an end says when it was', () => {
  const { result } = within(() => useChangeSession('s1'));
  void result.current({ green_id: 'g1' });
  expect(written()).toEqual([
    's1',
    { method: 'PATCH', path: 'sessions/s1', body: { green_id: 'g1' }, what: 'The green' },
  ]);
  void result.current({ note_for_next: null });
  expect(written()[1]).toMatchObject({ body: { note_for_next: null }, what: 'The note for next time' });
  void result.current({ pocket: { work_on: 'Distance control' } });
  expect(written()[1]).toMatchObject({ what: 'A change' });
  void result.current({ ended: true });
  expect(written()[1]).toMatchObject({ body: { ended: true, ended_at_ms: 1_000_000 } });
  // Opened again it has no end to tell.
  void result.current({ ended: false });
  expect(written()[1].body).toEqual({ ended: false });
});

test('a reading keeps the time it was taken, and takes this one where it has none', () => {
  const { result } = within(() => useSaveMeasurement('s1'));
  void result.current({ id: 'r1', method: 'ramp' } as never);
  expect(written()).toMatchObject(['s1', { method: 'PUT', path: 'sessions/s1/green-speed' }]);
  expect(written()[1].body.taken_at_ms).toBe(1_000_000);
  void result.current({ id: 'r1', method: 'ramp', taken_at_ms: 5 } as never);
  expect(written()[1].body.taken_at_ms).toBe(5);
});

test('the last note of a student is that of the latest session that has one, and nobody’s is none', () => {
  const sessions = [
    { student_id: 'ben', note_for_next: 'His own' },
    { student_id: 'ana', note_for_next: null },
    { student_id: 'ana', note_for_next: 'Quieter hands' },
    { student_id: 'ana', note_for_next: 'Older' },
    { student_id: null, note_for_next: 'Nobody’s' },
  ] as SessionSummary[];
  expect(lastNote('ana', sessions)).toBe('Quieter hands');
  expect(lastNote('cai', sessions)).toBeNull();
  expect(lastNote(null, sessions)).toBeNull();
});

test('three sessions are taken along, each with its drill and what to remember of its student', async () => {
  for (const id of ['s1', 's2', 's3', 's4']) {
    device.answers[`sessions/${id}`] = { id, student: { id: `of-${id}` }, run: { id: `run-${id}` } };
  }
  device.answers['sessions/s2'] = { id: 's2', student: null, run: null };
  within(() => usePrefetchSessions(['s1', 's2', 's3', 's4']));
  await waitFor(() => expect(device.asked).toContain('GET sessions/s3/runs/run-s3'));
  await waitFor(() => expect(device.asked).toContain('GET students/of-s1/reminders'));
  expect(device.asked.filter((asked) => asked.includes('s4'))).toEqual([]);
  expect(device.asked.filter((asked) => asked.includes('s2'))).toEqual(['GET sessions/s2']);
  for (const once of ['GET drills', 'GET observation-types', 'GET checks']) {
    expect(device.asked.filter((asked) => asked === once)).toHaveLength(1);
  }
});

test('a session opens with what waits on this device, and one that cannot be opened says why', async () => {
  client.setQueryData<Today>(keys.today, {
    students: [{ id: 'ana', name: 'Ana Reed' }],
    greens: [],
    sessions: [],
  } as never);
  device.answers['sessions/s9'] = new ApiError(404, 'This record does not exist in your workspace, or it was deleted.');
  const missing = within(() => useSession('s9'));
  expect(missing.result.current.status).toBe('opening');
  await waitFor(() => expect(missing.result.current.status).toBe('failed'));
  expect(missing.result.current).toMatchObject({
    error: { message: 'This record does not exist in your workspace, or it was deleted.' },
  });

  // Begun here a moment ago: the server has not heard of it, and it is open all the same.
  device.waiting = [
    {
      session_id: 's9',
      refused: null,
      write: {
        id: 'w1',
        method: 'POST',
        path: 'sessions',
        body: { id: 's9', student_id: 'ana', started_at_ms: 5 },
        what: 'The session',
      },
    },
  ];
  const begun = within(() => useSession('s9'));
  await waitFor(() => expect(begun.result.current.status).toBe('open'));
  expect((begun.result.current as { session: Session }).session.student?.name).toBe('Ana Reed');
});

test('figures are asked of whom they are wanted, and only once there is something to ask', async () => {
  within(() => useStrokeReport('s1', null));
  within(() => useStrokeReport('s1', 'ana'));
  within(() => useStrokeReport('s2', null, false));
  within(() => useWhatIf('s1', null, null));
  within(() => useWhatIf('s1', 'ana', 2.7));
  within(() => useAskedLength('s1', null, null, 2.7));
  within(() => useAskedLength('s1', null, 4, null));
  within(() => useAskedLength('s1', 'ana', 4, 2.7));
  await waitFor(() => expect(device.asked).toHaveLength(5));
  expect(device.asked).toEqual([
    'GET sessions/s1/stroke',
    'GET sessions/s1/stroke?student_id=ana',
    'GET sessions/s1/stroke/what-if?speed_m=2.7000&student_id=ana',
    'GET sessions/s1/stroke/what-if?length_m=4.0000',
    'GET sessions/s1/stroke/what-if?student_id=ana&length_m=4.0000&speed_m=2.7000',
  ]);
});

test('where nobody can be asked, a roll has nothing in doubt', async () => {
  device.answers['green-speed/doubts'] = [{ kind: 'short' }];
  expect(await doubtsAbout({} as never, [])).toEqual([{ kind: 'short' }]);
  device.answers['green-speed/doubts'] = new Error('The server cannot be reached.');
  expect(await doubtsAbout({} as never, [])).toEqual([]);
});

test('an idle session asks at most four times in half a minute, and not at all while hidden', async () => {
  vi.useFakeTimers();
  device.answers = {
    'sessions/s1': { id: 's1', version: 3, ended_at: null, putts: [] },
    'sessions/s1/runs/r1': { id: 'r1' },
    'sessions/s1/plan': {},
    today: { students: [], greens: [], sessions: [] },
  };
  within(() => [useSession('s1'), useRun('s1', 'r1'), usePlanProgress('s1', true)]);
  await vi.advanceTimersByTimeAsync(1000);
  for (const part of [1, 2, 3]) {
    device.asked.length = 0;
    await vi.advanceTimersByTimeAsync(30_000);
    expect(device.asked.length, `half a minute ${part}`).toBeLessThanOrEqual(4);
    expect(device.asked.filter((each) => each === 'GET sessions/s1').length).toBeGreaterThanOrEqual(2);
  }
  focusManager.setFocused(false);
  device.asked.length = 0;
  await vi.advanceTimersByTimeAsync(60_000);
  expect(device.asked).toEqual([]);
  focusManager.setFocused(undefined);
});

test('a ball of another device has the open drill asked again, an answer with nothing new does not', async () => {
  const answer = { id: 's1', version: 3, ended_at: null, putts: [] };
  device.answers = { 'sessions/s1': answer, 'sessions/s1/runs/r1': { id: 'r1' } };
  const ofRun = () => device.asked.filter((each) => each === 'GET sessions/s1/runs/r1').length;
  within(() => [useSession('s1'), useRun('s1', 'r1')]);
  await waitFor(() => expect(ofRun()).toBe(1));
  await client.refetchQueries({ queryKey: keys.session('s1') });
  expect(ofRun()).toBe(1);
  device.answers['sessions/s1'] = { ...answer, version: 4 };
  await client.refetchQueries({ queryKey: keys.session('s1') });
  await waitFor(() => expect(ofRun()).toBe(2));
});
