import { useSyncExternalStore } from 'react';

export type Theme = 'light' | 'evening';

const KEY = 'amble-theme';
const listeners = new Set<() => void>();

function current(): Theme {
  const chosen = localStorage.getItem(KEY);
  if (chosen === 'light' || chosen === 'evening') {
    return chosen;
  }
  return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'evening' : 'light';
}

/** Puts the chosen light on the page; call once before the first drawing. */
export function applyTheme(): void {
  document.documentElement.dataset.theme = current();
}

/** The light on this device: as chosen here, else as the system asks. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const theme = useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, current);
  return [
    theme,
    (next) => {
      localStorage.setItem(KEY, next);
      applyTheme();
      for (const listener of listeners) {
        listener();
      }
    },
  ];
}
