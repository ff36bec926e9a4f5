import { useState } from 'react';
import styled from 'styled-components';
import { useStudentChecks } from '../../api/queries';
import type { Checklist, ChecklistAnswer, ChecklistReport, PointAnswer, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  ButtonLink,
  color,
  Entry,
  Head,
  Notice,
  OneOf,
  Page,
  QuietText,
  Stack,
  space,
  Title,
  wide,
} from '../../design';
import { day } from '../../units/dates';
import { OutboxNotices } from '../balls/OutboxNotices';
import { FromCatalogue, OfSession } from './CheckOfSession';
import { useCheckedStudent, WhoIsChecked } from './useCheckedStudent';

const Points = styled.ol`
  margin: 0; padding: 0; list-style: none; counter-reset: point;
  & > li { display: grid; gap: ${space.s}; padding: 12px 0; border-bottom: 1px solid ${color.rule}; counter-increment: point; }
  ${wide} { & > li { grid-template-columns: minmax(0, 1fr) auto; align-items: center; & > :nth-child(n + 3) { grid-column: 1 / -1; } } }
  h2 { font-size: 1.1rem; }
  h2::before { content: counter(point) '. '; color: ${color.pencil}; }
`;

/** One card looked at point by point: a touch each. */
export function ChecklistScreen() {
  return (
    <OfSession>
      {(session) => (
        <FromCatalogue what="card" find={({ cards }, key) => cards.find((each) => each.key === key)}>
          {(card) => <CardOf session={session} card={card} />}
        </FromCatalogue>
      )}
    </OfSession>
  );
}

function CardOf({ session, card }: { session: Session; card: Checklist }) {
  const who = useCheckedStudent(session);
  const log = useLog(session);
  const looks = useStudentChecks(who.student);
  const look = looks.data?.cards.find(({ key }) => key === card.key);
  // What this student's school does not look at is not asked.
  const points =
    look === undefined ? card.points : card.points.filter(({ key }) => look.points.some((each) => each.key === key));
  return (
    <Page>
      <Stack>
        <Head>
          <Title page={`${card.title} · ${session.student?.name ?? 'A session'}`}>{card.title}</Title>
          <ButtonLink to={`/sessions/${session.id}/checks`}>All checks</ButtonLink>
        </Head>
        <OutboxNotices log={log} words={() => ''} />
        <WhoIsChecked who={who} />
        {who.student === null && <Notice>Choose the student in Check-in first. A check belongs to a student.</Notice>}
        <Points>
          {points.map((point) => (
            <PointOf
              key={`${who.student} ${point.key}`}
              point={point}
              sight={session.checklist_answers.find(
                (each) => each.student === who.student && each.card === card.key && each.point === point.key,
              )}
              last={look?.points.find(({ key }) => key === point.key)}
              sessionId={session.id}
              onSee={(sight, word) => void log.seePoint(card.key, point.key, who.said, sight, word)}
            />
          ))}
        </Points>
      </Stack>
    </Page>
  );
}

const SIGHTS = [
  { value: 'good', label: 'Good' },
  { value: 'attention', label: 'Attention' },
  { value: 'none', label: 'Not checked' },
] as const;

interface PointOfProps {
  point: Checklist['points'][number];
  sight: ChecklistAnswer | undefined;
  last: ChecklistReport['points'][number] | undefined;
  sessionId: string;
  onSee: (sight: PointAnswer | null, word: string | null) => void;
}

function PointOf({ point, sight, last, sessionId, onSee }: PointOfProps) {
  const [word, setWord] = useState(sight?.word ?? '');
  const kept = (text: string) => (text.trim() === '' ? null : text.trim());
  return (
    <li>
      <h2>{point.times === null || point.times === 0 ? point.text : `${point.text}, ${point.times}`}</h2>
      <OneOf
        label={point.text}
        isLabelHidden
        options={SIGHTS}
        value={sight?.sight ?? 'none'}
        onChange={(value) => onSee(value === 'none' ? null : value, value === 'none' ? null : kept(word))}
      />
      {sight?.sight === 'attention' && (
        <Entry
          label={`Note on: ${point.text}`}
          value={word}
          onChange={setWord}
          onBlur={() => kept(word) !== sight.word && onSee('attention', kept(word))}
          maxLength={200}
          hint="Which side, and how much. You see it at the next session."
        />
      )}
      <Before last={last} sessionId={sessionId} />
    </li>
  );
}

/** How the point looked the time before. */
function Before({ last, sessionId }: { last: PointOfProps['last']; sessionId: string }) {
  if (last === undefined || last.sight === null || last.at_ms === null) {
    return null;
  }
  const isToday = last.session_id === sessionId;
  const before = isToday ? last.before : last.sight;
  return before === null ? null : (
    <QuietText>
      {isToday ? 'Last time' : `On ${day(new Date(last.at_ms).toISOString())}`}:{' '}
      {before === 'good' ? 'good' : `attention${!isToday && last.word !== null ? `, ${last.word}` : ''}`}.
    </QuietText>
  );
}
