import { useSyncExternalStore } from 'react';
import { outbox } from './outbox';
import type { Pending } from './pending';

const subscribe = (listener: () => void) => outbox.subscribe(listener);

/** Everything of this device that the server has not taken, oldest first. */
export function usePending(): readonly Pending[] {
  return useSyncExternalStore(subscribe, () => outbox.snapshot());
}

/** How many entries of this device the server has not taken yet, in all sessions. */
export function usePendingCount(): number {
  return usePending().filter(({ refused }) => refused === null).length;
}
