import { useState } from 'react';
import { type Control, useWatch } from 'react-hook-form';
import styled from 'styled-components';
import {
  isOfEarlierVisit,
  type TakeHomeCardDraft,
  useDrills,
  useSaveTakeHomeCard,
  useTakeHomeCard,
} from '../../api/queries';
import type { LibraryDrill, Student, TakeHomeCardSettings } from '../../api/types';
import {
  Button,
  ButtonLink,
  Columns,
  EditList,
  EditRow,
  Head,
  Name,
  Notice,
  OneOf,
  Page,
  QuietText,
  Row,
  Stack,
  Title,
  Waiting,
  wide,
} from '../../design';
import { DateField, MenuField, NoteField, TextField } from '../../features/forms/fields';
import { EditFields, type Save } from '../../features/forms/SheetForm';
import { numberOf, summed, textOf, typedNumber } from '../../features/forms/typed';
import { WithStudent } from '../../features/reports/WithStudent';
import { LinkOf, ShareCard } from '../../features/share/ShareCard';
import { day } from '../../units/dates';
import { firstWords } from '../../units/format';
import { type Units, useUnitsOf } from '../../units/useUnits';
import { TakeHomeCardSheet } from './TakeHomeCardSheet';

const CardAndRows = styled.div`
  display: grid; gap: 32px; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 420px) minmax(0, 1fr); }
`;

/** A student's take-home card: what it says, on paper and behind a private link. */
export function TakeHomeCardPage() {
  return (
    <WithStudent opening="Loading the card …">
      {(student) => <SavedCard key={student.id} student={student} />}
    </WithStudent>
  );
}

function SavedCard({ student }: { student: Student }) {
  const settings = useTakeHomeCard(student.id);
  if (settings.data === undefined || isOfEarlierVisit(settings)) {
    return (
      <Page>
        {settings.isError ? (
          <Notice kind="wrong">{settings.error.message}</Notice>
        ) : (
          <Waiting>Loading the card …</Waiting>
        )}
      </Page>
    );
  }
  return <CardOf student={student} settings={settings.data} />;
}

interface CardProps {
  student: Student;
  settings: TakeHomeCardSettings;
}

function CardOf({ student, settings }: CardProps) {
  const until = settings.link_until;
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page={`Take-home card · ${student.name}`}>
            Take-home card for <Name>{student.name}</Name>
          </Title>
          <Row>
            <ShareCard student={student} label="Share" isMain />
            <Button onPress={() => window.print()}>Print</Button>
            <ButtonLink to={`/students/${student.id}`}>Student</ButtonLink>
          </Row>
        </Head>
        <CardAndRows>
          <TakeHomeCardSheet card={settings.card} />
          <EditList>
            <CardRows student={student} settings={settings} />
            <EditRow label="Private link" summary={until === null ? 'none is active' : `active until ${day(until)}`}>
              {() => <LinkOf student={student} settings={settings} />}
            </EditRow>
          </EditList>
        </CardAndRows>
      </Stack>
    </Page>
  );
}

/** More at a time nobody counts at home. */
const MOST_BALLS = 300;

const NONE = 'none';
const DAYS_A_WEEK = [
  { value: NONE, label: 'Not set' },
  ...['1', '2', '3', '4', '5', '6', '7'].map((value) => ({ value, label: value })),
];

function ballsError(text: string): string | null {
  const count = numberOf(text);
  return text.trim() === '' || (count !== null && Number.isInteger(count) && count >= 1 && count <= MOST_BALLS)
    ? null
    : `“${text.trim()}” is not a number of balls from 1 to ${MOST_BALLS}.`;
}

const PLACES = [
  { value: 'mat', label: 'At home, on a mat' },
  { value: 'green', label: 'On a green' },
] as const;

interface HomeworkValues {
  home_task: string;
  home_drill: string;
  home_balls: string;
  home_target: string;
  home_days: string;
  home_cue: string;
}

/** A drill for the homework: of those that fit where it is done, and the one that is chosen already. */
function HomeDrill({ control, drills }: { control: Control<HomeworkValues>; drills: readonly LibraryDrill[] }) {
  const [place, setPlace] = useState<(typeof PLACES)[number]['value']>('mat');
  const chosen = useWatch({ control, name: 'home_drill' });
  const fitting = drills.filter(
    ({ drill }) => drill.key === chosen || drill.places === undefined || drill.places.includes(place),
  );
  return (
    <>
      <OneOf label="Where it is done" options={PLACES} value={place} onChange={setPlace} />
      <MenuField
        control={control}
        name="home_drill"
        label="As a drill"
        options={[
          { value: NONE, label: 'None: counted only' },
          ...fitting.map(({ drill: { key, name } }) => ({ value: key, label: name })),
        ]}
      />
    </>
  );
}

interface CardRowProps {
  settings: TakeHomeCardSettings;
  units: Units;
  save: Save<TakeHomeCardDraft>;
  /** All of the card as it is kept; a row changes its part of it. */
  whole: TakeHomeCardDraft;
}

