import { type ReactNode, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { doubtsAbout } from '../../api/queries';
import type { RollDoubt, TimedRoll } from '../../api/types';
import { Button, Columns, color, Entry, Notice, narrow, OneOf, Row, Stack, space, type } from '../../design';
import { announce } from '../../device/announce';
import { remember, resumeStateOf } from '../../device/resumeState';
import { readNumber } from '../../units/format';
import type { Units } from '../../units/useUnits';
import type { Direction, ReadingWork } from './useMeasurementEntry';
import { useStopwatch } from './useStopwatch';

const Watch = styled(Button)`
  min-height: 104px; width: 100%; font: 700 2.5rem ${type.sans}; flex-direction: column; gap: 0; touch-action: manipulation;
  small { font-size: 1rem; font-weight: 400; }
  &[data-running] { background: ${color.copper}; color: ${color.onCopper}; }
  ${narrow} { min-height: 92px; }
`;

const Fields = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto; gap: ${space.s}; align-items: end;
`;

interface TimedRollsProps {
  reading: ReadingWork;
  units: Units;
  sessionId: string;
  /** The figure so far, under the watch. */
  result: ReactNode;
}

/** Hand-rolled balls: touch at release, touch at rest, say how far, Enter; there and back turn by themselves. */
export function TimedRolls({ reading, units, sessionId, result }: TimedRollsProps) {
  const timing = useTiming(reading, units, sessionId);
  const { watch, direction } = timing;
  return (
    <Columns>
      <Stack $gap="s">
        <OneOf
          label="Which way"
          isLabelHidden
          isRow
          options={[
            { value: '1', label: 'Out' },
            { value: '2', label: 'Back' },
          ]}
          value={String(direction) as '1' | '2'}
          onChange={(way) => timing.setDirection(way === '1' ? 1 : 2)}
        />
        <Watch
          ref={timing.watchRef}
          data-running={watch.isRunning || undefined}
          onPressStart={timing.press}
          onPress={timing.released}
        >
          {watch.seconds.toFixed(1)} s
          <small>{watch.isRunning ? 'Press when the ball stops' : 'Press when the ball leaves the hand'}</small>
        </Watch>
        <Fields data-keys>
          <Entry
            label="Time"
            value={timing.time}
            onChange={timing.setTime}
            onEnter={timing.add}
            inputMode="decimal"
            suffix="s"
            error={timing.errors.time}
          />
          <Entry
            label="Distance"
            value={timing.distance}
            onChange={timing.setDistance}
            onEnter={timing.add}
            inputRef={timing.distanceRef}
            suffix={units.suffix('roll')}
            error={timing.errors.distance}
          />
          <Button onPress={timing.add}>Add</Button>
        </Fields>
        {timing.doubts.length > 0 && (
          <Notice kind="wrong">
            {timing.doubts.map(({ key, sentence }) => (
              <p key={key}>{sentence}</p>
            ))}
            <Row>
              <Button onPress={timing.keepAnyway}>Keep it anyway</Button>
              <Button onPress={timing.forget}>Roll it again</Button>
            </Row>
          </Notice>
        )}
        {result}
      </Stack>
      <RollsSoFar reading={reading} units={units} onChange={timing.takeOut} />
    </Columns>
  );
}

/** One roll after another: its time, its distance, which way, and what there is to ask about it. */
function useTiming(reading: ReadingWork, units: Units, sessionId: string) {
  const watch = useStopwatch();
  const [stand] = useState(() => resumeStateOf(sessionId));
  const [chosenWay, setDirection] = useState<Direction | null>(stand.direction ?? null);
  const [distance, setDistance] = useState(stand.distance ?? '');
  const [time, setTime] = useState(stand.time ?? '');
  const [errors, setErrors] = useState<Record<'distance' | 'time', string | null>>({
    distance: null,
    time: null,
  });
  const [asked, setAsked] = useState<{ roll: TimedRoll; doubts: RollDoubt[] } | null>(null);
  const distanceRef = useRef<HTMLInputElement>(null);
  const watchRef = useRef<HTMLButtonElement>(null);
  const rolls = (way: Direction) => reading.entries[`direction_${way}`] ?? [];
  // The way with fewer rolls is next: one ball goes there and comes back.
  const direction = chosenWay ?? (rolls(1).length > rolls(2).length ? 2 : 1);
  useEffect(
    () => remember(sessionId, { distance, time, ...(chosenWay === null ? {} : { direction: chosenWay }) }),
    [sessionId, distance, time, chosenWay],
  );

  const count = (roll: TimedRoll) => {
    reading.keepTimed(direction, [...rolls(direction), roll]);
    setAsked(null);
    setTime('');
    setDirection(null);
    watch.reset();
    // The next ball is timed next.
    watchRef.current?.focus({ preventScroll: true });
  };
  const add = async () => {
    const read = units.read(distance, 'roll');
    const seconds = readNumber(time);
    const wrong = { distance: distanceWrong(read), time: timeWrong(time, seconds) };
    setErrors(wrong);
    if (wrong.distance !== null || wrong.time !== null || read.metres === null || seconds === null) {
      announce([wrong.time, wrong.distance].filter((each) => each !== null).join(' '));
      return;
    }
    const roll = { distance_m: read.metres, time_s: seconds };
    const doubts = await doubtsAbout(roll, rolls(direction));
    if (doubts.length === 0) {
      count(roll);
    } else {
      setAsked({ roll, doubts });
    }
  };
  return {
    watch,
    direction,
    setDirection,
    time,
    setTime,
    distance,
    setDistance,
    distanceRef,
    watchRef,
    errors,
    doubts: asked?.doubts ?? [],
    press: () => {
      const seconds = watch.press();
      if (seconds !== null) {
        setTime(seconds.toFixed(2));
      }
    },
    /** The thumb is off the watch: once it has stopped, how far is asked next. */
    released: () => {
      if (!watch.isRunning) {
        // The last distance is still there: typed over, or kept with Enter.
        distanceRef.current?.focus();
        distanceRef.current?.select();
      }
    },
    add: () => void add(),
    keepAnyway: () => asked !== null && count(asked.roll),
    forget: () => {
      setAsked(null);
      setTime('');
      watch.reset();
    },
    /** Takes a roll out, and back into the fields to be mended. */
    takeOut: (way: Direction, index: number) => {
      const roll = rolls(way)[index];
      if (roll !== undefined) {
        setDirection(way);
        setDistance(units.exactText(roll.distance_m, 'roll'));
        setTime(String(roll.time_s));
        reading.keepTimed(
          way,
          rolls(way).filter((_, at) => at !== index),
        );
      }
    },
  };
}

function distanceWrong(read: { metres: number | null; error: string | null }): string | null {
  return read.metres === null ? (read.error ?? 'Enter how far the ball rolled.') : null;
}

function timeWrong(time: string, seconds: number | null): string | null {
  if (time.trim() === '') {
    return 'Time the roll, or type its seconds.';
  }
  return seconds === null ? `“${time.trim()}” is not a time. Type a time like 4.2.` : null;
}

const Rolls = styled.ul`
  list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 220px), 1fr)); gap: 0 ${space.m};
  li { display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; border-bottom: 1px solid ${color.rule}; min-height: 48px; }
