import { useState } from 'react';
import { Columns, Entry, Part, Quiet } from '../design';
import type { Units } from '../units/useUnits';
import type { Direction, ReadingWork } from './useReading';

const NAMES = { 1: 'There', 2: 'Back along the same line' } as const;

/** Ramp rolls both ways; each is taken as soon as it is typed. */
export function RampRolls({ reading, units }: { reading: ReadingWork; units: Units }) {
  return (
    <Columns>
      {([1, 2] as const).map((direction) => (
        <RampDirection key={direction} direction={direction} reading={reading} units={units} />
      ))}
    </Columns>
  );
}

interface RampDirectionProps {
  direction: Direction;
  reading: ReadingWork;
  units: Units;
}

function RampDirection({ direction, reading, units }: RampDirectionProps) {
  const field = `direction_${direction}_m` as const;
  const [texts, setTexts] = useState(() => [
    ...(reading.entries[field] ?? []).map((roll) => units.exactText(roll, 'roll')),
    '',
  ]);
  const [errors, setErrors] = useState<Record<number, string>>({});
  const commit = () => {
    const read = texts.map((text) => units.read(text, 'roll'));
    setErrors(
      Object.fromEntries(
        read.flatMap((entry, index) => (entry.error === null ? [] : [[index, entry.error]])),
      ),
    );
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
      {direction === 1 && <Quiet>Three rolls each way along one line. Type each and press Enter.</Quiet>}
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
