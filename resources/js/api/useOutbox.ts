import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { applyAccepted } from './applyAccepted';
import { keys } from './keys';
import { newId, outbox, type Pending } from './outbox';
import { type ShownPutt, shownLog } from './shownLog';
import type {
  BallMeasurement,
  BallOwner,
  CheckAttempt,
  Disturbance,
  Insight,
  Observations,
  PointAnswer,
  Presence,
  Remarks,
  Session,
  SessionEvent,
  SessionPart,
  SetupItem,
  Station,
} from './types';
import { usePending } from './usePending';

export type { ShownPutt };

/** The form in which what was seen of a ball is written. */
const VERSION = 2;

/** Lets what is on screen follow what the server accepts. Use once, in the shell. */
export function useAcceptedEntries(): void {
  const client = useQueryClient();
  useEffect(() => {
    outbox.versionOf = (sessionId) => client.getQueryData<Session>(keys.session(sessionId))?.version ?? null;
    return outbox.onAccepted((accepted) => applyAccepted(client, accepted));
  }, [client]);
}

/** What is said now comes after everything known of the session, whatever this device's clock says. */
export function stampAfter(latest: number, waiting: readonly Pending[], now = Date.now()): number {
  return Math.max(now, latest + 1, ...waiting.map(({ event }) => (event?.at_ms ?? 0) + 1));
}

/** A session's balls and the ways to add to its log. */
export function useLog(session: Session) {
  const all = usePending();
  const waiting = useMemo(() => all.filter((item) => item.session_id === session.id), [all, session.id]);
  const putts = useMemo(() => shownLog(session, waiting).putts, [session, waiting]);
  const { latest_ms: latest } = session;
  const stamp = () => ({
    id: newId(),
    at_ms: stampAfter(
      latest,
      outbox.snapshot().filter(({ session_id }) => session_id === session.id),
    ),
  });
  const add = useCallback((event: SessionEvent) => outbox.add(session.id, event), [session.id]);
  return {
    putts,
    /** Any event, as it was made elsewhere. */
    add: (event: SessionEvent) => add({ ...event, ...stamp() }),
    waitingCount: waiting.filter((item) => item.refused === null).length,
    refused: waiting.filter((item) => item.refused !== null),
    /** Balls this device could not store: they live only while the page is open. */
    looseCount: waiting.filter((item) => item.is_loose === true).length,
    waiting,
    logPutt: (ball: BallMeasurement & Partial<Remarks & BallOwner>) =>
      add({ ...stamp(), type: 'putt_logged', version: VERSION, ...ball }),
    correctPutt: (puttId: string, ball: BallMeasurement & Partial<Remarks>) =>
      add({ ...stamp(), type: 'putt_corrected', version: VERSION, putt_id: puttId, ...ball }),
    /** Mark and cause are said anew; answers are laid over what was seen. */
    remark: (puttId: string, remarks: Remarks, seen: Observations = {}) =>
      add({ ...stamp(), type: 'putt_remarked', version: VERSION, putt_id: puttId, ...remarks, seen }),
    count: (runId: string, item: SetupItem, name: string, count: number) =>
      add({ ...stamp(), type: 'set_out_counted', run_id: runId, item, name, count }),
    setStation: (station: Omit<Station, 'id'>) =>
      add({ ...stamp(), type: 'station_set', station_id: newId(), ...station }),
    /** The same station with another slope across it. */
    slopeStation: ({ id, ...station }: Station, across_percent: number) =>
      add({ ...stamp(), type: 'station_set', station_id: id, ...station, across_percent }),
    removeStation: (stationId: string) => add({ ...stamp(), type: 'station_removed', station_id: stationId }),
    noteCondition: (condition: string, isSeen: boolean) =>
      add({ ...stamp(), type: 'condition_noted', condition, is_seen: isSeen }),
    dismissInsight: (note: Insight, reason: string | null) =>
      add({
        ...stamp(),
        type: 'note_set_aside',
        key: note.key,
        evidence: note.stamp === '' ? null : note.stamp,
        reason,
        is_aside: true,
      }),
    /** A ball was really another's; null for whoever the session was begun for. */
    give: (puttId: string, student: string | null) => add({ ...stamp(), type: 'putt_given', putt_id: puttId, student }),
    noteCompany: (student: string, standing: Presence) => add({ ...stamp(), type: 'company_noted', student, standing }),
    joinRun: (runId: string, student: string, station: number) =>
      add({ ...stamp(), type: 'run_joined', run_id: runId, student, station }),
    endRun: (runId: string) => add({ ...stamp(), type: 'run_ended', run_id: runId }),
    chooseReading: (readingId: string | null) => add({ ...stamp(), type: 'reading_chosen', reading_id: readingId }),
    /** One try at a check; null for whoever the session was begun for. */
    tryCheck: (check: string, student: string | null, answers: CheckAttempt['answers']) =>
      add({ ...stamp(), type: 'check_tried', check, student, answers }),
    seePoint: (card: string, point: string, student: string | null, sight: PointAnswer | null, word: string | null) =>
      add({ ...stamp(), type: 'card_point_seen', card, point, student, sight, word }),
    beginPart: (part: SessionPart) => add({ ...stamp(), type: 'part_begun', part }),
    noteDisturbance: (disturbance: Disturbance, isOn: boolean) =>
      add({ ...stamp(), type: 'disturbance_noted', disturbance, is_on: isOn }),
    undo: (eventId: string) => add({ ...stamp(), type: 'undone', event_id: eventId }),
    tryAgain: (order: number) => outbox.tryAgain(order),
    discard: (order: number) => outbox.discard(order),
  };
}
