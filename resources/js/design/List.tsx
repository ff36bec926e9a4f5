import styled from 'styled-components';
import { color, narrow, space } from './theme';

/** Rows of one thing each: its name and one line, then its figure or its action. */
export const List = styled.ul`
  list-style: none; margin: 0; padding: 0;
  & > li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px ${space.m}; align-items: center; min-height: 64px; padding: 8px 0; border-bottom: 1px solid ${color.rule}; }
  & > li[data-now] { background: ${color.copperWash}; margin: 0 -${space.m}; padding: 12px ${space.m}; border: 0; }
  & > li > a:first-child, & > li strong a { color: inherit; text-decoration: none; }
  & > li > a:first-child { align-self: stretch; display: grid; align-content: center; }
  small { display: block; font-size: 0.95rem; color: ${color.pencil}; }
  strong { overflow-wrap: anywhere; }
  ${narrow} { & > li > div { justify-content: flex-end; } }
`;
