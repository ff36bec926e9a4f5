import { useEffect, useState } from 'react';

/** Keeps the screen on while a view is shown, where the browser allows. @returns whether it is kept on */
export function useWakeLock(): boolean {
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let isGone = false;
    const ask = async () => {
      // The browser lets go whenever the page is hidden, so it is asked again each time it is shown.
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) {
        return;
      }
      try {
        lock = await navigator.wakeLock.request('screen');
        lock.addEventListener('release', () => setHeld(false));
        if (isGone) {
          await lock.release();
        } else {
          setHeld(true);
        }
      } catch {
        // Refused, as on a low battery: the screen may dim, and nothing is lost when it does.
        setHeld(false);
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return isHeld;
}
