import { useParams } from 'react-router';
import styled from 'styled-components';
import { useRun, useSession } from '../app/queries';
import type { RunState, Session } from '../app/types';
import { type Units, useUnits } from '../app/useUnits';
import {
  Button,
  ButtonLink,
  color,
  Margin,
  MarginWord,
  Notice,
  OneOf,
  Page,
  Quiet,
  Row,
  Said,
  Stack,
  type,
} from '../design';
import { StopLane } from '../lane/StopLane';
import { Footpath } from '../session/Footpath';
import { callOutWords, courseWords, ruleWords } from './drillWords';
import { useDrillRun } from './useDrillRun';

const CALLS = [
  { value: 'short', label: 'Short' },
  { value: 'on', label: 'On' },
  { value: 'long', label: 'Long' },
] as const;

const GATES = [
  { value: 'left', label: 'Left' },
  { value: 'through', label: 'Through' },
  { value: 'right', label: 'Right' },
] as const;

const CallOutLine = styled.p`
  font: 600 2rem/1.15 ${type.serif}; text-wrap: balance;
  small { display: block; font: 400 1.05rem ${type.sans}; color: ${color.pencil}; }
`;

const PHASES = {
  ready: 'Ready for the first ball.',
  rolling: '',
  resting: 'Time for a rest: stand up, move off this spot of turf. The next ball goes on.',
  done: 'Done.',
  capped: 'The cap is reached. What was done counts; leave it there.',
} as const;

/** A drill being rolled: the next ball large, one or two touches for each, where we stand. */
export function RunScreen() {
  const { id = '', runId = '' } = useParams();
  const session = useSession(id);
  const run = useRun(id, runId);
  const units = useUnits();
  if (session.data === undefined || run.data === undefined) {
    const error = session.error ?? run.error;
    return (
      <Page>
        {error === null ? <p>Opening the drill …</p> : <Notice kind="wrong">{error.message}</Notice>}
      </Page>
    );
  }
  return (
    <>
      <Footpath session={session.data} at="roll" />
      <Running session={session.data} run={run.data} units={units} />
    </>
  );
}

function Running({ session, run, units }: { session: Session; run: RunState; units: Units }) {
  const rolling = useDrillRun(session, run);
  const { log, next } = rolling;
  return (
    <Page data-margin>
      <Stack>
        <h1>{run.drill.name}</h1>
        {log.storageError !== null && <Notice kind="wrong">{log.storageError}</Notice>}
        <CallOutLine role="status">
          {next === null
            ? PHASES[run.phase] || 'Waiting for the last balls to be counted.'
            : callOutWords(next, units)}
          {next !== null && (
            <small>
              ball {next.ball} of {run.drill.balls_per_station} here
              {PHASES[run.phase] === '' ? '' : ` · ${PHASES[run.phase]}`}
            </small>
          )}
        </CallOutLine>
        <Quiet role="status">{standing(run, log.waitingCount)}</Quiet>
        {next !== null && (
          <>
            {run.needs.includes('call') && (
              <OneOf
                label="Called before looking"
                options={CALLS}
                value={rolling.call}
                onChange={rolling.setCall}
              />
            )}
            {run.needs.includes('gate') && (
              <OneOf label="It started" options={GATES} value={rolling.gate} onChange={rolling.touchGate} />
            )}
            {run.needs.includes('hit') && (
              <Row>
                <Button look="main" onPress={() => rolling.logHit(true)}>
                  Struck
                </Button>
                <Button onPress={() => rolling.logHit(false)}>Missed</Button>
              </Row>
            )}
            {rolling.needsLane && (
              <StopLane
                target={next.length_m}
                putts={rolling.puttsHere}
                units={units}
                takesSide={rolling.takesSide}
                onStop={rolling.touchStop}
              />
            )}
            {rolling.canBeHoled && (
              <Row>
                <Button look="main" onPress={rolling.logHoled}>
                  Holed
                </Button>
                {!rolling.needsLane && run.drill.pass.kind === 'holed' && (
                  <Button onPress={rolling.logMissed}>Missed</Button>
                )}
              </Row>
            )}
            {rolling.missing !== null && <Notice kind="wrong">{rolling.missing}</Notice>}
          </>
        )}
        <Row>
          {rolling.canUndo && <Button onPress={rolling.undo}>Undo the last ball</Button>}
          <ButtonLink look={next === null ? 'main' : 'bare'} to={`/sessions/${session.id}/look-back`}>
            Look back
          </ButtonLink>
          <ButtonLink look="bare" to="/drills">
            Another drill
          </ButtonLink>
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>The rule</h2>
          <p>{ruleWords(run.drill, units)}</p>
          <p>{courseWords(run.drill)}</p>
        </MarginWord>
        {next === null && run.drill.meaning !== undefined && <Said>{run.drill.meaning}</Said>}
      </Margin>
    </Page>
  );
}

/** Where we stand, in one line. */
function standing(run: RunState, waiting: number): string {
  const parts = [
    `${run.passes} of ${run.balls} passed`,
    run.drill.on_miss === undefined || run.drill.on_miss === 'nothing'
      ? ''
      : `${run.streak} in a row, ${run.restarts} restarts`,
    run.points === null ? '' : `${run.points} points`,
    run.through_but_missed > 0 ? `${run.through_but_missed} started well but missed` : '',
    run.drill.cap.balls === undefined ? '' : `stops at ${run.drill.cap.balls} balls`,
    waiting === 0 ? '' : `${waiting} not sent yet`,
  ];
  return `${parts.filter((part) => part !== '').join(' · ')}.`;
}
