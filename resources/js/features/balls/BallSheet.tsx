import { useState } from 'react';
import { useBallHistory } from '../../api/queries';
import {
  type BallEvent,
  type BallMeasurement,
  type Cause,
  cutsShort,
  type Mark,
  type Observations,
  type Remarks,
  type Session,
  type Stop,
} from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, Columns, Entry, OneOf, QuietText, Row, Sheet } from '../../design';
import { clock } from '../../units/dates';
import { outsideLimits } from '../../units/limits';
import type { Units } from '../../units/useUnits';
import { BallObservations } from './BallObservations';
import { ballWords, CAUSES, MARKS, STOPS } from './ballWords';
import { ownerAsEvent, ownerOf } from './names';
import { ballOf } from './useLogger';

interface BallSheetProps {
  session: Session;
  putt: ShownPutt;
  /** Which ball of this place it is, for its title. */
  number: number;
  units: Units;
  onKeep: (ball: BallMeasurement & Remarks) => void;
  onStrike: () => void;
  /** It was another's: null for whoever the session was begun for. */
  onGive: (student: string | null) => void;
  onClose: () => void;
}

const NO_CAUSE = { value: 'none', label: 'None' } as const;

/** Corrects one ball, marks it, or strikes it out; its history is kept and shown. */
export function BallSheet({ session, putt, number, units, onKeep, onStrike, onGive, onClose }: BallSheetProps) {
  const [backstroke, setBackstroke] = useState(units.text(putt.backstroke_m, 'backstroke'));
  const [roll, setRoll] = useState(units.text(putt.roll_m, 'roll'));
  const [runOn, setRunOn] = useState(units.text(putt.run_on_m, 'roll'));
  const [ball, setBall] = useState<BallMeasurement & Remarks>(() => ballOf(putt));
  const [errors, setErrors] = useState<Record<'backstroke' | 'roll' | 'runOn', string | null>>({
    backstroke: null,
    roll: null,
    runOn: null,
  });
  const change = (part: Partial<BallMeasurement & Remarks>) => setBall({ ...ball, ...part });
  const see = (answers: Observations) => change({ seen: { ...ball.seen, ...answers } });
  const keep = () => {
    const [back, rolled, further] = [
      units.reread(backstroke, putt.backstroke_m, 'backstroke'),
      units.reread(roll, putt.roll_m, 'roll'),
      cutsShort(ball.stop) ? units.reread(runOn, putt.run_on_m, 'roll') : { metres: null, error: null },
    ];
    const backError = back.error ?? outsideLimits(back.metres, 'backstroke');
    const missing =
      rolled.metres === null && !['holed', 'unseen'].includes(ball.stop) ? 'Enter how far the ball rolled.' : null;
    const rollError = rolled.error ?? missing ?? outsideLimits(rolled.metres, 'roll');
    const runOnError = further.error ?? outsideLimits(further.metres, 'runOn');
    setErrors({ backstroke: backError, roll: rollError, runOn: runOnError });
    if (backError === null && rollError === null && runOnError === null) {
      onKeep({ ...ball, backstroke_m: back.metres, roll_m: rolled.metres, run_on_m: further.metres });
    }
  };
  return (
    <Sheet
      title={`Ball ${number}${putt.target_m === null ? '' : `, from ${units.show(putt.target_m, 'station')}`}${putt.attempt > 1 ? `, attempt ${putt.attempt}` : ''}`}
      onClose={onClose}
    >
      {session.group_members.length > 1 && (
        <OneOf
          label="Student"
          options={session.group_members.map(({ student, name }) => ({ value: student, label: name }))}
          value={ownerOf(putt.student, session)}
          onChange={(student) => onGive(ownerAsEvent(student, session))}
        />
      )}
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
      <OneOf<Stop> label="How it stopped" options={STOPS} value={ball.stop} onChange={(stop) => change({ stop })} />
      {cutsShort(ball.stop) && (
        <Entry
          label="Estimated roll without the obstacle"
          value={runOn}
          onChange={setRunOn}
          onEnter={keep}
          suffix={units.suffix('roll')}
          error={errors.runOn}
          hint="Without it the roll counts as “at least this far”."
        />
      )}
      <BallObservations putt={putt} seen={ball.seen ?? {}} onSee={see} units={units} />
      <OneOf<Mark | 'none'>
        label="Mark"
        options={MARKS}
        value={ball.mark ?? 'none'}
        onChange={(mark) => change({ mark: mark === 'none' ? null : mark })}
      />
      <OneOf<Cause | 'none'>
        label="Cause of the miss"
        options={[NO_CAUSE, ...CAUSES]}
        value={ball.cause ?? 'none'}
        onChange={(cause) => change({ cause: cause === 'none' ? null : cause })}
      />
      <Row>
        <Button look="main" onPress={keep}>
          Save
        </Button>
        <Button onPress={onStrike}>Delete</Button>
        <Button look="bare" onPress={onClose}>
          Cancel
        </Button>
      </Row>
      <History sessionId={session.id} putt={putt} units={units} />
    </Sheet>
  );
}

const DONE: Readonly<Record<string, string>> = {
  putt_logged: 'Logged',
  putt_corrected: 'Edited',
  putt_remarked: 'Marked',
  putt_given: 'Moved to another student',
  undone: 'Deleted',
};

/** What happened to the ball since it was rolled, and who logged it. */
function History({ sessionId, putt, units }: { sessionId: string; putt: ShownPutt; units: Units }) {
  const history = useBallHistory(sessionId, putt.id);
  if (history.data === undefined) {
    return history.isError ? <QuietText>The history needs the server: {history.error.message}</QuietText> : null;
  }
  return (
    <div>
      <h3>History</h3>
      {history.data.length === 0 && <QuietText>Not synced yet.</QuietText>}
      <ol style={{ margin: 0, paddingLeft: '1.3em' }}>
        {history.data.map((event) => (
          <li key={event.id}>
            {DONE[event.type] ?? 'Changed'} at {clock(new Date(event.at_ms).toISOString())} by {event.by}
            {['undone', 'putt_given'].includes(event.type) ? '' : `: ${eventWords(event, putt, units)}`}
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
  return ballWords({ ...nothing, ...said, grade_percent: 0 }, units) || 'no entry';
}
