import { useState } from 'react';
import { addGreen, addStudent, type StudentDraft, useChangeSession, useToday } from '../../api/queries';
import type { Green, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  AnyOf,
  Button,
  ButtonLink,
  Choose,
  Columns,
  Entry,
  InsightCard,
  Name,
  OneOf,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
} from '../../design';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { HANDS, SURFACES } from '../../features/form-choices/formChoices';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { readNumber } from '../../units/format';
import { METRES_PER_FOOT } from '../../units/length';
import { agoWords } from '../../units/reading';
import { useUnits } from '../../units/useUnits';
import { RemindersPart } from './RemindersPart';
import { usualOrder } from './usualOrder';

const CONDITIONS = [
  { value: 'dew', label: 'Dew' },
  { value: 'rain', label: 'Rain' },
  { value: 'fresh_cut', label: 'Fresh cut' },
  { value: 'rolled', label: 'Rolled' },
  { value: 'top_dressed', label: 'Top-dressed' },
  { value: 'cored', label: 'Cored' },
  { value: 'grain', label: 'Grain' },
  { value: 'wind', label: 'Wind' },
  { value: 'sun', label: 'Strong sun' },
  { value: 'cold', label: 'Cold' },
  { value: 'storm', label: 'Thunderstorm about' },
] as const;

