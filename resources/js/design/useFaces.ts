import { useEffect, useState } from 'react';

/** What the first screen is written in. */
const FACES = [
  "400 1em 'Atkinson Hyperlegible'",
  "700 1em 'Atkinson Hyperlegible'",
  "400 1em 'Source Serif 4'",
  "italic 400 1em 'Source Serif 4'",
  "600 1em 'Source Serif 4'",
  "400 1em 'Amble Figures'",
];
/** On a slow network the screen comes first. */
const LONGEST_MS = 800;

/**
 * Whether the typefaces are there, or have been waited for long enough: lines that wrap anew when a face arrives
 * move what stands below them, and a button that moves under a finger loses its touch.
 */
export function useFaces(): boolean {
  const [isReady, setReady] = useState(() => FACES.every((face) => document.fonts.check(face)));
  useEffect(() => {
    const ready = () => setReady(true);
    const longest = setTimeout(ready, LONGEST_MS);
    void Promise.allSettled(FACES.map((face) => document.fonts.load(face, 'A0'))).then(ready);
    return () => clearTimeout(longest);
  }, []);
  return isReady;
}
