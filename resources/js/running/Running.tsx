import type { ReactNode } from 'react';
import styled from 'styled-components';
import { ballWords } from '../balls/ballWords';
import { Company, WhoIsHere } from '../balls/Company';
import { loggerKeys } from '../balls/loggerKeys';
import { OutboxNotices } from '../balls/OutboxNotices';
import { Heading, RollingPage } from '../balls/RollingPage';
import {
  Button,
  ButtonLink,
  color,
  MarginWord,
  narrow,
  Quiet,
  Row,
  Said,
  space,
  Title,
  type,
  wide,
} from '../design';
import { useKeys } from '../device/useKeys';
import { useWakeLock } from '../device/useWakeLock';
import { callOutWords, inWords } from '../lane/drillWords';
import { useBench } from '../server/queries';
import type { Companion, RunState, Session, Student } from '../server/types';
import type { ShownPutt } from '../server/useOutbox';
import { type Units, useUnits } from '../units/useUnits';
import { Care } from '../walk/Care';
import { Clearing } from './Clearing';
import { isGroup, progressOf } from './course';
import { PhaseBand } from './PhaseBand';
import { Results } from './Results';
import { Tempo } from './Tempo';
import { type Rolling, standing, useDrillRun } from './useDrillRun';

const Name = styled(Heading)`
  h1 { font-size: 1.2rem; }
  ${narrow} { h1 { font-size: 1.05rem; } }
`;

const Called = styled.p`
  font: 600 2.5rem/1.1 ${type.serif}; text-wrap: balance; min-height: 1.1em; overflow-wrap: anywhere;
  small { display: block; margin-top: 2px; font: 400 1.05rem ${type.sans}; color: ${color.pencil}; }
  ${narrow} { font-size: 2.1rem; }
`;

/** The call-out, with the state of the drill beside it where there is room, above it on a phone. */
const Top = styled.div`
  display: grid; gap: ${space.s}; align-items: center;
  & > div:first-child { display: grid; gap: 4px; }
  & > [data-phase] { order: -1; }
  ${wide} { grid-template-columns: minmax(300px, 1fr) minmax(280px, 380px); gap: ${space.l}; & > [data-phase] { order: 0; } }
`;

/** The next ball, large; what it is in small below it. */
export function CallOutLine({
  rolling: { next },
  units,
  children,
}: {
  rolling: Rolling;
  units: Units;
  children: ReactNode;
}) {
  return (
    <Called role="status" data-callout>
      {next === null ? 'Waiting for the network' : callOutWords(next, units)}
      <small>
        {next === null
          ? 'All that was laid out ahead is rolled. It is on this device, and counted when the network is back.'
          : children}
      </small>
    </Called>
  );
}

interface RunningProps {
  session: Session;
  run: RunState;
}

/** The next ball large, one or two touches for each, where we stand. */
export function Running({ session: begun, run }: RunningProps) {
  const units = useUnits();
  const bench = useBench();
  const rolling = useDrillRun(begun, run, units);
  const session = withRoster(begun, rolling.roster, bench.data?.students ?? []);
  useWakeLock();
  const { logger, roster, task, place, verdict } = rolling;
  const keys = loggerKeys(logger, place, verdict);
  useKeys(
    roster.length > 0
      ? [...keys, { key: 'g', does: 'the next student', act: rolling.chooseNextStudent }]
      : keys,
  );
  const names = useNames(session);
  const words = (putt: ShownPutt) =>
    `${roster.length === 0 ? '' : `${names.get(putt.student ?? session.student?.id ?? '') ?? 'Somebody'}: `}${ballWords(putt, units)}`;
  const isOver = rolling.ahead.status === 'over';
  const isGentle = useIsGentle(session, roster);
  return (
    <RollingPage
      session={session}
      units={units}
      logger={logger}
      sensor={rolling.sensor}
      task={isOver ? null : task}
      place={place}
      puttsHere={rolling.puttsHere}
      words={words}
      drill={{
        verdict,
        putOut: run.drill.putt_out ?? 'none',
        judges: run.judges,
        after: task?.kinds.after ?? [],
      }}
      top={
        <RunningTop
          session={session}
          run={run}
          rolling={rolling}
          units={units}
          isGentle={isGentle}
          words={words}
        />
      }
      foot={<RunningFoot session={session} run={run} rolling={rolling} units={units} isGentle={isGentle} />}
      margin={
        <>
          <RuleInMargin run={run} isOver={isOver} units={units} />
          <Care session={session} at="roll" />
        </>
      }
    />
  );
}

