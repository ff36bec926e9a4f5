import { useSyncExternalStore } from 'react';
import { outbox } from './outbox';
import type { Waiting } from './waiting';

const subscribe = (listener: () => void) => outbox.subscribe(listener);

/** Everything of this device that the server has not taken, oldest first. */
export function useWaiting(): readonly Waiting[] {
  return useSyncExternalStore(subscribe, () => outbox.snapshot());
}

/** How many entries of this device the server has not taken yet, in all sessions. */
export function useWaitingCount(): number {
  return useWaiting().filter(({ refused }) => refused === null).length;
}
