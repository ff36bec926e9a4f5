import { useState } from 'react';
import type { DeviceReadings } from '../../api/types';
import { Columns, Entry, Part, QuietText, Stack } from '../../design';
import { TakeMeasurement } from '../../features/sensors/TakeMeasurement';
import type { Units } from '../../units/useUnits';
import type { Direction, ReadingWork } from './useMeasurementEntry';

const NAMES = { 1: 'Out', 2: 'Back along the same line' } as const;

/** As many each way as the page asks for. */
const ROLLS = 3;

/** Ramp rolls both ways; each is taken as soon as it is typed. */
export function RampRolls({ reading, units }: { reading: ReadingWork; units: Units }) {
  const { direction_1_m: there = [], direction_2_m: back = [], read_by } = reading.entries;
  const [filled, fill] = useState<{ 1: number[]; 2: number[]; times: number } | null>(null);
  const rolls = (read: DeviceReadings, field: string) => read.readings.flatMap((roll) => roll[field] ?? []);
  const take = (read: DeviceReadings) => {
    // What the coach put down stands.
    const now = {
      1: there.length > 0 ? there : rolls(read, 'direction_1_m'),
      2: back.length > 0 ? back : rolls(read, 'direction_2_m'),
    };
    fill({ ...now, times: (filled?.times ?? 0) + 1 });
    reading.fillRamp(now[1], now[2], read.source);
  };
  return (
    <Stack $gap="s">
      <Columns>
        {([1, 2] as const).map((direction) => (
          <RampDirection
            // Filled by a device, its fields begin anew.
            key={`${direction} ${filled?.times ?? 0}`}
            direction={direction}
            begun={filled?.[direction] ?? reading.entries[`direction_${direction}_m`] ?? []}
            reading={reading}
            units={units}
          />
        ))}
      </Columns>
      {(there.length === 0 || back.length === 0) && (
        <TakeMeasurement kind="ramp" scene={() => ({ count: ROLLS })} onRead={take} />
      )}
      {read_by === 'simulated' && (
        <QuietText>Some of these are rolls of the simulated ramp: made up, not measured.</QuietText>
      )}
    </Stack>
  );
}

interface RampDirectionProps {
  direction: Direction;
  /** Rolls that are there when it opens, metres. */
  begun: readonly number[];
  reading: ReadingWork;
  units: Units;
}

function RampDirection({ direction, begun, reading, units }: RampDirectionProps) {
  const field = `direction_${direction}_m` as const;
  const [texts, setTexts] = useState(() => [...begun.map((roll) => units.exactText(roll, 'roll')), '']);
  const [errors, setErrors] = useState<Record<number, string>>({});
  const commit = () => {
    const read = texts.map((text) => units.read(text, 'roll'));
    setErrors(Object.fromEntries(read.flatMap((entry, index) => (entry.error === null ? [] : [[index, entry.error]]))));
    if (read.some((entry) => entry.error !== null)) {
      return;
    }
    const rolls = read.flatMap((entry) => (entry.metres === null ? [] : [entry.metres]));
    const isNew = JSON.stringify(rolls) !== JSON.stringify(reading.entries[field] ?? []);
    setTexts([...texts.filter((text) => text.trim() !== ''), '']);
    if (isNew) {
      reading.keepRamp(direction, rolls);
    }
  };
  return (
    <Part>
      <h2>{NAMES[direction]}</h2>
      {direction === 1 && <QuietText>Three rolls each way along one line. Type each and press Enter.</QuietText>}
      {texts.map((text, index) => (
        <Entry
          // biome-ignore lint/suspicious/noArrayIndexKey: entries are told apart by their place only.
          key={index}
          label={`${NAMES[direction].split(' ')[0]}, roll ${index + 1}`}
          value={text}
          onChange={(value) => setTexts(texts.map((other, at) => (at === index ? value : other)))}
          onBlur={commit}
          onEnter={commit}
          suffix={units.suffix('roll')}
          error={errors[index] ?? reading.errorAt(`${field}.${index}`)}
        />
      ))}
    </Part>
  );
}
