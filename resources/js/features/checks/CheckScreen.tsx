import { useState } from 'react';
import styled from 'styled-components';
import { useStudentChecks } from '../../api/queries';
import type { CheckAttempt, CheckField, CheckKind, CheckReport, DeviceReadings, Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  Button,
  ButtonLink,
  color,
  Entry,
  Facts,
  Head,
  InsightCard,
  Notice,
  OneOf,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  Title,
  useFirstError,
  wide,
} from '../../design';
import { announce } from '../../device/announce';
import { day } from '../../units/dates';
import { lengthKind } from '../../units/length';
import { type Units, useUnits } from '../../units/useUnits';
import { OutboxNotices } from '../balls/OutboxNotices';
import { CheckResult } from '../drill-results/CheckResult';
import { TakeMeasurement } from '../sensors/TakeMeasurement';
import { type Draft, NOTHING, nextDraft, readDraft, tryWords } from './attempts';
import { FromCatalogue, OfSession } from './CheckOfSession';
import { FaceAndPath } from './FaceAndPath';
import { TapTempo } from './TapTempo';
import { useCheckedStudent, WhoIsChecked } from './useCheckedStudent';

const ComparedSelection = styled.div`
  display: grid; gap: ${space.l} ${space.xl}; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr); grid-auto-rows: min-content; & > :nth-child(2) { grid-row: 1 / span 2; grid-column: 2; } }
`;

const Made = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; border-bottom: 1px solid ${color.rule}; min-height: 48px; }
  button { flex: none; }
