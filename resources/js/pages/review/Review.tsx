import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { type BallFilter, useDrillResults, useMeasureReport, useStrokeReport, useToday } from '../../api/queries';
import type { MeasureReport, Session, SessionReport, Student } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import {
  ButtonLink,
  EditList,
  EditRow,
  Head,
  Name,
  Notice,
  OneOf,
  Page,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
  Waiting,
} from '../../design';
import { remember, resumeStateOf } from '../../device/resumeState';
import { ballWords } from '../../features/balls/ballWords';
import { ownerOf } from '../../features/balls/names';
import { FoundRuns } from '../../features/drill-results/DrillResults';
import { Insights } from '../../features/reports/Insights';
import { ReportPart, TABS, type TabKey, tabOf } from '../../features/reports/ReportPart';
import type { StepProps } from '../../features/session-steps/steps';
import { type When, whenOf } from '../../features/stroke/relativeDay';
import { evidenceWords, StrokeEvidence, StrokeSpread } from '../../features/stroke/StrokeSpread';
import { type Units, useUnits, useUnitsOf } from '../../units/useUnits';
import { MeasuresRow } from './Measures';

/** A session looked back on: what the balls answer, and the stroke, one touch from one another. */
export function Review({ session }: StepProps) {
  const coach = useUnits();
  const today = useToday();
  const [chosen, choose] = useState(() => resumeStateOf(session.id).student ?? null);
  const own = session.student;
  const isOther =
    chosen !== null && chosen !== own?.id && session.group_members.some((each) => each.student === chosen);
  const other = isOther ? (today.data?.students.find(({ id }) => id === chosen) ?? null) : null;
  const student = other ?? own;
  if (student === null) {
    return <StudentAndGreen session={session} units={coach} />;
  }
  return (
    <Spread
      key={student.id}
      session={session}
      student={student}
      whose={
        session.group_members.length < 2 ? null : (
          <OneOf
            label="Student"
            isLabelHidden
            isRow
            options={session.group_members.map(({ student: id, name }) => ({ value: id, label: name }))}
            value={student.id}
            onChange={(id) => {
              choose(id);
              remember(session.id, { student: id });
            }}
          />
        )
      }
    />
  );
}

