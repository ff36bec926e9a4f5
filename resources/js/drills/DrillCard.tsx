import { useNavigate, useParams } from 'react-router';
import { clock } from '../app/dates';
import { newId } from '../app/outbox';
import { useBench, useDrills, useStartRun } from '../app/queries';
import type { Drill, Station } from '../app/types';
import { useUnits } from '../app/useUnits';
import {
  Button,
  ButtonLink,
  Margin,
  MarginWord,
  Notice,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Stack,
} from '../design';
import { SetOutLane } from '../lane/SetOutLane';
import { courseWords, ruleWords, stationWords } from './drillWords';

/** One drill: drawn on its lane, its rule, why it exists, and the way to start it. */
export function DrillCard() {
  const { key } = useParams();
  const drills = useDrills();
  const units = useUnits();
  const all = [...(drills.data?.own.map(({ drill }) => drill) ?? []), ...(drills.data?.library ?? [])];
  const drill = all.find((each) => each.key === key);
  if (drill === undefined) {
    return (
      <Page>
        {drills.isPending ? <p>Fetching the drill …</p> : <Notice>There is no such drill here.</Notice>}
      </Page>
    );
  }
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>{drill.name}</h1>
        <SetOutLane stations={drawn(drill)} units={units} />
        <Part>
          <h2>The rule</h2>
          <p>{ruleWords(drill, units)}</p>
          <Quiet>{courseWords(drill)}</Quiet>
          <Quiet>Stations: {drill.stations.map((station) => stationWords(station, units)).join(', ')}.</Quiet>
        </Part>
        <Part>
          <h2>Why, and what it tells</h2>
          <Said>{drill.why}</Said>
          <Said>{drill.meaning}</Said>
        </Part>
        <StartIn drill={drill} />
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>Kit</h2>
          <p>{drill.kit?.join(', ') ?? 'none'}</p>
        </MarginWord>
        <MarginWord>
          <h2>Dose</h2>
          <p>{drill.dose}</p>
        </MarginWord>
        {(drill.cautions ?? []).length > 0 && (
          <MarginWord>
            <h2>Take care</h2>
            <ul>
              {drill.cautions?.map((caution) => (
                <li key={caution}>{caution}</li>
              ))}
            </ul>
          </MarginWord>
        )}
      </Margin>
    </Page>
  );
}

/** A press for every session that is open: a drill belongs to a session and its student. */
function StartIn({ drill }: { drill: Drill }) {
  const bench = useBench();
  const start = useStartRun();
  const navigate = useNavigate();
  const open = (bench.data?.sessions ?? []).filter((session) => session.ended_at === null);
  const nameOf = (id: string | null) =>
    bench.data?.students.find((student) => student.id === id)?.name ?? 'nobody chosen yet';
  return (
    <Part>
      <h2>Start it</h2>
      {start.isError && <Notice kind="wrong">{start.error.message}</Notice>}
      {open.length === 0 ? (
        <Row>
          <Quiet>No session is open. Start one from the bench, then come back.</Quiet>
          <ButtonLink to="/">To the bench</ButtonLink>
        </Row>
      ) : (
        <Row>
          {open.map((session) => (
            <Button
              key={session.id}
              look="main"
              isPending={start.isPending}
              onPress={() =>
                start.mutate(
                  { sessionId: session.id, id: newId(), drill },
                  { onSuccess: (run) => void navigate(`/sessions/${session.id}/drill/${run.id}`) },
                )
              }
            >
              {`With ${nameOf(session.student_id)}, since ${clock(session.started_at)}`}
            </Button>
          ))}
        </Row>
      )}
    </Part>
  );
}

/** Stations as the lane draws them; a scattered one at the middle of its range. */
function drawn(drill: Drill): Station[] {
  const lengths = drill.stations.map((station) => ({
    length_m: station.length_m ?? ((station.from_m ?? 0) + (station.to_m ?? 0)) / 2,
    said: '',
    grade_percent: station.grade_percent ?? null,
  }));
  return lengths.filter(
    (station, index) =>
      lengths.findIndex(
        (other) => other.length_m === station.length_m && other.grade_percent === station.grade_percent,
      ) === index,
  );
}
