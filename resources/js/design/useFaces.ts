import { useEffect, useState } from 'react';
import { hasFonts, loadFonts } from './fonts';

/** On a slow network the screen comes first. */
const LONGEST_MS = 300;

/**
 * Whether the typefaces are there, or have been waited for long enough: lines that wrap anew when a face arrives
 * move what stands below them, and a button that moves under a finger loses its touch.
 */
export function useFaces(): boolean {
  const [isReady, setReady] = useState(hasFonts);
  useEffect(() => {
    const ready = () => setReady(true);
    const longest = setTimeout(ready, LONGEST_MS);
    void loadFonts().then(ready);
    return () => clearTimeout(longest);
  }, []);
  return isReady;
}
