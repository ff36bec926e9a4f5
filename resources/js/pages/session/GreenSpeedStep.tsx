import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import type { Pending } from '../../api/pending';
import { isMeasurement } from '../../api/pending';
import { useChangeSession, useToday } from '../../api/queries';
import type { GreenSpeedMeasurement, MeasurementMethod, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  ButtonLink,
  Choose,
  Columns,
  Entry,
  Figure,
  Head,
  InsightCard,
  MarginWord,
  Name,
  Notice,
  OneOf,
  Page,
  Part,
  QuietText,
  SentenceText,
  Stack,
  Title,
} from '../../design';
import { announce } from '../../device/announce';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { clock } from '../../units/dates';
import { agoWords } from '../../units/reading';
import { type Units, useUnits } from '../../units/useUnits';
import { RampRolls } from './RampRolls';
import { TimedRolls } from './TimedRolls';
import { type ReadingWork, useMeasurementEntry } from './useMeasurementEntry';
import { usualOrder } from './usualOrder';

const METHODS: { value: MeasurementMethod; label: string }[] = [
  { value: 'ramp', label: 'Ramp' },
  { value: 'stopwatch', label: 'Stopwatch' },
  { value: 'estimated', label: 'Estimate' },
  { value: 'unknown', label: 'Unknown' },
];

/** How fast the green is today, and how that is known. */
export function GreenSpeedStep({ session }: StepProps) {
  if (session.green === null) {
    return <WhichGreen session={session} />;
  }
  return <Measured session={session} />;
}

function WhichGreen({ session }: StepProps) {
  const today = useToday();
  const change = useChangeSession(session.id);
  return (
    <Page>
      <Stack>
        <Title page="Green speed">No green chosen</Title>
        <Choose
          label="Green"
          options={usualOrder(today.data, 'greens')}
          value={null}
          onChange={(id) => void change({ green_id: id })}
          newLabel="New green"
          newForm={() => <ButtonLink to={`/sessions/${session.id}/check-in`}>Add it in Check-in</ButtonLink>}
        />
      </Stack>
    </Page>
  );
}

function Measured({ session }: StepProps) {
  const units = useUnits();
  const log = useLog(session);
  const reading = useMeasurementEntry(session, units);
  return (
    <Page data-margin>
      <Stack>
        <Head>
          <Title page={`Green speed · ${session.green?.name ?? ''}`}>
            How fast is <Name>{session.green?.name}</Name>?
          </Title>
          <ButtonLink look="main" to={`/sessions/${session.id}/stations`}>
            Continue to Stations
          </ButtonLink>
        </Head>
        <OutboxNotices log={log} words={() => ''} isSaidAtField={isOfReading} />
        <TwoReadings session={session} onChoose={log.chooseReading} units={units} />
        <OneOf label="Method" isLabelHidden isRow options={METHODS} value={reading.method} onChange={reading.choose} />
        {reading.method === 'stopwatch' ? (
          <TimedRolls
            reading={reading}
            units={units}
            sessionId={session.id}
            result={<Result session={session} reading={reading} units={units} />}
          />
        ) : (
          <>
            {reading.method === 'ramp' && <RampRolls reading={reading} units={units} />}
            {reading.method === 'estimated' && <Estimate reading={reading} units={units} />}
            {reading.method === 'unknown' && (
              <QuietText>
                Set to unknown. Balls are logged all the same; backstrokes for this green cannot be shown until it is
                measured.
              </QuietText>
            )}
            <Result session={session} reading={reading} units={units} />
          </>
        )}
      </Stack>
      <InsightCard notes={[]}>
        {(reading.isOwn ? session.own_measurement?.warnings : [])?.map((warning) => (
          <MarginWord key={warning.key}>
            <p>{warning.sentence}</p>
          </MarginWord>
        ))}
        <MarginWord>
          <h2>Green speed</h2>
          <p>
            How far a ball rolls on level turf after leaving a standard ramp. It changes every length below: measure it
            every day.
          </p>
        </MarginWord>
        <SafetyNotes session={session} at="green-speed" />
      </InsightCard>
    </Page>
  );
}

/** A reading that was refused at its fields is mended there. */
function isOfReading({ write, fields }: Pending): boolean {
  return write !== undefined && isMeasurement(write.path) && Object.keys(fields ?? {}).length > 0;
}

function Estimate({ reading, units }: { reading: ReadingWork; units: Units }) {
  return (
    <Columns>
      <Entry
        label="Estimated green speed"
        value={reading.estimate}
        onChange={reading.setEstimate}
        onBlur={reading.keepEstimate}
        onEnter={reading.keepEstimate}
        inputMode="decimal"
        suffix={units.speedSuffix}
        hint="Shown as an estimate everywhere; lengths based on it get wider ranges."
        error={reading.errorAt('speed_ft')}
      />
    </Columns>
  );
}

