import { useEffect, useRef } from 'react';

export interface KeyAct {
  key: string;
  /** What it does, in a few words, for the sheet of keys. */
  does: string;
  act: () => void;
}

/**
 * Acts on single keys while a view is shown.
 *
 * A letter acts where numbers are typed (marked data-keys) or nothing is: never in other text, never
 * with a modifier, and never while a sheet lies over the view.
 */
export function useKeys(acts: readonly KeyAct[]): void {
  const latest = useRef(acts);
  latest.current = acts;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const isTyping =
        (target instanceof HTMLInputElement &&
          ['text', 'search', 'number', 'email', 'password'].includes(target.type)) ||
        target instanceof HTMLTextAreaElement;
      const isElsewhere =
        (isTyping && target.closest('[data-keys]') === null) ||
        document.querySelector('[role="dialog"]') !== null;
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || isElsewhere) {
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
