import styled from 'styled-components';
import { color, Part, type } from '../design';
import type { HomeEntry } from '../server/types';
import { clock, day } from '../units/dates';

const Lines = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { padding: 8px 0; border-bottom: 1px solid ${color.rule}; overflow-wrap: anywhere; }
  time { color: ${color.pencil}; font-size: 0.95rem; }
  em { font: italic 400 1.05rem/1.4 ${type.serif}; }
`;

interface EntryLinesProps {
  /** In any order; each once. */
  entries: readonly HomeEntry[];
  /** What the student is called here, and the coach. */
  mine: string;
  others: string;
}

/** What was done, asked and answered, the latest first. */
export function EntryLines({ entries, mine, others }: EntryLinesProps) {
  const each = [...new Map(entries.map((entry) => [entry.id, entry])).values()].sort(
    (a, b) => b.at_ms - a.at_ms,
  );
  return each.length === 0 ? null : (
    <Part>
      <h2>So far</h2>
      <Lines>
        {each.map(({ id, kind, at_ms, balls, passes, text }) => {
          const at = new Date(at_ms).toISOString();
          return (
            <li key={id}>
              <time dateTime={at}>
                {day(at)}, {clock(at)}
              </time>
              :{' '}
              {kind === 'done' ? (
                <>
                  {mine} counted {passes} of {balls} as they should.
                </>
              ) : (
                <>
                  {kind === 'question' ? mine : others}: <em>{text}</em>
                </>
              )}
            </li>
          );
        })}
      </Lines>
    </Part>
  );
}
