// @vitest-environment jsdom
import { cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Pending } from './pending';
import type { Session, SessionEvent } from './types';
import { stampAfter, useLog } from './useOutbox';

const device = vi.hoisted(() => ({
  waiting: [] as unknown[],
  added: [] as [string, Record<string, unknown>][],
}));

vi.mock('./outbox', () => {
  let made = 0;
  return {
    newId: () => `id${++made}`,
    outbox: {
      snapshot: () => device.waiting,
      add: (session: string, event: Record<string, unknown>) => {
        device.added.push([session, event]);
        device.waiting = [...device.waiting, { session_id: session, event, refused: null }];
        return Promise.resolve();
      },
    },
  };
});
vi.mock('./usePending', () => ({ usePending: () => device.waiting as Pending[] }));
vi.mock('./shownLog', () => ({ shownLog: () => ({ putts: [] }) }));
vi.mock('@tanstack/react-query', () => ({ useQueryClient: () => ({}) }));

const session = { id: 's1', latest_ms: 5_000 } as Session;
const waiting = (at_ms: number, part: object = {}) => ({
  session_id: 's1',
  refused: null,
  event: { at_ms } as SessionEvent,
  ...part,
});

beforeEach(() => Object.assign(device, { waiting: [], added: [] }));
afterEach(cleanup);

test('what is said now comes after all that is known, however the clock stands', () => {
  for (const now of [0, 4_999, 5_000, 6_000, 9_000, 2_000_000]) {
    for (const latest of [0, 5_000, 8_000]) {
      for (const others of [[], [7_000], [9_000, 100]]) {
        const stamp = stampAfter(latest, others.map((at) => waiting(at)) as unknown as Pending[], now);
        expect(stamp).toBeGreaterThanOrEqual(now);
        for (const known of [latest, ...others]) {
          expect(stamp).toBeGreaterThan(known);
        }
      }
    }
  }
});

test('an undo comes after its ball though the clock was set back between', () => {
  vi.useFakeTimers({ now: 60_000 });
  const { result } = renderHook(() => useLog(session));
  void result.current.logPutt({ roll_m: 3 } as never);
  vi.setSystemTime(1_000);
  void result.current.undo('id1');
  vi.useRealTimers();
  const [ball, undo] = device.added.map(([, event]) => event);
  expect(undo?.at_ms).toBeGreaterThan(Number(ball?.at_ms));
  expect(undo?.id).not.toBe(ball?.id);
});

test('what waits of another session moves no stamp of this one', () => {
  device.waiting = [waiting(9e12, { session_id: 's2' })];
  const { result } = renderHook(() => useLog(session));
  void result.current.endRun('r1');
  expect(Number(device.added[0]?.[1].at_ms)).toBeLessThan(9e12);
});

test('what waits, what was refused and what could not be stored are told apart, of this session alone', () => {
  device.waiting = [
    waiting(1),
    waiting(2, { is_loose: true }),
    waiting(3, { refused: 'A roll is too long.' }),
    waiting(4, { session_id: 's2' }),
  ];
  const { result } = renderHook(() => useLog(session));
  expect([result.current.waitingCount, result.current.refused.length, result.current.looseCount]).toEqual([2, 1, 1]);
});

test('a note set aside without evidence says none, and a station keeps its id where only its slope is new', () => {
  const { result } = renderHook(() => useLog(session));
  void result.current.dismissInsight({ key: 'pace.habit', stamp: '' } as never, null);
  void result.current.dismissInsight({ key: 'pace.habit', stamp: '8 balls' } as never, 'known');
  void result.current.slopeStation(
    { id: 'p1', length_m: 3, said: '3 m', grade_percent: 1, across_percent: null } as never,
    2,
  );
  const [bare, known, slope] = device.added.map(([, event]) => event);
  expect(bare).toMatchObject({ type: 'note_set_aside', evidence: null, reason: null, is_aside: true });
  expect(known).toMatchObject({ evidence: '8 balls', reason: 'known' });
  expect(slope).toMatchObject({ type: 'station_set', station_id: 'p1', length_m: 3, across_percent: 2 });
  expect(slope?.id).not.toBe('p1');
});

test('each way of saying something writes its own event, stamped after the one before', () => {
  const { result } = renderHook(() => useLog(session));
  const log = result.current;
  const said: [() => unknown, object][] = [
    [() => log.logPutt({ roll_m: 3 } as never), { type: 'putt_logged', version: 2, roll_m: 3 }],
    [
      () => log.correctPutt('b1', { roll_m: 4 } as never),
      { type: 'putt_corrected', version: 2, putt_id: 'b1', roll_m: 4 },
    ],
    [
      () => log.remark('b1', { mark: 'mishit', cause: null }),
      { type: 'putt_remarked', version: 2, putt_id: 'b1', mark: 'mishit', cause: null, seen: {} },
    ],
    [
      () => log.remark('b1', { mark: null, cause: null }, { held: true }),
      { type: 'putt_remarked', mark: null, seen: { held: true } },
    ],
    [
      () => log.count('r1', 'ball' as never, 'balls', 6),
      { type: 'set_out_counted', run_id: 'r1', item: 'ball', name: 'balls', count: 6 },
    ],
    [() => log.removeStation('p1'), { type: 'station_removed', station_id: 'p1' }],
    [() => log.noteCondition('dew', false), { type: 'condition_noted', condition: 'dew', is_seen: false }],
    [() => log.give('b1', null), { type: 'putt_given', putt_id: 'b1', student: null }],
    [() => log.give('b1', 'ana'), { type: 'putt_given', putt_id: 'b1', student: 'ana' }],
    [() => log.noteCompany('ana', 'gone' as never), { type: 'company_noted', student: 'ana', standing: 'gone' }],
    [() => log.joinRun('r1', 'ana', 2), { type: 'run_joined', run_id: 'r1', student: 'ana', station: 2 }],
    [() => log.endRun('r1'), { type: 'run_ended', run_id: 'r1' }],
    [() => log.chooseReading(null), { type: 'reading_chosen', reading_id: null }],
    [
      () => log.tryCheck('aim', null, { at_m: 2 }),
      { type: 'check_tried', check: 'aim', student: null, answers: { at_m: 2 } },
    ],
    [
      () => log.seePoint('grip', 'thumb', 'ana', 'kept' as never, 'lower'),
      {
        type: 'card_point_seen',
        card: 'grip',
        point: 'thumb',
        student: 'ana',
        sight: 'kept',
        word: 'lower',
      },
    ],
    [() => log.beginPart('baseline' as never), { type: 'part_begun', part: 'baseline' }],
    [() => log.noteDisturbance('wind' as never, true), { type: 'disturbance_noted', disturbance: 'wind', is_on: true }],
    [() => log.undo('b1'), { type: 'undone', event_id: 'b1' }],
    // Made elsewhere, and said here and now: neither its id nor its time is this one's.
    [
      () => log.add({ id: 'elsewhere', at_ms: 1, type: 'run_ended', run_id: 'r2' } as never),
      { type: 'run_ended', run_id: 'r2' },
    ],
  ];
  for (const [say, event] of said) {
    say();
    expect(device.added.at(-1)).toMatchObject(['s1', event]);
  }
  const stamps = device.added.map(([, { at_ms }]) => Number(at_ms));
  expect(stamps).toEqual(stamps.toSorted((a, b) => a - b));
  expect(new Set(stamps).size).toBe(said.length);
  const ids = device.added.map(([, { id }]) => id);
  expect(new Set(ids).size).toBe(said.length);
  expect(ids).not.toContain('elsewhere');
});