/** What the card says, a row a part. */
function CardRows({ student, settings }: CardProps) {
  const units = useUnitsOf(student);
  const save = useSaveTakeHomeCard(student.id);
  const { card } = settings;
  const whole: TakeHomeCardDraft = {
    speed_1_m: settings.speed_1_m,
    speed_2_m: settings.speed_2_m,
    work_on: card.work_on,
    home_task: card.home_task,
    home_balls: card.home_balls,
    home_drill: card.home_drill,
    home_cue: card.home_cue,
    home_target: card.home_target,
    home_days: card.home_days,
    next_on: card.next_on,
  };
  const row = { settings, units, save, whole };
  return (
    <>
      <HomeworkRow {...row} />
      <NextRow {...row} />
      <SpeedsRow {...row} />
    </>
  );
}

function HomeworkRow({ settings: { card }, save, whole }: CardRowProps) {
  const drills = useDrills();
  const known = [...(drills.data?.own ?? []), ...(drills.data?.library ?? [])];
  return (
    <EditFields
      label="Homework"
      summary={summed(
        firstWords(card.home_task ?? 'none yet', 8),
        card.home_balls !== null && `${card.home_balls} balls a day`,
      )}
      values={{
        home_task: card.home_task ?? '',
        home_drill: card.home_drill ?? NONE,
        home_balls: typedNumber(card.home_balls),
        home_target: typedNumber(card.home_target),
        home_days: card.home_days === null ? NONE : String(card.home_days),
        home_cue: card.home_cue ?? '',
      }}
      save={save}
      draft={(filled) => ({
        ...whole,
        home_task: textOf(filled.home_task),
        home_drill: filled.home_drill === NONE ? null : filled.home_drill,
        home_balls: numberOf(filled.home_balls),
        home_target: numberOf(filled.home_target),
        home_days: filled.home_days === NONE ? null : Number(filled.home_days),
        home_cue: textOf(filled.home_cue),
      })}
    >
      {(control) => (
        <>
          <NoteField control={control} name="home_task" label="Homework" />
          <HomeDrill control={control} drills={known} />
          <QuietText>With the link, the student does it on the lane and continues where they stopped.</QuietText>
          <Columns>
            <TextField
              control={control}
              name="home_balls"
              label="Balls a day"
              step={5}
              inputMode="numeric"
              hint="The student stops after this many."
              rule={ballsError}
            />
            <TextField
              control={control}
              name="home_target"
              label="Successful balls to reach"
              inputMode="numeric"
              hint="Optional."
              rule={ballsError}
            />
          </Columns>
          <MenuField control={control} name="home_days" label="Days a week" options={DAYS_A_WEEK} />
          <TextField control={control} name="home_cue" label="Cue" />
        </>
      )}
    </EditFields>
  );
}

function NextRow({ settings: { card }, save, whole }: CardRowProps) {
  return (
    <EditFields
      label="Working on and next lesson"
      summary={summed(
        firstWords(card.work_on ?? '', 8),
        card.next_on !== null && `next ${day(`${card.next_on}T12:00:00`)}`,
      )}
      values={{ work_on: card.work_on ?? '', next_on: card.next_on ?? '' }}
      save={save}
      draft={(filled) => ({ ...whole, work_on: textOf(filled.work_on), next_on: textOf(filled.next_on) })}
    >
      {(control) => (
        <>
          <NoteField control={control} name="work_on" label="Working on (one or two things)" />
          <DateField control={control} name="next_on" label="Next lesson" />
        </>
      )}
    </EditFields>
  );
}

function SpeedsRow({ settings, units, save, whole }: CardRowProps) {
  const { card } = settings;
  const speedError = (text: string) =>
    text.trim() === '' || units.readSpeed(text) !== null ? null : `“${text.trim()}” is not a green speed.`;
  const readSpeed = (text: string) => (text.trim() === '' ? null : units.readSpeed(text));
  return (
    <EditFields
      label="Green speeds of the table"
      summary={card.tables.map(({ speed_m }) => units.speed(speed_m)).join(' and ')}
      values={{
        speed_1_m: settings.speed_1_m === null ? '' : units.speedText(settings.speed_1_m),
        speed_2_m: settings.speed_2_m === null ? '' : units.speedText(settings.speed_2_m),
      }}
      save={save}
      draft={(filled) => ({
        ...whole,
        speed_1_m: readSpeed(filled.speed_1_m),
        speed_2_m: readSpeed(filled.speed_2_m),
      })}
    >
      {(control) => (
        <Columns>
          <TextField
            control={control}
            name="speed_1_m"
            label="First green"
            suffix={units.speedSuffix}
            hint="Empty: the green used last."
            rule={speedError}
          />
          <TextField
            control={control}
            name="speed_2_m"
            label="Second green"
            suffix={units.speedSuffix}
            hint="Empty: a faster one."
            rule={speedError}
          />
        </Columns>
      )}
    </EditFields>
  );
}
