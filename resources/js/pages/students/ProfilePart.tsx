import { useState } from 'react';
import { fieldError } from '../../api/api';
import { isOfEarlierVisit, useCheckCatalogue, useSaveStudentProfile, useStudentProfile } from '../../api/queries';
import type { CheckCatalogue, Student, StudentProfile } from '../../api/types';
import {
  AnyOf,
  Button,
  Columns,
  Entry,
  NoteEntry,
  Notice,
  OneOf,
  Part,
  Pick,
  QuietText,
  Row,
  Stack,
  useFirstError,
} from '../../design';
import { readDayToCome } from '../../units/dates';
import { readNumber } from '../../units/format';
import { useUnitsOf } from '../../units/useUnits';

/** What is kept of a student besides the few measures: all of it may be left out. */
export function ProfilePart({ student }: { student: Student }) {
  const about = useStudentProfile(student.id);
  const book = useCheckCatalogue();
  if (about.data === undefined || book.data === undefined || isOfEarlierVisit(about)) {
    const error = about.error ?? book.error;
    return error !== null ? <Notice kind="wrong">{error.message}</Notice> : <p>Loading …</p>;
  }
  return <AboutForm student={student} kept={about.data} book={book.data} />;
}

const EYES = [
  { value: 'none', label: 'Not known' },
  { value: 'lead', label: 'The lead eye' },
  { value: 'trail', label: 'The trail eye' },
] as const;

/** Numbers as they are typed, by field. */
const NUMBERS = ['handicap', 'handicap_wanted', 'three_putts_per_round', 'lay_off_weeks'] as const;

type NumberField = (typeof NUMBERS)[number];

function useAboutForm(student: Student, kept: StudentProfile) {
  const units = useUnitsOf(student);
  const keep = useSaveStudentProfile(student.id);
  const [draft, setDraft] = useState(kept);
  const [typed, setTyped] = useState<Record<NumberField, string>>(
    Object.fromEntries(NUMBERS.map((name) => [name, kept[name] === null ? '' : String(kept[name])])) as Record<
      NumberField,
      string
    >,
  );
  const [markTo, setMarkTo] = useState(units.text(kept.mark_to_m, 'station'));
  const [readFrom, setReadFrom] = useState(units.text(kept.read_from_m, 'station'));
  const [steps, setSteps] = useState({
    earn: kept.step_rule === null ? '' : String(kept.step_rule.earn),
    lose: kept.step_rule === null ? '' : String(kept.step_rule.lose),
  });
  const [until, setUntil] = useState(kept.keep_until ?? '');
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    const wrong: Record<string, string> = {};
    const numbers = Object.fromEntries(
      NUMBERS.map((name) => {
        const read = typed[name].trim() === '' ? null : readNumber(typed[name]);
        if (typed[name].trim() !== '' && read === null) {
          wrong[name] = `“${typed[name].trim()}” is not a number.`;
        }
        return [name, read];
      }),
    );
    const mark = units.reread(markTo, kept.mark_to_m, 'station');
    if (mark.error !== null) {
      wrong.mark_to_m = mark.error;
    }
    const back = units.reread(readFrom, kept.read_from_m, 'station');
    if (back.error !== null) {
      wrong.read_from_m = back.error;
    }
    const [earn, lose] = [readNumber(steps.earn), readNumber(steps.lose)];
    const hasRule = steps.earn.trim() !== '' || steps.lose.trim() !== '';
    if (hasRule && (earn === null || lose === null)) {
      wrong[earn === null ? 'step_rule.earn' : 'step_rule.lose'] =
        'Enter both: how many of the last 10 to go up, and how few to go down.';
    }
    const day = until.trim() === '' ? null : readDayToCome(until);
    if (until.trim() !== '' && day === null) {
      wrong.keep_until = `“${until.trim()}” is not a date. Type a date like 30/11/2027.`;
    }
    setLocal(wrong);
    if (Object.keys(wrong).length === 0) {
      keep.mutate({
        ...draft,
        ...numbers,
        mark_to_m: mark.metres,
        read_from_m: back.metres,
        step_rule: earn !== null && lose !== null && hasRule ? { earn, lose } : null,
        keep_until: day,
      });
    }
  };
  return {
    draft,
    set: (part: Partial<StudentProfile>) => setDraft({ ...draft, ...part }),
    typed,
    type: (name: NumberField) => (text: string) => setTyped({ ...typed, [name]: text }),
    markTo,
    setMarkTo,
    readFrom,
    setReadFrom,
    steps,
    setSteps,
    until,
    setUntil,
    units,
    keep,
    submit,
    errorAt: (field: string) => local[field] ?? fieldError(keep.error, field),
  };
}

type AboutFormState = ReturnType<typeof useAboutForm>;

function AboutForm({ student, kept, book }: { student: Student; kept: StudentProfile; book: CheckCatalogue }) {
  const form = useAboutForm(student, kept);
  return (
    <Stack $gap="l" as="form" onSubmit={form.submit} noValidate aria-label="More details">
      {form.keep.isError && <Notice kind="wrong">{form.keep.error.message}</Notice>}
      <WhereTheyStand form={form} />
      <HowTheyAreTaught form={form} book={book} />
      <WhatMayBeKept form={form} />
      <Row>
        <Button type="submit" isPending={form.keep.isPending}>
          Save details
        </Button>
        {form.keep.isSuccess && <QuietText role="status">Saved.</QuietText>}
      </Row>
    </Stack>
  );
}

