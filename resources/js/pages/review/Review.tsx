import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { type BallFilter, useDrillResults, useMeasureReport, useStrokeReport, useToday } from '../../api/queries';
import type { MeasureReport, Session, SessionReport, Student } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { ButtonLink, Head, Name, Notice, OneOf, Page, QuietText, Row, SentenceText, Stack, Title } from '../../design';
import { remember, resumeStateOf } from '../../device/resumeState';
import { FoundRuns } from '../../features/drill-results/DrillResults';
import { Insights } from '../../features/reports/Insights';
import { ReportPart } from '../../features/reports/ReportPart';
import type { StepProps } from '../../features/session-steps/steps';
import { type When, whenOf } from '../../features/stroke/relativeDay';
import { StrokeSpread } from '../../features/stroke/StrokeSpread';
import { type Units, useUnits, useUnitsOf } from '../../units/useUnits';
import { Measures } from './Measures';

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
        <FoundInSession session={session} units={units} />
      </Stack>
    </Page>
  );
}

interface SpreadProps extends StepProps {
  student: Student;
  /** The group_members's names, one touch each; null for one alone. */
  whose: ReactNode;
}

const VIEWS = [
  { value: 'stroke', label: 'Backstroke' },
  { value: 'balls', label: 'Distance and direction' },
] as const;

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
      <Page>{query.isError ? <Notice kind="wrong">{query.error.message}</Notice> : <p>Loading the balls …</p>}</Page>
    );
  }
  const view = chosen ?? usualView(report, look.data);
  const notes = report.notes.filter(({ key }) => !waitsAside(log.waiting, key));
  return (
    <Page data-margin={notes.length > 0 || undefined}>
      <Stack>
        <Head>
          <Title page={`Review · ${student.name}`}>
            <Name>{student.name}</Name>: {view === 'stroke' ? 'backstroke and roll' : 'distance and direction'}
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
          isRow
          options={VIEWS}
          value={view}
          onChange={(next) => {
            choose(next);
            remember(session.id, { view: next });
          }}
        />
        {(query.error ?? look.error) !== null && (
          <Notice kind="wrong">{(query.error ?? look.error)?.message} The last figures stay on screen.</Notice>
        )}
        {view === 'stroke' ? (
          <StrokeSpread
            sessionId={session.id}
            studentId={studentId}
            student={student}
            report={report}
            units={units}
            when={when}
          />
        ) : (
          look.data !== undefined && (
            <ReportPart
              of={of}
              look={look.data}
              filter={filter}
              onFilter={setFilter}
              isGentle={student.is_gentle}
              units={units}
            />
          )
        )}
        <Day report={report} when={when} />
        <Measures report={report} when={when} />
        <FoundInSession session={session} units={units} />
      </Stack>
      {notes.length > 0 && <Insights notes={notes} units={units} onDismiss={log.dismissInsight} />}
    </Page>
  );
}

/** Who rolled backstrokes, at nothing but posts, came for the table; who was asked more came for the answers. */
function usualView(report: SessionReport, look: MeasureReport | undefined): 'balls' | 'stroke' {
  const questions = (look?.questions ?? []).map(({ key }) => key);
  const isAskedMore = questions.some((key) => ['start', 'reads', 'feel', 'why'].includes(key));
  return questions.length > 0 && (isAskedMore || report.n_today === 0) ? 'balls' : 'stroke';
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
    <FoundRuns
      runs={found.data}
      isGentle={session.student?.is_gentle ?? false}
      names={found.data.some(({ student_id }) => student_id !== session.student?.id) ? names : null}
      isDated={false}
      units={units}
    />
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
  const which = when.isToday ? "Today's first" : `The first of ${when.date}:`;
  return (
    <SentenceText>
      {which} {day.n === 1 ? 'ball' : `${day.n} balls`} at targets, against what is usual for this student:{' '}
      {shareWords(day.offset)}, most likely between {shareWords(day.interval[0])} and {shareWords(day.interval[1])}.
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
