import { useNavigate, useParams } from 'react-router';
import { useDeleteDrill, useToday } from '../../api/queries';
import type { Drill, LibraryDrill } from '../../api/types';
import {
  Button,
  ButtonLink,
  InsightCard,
  MarginWord,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
} from '../../design';
import { StartSimulation } from '../../features/simulation/StartSimulation';
import { inWords, stationSlope, stationWords } from '../../lane/drillWords';
import { StationLane } from '../../lane/StationLane';
import { drawnStations, sceneryOf } from '../../lane/scenery';
import { clock } from '../../units/dates';
import { useUnits } from '../../units/useUnits';
import { useDrill } from './useDrill';

/** One drill: drawn on its lane, its rule, why it exists, and the ways to start, copy or change it. */
export function DrillPage() {
  const { key } = useParams();
  const found = useDrill(key);
  if (found.status !== 'found') {
    return <Page>{found.status === 'fetching' ? <p>Loading the drill …</p> : <Notice>{found.message}</Notice>}</Page>;
  }
  return <SessionNotes card={found.card} />;
}

function SessionNotes({ card }: { card: LibraryDrill }) {
  const { drill, own_id: ownId } = card;
  const units = useUnits();
  const drop = useDeleteDrill();
  const navigate = useNavigate();
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Title page={drill.name}>{drill.name}</Title>
        <StationLane stations={drawnStations(drill)} units={units} scenery={sceneryOf(card, units)} />
        <Part>
          <h2>How it works</h2>
          <p>{inWords(card.rule, units)}</p>
          <QuietText>{card.course}</QuietText>
          <QuietText>
            Stations:{' '}
            {drill.stations.map((station) => `${stationWords(station, units)}${stationSlope(station)}`).join('; ')}.
          </QuietText>
        </Part>
        {(drill.why !== undefined || drill.meaning !== undefined) && (
          <Part>
            <h2>Purpose</h2>
            <SentenceText>{drill.why}</SentenceText>
            <SentenceText>{drill.meaning}</SentenceText>
          </Part>
        )}
        <StartIn drill={drill} />
        <Row>
          <StartSimulation drill={drill.key} label="Try it with a simulated student" />
          {ownId === null ? (
            <ButtonLink to={`/drills/${drill.key}/copy`}>Copy and edit</ButtonLink>
          ) : (
            <>
              <ButtonLink to={`/drills/${drill.key}/change`}>Edit</ButtonLink>
              <ButtonLink to={`/drills/${drill.key}/copy`}>Copy</ButtonLink>
              <Button
                look="bare"
                isPending={drop.isPending}
                onPress={() => drop.mutate(ownId, { onSuccess: () => void navigate('/drills') })}
              >
                Delete
              </Button>
            </>
          )}
        </Row>
        {drop.isError && <Notice kind="wrong">{drop.error.message}</Notice>}
      </Stack>
      <InsightCard notes={[]}>
        <MarginWord>
          <h2>Equipment</h2>
          <p>{card.kit.length === 0 ? 'none' : card.kit.map(({ words }) => words).join(', ')}</p>
        </MarginWord>
        <MarginWord>
          <h2>Results</h2>
          <ul>
            {card.finds.map((label) => (
              <li key={label}>{label}</li>
            ))}
          </ul>
        </MarginWord>
        {(drill.progression ?? []).length > 0 && (
          <MarginWord>
            <h2>Progression</h2>
            <ol>
              {drill.progression?.map(({ says }) => (
                <li key={says}>{says}</li>
              ))}
            </ol>
            <p>A level is {card.steps_words}.</p>
          </MarginWord>
        )}
        {drill.dose !== undefined && (
          <MarginWord>
            <h2>Balls</h2>
            <p>{drill.dose}</p>
          </MarginWord>
        )}
        {(drill.cautions ?? []).length > 0 && (
          <MarginWord>
            <h2>Safety</h2>
            <ul>
              {drill.cautions?.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </MarginWord>
        )}
      </InsightCard>
    </Page>
  );
}

/** A way to every session that is open: a drill belongs to a session and its student. */
function StartIn({ drill }: { drill: Drill }) {
  const today = useToday();
  const open = (today.data?.sessions ?? []).filter((session) => session.ended_at === null);
  const nameOf = (id: string | null) =>
    today.data?.students.find((student) => student.id === id)?.name ?? 'no student yet';
  return (
    <Part>
      <h2>Set up</h2>
      {open.length === 0 ? (
        <Row>
          <QuietText>No session is open. Start one from Today, then come back.</QuietText>
          <ButtonLink to="/">Go to Today</ButtonLink>
        </Row>
      ) : (
        <Row>
          {open.map((session) => (
            <ButtonLink key={session.id} look="main" to={`/sessions/${session.id}/drills/${drill.key}`}>
              {`With ${nameOf(session.student_id)}, since ${clock(session.started_at)}`}
            </ButtonLink>
          ))}
        </Row>
      )}
    </Part>
  );
}
