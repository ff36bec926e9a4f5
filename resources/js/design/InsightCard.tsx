import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { Entry } from './Entry';
import { Row, Stack } from './layout';
import { SheetButton } from './SheetButton';
import { color, space, type } from './theme';
import { useFirst } from './useFirst';

const Column = styled.aside`
  display: grid; gap: ${space.l}; align-content: start; min-width: 0;
  border-left: 2px solid ${color.copper}; padding-left: ${space.m};
  font: 400 1.02rem/1.5 ${type.serif};
  &:empty { display: none; }
`;

const InsightText = styled.article`
  display: grid; gap: ${space.xs};
  p:first-child { font-weight: 600; }
  button { justify-self: start; padding: 0; min-height: 40px; font: 400 0.95rem ${type.sans}; }
`;

/** A note of the rules: what they see, what it rests on, what to try. */
export interface InsightRow {
  key: string;
  /** What its evidence was, so that it can be put away until that changes; empty for one that cannot. */
  stamp: string;
  seen: string;
  evidence: string;
  try: string | null;
  other_way: string | null;
  refuted_by: string | null;
}

interface InsightCardProps<Note extends InsightRow> {
  notes: readonly Note[];
  /** Puts a note away, with the coach's reason if there is one. */
  onDismiss?: (note: Note, reason: string | null) => void;
  /** What a note rests on, to be opened. */
  evidenceOf?: (note: Note) => ReactNode;
  children?: ReactNode;
}

/** So many insights are in sight at first, the most pressing of them. */
const MOST = 2;

/** The right-hand column: what the rules see and what to try; why, and what would disprove it, one touch away. */
export function InsightCard<Note extends InsightRow>({
  notes,
  onDismiss,
  evidenceOf,
  children,
}: InsightCardProps<Note>) {
  const { shown, more } = useFirst(notes, MOST);
  return (
    <Column aria-label="Insights">
      {shown.map((note) => (
        <InsightText key={note.key}>
          <p>{note.seen}</p>
          {note.try !== null && <p>{note.try}</p>}
          <Row $gap="m">
            <SheetButton look="bare" label="Why?" name={`Why: ${note.seen}`} title={note.seen}>
              {() => (
                <Stack $gap="s">
                  <p>{note.evidence}</p>
                  {note.try !== null && <p>{note.try}</p>}
                  {note.other_way !== null && <p>Or: {note.other_way}</p>}
                  {note.refuted_by !== null && <p>What would disprove it: {lowerFirst(note.refuted_by)}</p>}
                  {evidenceOf?.(note)}
                </Stack>
              )}
            </SheetButton>
            {onDismiss !== undefined && note.stamp !== '' && <DismissInsight note={note} onDismiss={onDismiss} />}
          </Row>
        </InsightText>
      ))}
      {more}
      {children}
    </Column>
  );
}

/** Put away at once, or with a reason that is kept; it comes back when its evidence has changed. */
function DismissInsight<Note extends InsightRow>({
  note,
  onDismiss,
}: {
  note: Note;
  onDismiss: NonNullable<InsightCardProps<Note>['onDismiss']>;
}) {
  const [isAsked, ask] = useState(false);
  const [reason, setReason] = useState('');
  const dismiss = () => onDismiss(note, reason.trim() === '' ? null : reason.trim());
  return isAsked ? (
    <>
      <Entry label="Reason (optional)" value={reason} onChange={setReason} onEnter={dismiss} autoFocus />
      <Button look="bare" onPress={dismiss} aria-label={`Dismiss: ${note.seen}`}>
        Dismiss until this changes
      </Button>
    </>
  ) : (
    <Button look="bare" onPress={() => ask(true)} aria-label={`Dismiss: ${note.seen}`}>
      Dismiss
    </Button>
  );
}

function lowerFirst(sentence: string): string {
  return `${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}`;
}

/** A note the screen itself leaves beside the insights: a caution, last time's reminder. */
export const MarginWord = styled.div`
  display: grid; gap: ${space.xs};
  h2 { font-size: 1.02rem; }
  ul { margin: 0; padding-left: 1.1em; }
  li { margin-bottom: 6px; }
`;
