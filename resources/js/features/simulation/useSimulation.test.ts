// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Session, SimulationStep } from '../../api/types';
import { remember, resumeStateOf } from '../../device/resumeState';
import { useSimulation } from './useSimulation';

/** The steps that are to come, where the app stands, and what was done. */
const walk = vi.hoisted(() => ({
  steps: [] as unknown[],
  fails: null as Error | null,
  pathname: '/sessions/s1/check-in',
  waiting: [] as unknown[],
  asked: [] as unknown[][],
  did: [] as unknown[][],
}));

vi.mock('react-router', () => ({
  useLocation: () => ({ pathname: walk.pathname }),
  useNavigate: () => go,
}));
vi.mock('../../api/outbox', () => ({ newId: () => 'new', outbox: { snapshot: () => walk.waiting } }));
vi.mock('../../api/useOutbox', () => ({
  useLog: () => ({ add: async (event: unknown) => walk.did.push(['event', event]) }),
}));
vi.mock('../../units/useUnits', async (original) => ({
  ...(await original<typeof import('../../units/useUnits')>()),
  useUnits: () => ({ show: (metres: number) => `${metres} m` }),
}));
vi.mock('../../api/queries', () => ({
  nextStep: async (...all: unknown[]) => {
    walk.asked.push(all);
    if (walk.fails !== null) {
      throw walk.fails;
    }
    return walk.steps.shift() ?? null;
  },
  useChangeSession: () => async (change: unknown) => walk.did.push(['change', change]),
  useSaveMeasurement: () => async (reading: unknown) => walk.did.push(['reading', reading]),
  useStartRun: () => ({ mutateAsync: async (start: unknown) => walk.did.push(['start', start]) }),
}));

function go(path: string): void {
  walk.pathname = path;
  walk.did.push(['go', path]);
}

const step = (part: Partial<SimulationStep>): SimulationStep =>
  ({
    key: 'k',
    place: 'check-in',
    says: 'Look.',
    events: [],
    ramp: null,
    drill: null,
    notes: null,
    ends: false,
    run_id: null,
    ...part,
  }) as SimulationStep;
const session = { id: 's1', ended_at: null, own_measurement: null } as unknown as Session;
const watch = (of: Session = session) => renderHook(() => useSimulation(of));
/** Lets so much time pass, whatever waits for what. */
const pass = (seconds: number) => act(() => vi.advanceTimersByTimeAsync(seconds * 1000));

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  Object.assign(walk, {
    steps: [],
    fails: null,
    pathname: '/sessions/s1/check-in',
    waiting: [],
    asked: [],
    did: [],
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

test('steps are gone to, said with their lengths, and done one after the other, to the end', async () => {
  walk.steps = [
    step({ place: 'green-speed', ramp: [[2.9], [3.1]], says: 'The ramp: {3.000 m}.' }),
    step({ key: 'roll', place: 'drill', run_id: 'r1', events: [{ type: 'putt_logged' }] as never }),
    step({ key: 'end', place: 'wrap-up', ends: true, notes: { for_student: 'a', for_next: 'b' } as never }),
  ];
  const { result } = watch();
  await pass(1);
  expect(result.current.said).toBe('The ramp: 3 m.');
  await pass(40);
  expect(walk.did).toEqual([
    ['go', '/sessions/s1/green-speed'],
    ['reading', { id: 'new', method: 'ramp', direction_1_m: [2.9], direction_2_m: [3.1], read_by: 'simulated' }],
    ['go', '/sessions/s1/drill/r1'],
    ['event', { type: 'putt_logged', run_id: 'r1' }],
    ['go', '/sessions/s1/wrap-up'],
    ['change', { note_for_student: 'a' }],
    ['change', { note_for_next: 'b' }],
    ['change', { ended: true }],
  ]);
  expect(result.current.isOver).toBe(true);
});

test('what was only to be looked at is not shown twice, over a reload neither', async () => {
  walk.steps = [step({ key: 'who' })];
  watch();
  await pass(1);
  expect(resumeStateOf('s1').walk?.seen).toEqual(['who']);
  cleanup();
  walk.asked = [];
  watch();
  await pass(1);
  expect(walk.asked[0]).toEqual(['s1', null, ['who']]);
});

test('no step is asked for while one before it waits to be sent', async () => {
  walk.waiting = [{ session_id: 's1', refused: null }];
  watch();
  await pass(5);
  expect(walk.asked).toEqual([]);
  walk.waiting = [
    { session_id: 's1', refused: 'no' },
    { session_id: 's2', refused: null },
  ];
  await pass(1);
  expect(walk.asked).toHaveLength(1);
});

test('a hand that goes elsewhere takes over, until it is told to go on', async () => {
  walk.steps = [step({ key: 'a', place: 'green-speed' }), step({ key: 'b', place: 'putt' })];
  const { result, rerender } = watch();
  await pass(4);
  expect(walk.asked).toHaveLength(1);
  walk.pathname = '/students';
  rerender();
  await pass(60);
  expect([result.current.isOn, walk.asked.length]).toEqual([false, 1]);
  act(() => result.current.turn(true));
  await pass(4);
  expect(walk.did.at(-1)).toEqual(['go', '/sessions/s1/putt']);
});

test('halted it stays so over a reload; at once it hardly rests', async () => {
  remember('s1', { walk: { isOn: false } });
  const halted = watch();
  await pass(30);
  expect([halted.result.current.isOn, walk.asked.length]).toEqual([false, 0]);
  cleanup();
  remember('s1', { walk: { isOn: true } });
  walk.steps = Array.from({ length: 6 }, (_, n) => step({ key: `k${n}` }));
  const { result } = watch();
  act(() => result.current.setPace('at once'));
  await pass(3);
  expect(result.current.isOver).toBe(true);
});

test('where no next step can be had it stops and says why', async () => {
  walk.fails = new Error('The server is away.');
  const { result } = watch();
  await pass(1);
  expect([result.current.problem, result.current.isOn]).toEqual(['The server is away.', false]);
  expect(watch({ ...session, ended_at: '2026-11-26T10:00:00Z' } as Session).result.current.isOver).toBe(true);
});
