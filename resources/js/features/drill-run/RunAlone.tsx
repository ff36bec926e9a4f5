import styled from 'styled-components';
import { type StartedHomeDrill, useRun, useSession } from '../../api/queries';
import type { RunState, Session } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, Notice, Page, Row, SentenceText, Title, Waiting } from '../../design';
import { useWakeLock } from '../../device/useWakeLock';
import { inWords } from '../../lane/drillWords';
import { useUnitsOf } from '../../units/useUnits';
import { ballWords } from '../balls/ballWords';
import { OutboxNotices } from '../balls/OutboxNotices';
import { PuttPage } from '../balls/PuttPage';
import { Results } from './Results';
import { RunStatus } from './RunStatus';
import { ballsOf, useDrillRun } from './useDrillRun';

interface RunAloneProps {
  begun: StartedHomeDrill;
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
          <Waiting>Loading the drill …</Waiting>
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
  const isOver = rolling.ahead.status === 'over';
  const isGentle = session.student?.is_gentle ?? false;
  const words = (putt: ShownPutt) => ballWords(putt, units);
  return (
    <PuttPage
      {...ballsOf(run, rolling)}
      isAlone
      session={session}
      units={units}
      words={words}
      top={
        <Head>
          <Title page={`${run.drill.name} · at home`}>{run.drill.name}</Title>
          <OutboxNotices log={rolling.log} words={words} />
          {cue !== null && !isOver && <SentenceText>Cue: {cue}</SentenceText>}
          <RunStatus
            run={run}
            rolling={rolling}
            units={units}
            isGentle={isGentle}
            waiting="not synced yet: saved on this phone"
          />
        </Head>
      }
      foot={
        isOver && (
          <>
            <Results run={run} progress={rolling.progress} isGentle={isGentle} names={new Map()} units={units} />
            <Row>
              <Button look="main" onPress={onClose}>
                Back to the card
              </Button>
            </Row>
          </>
        )
      }
      tools={(close) => (
        <Row>
          {!isOver && (
            <Button
              onPress={() => {
                rolling.end();
                close();
              }}
            >
              End
            </Button>
          )}
          <Button onPress={onClose}>Back to the card</Button>
        </Row>
      )}
      margin={<SentenceText>{inWords(run.rule, units)}</SentenceText>}
    />
  );
}
