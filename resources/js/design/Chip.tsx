import { css } from 'styled-components';
import { color, touch } from './theme';

/** The look of everything that is chosen by a touch: one of few, any of few, on or off. */
export const chip = css`
  position: relative; display: inline-flex; align-items: center; justify-content: center; gap: 8px; min-width: ${touch}; min-height: ${touch}; padding: 0 14px;
  cursor: pointer; border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf}; color: ${color.ink};
  font: inherit; overflow-wrap: anywhere;
  /* An inner line instead of a thicker border: nothing moves when it is chosen. */
  &[data-selected] { border-color: ${color.ink}; box-shadow: inset 0 0 0 1.5px ${color.ink}; font-weight: 700; background: ${color.copperWash}; }
  &[data-pressed] { filter: brightness(0.93); }
  &[data-disabled] { opacity: 0.55; cursor: default; }
  &[data-focus-visible] { outline: 3px solid ${color.focus}; outline-offset: 2px; }
  @media (forced-colors: active) { &[data-selected] { outline: 3px solid Highlight; } }
`;