interface TwoReadingsProps {
  session: Session;
  onChoose: (readingId: string | null) => void;
  units: Units;
}

/** Two readings of one green on one day: whose, when, both figures; the coach says which stands here. */
function TwoReadings({ session, onChoose, units }: TwoReadingsProps) {
  const { own_measurement: own, other_measurement: other, reading } = session;
  if (own === null || other === null || !isSameDay(own, other)) {
    return null;
  }
  const figure = (each: GreenSpeedMeasurement) => (each.speed_m === null ? 'unknown' : units.speed(each.speed_m));
  return (
    <Notice>
      <OneOf
        label="This green was measured twice today. Which measurement should this session use?"
        options={[
          { value: own.id, label: `Here at ${clock(own.taken_at)}: ${figure(own)}` },
          {
            value: other.id,
            label: `${other.whose === null ? 'In another session' : `With ${other.whose}`} at ${clock(other.taken_at)}: ${figure(other)}`,
          },
        ]}
        value={reading?.id ?? own.id}
        onChange={(id) => onChoose(id === own.id ? null : id)}
      />
    </Notice>
  );
}

function isSameDay(a: GreenSpeedMeasurement, b: GreenSpeedMeasurement): boolean {
  return new Date(a.taken_at).toDateString() === new Date(b.taken_at).toDateString();
}

const Grown = styled(Part)`
  gap: 6px;
`;

interface ResultProps {
  session: Session;
  reading: ReadingWork;
  units: Units;
}

/** The figure with its give or take, growing with every roll. */
function Result({ session, reading: { isOwn }, units }: ResultProps) {
  const { reading } = session;
  useToldReading(reading, units);
  if (reading === null) {
    return (
      <Grown>
        <h2>Measurement</h2>
        <QuietText>
          Nothing measured here yet. The figure appears with the first roll and settles with the next ones.
        </QuietText>
      </Grown>
    );
  }
  return (
    <Grown>
      <h2>{isOwn ? 'Measurement' : standingWords(session, reading)}</h2>
      <ReadingFigure reading={reading} units={units} />
      {!isOwn && !session.measurement_is_of_the_day && (
        <Notice>
          It was measured on an earlier day. Greens change from day to day, so every range is wider, and today’s balls
          do not count for the backstroke table until you measure.
        </Notice>
      )}
    </Grown>
  );
}

function ReadingFigure({ reading, units }: { reading: GreenSpeedMeasurement; units: Units }) {
  if (reading.speed_m === null) {
    return (
      <SentenceText>
        {reading.method === 'unknown'
          ? 'The speed of this green is set to unknown.'
          : 'Not synced yet: the figure appears when the server answers.'}
      </SentenceText>
    );
  }
  return (
    <>
      <Figure data-testid="green-speed">
        {units.speedText(reading.speed_m)} <small>{units.speedSuffix}</small>
      </Figure>
      <SentenceText>{sureness(reading, units)}</SentenceText>
      {reading.grade !== null && reading.grade_range !== null && (
        <QuietText>{slopeFound(reading.grade, reading.grade_range)}</QuietText>
      )}
    </>
  );
}

/** Says a new figure once, to those who listen. */
function useToldReading(reading: GreenSpeedMeasurement | null, units: Units): void {
  const before = useRef(reading?.speed_m ?? null);
  const speed = reading?.speed_m ?? null;
  useEffect(() => {
    if (speed !== null && speed !== before.current) {
      announce(`Measured ${units.speed(speed)}`);
    }
    before.current = speed;
  }, [speed, units]);
}

/** A reading stands for its day; later it is only the last one known. */
function standingWords(session: Session, reading: GreenSpeedMeasurement): string {
  return session.measurement_is_of_the_day
    ? `The measurement in use, ${agoWords(reading)}`
    : `Last known, ${agoWords(reading)}`;
}

function sureness(reading: GreenSpeedMeasurement, units: Units): string {
  if (reading.method === 'estimated') {
    return 'An estimate by eye, not a measurement.';
  }
  const kind = reading.is_level ? 'Level figure from both directions' : 'One direction only, so not a level figure';
  return reading.give_or_take_m === null
    ? `${kind}. Single rolls do not show how accurate it is.`
    : `${kind}, give or take ${units.speed(reading.give_or_take_m)}.`;
}

/** The slope with the range that holds it, or that it cannot be told from level. */
function slopeFound(grade: number, [low, high]: readonly number[]): string {
  const words = (ratio: number) => `${Math.abs(ratio * 100).toFixed(1)} % ${ratio < 0 ? 'downhill' : 'uphill'}`;
  return (low ?? 0) < 0 && (high ?? 0) > 0
    ? `The line you rolled may be level: on the way out between ${words(low ?? 0)} and ${words(high ?? 0)}.`
    : `The line you rolled is ${words(grade)} on the way out, most likely between ${words(low ?? 0)} and ${words(high ?? 0)}.`;
}
