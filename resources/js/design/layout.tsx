import styled from 'styled-components';
import { color, narrow, space, type, wide } from './theme';

/** Seen by nobody, read by those who listen. */
export const Unseen = styled.span`
  position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap;
`;

/** A screen's working area, with the insights beside it on a laptop and below it on a phone. */
export const Page = styled.main.attrs({ id: 'work' })`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.l}; padding: ${space.m}; max-width: 1240px; margin: 0 auto;
  ${wide} { padding: ${space.l}; &[data-margin] { grid-template-columns: minmax(0, 1fr) 270px; gap: ${space.xl}; } }
`;

export const Stack = styled.div<{ $gap?: keyof typeof space }>`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${({ $gap = 'm' }) => space[$gap]}; min-width: 0; align-content: start;
`;

export const Row = styled.div<{ $gap?: keyof typeof space }>`
  display: flex; flex-wrap: wrap; gap: ${({ $gap = 's' }) => space[$gap]}; align-items: center;
`;

/** A screen's title with its main action beside it, in view without scrolling. */
export const Head = styled.div`
  display: flex; flex-wrap: wrap; align-items: center; justify-content: space-between; gap: ${space.s} ${space.m};
`;

/** Two equal columns where there is room for them. */
export const Columns = styled.div`
  display: grid; gap: ${space.l}; grid-template-columns: repeat(auto-fit, minmax(min(100%, 260px), 1fr)); align-items: start;
`;

/** A part of a notebook page: a heading on a ruled line. */
export const Part = styled.section`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.m}; align-content: start; min-width: 0;
  & > h2 { padding-bottom: ${space.xs}; border-bottom: 1.5px solid ${color.rule}; }
`;

export const QuietText = styled.p`
  color: ${color.pencil}; font-size: 0.95rem; max-width: 62ch;
`;

export const Figure = styled.span`
  font: 700 2.6rem/1.1 ${type.sans}; letter-spacing: -0.01em;
  small { font-size: 1.15rem; font-weight: 400; letter-spacing: 0; }
`;

export const SentenceText = styled.p`
  font: italic 400 1.05rem/1.5 ${type.serif}; color: ${color.ink}; max-width: 60ch;
`;

/** Tables that scroll sideways inside themselves rather than push the page. */
export const TableFrame = styled.div`
  overflow-x: auto;
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-weight: 400; color: ${color.pencil}; font-size: 0.95rem; padding: 6px 12px 6px 0; vertical-align: bottom; }
  td, tbody th { padding: 9px 12px 9px 0; border-top: 1px solid ${color.rule}; color: ${color.ink}; font-size: 1.0625rem; }
  td { vertical-align: baseline; }
  tbody th { font-weight: 700; vertical-align: baseline; overflow-wrap: anywhere; }
  ${narrow} { [data-wide] { display: none; } td, tbody th { padding-right: 8px; } }
`;
