import { useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { newId, outbox } from '../../api/outbox';
import { nextStep, useChangeSession, useSaveMeasurement, useStartRun } from '../../api/queries';
import type { Session, SessionEvent, SimulationStep } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { announce } from '../../device/announce';
import { remember, resumeStateOf } from '../../device/resumeState';
import { inWords } from '../../lane/drillWords';
import { useUnits } from '../../units/useUnits';

export type Pace = 'walk' | 'brisk' | 'at once';

/** Between two steps, milliseconds: to look at what was done, and to read what is seen for the first time. */
const BETWEEN: Record<Pace, { act: number; look: number }> = {
  walk: { act: 2200, look: 6500 },
  brisk: { act: 800, look: 3000 },
  'at once': { act: 30, look: 30 },
};

const POLL_MS = 60;

/** The walk of one simulated session: it asks what comes next, goes there, does it, and stops whenever a hand takes over. */
export function useSimulation(session: Session) {
  const units = useUnits();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [isOn, turn] = useState(() => resumeStateOf(session.id).walk?.isOn !== false);
  const [pace, setPace] = useState<Pace>('walk');
  const [said, say] = useState<string | null>(null);
  const [isOver, setOver] = useState(session.ended_at !== null);
  const [problem, setProblem] = useState<string | null>(null);
  const doStep = useDoing(session);
  const hand = useRef({ doStep, path: null as string | null, units, pathname });
  hand.current.doStep = doStep;
  hand.current.units = units;
  hand.current.pathname = pathname;
  const setOn = (on: boolean) => {
    turn(on);
    remember(session.id, { walk: { ...resumeStateOf(session.id).walk, isOn: on } });
  };

  // Gone elsewhere by hand: it waits there until it is told to go on.
  useEffect(() => {
    const { path } = hand.current;
    if (path !== null && pathname !== path) {
      hand.current.path = null;
      turn(false);
    }
  }, [pathname]);

  useEffect(() => {
    if (!isOn || isOver) {
      return;
    }
    let isStopped = false;
    const rest = async (ms: number) => {
      for (let left = ms; left > 0 && !isStopped; left -= POLL_MS) {
        await pause(Math.min(left, POLL_MS));
      }
    };
    const walk = async () => {
      while (!isStopped) {
        while (!isStopped && isWaiting(session.id)) {
          await pause(POLL_MS);
        }
        const { seen = [], drill = null } = resumeStateOf(session.id).walk ?? {};
        const step = isStopped ? null : await nextStep(session.id, drill, seen);
        if (isStopped) {
          return;
        }
        if (step === null) {
          setOver(true);
          say('The simulated session is complete. Look around: every record is where it would be for a real student.');
          return;
        }
        const words = inWords(step.says, hand.current.units);
        say(words);
        announce(words);
        const path = pathOf(session.id, step);
        if (path !== hand.current.pathname) {
          hand.current.path = null;
          await navigate(path);
          await rest(BETWEEN[pace].act);
        }
        hand.current.path = path;
        if (isStopped) {
          return;
        }
        const isLook = await hand.current.doStep(step);
        if (isLook) {
          remember(session.id, { walk: { ...resumeStateOf(session.id).walk, seen: [...seen, step.key] } });
        }
        await rest(BETWEEN[pace][isLook ? 'look' : 'act']);
      }
    };
    setProblem(null);
    walk().catch((error: unknown) => {
      setProblem(error instanceof Error ? error.message : 'The simulation failed.');
      turn(false);
    });
    return () => {
      isStopped = true;
    };
  }, [isOn, isOver, pace, session.id, navigate]);

  return { isOn, turn: setOn, pace, setPace, said, isOver, problem };
}

/** Does what a step says, the way a hand on the screens would: through the outbox. */
function useDoing(session: Session) {
  const log = useLog(session);
  const keep = useSaveMeasurement(session.id);
  const change = useChangeSession(session.id);
  const { mutateAsync: start } = useStartRun();
  const latest = useRef(session);
  latest.current = session;
  /** @returns whether there was nothing to do but to look */
  return async (step: SimulationStep): Promise<boolean> => {
    for (const event of step.events) {
      const run = step.place === 'drill' && step.run_id !== null ? { run_id: step.run_id } : {};
      await log.add({ ...event, ...run } as unknown as SessionEvent);
    }
    if (step.ramp !== null) {
      const [direction_1_m = [], direction_2_m = []] = step.ramp;
      const id = latest.current.own_measurement?.id ?? newId();
      await keep({ id, method: 'ramp', direction_1_m, direction_2_m, read_by: 'simulated' });
    }
    if (step.drill !== null) {
      await start({ sessionId: session.id, id: newId(), drill: step.drill, students: [] });
    }
    if (step.notes !== null) {
      await change({ note_for_student: step.notes.for_student });
      await change({ note_for_next: step.notes.for_next });
    }
    if (step.ends) {
      await change({ ended: true });
    }
    return step.events.length === 0 && step.ramp === null && step.drill === null && step.notes === null && !step.ends;
  };
}

function pathOf(sessionId: string, { place, run_id }: SimulationStep): string {
  return `/sessions/${sessionId}/${place === 'drill' ? `drill/${run_id}` : place}`;
}

function isWaiting(sessionId: string): boolean {
  return outbox.snapshot().some(({ session_id, refused }) => session_id === sessionId && refused === null);
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => {
    setTimeout(resolve, ms);
  });
}
