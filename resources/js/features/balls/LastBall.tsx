import { Undo2 } from 'lucide-react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { useObservationTypes, useReminders } from '../../api/queries';
import type { ObservationType, RunProgress } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, chip, color, narrow, QuietText, space, type } from '../../design';
import type { Units } from '../../units/useUnits';
import { answerOfFace, faceOf, facesOf } from './answerFaces';
import { CAUSES, lieWords, MARKS } from './ballWords';
import type { Logger } from './useLogger';

const Line = styled.section`
  display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; min-width: 0; padding: 4px 4px 4px 12px;
  border-left: 3px solid ${color.ink}; background: ${color.leaf};
  & > span { font: 600 1.06rem/1.35 ${type.serif}; overflow-wrap: anywhere; }
  /* Two lines whatever is said: what the thumb reaches stays where it is. All of it stands under Balls. */
  ${narrow} { min-height: 62px; & > span { display: -webkit-box; overflow: hidden; -webkit-box-orient: vertical; -webkit-line-clamp: 2; } }
`;

const More = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: 6px; min-width: 0;
`;

const Chips = styled.div`
  display: flex; flex-wrap: wrap; gap: 6px; align-items: center;
  /* One row to swipe on a phone, so that the lane stays in sight. */
  ${narrow} { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; }
`;

/** Two groups in one line to swipe on a phone; one below the other elsewhere. */
const OneLine = styled.div`
  display: grid; gap: 6px; min-width: 0;
  ${narrow} { display: flex; gap: ${space.m}; overflow-x: auto; scrollbar-width: none; & > * { flex: none; overflow: visible; } }
`;

const ChipsLabel = styled(QuietText)`
  white-space: nowrap; flex: none;
`;

const Chip = styled(ToggleButton)`
  ${chip}
  padding: 0 10px; font-size: 1rem; white-space: nowrap; flex: none;
  &[data-proposed] { order: -1; border-style: dashed; border-width: 2.5px; border-color: ${color.copper}; padding: 0 9px; }
