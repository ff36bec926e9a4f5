import { useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { ApiError, fieldError } from '../../api/api';
import { isOfEarlierVisit, type StudentDraft, useSaveStudent, useToday } from '../../api/queries';
import type { Student } from '../../api/types';
import {
  AnyOf,
  Button,
  Columns,
  Entry,
  InsightCard,
  MarginWord,
  Notice,
  OneOf,
  Page,
  Part,
  Row,
  Stack,
  StrideByWalking,
  Title,
  useFirstError,
} from '../../design';
import { BACKSTROKE_CUES, CURES, HANDS, LEVELS, UNITS } from '../../features/form-choices/formChoices';
import { readNumber } from '../../units/format';
import { METRES_PER_FOOT } from '../../units/length';
import { useUnits } from '../../units/useUnits';
import { ProfilePart } from './ProfilePart';
import { PuttersPart } from './PuttersPart';
import { RecordsOfStudent } from './RecordsOfStudent';

const NEW: StudentDraft = {
  name: '',
  hand: 'right',
  level: 'club',
  unit: 'feet',
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

/** Adds a student, or changes one. */
export function StudentScreen() {
  const { id } = useParams();
  const today = useToday();
  if (id === undefined) {
    return <StudentForm id={null} student={NEW} />;
  }
  const student = today.data?.students.find((each) => each.id === id);
  if (student === undefined || isOfEarlierVisit(today)) {
    return (
      <Page>
        {today.isPending || isOfEarlierVisit(today) ? (
          <p>Loading the profile …</p>
        ) : (
          <Notice kind="wrong">This student does not exist in your workspace, or was deleted.</Notice>
        )}
      </Page>
    );
  }
  return <StudentForm key={id} id={id} student={student} />;
}

function StudentForm({ id, student }: { id: string | null; student: StudentDraft | Student }) {
  const form = useStudentForm(id, student);
  return (
    <Page data-margin>
      <Stack $gap="xl">
        <Stack $gap="l" as="form" onSubmit={form.submit} noValidate>
          <Title page={id === null ? 'New student' : student.name}>
            {id === null ? 'A new student' : student.name}
          </Title>
          {form.failure !== null && <Notice kind="wrong">{form.failure}</Notice>}
          <WhoTheyAre form={form} isNew={id === null} />
          <HowTheyPutt form={form} />
          <Row>
            <Button look="main" type="submit" isPending={form.isPending}>
              {id === null ? 'Add student' : 'Save'}
            </Button>
          </Row>
        </Stack>
        {'id' in student && (
          <>
            <PuttersPart student={student.id} units={form.units} />
            <ProfilePart student={student} />
            <RecordsOfStudent student={student} />
          </>
        )}
      </Stack>
      <InsightCard notes={[]}>
        <MarginWord>
          <h2>Backstroke cue</h2>
          <p>
            By length: so many inches back, seen beside the ball. By shoe: the trail shoe marks the end. By feel: the
            student thinks of no number.
          </p>
        </MarginWord>
        <MarginWord>
          <h2>Under age</h2>
          <p>Keep records of a student under age only with a guardian's consent, and only what is needed.</p>
        </MarginWord>
      </InsightCard>
    </Page>
  );
}

interface FormPartProps {
  form: StudentFormState;
}

function WhoTheyAre({ form, isNew }: FormPartProps & { isNew: boolean }) {
  return (
    <>
      <Columns>
        <Entry
          label="Name"
          value={form.draft.name}
          onChange={(name) => form.set({ name })}
          error={form.errorAt('name')}
          autoFocus={isNew}
        />
        {isNew && (
          <Entry
            label="Putter"
            value={form.draft.putter ?? ''}
            onChange={(putter) => form.set({ putter: putter === '' ? null : putter })}
            hint="Kind, length, loft, aiming mark: whatever identifies it."
            error={form.errorAt('putter')}
          />
        )}
      </Columns>
      <Entry
        label="Personal exception"
        value={form.draft.exception ?? ''}
        onChange={(exception) => form.set({ exception: exception === '' ? null : exception })}
        hint="For example: ball well forward on purpose. It is the first insight shown."
        error={form.errorAt('exception')}
      />
      <Columns>
        <OneOf label="Hand" options={HANDS} value={form.draft.hand} onChange={(hand) => form.set({ hand })} />
        <OneOf label="Level" options={LEVELS} value={form.draft.level} onChange={(level) => form.set({ level })} />
      </Columns>
    </>
  );
}

function HowTheyPutt({ form }: FormPartProps) {
  return (
    <Part>
      <h2>Lengths</h2>
      <OneOf label="Units" options={UNITS} value={form.draft.unit} onChange={(unit) => form.set({ unit })} />
      <Columns>
        <Entry
          label="Length of a step"
          value={form.pace}
          onChange={form.setPace}
          suffix={form.units.suffix('roll')}
          hint="Optional unless steps are used."
          error={form.errorAt('stride_m')}
        />
        <StrideByWalking
          read={(text) => form.units.read(text, 'roll').metres}
          suffix={form.units.suffix('roll')}
          onPace={(metres) => form.setPace(form.units.exactText(metres, 'roll'))}
        />
        <Entry
          label="Finish past the hole"
          value={form.past}
          onChange={form.setPast}
          suffix={form.units.suffix('roll')}
          hint="How far past a covered hole a good putt finishes. A foot is usual."
          error={form.errorAt('finish_past_m')}
        />
      </Columns>
      <Columns>
        <Entry
          label="Practise from"
          value={form.bandLow}
          onChange={form.setBandLow}
          suffix={form.units.suffix('station')}
          hint="Used while no rounds show which lengths this student meets."
          error={form.errorAt('band_low_m')}
        />
        <Entry
          label="Practise to"
          value={form.bandHigh}
          onChange={form.setBandHigh}
          suffix={form.units.suffix('station')}
          error={form.errorAt('band_high_m')}
        />
      </Columns>
      <OneOf
        label="Backstroke cue"
        options={BACKSTROKE_CUES}
        value={form.draft.school}
        onChange={(school) => form.set({ school })}
      />
      <OneOf
        label="A start to one side is corrected by"
        options={CURES}
        value={form.draft.line_cure ?? 'open'}
        onChange={(cure) => form.set({ line_cure: cure === 'open' ? null : cure })}
      />
      <AnyOf
        label="Scores"
        options={[
          {
            value: 'gentle',
            label: 'Hide scores: what was done is shown, not how many passed',
          },
        ]}
        values={form.draft.is_gentle ? ['gentle'] : []}
        onChange={(values) => form.set({ is_gentle: values.length > 0 })}
      />
      <Columns>
        <Entry
          label="Tempo"
          value={form.tempo}
          onChange={form.setTempo}
          inputMode="numeric"
          suffix="beats a minute"
          hint="One beat back, one to the ball. The metronome of a drill measures it. Optional."
          error={form.errorAt('tempo_bpm')}
        />
      </Columns>
    </Part>
  );
}

function useStudentForm(id: string | null, student: StudentDraft) {
  const units = useUnits();
  const navigate = useNavigate();
  const { key } = useLocation();
  const keep = useSaveStudent();
  const [draft, setDraft] = useState<StudentDraft>(student);
  const [pace, setPace] = useState(units.text(student.stride_m, 'roll'));
  const [tempo, setTempo] = useState(student.tempo_bpm === null ? '' : String(student.tempo_bpm));
  const [past, setPast] = useState(units.text(student.finish_past_m, 'roll'));
  const [bandLow, setBandLow] = useState(units.text(student.band_low_m, 'station'));
  const [bandHigh, setBandHigh] = useState(units.text(student.band_high_m, 'station'));
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  return {
    draft,
    set: (part: Partial<StudentDraft>) => setDraft({ ...draft, ...part }),
    pace,
    setPace,
    past,
    setPast,
    tempo,
    setTempo,
    bandLow,
    setBandLow,
    bandHigh,
    setBandHigh,
    units,
    isPending: keep.isPending,
    failure: keep.isError ? keep.error.message : null,
    errorAt: (field: string) => local[field] ?? fieldError(keep.error, field),
    submit: (event: React.FormEvent) => {
      event.preventDefault();
      const paceRead = units.reread(pace, student.stride_m, 'roll');
      const pastRead = units.reread(past, student.finish_past_m, 'roll');
      const lowRead = units.reread(bandLow, student.band_low_m, 'station');
      const highRead = units.reread(bandHigh, student.band_high_m, 'station');
      const wrong: Record<string, string> = {};
      if (lowRead.error !== null) {
        wrong.band_low_m = lowRead.error;
      }
      if (highRead.error !== null) {
        wrong.band_high_m = highRead.error;
      }
      if (paceRead.error !== null) {
        wrong.stride_m = paceRead.error;
      }
      if (pastRead.metres === null) {
        wrong.finish_past_m = pastRead.error ?? 'Enter how far past; 0 means the ball stops at the lip.';
      }
      const beats = readNumber(tempo);
      if (tempo.trim() !== '' && beats === null) {
        wrong.tempo_bpm = `“${tempo.trim()}” is not a number of beats. Type a number like 76.`;
      }
      setLocal(wrong);
      if (Object.keys(wrong).length === 0 && pastRead.metres !== null) {
        const { name, hand, level, unit, school, exception, line_cure, is_gentle } = draft;
        keep.mutate(
          {
            id,
            draft: {
              name,
              hand,
              level,
              unit,
              // The one in use is taken under Putters: a card that is kept says nothing of it.
              ...(id === null && { putter: draft.putter }),
              school,
              exception,
              line_cure,
              band_low_m: lowRead.metres,
              band_high_m: highRead.metres,
              is_gentle,
              tempo_bpm: beats,
              stride_m: paceRead.metres,
              finish_past_m: pastRead.metres,
            },
          },
          {
            // Back to where the card was asked for; one that was opened by its address has nowhere of ours behind it.
            onSuccess: () => void (key === 'default' ? navigate(id === null ? '/' : `/students/${id}`) : navigate(-1)),
            onError: (error) => error instanceof ApiError && setLocal({}),
          },
        );
      }
    },
  };
}

type StudentFormState = ReturnType<typeof useStudentForm>;
