import { useRef, useState } from 'react';
import { ballWords } from '../balls/ballWords';
import { type KeyAct, useKeys } from '../device/useKeys';
import type { Session, Station, Stop } from '../server/types';
import { type ShownPutt, useLog } from '../server/useOutbox';
import { outsideLimits } from '../units/limits';
import type { Units } from '../units/useUnits';

/** Backstrokes offered before any was used, in metres; near whole inches and centimetres alike. */
const FIRST_BACKSTROKES = {
  feet: [6, 8, 10, 12, 14],
  metres: [15, 20, 25, 30, 35],
  paces: [6, 8, 10, 12, 14],
} as const;
const MOST_RECENT = 5;

/** The state of logging: station, backstroke kept from the last ball, the roll being entered. */
export function useRolling(session: Session, units: Units) {
  const log = useLog(session);
  const stations = [...session.stations].sort((a, b) => a.length_m - b.length_m);
  const [stationKey, setStationKey] = useState('open');
  const [backstrokeText, setBackstrokeText] = useState(() => lastBackstroke(log.putts, units));
  const [rollText, setRollText] = useState('');
  const [stop, setStop] = useState<Stop>('free');
  const [errors, setErrors] = useState<{ backstroke: string | null; roll: string | null }>({
    backstroke: null,
    roll: null,
  });
  const [opened, open] = useState<ShownPutt | null>(null);
  const rollRef = useRef<HTMLInputElement>(null);
  const backstrokeRef = useRef<HTMLInputElement>(null);
  const station: Station | null = stationKey === 'open' ? null : (stations[Number(stationKey)] ?? null);

  const logBall = (roll: number | null) => {
    const backstroke = units.read(backstrokeText, 'backstroke');
    const sentence = backstroke.error ?? outsideLimits(backstroke.metres, 'backstroke');
    const rollSentence = outsideLimits(roll, 'roll');
    setErrors({ backstroke: sentence, roll: rollSentence });
    if (sentence !== null || rollSentence !== null) {
      return;
    }
    void log.logPutt({
      backstroke_m: backstroke.metres,
      roll_m: roll,
      stop,
      target_m: station?.length_m ?? null,
      grade_percent: station?.grade_percent ?? 0,
    });
    setRollText('');
    setStop('free');
  };
  const enterRoll = () => {
    const read = units.read(rollText, 'roll');
    if (read.metres === null && (read.error !== null || stop !== 'holed')) {
      setErrors({ backstroke: null, roll: read.error ?? 'How far did it roll? Type it, or touch the lane.' });
      rollRef.current?.focus();
      return;
    }
    logBall(read.metres);
    rollRef.current?.focus();
  };
  const undoLast = () => {
    const last = log.putts.at(-1);
    if (last !== undefined) {
      void log.undo(last.id);
    }
  };
  const keys: KeyAct[] = [
    { key: 'b', does: 'go to the backstroke', act: () => selectAll(backstrokeRef.current) },
    { key: 'h', does: 'the next ball is holed', act: () => setStop('holed') },
    { key: 'e', does: 'stopped at the edge', act: () => setStop('edge') },
    { key: 'r', does: 'stopped at a rod', act: () => setStop('rod') },
    { key: 'o', does: 'stopped by something else', act: () => setStop('other') },
    { key: 'f', does: 'stopped freely', act: () => setStop('free') },
    { key: 'n', does: 'next station', act: () => setStationKey(nextStation(stationKey, stations.length)) },
    { key: 'u', does: 'undo the last ball', act: undoLast },
  ];
  useKeys(keys);
  return {
    keys,
    log,
    // On a laptop the keys go straight to the roll; on a phone that would raise its keyboard over the lane.
    hasKeys: window.matchMedia('(pointer: fine)').matches,
    stations,
    station,
    stationKey,
    chooseStation: setStationKey,
    backstrokeText,
    setBackstrokeText,
    recentBackstrokes: recentBackstrokes(log.putts, units),
    rollText,
    setRollText,
    stop,
    chooseStop: setStop,
    errors,
    opened,
    open,
    rollRef,
    backstrokeRef,
    focusRoll: () => rollRef.current?.focus(),
    enterRoll,
    touchStop: logBall,
    logHoled: () => logBall(null),
    puttsHere: log.putts.filter((putt) =>
      station === null ? putt.target_m === null : putt.target_m === station.length_m,
    ),
    words: (putt: ShownPutt) => ballWords(putt, units),
  };
}

function selectAll(field: HTMLInputElement | null): void {
  field?.focus();
  field?.select();
}

function nextStation(key: string, count: number): string {
  const next = key === 'open' ? 0 : Number(key) + 1;
  return next < count ? String(next) : 'open';
}

function lastBackstroke(putts: readonly ShownPutt[], units: Units): string {
  const last = putts.findLast((putt) => putt.backstroke_m !== null);
  return units.text(last?.backstroke_m ?? null, 'backstroke');
}

/** The backstrokes in use, shortest first; a usual set before any was. */
function recentBackstrokes(putts: readonly ShownPutt[], units: Units): string[] {
  const used = putts.flatMap((putt) =>
    putt.backstroke_m === null ? [] : [Math.round(Number(units.text(putt.backstroke_m, 'backstroke')))],
  );
  const latest = [...new Set([...used.reverse(), ...FIRST_BACKSTROKES[units.choice.unit]])].slice(
    0,
    MOST_RECENT,
  );
  return latest.sort((a, b) => a - b).map(String);
}