`;

interface LastBallProps {
  logger: Logger;
  words: (putt: ShownPutt) => string;
  units: Units;
  /** What its drill asks of a ball that lies; null outside a drill. */
  drill: {
    verdict: RunProgress['last'];
    putOut: 'none' | 'passed' | 'all';
    /** Whether a ball can miss at all. */
    judges: boolean;
    after: readonly ObservationType[];
  } | null;
  /** Backstrokes to add to a ball that has none, metres. */
  backstrokes: readonly number[];
}

/** The last ball: its sentence with Undo beside it, what is still to be said of it, one touch each. */
export function LastBall({ logger, words, units, drill, backstrokes }: LastBallProps) {
  const { last, balls } = logger;
  if (last === null) {
    return null;
  }
  const number = balls.length;
  return (
    <>
      <Line aria-label="The last ball" data-last>
        <span role="status">
          Ball {number}: {[words(last), lieWords(last, units)].filter((part) => part !== '').join(', ')}
          {last.isWaiting ? ' (not synced yet)' : ''}
        </span>
        <Button aria-label={`Undo ball ${number}`} onPress={logger.undo}>
          <Undo2 size={20} aria-hidden="true" /> Undo
        </Button>
      </Line>
      <More data-more>
        {logger.task?.asksBackstroke === true && last.backstroke_m === null && last.roll_m !== null && (
          <Chips role="group" aria-label="Add the backstroke">
            <ChipsLabel as="span">No backstroke. Add it</ChipsLabel>
            {backstrokes.map((metres) => (
              <Chip key={metres} isSelected={false} onPress={() => logger.addBackstroke(last, metres)}>
                {units.show(metres, 'backstroke')}
              </Chip>
            ))}
          </Chips>
        )}
        <BeyondTheHole logger={logger} last={last} />
        {drill !== null && <AskedOnceItLies logger={logger} last={last} drill={drill} />}
        <OneLine>
          <RoutineOf logger={logger} last={last} />
          <Chips role="group" aria-label="Marks on the last ball">
            {MARKS.flatMap(({ value, label }) =>
              value === 'none' ? (
                []
              ) : (
                <Chip key={value} isSelected={last.mark === value} onPress={() => logger.toggleMark(last, value)}>
                  {label}
                </Chip>
              ),
            )}
            {drill !== null && (
              <Chip isSelected={last.seen.held === true} onPress={() => logger.toggleHeld(last)}>
                Finish held
              </Chip>
            )}
          </Chips>
        </OneLine>
      </More>
    </>
  );
}

/** Kept or not, in one touch, of those who have a routine; of nobody else is it asked. */
function RoutineOf({ logger, last }: { logger: Logger; last: ShownPutt }) {
  const recipe = useReminders(last.student ?? logger.ownStudent).data?.recipe ?? null;
  return recipe === null ? null : (
    <Chips role="group" aria-label="Routine followed">
      <ChipsLabel as="span">{recipe}</ChipsLabel>
      {[true, false].map((isKept) => (
        <Chip
          key={String(isKept)}
          isSelected={last.seen.routine === isKept}
          onPress={() => logger.answerOf(last, 'routine', isKept)}
        >
          {isKept ? 'Yes' : 'No'}
        </Chip>
      ))}
    </Chips>
  );
}

/** What a ball that ran past tells the putt back, of those who watch it go. */
function BeyondTheHole({ logger, last }: { logger: Logger; last: ShownPutt }) {
  const asked = useReminders(last.student ?? logger.ownStudent).data?.after_miss ?? [];
  const kinds = useObservationTypes().data ?? [];
  const ranPast =
    last.stop !== 'holed' && last.target_m !== null && last.roll_m !== null && last.roll_m > last.target_m;
  return ranPast
    ? kinds
        .filter(({ name }) => asked.includes(name))
        .map((kind) => <AskedAs key={kind.name} kind={kind} logger={logger} last={last} />)
    : null;
}

/** One thing seen of a ball that lies, a touch an answer. */
function AskedAs({ kind, logger, last }: { kind: ObservationType; logger: Logger; last: ShownPutt }) {
  return (
    <Chips role="group" aria-label={kind.question}>
      <ChipsLabel as="span">{kind.question}</ChipsLabel>
      {facesOf(kind).map(({ value, label }) => (
        <Chip
          key={value}
          isSelected={last.seen[kind.name] != null && faceOf(last.seen[kind.name] ?? '') === value}
          onPress={() => logger.answerOf(last, kind.name, answerOfFace(kind, value))}
        >
          {label}
        </Chip>
      ))}
    </Chips>
  );
}

/** On which side a ball missed is asked of those that did not drop; whether it dropped, of those nobody saw drop. */
function isAskedOf({ name }: ObservationType, { stop }: ShownPutt): boolean {
  switch (name) {
    case 'missed_side':
    case 'high_low':
      return stop !== 'holed';
    case 'dropped':
      return stop === 'unseen';
    default:
      return true;
  }
}

interface AskedOnceItLiesProps {
  logger: Logger;
  last: ShownPutt;
  drill: NonNullable<LastBallProps['drill']>;
}

/** Putting out, what the drill wants to know, and why it missed. */
function AskedOnceItLies({ logger, last, drill }: AskedOnceItLiesProps) {
  const { verdict, putOut, judges, after } = drill;
  // Until the server has judged it, whether it missed is not known here; a cause may be given all the same.
  const mayHaveMissed = last.stop !== 'holed' && (verdict === null || !verdict.passed);
  const mayBePuttedOut = verdict === null ? last.stop !== 'holed' && putOut === 'all' : verdict.may_be_putted_out;
  return (
    <>
      {mayBePuttedOut && (
        <Chips role="group" aria-label="Putts to hole out">
          <ChipsLabel as="span">Putts to hole out</ChipsLabel>
          {[1, 2, 3].map((putts) => (
            <Chip
              key={putts}
              isSelected={last.seen.putts_to_finish === putts}
              onPress={() => logger.puttOut(last, putts)}
            >
              {putts}
            </Chip>
          ))}
        </Chips>
      )}
      {after
        .filter((kind) => isAskedOf(kind, last))
        .map((kind) => (
          <AskedAs key={kind.name} kind={kind} logger={logger} last={last} />
        ))}
      {mayHaveMissed && judges && (
        <Chips role="group" aria-label="Cause of the miss">
          <ChipsLabel as="span" style={{ order: -2 }}>
            Cause?
          </ChipsLabel>
          {CAUSES.map(({ value, label }) => (
            <Chip
              key={value}
              isSelected={last.cause === value}
              data-proposed={(verdict?.cause === value && last.cause === null) || undefined}
              aria-label={verdict?.cause === value ? `${label}, likely` : label}
              onPress={() => logger.toggleCause(last, value)}
            >
              {label}
              {verdict?.cause === value && last.cause === null ? '?' : ''}
            </Chip>
          ))}
        </Chips>
      )}
    </>
  );
}
