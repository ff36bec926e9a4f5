import { useState } from 'react';
import { newId } from '../../api/outbox';
import { type ReadingDraft, useSaveMeasurement } from '../../api/queries';
import type { MeasurementEntries, MeasurementMethod, Session, TimedRoll } from '../../api/types';
import { usePending } from '../../api/usePending';
import { announce } from '../../device/announce';
import type { Units } from '../../units/useUnits';

export type Direction = 1 | 2;

const METHOD = 'amble-reading-method';

/** How the coach measured last: most measure every green alike. */
function usualMethod(): MeasurementMethod {
  const kept = localStorage.getItem(METHOD);
  return kept === 'stopwatch' || kept === 'estimated' ? kept : 'ramp';
}

/** The reading being taken in a session: what is put down so far, and what the server makes of it. */
export function useMeasurementEntry(session: Session, units: Units) {
  const own = session.own_measurement;
  const refused = useRefusedReading(session.id);
  const [newReading] = useState(newId);
  const [chosen, setMethod] = useState<MeasurementMethod | null>(null);
  const [estimate, setEstimate] = useState<string | null>(null);
  const [estimateError, setEstimateError] = useState<string | null>(null);
  const keep = useSaveMeasurement(session.id);
  const { id: _, method: __, taken_at_ms: ___, ...tried } = refused?.body ?? {};
  const entries = (refused === null ? (own?.entries ?? {}) : tried) as MeasurementEntries;
  const method = chosen ?? own?.method ?? usualMethod();
  const estimated = entries.speed_ft === undefined ? '' : units.speedText(entries.speed_ft * 0.3048);

  const send = (next: MeasurementEntries, as: MeasurementMethod) => {
    const draft: ReadingDraft = {
      id: own?.id ?? String(refused?.body.id ?? newReading),
      method: as,
      ...next,
    };
    void keep(draft);
    localStorage.setItem(METHOD, as);
  };
  return {
    method,
    entries,
    estimate: estimate ?? estimated,
    setEstimate,
    isOwn: own !== null && session.reading?.id === own.id,
    errorAt: (field: string) => (field === 'speed_ft' ? estimateError : null) ?? refused?.fields[field] ?? null,
    choose: (as: MeasurementMethod) => {
      setMethod(as);
      if (as === 'unknown') {
        send({}, as);
      }
    },
    keepEstimate: () => {
      const typed = estimate ?? estimated;
      const metres = units.readSpeed(typed);
      if (typed.trim() === '') {
        setEstimateError(null);
        return;
      }
      if (metres === null) {
        const wrong = `“${typed.trim()}” is not a green speed. Type ${units.speedText(2.9)}, say, in ${units.speedSuffix === 'm' ? 'metres' : 'feet'}.`;
        setEstimateError(wrong);
        announce(wrong);
        return;
      }
      setEstimateError(null);
      send({ speed_ft: metres / 0.3048 }, 'estimated');
    },
    keepRamp: (direction: Direction, metres: number[]) =>
      send(
        {
          direction_1_m: entries.direction_1_m ?? [],
          direction_2_m: entries.direction_2_m ?? [],
          [`direction_${direction}_m`]: metres,
          ...(entries.read_by === undefined ? {} : { read_by: entries.read_by }),
        },
        'ramp',
      ),
    /** With rolls that a device read among them. */
    fillRamp: (there: number[], back: number[], source: string) =>
      send({ direction_1_m: there, direction_2_m: back, read_by: source }, 'ramp'),
    keepTimed: (direction: Direction, rolls: TimedRoll[]) =>
      send(
        {
          direction_1: entries.direction_1 ?? [],
          direction_2: entries.direction_2 ?? [],
          [`direction_${direction}`]: rolls,
        },
        'stopwatch',
      ),
  };
}

export type ReadingWork = ReturnType<typeof useMeasurementEntry>;

/** What the server would not take of this session's reading, with the sentences for its fields; null for nothing. */
function useRefusedReading(sessionId: string) {
  const waiting = usePending();
  const item = waiting.findLast(
    ({ write, refused }) => refused !== null && write?.path === `sessions/${sessionId}/green-speed`,
  );
  return item?.write === undefined ? null : { body: item.write.body, fields: item.fields ?? {} };
}
