import { useState } from 'react';
import { clock } from '../app/dates';
import { useBallHistory } from '../app/queries';
import type { Ball, BallEvent, Cause, Mark, Remarks, Sight, Stop } from '../app/types';
import type { ShownPutt } from '../app/useOutbox';
import type { Units } from '../app/useUnits';
import { Button, Columns, Entry, OneOf, Quiet, Row, Sheet } from '../design';
import { outsideLimits } from '../units/limits';
import { ballWords, CALLS, CAUSES, GATES, MARKS, STOPS } from './ballWords';

interface BallSheetProps {
  sessionId: string;
  putt: ShownPutt;
  units: Units;
  onKeep: (ball: Ball & Sight & Remarks) => void;
  onStrike: () => void;
  onClose: () => void;
}

const HITS = [
  { value: 'hit', label: 'Struck it' },
  { value: 'missed', label: 'Missed it' },
] as const;

const NO_CAUSE = { value: 'none', label: 'None' } as const;

/** Corrects one ball, marks it, or strikes it out; its history is kept and shown. */
export function BallSheet({ sessionId, putt, units, onKeep, onStrike, onClose }: BallSheetProps) {
  const [backstroke, setBackstroke] = useState(units.text(putt.backstroke_m, 'backstroke'));
  const [roll, setRoll] = useState(units.text(putt.roll_m, 'roll'));
  const [seen, setSeen] = useState<Ball & Sight & Remarks>(() => {
    const { id: _, at_ms: __, outcome, corrections, isWaiting, run_id, student, ...ball } = putt;
    return ball;
  });
  const [errors, setErrors] = useState<{ backstroke: string | null; roll: string | null }>({
    backstroke: null,
    roll: null,
  });
  const change = (part: Partial<Ball & Sight & Remarks>) => setSeen({ ...seen, ...part });
  const keep = () => {
    const [back, rolled] = [units.read(backstroke, 'backstroke'), units.read(roll, 'roll')];
    const backError = back.error ?? outsideLimits(back.metres, 'backstroke');
    const missing =
      rolled.metres === null && !['holed', 'unseen'].includes(seen.stop)
        ? 'Say how far the ball rolled.'
        : null;
    const rollError = rolled.error ?? missing ?? outsideLimits(rolled.metres, 'roll');
    setErrors({ backstroke: backError, roll: rollError });
    if (backError === null && rollError === null) {
      onKeep({ ...seen, backstroke_m: back.metres, roll_m: rolled.metres });
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
        value={seen.stop}
        onChange={(stop) => change({ stop })}
      />
      {putt.call !== null && (
        <OneOf label="Called" options={CALLS} value={seen.call} onChange={(call) => change({ call })} />
      )}
      {putt.gate !== null && (
        <OneOf label="It started" options={GATES} value={seen.gate} onChange={(gate) => change({ gate })} />
      )}
      {putt.hit !== null && (
        <OneOf
          label="What it did"
          options={HITS}
          value={seen.hit === true ? 'hit' : 'missed'}
          onChange={(value) => change({ hit: value === 'hit' })}
        />
      )}
      <OneOf<Mark | 'none'>
        label="Mark"
        options={MARKS}
        value={seen.mark ?? 'none'}
        onChange={(mark) => change({ mark: mark === 'none' ? null : mark })}
      />
      <OneOf<Cause | 'none'>
        label="Why it missed"
        options={[NO_CAUSE, ...CAUSES]}
        value={seen.cause ?? 'none'}
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

const DONE: Record<BallEvent['type'], string> = {
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
            {DONE[event.type]} at {clock(new Date(event.at_ms).toISOString())} by {event.by}
            {event.type === 'undone' ? '' : `: ${eventWords(event, putt, units)}`}
          </li>
        ))}
      </ol>
    </div>
  );
}

/** A remark tells only what was said; anything else tells the ball. */
function eventWords(event: BallEvent, putt: ShownPutt, units: Units): string {
  const nothing = {
    backstroke_m: null,
    roll_m: null,
    stop: 'free',
    target_m: putt.target_m,
    grade_percent: 0,
  } as const;
  return ballWords({ ...nothing, ...event }, units) || 'nothing said';
}
