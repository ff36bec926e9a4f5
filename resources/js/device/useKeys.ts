import { useEffect, useRef, useSyncExternalStore } from 'react';

export interface KeyAction {
  key: string;
  /** What it does, in a few words, for the sheet of keys. */
  does: string;
  act: () => void;
}

/** The keys of what is shown, a list a part of the screen, for the sheet that names them. */
const parts = new Set<readonly KeyAction[]>();
let shown: readonly KeyAction[] = [];
const listeners = new Set<() => void>();

function show(): void {
  shown = [...parts].flat();
  for (const listener of listeners) {
    listener();
  }
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export function useShownKeys(): readonly KeyAction[] {
  return useSyncExternalStore(subscribe, () => shown);
}

const OFF = 'amble-keys-off';

/** Whether single letters act; who speaks to the device, or rests a hand on its keys, turns them off. */
export function areKeysOn(): boolean {
  return localStorage.getItem(OFF) === null;
}

export function switchKeys(isOn: boolean): void {
  if (isOn) {
    localStorage.removeItem(OFF);
  } else {
    localStorage.setItem(OFF, 'off');
  }
}

/** Whether keys are being typed into something, or belong to a sheet that lies over the view. */
function isElsewhere(target: EventTarget | null): boolean {
  const isTyping =
    (target instanceof HTMLInputElement && ['text', 'search', 'number', 'email', 'password'].includes(target.type)) ||
    target instanceof HTMLTextAreaElement;
  return (isTyping && target.closest('[data-keys]') === null) || document.querySelector('[role="dialog"]') !== null;
}

/**
 * Acts on single keys while a view is shown.
 *
 * A letter acts where numbers are typed (marked data-keys) or nothing is: never in other text, never
 * with a modifier, never while a sheet lies over the view, and not at all where the coach turned them off.
 */
export function useKeys(acts: readonly KeyAction[]): void {
  const latest = useRef(acts);
  useEffect(() => {
    latest.current = acts;
  });
  const names = acts.map(({ key, does }) => key + does).join();
  // The sheet lists names; which function acts may change with every ball.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of names changes the sheet.
  useEffect(() => {
    parts.add(acts);
    show();
    return () => {
      parts.delete(acts);
      show();
    };
  }, [names]);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const isHeld = event.ctrlKey || event.metaKey || event.altKey || event.repeat;
      if (isHeld || !areKeysOn() || isElsewhere(event.target)) {
        return;
      }
      const found = latest.current.find(({ key }) => key === event.key.toLowerCase());
      if (found !== undefined) {
        event.preventDefault();
        found.act();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
