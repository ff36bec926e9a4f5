import { useState } from 'react';
import { Button, Columns, Entry, OneOf, Quiet, Row, Sheet } from '../design';
import { useBallHistory } from '../server/queries';
import {
  type Ball,
  type BallEvent,
  type Cause,
  cutsShort,
  type Mark,
  type Remarks,
  type Seen,
  type Stop,
} from '../server/types';
import type { ShownPutt } from '../server/useOutbox';
import { clock } from '../units/dates';
import { outsideLimits } from '../units/limits';
import type { Units } from '../units/useUnits';
import { ballWords, CAUSES, MARKS, STOPS } from './ballWords';
import { SeenOf } from './SeenOf';

interface BallSheetProps {
  sessionId: string;
  putt: ShownPutt;
  units: Units;
  onKeep: (ball: Ball & Remarks) => void;
  onStrike: () => void;
  onClose: () => void;
}

const NO_CAUSE = { value: 'none', label: 'None' } as const;

/** Corrects one ball, marks it, or strikes it out; its history is kept and shown. */
export function BallSheet({ sessionId, putt, units, onKeep, onStrike, onClose }: BallSheetProps) {
  const [backstroke, setBackstroke] = useState(units.text(putt.backstroke_m, 'backstroke'));
  const [roll, setRoll] = useState(units.text(putt.roll_m, 'roll'));
  const [runOn, setRunOn] = useState(units.text(putt.run_on_m, 'roll'));
  const [ball, setBall] = useState<Ball & Remarks>(() => {
    const { stop, target_m, grade_percent, across_percent, mark, cause, seen } = putt;
    const { backstroke_m, roll_m, run_on_m } = putt;
    return {
      backstroke_m,
      roll_m,
      run_on_m,
      stop,
      target_m,
      grade_percent,
      across_percent,
      mark,
      cause,
      seen,
    };
  });
  const [errors, setErrors] = useState<Record<'backstroke' | 'roll' | 'runOn', string | null>>({
    backstroke: null,
    roll: null,
    runOn: null,
  });
  const change = (part: Partial<Ball & Remarks>) => setBall({ ...ball, ...part });
  const see = (answers: Seen) => change({ seen: { ...ball.seen, ...answers } });
  const keep = () => {
    const [back, rolled, further] = [
      units.read(backstroke, 'backstroke'),
      units.read(roll, 'roll'),
      units.read(cutsShort(ball.stop) ? runOn : '', 'roll'),
    ];
    const backError = back.error ?? outsideLimits(back.metres, 'backstroke');
    const missing =
      rolled.metres === null && !['holed', 'unseen'].includes(ball.stop)
        ? 'Say how far the ball rolled.'
        : null;
    const rollError = rolled.error ?? missing ?? outsideLimits(rolled.metres, 'roll');
    const runOnError = further.error ?? outsideLimits(further.metres, 'runOn');
    setErrors({ backstroke: backError, roll: rollError, runOn: runOnError });
    if (backError === null && rollError === null && runOnError === null) {
      onKeep({ ...ball, backstroke_m: back.metres, roll_m: rolled.metres, run_on_m: further.metres });
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
      <OneOf<Stop>
        label="It stopped"
        options={STOPS}
        value={ball.stop}
        onChange={(stop) => change({ stop })}
      />
      {cutsShort(ball.stop) && (
        <Entry
          label="It would have run on, by eye"
          value={runOn}
          onChange={setRunOn}
          onEnter={keep}
          suffix={units.suffix('roll')}
          error={errors.runOn}
          hint="Without this it only counts as “at least this far”."
        />
      )}
      <SeenOf putt={putt} seen={ball.seen ?? {}} onSee={see} units={units} />
      <OneOf<Mark | 'none'>
        label="Mark"
        options={MARKS}
        value={ball.mark ?? 'none'}
        onChange={(mark) => change({ mark: mark === 'none' ? null : mark })}
      />
      <OneOf<Cause | 'none'>
        label="Why it missed"
        options={[NO_CAUSE, ...CAUSES]}
        value={ball.cause ?? 'none'}
        onChange={(cause) => change({ cause: cause === 'none' ? null : cause })}
      />
      <Row>
        <Button look="main" onPress={keep}>
          Keep
        </Button>
        <Button onPress={onStrike}>Strike it out</Button>
        <Button look="bare" onPress={onClose}>
          Leave it
        </Button>
      </Row>
      <History sessionId={sessionId} putt={putt} units={units} />
    </Sheet>
  );
}

const DONE: Readonly<Record<string, string>> = {
  putt_logged: 'Rolled',
  putt_corrected: 'Corrected',
  putt_remarked: 'Marked',
  undone: 'Taken back',
};

/** What happened to the ball since it was rolled, and who logged it. */
function History({ sessionId, putt, units }: { sessionId: string; putt: ShownPutt; units: Units }) {
  const history = useBallHistory(sessionId, putt.id);
  if (history.data === undefined) {
    return history.isError ? <Quiet>Its history is with the server: {history.error.message}</Quiet> : null;
  }
  return (
    <div>
      <h3>Its history</h3>
      {history.data.length === 0 && <Quiet>Not sent yet.</Quiet>}
      <ol style={{ margin: 0, paddingLeft: '1.3em' }}>
        {history.data.map((event) => (
          <li key={event.id}>
            {DONE[event.type] ?? 'Changed'} at {clock(new Date(event.at_ms).toISOString())} by {event.by}
            {event.type === 'undone' ? '' : `: ${eventWords(event, putt, units)}`}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** A remark tells only what was said; anything else tells the ball. */
function eventWords(event: BallEvent, putt: ShownPutt, units: Units): string {
  const { at_ms: _, by: __, ...said } = event;
  const nothing = {
    backstroke_m: null,
    roll_m: null,
    stop: 'free' as const,
    target_m: putt.target_m,
    seen: {},
  };
  return ballWords({ ...nothing, ...said, grade_percent: 0 }, units) || 'nothing said';
}
