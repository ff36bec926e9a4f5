// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useStopwatch } from './useStopwatch';

beforeEach(() => vi.useFakeTimers({ now: 0 }));
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

test('a press starts it, the next tells the seconds between, and the one after starts from nothing', () => {
  const { result } = renderHook(() => useStopwatch());
  let told: number | null = -1;
  const press = () =>
    act(() => {
      told = result.current.press();
    });
  press();
  expect([told, result.current.isRunning]).toEqual([null, true]);
  act(() => vi.advanceTimersByTime(4210));
  expect(result.current.seconds).toBeGreaterThan(4.1);
  press();
  expect(told).toBeCloseTo(4.21, 6);
  expect(result.current.isRunning).toBe(false);
  act(() => vi.advanceTimersByTime(1000));
  expect(result.current.seconds).toBeCloseTo(4.21, 6);
  press();
  expect(result.current.seconds).toBe(0);
  act(() => result.current.reset());
  expect([result.current.isRunning, result.current.seconds]).toEqual([false, 0]);
});