`;

const Sentence = styled.p`color: ${color.warn}; font-weight: 700; font-size: 0.95rem;`;

interface RollsSoFarProps {
  reading: ReadingWork;
  units: Units;
  onChange: (way: Direction, index: number) => void;
}

function RollsSoFar({ reading, units, onChange }: RollsSoFarProps) {
  return (
    <Rolls aria-label="Rolls so far">
      {([1, 2] as const).flatMap((way) =>
        (reading.entries[`direction_${way}`] ?? []).map((roll, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rolls are told apart by their place only.
          <li key={`${way} ${index}`}>
            <span>
              {way === 1 ? 'Out' : 'Back'}: {roll.time_s.toFixed(2)} s, {units.show(roll.distance_m, 'roll')}
              <RefusedRoll reading={reading} path={`direction_${way}.${index}`} />
            </span>
            <Button
              look="bare"
              aria-label={`Delete ${way === 1 ? 'out' : 'back'}, roll ${index + 1}`}
              onPress={() => onChange(way, index)}
            >
              Edit
            </Button>
          </li>
        )),
      )}
    </Rolls>
  );
}

function RefusedRoll({ reading, path }: { reading: ReadingWork; path: string }) {
  const said = reading.errorAt(`${path}.distance_m`) ?? reading.errorAt(`${path}.time_s`);
  return said === null ? null : <Sentence>{said}</Sentence>;
}
