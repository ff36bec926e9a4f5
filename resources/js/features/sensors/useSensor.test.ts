// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { withClient } from '../../../../tests/withClient';
import type { Session } from '../../api/types';
import { resumeStateOf } from '../../device/resumeState';
import { useSensor } from './useSensor';

const sensor = vi.hoisted(() => ({ scenes: [] as object[], fails: false }));
vi.mock('./deviceReadings', () => ({
  deviceAtHand: (kind: string) => ({
    label: `a ${kind} of the tests`,
    read: (scene: object) => {
      sensor.scenes.push(scene);
      return sensor.fails
        ? Promise.reject(new Error('It is out of reach.'))
        : Promise.resolve({
            source: 'simulated',
            readings: [{ backstroke_m: 0.25 * sensor.scenes.length }],
          });
    },
  }),
}));

const session = { id: 's1', reading: { speed_m: 2.7 } } as Session;
const ball = (last: string | null) => ({ session, student: null, target: 3, grade: 1.5, last });

beforeEach(() => {
  localStorage.clear();
  Object.assign(sensor, { scenes: [], fails: false });
});
afterEach(cleanup);

function sensing() {
  return renderHook(({ last }: { last: string | null }) => useSensor(ball(last)), {
    initialProps: { last: null as string | null },
    wrapper: withClient(new QueryClient()),
  });
}

test('off it reads nothing; on it reads each ball once, and stays on for the session on this device', async () => {
  const { result, rerender } = sensing();
  expect(result.current).toMatchObject({
    label: 'a stroke_sensor of the tests',
    isOn: false,
    measured: null,
    problem: null,
  });
  expect(sensor.scenes).toEqual([]);
  act(() => result.current.turn(true));
  await waitFor(() =>
    expect(result.current.measured).toEqual({ figures: { backstroke_m: 0.25 }, source: 'simulated' }),
  );
  expect(sensor.scenes).toEqual([{ student: null, target_m: 3, speed_m: 2.7, along_percent: 1.5 }]);
  rerender({ last: null });
  rerender({ last: 'b1' });
  await waitFor(() => expect(result.current.measured?.figures).toEqual({ backstroke_m: 0.5 }));
  expect(sensor.scenes).toHaveLength(2);
  expect(resumeStateOf('s1').sensor).toBe(true);
  expect(sensing().result.current.isOn).toBe(true);
  act(() => result.current.turn(false));
  expect([result.current.measured, resumeStateOf('s1').sensor]).toEqual([null, false]);
});

test('what it cannot read is said while it is on, and is no figure', async () => {
  sensor.fails = true;
  const { result } = sensing();
  act(() => result.current.turn(true));
  await waitFor(() => expect(result.current.problem).toBe('It is out of reach.'));
  expect(result.current.measured).toBeNull();
  act(() => result.current.turn(false));
  expect(result.current.problem).toBeNull();
});
