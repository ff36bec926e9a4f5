import { isOfEarlierVisit, useCheckCatalogue, useSaveStudentProfile, useStudentProfile } from '../../api/queries';
import type { CheckCatalogue, Student, StudentProfile } from '../../api/types';
import { Columns, EditList, labelOf, Notice, Part, Waiting } from '../../design';
import {
  ChoiceField,
  DateField,
  LengthField,
  MenuField,
  NoteField,
  NumberField,
  SwitchField,
  TextField,
} from '../../features/forms/fields';
import { EditFields } from '../../features/forms/SheetForm';
import { metresOf, numberOf, summed, textOf, typedLength, typedNumber } from '../../features/forms/typed';
import { day } from '../../units/dates';
import { useUnitsOf } from '../../units/useUnits';

/** What is kept of a student besides the few measures: all of it may be left out. */
export function ProfileRows({ student }: { student: Student }) {
  const about = useStudentProfile(student.id);
  const book = useCheckCatalogue();
  if (about.data === undefined || book.data === undefined || isOfEarlierVisit(about)) {
    const error = about.error ?? book.error;
    return error !== null ? <Notice kind="wrong">{error.message}</Notice> : <Waiting>Loading …</Waiting>;
  }
  return (
    <Part>
      <h2>More details</h2>
      <EditList>
        <AboutTheStudent student={student} kept={about.data} />
        <RoutineAndReading student={student} kept={about.data} book={book.data} />
        <Preferences student={student} kept={about.data} book={book.data} />
        <Privacy student={student} kept={about.data} />
      </EditList>
    </Part>
  );
}

interface ProfileRowProps {
  student: Student;
  kept: StudentProfile;
}

const EYES = [
  { value: 'none', label: 'Not known' },
  { value: 'lead', label: 'The lead eye' },
  { value: 'trail', label: 'The trail eye' },
] as const;

/** What is asked of a student at the first visit. */
function AboutTheStudent({ student, kept }: ProfileRowProps) {
  const save = useSaveStudentProfile(student.id);
  const { handicap, handicap_wanted: wanted, three_putts_per_round: threePutts, lay_off_weeks: weeks } = kept;
  return (
    <EditFields
      label="About the student"
      summary={summed(
        handicap !== null && `handicap ${handicap}${wanted === null ? '' : `, wants ${wanted}`}`,
        threePutts !== null && `${threePutts} three-putts`,
        weeks !== null && `${weeks} weeks off`,
        kept.dominant_eye !== null && labelOf(EYES, kept.dominant_eye).toLowerCase(),
      )}
      values={{
        handicap: typedNumber(handicap),
        handicap_wanted: typedNumber(wanted),
        three_putts_per_round: typedNumber(threePutts),
        lay_off_weeks: typedNumber(weeks),
        lay_off_work: kept.lay_off_work ?? '',
        dominant_eye: (kept.dominant_eye ?? 'none') as (typeof EYES)[number]['value'],
        email: kept.email ?? '',
      }}
      save={save}
      draft={(filled) => ({
        ...kept,
        handicap: numberOf(filled.handicap),
        handicap_wanted: numberOf(filled.handicap_wanted),
        three_putts_per_round: numberOf(filled.three_putts_per_round),
        lay_off_weeks: numberOf(filled.lay_off_weeks),
        lay_off_work: textOf(filled.lay_off_work),
        dominant_eye: filled.dominant_eye === 'none' ? null : filled.dominant_eye,
        email: textOf(filled.email),
      })}
    >
      {(control) => (
        <>
          <Columns>
            <NumberField control={control} name="handicap" label="Handicap now" />
            <NumberField control={control} name="handicap_wanted" label="Handicap wanted" />
          </Columns>
          <NumberField
            control={control}
            name="three_putts_per_round"
            label="Three-putts a round, as the student says"
            hint="Used until rounds are entered."
          />
          <NumberField
            control={control}
            name="lay_off_weeks"
            label="Weeks without putting on greens"
            hint="A long break starts with reading and green speed."
          />
          <TextField
            control={control}
            name="lay_off_work"
            label="Practice in the meantime"
            hint="And at what lengths."
          />
          <ChoiceField control={control} name="dominant_eye" label="Dominant eye" options={EYES} />
          <TextField
            control={control}
            name="email"
            label="E-mail"
            inputMode="email"
            hint="Emails about bookings go there, and nothing else."
          />
        </>
      )}
    </EditFields>
  );
}

const UNSAID = 'unsaid';

/** The cards of one kind, and what not choosing one is called. */
function cardsOf(book: CheckCatalogue, kind: string, none: string) {
  const cards = book.cards.filter((card) => card.kind === kind);
  return [{ value: UNSAID, label: none }, ...cards.map(({ key, title }) => ({ value: key, label: title }))];
}