function StudentAndGreen({ session, units }: StepProps & { units: Units }) {
  return (
    <Page>
      <Stack>
        <Title page="Review">No student chosen</Title>
        <QuietText>Choose the student in Check-in. The balls stay, and will belong to that student.</QuietText>
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/check-in`}>
            Go to Check-in
          </ButtonLink>
        </Row>
        <EditList>
          <FoundInSession session={session} units={units} />
        </EditList>
      </Stack>
    </Page>
  );
}

interface SpreadProps extends StepProps {
  student: Student;
  /** The group_members's names, one touch each; null for one alone. */
  whose: ReactNode;
}

function Spread({ session, student, whose }: SpreadProps) {
  const studentId = student.id === session.student?.id ? null : student.id;
  const units = useUnitsOf(student);
  const query = useStrokeReport(session.id, studentId);
  const report = query.data;
  const [filter, setFilter] = useState<BallFilter>({});
  const of = { session: session.id, student: studentId };
  const look = useMeasureReport(of, filter);
  const log = useLog(session);
  const when = whenOf(session);
  const [chosen, choose] = useState(() => resumeStateOf(session.id).view);
  if (report === undefined || (look.data === undefined && !look.isError)) {
    return (
      <Page>
        <Stack>
          {query.isError ? (
            <>
              <Title page={`Review · ${student.name}`}>
                <Name>{student.name}</Name>
              </Title>
              <Notice kind="wrong">{query.error.message} These are the balls on this device.</Notice>
              <BallsHere session={session} student={student} units={units} />
            </>
          ) : (
            <Waiting title="Review">Loading the balls …</Waiting>
          )}
        </Stack>
      </Page>
    );
  }
  const view = tabOf(chosen) ?? usualView(report, look.data);
  const notes = report.notes.filter(({ key }) => !waitsAside(log.waiting, key));
  return (
    <Page data-margin={notes.length > 0 || undefined}>
      <Stack>
        <Head>
          <Title page={`Review · ${student.name}`}>
            <Name>{student.name}</Name>
          </Title>
          <QuietText as="span">
            {[when.date, session.green?.name].filter(Boolean).join(', ')} ·{' '}
            <Link to={`/students/${student.id}`}>all sessions</Link>
          </QuietText>
          <ButtonLink look="main" to={`/sessions/${session.id}/wrap-up`}>
            Wrap-up
          </ButtonLink>
        </Head>
        {whose}
        <OneOf
          label="Figures of"
          isLabelHidden
          options={TABS}
          value={view}
          onChange={(next) => {
            choose(next);
            remember(session.id, { view: next });
          }}
        />
        {(query.error ?? look.error) !== null && (
          <Notice kind="wrong">{(query.error ?? look.error)?.message} The last figures stay on screen.</Notice>
        )}
        {view === 'stroke' && (
          <StrokeSpread
            sessionId={session.id}
            studentId={studentId}
            student={student}
            report={report}
            units={units}
            when={when}
          />
        )}
        {(view === 'stroke' || view === 'pace') && <Day report={report} when={when} />}
        {look.data !== undefined && (view !== 'stroke' || hasStrokeFindings(look.data)) && (
          <ReportPart
            of={of}
            tab={view}
            look={look.data}
            filter={filter}
            onFilter={setFilter}
            isGentle={student.is_gentle}
            units={units}
          />
        )}
        <EditList aria-label="Evidence">
          {view === 'stroke' && (
            <EditRow label="Balls behind the curve" summary={evidenceWords(report, when)}>
              {() => (
                <StrokeEvidence
                  sessionId={session.id}
                  studentId={studentId}
                  report={report}
                  units={units}
                  when={when}
                />
              )}
            </EditRow>
          )}
          <MeasuresRow report={report} when={when} />
          <FoundInSession session={session} units={units} />
        </EditList>
      </Stack>
      {notes.length > 0 && <Insights notes={notes} units={units} onDismiss={log.dismissInsight} />}
    </Page>
  );
}

/** What this device knows of the balls while the server cannot be asked. */
function BallsHere({ session, student, units }: StepProps & { student: Student; units: Units }) {
  const { putts } = useLog(session);
  const own = putts.filter((putt) => ownerOf(putt.student, session) === student.id);
  return own.length === 0 ? (
    <SentenceText>No balls yet.</SentenceText>
  ) : (
    <TableFrame>
      <table>
        <tbody>
          {own.toReversed().map((putt, index) => (
            <tr key={putt.id}>
              <th scope="row">{own.length - index}</th>
              <td>{putt.target_m === null ? 'no target' : units.show(putt.target_m, 'station')}</td>
              <td>{ballWords(putt, units)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </TableFrame>
  );
}

function hasStrokeFindings({ questions }: MeasureReport): boolean {
  return questions.some(({ key, findings }) => key === 'stroke' && findings.length > 0);
}

/** Who rolled backstrokes, at nothing but posts, came for the table; who was asked more came for the answers. */
function usualView(report: SessionReport, look: MeasureReport | undefined): TabKey {
  const questions = (look?.questions ?? []).filter(({ findings }) => findings.length > 0).map(({ key }) => key);
  const isAskedMore = questions.some((key) => ['start', 'reads', 'feel', 'why'].includes(key));
  if (questions.length === 0 || (!isAskedMore && report.n_today > 0)) {
    return 'stroke';
  }
  return (
    TABS.find((tab) => tab.value !== 'stroke' && tab.questions.some((key) => questions.includes(key)))?.value ??
    'stroke'
  );
}

/** What the session's drills found, each to be opened again. */
function FoundInSession({ session, units }: { session: Session; units: Units }) {
  const found = useDrillResults('sessions', session.id);
  const today = useToday();
  const names = new Map([
    ...(today.data?.students ?? []).map(({ id, name }) => [id, name] as const),
    ...session.group_members.map(({ student, name }) => [student, name] as const),
  ]);
  return found.data === undefined || found.data.length === 0 ? null : (
    <EditRow label="Drill results" summary={[...new Set(found.data.map(({ name }) => name))].slice(0, 3).join(' · ')}>
      {() => (
        <FoundRuns
          runs={found.data}
          isGentle={session.student?.is_gentle ?? false}
          names={found.data.some(({ student_id }) => student_id !== session.student?.id) ? names : null}
          isDated={false}
          units={units}
        />
      )}
    </EditRow>
  );
}

/** A note put away here is gone at once, whether the server has heard of it or not. */
function waitsAside(waiting: ReturnType<typeof useLog>['waiting'], key: string): boolean {
  return waiting.some(
    ({ event, refused }) => event?.type === 'note_set_aside' && event.key === key && refused === null,
  );
}

/** Where the first balls at targets finished against what is usual, without any backstroke. */
function Day({ report: { day }, when }: { report: SessionReport; when: When }) {
  if (day === null) {
    return null;
  }
  const which = when.isToday ? 'Today’s first' : `The first of ${when.date}:`;
  return (
    <SentenceText>
      {which} {day.n === 1 ? 'ball' : `${day.n} balls`} at targets against the usual: {shareWords(day.offset)}, likely{' '}
      {shareWords(day.interval[0])} to {shareWords(day.interval[1])}.
      {day.green_offset !== null &&
        day.green_interval !== null &&
        ` Over ${day.students} students the green: ${shareWords(day.green_offset)}, between ${shareWords(day.green_interval[0])} and ${shareWords(day.green_interval[1])}.`}
    </SentenceText>
  );
}

function shareWords(share: number): string {
  const percent = Math.round(Math.abs(share) * 100);
  return percent === 0 ? 'the same' : `${percent} % ${share < 0 ? 'short' : 'long'}`;
}
