import { useEffect, useRef, useState } from 'react';

/** A stopwatch: the first press starts it, the second stops it and says the seconds. */
export function useStopwatch() {
  const started = useRef<number | null>(null);
  const [seconds, setSeconds] = useState(0);
  const [isRunning, setRunning] = useState(false);
  useEffect(() => {
    if (!isRunning) {
      return;
    }
    let frame = 0;
    const tick = () => {
      setSeconds((performance.now() - (started.current ?? performance.now())) / 1000);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [isRunning]);
  return {
    seconds,
    isRunning,
    /** @returns seconds when this press stopped it, null when it started it */
    press: (): number | null => {
      if (isRunning && started.current !== null) {
        const taken = (performance.now() - started.current) / 1000;
        setRunning(false);
        setSeconds(taken);
        return taken;
      }
      started.current = performance.now();
      setSeconds(0);
      setRunning(true);
      return null;
    },
    reset: () => {
      setRunning(false);
      setSeconds(0);
    },
  };
}
