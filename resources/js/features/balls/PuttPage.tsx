import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import type { ObservationType, RunProgress, Session } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Head, narrow, Page, SheetButton, Stack, space, type, wide } from '../../design';
import type { Units } from '../../units/useUnits';
import type { Sensor } from '../sensors/useSensor';
import { BackstrokeRow, offeredBackstrokes } from './Backstrokes';
import { BallList } from './BallList';
import { BallSheet } from './BallSheet';
import type { BallTask } from './entry';
import { LanePrompts } from './LanePrompts';
import { LastBall } from './LastBall';
import { ownerOf, signsOf } from './names';
import { LaneOfBall, type Place, QuestionOfBall, StopFaces, StoppedBy, TypedLength } from './Outcome';
import { ReadCard } from './ReadCard';
import { SensorLine, SensorSwitch } from './SensorLine';
import { Stretch, stretchFacts } from './Stretch';
import type { Logger } from './useLogger';

/** Lane on the left and everything to enter beside it; in the hand one below the other, as a ball is seen. */
const Work = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.s} ${space.l}; align-items: start; align-content: start;
  ${wide} {
    grid-template-columns: minmax(300px, 1.1fr) minmax(280px, 1fr); grid-auto-rows: min-content;
    & > * { grid-column: 2; }
    & > [data-lane] { grid-column: 1; grid-row: 1 / span 8; }
  }
  /* In the hand: the lane, the ball it shows, then what the thumb reaches. */
  ${narrow} {
    & > [data-lane] { order: 1; } & > [data-last] { order: 2; } & > [data-backstrokes] { order: 3; } & > [data-faces] { order: 4; }
    & > [data-more] { order: 5; } & > [data-typed] { order: 6; }
  }
`;

/** Beside the lane where there is room; else under Balls and More. */
const Side = styled.aside`
  display: none;
  ${wide} {
    display: grid; gap: ${space.l}; align-content: start; min-width: 0; font: 400 1.02rem/1.5 ${type.serif};
    max-height: calc(100dvh - 170px); overflow-y: auto; position: sticky; top: ${space.s};
  }
`;

const Tools = styled.section`
  display: flex; flex-wrap: wrap; gap: ${space.s};
  ${wide} { [data-beside-lane-hidden] { display: none; } }
  ${narrow} { button { padding: 0 12px; } }
`;

/** The heading, and what is rarely touched beside it. */
export const Heading = styled(Head)`
  gap: 0 ${space.m};
  & > :first-child { min-width: 0; }
  ${narrow} {
    button, a { padding: 0 8px; }
    /* The session's bar and the chosen station say it already. */
    &[data-brief] { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); }
  }