/** Who, where, how long, what for, and in what state the green is. */
export function CheckInStep({ session }: StepProps) {
  const log = useLog(session);
  const isWalk = useToday().data?.simulation === session.id;
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Title page={`Check-in · ${session.student?.name ?? 'A session'}`}>
          {session.student === null ? (
            'Check-in'
          ) : (
            <>
              <Name>{session.student.name}</Name> is here
            </>
          )}
        </Title>
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/putt`}>
            Start putting
          </ButtonLink>
          <ButtonLink to={`/sessions/${session.id}/green-speed`}>Green speed</ButtonLink>
          <ButtonLink to={`/sessions/${session.id}/plan`}>Plan</ButtonLink>
          {session.student !== null && <ButtonLink to={`/sessions/${session.id}/checks`}>Checks</ButtonLink>}
        </Row>
        <OutboxNotices log={log} words={() => ''} />
        {session.student !== null && <RemindersPart student={session.student.id} lastNote={session.last_note} />}
        {isWalk ? (
          <QuietText>A simulated student on a simulated green: nothing here counts for real students.</QuietText>
        ) : (
          <WhoAndWhere session={session} />
        )}
        <HowLong session={session} />
        <Part>
          <h2>Conditions</h2>
          <AnyOf
            label="Conditions"
            options={CONDITIONS}
            values={session.conditions as (typeof CONDITIONS)[number]['value'][]}
            onChange={(conditions) => changedCondition(session.conditions, conditions, log.noteCondition)}
          />
          <QuietText>A note beside the measurement. It never changes a measured green speed.</QuietText>
        </Part>
      </Stack>
      <ArriveMargin session={session} />
    </Page>
  );
}

function WhoAndWhere({ session }: StepProps) {
  const today = useToday();
  const change = useChangeSession(session.id);
  return (
    <Part>
      <h2>Student and green</h2>
      <Columns>
        <Choose
          label="Student"
          options={usualOrder(today.data, 'students')}
          value={session.student?.id ?? null}
          onChange={(id) => void change({ student_id: id })}
          newLabel="New student"
          newForm={(close) => (
            <NewStudent
              onAdd={(id) => {
                void change({ student_id: id });
                close();
              }}
              onLeave={close}
            />
          )}
        />
        <Stack $gap="s">
          <Choose
            label="Green"
            options={usualOrder(today.data, 'greens')}
            value={session.green?.id ?? null}
            onChange={(id) => void change({ green_id: id })}
            newLabel="New green"
            newForm={(close) => (
              <NewGreen
                onAdd={(id) => {
                  void change({ green_id: id });
                  close();
                }}
                onLeave={close}
              />
            )}
          />
          {session.green !== null && <LastReading session={session} />}
        </Stack>
      </Columns>
      {session.student !== null && <WhoElse session={session} />}
    </Part>
  );
}

/** More than these are found under "Who is here" while rolling. */
const MOST_OTHERS = 8;

/** Those who came along: one touch each. */
function WhoElse({ session }: StepProps) {
  const today = useToday();
  const log = useLog(session);
  const others = session.group_members.filter(({ student }) => student !== session.student?.id);
  const here = others.filter(({ standing }) => standing === 'here').map(({ student }) => student);
  const options = usualOrder(today.data, 'students').filter(({ value }) => value !== session.student?.id);
  const shown = options.filter(({ value }, index) => index < MOST_OTHERS || here.includes(value));
  return shown.length === 0 ? null : (
    <AnyOf
      label="Group"
      options={shown}
      values={here}
      onChange={(now) => {
        for (const id of now.filter((each) => !here.includes(each))) {
          void log.noteCompany(id, 'here');
        }
        for (const id of here.filter((each) => !now.includes(each))) {
          void log.noteCompany(id, 'gone');
        }
      }}
    />
  );
}

/** What is known of the green that was chosen, and how old that is. */
function LastReading({ session }: { session: Session }) {
  const units = useUnits();
  const { reading } = session;
  if (reading === null) {
    return <QuietText>Not measured yet.</QuietText>;
  }
  const speed = reading.speed_m === null ? 'Speed unknown' : units.speed(reading.speed_m);
  return (
    <SentenceText>
      {speed}, {agoWords(reading)}
      {session.measurement_is_of_the_day ? '. Measured today.' : '. Greens change: measure it again.'}
    </SentenceText>
  );
}

const CARD: Omit<StudentDraft, 'name' | 'unit'> = {
  hand: 'right',
  level: 'club',
  stride_m: null,
  finish_past_m: METRES_PER_FOOT,
  putter: null,
  school: 'rule',
  tempo_bpm: null,
  exception: null,
  line_cure: null,
  band_low_m: null,
  band_high_m: null,
  is_gentle: false,
};

const LONGEST_NAME = 80;

interface NewProps {
  onAdd: (id: string) => void;
  onLeave: () => void;
}

/** A name and a hand are enough to begin with; the rest of the card can wait. */
function NewStudent({ onAdd, onLeave }: NewProps) {
  const units = useUnits();
  const [name, setName] = useState('');
  const [hand, setHand] = useState<'right' | 'left'>('right');
  const [error, setError] = useState<string | null>(null);
  const add = () => {
    const wrong = nameError(name);
    setError(wrong);
    if (wrong === null) {
      // In paces only once theirs is measured.
      const unit = units.choice.unit === 'metres' ? 'metres' : 'feet';
      onAdd(addStudent({ ...CARD, unit, name: name.trim(), hand }));
    }
  };
  return (
    <Stack $gap="s">
      <Entry label="Name of the student" value={name} onChange={setName} onEnter={add} error={error} autoFocus />
      <OneOf label="Hand" options={HANDS} value={hand} onChange={setHand} />
      <Row>
        <Button look="main" onPress={add}>
          Add student
        </Button>
        <Button look="bare" onPress={onLeave}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}

function NewGreen({ onAdd, onLeave }: NewProps) {
  const [name, setName] = useState('');
  const [surface, setSurface] = useState<Green['surface']>('grass');
  const [error, setError] = useState<string | null>(null);
  const add = () => {
    const wrong = nameError(name);
    setError(wrong);
    if (wrong === null) {
      onAdd(addGreen({ name: name.trim(), surface, grass: null }));
    }
  };
  return (
    <Stack $gap="s">
      <Entry label="Name of the green" value={name} onChange={setName} onEnter={add} error={error} autoFocus />
      <OneOf label="Surface" options={SURFACES} value={surface} onChange={setSurface} />
      <Row>
        <Button look="main" onPress={add}>
          Add green
        </Button>
        <Button look="bare" onPress={onLeave}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}

function nameError(name: string): string | null {
  if (name.trim() === '') {
    return 'Enter the name.';
  }
  return name.trim().length > LONGEST_NAME ? `The name must be at most ${LONGEST_NAME} letters long.` : null;
}

const USUAL_MINUTES = ['5', '15', '30', '60'];
const LONGEST_SESSION = 480;
const LONGEST_PURPOSE = 200;

function HowLong({ session }: StepProps) {
  const change = useChangeSession(session.id);
  const [minutes, setMinutes] = useState(session.minutes === null ? '' : String(session.minutes));
  const [purpose, setPurpose] = useState(session.purpose ?? '');
  const [minutesError, setMinutesError] = useState<string | null>(null);
  const [purposeError, setPurposeError] = useState<string | null>(null);
  const keepMinutes = (text: string) => {
    const whole = text.trim() === '' ? null : readNumber(text);
    const wrong = minutesWrong(text, whole);
    setMinutesError(wrong);
    if (wrong === null && whole !== session.minutes) {
      void change({ minutes: whole });
    }
  };
  const keepPurpose = () => {
    const kept = purpose.trim() === '' ? null : purpose.trim();
    const isLong = (kept?.length ?? 0) > LONGEST_PURPOSE;
    setPurposeError(isLong ? `At most ${LONGEST_PURPOSE} letters.` : null);
    if (!isLong && kept !== session.purpose) {
      void change({ purpose: kept });
    }
  };
  return (
    <Part>
      <h2>Time and focus</h2>
      <Columns>
        <Stack $gap="s">
          <Entry
            label="Minutes"
            value={minutes}
            onChange={setMinutes}
            onBlur={() => keepMinutes(minutes)}
            onEnter={() => keepMinutes(minutes)}
            inputMode="numeric"
            suffix="min"
            error={minutesError}
          />
          <OneOf
            label="Usual lengths"
            isLabelHidden
            options={USUAL_MINUTES.map((value) => ({ value, label: value }))}
            value={USUAL_MINUTES.includes(minutes) ? minutes : null}
            onChange={(value) => {
              setMinutes(value);
              keepMinutes(value);
            }}
          />
        </Stack>
        <Entry
          label="Focus"
          value={purpose}
          onChange={setPurpose}
          onBlur={keepPurpose}
          onEnter={keepPurpose}
          hint="In a few words: a check before a round, distance, a first lesson."
          error={purposeError}
        />
      </Columns>
    </Part>
  );
}

function minutesWrong(text: string, whole: number | null): string | null {
  if (text.trim() !== '' && (whole === null || !Number.isInteger(whole))) {
    return `“${text.trim()}” is not a number of minutes. Type a number like 45.`;
  }
  return whole !== null && (whole < 1 || whole > LONGEST_SESSION)
    ? `A session is between 1 and ${LONGEST_SESSION} minutes.`
    : null;
}

function ArriveMargin({ session }: StepProps) {
  return (
    <InsightCard notes={[]}>
      <SafetyNotes session={session} at="check-in" />
    </InsightCard>
  );
}

/** Says what was touched: one condition seen, or no longer. */
function changedCondition(
  before: readonly string[],
  after: readonly string[],
  note: (condition: string, isSeen: boolean) => void,
): void {
  for (const condition of after.filter((each) => !before.includes(each))) {
    note(condition, true);
  }
  for (const condition of before.filter((each) => !after.includes(each))) {
    note(condition, false);
  }
}