function RoutineAndReading({ student, kept, book }: ProfileRowProps & { book: CheckCatalogue }) {
  const save = useSaveStudentProfile(student.id);
  const units = useUnitsOf(student);
  const routines = cardsOf(book, 'routine', 'None chosen');
  const views = cardsOf(book, 'views', 'No places chosen');
  return (
    <EditFields
      label="Routine and reading"
      summary={summed(
        kept.recipe !== null && labelOf(routines, kept.recipe),
        kept.views !== null && labelOf(views, kept.views),
      )}
      values={{
        recipe: kept.recipe ?? UNSAID,
        views: kept.views ?? UNSAID,
        read_from_m: typedLength(units, kept.read_from_m, 'station'),
        mark_to_m: typedLength(units, kept.mark_to_m, 'station'),
      }}
      save={save}
      draft={(filled) => ({
        ...kept,
        recipe: filled.recipe === UNSAID ? null : filled.recipe,
        views: filled.views === UNSAID ? null : filled.views,
        read_from_m: metresOf(units, filled.read_from_m, 'station'),
        mark_to_m: metresOf(units, filled.mark_to_m, 'station'),
      })}
    >
      {(control) => (
        <>
          <MenuField control={control} name="recipe" label="Routine" options={routines} />
          <MenuField control={control} name="views" label="Reads from" options={views} />
          <LengthField
            control={control}
            name="read_from_m"
            label="Walks back behind the ball to read"
            units={units}
            kind="station"
            hint="Shown beside the lane; Review compares near and far places."
          />
          <LengthField
            control={control}
            name="mark_to_m"
            label="A line on the ball up to"
            units={units}
            kind="station"
            hint="Beyond it a spot, where the mark is “a line up to a length”."
          />
        </>
      )}
    </EditFields>
  );
}

function Preferences({ student, kept, book }: ProfileRowProps & { book: CheckCatalogue }) {
  const save = useSaveStudentProfile(student.id);
  const own = book.questions.filter(({ key }) => kept.schools[key] !== undefined).length;
  return (
    <>
      <EditFields
        label="Teaching preferences"
        summary={own === 0 ? 'your defaults' : `${own} of ${book.questions.length} of this student’s own`}
        values={Object.fromEntries(book.questions.map(({ key }) => [key, kept.schools[key] ?? UNSAID]))}
        save={save}
        draft={(filled: Record<string, string>) => ({
          ...kept,
          schools: Object.fromEntries(Object.entries(filled).filter(([, answer]) => answer !== UNSAID)),
        })}
      >
        {(control) =>
          book.questions.map(({ key, question, answers, default: shipped, coachs }) => (
            <MenuField
              key={key}
              control={control}
              name={key}
              label={question}
              options={[
                {
                  value: UNSAID,
                  label: `${coachs === null ? 'Default' : 'Your default'}: ${labelOf(answers, coachs ?? shipped)}`,
                },
                ...answers,
              ]}
            />
          ))
        }
      </EditFields>
      <EditFields
        label="Going up and down a step"
        summary={kept.step_rule === null ? 'as each drill says' : stepWords(kept.step_rule)}
        values={{
          step_rule: {
            earn: typedNumber(kept.step_rule?.earn ?? null),
            lose: typedNumber(kept.step_rule?.lose ?? null),
          },
        }}
        save={save}
        draft={({ step_rule: { earn, lose } }) => ({
          ...kept,
          // One without the other is refused by the server, at its field.
          step_rule: earn.trim() === '' && lose.trim() === '' ? null : bothOf(earn, lose),
        })}
      >
        {(control) => (
          <>
            <NumberField
              control={control}
              name="step_rule.earn"
              label="Go up a step with, of the last 10"
              hint="Narrower gates, longer putts. Empty: what each drill says."
            />
            <NumberField control={control} name="step_rule.lose" label="Go down with no more than" />
          </>
        )}
      </EditFields>
    </>
  );
}

function stepWords({ earn, lose }: { earn: number; lose: number }): string {
  return `up with ${earn} of 10, down with ${lose}`;
}

function bothOf(earn: string, lose: string) {
  return { earn: numberOf(earn), lose: numberOf(lose) } as StudentProfile['step_rule'];
}

function Privacy({ student, kept }: ProfileRowProps) {
  const save = useSaveStudentProfile(student.id);
  return (
    <EditFields
      label="Privacy"
      summary={summed(
        kept.is_minor && 'under age',
        kept.may_be_filmed ? 'may be filmed' : 'not to be filmed',
        kept.consent !== null && 'consent given',
        kept.keep_until !== null && `kept until ${day(kept.keep_until)}`,
      )}
      values={{
        is_minor: kept.is_minor,
        may_be_filmed: kept.may_be_filmed,
        consent: kept.consent ?? '',
        keep_until: kept.keep_until ?? '',
      }}
      save={save}
      draft={({ is_minor, may_be_filmed, consent, keep_until }) => ({
        ...kept,
        is_minor,
        may_be_filmed,
        consent: textOf(consent),
        keep_until: textOf(keep_until),
      })}
    >
      {(control) => (
        <>
          <SwitchField control={control} name="is_minor" label="Under age" />
          <SwitchField control={control} name="may_be_filmed" label="May be filmed" />
          <NoteField
            control={control}
            name="consent"
            label="Consent: who gave it, and when"
            hint="Keep records of a student under age only with a guardian’s consent, and only what is needed."
          />
          <DateField
            control={control}
            name="keep_until"
            label="Records may be kept until"
            hint="After it you are asked, and 30 days later the records are deleted permanently."
          />
        </>
      )}
    </EditFields>
  );
}
