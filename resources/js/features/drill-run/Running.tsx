import styled from 'styled-components';
import { useToday } from '../../api/queries';
import type { GroupMember, RunState, Session, Student } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, ButtonLink, MarginWord, narrow, Row, SentenceText, Title } from '../../design';
import { useKeys } from '../../device/useKeys';
import { useWakeLock } from '../../device/useWakeLock';
import { inWords } from '../../lane/drillWords';
import { type Units, useUnits } from '../../units/useUnits';
import { ballWords } from '../balls/ballWords';
import { GroupBar, WhoIsHere } from '../balls/GroupBar';
import { loggerKeys } from '../balls/loggerKeys';
import { OutboxNotices } from '../balls/OutboxNotices';
import { Heading, PuttPage } from '../balls/PuttPage';
import { SafetyNotes } from '../session-steps/SafetyNotes';
import { CollectEquipment } from './CollectEquipment';
import { isGroup, progressOf } from './callOutGraph';
import { Results } from './Results';
import { RunStatus } from './RunStatus';
import { Tempo } from './Tempo';
import { ballsOf, type Rolling, useDrillRun } from './useDrillRun';

const Name = styled(Heading)`
  h1 { font-size: 1.2rem; }
  ${narrow} { h1 { font-size: 1.05rem; } }
`;

interface RunningProps {
  session: Session;
  run: RunState;
}

/** The next ball large, one or two touches for each, where we stand. */
export function Running({ session: begun, run }: RunningProps) {
  const units = useUnits();
  const today = useToday();
  const rolling = useDrillRun(begun, run, units);
  const session = withRoster(begun, rolling.roster, today.data?.students ?? []);
  useWakeLock();
  const { logger, roster, place, verdict } = rolling;
  const keys = loggerKeys(logger, place, verdict);
  useKeys(roster.length > 0 ? [...keys, { key: 'g', does: 'the next student', act: rolling.chooseNextStudent }] : keys);
  const names = useNames(session);
  const words = (putt: ShownPutt) =>
    `${roster.length === 0 ? '' : `${names.get(putt.student ?? session.student?.id ?? '') ?? 'A student'}: `}${ballWords(putt, units)}`;
  const isOver = rolling.ahead.status === 'over';
  const isGentle = useIsGentle(session, roster);
  return (
    <PuttPage
      {...ballsOf(run, rolling)}
      session={session}
      units={units}
      words={words}
      top={<RunningTop session={session} run={run} rolling={rolling} units={units} isGentle={isGentle} words={words} />}
      foot={<RunningFoot session={session} run={run} rolling={rolling} units={units} isGentle={isGentle} />}
      people={
        !isOver && (
          <WhoIsHere
            session={session}
            students={today.data?.students ?? []}
            onStanding={rolling.noteStanding}
            rollers={roster}
          />
        )
      }
      tools={(close) => <RunningTools session={session} run={run} rolling={rolling} onDone={close} />}
      margin={<RuleInMargin run={run} isOver={isOver} units={units} />}
    />
  );
}

/** A session whose group has everybody of the run: whoever rolls in it is here, though nobody said so. */
function withRoster(session: Session, roster: readonly string[], students: readonly Student[]): Session {
  const missing = roster.filter((id) => !session.group_members.some(({ student }) => student === id));
  const came = missing.map(
    (student): GroupMember => ({
      student,
      name: students.find(({ id }) => id === student)?.name ?? 'A student',
      standing: 'here',
    }),
  );
  return { ...session, group_members: [...session.group_members, ...came] };
}

/** Names by student, of the group and of the workspace. */
function useNames(session: Session): ReadonlyMap<string, string> {
  const today = useToday();
  return new Map([
    ...(today.data?.students ?? []).map(({ id, name }) => [id, name] as const),
    ...session.group_members.map(({ student, name }) => [student, name] as const),
  ]);
}

/** Whether anybody who rolls is treated gently. */
function useIsGentle(session: Session, roster: readonly string[]): boolean {
  const today = useToday();
  return roster.length === 0
    ? (session.student?.is_gentle ?? false)
    : (today.data?.students ?? []).some(({ id, is_gentle }) => is_gentle && roster.includes(id));
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
  const { ahead, log, roster } = rolling;
  const isOver = ahead.status === 'over';
  return (
    <>
      <Name>
        <Title page={`${run.drill.name} · ${session.student?.name ?? 'A session'}`}>{run.drill.name}</Title>
      </Name>
      <OutboxNotices log={log} words={words} />
      {!isOver && (
        <GroupBar
          session={session}
          student={rolling.student}
          onChoose={rolling.chooseStudent}
          note={(id) => noteOf(id, run, rolling)}
          rollers={roster}
        />
      )}
      <RunStatus run={run} rolling={rolling} units={units} isGentle={isGentle} />
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
    return 'at the ball limit';
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
      {isOver && <Results run={run} progress={rolling.progress} isGentle={isGentle} names={names} units={units} />}
      {isOver && <CollectEquipment run={run} rolling={rolling} />}
      {isOver && (
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/review`}>
            Review
          </ButtonLink>
          <ButtonLink to={`/drills?session=${session.id}`}>Choose another drill</ButtonLink>
          <ButtonLink look="bare" to={`/sessions/${session.id}/drills/${run.drill.key}`}>
            Repeat this drill
          </ButtonLink>
        </Row>
      )}
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

function RunningTools({
  session,
  run,
  rolling,
  onDone,
}: Pick<PartProps, 'session' | 'run' | 'rolling'> & { onDone: () => void }) {
  return (
    <Row>
      <ButtonLink to={`/sessions/${session.id}/review`}>Review</ButtonLink>
      <ButtonLink to={`/drills?session=${session.id}`}>Choose another drill</ButtonLink>
      <ButtonLink to={`/sessions/${session.id}/drills/${run.drill.key}`}>Set-up</ButtonLink>
      {rolling.ahead.status !== 'over' && (
        <Button
          onPress={() => {
            rolling.end();
            onDone();
          }}
        >
          End drill
        </Button>
      )}
      <SafetyNotes session={session} at="putt" />
    </Row>
  );
}

function RuleInMargin({ run, isOver, units }: { run: RunState; isOver: boolean; units: Units }) {
  return (
    <>
      <MarginWord>
        <h2>How it works</h2>
        <p>{inWords(run.rule, units)}</p>
        <p>{run.course_words}</p>
      </MarginWord>
      {run.drill.dose !== undefined && !isOver && (
        <MarginWord>
          <h2>Balls</h2>
          <p>{run.drill.dose}</p>
        </MarginWord>
      )}
      {isOver && run.drill.meaning !== undefined && <SentenceText>{run.drill.meaning}</SentenceText>}
    </>
  );
}
