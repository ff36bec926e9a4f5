import { useState } from 'react';
import { addGreen, useChangeSession, useToday } from '../../api/queries';
import type { Green, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  Button,
  ButtonLink,
  Choose,
  EditList,
  EditPress,
  EditRow,
  Head,
  InsightCard,
  Name,
  OneOf,
  Page,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Switch,
  Title,
} from '../../design';
import { GroupSheet } from '../../features/balls/GroupSheet';
import { OutboxNotices } from '../../features/balls/OutboxNotices';
import { SURFACES } from '../../features/form-choices/formChoices';
import { ChoiceField, TextField } from '../../features/forms/fields';
import { NewStudentForm, nameError } from '../../features/forms/NewStudentForm';
import { EditFields, useFields } from '../../features/forms/SheetForm';
import { numberOf, summed, textOf, typedNumber } from '../../features/forms/typed';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import type { StepProps } from '../../features/session-steps/steps';
import { agoWords } from '../../units/reading';
import { useUnits } from '../../units/useUnits';
import { RemindersPart } from './RemindersPart';
import { usualOrder } from './usualOrder';

/** Who, where, how long, what for, and in what state the green is. */
export function CheckInStep({ session }: StepProps) {
  const log = useLog(session);
  const isWalk = useToday().data?.simulation === session.id;
  return (
    <Page data-margin>
      <Stack $gap="l">
        <Head>
          <Title page={`Check-in · ${session.student?.name ?? 'A session'}`}>
            {session.student === null ? (
              'Check-in'
            ) : (
              <>
                <Name>{session.student.name}</Name> is here
              </>
            )}
          </Title>
          <ButtonLink look="main" to={`/sessions/${session.id}/putt`}>
            Start putting
          </ButtonLink>
        </Head>
        <OutboxNotices log={log} words={() => ''} />
        {session.student !== null && <RemindersPart student={session.student.id} lastNote={session.last_note} />}
        {isWalk ? (
          <QuietText>A simulated student on a simulated green: nothing here counts for real students.</QuietText>
        ) : (
          <WhoAndWhere session={session} />
        )}
        <EditList aria-label="More about this session">
          {session.student !== null && !isWalk && <Group session={session} />}
          <TimeAndFocus session={session} />
          <Conditions session={session} />
        </EditList>
        <Row>
          <ButtonLink to={`/sessions/${session.id}/plan`}>Plan</ButtonLink>
          {session.student !== null && <ButtonLink to={`/sessions/${session.id}/checks`}>Checks</ButtonLink>}
        </Row>
      </Stack>
      <InsightCard notes={[]}>
        <SafetyNotes session={session} at="check-in" />
      </InsightCard>
    </Page>
  );
}

/** Who and where: chosen in place while it is not known, a row to change it once it is. */
function WhoAndWhere({ session }: StepProps) {
  return (
    <Stack>
      {session.student === null && <ChooseStudent session={session} />}
      {session.student !== null && session.green === null && <ChooseGreen session={session} />}
      <EditList aria-label="Student and green">
        {session.student !== null && (
          <EditRow label="Student" summary={session.student.name}>
            {(close) => <ChooseStudent session={session} onChosen={close} />}
          </EditRow>
        )}
        {session.green !== null && (
          <EditRow label="Green" summary={session.green.name}>
            {(close) => <ChooseGreen session={session} onChosen={close} />}
          </EditRow>
        )}
      </EditList>
      {session.green !== null && <LastReading session={session} />}
    </Stack>
  );
}

interface ChooseProps extends StepProps {
  onChosen?: () => void;
}

function ChooseStudent({ session, onChosen }: ChooseProps) {
  const today = useToday();
  const change = useChangeSession(session.id);
  const take = (id: string) => {
    void change({ student_id: id });
    onChosen?.();
  };
  return (
    <Choose
      label="Student"
      options={usualOrder(today.data, 'students')}
      value={session.student?.id ?? null}
      onChange={take}
      newLabel="New student"
      newForm={(close) => <NewStudentForm onAdd={take} onLeave={close} />}
    />
  );
}

function ChooseGreen({ session, onChosen }: ChooseProps) {
  const today = useToday();
  const change = useChangeSession(session.id);
  const take = (id: string) => {
    void change({ green_id: id });
    onChosen?.();
  };
  return (
    <Choose
      label="Green"
      options={usualOrder(today.data, 'greens')}
      value={session.green?.id ?? null}
      onChange={take}
      newLabel="New green"
      newForm={(close) => <NewGreenForm onAdd={take} onLeave={close} />}
    />
  );
}

