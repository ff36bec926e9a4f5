import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Session } from '../../api/types';
import { remember, resumeStateOf } from '../../device/resumeState';
import { useDevice } from './useDevice';

/** What the sensor is on, and which ball of them is next. */
interface Sensed {
  session: Session;
  student: string | null;
  target: number | null;
  grade: number;
  /** Id of the last ball; null before there is one. */
  last: string | null;
}

/** A stroke sensor that reads the next ball, while it is on; it stays on for this session on this device. */
export function useSensor({ session, student, target, grade, last }: Sensed) {
  const device = useDevice('stroke_sensor');
  const [isTurnedOn, setOn] = useState(() => resumeStateOf(session.id).sensor === true);
  const isOn = isTurnedOn && device !== null;
  const read = useQuery({
    queryKey: ['sensor', session.id, last, target, student],
    queryFn: () =>
      (device ?? noDevice()).read({
        student,
        target_m: target,
        speed_m: session.reading?.speed_m ?? null,
        along_percent: grade,
      }),
    enabled: isOn,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const figures = read.data?.readings[0];
  return {
    /** Null where no sensor is at hand. */
    label: device?.label ?? null,
    isOn,
    turn: (on: boolean) => {
      setOn(on);
      remember(session.id, { sensor: on });
    },
    /** Why nothing was read; null while nothing is wrong. */
    problem: isOn && read.isError ? read.error.message : null,
    measured: isOn && figures !== undefined ? { figures, source: read.data?.source ?? '' } : null,
  };
}

export type Sensor = ReturnType<typeof useSensor>;

function noDevice(): never {
  throw new Error('No stroke sensor is connected.');
}
