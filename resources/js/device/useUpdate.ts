import { registerSW } from 'virtual:pwa-register';
import { useSyncExternalStore } from 'react';

/** Whether a newer version of the app lies ready on this device. */
let isReady = false;
const listeners = new Set<() => void>();

const load = registerSW({
  onNeedRefresh: () => {
    isReady = true;
    for (const listener of listeners) {
      listener();
    }
  },
});

/** Lets the newer version take over, and loads the page anew under it. */
function takeOver(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
    once: true,
  });
  void load(true);
}

/**
 * A newer version of the app, if one lies ready: it is loaded when asked for, or when every page of the
 * old one is closed. What waits to be sent is kept apart from the app's files and goes on with either.
 */
export function useUpdate(): { isReady: boolean; load: () => void } {
  const ready = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => isReady,
  );
  return { isReady: ready, load: takeOver };
}
