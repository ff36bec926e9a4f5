import { useState } from 'react';
import styled from 'styled-components';
import { BallList } from '../balls/BallList';
import { BallSheet } from '../balls/BallSheet';
import { ballWords } from '../balls/ballWords';
import { OutboxNotices } from '../balls/OutboxNotices';
import { BackstrokeRow } from '../balls/Wheel';
import {
  ButtonLink,
  color,
  Margin,
  MarginWord,
  narrow,
  Page,
  Quiet,
  Row,
  Said,
  Stack,
  space,
  type,
  wide,
} from '../design';
import { KeySheet } from '../device/KeySheet';
import { useKeys } from '../device/useKeys';
import { useWakeLock } from '../device/useWakeLock';
import { callOutWords, inWords } from '../lane/drillWords';
import { useBench } from '../server/queries';
import type { RunState, Session } from '../server/types';
import type { ShownPutt } from '../server/useOutbox';
import { type Units, useUnits } from '../units/useUnits';
import { AboutBall } from './AboutBall';
import { Clearing } from './Clearing';
import { GroupRow } from './GroupRow';
import { Outcome } from './Outcome';
import { PhaseBand } from './PhaseBand';
import { Results } from './Results';
import { runKeys } from './runKeys';
import { Tempo } from './Tempo';
import { type Rolling, standing, useDrillRun } from './useDrillRun';

const Title = styled.h1`
  font-size: 1.2rem;
  ${narrow} { font-size: 1.05rem; }
`;

const CallOutLine = styled.p`
  font: 600 2.5rem/1.1 ${type.serif}; text-wrap: balance; min-height: 1.1em;
  small { display: block; margin-top: 2px; font: 400 1.05rem ${type.sans}; color: ${color.pencil}; }
`;

/** The call-out, with the state of the drill beside it where there is room, above it on a phone. */
const Top = styled.div`
  display: grid; gap: ${space.s}; align-items: center;
  & > div:first-child { display: grid; gap: ${space.s}; }
  & > [data-phase] { order: -1; }
  ${wide} { grid-template-columns: minmax(300px, 1fr) minmax(280px, 380px); gap: ${space.l}; & > [data-phase] { order: 0; } }
`;

const Work = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.m}; align-items: start;
  ${narrow} { gap: ${space.s}; }
  ${wide} { grid-template-columns: minmax(300px, 1fr) minmax(280px, 380px); gap: ${space.l}; }
