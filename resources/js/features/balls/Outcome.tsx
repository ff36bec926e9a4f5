import { type ReactNode, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { type Drill, type ObservationType, observedNumber, type Stop } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, Entry, Notice, OneOf, QuietText, Stack, wide } from '../../design';
import { remember, resumeStateOf } from '../../device/resumeState';
import { OUTCOMES } from '../../lane/OutcomeMark';
import type { Scenery } from '../../lane/StationLane';
import { type Sign, StopLane } from '../../lane/StopLane';
import { outsideLimits } from '../../units/limits';
import type { Units } from '../../units/useUnits';
import { answerOfFace, faceOf, facesOf } from './answerFaces';
import { ObservedNumber } from './BallObservations';
import { BigChoice } from './BigChoice';
import { CALLS, STOPS } from './ballWords';
import type { BallTask } from './entry';
import { readSide, readStop } from './readStop';
import type { Logger } from './useLogger';

/** What stands where the ball is rolled to, and so how its end can be said. */
export interface Place {
  target: Drill['target'];
  canBeHoled: boolean;
  /** Whether a ball may simply strike what it was rolled at. */
  canStrike: boolean;
  /** Where holed or missed is all that is asked. */
  isHoledOrMissed: boolean;
  /** Where a ball at the rod stopped, metres from where it was rolled; null without one. */
  rod_m: number | null;
  takesSide: boolean;
  /** Null for a plain hole, and for nothing in particular. */
  scenery: Scenery | null;
}

interface OutcomeProps {
  logger: Logger;
  task: BallTask;
  place: Place;
  units: Units;
}

/** Asked of a ball before where it stopped: the call, what is noted, what the rule judges by. */
export function QuestionOfBall({ logger, task, place, units }: OutcomeProps) {
  return (
    <>
      {task.needs.includes('call') && (
        <BigChoice
          label="Call before looking"
          options={withMarks(CALLS)}
          value={logger.call}
          onPress={logger.setCall}
        />
      )}
      {logger.missing !== null && <Notice kind="wrong">{logger.missing}</Notice>}
      {task.kinds.before.map((kind) => (
        <NotedBefore key={kind.name} kind={kind} logger={logger} units={units} />
      ))}
      {task.kinds.first.map((kind) => (
        <AskedFirst key={kind.name} kind={kind} logger={logger} units={units} />
      ))}
      {place.isHoledOrMissed && (
        <BigChoice
          label="Result"
          options={[
            { value: 'holed', label: 'Holed', keyName: 'h' },
            { value: 'missed', label: 'Missed', keyName: 'n' },
          ]}
          value={null}
          onPress={(value) => (value === 'holed' ? logger.logHoled() : logger.logMissed())}
        />
      )}
    </>
  );
}

const Held = styled.div`
  min-width: 0;
  &[data-waits] { opacity: 0.35; pointer-events: none; }
`;

/** What cannot be touched before the call is made. */
export function AfterCall({ logger, children }: { logger: Logger; children: ReactNode }) {
  return (
    <Held data-waits={logger.waitsForCall || undefined} inert={logger.waitsForCall}>
      {children}
    </Held>
  );
}

interface LaneOfBallProps extends OutcomeProps {
  /** The balls rolled here, oldest first. */
  puttsHere: readonly ShownPutt[];
  /** Of a group, whose each ball is. */
  signOf: ((putt: ShownPutt) => Sign | undefined) | undefined;
}

/** The lane to touch where the ball stopped. */
export function LaneOfBall({ logger, task, place, units, puttsHere, signOf }: LaneOfBallProps) {
  return (
    <AfterCall logger={logger}>
      <StopLane
        key={task.target_m ?? 'open'}
        target={task.target_m}
        putts={puttsHere}
        units={units}
        takesSide={place.takesSide}
        signOf={signOf}
        {...(place.scenery === null ? {} : { scenery: place.scenery })}
        onStop={logger.touchStop}
      />
    </AfterCall>
  );
}

interface AskedProps {
  kind: ObservationType;
  logger: Logger;
  units: Units;
}

