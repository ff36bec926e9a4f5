// @vitest-environment jsdom
import { cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Session, SessionEvent } from './types';
import { stampAfter, useLog } from './useOutbox';
import type { Waiting } from './waiting';

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
vi.mock('./useWaiting', () => ({ useWaiting: () => device.waiting as Waiting[] }));
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
        const stamp = stampAfter(latest, others.map((at) => waiting(at)) as unknown as Waiting[], now);
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
  expect([result.current.waitingCount, result.current.refused.length, result.current.looseCount]).toEqual([
    2, 1, 1,
  ]);
});

test('a note set aside without evidence says none, and a station keeps its id where only its slope is new', () => {
  const { result } = renderHook(() => useLog(session));
  void result.current.setAside({ key: 'pace.habit', stamp: '' } as never, null);
  void result.current.setAside({ key: 'pace.habit', stamp: '8 balls' } as never, 'known');
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
