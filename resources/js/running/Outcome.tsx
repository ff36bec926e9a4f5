import { type ReactNode, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { answerOfFace, faceOf, facesOf } from '../balls/asked';
import { BigChoice } from '../balls/BigChoice';
import { CALLS, STOPS } from '../balls/ballWords';
import { readStop } from '../balls/readStop';
import { SeenNumber } from '../balls/SeenOf';
import { Button, color, Entry, Notice, OneOf, Quiet, Row, Stack, wide } from '../design';
import { OUTCOMES } from '../lane/OutcomeMark';
import { StopLane } from '../lane/StopLane';
import { sceneryOfNext } from '../lane/scenery';
import { type RunState, type SeenKind, type Stop, seenNumber } from '../server/types';
import { outsideLimits } from '../units/limits';
import type { Units } from '../units/useUnits';
import type { Rolling } from './useDrillRun';

interface OutcomeProps {
  rolling: Rolling;
  run: RunState;
  /** How far the next ball is to roll, metres. */
  target: number;
  units: Units;
}

const Held = styled.div`
  &[data-waits] { opacity: 0.35; pointer-events: none; }
`;

/** What is asked of one ball, in the order it is seen: the call, the start, where it stopped. */
export function Outcome({ rolling, run, target, units }: OutcomeProps) {
  const { needs, drill } = run;
  return (
    <Stack $gap="s">
      {needs.includes('call') && (
        <BigChoice
          label="Called before looking"
          options={withMarks(CALLS)}
          value={rolling.call}
          onPress={rolling.setCall}
        />
      )}
      {rolling.missing !== null && <Notice kind="wrong">{rolling.missing}</Notice>}
      {rolling.kinds.before.map((kind) => (
        <NotedBefore key={kind.name} kind={kind} rolling={rolling} units={units} />
      ))}
      {rolling.kinds.first.map((kind) => (
        <AskedFirst key={kind.name} kind={kind} rolling={rolling} units={units} />
      ))}
      {rolling.needsLane ? (
        <Held data-waits={rolling.waitsForCall || undefined} inert={rolling.waitsForCall}>
          <LengthEntry
            rolling={rolling}
            target={target}
            units={units}
            faces={<StopFaces rolling={rolling} run={run} target={target} />}
          >
            <StopLane
              target={target}
              putts={rolling.puttsHere}
              units={units}
              takesSide={rolling.takesSide}
              {...(rolling.next === null ? {} : { scenery: sceneryOfNext(run, rolling.next, units) })}
              onStop={rolling.touchStop}
            />
          </LengthEntry>
        </Held>
      ) : (
        drill.pass.kind === 'holed' && (
          <BigChoice
            label="What it did"
            options={[
              { value: 'holed', label: 'Holed', keyName: 'h' },
              { value: 'missed', label: 'Missed', keyName: 'n' },
            ]}
            value={null}
            onPress={(value) => (value === 'holed' ? rolling.logHoled() : rolling.logMissed())}
          />
        )
      )}
    </Stack>
  );
}

interface AskedProps {
  kind: SeenKind;
  rolling: Rolling;
  units: Units;
}

/** What the rule judges a ball by: large faces, or a number where it is one. */
function AskedFirst({ kind, rolling, units }: AskedProps) {
  if (kind.kind === 'metres') {
    // How two balls lie is asked of those that met.
    return kind.name === 'gap_m' && rolling.seenSoFar.hit !== true ? null : (
      <AskedLength kind={kind} units={units} onAnswer={(metres) => rolling.touchAnswer(kind.name, metres)} />
    );
  }
  const chosen = rolling.seenSoFar[kind.name];
  const faces = (
    <BigChoice
      label={kind.name === 'gate' ? 'It started' : kind.question}
      options={facesOf(kind)}
      value={chosen == null ? null : faceOf(chosen)}
      onPress={(face) => rolling.touchAnswer(kind.name, answerOfFace(kind, face))}
    />
  );
  // Left, through, right need no question in words; a number does.
  return SELF_TOLD.includes(kind.name) ? (
    faces
  ) : (
    <div>
      <Quiet as="span" aria-hidden="true">
        {kind.question}
      </Quiet>
      {faces}
    </div>
  );
}

const SELF_TOLD = ['gate', 'hit'];

/** A number that is known before the ball is rolled. */
function NotedBefore({ kind, rolling, units }: AskedProps) {
  const given = seenNumber(rolling.seenSoFar, kind.name);
  return (
    <SeenNumber
      kind={kind}
      answer={given}
      onAnswer={(metres) => rolling.note(kind.name, metres)}
      units={units}
      key={`${kind.name} ${rolling.balls.length}`}
    />
  );
}

function AskedLength({
  kind,
  units,
  onAnswer,
}: {
  kind: SeenKind;
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
    const isPossible =
      read.metres !== null && read.metres >= (kind.least ?? 0) && read.metres <= (kind.most ?? 0);
    setError(
      isPossible
        ? null
        : (read.error ??
            `Type ${units.show(kind.least ?? 0, 'roll')} to ${units.show(kind.most ?? 0, 'roll')}.`),
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
  display: flex; gap: 8px; flex: 1;
  button { flex: 1; min-height: 64px; ${wide} { min-height: 48px; } }
  &:empty { display: none; }
`;

/** Where a ball stopped that needs no length: in the hole, at the rod, over the edge. */
function StopFaces({ rolling, run: { drill }, target }: Omit<OutcomeProps, 'units'>) {
  return (
    <Faces>
      {rolling.canBeHoled && (
        <Button look="main" onPress={rolling.logHoled}>
          Holed
        </Button>
      )}
      {drill.target === 'rail' && (
        <Button onPress={() => rolling.logStoppedAt(rolling.next?.passes_if?.roll_m?.[1] ?? target, 'rod')}>
          At the rod
        </Button>
      )}
      {drill.pass.kind === 'hit_or_near' && (
        <Button look="main" onPress={() => rolling.logStoppedAt(target, 'target')}>
          Struck it
        </Button>
      )}
      {drill.target === 'edge' && (
        <Button onPress={() => rolling.logStoppedAt(target, 'edge')}>Over the edge</Button>
      )}
    </Faces>
  );
}

const Typed = styled.div`
  display: grid; grid-template-columns: 1fr 1fr auto; gap: 8px; align-items: end;
  &[data-one] { grid-template-columns: 1fr auto; }
`;

const More = styled.details`
  summary { min-height: 48px; display: flex; align-items: center; cursor: pointer; color: ${color.copper}; text-decoration: underline; text-underline-offset: 3px; }
`;

interface LengthEntryProps extends Omit<OutcomeProps, 'run'> {
  /** What needs no length, pressed beside the digits or under the lane. */
  faces: ReactNode;
  children: ReactNode;
}

/** The lane, and the same by digits: how far it rolled, or how far past (+) or short (-). */
function LengthEntry({ rolling, target, units, faces, children }: LengthEntryProps) {
  const [text, setText] = useState('');
  const [side, setSide] = useState('');
  const [errors, setErrors] = useState<{ roll: string | null; side: string | null }>({
    roll: null,
    side: null,
  });
  const [isFine] = useState(() => window.matchMedia('(pointer: fine)').matches);
  const rollRef = useRef<HTMLInputElement>(null);
  const sideRef = useRef<HTMLInputElement>(null);
  const { waitsForCall } = rolling;
  useEffect(() => {
    // What waits for the call cannot hold the focus; once it is called the digits go straight in.
    if (isFine && !waitsForCall) {
      rollRef.current?.focus();
    }
  }, [isFine, waitsForCall]);
  const enter = () => {
    const roll = readStop(text, target, units);
    const beside = readSide(side, units);
    const rollError =
      roll.error ?? (roll.metres === null ? 'How far did it roll?' : outsideLimits(roll.metres, 'roll'));
    setErrors({ roll: rollError, side: rolling.takesSide ? beside.error : null });
    if (rollError !== null || roll.metres === null) {
      rollRef.current?.focus();
      return;
    }
    if (rolling.takesSide && (beside.error !== null || side.trim() === '')) {
      sideRef.current?.focus();
      return;
    }
    rolling.touchStop(roll.metres, rolling.takesSide ? beside.metres : null);
    setText('');
    setSide('');
    rollRef.current?.focus();
  };
  const fields = (
    <Typed data-keys data-one={!rolling.takesSide || undefined}>
      <Entry
        label="Roll, or +/- from the target"
        value={text}
        onChange={setText}
        onEnter={enter}
        inputMode="text"
        inputRef={rollRef}
        suffix={units.suffix('roll')}
        error={errors.roll}
      />
      {rolling.takesSide && (
        <Entry
          label="Beside, l or r"
          value={side}
          onChange={setSide}
          onEnter={enter}
          inputRef={sideRef}
          suffix={units.suffix('roll')}
          error={errors.side}
        />
      )}
      <Button onPress={enter}>Log</Button>
    </Typed>
  );
  return (
    <Stack $gap="s">
      {isFine && (
        <Row style={{ alignItems: 'end' }}>
          {fields}
          {faces}
        </Row>
      )}
      {children}
      {!isFine && faces}
      <More>
        <summary>{isFine ? 'Stopped by something' : 'Type it, or stopped by something'}</summary>
        <Stack $gap="s">
          {!isFine && fields}
          <OneOf<Stop>
            label="The next ball is stopped"
            isLabelHidden
            options={STOPS.filter(({ value }) => value !== 'holed')}
            value={rolling.stop}
            onChange={rolling.setStop}
          />
        </Stack>
      </More>
    </Stack>
  );
}

/** "l 2", "2 r", "-2": metres beside the line, positive right. */
function readSide(text: string, units: Units): { metres: number; error: string | null } {
  const sign = /l|-/i.test(text) ? -1 : 1;
  const read = units.read(text.replace(/[lr+-]/gi, ''), 'roll');
  return { metres: sign * (read.metres ?? 0), error: read.error };
}

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