`;

interface RunningProps {
  session: Session;
  run: RunState;
}

/** The next ball large, one or two touches for each, where we stand. */
export function Running({ session, run }: RunningProps) {
  const units = useUnits();
  const rolling = useDrillRun(session, run);
  const isAwake = useWakeLock();
  const bench = useBench();
  const [opened, open] = useState<ShownPutt | null>(null);
  const { log, next, ahead, progress } = rolling;
  const keys = runKeys(run, rolling);
  useKeys(keys);
  const names = new Map((bench.data?.students ?? []).map(({ id, name }) => [id, name]));
  const words = (putt: ShownPutt) =>
    `${putt.student === null ? '' : `${names.get(putt.student) ?? 'Somebody'}: `}${ballWords(putt, units)}`;
  const isOver = ahead.status === 'over';
  const isGentle =
    rolling.group.length === 0
      ? (session.student?.is_gentle ?? false)
      : (bench.data?.students ?? []).some(({ id, is_gentle }) => is_gentle && rolling.group.includes(id));
  return (
    <Page data-margin>
      <Stack>
        <Title>{run.drill.name}</Title>
        <OutboxNotices log={log} words={words} />
        {rolling.group.length > 0 && <GroupRow rolling={rolling} run={run} names={names} />}
        <Top>
          <div>
            {!isOver && (
              <CallOutLine role="status" data-callout>
                {next === null ? 'Waiting for the network' : callOutWords(next, units)}
                <small>
                  {next === null
                    ? 'All that was laid out ahead is rolled. It is kept here and counted when the network is back.'
                    : nextWords(run, rolling, units)}
                </small>
              </CallOutLine>
            )}
            {progress !== null && (
              <Quiet role="status">
                {standing(run, progress, isGentle)}
                {log.waitingCount > 0 && ` ${log.waitingCount} not sent yet.`}
              </Quiet>
            )}
          </div>
          {progress !== null && (
            <PhaseBand
              progress={progress}
              drill={run.drill}
              isWaiting={rolling.unseenCount > 0 || ahead.status === 'waiting'}
              units={units}
            />
          )}
        </Top>
        {!isOver && (
          <Work>
            {next !== null && (
              <Stack $gap="s">
                {rolling.asksBackstroke && (
                  <BackstrokeRow rolling={rolling} putts={log.putts} units={units} />
                )}
                <Outcome rolling={rolling} run={run} target={next.length_m} units={units} />
              </Stack>
            )}
            <AboutBall
              rolling={rolling}
              words={words}
              putOut={run.drill.putt_out ?? 'none'}
              judges={run.judges}
            />
          </Work>
        )}
        {isOver && <Results run={run} progress={progress} isGentle={isGentle} names={names} units={units} />}
        {isOver && <Clearing run={run} rolling={rolling} />}
        {isOver && rolling.last !== null && (
          <AboutBall
            rolling={rolling}
            words={words}
            putOut={run.drill.putt_out ?? 'none'}
            judges={run.judges}
          />
        )}
        <Row>
          <ButtonLink look={isOver ? 'main' : 'bare'} to={`/sessions/${session.id}/look-back`}>
            Look back
          </ButtonLink>
          <ButtonLink look={isOver ? 'plain' : 'bare'} to={`/drills?session=${session.id}`}>
            Another drill
          </ButtonLink>
          <ButtonLink look="bare" to={`/sessions/${session.id}/drills/${run.drill.key}`}>
            {isOver ? 'This one again' : 'How it is set out'}
          </ButtonLink>
          <ButtonLink look="bare" to="/">
            The bench
          </ButtonLink>
        </Row>
        {!isOver && (
          <Tempo
            student={session.student}
            rehearsals={rolling.rehearsals}
            onRehearsals={rolling.setRehearsals}
          />
        )}
        <BallList putts={rolling.balls} words={words} onOpen={open} />
        <Row>
          <KeySheet keys={keys} />
          {isAwake && <Quiet>This screen stays on while you roll.</Quiet>}
        </Row>
      </Stack>
      <Margin notes={[]}>
        <MarginWord>
          <h2>The rule</h2>
          <p>{inWords(run.rule, units)}</p>
          <p>{run.course_words}</p>
        </MarginWord>
        {run.drill.dose !== undefined && !isOver && (
          <MarginWord>
            <h2>Dose</h2>
            <p>{run.drill.dose}</p>
          </MarginWord>
        )}
        {isOver && run.drill.meaning !== undefined && <Said>{run.drill.meaning}</Said>}
      </Margin>
      {opened !== null && (
        <BallSheet
          key={opened.id}
          sessionId={session.id}
          putt={opened}
          units={units}
          onKeep={(ball) => {
            rolling.correct(opened, ball);
            open(null);
          }}
          onStrike={() => {
            rolling.strike(opened);
            open(null);
          }}
          onClose={() => open(null)}
        />
      )}
    </Page>
  );
}

/** What counts of the next ball, and which one it is. */
function nextWords(run: RunState, { next, ahead, progress }: Rolling, units: Units): string {
  const counts = { length: 'length counts', line: 'the start line counts', both: 'line and length count' }[
    run.axis
  ];
  const parts = [
    `ball ${next?.ball ?? ''} of ${run.drill.balls_per_station} here`,
    ['shuffled', 'blocked_then_shuffled'].includes(run.drill.order ?? '') ? 'shuffled' : '',
    progress?.step_m == null
      ? ''
      : `${run.drill.aid === undefined ? 'within' : 'gate'} ${units.show(progress.step_m, 'width')} now`,
    !run.judges ? 'measured, not judged' : run.drill.pass.kind === 'past_only' ? 'past only' : counts,
    ahead.status === 'next' && !ahead.isCertain ? 'if the drill is not over by now' : '',
  ];
  return parts.filter((part) => part !== '').join(' · ');
}
