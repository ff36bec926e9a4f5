import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { describe, expect, test, vi } from 'vitest';
import { applyAccepted } from './applyAccepted';
import { keys, REMINDERS } from './keys';
import type { Pending } from './pending';
import type { SessionLog } from './types';

/** An answer that tells all balls. */
const whole = (putts: unknown[] = []) => ({ since: null, putts, removed: [], runs: [] }) as unknown as SessionLog;

test.each([
  ['report', keys.stroke('S')],
  ['history of a ball', keys.balls('S')],
  ['run', keys.runs('S')],
  ['finding', keys.drillResults],
  ['sheet', keys.drillSetups],
  ['ledger', keys.sessions],
  ['review', keys.allReports],
  ['plan', keys.plans('S')],
])('a first %s that was asked before the last balls does not stay on screen', async (_, key) => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  let balls = 10;
  const answers: (() => void)[] = [];
  const answer = new QueryObserver(client, {
    queryKey: [...key, null],
    queryFn: () => {
      const now = balls;
      return new Promise<number>((resolve) => answers.push(() => resolve(now)));
    },
  });
  const stop = answer.subscribe(() => undefined);
  // The last two balls are taken while the first answer is on its way.
  balls = 12;
  applyAccepted(client, { kind: 'events', sessionId: 'S', sent: [], log: whole() });
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  for (const arrive of answers) {
    arrive();
  }
  await vi.waitFor(() => expect(answer.getCurrentResult().data).toBe(12));
  stop();
});

test('an answer that was asked before the balls does not land on top of what the server said of them', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  let arrive = (_: unknown) => undefined as unknown;
  client.setQueryData(keys.session('S'), { id: 'S', putts: [], stations: ['kept'] });
  void client
    .fetchQuery({ queryKey: keys.session('S'), queryFn: () => new Promise((resolve) => (arrive = resolve)) })
    .catch(() => undefined);
  await vi.waitFor(() => expect(client.isFetching({ queryKey: keys.session('S') })).toBe(1));
  applyAccepted(client, {
    kind: 'events',
    sessionId: 'S',
    sent: [],
    log: whole(['A']),
  });
  arrive({ id: 'S', putts: [], stations: ['of before'] });
  await new Promise((wake) => setTimeout(wake, 10));
  expect(client.getQueryData(keys.session('S'))).toMatchObject({ id: 'S', putts: ['A'], stations: ['kept'] });
  expect(client.getQueryState(keys.session('S'))?.isInvalidated).toBe(false);
});

test('a reading that was chosen stays chosen between its acceptance and the next answer, and a drill ended stays over', () => {
  const client = new QueryClient();
  const [own, other] = [{ id: 'own' }, { id: 'other' }];
  client.setQueryData(keys.session('S'), {
    id: 'S',
    reading: own,
    own_measurement: own,
    other_measurement: other,
    run: { id: 'R', is_over: false },
  });
  const sent = (event: object) => [{ session_id: 'S', refused: null, event }] as unknown as Pending[];
  const accept = (event: object) =>
    applyAccepted(client, {
      kind: 'events',
      sessionId: 'S',
      sent: sent(event),
      log: whole(),
    });
  accept({ id: '1', at_ms: 1, type: 'reading_chosen', reading_id: 'other' });
  expect(client.getQueryData(keys.session('S'))).toMatchObject({ reading: other, run: { is_over: false } });
  accept({ id: '2', at_ms: 2, type: 'reading_chosen', reading_id: null });
  accept({ id: '3', at_ms: 3, type: 'run_ended', run_id: 'R' });
  expect(client.getQueryData(keys.session('S'))).toMatchObject({ reading: own, run: { is_over: true } });
});

test('somebody added here is in the workspace before it is asked again', () => {
  const client = new QueryClient();
  client.setQueryData(keys.today, { students: [{ id: 'ann' }], greens: [], sessions: [] });
  applyAccepted(client, {
    kind: 'write',
    sessionId: '',
    write: { id: 'W', method: 'POST', path: 'students', body: {}, what: '' },
    answer: { id: 'bea', name: 'Bea' },
  });
  expect(client.getQueryData(keys.today)).toMatchObject({ students: [{ id: 'ann' }, { id: 'bea' }] });
});

describe('an answer that tells the changes alone', () => {
  const ball = (id: string, roll_m = 1) => ({ id, roll_m });
  const before = { id: 'S', version: 7, putts: [ball('A'), ball('B')], reading: 'kept' };
  const take = (change: object, type = 'putt_logged', session: object = before) => {
    const client = new QueryClient();
    client.setQueryData(keys.session('S'), session);
    client.setQueryData([...keys.runs('S'), 'R'], 'old');
    client.setQueryData([...keys.runs('S'), 'other'], 'old');
    const log = { version: 8, since: 7, putts: [], removed: [], runs: [], ...change } as unknown as SessionLog;
    const sent = [{ session_id: 'S', refused: null, event: { id: 'E', type, run_id: 'R' } }] as unknown as Pending[];
    applyAccepted(client, { kind: 'events', sessionId: 'S', sent, log });
    return client;
  };
  const isAskedAgain = (client: QueryClient) => client.getQueryState(keys.session('S'))?.isInvalidated;

  test('is laid over the balls that are there, and nothing is asked again', () => {
    const client = take({ putts: [ball('B', 2), ball('C')], removed: ['A'] });
    expect(client.getQueryData(keys.session('S'))).toEqual({ ...before, version: 8, putts: [ball('B', 2), ball('C')] });
    expect(isAskedAgain(client)).toBe(false);
  });

  test('from another version leaves the balls as they are until the session is asked again', () => {
    const client = take({ since: 6, putts: [ball('C')] });
    expect(client.getQueryData(keys.session('S'))).toEqual(before);
    expect(isAskedAgain(client)).toBe(true);
  });

  test('asks for the session where an event changes more than the answer tells', () => {
    expect(isAskedAgain(take({}, 'condition_noted'))).toBe(true);
  });

  test.each([
    ['putt_logged', false],
    ['check_tried', true],
  ])('asks for the reminders after %s: %s', async (type, isAsked) => {
    const client = take({}, type);
    client.setQueryData([...keys.reports('ann'), REMINDERS], 'old');
    client.setQueryData([...keys.reports('ann'), 'checks'], 'old');
    const sent = [{ session_id: 'S', refused: null, event: { id: 'F', type } }] as unknown as Pending[];
    applyAccepted(client, { kind: 'events', sessionId: 'S', sent, log: whole() });
    const asked = (what: string) => client.getQueryState([...keys.reports('ann'), what])?.isInvalidated;
    await vi.waitFor(() => expect(asked('checks')).toBe(true));
    expect(asked(REMINDERS)).toBe(isAsked);
  });

  test('brings the run it changed, and asks for the other ones alone', async () => {
    const client = take({ runs: [{ id: 'R', counted: 3 }] });
    expect(client.getQueryData([...keys.runs('S'), 'R'])).toEqual({ id: 'R', counted: 3 });
    const asked = (run: string) => client.getQueryState([...keys.runs('S'), run])?.isInvalidated;
    await vi.waitFor(() => expect(asked('other')).toBe(true));
    expect(asked('R')).toBe(false);
  });
});
