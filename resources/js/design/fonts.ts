import text from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff2?url';
import boldText from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-700-normal.woff2?url';
import textAccents from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-400-normal.woff2?url';
import boldTextAccents from '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-700-normal.woff2?url';
import figures from '@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff2?url';
import boldFigures from '@fontsource/source-sans-3/files/source-sans-3-latin-700-normal.woff2?url';
import italic from '@fontsource/source-serif-4/files/source-serif-4-latin-400-italic.woff2?url';
import serif from '@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff2?url';
import heading from '@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff2?url';
import serifAccents from '@fontsource/source-serif-4/files/source-serif-4-latin-ext-400-normal.woff2?url';
import headingAccents from '@fontsource/source-serif-4/files/source-serif-4-latin-ext-600-normal.woff2?url';

/** Letters of western Europe, and signs. */
const LATIN =
  'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+0304,U+0308,U+0329,U+2000-206F,U+20AC,U+2122,U+2191,U+2193,U+2212,U+2215,U+FEFF,U+FFFD';
/** Further accents, for names of people: fetched where one is met. */
const ACCENTS =
  'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF';
/** Figures alone: their zero is plain, and they stand in columns. */
const DIGITS = 'U+0030-0039';

const FACES = [
  ['Amble Figures', '400', figures, DIGITS, 'normal'],
  ['Amble Figures', '700', boldFigures, DIGITS, 'normal'],
  ['Atkinson Hyperlegible', '400', text, LATIN, 'normal'],
  ['Atkinson Hyperlegible', '400', textAccents, ACCENTS, 'normal'],
  ['Atkinson Hyperlegible', '700', boldText, LATIN, 'normal'],
  ['Atkinson Hyperlegible', '700', boldTextAccents, ACCENTS, 'normal'],
  ['Source Serif 4', '400', serif, LATIN, 'normal'],
  ['Source Serif 4', '400', serifAccents, ACCENTS, 'normal'],
  ['Source Serif 4', '400', italic, LATIN, 'italic'],
  ['Source Serif 4', '600', heading, LATIN, 'normal'],
  ['Source Serif 4', '600', headingAccents, ACCENTS, 'normal'],
] as const;

/** What the first screen is written in. */
const FIRST = ["400 1em 'Atkinson Hyperlegible'", "700 1em 'Atkinson Hyperlegible'", "600 1em 'Source Serif 4'"];
/** What later ones are. */
const LATER = ["400 1em 'Source Serif 4'", "italic 400 1em 'Source Serif 4'", "400 1em 'Amble Figures'"];

const LATER_MS = 1500;

const load = (faces: readonly string[]) => Promise.allSettled(faces.map((face) => document.fonts.load(face, 'A0')));

let loaded: Promise<unknown> | null = null;

/**
 * Makes the typefaces known, each fetched when a letter of its range is drawn, and fetches those of the first screen.
 * Called before anything is drawn: they come while the first screen is made.
 *
 * @returns settles once those are there, or cannot be had
 */
export function loadFonts(): Promise<unknown> {
  if (loaded === null) {
    for (const [family, weight, file, unicodeRange, style] of FACES) {
      document.fonts.add(new FontFace(family, `url(${file})`, { weight, style, unicodeRange, display: 'swap' }));
    }
    loaded = load(FIRST);
    // What the first screen asks of the server goes first.
    void loaded.then(() => setTimeout(() => load(LATER), LATER_MS));
  }
  return loaded;
}

/** Whether the typefaces of the first screen are there. */
export function hasFonts(): boolean {
  return FIRST.every((face) => document.fonts.check(face));
}