/** What the rule judges a ball by: large faces, or a number where it is one. */
function AskedFirst({ kind, logger, units }: AskedProps) {
  if (kind.kind === 'metres') {
    // How two balls lie is asked of those that met.
    return kind.name === 'gap_m' && logger.seen.hit !== true ? null : (
      <AskedLength kind={kind} units={units} onAnswer={(metres) => logger.touchAnswer(kind.name, metres)} />
    );
  }
  const chosen = logger.seen[kind.name];
  const faces = (
    <BigChoice
      label={kind.name === 'gate' ? 'Start line' : kind.question}
      options={facesOf(kind)}
      value={chosen == null ? null : faceOf(chosen)}
      onPress={(face) => logger.touchAnswer(kind.name, answerOfFace(kind, face))}
    />
  );
  // Left, through, right need no question in words; a number does.
  return SELF_TOLD.includes(kind.name) ? (
    faces
  ) : (
    <div>
      <QuietText as="span" aria-hidden="true">
        {kind.question}
      </QuietText>
      {faces}
    </div>
  );
}

const SELF_TOLD = ['gate', 'hit'];

/** A number that is known before the ball is rolled. */
function NotedBefore({ kind, logger, units }: AskedProps) {
  const given = observedNumber(logger.seen, kind.name);
  return (
    <ObservedNumber
      kind={kind}
      answer={given}
      onAnswer={(metres) => logger.note(kind.name, metres)}
      units={units}
      key={`${kind.name} ${logger.balls.length}`}
    />
  );
}

function AskedLength({
  kind,
  units,
  onAnswer,
}: {
  kind: ObservationType;
  units: Units;
  onAnswer: (metres: number) => void;
}) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | null>(null);
  const ref = useRef<HTMLInputElement>(null);
  useEffect(() => {
    ref.current?.focus();
  }, []);
  const enter = () => {
    const read = units.read(text, 'roll');
    const isPossible = read.metres !== null && read.metres >= (kind.least ?? 0) && read.metres <= (kind.most ?? 0);
    setError(
      isPossible
        ? null
        : (read.error ?? `Type ${units.show(kind.least ?? 0, 'roll')} to ${units.show(kind.most ?? 0, 'roll')}.`),
    );
    if (isPossible && read.metres !== null) {
      onAnswer(read.metres);
    }
  };
  return (
    <Typed data-keys data-one>
      <Entry
        label={kind.question}
        value={text}
        onChange={setText}
        onEnter={enter}
        inputRef={ref}
        suffix={units.suffix('roll')}
        error={error}
      />
      <Button onPress={enter}>Log</Button>
    </Typed>
  );
}

const Faces = styled.div`
  display: flex; flex-wrap: wrap; gap: 8px;
  button { flex: 1; min-height: 56px; ${wide} { min-height: 48px; } }
  &:empty { display: none; }
`;

/** Where a ball stopped that needs no length: in the hole, at the rod, over the edge. */
export function StopFaces({ logger, task, place }: Omit<OutcomeProps, 'units'>) {
  const target = task.target_m ?? 0;
  return (
    <Faces>
      {place.canBeHoled && (
        <Button look="main" onPress={() => logger.logHoled()}>
          Holed
        </Button>
      )}
      {place.rod_m !== null && (
        <Button onPress={() => logger.logStoppedAt(place.rod_m ?? target, 'rod')}>Stopped at the rod</Button>
      )}
      {place.canStrike && (
        <Button look="main" onPress={() => logger.logStoppedAt(target, 'target')}>
          Hit it
        </Button>
      )}
      {place.target === 'edge' && <Button onPress={() => logger.logStoppedAt(target, 'edge')}>Over the edge</Button>}
    </Faces>
  );
}

const Typed = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto; gap: 8px; align-items: end;
  &[data-one] { grid-template-columns: minmax(0, 1fr) auto; }
