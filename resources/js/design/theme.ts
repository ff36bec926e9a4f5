import { createGlobalStyle } from 'styled-components';

/**
 * The one place that owns colours, sizes, spacing and type.
 *
 * Colours are custom properties so that the evening theme is a swap of values, not of styles.
 * Every ink on paper below has a contrast of at least 7:1 where it carries meaning.
 */
export const color = {
  paper: 'var(--paper)',
  leaf: 'var(--leaf)',
  ink: 'var(--ink)',
  pencil: 'var(--pencil)',
  rule: 'var(--rule)',
  edge: 'var(--edge)',
  copper: 'var(--copper)',
  copperWash: 'var(--copper-wash)',
  onCopper: 'var(--on-copper)',
  turf: 'var(--turf)',
  turfDeep: 'var(--turf-deep)',
  turfInk: 'var(--turf-ink)',
  short: 'var(--short)',
  on: 'var(--on)',
  long: 'var(--long)',
  warn: 'var(--warn)',
  warnWash: 'var(--warn-wash)',
  focus: 'var(--focus)',
} as const;

export const type = {
  sans: "'Amble Figures', 'Atkinson Hyperlegible', system-ui, sans-serif",
  serif: "'Source Serif 4', Georgia, serif",
} as const;

export const space = { xs: '4px', s: '8px', m: '16px', l: '24px', xl: '40px' } as const;

/** Smallest touch target on the grass. */
export const touch = '48px';

/** In ems, so that large text on a laptop is laid out as on a phone. */
const PHONE = '(max-width: 37.4em)';

export const wide = '@media (min-width: 56.25em)';
export const narrow = `@media ${PHONE}`;

/** Whether there is only a phone's room now. */
export function isNarrow(): boolean {
  return window.matchMedia(PHONE).matches;
}

export const GlobalStyle = createGlobalStyle`
  :root {
    --paper: #f7f4ec; --leaf: #fffdf7; --ink: #1d2220; --pencil: #424a46; --rule: #d8d1bf; --edge: #77725f;
    --copper: #7d3f17; --copper-wash: #f3e3d3; --on-copper: #fffaf2;
    --turf: #d3dec1; --turf-deep: #b4c79c; --turf-ink: #24351d;
    --short: #1f4f73; --on: #1d2220; --long: #85310f;
    --warn: #7c2413; --warn-wash: #f7e2da; --focus: #1f4f73;
    --person-1: #1d2220; --person-2: #1f4f73; --person-3: #85310f; --person-4: #5a2a72; --person-5: #0b5345; --person-6: #5c4a00;
    color-scheme: light;
  }
  :root[data-theme='evening'] {
    --paper: #191d1c; --leaf: #222826; --ink: #f0ebdf; --pencil: #cbc7ba; --rule: #3b423f; --edge: #8d9089;
    --copper: #e9a877; --copper-wash: #3a2c21; --on-copper: #21150c;
    --turf: #2c3a29; --turf-deep: #3d5038; --turf-ink: #dfe9d2;
    --short: #9cc7e6; --on: #f0ebdf; --long: #f0ab85;
    --warn: #f3a893; --warn-wash: #41241d; --focus: #9cc7e6;
    --person-1: #f0ebdf; --person-2: #9cc7e6; --person-3: #f0ab85; --person-4: #d7b3ee; --person-5: #8fd6c0; --person-6: #e2cd7a;
    color-scheme: dark;
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { -webkit-text-size-adjust: 100%; }
  body {
    margin: 0; background: ${color.paper}; color: ${color.ink};
    font: 400 1.0625rem/1.45 ${type.sans}; font-variant-numeric: tabular-nums; overflow-wrap: break-word;
  }
  h1, h2, h3 { font-family: ${type.serif}; font-weight: 600; line-height: 1.2; margin: 0; text-wrap: balance; }
  h1 { font-size: 1.85rem; ${narrow} { font-size: 1.4rem; } }
  h2 { font-size: 1.3rem; }
  h3 { font-size: 1.1rem; }
  p { margin: 0; }
  a { color: ${color.copper}; text-underline-offset: 3px; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${color.focus}; outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { animation: none !important; transition: none !important; } }
  @page { margin: 12mm; }
  @media print { nav, header { display: none !important; } body { background: #fff; } }
`;
