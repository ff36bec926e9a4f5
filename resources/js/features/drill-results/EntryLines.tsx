import { Link } from 'react-router';
import styled from 'styled-components';
import type { HomeworkEntry } from '../../api/types';
import { color, Part, type } from '../../design';
import { clock, day } from '../../units/dates';

const Lines = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { padding: 8px 0; border-bottom: 1px solid ${color.rule}; overflow-wrap: anywhere; }
  time { color: ${color.pencil}; font-size: 0.95rem; }
  em { font: italic 400 1.05rem/1.4 ${type.serif}; }
`;

interface EntryLinesProps {
  /** In any order; each once. */
  entries: readonly HomeworkEntry[];
  /** What the student is called here, and the coach. */
  mine: string;
  others: string;
  /** Whether what was rolled ball by ball can be looked at from here. */
  hasSessions?: boolean;
}

/** What was done, asked and answered, the latest first. */
export function EntryLines({ entries, mine, others, hasSessions = false }: EntryLinesProps) {
  const each = [...new Map(entries.map((entry) => [entry.id, entry])).values()].sort((a, b) => b.at_ms - a.at_ms);
  return each.length === 0 ? null : (
    <Part>
      <h2>So far</h2>
      <Lines>
        {each.map(({ id, kind, at_ms, balls, passes, text, session_id }) => {
          const at = new Date(at_ms).toISOString();
          return (
            <li key={id}>
              <time dateTime={at}>
                {day(at)}, {clock(at)}
              </time>
              :{' '}
              {kind === 'done' ? (
                <>
                  {mine} counted {passes} of {balls} successful{text === null ? '.' : `: ${text}.`}{' '}
                  {session_id !== null && hasSessions && (
                    <Link to={`/sessions/${session_id}/review`}>See the balls</Link>
                  )}
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
