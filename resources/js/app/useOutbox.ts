import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { newId, outbox, type SessionEvent, type Waiting } from './outbox';
import { keys } from './queries';
import {
  type Ball,
  type Belonging,
  NO_REMARKS,
  NOBODYS,
  NOTHING_SEEN,
  type Putt,
  type Remarks,
  type Session,
  type SetOutItem,
  type Sight,
} from './types';

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
        // What is on its way was asked before these balls were there: it must not land on top of them.
        void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
        client.setQueryData<Session>(keys.session(sessionId), (session) => session && { ...session, putts });
        void client.invalidateQueries({ queryKey: keys.stroke(sessionId) });
        void client.invalidateQueries({ queryKey: keys.runs(sessionId) });
      }),
    [client],
  );
}

/** How many entries of this device the server has not taken yet, in all sessions. */
export function useWaitingCount(): number {
  return useSyncExternalStore(
    (listener) => outbox.subscribe(listener),
    () => outbox.snapshot().length,
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
  const add = useCallback((event: SessionEvent) => outbox.add(session.id, event), [session.id]);
  const stamp = () => ({ id: newId(), at_ms: Date.now() });
  return {
    putts,
    waitingCount: waiting.filter((item) => item.refused === null).length,
    refused: waiting.filter((item) => item.refused !== null),
    /** Balls this device could not store: they live only while the page is open. */
    looseCount: waiting.filter((item) => item.is_loose === true).length,
    waiting,
    logPutt: (ball: Ball & Partial<Sight & Remarks & Belonging>) =>
      add({ ...stamp(), type: 'putt_logged', ...ball }),
    correctPutt: (puttId: string, ball: Ball & Partial<Sight & Remarks>) =>
      add({ ...stamp(), type: 'putt_corrected', putt_id: puttId, ...ball }),
    remark: (puttId: string, remarks: Remarks) =>
      add({ ...stamp(), type: 'putt_remarked', putt_id: puttId, ...remarks }),
    count: (runId: string, item: SetOutItem, name: string, count: number) =>
      add({ ...stamp(), type: 'set_out_counted', run_id: runId, item, name, count }),
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
    switch (event.type) {
      case 'putt_logged': {
        const { type: _, ...ball } = event;
        shown.set(event.id, {
          ...NOTHING_SEEN,
          ...NO_REMARKS,
          ...NOBODYS,
          ...ball,
          outcome: null,
          corrections: 0,
          isWaiting: true,
        });
        break;
      }
      case 'undone':
        shown.delete(event.event_id);
        break;
      case 'putt_remarked':
      case 'putt_corrected': {
        const before = shown.get(event.putt_id);
        if (before !== undefined) {
          const { type, putt_id: id, at_ms: _, ...said } = event;
          const isCorrection = type === 'putt_corrected';
          shown.set(id, {
            ...before,
            ...said,
            id,
            outcome: isCorrection ? null : before.outcome,
            corrections: before.corrections + (isCorrection ? 1 : 0),
            isWaiting: true,
          });
        }
        break;
      }
      case 'set_out_counted':
        break;
    }
  }
  return [...shown.values()];
}
