import styled from 'styled-components';
import { color, narrow, space, wide } from './theme';

/**
 * Rows of one thing each: its name and one line, then its figure or its action. On a laptop a list of many has name
 * and line side by side.
 */
export const List = styled.ul`
  list-style: none; margin: 0; padding: 0;
  & > li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px ${space.m}; align-items: center; min-height: 64px; padding: 8px 0; border-bottom: 1px solid ${color.rule}; }
  & > li[data-now] { background: ${color.copperWash}; margin: 0 -${space.m}; padding: 12px ${space.m}; border: 0; }
  & > li > a:first-child, & > li strong a { color: inherit; text-decoration: none; }
  & > li > a:first-child { align-self: stretch; display: grid; align-content: center; }
  small { display: block; font-size: 0.95rem; color: ${color.pencil}; }
  strong { overflow-wrap: anywhere; }
  ${narrow} { & > li > div { justify-content: flex-end; } }
  ${wide} {
    &[data-many] > li { min-height: 44px; padding: 0; }
    &[data-many] > li > a:first-child, &[data-many] > li > span:first-child { display: grid; grid-template-columns: minmax(0, 2fr) minmax(0, 3fr); gap: ${space.m}; align-items: center; min-height: 44px; }
    &[data-many] button { min-height: 44px; }
  }
`;
