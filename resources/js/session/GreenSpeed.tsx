import {
  ButtonLink,
  Columns,
  Entry,
  Figure,
  Margin,
  MarginWord,
  Notice,
  OneOf,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Stack,
} from '../design';
import { useBench, useChangeSession } from '../server/queries';
import type { Reading, ReadingMethod, Session } from '../server/types';
import { day } from '../units/dates';
import { METRES_PER_FOOT } from '../units/length';
import { type Units, useUnits } from '../units/useUnits';
import type { WaypointProps } from '../walk/walk';
import { RampRolls } from './RampRolls';
import { TimedRolls } from './TimedRolls';
import { useReading } from './useReading';

const METHODS: { value: ReadingMethod; label: string }[] = [
  { value: 'ramp', label: 'Ramp' },
  { value: 'stopwatch', label: 'Stopwatch' },
  { value: 'estimated', label: 'Estimate' },
  { value: 'unknown', label: 'Unknown' },
];

/** How fast the green is today, and how that is known. */
export function GreenSpeed({ session }: WaypointProps) {
  const units = useUnits();
  const reading = useReading(session);
  const bench = useBench();
  const change = useChangeSession(session.id);
  if (session.green === null) {
    return (
      <Page>
        <Stack>
          <h1>Which green is it?</h1>
          <OneOf
            label="Green"
            options={(bench.data?.greens ?? []).map((green) => ({ value: green.id, label: green.name }))}
            value={null}
            onChange={(id) => change.mutate({ green_id: id })}
          />
        </Stack>
      </Page>
    );
  }
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>How fast is {session.green.name}?</h1>
        {reading.failure !== null && <Notice kind="wrong">{reading.failure}</Notice>}
        <OneOf
          label="How will you know?"
          options={METHODS}
          value={reading.method}
          onChange={reading.choose}
        />
        {reading.method === 'ramp' && <RampRolls reading={reading} units={units} />}
        {reading.method === 'stopwatch' && <TimedRolls reading={reading} units={units} />}
        {reading.method === 'estimated' && (
          <Columns>
            <Entry
              label="Green speed, by eye"
              value={reading.estimate}
              onChange={reading.setEstimate}
              onBlur={reading.keepEstimate}
              onEnter={reading.keepEstimate}
              inputMode="decimal"
              suffix="ft"
              hint="Marked as an estimate everywhere; lengths told from it get wider ranges."
              error={reading.errorAt('speed_ft')}
            />
          </Columns>
        )}
        {reading.method === 'unknown' && (
          <Quiet>
            Put down as unknown. Balls are logged all the same; backstrokes for this green cannot be told
            until it is measured.
          </Quiet>
        )}
        <Result reading={reading.shown} units={units} isOwn={reading.isOwn} session={session} />
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/set-out`}>
            On to setting out
          </ButtonLink>
        </Row>
      </Stack>
      <Margin notes={[]}>
        {(reading.isOwn ? reading.shown?.warnings : [])?.map((warning) => (
          <MarginWord key={warning.key}>
            <p>{warning.sentence}</p>
          </MarginWord>
        ))}
        <MarginWord>
          <h2>Green speed</h2>
          <p>
            How far a ball rolls on level turf after leaving a standard ramp, in feet. It changes every length
            below.
          </p>
        </MarginWord>
      </Margin>
    </Page>
  );
}

/** The figure, how sure it is, and the slope found on the way. */
interface ResultProps {
  reading: Reading | null;
  units: Units;
  /** Whether it was taken in this session. */
  isOwn: boolean;
  session: Session;
}

function Result({ reading, units, isOwn, session }: ResultProps) {
  if (reading === null) {
    return (
      <Part>
        <h2>Reading</h2>
        <Quiet>
          Nothing measured here yet. The figure appears with the first roll and settles with the next ones.
        </Quiet>
      </Part>
    );
  }
  const feet = (metres: number) => (metres / METRES_PER_FOOT).toFixed(1);
  return (
    <Part aria-live="polite">
      <h2>{isOwn ? 'Reading' : standingWords(session, reading)}</h2>
      {reading.speed_m === null ? (
        <Said>The speed of this green is put down as unknown.</Said>
      ) : (
        <>
          <Figure data-testid="green-speed">
            {feet(reading.speed_m)}{' '}
            <small>ft{units.choice.unit === 'metres' ? ` (${reading.speed_m.toFixed(2)} m)` : ''}</small>
          </Figure>
          <Said>{sureness(reading, feet)}</Said>
          {reading.grade !== null && <Quiet>{slopeFound(reading.grade)}</Quiet>}
          {!isOwn && !session.reading_is_of_the_day && (
            <Notice>
              It stood for its own day. Greens change from day to day, so every range told from it is wider,
              and balls rolled now tell nothing of the stroke until it is measured.
            </Notice>
          )}
        </>
      )}
    </Part>
  );
}

/** A reading stands for its day; later it is only the last one known. */
function standingWords({ reading_is_of_the_day, reading_days_old }: Session, { taken_at }: Reading): string {
  return reading_is_of_the_day
    ? `Reading that stands, from ${day(taken_at)}`
    : `Last known, ${reading_days_old === 1 ? 'a day' : `${reading_days_old} days`} ago`;
}

function sureness(reading: Reading, feet: (metres: number) => string): string {
  if (reading.method === 'estimated') {
    return 'An estimate by eye, not a measurement.';
  }
  const kind = reading.is_level
    ? 'Level figure from both directions'
    : 'One direction only, so not a level figure';
  return reading.standard_error_m === null
    ? `${kind}. How sure it is cannot be said from single rolls.`
    : `${kind}, give or take ${feet(reading.standard_error_m)} ft (standard error).`;
}

function slopeFound(grade: number): string {
  const percent = Math.abs(grade * 100);
  return percent < 0.05
    ? 'The line you rolled is level.'
    : `The line you rolled is ${percent.toFixed(1)} % ${grade > 0 ? 'uphill' : 'downhill'} on the way there.`;
}
