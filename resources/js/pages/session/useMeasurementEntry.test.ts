// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Pending } from '../../api/pending';
import type { Session } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import { useMeasurementEntry } from './useMeasurementEntry';

const outside = vi.hoisted(() => ({ kept: [] as Record<string, unknown>[], waiting: [] as unknown[] }));

vi.mock('../../api/queries', () => ({
  useSaveMeasurement: () => (draft: Record<string, unknown>) => {
    outside.kept.push(draft);
    return Promise.resolve();
  },
}));
vi.mock('../../api/usePending', () => ({ usePending: () => outside.waiting as Pending[] }));

const feet = unitsFor({ unit: 'feet', paceLength: null });

function reading(own: object | null = null) {
  const session = { id: 's1', own_measurement: own, reading: own } as Session;
  return renderHook(() => useMeasurementEntry(session, feet)).result;
}

afterEach(cleanup);

beforeEach(() => {
  localStorage.clear();
  outside.kept = [];
  outside.waiting = [];
});

test('most measure every green alike: the method is the one used last, a ramp at first', () => {
  expect(reading().current.method).toBe('ramp');
  const work = reading();
  act(() => work.current.keepTimed(1, [{ distance_m: 5, time_s: 4 }]));
  expect(reading().current.method).toBe('stopwatch');
  // "Unknown" is of one green, and no habit.
  act(() => work.current.choose('unknown'));
  expect(reading().current.method).toBe('ramp');
});

test('rolls one way are kept beside those back, under one id for the session', () => {
  const work = reading();
  act(() => work.current.keepRamp(1, [2.9, 3.0]));
  expect(outside.kept.at(-1)).toMatchObject({ method: 'ramp', direction_1_m: [2.9, 3.0], direction_2_m: [] });
  const own = {
    id: 'r1',
    method: 'ramp',
    entries: { direction_1_m: [2.9], direction_2_m: [3.1], read_by: 'simulated' },
  };
  const second = reading(own);
  act(() => second.current.keepRamp(2, [3.2]));
  expect(outside.kept.at(-1)).toEqual({
    id: 'r1',
    method: 'ramp',
    direction_1_m: [2.9],
    direction_2_m: [3.2],
    read_by: 'simulated',
  });
  act(() => work.current.fillRamp([3], [3.1], 'simulated'));
  expect(outside.kept.at(-1)?.id).toBe(outside.kept[0]?.id);
});

test('timed rolls are kept by direction as well', () => {
  const roll = { distance_m: 5, time_s: 4 };
  const work = reading({ id: 'r1', method: 'stopwatch', entries: { direction_2: [roll] } });
  act(() => work.current.keepTimed(1, [roll, roll]));
  expect(outside.kept.at(-1)).toEqual({
    id: 'r1',
    method: 'stopwatch',
    direction_1: [roll, roll],
    direction_2: [roll],
  });
});

test('a speed by eye is read in the coach’s unit; words are no speed, and nothing typed is nothing said', () => {
  const work = reading();
  act(() => work.current.setEstimate('10'));
  act(() => work.current.keepEstimate());
  expect(outside.kept.at(-1)).toMatchObject({ method: 'estimated' });
  expect(outside.kept.at(-1)?.speed_ft).toBeCloseTo(10, 9);
  act(() => work.current.setEstimate('quick'));
  act(() => work.current.keepEstimate());
  expect(work.current.errorAt('speed_ft')).toBe('“quick” is not a green speed. Type 9.5, say, in feet.');
  expect(outside.kept).toHaveLength(1);
  act(() => work.current.setEstimate(' '));
  act(() => work.current.keepEstimate());
  expect(work.current.errorAt('speed_ft')).toBeNull();
  expect(outside.kept).toHaveLength(1);
});

test('what the server would not take stands there to be put right, with its sentence, under the same id', () => {
  outside.waiting = [
    {
      refused: 'A roll is too long.',
      fields: { 'direction_1_m.0': 'A roll on the ramp is between 0.5 and 8 m.' },
      write: {
        path: 'sessions/s1/green-speed',
        body: { id: 'r9', method: 'ramp', taken_at_ms: 5, direction_1_m: [80] },
      },
    },
    { refused: null, write: { path: 'sessions/s1/green-speed', body: { id: 'r10' } } },
    { refused: 'Of another session.', write: { path: 'sessions/s2/green-speed', body: { id: 'r11' } } },
  ];
  const work = reading();
  expect(work.current.entries).toEqual({ direction_1_m: [80] });
  expect(work.current.errorAt('direction_1_m.0')).toContain('between 0.5 and 8 m');
  act(() => work.current.keepRamp(1, [2.8]));
  expect(outside.kept.at(-1)?.id).toBe('r9');
});
