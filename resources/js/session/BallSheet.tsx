import { useState } from 'react';
import type { Ball, Mark, Stop } from '../app/types';
import type { ShownPutt } from '../app/useOutbox';
import type { Units } from '../app/useUnits';
import { Button, Columns, Entry, OneOf, type Option, Row, Sheet } from '../design';
import { outsideLimits } from '../units/limits';
import { STOPS } from './ballWords';

interface BallSheetProps {
  putt: ShownPutt;
  units: Units;
  marks: readonly Option<Mark | 'none'>[];
  onKeep: (ball: Ball) => void;
  onStrike: () => void;
  onClose: () => void;
}

/** Corrects one ball, marks it, or strikes it out; its history is kept. */
export function BallSheet({ putt, units, marks, onKeep, onStrike, onClose }: BallSheetProps) {
  const [backstroke, setBackstroke] = useState(units.text(putt.backstroke_m, 'backstroke'));
  const [roll, setRoll] = useState(units.text(putt.roll_m, 'roll'));
  const [stop, setStop] = useState<Stop>(putt.stop);
  const [mark, setMark] = useState<Mark | 'none'>(putt.mark ?? 'none');
  const [errors, setErrors] = useState<{ backstroke: string | null; roll: string | null }>({
    backstroke: null,
    roll: null,
  });
  const keep = () => {
    const [back, rolled] = [units.read(backstroke, 'backstroke'), units.read(roll, 'roll')];
    const backError = back.error ?? outsideLimits(back.metres, 'backstroke');
    const missing =
      rolled.metres === null && !['holed', 'unseen'].includes(stop) ? 'Say how far the ball rolled.' : null;
    const rollError = rolled.error ?? missing ?? outsideLimits(rolled.metres, 'roll');
    setErrors({ backstroke: backError, roll: rollError });
    if (backError === null && rollError === null) {
      const { target_m, grade_percent } = putt;
      onKeep({
        backstroke_m: back.metres,
        roll_m: rolled.metres,
        stop,
        target_m,
        grade_percent,
        mark: mark === 'none' ? null : mark,
      });
    }
  };
  return (
    <Sheet title="Correct this ball" onClose={onClose}>
      <Columns>
        <Entry
          label="Backstroke"
          value={backstroke}
          onChange={setBackstroke}
          onEnter={keep}
          suffix={units.suffix('backstroke')}
          error={errors.backstroke}
        />
        <Entry
          label="Roll"
          value={roll}
          onChange={setRoll}
          onEnter={keep}
          suffix={units.suffix('roll')}
          error={errors.roll}
          autoFocus
        />
      </Columns>
      <OneOf label="It stopped" options={STOPS} value={stop} onChange={setStop} />
      <OneOf label="Mark" options={marks} value={mark} onChange={setMark} />
      <Row>
        <Button look="main" onPress={keep}>
          Keep
        </Button>
        <Button onPress={onStrike}>Strike it out</Button>
        <Button look="bare" onPress={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}
