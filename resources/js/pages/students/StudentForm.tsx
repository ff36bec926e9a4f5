import { useLocation, useNavigate, useParams } from 'react-router';
import { isOfEarlierVisit, type StudentDraft, useSaveStudent, useToday } from '../../api/queries';
import type { Student } from '../../api/types';
import {
  Button,
  Columns,
  EditList,
  Fold,
  labelOf,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  Stack,
  StrideByWalking,
  space,
  Title,
  Waiting,
} from '../../design';
import { BACKSTROKE_CUES, CURES, HANDS, LEVELS, UNITS } from '../../features/form-choices/formChoices';
import { ChoiceField, LengthField, MenuField, NumberField, SwitchField, TextField } from '../../features/forms/fields';
import { NEW_STUDENT } from '../../features/forms/NewStudentForm';
import { EditFields, type Save, useFields } from '../../features/forms/SheetForm';
import {
  metresOf,
  numberOf,
  summed,
  type TypedLength,
  textOf,
  typedLength,
  typedNumber,
} from '../../features/forms/typed';
import { type Units, useUnits } from '../../units/useUnits';
import { ProfileRows } from './ProfilePart';
import { PuttersPart } from './PuttersPart';
import { RecordsOfStudent } from './RecordsOfStudent';

/** Adds a student, or shows what is kept of one and lets it be changed. */
export function StudentScreen() {
  const { id } = useParams();
  const today = useToday();
  const units = useUnits();
  if (id === undefined) {
    return <NewStudent units={units} />;
  }
  const student = today.data?.students.find((each) => each.id === id);
  if (student === undefined || isOfEarlierVisit(today)) {
    return (
      <Page>
        {today.isPending || isOfEarlierVisit(today) ? (
          <Waiting>Loading the profile …</Waiting>
        ) : (
          <Notice kind="wrong">This student does not exist in your workspace, or was deleted.</Notice>
        )}
      </Page>
    );
  }
  return <Profile key={id} student={student} units={units} />;
}

interface NewValues {
  name: string;
  hand: Student['hand'];
  level: Student['level'];
  putter: string;
}

/** What a first session needs to know of a student; the rest is on the profile. */
function NewStudent({ units }: { units: Units }) {
  const navigate = useNavigate();
  const { key } = useLocation();
  const keep = useSaveStudent();
  const { control, handleSubmit } = useFields<NewValues>(
    { name: '', hand: NEW_STUDENT.hand, level: NEW_STUDENT.level, putter: '' },
    keep.error,
  );
  const add = ({ name, hand, level, putter }: NewValues) =>
    keep.mutate(
      {
        id: null,
        draft: { ...NEW_STUDENT, unit: units.choice.unit, name: name.trim(), hand, level, putter: textOf(putter) },
      },
      // Back to where it was asked for; a page that was opened by its address has nothing of ours behind it.
      { onSuccess: () => void (key === 'default' ? navigate('/') : navigate(-1)) },
    );
  return (
    <Page>
      <Stack as="form" onSubmit={(event) => void handleSubmit(add)(event)} noValidate style={{ maxWidth: 640 }}>
        <Title page="New student">New student</Title>
        {keep.error !== null && <Notice kind="wrong">{keep.error.message}</Notice>}
        <TextField control={control} name="name" label="Name" autoFocus />
        <ChoiceField control={control} name="hand" label="Hand" options={HANDS} />
        <ChoiceField control={control} name="level" label="Level" options={LEVELS} />
        <Fold label="Add a putter">
          <TextField
            control={control}
            name="putter"
            label="Putter"
            hint="Kind, length, loft, aiming mark: whatever identifies it."
          />
        </Fold>
        <Row>
          <Button look="main" type="submit" isPending={keep.isPending}>
            Add student
          </Button>
        </Row>
        <QuietText>
          Cues, lengths, units and preferences are on the profile. Keep records of a student under age only with a
          guardian’s consent.
        </QuietText>
      </Stack>
    </Page>
  );
}

function Profile({ student, units }: { student: Student; units: Units }) {
  return (
    <Page>
      <Stack $gap="l">
        <Title page={student.name}>Profile of {student.name}</Title>
        <Columns style={{ gap: space.xl }}>
          <Part>
            <h2>Student</h2>
            <EditList>
              <StudentRows student={student} units={units} />
              <PuttersPart student={student.id} units={units} />
            </EditList>
          </Part>
          <Stack $gap="l">
            <ProfileRows student={student} />
            <RecordsOfStudent student={student} />
          </Stack>
        </Columns>
      </Stack>
    </Page>
  );
}

/** A student as it is saved: the putter in use is taken under Putters, and not said here. */
interface KeptStudent {
  id: string;
  draft: Omit<StudentDraft, 'putter'>;
}

interface StudentRowProps {
  student: Student;
  units: Units;
  save: Save<KeptStudent>;
  /** The whole of what is kept, with what a row changes. */
  draft: (part: Partial<StudentDraft>) => KeptStudent;
}

/** What is kept of a student, a row a part. */
function StudentRows({ student, units }: { student: Student; units: Units }) {
  const save = useSaveStudent();
  const { id, putter: _, ...whole } = student;
  const row: StudentRowProps = {
    student,
    units,
    save,
    draft: (part) => ({ id, draft: { ...whole, ...part } }),
  };
  return (
    <>
      <NameRow {...row} />
      <UnitsRow {...row} />
      <LengthsRow {...row} />
      <CuesRow {...row} />
    </>
  );
}

