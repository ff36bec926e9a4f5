import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { newId, outbox, type SessionEvent, type Sight, type Waiting } from './outbox';
import { keys } from './queries';
import type { Ball, Putt, Session } from './types';

/** A ball as shown: what the server has, with what still waits laid over it. */
export interface ShownPutt extends Putt {
  /** Whether anything about it has not reached the server yet. */
  isWaiting: boolean;
}

/** Lets the session on screen follow what the server accepts. Use once, in the shell. */
export function useAcceptedEvents(): void {
  const client = useQueryClient();
  useEffect(
    () =>
      outbox.onAccepted((sessionId, putts) => {
        client.setQueryData<Session>(keys.session(sessionId), (session) => session && { ...session, putts });
        void client.invalidateQueries({ queryKey: keys.stroke(sessionId) });
        void client.invalidateQueries({ queryKey: keys.runs(sessionId) });
      }),
    [client],
  );
}

/** A session's balls and the ways to add to its log. */
export function useLog(session: Session) {
  const all = useSyncExternalStore(
    (listener) => outbox.subscribe(listener),
    () => outbox.snapshot(),
  );
  const waiting = useMemo(() => all.filter((item) => item.session_id === session.id), [all, session.id]);
  const putts = useMemo(() => shownPutts(session.putts, waiting), [session.putts, waiting]);
  const [storageError, setStorageError] = useState<string | null>(null);
  const add = useCallback(
    async (event: SessionEvent): Promise<void> => {
      try {
        await outbox.add(session.id, event);
        setStorageError(null);
      } catch (error) {
        setStorageError(error instanceof Error ? error.message : String(error));
      }
    },
    [session.id],
  );
  const stamp = () => ({ id: newId(), at_ms: Date.now() });
  return {
    putts,
    waitingCount: waiting.filter((item) => item.refused === null).length,
    refused: waiting.filter((item) => item.refused !== null),
    storageError,
    waiting,
    logPutt: (ball: Ball & Sight) => add({ ...stamp(), type: 'putt_logged', ...ball }),
    correctPutt: (puttId: string, ball: Ball) =>
      add({ ...stamp(), type: 'putt_corrected', putt_id: puttId, ...ball }),
    undo: (eventId: string) => add({ ...stamp(), type: 'undone', event_id: eventId }),
    discard: (order: number) => outbox.discard(order),
  };
}

/** Lays waiting events over the server's balls, so that the screen never waits for the network. */
export function shownPutts(putts: readonly Putt[], waiting: readonly Waiting[]): ShownPutt[] {
  const shown = new Map<string, ShownPutt>(putts.map((putt) => [putt.id, { ...putt, isWaiting: false }]));
  for (const { event, refused } of waiting) {
    if (refused !== null) {
      continue;
    }
    if (event.type === 'putt_logged') {
      const { type: _, ...ball } = event;
      shown.set(event.id, {
        ...ball,
        side_m: ball.side_m ?? null,
        outcome: null,
        corrections: 0,
        isWaiting: true,
      });
    } else if (event.type === 'undone') {
      shown.delete(event.event_id);
    } else {
      const before = shown.get(event.putt_id);
      if (before !== undefined) {
        const { type: _, putt_id: id, at_ms: __, ...ball } = event;
        shown.set(id, {
          ...before,
          ...ball,
          id,
          outcome: null,
          corrections: before.corrections + 1,
          isWaiting: true,
        });
      }
    }
  }
  return [...shown.values()];
}
