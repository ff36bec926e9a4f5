import styled from 'styled-components';
import { ballWords } from '../balls/ballWords';
import { OutboxNotices } from '../balls/OutboxNotices';
import { RollingPage } from '../balls/RollingPage';
import { Button, Notice, Page, Quiet, Row, Said, Title } from '../design';
import { useWakeLock } from '../device/useWakeLock';
import { inWords } from '../lane/drillWords';
import { type Begun, useRun, useSession } from '../server/queries';
import type { RunState, Session } from '../server/types';
import type { ShownPutt } from '../server/useOutbox';
import { useUnitsOf } from '../units/useUnits';
import { PhaseBand } from './PhaseBand';
import { Results } from './Results';
import { CallOutLine, nextWords } from './Running';
import { standing, useDrillRun } from './useDrillRun';

interface RunAloneProps {
  begun: Begun;
  /** What to think of, and no more; null for nothing. */
  cue: string | null;
  onClose: () => void;
}

/** A drill rolled by a student alone, by the same engine and on the same lane. */
export function RunAlone({ begun, cue, onClose }: RunAloneProps) {
  const sight = useSession(begun.session);
  const run = useRun(begun.session, begun.run);
  if (sight.status !== 'open' || run.data === undefined) {
    const error = sight.status === 'failed' ? sight.error : run.error;
    return (
      <Page>
        {error === null ? (
          <p>Opening the drill …</p>
        ) : (
          <>
            <Notice kind="wrong">{error.message}</Notice>
            <Button onPress={onClose}>Back to the card</Button>
          </>
        )}
      </Page>
    );
  }
  return <Alone session={sight.session} run={run.data} cue={cue} onClose={onClose} />;
}

const Head = styled.div`
  display: grid; gap: 6px;
  h1 { font-size: 1.2rem; }
`;

interface AloneProps {
  session: Session;
  run: RunState;
  cue: string | null;
  onClose: () => void;
}

function Alone({ session, run, cue, onClose }: AloneProps) {
  const units = useUnitsOf(session.student);
  const rolling = useDrillRun(session, run, units);
  useWakeLock();
  const { logger, task, place, verdict, ahead, progress, log } = rolling;
  const isOver = ahead.status === 'over';
  const isGentle = session.student?.is_gentle ?? false;
  const words = (putt: ShownPutt) => ballWords(putt, units);
  return (
    <RollingPage
      isAlone
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
        <Head>
          <Title page={`${run.drill.name} · at home`}>{run.drill.name}</Title>
          <OutboxNotices log={log} words={words} />
          {cue !== null && !isOver && <Said>Think of one thing: {cue}</Said>}
          {!isOver && (
            <CallOutLine rolling={rolling} units={units}>
              {nextWords(run, rolling, units)}
            </CallOutLine>
          )}
          {progress !== null && (
            <Quiet role="status">
              {standing(run, progress, isGentle)}
              {log.waitingCount > 0 && ` ${log.waitingCount} not sent yet: kept on this phone.`}
            </Quiet>
          )}
          {progress !== null && (
            <PhaseBand
              progress={progress}
              drill={run.drill}
              isWaiting={rolling.unseenCount > 0 || ahead.status === 'waiting'}
              units={units}
            />
          )}
        </Head>
      }
      foot={
        <>
          {isOver && (
            <Results run={run} progress={progress} isGentle={isGentle} names={new Map()} units={units} />
          )}
          <Row>
            {!isOver && <Button onPress={rolling.end}>That’s enough</Button>}
            <Button look={isOver ? 'main' : 'bare'} onPress={onClose}>
              Back to the card
            </Button>
          </Row>
        </>
      }
      margin={<Said>{inWords(run.rule, units)}</Said>}
    />
  );
}
