import { type KeyboardEvent, useRef, useState } from 'react';
import type { Ball, Session, Station, Stop } from '../app/types';
import { type ShownPutt, useLog } from '../app/useOutbox';
import type { Units } from '../app/useUnits';
import { outsideLimits } from '../units/limits';
import { ballWords } from './ballWords';

/** Backstrokes offered before any was used, in metres; near whole inches and centimetres alike. */
const FIRST_BACKSTROKES = {
  feet: [6, 8, 10, 12, 14],
  metres: [15, 20, 25, 30, 35],
  paces: [6, 8, 10, 12, 14],
} as const;
const MOST_RECENT = 5;

/** Letters that act while a number is being entered; numbers need none of them. */
const STOP_KEYS: Record<string, Stop> = { f: 'free', h: 'holed', e: 'edge', r: 'rod', o: 'other' };

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
      mark: null,
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
  return {
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
    words: (ball: Ball) => ballWords(ball, units),
    keyProps: {
      onKeyDown: (event: KeyboardEvent) => {
        // Letters act only where numbers are typed or nothing is: never in text, never with a modifier.
        const target = event.target as HTMLElement;
        const isNumberEntry = target === rollRef.current || target === backstrokeRef.current;
        if (event.ctrlKey || event.metaKey || event.altKey || !isNumberEntry || opened !== null) {
          return;
        }
        const act = actionFor(event.key.toLowerCase());
        if (act !== null) {
          event.preventDefault();
          act();
        }
      },
    },
  };

  function actionFor(key: string): (() => void) | null {
    const reason = STOP_KEYS[key];
    if (reason !== undefined && !/[a-z]/i.test(rollText)) {
      return () => setStop(reason);
    }
    switch (key) {
      case 'u':
        return undoLast;
      case 'b':
        return () => {
          backstrokeRef.current?.focus();
          backstrokeRef.current?.select();
        };
      case 'n':
        return () => setStationKey(nextStation(stationKey, stations.length));
      default:
        return null;
    }
  }
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
