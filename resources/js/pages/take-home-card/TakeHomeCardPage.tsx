import { useState } from 'react';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import {
  isOfEarlierVisit,
  useDrills,
  useSaveTakeHomeCard,
  useTakeHomeCard,
  useTakeHomeCardLink,
} from '../../api/queries';
import type { Student, TakeHomeCardSettings } from '../../api/types';
import {
  Button,
  ButtonLink,
  Columns,
  Entry,
  Head,
  Name,
  NoteEntry,
  Notice,
  OneOf,
  Page,
  Part,
  Pick,
  QuietText,
  Row,
  Stack,
  Title,
  useFirstError,
  wide,
} from '../../design';
import { WithStudent } from '../../features/reports/WithStudent';
import { day, readDayToCome } from '../../units/dates';
import { readNumber } from '../../units/format';
import { useUnitsOf } from '../../units/useUnits';
import { TakeHomeCardSheet } from './TakeHomeCardSheet';

const ComparedSelection = styled.div`
  display: grid; gap: 32px; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 420px) minmax(0, 1fr); }
`;

/** A student's pocket card: what it says, on paper and behind a private link. */
export function TakeHomeCardPage() {
  return (
    <WithStudent opening="Loading the card …">
      {(student) => <KeptPocket key={student.id} student={student} />}
    </WithStudent>
  );
}

function KeptPocket({ student }: { student: Student }) {
  const pocket = useTakeHomeCard(student.id);
  if (pocket.data === undefined || isOfEarlierVisit(pocket)) {
    return (
      <Page>{pocket.isError ? <Notice kind="wrong">{pocket.error.message}</Notice> : <p>Loading the card …</p>}</Page>
    );
  }
  return <PocketOf student={student} pocket={pocket.data} />;
}

function PocketOf({ student, pocket }: { student: Student; pocket: TakeHomeCardSettings }) {
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page={`Take-home card · ${student.name}`}>
            Take-home card for <Name>{student.name}</Name>
          </Title>
          <Row>
            <Button onPress={() => window.print()}>Print</Button>
            <ButtonLink to={`/students/${student.id}`}>Practice</ButtonLink>
          </Row>
        </Head>
        <ComparedSelection>
          <TakeHomeCardSheet card={pocket.card} />
          <Stack $gap="l">
            <WhatItSays student={student} pocket={pocket} />
            <PrivateLink student={student} pocket={pocket} />
          </Stack>
        </ComparedSelection>
      </Stack>
    </Page>
  );
}

interface PocketPartProps {
  student: Student;
  pocket: TakeHomeCardSettings;
}

/** More at a time nobody counts at home. */
const MOST_BALLS = 300;

