import { Link } from 'react-router';
import styled from 'styled-components';
import { useCheckCatalogue, useStudentChecks } from '../../api/queries';
import type { CheckKind, Checklist, ChecklistReport, CheckReport, Session } from '../../api/types';
import {
  ButtonLink,
  color,
  Head,
  Name,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  Title,
} from '../../design';
import { inWords } from '../../lane/drillWords';
import { day } from '../../units/dates';
import { firstWords } from '../../units/format';
import { type Units, useUnits } from '../../units/useUnits';
import { OfSession } from './CheckOfSession';
import { useCheckedStudent, WhoIsChecked } from './useCheckedStudent';

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { border-bottom: 1px solid ${color.rule}; }
  a { display: flex; flex-wrap: wrap; gap: 2px 12px; align-items: baseline; justify-content: space-between; padding: 10px 0; min-height: 48px; color: inherit; text-decoration: none; }
  a b { color: ${color.copper}; text-decoration: underline; text-underline-offset: 3px; }
  a:hover b { text-decoration-thickness: 2px; }
`;

const ComparedSelection = styled.div`
  display: grid; gap: ${space.l} ${space.xl}; grid-template-columns: repeat(auto-fit, minmax(min(100%, 340px), 1fr)); align-items: start;
`;

/** What can be checked of whoever is here, and what the last time found. */
export function ChecksScreen() {
  return <OfSession>{(session) => <ListOf session={session} />}</OfSession>;
}

function ListOf({ session }: { session: Session }) {
  const units = useUnits();
  const who = useCheckedStudent(session);
  const book = useCheckCatalogue();
  const checked = useStudentChecks(who.student);
  const name = who.here.find(({ student }) => student === who.student)?.name;
  const cards = book.data?.cards.filter(({ kind }) => kind !== 'routine') ?? [];
  return (
    <Page>
      <Stack>
        <Head>
          <Title page={`Checks · ${name ?? 'A session'}`}>
            {name === undefined ? 'Checks' : <Name>Check {name}</Name>}
          </Title>
          <Row>
            <ButtonLink to={`/sessions/${session.id}/stations`}>Stations</ButtonLink>
            <ButtonLink to={`/sessions/${session.id}/putt`}>Putt</ButtonLink>
          </Row>
        </Head>
        <WhoIsChecked who={who} />
        {book.isError && <Notice kind="wrong">{book.error.message}</Notice>}
        {who.student === null && <Notice>Choose the student in Check-in first. A check belongs to a student.</Notice>}
        <ComparedSelection>
          <Part>
            <h2>Measure</h2>
            <Lines>
              {book.data?.kinds.map((kind) => (
                <Measured
                  key={kind.key}
                  kind={kind}
                  session={session}
                  look={checked.data?.checks.find(({ key }) => key === kind.key)}
                  units={units}
                />
              ))}
            </Lines>
          </Part>
          <Part>
            <h2>Checklists</h2>
            <Lines>
              {cards.map((card) => (
                <LookedAt
                  key={card.key}
                  card={card}
                  session={session}
                  look={checked.data?.cards.find(({ key }) => key === card.key)}
                />
              ))}
            </Lines>
            <QuietText>
              <Link to="/checklists">Edit checklists</Link>
            </QuietText>
          </Part>
        </ComparedSelection>
      </Stack>
    </Page>
  );
}

/** Words of a result that its row has room for; its own page says all. */
const MOST_WORDS = 7;

interface MeasuredProps {
  kind: CheckKind;
  session: Session;
  look: CheckReport | undefined;
  units: Units;
}

function Measured({ kind, session, look, units }: MeasuredProps) {
  const sentence = look?.findings[0]?.sentence;
  return (
    <li>
      <Link to={`/sessions/${session.id}/checks/${kind.key}`}>
        <b>{kind.question}</b>
        {look === undefined || sentence === undefined ? (
          <QuietText>not checked yet</QuietText>
        ) : (
          <SentenceText>
            {look.session_id === session.id ? 'Today' : day(new Date(look.at_ms).toISOString())}:{' '}
            {firstWords(inWords(sentence, units), MOST_WORDS)}
          </SentenceText>
        )}
      </Link>
    </li>
  );
}

function LookedAt({ card, session, look }: { card: Checklist; session: Session; look: ChecklistReport | undefined }) {
  const seen = look?.points.filter(({ sight }) => sight !== null) ?? [];
  const attention = seen.filter(({ sight }) => sight === 'attention');
  return (
    <li>
      <Link to={`/sessions/${session.id}/cards/${card.key}`}>
        <b>{card.title}</b>
        {seen.length === 0 ? (
          <QuietText>not checked yet</QuietText>
        ) : (
          <SentenceText>
            {attention.length === 0
              ? `${seen.length} of ${look?.points.length} points checked, all good`
              : `Attention: ${firstWords(attention.map(({ text }) => text).join('; '), MOST_WORDS)}`}
          </SentenceText>
        )}
      </Link>
    </li>
  );
}
