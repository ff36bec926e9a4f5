import { useCallback, useEffect, useRef, useState } from 'react';

/** Beats are put to the sound card this far ahead, so that a busy page does not make them stumble, seconds. */
const AHEAD_S = 0.15;
const LOOK_MS = 40;
const CLICK_S = 0.05;

/** Pitches of the beat back and the beat to the ball, Hz: told apart with closed eyes. */
const PITCH = { back: 660, ball: 990 } as const;

type Side = keyof typeof PITCH;

/**
 * A metronome on the audio clock (as in Wilson, "A tale of two clocks", 2013: a timer looks ahead, the
 * audio clock keeps time). Where there is no sound, the clock still drives what is seen.
 *
 * @param bpm beats a minute
 */
export function useMetronome(bpm: number, isSilent: boolean) {
  const [count, setCount] = useState<number | null>(null);
  const [held, setHeld] = useState<number | null>(null);
  const audio = useRef<AudioContext | null>(null);
  const setting = useRef({ bpm, isSilent });
  setting.current = { bpm, isSilent };
  const timers = useRef(new Set<ReturnType<typeof setTimeout>>());
  const holding = useRef<ReturnType<typeof setTimeout>[]>([]);
  const run = useRef<{ next: number; beat: number } | null>(null);

  const later = useCallback((milliseconds: number, act: () => void) => {
    const timer = setTimeout(() => {
      timers.current.delete(timer);
      act();
    }, milliseconds);
    timers.current.add(timer);
    return timer;
  }, []);

  const clock = useCallback((): AudioContext => {
    audio.current ??= new AudioContext();
    void audio.current.resume();
    return audio.current;
  }, []);

  const click = useCallback((at: number, side: Side) => {
    const context = audio.current;
    if (context === null || setting.current.isSilent) {
      return;
    }
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = PITCH[side];
    volume.gain.setValueAtTime(0.4, at);
    volume.gain.exponentialRampToValueAtTime(0.001, at + CLICK_S);
    tone.connect(volume).connect(context.destination);
    tone.start(at);
    tone.stop(at + CLICK_S);
  }, []);

  const stop = useCallback(() => {
    run.current = null;
    setCount(null);
  }, []);

  const start = useCallback(() => {
    // Two clocks, one origin: the page's own tells when to draw what the audio clock will sound.
    const context = clock();
    const origin = performance.now() / 1000;
    const heardFrom = context.currentTime;
    const mine = { next: 0.1, beat: 0 };
    run.current = mine;
    const look = () => {
      if (run.current !== mine) {
        return;
      }
      const now = performance.now() / 1000 - origin;
      while (mine.next < now + AHEAD_S) {
        const { beat, next } = mine;
        click(heardFrom + next, sideOf(beat));
        later((next - now) * 1000, () => run.current === mine && setCount(beat));
        mine.beat += 1;
        mine.next += 60 / setting.current.bpm;
      }
      later(LOOK_MS, look);
    };
    look();
  }, [clock, click, later]);

  /** Counts so many beats from now, as for holding still after the strike. */
  const hold = useCallback(
    (beats: number) => {
      const context = clock();
      holding.current.forEach(clearTimeout);
      const from = context.currentTime;
      holding.current = Array.from({ length: beats + 1 }, (_, beat) => {
        const wait = (beat * 60) / setting.current.bpm;
        if (beat < beats) {
          click(from + wait, 'ball');
        }
        return later(wait * 1000, () => setHeld(beat < beats ? beat + 1 : null));
      });
    },
    [clock, click, later],
  );

  useEffect(
    () => () => {
      run.current = null;
      timers.current.forEach(clearTimeout);
      void audio.current?.close();
    },
    [],
  );

  return {
    isRunning: count !== null,
    /** Which beat was last, from 0; null while it stands still. */
    count,
    side: count === null ? null : sideOf(count),
    /** How far the hold is counted; null while none is. */
    held,
    start,
    stop,
    hold,
  };
}

function sideOf(beat: number): Side {
  return beat % 2 === 0 ? 'back' : 'ball';
}