/** Those who came along. */
function Group({ session }: StepProps) {
  const today = useToday();
  const log = useLog(session);
  const [isOpen, setOpen] = useState(false);
  const others = session.group_members.filter(
    ({ student, standing }) => student !== session.student?.id && standing !== 'gone',
  );
  return (
    <li>
      <EditPress
        label="Group"
        summary={others.length === 0 ? 'nobody else' : others.map(({ name }) => name).join(', ')}
        onPress={() => setOpen(true)}
      />
      {isOpen && (
        <GroupSheet
          session={session}
          students={usualOrder(today.data, 'students').map(({ value, label }) => ({ id: value, name: label }))}
          onStanding={(id, standing) => void log.noteCompany(id, standing)}
          onClose={() => setOpen(false)}
        />
      )}
    </li>
  );
}

/** What is seen of the green and the weather, each with what to expect of it. */
function Conditions({ session }: StepProps) {
  const log = useLog(session);
  const conditions = useToday().data?.conditions ?? [];
  const seen = conditions.filter(({ value }) => session.conditions.includes(value));
  return (
    <EditRow label="Conditions" summary={seen.map(({ label, expects }) => `${label}: ${expects}`).join(' · ')}>
      {(close) => (
        <Stack $gap="s">
          {conditions.map(({ value, label, expects }) => (
            <Switch
              key={value}
              label={`${label}: ${expects}`}
              isOn={session.conditions.includes(value)}
              onChange={(isSeen) => void log.noteCondition(value, isSeen)}
            />
          ))}
          <QuietText>Saved beside the measurement. They never change a measured green speed.</QuietText>
          <Row>
            <Button look="main" onPress={close}>
              Done
            </Button>
          </Row>
        </Stack>
      )}
    </EditRow>
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

interface NewGreenProps {
  onAdd: (id: string) => void;
  onLeave: () => void;
}

/** A name and what it is made of, without a network too. */
function NewGreenForm({ onAdd, onLeave }: NewGreenProps) {
  const { control, handleSubmit } = useFields<{ name: string; surface: Green['surface'] }>(
    { name: '', surface: 'grass' },
    null,
  );
  return (
    <Stack
      $gap="s"
      as="form"
      noValidate
      onSubmit={(event) => {
        event.stopPropagation();
        void handleSubmit(({ name, surface }) => onAdd(addGreen({ name: name.trim(), surface, grass: null })))(event);
      }}
    >
      <TextField control={control} name="name" label="Name of the green" rule={nameError} autoFocus />
      <ChoiceField control={control} name="surface" label="Surface" options={SURFACES} />
      <Row>
        <Button type="submit">Add green</Button>
        <Button look="bare" onPress={onLeave}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}

const USUAL_MINUTES = ['5', '15', '30', '60'];
const LONGEST_SESSION = 480;
const LONGEST_PURPOSE = 200;

function TimeAndFocus({ session }: StepProps) {
  const change = useChangeSession(session.id);
  return (
    <EditFields
      label="Time and focus"
      summary={summed(session.minutes !== null && `${session.minutes} min`, session.purpose)}
      values={{ minutes: typedNumber(session.minutes), purpose: session.purpose ?? '' }}
      save={{
        // Kept on the device first: it may be saved without a network.
        mutate: (draft: { minutes: number | null; purpose: string | null }, { onSuccess }) => {
          void change(draft);
          onSuccess();
        },
        error: null,
        isPending: false,
      }}
      draft={({ minutes, purpose }) => ({ minutes: numberOf(minutes), purpose: textOf(purpose) })}
    >
      {(control, set) => (
        <>
          <TextField
            control={control}
            name="minutes"
            label="Minutes"
            step={5}
            inputMode="numeric"
            suffix="min"
            rule={minutesError}
          />
          <OneOf
            label="Usual lengths"
            isLabelHidden
            options={USUAL_MINUTES.map((value) => ({ value, label: value }))}
            value={null}
            onChange={(value) => set('minutes', value)}
          />
          <TextField
            control={control}
            name="purpose"
            label="Focus"
            hint="In a few words: a check before a round, distance, a first lesson."
            rule={(text) => (text.trim().length > LONGEST_PURPOSE ? `At most ${LONGEST_PURPOSE} letters.` : null)}
          />
        </>
      )}
    </EditFields>
  );
}

function minutesError(text: string): string | null {
  const whole = numberOf(text);
  if (text.trim() !== '' && (whole === null || !Number.isInteger(whole))) {
    return `“${text.trim()}” is not a number of minutes. Type a number like 45.`;
  }
  return whole !== null && (whole < 1 || whole > LONGEST_SESSION)
    ? `A session is between 1 and ${LONGEST_SESSION} minutes.`
    : null;
}
