// @vitest-environment jsdom
import { cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { announce, lastEntered, onAnnounced } from './announce';
import { areKeysOn, switchKeys, useKeys, useShownKeys } from './useKeys';

const act = vi.fn();
const keys = [{ key: 'u', does: 'undo', act }];

/** @returns whether the browser was kept from doing its own with it */
function press(key: string, from: EventTarget = document.body, held: KeyboardEventInit = {}): boolean {
  const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...held });
  from.dispatchEvent(event);
  return event.defaultPrevented;
}

afterEach(cleanup);

beforeEach(() => {
  localStorage.clear();
  document.body.innerHTML = '';
  act.mockClear();
});

test('a letter acts while its view is shown, in either case, and no longer', () => {
  const { unmount } = renderHook(() => useKeys(keys));
  expect(press('u')).toBe(true);
  press('U');
  expect(press('w')).toBe(false);
  expect(act).toHaveBeenCalledTimes(2);
  unmount();
  press('u');
  expect(act).toHaveBeenCalledTimes(2);
});

test.each([{ ctrlKey: true }, { metaKey: true }, { altKey: true }, { repeat: true }])(
  'with %o it is the browser’s',
  (held) => {
    renderHook(() => useKeys(keys));
    expect(press('u', document.body, held)).toBe(false);
    expect(act).not.toHaveBeenCalled();
  },
);

test('typed into words it is a letter; where numbers are typed it acts; a sheet above has it to itself', () => {
  renderHook(() => useKeys(keys));
  document.body.innerHTML =
    '<input id="words"><textarea id="note"></textarea><p data-keys><input id="figure"></p><input type="radio" id="choice">';
  const at = (id: string) => document.getElementById(id) ?? document.body;
  press('u', at('words'));
  press('u', at('note'));
  expect(act).not.toHaveBeenCalled();
  press('u', at('figure'));
  press('u', at('choice'));
  expect(act).toHaveBeenCalledTimes(2);
  document.body.insertAdjacentHTML('beforeend', '<div role="dialog"></div>');
  press('u');
  expect(act).toHaveBeenCalledTimes(2);
});

test('turned off they do nothing until they are turned on', () => {
  renderHook(() => useKeys(keys));
  switchKeys(false);
  expect(areKeysOn()).toBe(false);
  press('u');
  expect(act).not.toHaveBeenCalled();
  switchKeys(true);
  press('u');
  expect(act).toHaveBeenCalledOnce();
});

test('the sheet names the keys of every part that is shown, and what a key does may change', () => {
  const shown = renderHook(() => useShownKeys());
  const view = renderHook(({ does }) => useKeys([{ key: 'u', does, act }]), {
    initialProps: { does: 'undo' },
  });
  const other = renderHook(() => useKeys([{ key: 'g', does: 'the next student', act }]));
  const names = () => shown.result.current.map(({ key, does }) => `${key} ${does}`);
  shown.rerender();
  expect(names()).toEqual(['u undo', 'g the next student']);
  view.rerender({ does: 'undo the last ball' });
  shown.rerender();
  expect(names()).toContain('u undo the last ball');
  other.unmount();
  shown.rerender();
  expect(names()).toEqual(['u undo the last ball']);
});

test('the same words again are said again to who does not see them', () => {
  const heard: string[] = [];
  const end = onAnnounced((text) => heard.push(text));
  announce('Ball 3');
  announce('Ball 3');
  announce('Ball 4');
  end();
  announce('Ball 5');
  expect(heard.map((text) => text.trim())).toEqual(['Ball 3', 'Ball 3', 'Ball 4']);
  expect(heard[0]).not.toBe(heard[1]);
  expect(lastEntered()).toBe('Ball 5');
});
