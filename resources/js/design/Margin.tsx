import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { color, space, type } from './theme';

/** A pencil note as the rules wrote it. */
export interface MarginNote {
  key: string;
  seen: string;
  evidence: string;
  try: string | null;
  otherWay: string | null;
}

/** At most this many notes are shown; the rules put the most pressing first. */
const MOST_NOTES = 3;

const Column = styled.aside`
  display: grid; gap: ${space.l}; align-content: start; min-width: 0;
  border-left: 2px solid ${color.copper}; padding-left: ${space.m};
  font: 400 1.02rem/1.5 ${type.serif};
  &:empty { display: none; }
`;

const Pencil = styled.article`
  display: grid; gap: ${space.xs};
  p:first-child { font-weight: 600; }
  p + p { font-style: italic; color: ${color.pencil}; }
  button { justify-self: start; padding: 0; min-height: 40px; font: 400 0.95rem ${type.sans}; }
`;

interface MarginProps {
  notes: readonly MarginNote[];
  onSetAside?: (key: string) => void;
  children?: ReactNode;
}

/** The right-hand column: what the rules see, what it rests on, what to try. */
export function Margin({ notes, onSetAside, children }: MarginProps) {
  return (
    <Column aria-label="Margin notes">
      {notes.slice(0, MOST_NOTES).map((note) => (
        <Pencil key={note.key}>
          <p>{note.seen}</p>
          <p>{note.evidence}</p>
          {note.try !== null && <p style={{ fontStyle: 'normal' }}>{note.try}</p>}
          {note.otherWay !== null && <p style={{ fontStyle: 'normal' }}>Or: {note.otherWay}</p>}
          {onSetAside !== undefined && (
            <Button look="bare" onPress={() => onSetAside(note.key)} aria-label={`Set aside: ${note.seen}`}>
              Set aside
            </Button>
          )}
        </Pencil>
      ))}
      {children}
    </Column>
  );
}

/** A note the screen itself leaves in the margin: a caution, last time's reminder. */
export const MarginWord = styled.div`
  display: grid; gap: ${space.xs};
  h2 { font-size: 1.02rem; }
  ul { margin: 0; padding-left: 1.1em; }
  li { margin-bottom: 6px; }
`;