`;

/** What the next ball is stopped by, where it does not come to rest by itself. */
export function StoppedBy({ logger }: { logger: Logger }) {
  return (
    <OneOf<Stop>
      label="Next ball stopped by"
      options={STOPS.filter(({ value }) => value !== 'holed')}
      value={logger.stop}
      onChange={logger.setStop}
    />
  );
}

interface TypedLengthProps extends OutcomeProps {
  sessionId: string;
  /** Whether what stops the ball is asked beside it. */
  hasStops: boolean;
}

/** The same by digits: how far it rolled, or how far past (+) or short (-); and what stopped it. */
export function TypedLength({ logger, task, place, units, sessionId, hasStops }: TypedLengthProps) {
  const [isFine] = useState(() => window.matchMedia('(pointer: fine)').matches);
  return (
    <Stack $gap="s">
      <LengthFields
        logger={logger}
        target={task.target_m}
        takesSide={place.takesSide}
        units={units}
        sessionId={sessionId}
        hasFocus={isFine}
      />
      {hasStops && <StoppedBy logger={logger} />}
    </Stack>
  );
}

interface LengthFieldsProps {
  logger: Logger;
  target: number | null;
  takesSide: boolean;
  units: Units;
  sessionId: string;
  hasFocus: boolean;
}

function LengthFields({ logger, target, takesSide, units, sessionId, hasFocus }: LengthFieldsProps) {
  // What was half typed is still there after the tab was closed.
  const [text, setText] = useState(() => resumeStateOf(sessionId).roll ?? '');
  const [side, setSide] = useState('');
  // By touch a direction is a word; by keys a sign is quicker.
  const [way, setWay] = useState<RollWay>('whole');
  const [toSide, setToSide] = useState<'l' | 'r'>('l');
  const saysWords = !hasFocus;
  const [errors, setErrors] = useState<Record<'roll' | 'side', string | null>>({ roll: null, side: null });
  const rollRef = useRef<HTMLInputElement>(null);
  const sideRef = useRef<HTMLInputElement>(null);
  const { waitsForCall } = logger;
  useEffect(() => {
    // What waits for the call cannot hold the focus; once it is called the digits go straight in.
    if (hasFocus && !waitsForCall) {
      rollRef.current?.focus({ preventScroll: true });
    }
  }, [hasFocus, waitsForCall]);
  const type = (roll: string) => {
    setText(roll);
    remember(sessionId, { roll });
  };
  const enter = () => {
    const roll = readStop(saysWords && target !== null ? `${WAY_SIGNS[way]}${text}` : text, target, units);
    const beside = readSide(saysWords && side.trim() !== '' ? `${toSide} ${side}` : side, 'roll', units);
    const isAsked = roll.metres === null && logger.stop !== 'holed';
    const rollError = roll.error ?? (isAsked ? MISSING : outsideLimits(roll.metres, 'roll'));
    setErrors({ roll: rollError, side: takesSide ? beside.error : null });
    if (rollError !== null || roll.metres === null) {
      rollRef.current?.focus();
      return;
    }
    if (takesSide && (beside.error !== null || side.trim() === '')) {
      sideRef.current?.focus();
      return;
    }
    logger.touchStop(roll.metres, takesSide ? (beside.metres ?? 0) : null);
    type('');
    setSide('');
    rollRef.current?.focus();
  };
  return (
    <AfterCall logger={logger}>
      {saysWords && target !== null && (
        <OneOf label="What is typed" isLabelHidden options={ROLL_WAYS} value={way} onChange={setWay} />
      )}
      {saysWords && takesSide && (
        <OneOf label="To which side" isLabelHidden options={SIDES} value={toSide} onChange={setToSide} />
      )}
      <Typed data-keys data-length data-one={!takesSide || undefined}>
        <Entry
          label={target === null ? 'Roll' : saysWords ? ROLL_LABELS[way] : 'Roll, or +/- from the target'}
          value={text}
          onChange={type}
          onEnter={enter}
          inputMode={saysWords ? 'decimal' : 'text'}
          inputRef={rollRef}
          suffix={units.suffix('roll')}
          error={errors.roll}
        />
        {takesSide && (
          <Entry
            label={saysWords ? 'Beside the line' : 'Sideways, l or r'}
            value={side}
            onChange={setSide}
            onEnter={enter}
            {...(saysWords && { inputMode: 'decimal' as const })}
            inputRef={sideRef}
            suffix={units.suffix('roll')}
            error={errors.side}
          />
        )}
        <Button onPress={enter}>Log</Button>
      </Typed>
    </AfterCall>
  );
}

type RollWay = 'whole' | 'past' | 'short';

const WAY_SIGNS: Readonly<Record<RollWay, string>> = { whole: '', past: '+', short: '-' };
const ROLL_LABELS: Readonly<Record<RollWay, string>> = {
  whole: 'Roll',
  past: 'Past the target by',
  short: 'Short of the target by',
};
const ROLL_WAYS = [
  { value: 'whole', label: 'Whole roll' },
  { value: 'past', label: 'Past' },
  { value: 'short', label: 'Short' },
] as const;
const SIDES = [
  { value: 'l', label: 'Left' },
  { value: 'r', label: 'Right' },
] as const;

const MISSING = 'How far did the ball roll? Type it, or tap the lane.';

function withMarks(calls: typeof CALLS) {
  return calls.map((call) => ({
    ...call,
    mark: (
      <svg width="20" height="20" viewBox="-10 -10 20 20" aria-hidden="true">
        <path d={OUTCOMES[call.value].path} fill={OUTCOMES[call.value].fill} />
      </svg>
    ),
  }));
}
