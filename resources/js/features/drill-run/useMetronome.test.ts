// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { useMetronome } from './useMetronome';

/** What a sound card was told: when, and how high. */
let sounded: { at: number; hz: number }[] = [];

class SessionNotes {
  get currentTime() {
    return performance.now() / 1000;
  }
  destination = {};
  resume = () => Promise.resolve();
  close = () => Promise.resolve();
  createOscillator() {
    const frequency = { value: 0 };
    return {
      frequency,
      connect: (next: unknown) => next,
      start: (at: number) => sounded.push({ at, hz: frequency.value }),
      stop: () => {},
    };
  }
  createGain() {
    const gain = { setValueAtTime: () => {}, exponentialRampToValueAtTime: () => {} };
    return { gain, connect: (next: unknown) => next };
  }
}

beforeEach(() => {
  vi.useFakeTimers({ now: 0, toFake: ['setTimeout', 'clearTimeout', 'performance', 'Date'] });
  vi.stubGlobal('AudioContext', SessionNotes);
  sounded = [];
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const pass = (seconds: number) => act(() => vi.advanceTimersByTime(seconds * 1000));
const gaps = () => sounded.slice(1).map(({ at }, index) => at - (sounded[index]?.at ?? 0));

test('beats come evenly at the tempo, back and to the ball by turns', () => {
  const { result } = renderHook(() => useMetronome(80, false));
  expect([result.current.isRunning, result.current.side]).toEqual([false, null]);
  act(() => result.current.start());
  pass(6);
  expect(sounded.length).toBeGreaterThanOrEqual(8);
  for (const gap of gaps()) {
    expect(gap).toBeCloseTo(0.75, 6);
  }
  expect(sounded.slice(0, 4).map(({ hz }) => hz)).toEqual([660, 990, 660, 990]);
  expect(result.current.isRunning).toBe(true);
  expect(result.current.side).toBe((result.current.count ?? 0) % 2 === 0 ? 'back' : 'ball');
});

test('another tempo holds from the next beat on', () => {
  const { result, rerender } = renderHook(({ bpm }) => useMetronome(bpm, false), {
    initialProps: { bpm: 60 },
  });
  act(() => result.current.start());
  pass(3.3);
  rerender({ bpm: 120 });
  const before = sounded.length;
  pass(3);
  for (const gap of gaps().slice(before)) {
    expect(gap).toBeCloseTo(0.5, 6);
  }
  expect(sounded.length).toBeGreaterThan(before + 3);
});

test('stopped it is silent, and started again it counts from the first beat', () => {
  const { result } = renderHook(() => useMetronome(100, false));
  act(() => result.current.start());
  pass(2);
  act(() => result.current.stop());
  const stood = sounded.length;
  pass(2);
  expect(sounded).toHaveLength(stood);
  expect(result.current.count).toBeNull();
  act(() => result.current.start());
  pass(0.12);
  expect(result.current.count).toBe(0);
});

test('without sound what is seen goes on', () => {
  const { result } = renderHook(() => useMetronome(60, true));
  act(() => result.current.start());
  pass(2.2);
  expect(sounded).toEqual([]);
  expect(result.current.count).toBe(2);
});

test('a hold is counted out and is over; one begun anew counts from one', () => {
  const { result } = renderHook(() => useMetronome(60, false));
  act(() => result.current.hold(3));
  pass(0.05);
  expect(result.current.held).toBe(1);
  pass(1);
  expect(result.current.held).toBe(2);
  act(() => result.current.hold(3));
  pass(0.05);
  expect(result.current.held).toBe(1);
  pass(3);
  expect(result.current.held).toBeNull();
});

test('gone from the screen, nothing sounds any more', () => {
  const { result, unmount } = renderHook(() => useMetronome(60, false));
  act(() => result.current.start());
  pass(1);
  unmount();
  const heard = sounded.length;
  vi.advanceTimersByTime(5000);
  expect(sounded).toHaveLength(heard);
});