`;

/** One check: how it is done, entering tries, and what they find, drawn. */
export function CheckScreen() {
  return (
    <OfSession>
      {(session) => (
        <FromCatalogue what="check" find={({ kinds }, key) => kinds.find((each) => each.key === key)}>
          {(kind) => <CheckOf key={kind.key} session={session} kind={kind} />}
        </FromCatalogue>
      )}
    </OfSession>
  );
}

/** The form whose attempt the button beside the title saves. */
const ATTEMPT = 'attempt';

function CheckOf({ session, kind }: { session: Session; kind: CheckKind }) {
  const units = useUnits();
  const who = useCheckedStudent(session);
  const log = useLog(session);
  const checked = useStudentChecks(who.student);
  const look = checked.data?.checks.find(({ key }) => key === kind.key);
  const made = session.checks.filter(({ check, student }) => check === kind.key && student === who.student);
  return (
    <Page data-margin>
      <Stack>
        <Head>
          <Title page={`${kind.question} · ${session.student?.name ?? 'A session'}`}>{kind.question}</Title>
          <Row>
            {who.student !== null && (
              <Button look="main" type="submit" form={ATTEMPT}>
                Save attempt
              </Button>
            )}
            <ButtonLink to={`/sessions/${session.id}/checks`}>All checks</ButtonLink>
          </Row>
        </Head>
        <OutboxNotices log={log} words={() => ''} />
        <WhoIsChecked who={who} />
        {who.student === null ? (
          <Notice>Choose the student in Check-in first. A check belongs to a student.</Notice>
        ) : (
          <ComparedSelection>
            <NextTry
              kind={kind}
              student={who.student}
              units={units}
              onTry={(answers) => {
                void log.tryCheck(kind.key, who.said, answers);
                announce(`Saved: ${tryWords(kind.fields, answers, units)}`);
              }}
            />
            <Stack>
              <DrillResults session={session} look={look} made={made} units={units} />
              {kind.key === 'aim' && <FaceAndPath student={session.student} />}
              {kind.key === 'straight_putt' && <KeepAsStation made={made} session={session} units={units} />}
            </Stack>
            <Tried
              made={made}
              kind={kind}
              units={units}
              onTakeBack={(id) => {
                void log.undo(id);
                announce('Deleted');
              }}
            />
          </ComparedSelection>
        )}
      </Stack>
      <HowItIsDone kind={kind} />
    </Page>
  );
}

function NextTry({
  kind,
  student,
  units,
  onTry,
}: {
  kind: CheckKind;
  student: string;
  units: Units;
  onTry: (answers: CheckAttempt['answers']) => void;
}) {
  const [draft, setDraft] = useState<Draft>(NOTHING);
  const [errors, setErrors] = useState<Record<string, string> | null>(null);
  useFirstError(errors);
  const keep = (event: React.FormEvent) => {
    event.preventDefault();
    const read = readDraft(kind.fields, draft, units);
    setErrors(read.errors);
    if (read.answers !== null) {
      onTry(read.answers);
      setDraft(nextDraft(kind.fields, draft));
    }
  };
  return (
    <Part as="form" id={ATTEMPT} onSubmit={keep} noValidate>
      <h2>Next attempt</h2>
      {kind.fields.map((field) => (
        <FieldEntry
          key={field.name}
          field={field}
          draft={draft}
          onDraft={setDraft}
          error={errors?.[field.name] ?? null}
          units={units}
        />
      ))}
      {kind.key === 'aim' && (
        <TakeMeasurement
          kind="aiming_light"
          scene={() => ({ student, target_m: lengthIn(draft.texts.at_m, units) })}
          onRead={(read) => setDraft(lit(draft, read, units))}
        />
      )}
      {kind.key === 'tempo' && (
        <TapTempo onTempo={(bpm) => setDraft({ ...draft, texts: { ...draft.texts, bpm: String(bpm) } })} />
      )}
    </Part>
  );
}

function lengthIn(text: string | undefined, units: Units): number | null {
  return units.read(text ?? '', 'roll').metres;
}

/** An aim as the light shows it, in the fields that the coach left empty. */
function lit(draft: Draft, { source, readings }: DeviceReadings, units: Units): Draft {
  const { offset_m: offset = 0, at_m: at = 0 } = readings[0] ?? {};
  const { texts, sides } = draft;
  return (texts.offset_m ?? '') === ''
    ? {
        texts: {
          at_m: units.text(at, 'roll'),
          ...texts,
          offset_m: units.exactText(Math.abs(offset), 'backstroke'),
          by: source === 'simulated' ? 'simulated' : 'light',
        },
        sides: { ...sides, offset_m: offset < 0 ? 0 : 1 },
      }
    : draft;
}

interface FieldEntryProps {
  field: CheckField;
  draft: Draft;
  onDraft: (draft: Draft) => void;
  error: string | null;
  units: Units;
}

const SIDES = ['0', '1'] as const;

/** One thing a check asks: words to touch, a number, or a length with its side. */
function FieldEntry({ field, draft, onDraft, error, units }: FieldEntryProps) {
  const text = draft.texts[field.name] ?? '';
  const type = (value: string) => onDraft({ ...draft, texts: { ...draft.texts, [field.name]: value } });
  const label = field.is_needed ? field.question : `${field.question} (optional)`;
  if (field.kind === 'words') {
    return (
      <OneOf label={label} options={field.answers} value={text === '' ? null : text} onChange={type} error={error} />
    );
  }
  const entry = (
    <Entry
      label={label}
      value={text}
      onChange={type}
      inputMode={field.kind === 'count' ? 'numeric' : 'text'}
      {...(field.kind === 'metres' && { suffix: units.suffix(lengthKind(field)) })}
      {...(field.kind === 'number' && { suffix: field.unit ?? '' })}
      {...(field.kind !== 'metres' && { hint: `${field.least} to ${field.most}.` })}
      error={error}
    />
  );
  return field.sides === null ? (
    entry
  ) : (
    <Stack $gap="s">
      {entry}
      <OneOf
        label={`Which side: ${field.question.toLowerCase()}`}
        isLabelHidden
        options={field.sides.map((side, index) => ({ value: SIDES[index === 0 ? 0 : 1], label: side }))}
        value={draft.sides[field.name] === undefined ? null : SIDES[draft.sides[field.name] ?? 0]}
        onChange={(side) => onDraft({ ...draft, sides: { ...draft.sides, [field.name]: side === '0' ? 0 : 1 } })}
      />
    </Stack>
  );
}

function Tried({
  made,
  kind,
  units,
  onTakeBack,
}: {
  made: readonly CheckAttempt[];
  kind: CheckKind;
  units: Units;
  onTakeBack: (id: string) => void;
}) {
  return made.length === 0 ? null : (
    <Part>
      <h2>
        Attempts in this session: {made.length}
        {kind.dose === null ? '' : ` of at most ${kind.dose}`}
      </h2>
      <Made>
        {made.toReversed().map(({ id, answers }) => {
          const words = tryWords(kind.fields, answers, units);
          return (
            <li key={id}>
              <span>{words}</span>
              <Button look="bare" aria-label={`Delete ${words}`} onPress={() => onTakeBack(id)}>
                Delete
              </Button>
            </li>
          );
        })}
      </Made>
    </Part>
  );
}

function DrillResults({
  session,
  look,
  made,
  units,
}: {
  session: Session;
  look: CheckReport | undefined;
  made: readonly CheckAttempt[];
  units: Units;
}) {
  const isToday = look?.session_id === session.id;
  return (
    <Part>
      <h2>{look === undefined || isToday ? 'Result' : `Result on ${day(new Date(look.at_ms).toISOString())}`}</h2>
      {look === undefined ? (
        <SentenceText>
          {made.length === 0
            ? 'The picture appears with the first attempt.'
            : 'The picture appears once the attempt is synced.'}
        </SentenceText>
      ) : (
        <CheckResult check={look} units={units} />
      )}
      {isToday && look.n !== made.length && (
        <QuietText>From {look.n} attempts; the others are not synced yet.</QuietText>
      )}
    </Part>
  );
}

/** The last trial, set out as a station: it comes up again on this green. */
function KeepAsStation({ made, session, units }: { made: readonly CheckAttempt[]; session: Session; units: Units }) {
  const log = useLog(session);
  const length = made.at(-1)?.answers.length_m;
  if (typeof length !== 'number') {
    return null;
  }
  const isThere = session.stations.some(
    ({ length_m, grade_percent }) => grade_percent === 0 && Math.abs(length_m - length) < 0.005,
  );
  return (
    <Row>
      <Button
        isDisabled={isThere}
        onPress={() => {
          const said = `${units.show(length, 'station')}, straight`;
          void log.setStation({ length_m: length, said, grade_percent: 0, across_percent: 0 });
          announce(`Station at ${said}`);
        }}
      >
        {isThere ? 'Added as a station' : `Add as a station, ${units.show(length, 'station')}`}
      </Button>
    </Row>
  );
}

function HowItIsDone({ kind }: { kind: CheckKind }) {
  return (
    <InsightCard notes={[]}>
      <Facts
        facts={[
          kind.care.length > 0 && ['Safety', kind.care.map((care) => <p key={care}>{care}</p>)],
          [
            'How to do it',
            kind.steps.map((step, index) => (
              <p key={step}>
                {index + 1}. {step}
              </p>
            )),
          ],
        ]}
      />
    </InsightCard>
  );
}
