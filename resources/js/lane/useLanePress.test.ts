// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { REST_MS } from './press';
import { useLanePress } from './useLanePress';

const BOX = { left: 0, right: 100, top: 0, bottom: 200 };
let logged: { x: number; y: number }[];
let captured: number[];

beforeEach(() => {
  vi.useFakeTimers();
  logged = [];
  captured = [];
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

function lane() {
  const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  const hook = renderHook(() => {
    const press = useLanePress((at) => logged.push(at));
    press.drawing.current = svg;
    return press;
  });
  const send = (
    name: 'onPointerDown' | 'onPointerMove' | 'onPointerUp',
    x: number,
    y: number,
    time: number,
    more: object = {},
  ) =>
    act(() =>
      hook.result.current.pointerProps[name]({
        clientX: x,
        clientY: y,
        timeStamp: time,
        isPrimary: true,
        button: 0,
        pointerType: 'touch',
        pointerId: 1,
        currentTarget: {
          getBoundingClientRect: () => BOX,
          setPointerCapture: (id: number) => captured.push(id),
        },
        ...more,
      } as never),
    );
  return { hook, send, svg };
}

test('a finger that rests aims, follows the hand, and logs where it is let go', () => {
  const { hook, send } = lane();
  send('onPointerDown', 50, 60, 0);
  expect(hook.result.current.aim).toBeNull();
  act(() => vi.advanceTimersByTime(REST_MS));
  expect(hook.result.current.aim).toEqual({ x: 50, y: 60 });
  send('onPointerMove', 55, 90, REST_MS + 40);
  expect(hook.result.current.aim).toEqual({ x: 55, y: 90 });
  send('onPointerUp', 55, 90, REST_MS + 80);
  expect(logged).toEqual([{ x: 55, y: 90 }]);
  expect(hook.result.current.aim).toBeNull();
  // A finger keeps the page's own hold of it: captured, it could not scroll any more.
  expect(captured).toEqual([]);
});

test('a swipe, a slide off the lane and a hand that is called away log nothing', () => {
  const { hook, send } = lane();
  send('onPointerDown', 50, 60, 0);
  send('onPointerMove', 50, 100, 30);
  send('onPointerUp', 50, 100, 60);
  send('onPointerDown', 50, 60, 1_000);
  act(() => vi.advanceTimersByTime(REST_MS));
  send('onPointerMove', 130, 60, 1_000 + REST_MS + 20);
  expect(hook.result.current.aim).toBeNull();
  send('onPointerUp', 130, 60, 1_000 + REST_MS + 40);
  send('onPointerDown', 50, 60, 2_000);
  act(() => vi.advanceTimersByTime(REST_MS));
  act(() => hook.result.current.pointerProps.onPointerCancel());
  send('onPointerUp', 50, 60, 2_000 + REST_MS + 40);
  expect(logged).toEqual([]);
});

test('a mouse need not rest, and is followed off the lane; its other buttons and a second finger do nothing', () => {
  const { send } = lane();
  send('onPointerDown', 20, 30, 0, { pointerType: 'mouse', pointerId: 7 });
  send('onPointerUp', 20, 30, 10, { pointerType: 'mouse' });
  expect(logged).toEqual([{ x: 20, y: 30 }]);
  expect(captured).toEqual([7]);
  send('onPointerDown', 60, 90, 2_000, { pointerType: 'mouse', button: 2 });
  send('onPointerUp', 60, 90, 2_010, { pointerType: 'mouse', button: 2 });
  send('onPointerDown', 60, 90, 4_000, { isPrimary: false });
  act(() => vi.advanceTimersByTime(REST_MS));
  send('onPointerUp', 60, 90, 4_000 + REST_MS + 10, { isPrimary: false });
  expect(logged).toHaveLength(1);
});

test('once a finger rests its moves no longer scroll, and before that they do', () => {
  const { send, svg } = lane();
  const scrolls = () => {
    const move = new Event('touchmove', { cancelable: true });
    svg.dispatchEvent(move);
    return !move.defaultPrevented;
  };
  expect(scrolls()).toBe(true);
  send('onPointerDown', 50, 60, 0);
  expect(scrolls()).toBe(true);
  act(() => vi.advanceTimersByTime(REST_MS));
  expect(scrolls()).toBe(false);
  send('onPointerUp', 50, 60, REST_MS + 10);
  expect(scrolls()).toBe(true);
});