function NameRow({ student, save, draft }: StudentRowProps) {
  return (
    <EditFields
      label="Name, hand and level"
      summary={summed(student.name, labelOf(HANDS, student.hand), labelOf(LEVELS, student.level))}
      values={{ name: student.name, hand: student.hand, level: student.level }}
      save={save}
      draft={({ name, hand, level }) => draft({ name: name.trim(), hand, level })}
    >
      {(control) => (
        <>
          <TextField control={control} name="name" label="Name" />
          <ChoiceField control={control} name="hand" label="Hand" options={HANDS} />
          <ChoiceField control={control} name="level" label="Level" options={LEVELS} />
        </>
      )}
    </EditFields>
  );
}

function UnitsRow({ student, units, save, draft }: StudentRowProps) {
  return (
    <EditFields
      label="Units"
      summary={summed(
        labelOf(UNITS, student.unit),
        student.stride_m !== null && `a step is ${units.show(student.stride_m, 'roll')}`,
      )}
      values={{ unit: student.unit, stride_m: typedLength(units, student.stride_m, 'roll') }}
      save={save}
      draft={({ unit, stride_m }) => draft({ unit, stride_m: metresOf(units, stride_m, 'roll') })}
    >
      {(control, set) => (
        <>
          <ChoiceField control={control} name="unit" label="Units" options={UNITS} />
          <LengthField
            control={control}
            name="stride_m"
            label="Length of a step"
            units={units}
            kind="roll"
            hint="Optional unless steps are used."
          />
          <StrideByWalking
            read={(text) => units.read(text, 'roll').metres}
            suffix={units.suffix('roll')}
            onPace={(metres) => set('stride_m', { text: units.exactText(metres, 'roll'), was_m: null })}
          />
        </>
      )}
    </EditFields>
  );
}

/** From where the student practises, and how far past a hole a good putt finishes. */
function LengthsRow({ student, units, save, draft }: StudentRowProps) {
  const { finish_past_m: past, band_low_m: low, band_high_m: high } = student;
  const shown = (metres: number) => units.show(metres, 'station');
  return (
    <EditFields
      label="Lengths"
      summary={summed(
        low !== null && high !== null && `practises ${shown(low)} to ${shown(high)}`,
        `finishes ${units.show(past, 'roll')} past`,
      )}
      values={{
        finish_past_m: typedLength(units, past, 'roll'),
        band_low_m: typedLength(units, low, 'station'),
        band_high_m: typedLength(units, high, 'station'),
      }}
      save={save}
      draft={(filled: Record<'finish_past_m' | 'band_low_m' | 'band_high_m', TypedLength>) =>
        draft({
          finish_past_m: metresOf(units, filled.finish_past_m, 'roll') ?? past,
          band_low_m: metresOf(units, filled.band_low_m, 'station'),
          band_high_m: metresOf(units, filled.band_high_m, 'station'),
        })
      }
    >
      {(control) => (
        <>
          <LengthField
            control={control}
            name="finish_past_m"
            label="Finish past the hole"
            units={units}
            kind="roll"
            hint="How far past a covered hole a good putt finishes. A foot is usual."
            needed="Enter how far past; 0 means the ball stops at the lip."
          />
          <Columns>
            <LengthField
              control={control}
              name="band_low_m"
              label="Practise from"
              units={units}
              kind="station"
              hint="Used while no rounds show which lengths this student meets."
            />
            <LengthField control={control} name="band_high_m" label="Practise to" units={units} kind="station" />
          </Columns>
        </>
      )}
    </EditFields>
  );
}

/** How the stroke is told to the student, and whether scores are. */
function CuesRow({ student, save, draft }: StudentRowProps) {
  const { tempo_bpm: tempo } = student;
  return (
    <EditFields
      label="Cues and scores"
      summary={summed(
        `Backstroke ${labelOf(BACKSTROKE_CUES, student.school).toLowerCase()}`,
        tempo !== null && `tempo ${tempo}`,
        student.is_gentle && 'scores hidden',
        student.exception !== null && 'an exception',
      )}
      values={{
        school: student.school,
        line_cure: (student.line_cure ?? 'open') as (typeof CURES)[number]['value'],
        tempo_bpm: typedNumber(tempo),
        exception: student.exception ?? '',
        is_gentle: student.is_gentle,
      }}
      save={save}
      draft={({ school, line_cure, tempo_bpm, exception, is_gentle }) =>
        draft({
          school,
          line_cure: line_cure === 'open' ? null : line_cure,
          tempo_bpm: numberOf(tempo_bpm),
          exception: textOf(exception),
          is_gentle,
        })
      }
    >
      {(control) => (
        <>
          <ChoiceField control={control} name="school" label="Backstroke cue" options={BACKSTROKE_CUES} />
          <QuietText>
            By length: so many inches back, seen beside the ball. By shoe: the trail shoe marks the end. By feel: the
            student thinks of no number.
          </QuietText>
          <MenuField control={control} name="line_cure" label="A start to one side is corrected by" options={CURES} />
          <NumberField
            control={control}
            name="tempo_bpm"
            label="Tempo"
            suffix="beats a minute"
            hint="One beat back, one to the ball. The metronome of a drill measures it. Optional."
          />
          <TextField
            control={control}
            name="exception"
            label="Personal exception"
            hint="For example: ball well forward on purpose. It is the first insight shown."
          />
          <SwitchField
            control={control}
            name="is_gentle"
            label="Hide scores: what was done is shown, not how many passed"
          />
        </>
      )}
    </EditFields>
  );
}
