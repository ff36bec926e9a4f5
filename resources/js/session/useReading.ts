import { useState } from 'react';
import { fieldError } from '../server/api';
import { newId } from '../server/outbox';
import { type ReadingDraft, useKeepReading } from '../server/queries';
import type { ReadingEntries, ReadingMethod, Session, TimedRoll } from '../server/types';

export type Direction = 1 | 2;

/** The reading being taken in a session: what is put down so far, and what the server makes of it. */
export function useReading(session: Session) {
  const standing = session.reading;
  const own = standing?.session_id === session.id ? standing : null;
  const [id] = useState(() => own?.id ?? newId());
  const [method, setMethod] = useState<ReadingMethod>(own?.method ?? 'ramp');
  const [entries, setEntries] = useState<ReadingEntries>(own?.entries ?? {});
  const [estimate, setEstimate] = useState(
    own?.entries.speed_ft === undefined ? '' : String(own.entries.speed_ft),
  );
  const [estimateError, setEstimateError] = useState<string | null>(null);
  const keep = useKeepReading(session.id);

  const send = (next: ReadingEntries, as: ReadingMethod) => {
    setEntries(next);
    const count = [next.direction_1_m, next.direction_2_m, next.direction_1, next.direction_2]
      .flat()
      .filter((roll) => roll !== undefined).length;
    if (as === 'unknown' || as === 'estimated' || count > 0) {
      keep.mutate({ id, method: as, ...next } satisfies ReadingDraft);
    }
  };
  const errors = keep.isError ? keep.error : null;
  return {
    method,
    entries,
    estimate,
    isOwn: own !== null,
    shown: standing,
    failure:
      errors !== null && Object.keys((errors as { fields?: object }).fields ?? {}).length === 0
        ? errors.message
        : null,
    setEstimate,
    errorAt: (field: string) => (field === 'speed_ft' ? estimateError : null) ?? fieldError(errors, field),
    choose: (as: ReadingMethod) => {
      setMethod(as);
      keep.reset();
      if (as === 'unknown') {
        send({}, as);
      }
    },
    keepEstimate: () => {
      const feet = Number(estimate.trim().replace(',', '.'));
      if (estimate.trim() === '') {
        setEstimateError(null);
        return;
      }
      if (Number.isNaN(feet)) {
        setEstimateError(`“${estimate.trim()}” is not a green speed. Type 9.5, say, in feet.`);
        return;
      }
      setEstimateError(null);
      send({ speed_ft: feet }, 'estimated');
    },
    keepRamp: (direction: Direction, metres: number[]) =>
      send(
        {
          direction_1_m: entries.direction_1_m ?? [],
          direction_2_m: entries.direction_2_m ?? [],
          [`direction_${direction}_m`]: metres,
        },
        'ramp',
      ),
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

export type ReadingWork = ReturnType<typeof useReading>;
