import { useNavigate, useParams } from 'react-router';
import { useDeleteDrill, useToday } from '../../api/queries';
import type { Drill, LibraryDrill } from '../../api/types';
import {
  Button,
  ButtonLink,
  Facts,
  Head,
  InsightCard,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
  Waiting,
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
    return (
      <Page>
        {found.status === 'fetching' ? <Waiting>Loading the drill …</Waiting> : <Notice>{found.message}</Notice>}
      </Page>
    );
  }
  return <DrillDetail card={found.card} />;
}

function DrillDetail({ card }: { card: LibraryDrill }) {
  const { drill, own_id: ownId } = card;
  const units = useUnits();
  const drop = useDeleteDrill();
  const navigate = useNavigate();
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Head>
          <Title page={drill.name}>{drill.name}</Title>
          <StartIn drill={drill} />
        </Head>
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
        <Facts
          facts={[
            ['Equipment', card.kit.length === 0 ? 'none' : card.kit.map(({ words }) => words).join(', ')],
            ['Results', card.finds.join(', ')],
            (drill.progression ?? []).length > 0 && [
              'Progression',
              <>
                {drill.progression?.map(({ says }, index) => (
                  <p key={says}>
                    {index + 1}. {says}
                  </p>
                ))}
                <p>A level is {card.steps_words}.</p>
              </>,
            ],
            drill.dose !== undefined && ['Balls', drill.dose],
            (drill.cautions ?? []).length > 0 && ['Safety', drill.cautions?.map((each) => <p key={each}>{each}</p>)],
          ]}
        />
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
  return open.length === 0 ? (
    <QuietText>Start a session from Today, then set it up there.</QuietText>
  ) : (
    <Row>
      {open.slice(0, MOST_OPEN).map((session, index) => (
        <ButtonLink
          key={session.id}
          look={index === 0 ? 'main' : 'plain'}
          to={`/sessions/${session.id}/drills/${drill.key}`}
        >
          {`Set up for ${nameOf(session.student_id)}, since ${clock(session.started_at)}`}
        </ButtonLink>
      ))}
    </Row>
  );
}

/** Sessions that are open, and offered here; of the others their own page leads here. */
const MOST_OPEN = 3;