/** A session whose company has everybody of the run: whoever rolls in it is here, though nobody said so. */
function withRoster(session: Session, roster: readonly string[], students: readonly Student[]): Session {
  const missing = roster.filter((id) => !session.company.some(({ student }) => student === id));
  const came = missing.map(
    (student): Companion => ({
      student,
      name: students.find(({ id }) => id === student)?.name ?? 'Somebody',
      standing: 'here',
    }),
  );
  return { ...session, company: [...session.company, ...came] };
}

/** Names by student, of the company and of the bench. */
function useNames(session: Session): ReadonlyMap<string, string> {
  const bench = useBench();
  return new Map([
    ...(bench.data?.students ?? []).map(({ id, name }) => [id, name] as const),
    ...session.company.map(({ student, name }) => [student, name] as const),
  ]);
}

/** Whether anybody who rolls is treated gently. */
function useIsGentle(session: Session, roster: readonly string[]): boolean {
  const bench = useBench();
  return roster.length === 0
    ? (session.student?.is_gentle ?? false)
    : (bench.data?.students ?? []).some(({ id, is_gentle }) => is_gentle && roster.includes(id));
}

interface PartProps extends RunningProps {
  rolling: Rolling;
  units: Units;
  isGentle: boolean;
}

function RunningTop({
  session,
  run,
  rolling,
  units,
  isGentle,
  words,
}: PartProps & { words: (putt: ShownPutt) => string }) {
  const { ahead, progress, log, roster } = rolling;
  const bench = useBench();
  const isOver = ahead.status === 'over';
  return (
    <>
      <Name>
        <Title page={`${run.drill.name} · ${session.student?.name ?? 'A session'}`}>{run.drill.name}</Title>
        {!isOver && (
          <WhoIsHere
            session={session}
            students={bench.data?.students ?? []}
            onStanding={rolling.noteStanding}
            rollers={roster}
          />
        )}
      </Name>
      <OutboxNotices log={log} words={words} />
      {!isOver && (
        <Company
          session={session}
          student={rolling.student}
          onChoose={rolling.chooseStudent}
          note={(id) => noteOf(id, run, rolling)}
          rollers={roster}
        />
      )}
      <Top>
        <div>
          {!isOver && (
            <CallOutLine rolling={rolling} units={units}>
              {nextWords(run, rolling, units)}
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
    </>
  );
}

/** How far somebody of the group is, below their name. */
function noteOf(id: string, run: RunState, rolling: Rolling): string {
  const progress = isGroup(run) ? progressOf(run, id) : null;
  if (progress?.phase === 'done') {
    return 'done';
  }
  if (progress?.phase === 'capped') {
    return 'at the cap';
  }
  const waiting = rolling.balls.filter((ball) => ball.student === id && ball.isWaiting).length;
  const count = (progress?.balls ?? 0) + waiting;
  return `${count} ${count === 1 ? 'ball' : 'balls'}`;
}

function RunningFoot({ session, run, rolling, units, isGentle }: PartProps) {
  const names = useNames(session);
  const isOver = rolling.ahead.status === 'over';
  return (
    <>
      {isOver && (
        <Results run={run} progress={rolling.progress} isGentle={isGentle} names={names} units={units} />
      )}
      {isOver && <Clearing run={run} rolling={rolling} />}
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
        {!isOver && (
          <Button look="bare" onPress={rolling.end}>
            That’s enough
          </Button>
        )}
        <ButtonLink look="bare" to="/">
          The bench
        </ButtonLink>
      </Row>
      {!isOver && (
        <Tempo
          student={session.student}
          rehearsals={rolling.logger.rehearsals}
          onRehearsals={rolling.logger.setRehearsals}
        />
      )}
    </>
  );
}

function RuleInMargin({ run, isOver, units }: { run: RunState; isOver: boolean; units: Units }) {
  return (
    <>
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
    </>
  );
}

/** What counts of the next ball, and which one it is. */
export function nextWords(run: RunState, { next, ahead, progress }: Rolling, units: Units): string {
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
