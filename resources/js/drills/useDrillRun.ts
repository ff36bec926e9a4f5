import { useState } from 'react';
import type { Sight } from '../app/outbox';
import type { CallOut, RunState, Session, Stop } from '../app/types';
import { useLog } from '../app/useOutbox';

type Call = NonNullable<Sight['call']>;
type Gate = NonNullable<Sight['gate']>;

/** The state of rolling a drill: what the next ball is, and what has been seen of it so far. */
export function useDrillRun(session: Session, run: RunState) {
  const log = useLog(session);
  const [call, setCall] = useState<Call | null>(null);
  const [gate, setGate] = useState<Gate | null>(null);
  const [missing, setMissing] = useState<string | null>(null);
  const undone = new Set(
    log.waiting.flatMap(({ event }) => (event.type === 'undone' ? [event.event_id] : [])),
  );
  const ownWaiting = log.waiting
    .map(({ event }) => event)
    .filter((event) => event.type === 'putt_logged' && event.run_id === run.id && !undone.has(event.id));
  const waiting = ownWaiting.length;
  // While balls wait, the server's own call-outs laid out ahead say what comes next, as far as they are certain.
  const next: CallOut | null = waiting === 0 ? run.next : (run.ahead[waiting] ?? null);
  const canBeHoled = ['hole', 'ring', 'rail'].includes(run.drill.target);
  const needsLane = run.needs.includes('roll_m');

  const roll = (metres: number | null, stop: Stop, sight: Sight) => {
    if (next === null) {
      return;
    }
    if (run.needs.includes('call') && call === null) {
      setMissing('Call it first: short, on or long.');
      return;
    }
    const seenGate = sight.gate ?? gate;
    if (run.needs.includes('gate') && seenGate === null) {
      setMissing('Say how it started: left, through or right.');
      return;
    }
    setMissing(null);
    setCall(null);
    setGate(null);
    void log.logPutt({
      backstroke_m: null,
      roll_m: metres,
      stop,
      target_m: next.length_m,
      grade_percent: run.drill.stations[next.station]?.grade_percent ?? 0,
      mark: null,
      run_id: run.id,
      ...(call === null ? {} : { call }),
      ...(seenGate === null ? {} : { gate: seenGate }),
      ...sight,
    });
  };
  const lastId = ownWaiting.at(-1)?.id ?? run.last_putt_id;
  const canUndo = lastId !== null && !undone.has(lastId);
  return {
    log,
    next,
    call,
    setCall,
    gate,
    needsLane,
    canBeHoled,
    missing,
    canUndo,
    puttsHere: log.putts.filter((putt) => putt.target_m === next?.length_m),
    takesSide: run.needs.includes('side_m'),
    touchStop: (metres: number, side: number | null) =>
      roll(metres, 'free', side === null ? {} : { side_m: side }),
    logHoled: () => roll(null, 'holed', {}),
    // Only what was looked at is noted: where such a ball stopped stays unknown.
    logMissed: () => roll(null, 'unseen', {}),
    logHit: (hit: boolean) => roll(null, 'unseen', { hit }),
    /** A gate alone is the whole ball; where a length is asked too, the lane comes after it. */
    touchGate: (seen: Gate) => (needsLane ? setGate(seen) : roll(null, 'unseen', { gate: seen })),
    undo: () => lastId !== null && void log.undo(lastId),
  };
}