function WhatItSays({ student, pocket }: PocketPartProps) {
  const units = useUnitsOf(student);
  const keep = useSaveTakeHomeCard(student.id);
  const { card } = pocket;
  const [speeds, setSpeeds] = useState(
    [pocket.speed_1_m, pocket.speed_2_m].map((m) => (m === null ? '' : units.speedText(m))),
  );
  const [workOn, setWorkOn] = useState(card.work_on ?? '');
  const [home, setHome] = useState(card.home_task ?? '');
  const [balls, setBalls] = useState(card.home_balls === null ? '' : String(card.home_balls));
  const [target, setTarget] = useState(card.home_target === null ? '' : String(card.home_target));
  const [days, setDays] = useState(card.home_days === null ? NO_DAYS : String(card.home_days));
  const [cue, setCue] = useState(card.home_cue ?? '');
  const [drill, setDrill] = useState(card.home_drill ?? NO_DRILL);
  const drills = useDrills();
  const shelf = [...(drills.data?.library ?? []), ...(drills.data?.own ?? [])];
  const [next, setNext] = useState(card.next_on ?? '');
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  const errorAt = (field: string) => local[field] ?? fieldError(keep.error, field);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    const read = speeds.map((text) => (text.trim() === '' ? null : units.readSpeed(text)));
    const wrong: Record<string, string> = {};
    for (const [index, text] of speeds.entries()) {
      if (text.trim() !== '' && read[index] === null) {
        wrong[`speed_${index + 1}_m`] = `“${text.trim()}” is not a green speed.`;
      }
    }
    const nextDay = next.trim() === '' ? null : readDayToCome(next);
    if (next.trim() !== '' && nextDay === null) {
      wrong.next_on = `“${next.trim()}” is not a date. Type a date like 3/12.`;
    }
    const counted = (field: 'home_balls' | 'home_target', text: string) => {
      const count = readNumber(text);
      if (text.trim() === '' || (count !== null && Number.isInteger(count) && count >= 1 && count <= MOST_BALLS)) {
        return count;
      }
      wrong[field] = `“${text.trim()}” is not a number of balls from 1 to ${MOST_BALLS}.`;
      return null;
    };
    const [ballCount, targetCount] = [counted('home_balls', balls), counted('home_target', target)];
    setLocal(wrong);
    if (Object.keys(wrong).length === 0) {
      keep.mutate({
        speed_1_m: read[0] ?? null,
        speed_2_m: read[1] ?? null,
        work_on: workOn.trim() === '' ? null : workOn.trim(),
        home_task: home.trim() === '' ? null : home.trim(),
        home_balls: ballCount,
        home_target: targetCount,
        home_days: days === NO_DAYS ? null : Number(days),
        home_cue: cue.trim() === '' ? null : cue.trim(),
        home_drill: drill === NO_DRILL ? null : drill,
        next_on: nextDay,
      });
    }
  };
  return (
    <Part as="form" onSubmit={submit} noValidate>
      <h2>Content</h2>
      {keep.isError && <Notice kind="wrong">{keep.error.message}</Notice>}
      <Columns>
        {speeds.map((text, index) => (
          <Entry
            // Two places, that never move.
            key={index === 0 ? 'first' : 'second'}
            label={index === 0 ? 'First green' : 'Second green'}
            value={text}
            onChange={(value) => setSpeeds(speeds.map((old, at) => (at === index ? value : old)))}
            suffix={units.speedSuffix}
            hint={index === 0 ? 'Empty: the green used last.' : 'Empty: a faster one.'}
            error={errorAt(`speed_${index + 1}_m`)}
          />
        ))}
      </Columns>
      <NoteEntry
        label="Working on (one or two things)"
        value={workOn}
        onChange={setWorkOn}
        error={errorAt('work_on')}
      />
      <NoteEntry label="Homework" value={home} onChange={setHome} error={errorAt('home_task')} />
      <Pick
        label="As a drill"
        options={[
          { value: NO_DRILL, label: 'None: counted only' },
          ...shelf.map(({ drill: { key, name } }) => ({ value: key, label: name })),
        ]}
        value={drill}
        onChange={setDrill}
      />
      <QuietText>With the link, the student does it on the lane and continues where they stopped.</QuietText>
      <Columns>
        <Entry
          label="Balls a day"
          value={balls}
          onChange={setBalls}
          inputMode="numeric"
          hint="The student stops after this many."
          error={errorAt('home_balls')}
        />
        <Entry
          label="Successful balls to reach"
          value={target}
          onChange={setTarget}
          inputMode="numeric"
          hint="Optional."
          error={errorAt('home_target')}
        />
        <Pick label="Days a week" options={DAYS_A_WEEK} value={days} onChange={setDays} />
      </Columns>
      <Entry label="Cue" value={cue} onChange={setCue} maxLength={300} error={errorAt('home_cue')} />
      <Entry label="Next lesson" value={next} onChange={setNext} error={errorAt('next_on')} hint="A date like 3/12." />
      <Row>
        <Button look="main" type="submit" isPending={keep.isPending}>
          Save
        </Button>
        {keep.isSuccess && <QuietText role="status">Saved.</QuietText>}
      </Row>
    </Part>
  );
}

const NO_DRILL = 'none';
const NO_DAYS = 'any';
const DAYS_A_WEEK = [
  { value: NO_DAYS, label: 'Not set' },
  ...['1', '2', '3', '4', '5', '6', '7'].map((value) => ({ value, label: value })),
];

const DAYS = ['7', '30', '90'].map((value) => ({ value, label: `${value} days` }));

/** A link to this card alone: it cannot be guessed, it ends, and it can be withdrawn. */
function PrivateLink({ student, pocket }: PocketPartProps) {
  const link = useTakeHomeCardLink(student.id);
  const [days, setDays] = useState('30');
  const made = link.data?.link ?? null;
  return (
    <Part>
      <h2>Private link</h2>
      {link.isError && <Notice kind="wrong">{link.error.message}</Notice>}
      <QuietText>
        Anybody with the link sees this card and nothing else. The link is shown once; a new link replaces the old one.
      </QuietText>
      {made !== null && (
        <Entry
          label="The link: copy it now"
          value={`${window.location.origin}/pocket/${made}`}
          isReadOnly
          onFocus={(event) => event.target instanceof HTMLInputElement && event.target.select()}
        />
      )}
      <QuietText role="status">
        {pocket.link_until === null ? 'No link is active.' : `A link opens this card until ${day(pocket.link_until)}.`}
      </QuietText>
      <OneOf label="Expires after" options={DAYS} value={days} onChange={setDays} />
      <Row>
        <Button isPending={link.isPending} onPress={() => link.mutate(Number(days))}>
          {pocket.link_until === null ? 'Create link' : 'Create a new link'}
        </Button>
        {pocket.link_until !== null && (
          <Button look="bare" isPending={link.isPending} onPress={() => link.mutate(null)}>
            Remove link
          </Button>
        )}
      </Row>
    </Part>
  );
}
