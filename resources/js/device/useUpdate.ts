import { registerSW } from 'virtual:pwa-register';
import { useSyncExternalStore } from 'react';

/** Whether a newer version of the app lies ready on this device. */
let isReady = false;
const listeners = new Set<() => void>();

/** How long after the app could not be taken along it is tried again. */
const AGAIN_MS = 10_000;

const load = registerSW({
  onRegisteredSW: (url, registration) => tryAgain(url, registration),
  onNeedRefresh: () => {
    isReady = true;
    for (const listener of listeners) {
      listener();
    }
  },
});

/**
 * One file cut off on its way, and the browser gives the whole app up until it is opened anew: on a green without a
 * network it would not open. So it is taken along a little later, while it stands open.
 */
function tryAgain(url: string, registration: ServiceWorkerRegistration | undefined): void {
  const worker = registration?.installing;
  worker?.addEventListener('statechange', () => {
    if (worker.state === 'redundant' && registration?.active === null) {
      setTimeout(() => {
        void navigator.serviceWorker
          .register(url, { scope: '/' })
          .then((next) => tryAgain(url, next))
          // Not even the worker itself came: the next opening tries again.
          .catch(() => undefined);
      }, AGAIN_MS);
    }
  });
}

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