function WhereTheyStand({ form: { draft, set, typed, type, errorAt } }: { form: AboutFormState }) {
  return (
    <Part>
      <h2>Handicap and practice</h2>
      <Columns>
        <Entry label="Handicap now" value={typed.handicap} onChange={type('handicap')} error={errorAt('handicap')} />
        <Entry
          label="Handicap wanted"
          value={typed.handicap_wanted}
          onChange={type('handicap_wanted')}
          error={errorAt('handicap_wanted')}
        />
        <Entry
          label="Three-putts a round, as the student says"
          value={typed.three_putts_per_round}
          onChange={type('three_putts_per_round')}
          hint="Used until rounds are entered."
          error={errorAt('three_putts_per_round')}
        />
      </Columns>
      <Columns>
        <Entry
          label="Weeks without putting on greens"
          value={typed.lay_off_weeks}
          onChange={type('lay_off_weeks')}
          inputMode="numeric"
          hint="A long break starts with reading and green speed."
          error={errorAt('lay_off_weeks')}
        />
        <Entry
          label="Practice in the meantime"
          value={draft.lay_off_work ?? ''}
          onChange={(text) => set({ lay_off_work: text === '' ? null : text })}
          hint="And at what lengths."
          error={errorAt('lay_off_work')}
        />
      </Columns>
      <Entry
        label="E-mail"
        value={draft.email ?? ''}
        onChange={(email) => set({ email: email.trim() === '' ? null : email.trim() })}
        hint="Emails about bookings go there, and nothing else."
        error={errorAt('email')}
      />
      <OneOf
        label="Dominant eye"
        options={EYES}
        value={draft.dominant_eye ?? 'none'}
        onChange={(eye) => set({ dominant_eye: eye === 'none' ? null : eye })}
      />
    </Part>
  );
}

const UNSAID = 'unsaid';

interface CardPickProps {
  label: string;
  /** What not choosing is called. */
  none: string;
  cards: CheckCatalogue['cards'];
  /** The card's key; null where none is chosen. */
  value: string | null;
  onChange: (key: string | null) => void;
}

function CardPick({ label, none, cards, value, onChange }: CardPickProps) {
  return (
    <Pick
      label={label}
      options={[{ value: UNSAID, label: none }, ...cards.map(({ key, title }) => ({ value: key, label: title }))]}
      value={value ?? UNSAID}
      onChange={(key) => onChange(key === UNSAID ? null : key)}
    />
  );
}

function HowTheyAreTaught({ form, book }: { form: AboutFormState; book: CheckCatalogue }) {
  const { draft, set, units } = form;
  return (
    <Part>
      <h2>Teaching preferences</h2>
      <Columns>
        <CardPick
          label="Routine"
          none="None chosen"
          cards={book.cards.filter(({ kind }) => kind === 'routine')}
          value={draft.recipe}
          onChange={(recipe) => set({ recipe })}
        />
        <CardPick
          label="Reads from"
          none="No places chosen"
          cards={book.cards.filter(({ kind }) => kind === 'views')}
          value={draft.views}
          onChange={(views) => set({ views })}
        />
        <Entry
          label="Walks back behind the ball to read"
          value={form.readFrom}
          onChange={form.setReadFrom}
          suffix={units.suffix('station')}
          hint="Shown beside the lane; Review compares near and far places."
          error={form.errorAt('read_from_m')}
        />
        {book.questions.map(({ key, question, answers, default: shipped, coachs }) => {
          const usual = answers.find(({ value }) => value === (coachs ?? shipped))?.label ?? '';
          return (
            <Pick
              key={key}
              label={question}
              options={[
                {
                  value: UNSAID,
                  label: `${coachs === null ? 'Default' : 'Your default'}: ${usual}`,
                },
                ...answers,
              ]}
              value={draft.schools[key] ?? UNSAID}
              onChange={(answer) => {
                const { [key]: _, ...others } = draft.schools;
                set({ schools: answer === UNSAID ? others : { ...others, [key]: answer } });
              }}
            />
          );
        })}
        <Entry
          label="Go up a step with, of the last 10"
          value={form.steps.earn}
          onChange={(earn) => form.setSteps({ ...form.steps, earn })}
          inputMode="numeric"
          hint="Narrower gates, longer putts. Empty: what each drill says."
          error={form.errorAt('step_rule.earn')}
        />
        <Entry
          label="Go down with no more than"
          value={form.steps.lose}
          onChange={(lose) => form.setSteps({ ...form.steps, lose })}
          inputMode="numeric"
          error={form.errorAt('step_rule.lose')}
        />
        <Entry
          label="A line on the ball up to"
          value={form.markTo}
          onChange={form.setMarkTo}
          suffix={units.suffix('station')}
          hint="Beyond it a spot, where the mark is “a line up to a length”."
          error={form.errorAt('mark_to_m')}
        />
      </Columns>
    </Part>
  );
}

function WhatMayBeKept({ form: { draft, set, until, setUntil, errorAt } }: { form: AboutFormState }) {
  return (
    <Part>
      <h2>Privacy</h2>
      <AnyOf
        label="This student"
        options={[
          { value: 'minor', label: 'Is under age' },
          { value: 'film', label: 'May be filmed' },
        ]}
        values={[...(draft.is_minor ? ['minor' as const] : []), ...(draft.may_be_filmed ? ['film' as const] : [])]}
        onChange={(values) => set({ is_minor: values.includes('minor'), may_be_filmed: values.includes('film') })}
      />
      <Columns>
        <NoteEntry
          label="Consent: who gave it, and when"
          value={draft.consent ?? ''}
          onChange={(text) => set({ consent: text === '' ? null : text })}
          error={errorAt('consent')}
        />
        <Entry
          label="Records may be kept until"
          value={until}
          onChange={setUntil}
          hint="A date like 30/11/2027. After it you are asked, and 30 days later the records are deleted permanently."
          error={errorAt('keep_until')}
        />
      </Columns>
    </Part>
  );
}
