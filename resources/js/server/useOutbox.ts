import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import { newId, outbox } from './outbox';
import { keys } from './queries';
import { type ShownPutt, shownLog } from './shownLog';
import type {
  Ball,
  Belonging,
  MarginNote,
  Remarks,
  Seen,
  Session,
  SessionEvent,
  SetOutItem,
  Station,
} from './types';

export type { ShownPutt };

/** The form in which what was seen of a ball is written. */
const VERSION = 2;

/** Lets the session on screen follow what the server accepts. Use once, in the shell. */
export function useAcceptedEvents(): void {
  const client = useQueryClient();
  useEffect(
    () =>
      outbox.onAccepted((sessionId, log) => {
        // What is on its way was asked before these balls were there: it must not land on top of them.
        void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
        client.setQueryData<Session>(keys.session(sessionId), (session) => session && { ...session, ...log });
        void client.invalidateQueries({ queryKey: keys.session(sessionId), exact: true });
        void client.invalidateQueries({ queryKey: keys.stroke(sessionId) });
        // What drills found, and where they begin next time, rests on these balls too.
        void client.invalidateQueries({ queryKey: keys.found });
        void client.invalidateQueries({ queryKey: keys.setOut });
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

function useWaiting(sessionId: string) {
  const all = useSyncExternalStore(
    (listener) => outbox.subscribe(listener),
    () => outbox.snapshot(),
  );
  return useMemo(() => all.filter((item) => item.session_id === sessionId), [all, sessionId]);
}

/** A session with what waits laid over its card. */
export function useShownSession(session: Session): Session {
  const waiting = useWaiting(session.id);
  return useMemo(() => {
    const { stations, conditions, set_aside } = shownLog(session, waiting);
    return { ...session, stations, conditions, set_aside };
  }, [session, waiting]);
}

const stamp = () => ({ id: newId(), at_ms: Date.now() });

/** A session's balls and the ways to add to its log. */
export function useLog(session: Session) {
  const waiting = useWaiting(session.id);
  const putts = useMemo(() => shownLog(session, waiting).putts, [session, waiting]);
  const add = useCallback((event: SessionEvent) => outbox.add(session.id, event), [session.id]);
  return {
    putts,
    waitingCount: waiting.filter((item) => item.refused === null).length,
    refused: waiting.filter((item) => item.refused !== null),
    /** Balls this device could not store: they live only while the page is open. */
    looseCount: waiting.filter((item) => item.is_loose === true).length,
    waiting,
    logPutt: (ball: Ball & Partial<Remarks & Belonging>) =>
      add({ ...stamp(), type: 'putt_logged', version: VERSION, ...ball }),
    correctPutt: (puttId: string, ball: Ball & Partial<Remarks>) =>
      add({ ...stamp(), type: 'putt_corrected', version: VERSION, putt_id: puttId, ...ball }),
    /** Mark and cause are said anew; answers are laid over what was seen. */
    remark: (puttId: string, remarks: Remarks, seen: Seen = {}) =>
      add({ ...stamp(), type: 'putt_remarked', version: VERSION, putt_id: puttId, ...remarks, seen }),
    count: (runId: string, item: SetOutItem, name: string, count: number) =>
      add({ ...stamp(), type: 'set_out_counted', run_id: runId, item, name, count }),
    setStation: (station: Omit<Station, 'id' | 'across_percent'>) =>
      add({ ...stamp(), type: 'station_set', station_id: newId(), ...station }),
    removeStation: (stationId: string) => add({ ...stamp(), type: 'station_removed', station_id: stationId }),
    noteCondition: (condition: string, isSeen: boolean) =>
      add({ ...stamp(), type: 'condition_noted', condition, is_seen: isSeen }),
    setAside: (note: MarginNote, reason: string | null) =>
      add({
        ...stamp(),
        type: 'note_set_aside',
        key: note.key,
        evidence: note.stamp === '' ? null : note.stamp,
        reason,
        is_aside: true,
      }),
    undo: (eventId: string) => add({ ...stamp(), type: 'undone', event_id: eventId }),
    discard: (order: number) => outbox.discard(order),
  };
}
