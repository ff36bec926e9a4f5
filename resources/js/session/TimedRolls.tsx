import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { Button, Columns, color, Entry, OneOf, Part, Quiet, Row, Stack, TableFrame, type } from '../design';
import type { Units } from '../units/useUnits';
import type { Direction, ReadingWork } from './useReading';

const Watch = styled(Button)`
  min-height: 120px; width: 100%; font: 700 2.6rem ${type.sans}; flex-direction: column;
  small { font-size: 1rem; font-weight: 400; }
  &[data-running] { background: ${color.copper}; color: ${color.onCopper}; }
`;

/** Hand-rolled balls: touch at release, touch at rest, then say how far. */
export function TimedRolls({ reading, units }: { reading: ReadingWork; units: Units }) {
  const watch = useStopwatch();
  const [direction, setDirection] = useState<Direction>(1);
  const [distance, setDistance] = useState('');
  const [time, setTime] = useState('');
  const [errors, setErrors] = useState<{ distance: string | null; time: string | null }>({
    distance: null,
    time: null,
  });
  const field = `direction_${direction}` as const;
  const rolls = reading.entries[field] ?? [];
  const add = () => {
    const read = units.read(distance, 'roll');
    const seconds = Number(time.trim().replace(',', '.'));
    const badTime =
      time.trim() === ''
        ? 'Time the roll, or type its seconds.'
        : Number.isNaN(seconds)
          ? `“${time.trim()}” is not a time. Type 4.2, say.`
          : null;
    setErrors({
      distance: read.metres === null ? (read.error ?? 'How far did it roll?') : null,
      time: badTime,
    });
    if (read.metres === null || badTime !== null) {
      return;
    }
    reading.keepTimed(direction, [...rolls, { distance_m: read.metres, time_s: seconds }]);
    setDistance('');
    setTime('');
    watch.reset();
  };
  return (
    <Columns>
      <Stack>
        <Watch
          data-running={watch.isRunning || undefined}
          onPress={() => {
            const seconds = watch.press();
            if (seconds !== null) {
              setTime(seconds.toFixed(2));
            }
          }}
        >
          {watch.seconds.toFixed(1)} s
          <small>{watch.isRunning ? 'Press as it comes to rest' : 'Press as it leaves the hand'}</small>
        </Watch>
        <Quiet>Roll without skidding, for three seconds or more. The space bar presses too.</Quiet>
        <OneOf
          label="Which way"
          options={[
            { value: '1', label: 'There' },
            { value: '2', label: 'Back' },
          ]}
          value={String(direction) as '1' | '2'}
          onChange={(way) => setDirection(way === '1' ? 1 : 2)}
        />
        <Columns>
          <Entry
            label="Time"
            value={time}
            onChange={setTime}
            onEnter={add}
            inputMode="decimal"
            suffix="s"
            error={errors.time}
          />
          <Entry
            label="Distance"
            value={distance}
            onChange={setDistance}
            onEnter={add}
            suffix={units.suffix('roll')}
            error={errors.distance}
          />
        </Columns>
        <Row>
          <Button onPress={add}>Add this roll</Button>
        </Row>
      </Stack>
      <Part>
        <h2>Rolls so far</h2>
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">Way</th>
                <th scope="col">Time</th>
                <th scope="col">Distance</th>
                <th scope="col">
                  <span hidden>Take out</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {([1, 2] as const).flatMap((way) =>
                (reading.entries[`direction_${way}`] ?? []).map((roll, index, all) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: rolls are told apart by their place only.
                  <tr key={`${way} ${index}`}>
                    <th scope="row">{way === 1 ? 'There' : 'Back'}</th>
                    <td>{roll.time_s.toFixed(2)} s</td>
                    <td>
                      {units.show(roll.distance_m, 'roll')}
                      <RefusedRoll reading={reading} path={`direction_${way}.${index}`} />
                    </td>
                    <td>
                      <Button
                        look="bare"
                        aria-label={`Take out ${way === 1 ? 'there' : 'back'}, roll ${index + 1}`}
                        onPress={() => {
                          setDirection(way);
                          setDistance(units.text(roll.distance_m, 'roll'));
                          setTime(String(roll.time_s));
                          reading.keepTimed(
                            way,
                            all.filter((_, at) => at !== index),
                          );
                        }}
                      >
                        Change
                      </Button>
                    </td>
                  </tr>
                )),
              )}
            </tbody>
          </table>
        </TableFrame>
      </Part>
    </Columns>
  );
}

const Sentence = styled.p`color: ${color.warn}; font-weight: 700; font-size: 0.95rem;`;

function RefusedRoll({ reading, path }: { reading: ReadingWork; path: string }) {
  const said = reading.errorAt(`${path}.distance_m`) ?? reading.errorAt(`${path}.time_s`);
  return said === null ? null : <Sentence>{said}</Sentence>;
}

/** A stopwatch: the first press starts it, the second stops it and says the seconds. */
function useStopwatch() {
  const started = useRef<number | null>(null);
  const [seconds, setSeconds] = useState(0);
  const [isRunning, setRunning] = useState(false);
  useEffect(() => {
    if (!isRunning) {
      return;
    }
    let frame = 0;
    const tick = () => {
      setSeconds((performance.now() - (started.current ?? performance.now())) / 1000);
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [isRunning]);
  return {
    seconds,
    isRunning,
    /** @returns seconds when this press stopped it, null when it started it */
    press: (): number | null => {
      if (isRunning && started.current !== null) {
        const taken = (performance.now() - started.current) / 1000;
        setRunning(false);
        setSeconds(taken);
        return taken;
      }
      started.current = performance.now();
      setSeconds(0);
      setRunning(true);
      return null;
    },
    reset: () => {
      setRunning(false);
      setSeconds(0);
    },
  };
}