`;

export interface PuttPageProps {
  session: Session;
  units: Units;
  logger: Logger;
  sensor: Sensor;
  /** Null where there is no next ball, or nobody can say it. */
  task: BallTask | null;
  place: Place;
  puttsHere: readonly ShownPutt[];
  words: (putt: ShownPutt) => string;
  /** What a drill knows of the last ball; null outside one. */
  drill: {
    verdict: RunProgress['last'];
    putOut: 'none' | 'passed' | 'all';
    judges: boolean;
    after: readonly ObservationType[];
  } | null;
  /** Above the work: names, the call-out, the stations. */
  top: ReactNode;
  /** Below it: what a drill found, once it is over. */
  foot?: ReactNode;
  /** Who is here, one touch away; null where a student rolls alone. */
  people?: ReactNode;
  /** Under More: other drills, how to end; it closes the sheet by the function it is given. */
  tools: (close: () => void) => ReactNode;
  /** Beside the balls so far. */
  margin: ReactNode;
  /** Whether the student rolls alone: no card of the read, no stretch, no device is theirs to note. */
  isAlone?: boolean;
}

/** Where balls are entered, in a drill or free: one screen. */
export function PuttPage({
  session,
  units,
  logger,
  sensor,
  task,
  place,
  puttsHere,
  words,
  drill,
  top,
  foot = null,
  people = null,
  tools,
  margin,
  isAlone = false,
}: PuttPageProps) {
  const [openedId, open] = useState<string | null>(null);
  const openedAt = logger.balls.findIndex(({ id }) => id === openedId);
  const opened = logger.balls[openedAt];
  const offered = offeredBackstrokes(logger.log.putts, units);
  const signs = signsOf(session);
  const shut = () => open(null);
  const [hasKeys] = useState(() => window.matchMedia('(pointer: fine)').matches);
  const list = (
    <BallList
      putts={logger.balls}
      units={units}
      words={(putt) =>
        putt.target_m === null ? words(putt) : `${units.show(putt.target_m, 'station')} · ${words(putt)}`
      }
      onOpen={({ id }) => open(id)}
    />
  );
  const beside = (
    <>
      {margin}
      {task !== null && <LanePrompts student={logger.student ?? logger.ownStudent} length={task.target_m} />}
    </>
  );
  const typed =
    task?.asksLength === true ? (
      <TypedLength
        logger={logger}
        task={task}
        place={place}
        units={units}
        sessionId={session.id}
        hasStops={!hasKeys || logger.stop !== 'free'}
      />
    ) : null;
  const stops = task?.asksLength === true && hasKeys && logger.stop === 'free' ? <StoppedBy logger={logger} /> : null;
  const hasFacts = stretchFacts(session).length > 0;
  return (
    <Page data-margin>
      <Stack $gap="s">
        {top}
        <Work>
          {task !== null && <QuestionOfBall logger={logger} task={task} place={place} units={units} />}
          {task?.asksBackstroke === true && task.calledBackstroke === null && (
            <div data-backstrokes>
              <BackstrokeRow logger={logger} offered={offered} units={units} />
            </div>
          )}
          {task !== null && <SensorLine sensor={sensor} units={units} />}
          {task?.asksLength === true && (
            <>
              <div data-lane>
                <LaneOfBall
                  logger={logger}
                  task={task}
                  place={place}
                  units={units}
                  puttsHere={puttsHere}
                  signOf={signs.size === 0 ? undefined : ({ student }) => signs.get(ownerOf(student, session) ?? '')}
                />
              </div>
              <div data-faces>
                <StopFaces logger={logger} task={task} place={place} />
              </div>
            </>
          )}
          <LastBall logger={logger} words={words} units={units} drill={drill} backstrokes={offered} />
          {hasKeys && typed !== null && <div data-typed>{typed}</div>}
        </Work>
        {foot}
        <Tools aria-label="Tools">
          {!isAlone && task?.target_m != null && (
            <ReadCard logger={logger} green={session.green?.id ?? null} units={units} />
          )}
          <span data-beside-lane-hidden>
            <SheetButton label={`Balls: ${logger.balls.length}`} title="Balls">
              {() => list}
            </SheetButton>
          </span>
          {!isAlone && task !== null && hasFacts && <Stretch session={session} log={logger.log} />}
          {people}
          <SheetButton label="More" title="More">
            {(close) => (
              <Stack>
                {!hasKeys && typed}
                {tools(close)}
                {!isAlone && task !== null && <Stretch session={session} log={logger.log} />}
                {stops}
                {!isAlone && task !== null && <SensorSwitch sensor={sensor} />}
                {beside}
              </Stack>
            )}
          </SheetButton>
        </Tools>
      </Stack>
      <Side aria-label="Insights">
        {list}
        {beside}
      </Side>
      {opened !== undefined && (
        <BallSheet
          key={opened.id}
          session={session}
          putt={opened}
          number={openedAt + 1}
          units={units}
          onKeep={(ball) => {
            logger.correct(opened, ball);
            shut();
          }}
          onStrike={() => {
            logger.strike(opened);
            shut();
          }}
          onGive={(to) => {
            logger.give(opened, to);
            shut();
          }}
          onClose={shut}
        />
      )}
    </Page>
  );
}
