import { useEffect, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import {
  type BallFilter,
  useCalendarWeek,
  useDrillResults,
  useMeasureReport,
  useSession,
  useStrokeReport,
  useStudentProfile,
  useToday,
  useTrend,
} from '../../api/queries';
import type { Student, StudentProfile, Trend } from '../../api/types';
import {
  Button,
  ButtonLink,
  Head,
  labelOf,
  Menu,
  Name,
  Notice,
  OneOf,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  Title,
  Waiting,
} from '../../design';
import { resumePath } from '../../device/resumeState';
import { Book } from '../../features/booking/Book';
import { FoundRuns } from '../../features/drill-results/DrillResults';
import { BACKSTROKE_CUES, HANDS, SURFACES } from '../../features/form-choices/formChoices';
import { ComparePart } from '../../features/reports/ComparePart';
import { Insights } from '../../features/reports/Insights';
import { ReportPart, TABS, tabOf } from '../../features/reports/ReportPart';
import { TrendPart } from '../../features/reports/TrendPart';
import { WithStudent } from '../../features/reports/WithStudent';
import { usePlanAhead, useStart } from '../../features/session-steps/useStart';
import { ShareCard } from '../../features/share/ShareCard';
import { whenOf } from '../../features/stroke/relativeDay';
import { StrokeSpread } from '../../features/stroke/StrokeSpread';
import { clock, dayOf, isoDay } from '../../units/dates';
import { useUnitsOf } from '../../units/useUnits';
import { ChecksPart } from './ChecksPart';
import { CurrentGoalsPart } from './CurrentGoalsPart';
import { HomeworkPart } from './HomeworkPart';
import { Overview } from './Overview';

/** One place that answers how a student is doing. */
export function StudentPage() {
  return (
    <WithStudent opening="Loading the student …">
      {(student, others) => <StudentDetail key={student.id} student={student} others={others} />}
    </WithStudent>
  );
}

const PARTS = [
  { value: 'overview', label: 'Overview' },
  { value: 'time', label: 'Over time' },
  { value: 'balls', label: 'Balls' },
  { value: 'beside', label: 'Compare' },
] as const;

/** What is looked at less often stands under More, with the pages of the student. */
const MORE = [
  { value: 'work', label: 'Working on' },
  { value: 'home', label: 'Homework' },
  { value: 'checks', label: 'Checks' },
  { value: 'sessions', label: 'Drill results' },
] as const;

const PAGES = [
  { path: 'take-home-card', label: 'Take-home card' },
  { path: 'profile', label: 'Profile' },
  { path: 'rounds', label: 'Rounds' },
  { path: 'guess', label: 'Reading quiz' },
] as const;

const ALL_PARTS = [...PARTS, ...MORE];

type PartKey = (typeof ALL_PARTS)[number]['value'];

function StudentDetail({ student, others }: { student: Student; others: readonly Student[] }) {
  const units = useUnitsOf(student);
  const about = useStudentProfile(student.id);
  const [search, setSearch] = useSearchParams();
  const asked = ALL_PARTS.find(({ value }) => value === search.get('part'))?.value;
  const tab = tabOf(search.get('tab')) ?? 'pace';
  const navigate = useNavigate();
  const plan = usePlanAhead();
  // The router follows a moment later, and a radio that stays unchecked until then reads as refused.
  const [part, setPart] = useState<PartKey>(asked ?? 'overview');
  useEffect(() => setPart(asked ?? 'overview'), [asked]);
  const choose = (next: PartKey) => {
    setPart(next);
    setSearch({ part: next }, { replace: true });
  };
  const [filter, setFilter] = useState<BallFilter>({});
  const look = useMeasureReport({ student: student.id }, filter, part === 'balls');
  const course = useTrend(student.id, filter.surface === undefined ? {} : { surface: filter.surface });
  const latest = course.data?.latest_session_id ?? null;
  const report = useStrokeReport(latest ?? '', student.id, latest !== null);
  const failure = look.error ?? course.error;
  const notes = report.data?.notes ?? [];
  return (
    <Page data-margin={notes.length > 0 || undefined}>
      <Stack>
        <Head>
          <Title page={student.name}>
            <Name>{student.name}</Name>
          </Title>
          <Row>
            <StartOrContinue student={student} />
            <Book student={student} />
            <Button onPress={() => void plan({ student_id: student.id })}>Plan</Button>
            <ShareCard student={student} />
            <ButtonLink to={`/sessions?student=${student.id}`}>Sessions</ButtonLink>
            <Menu
              label={`More of ${student.name}`}
              acts={[
                ...MORE.map(({ value, label }) => ({ label, act: () => choose(value) })),
                ...PAGES.map(({ path, label }) => ({
                  label,
                  act: () => void navigate(`/students/${student.id}/${path}`),
                })),
              ]}
            />
          </Row>
        </Head>
        <QuietText as="div">
          <NextLesson student={student.id} /> {factsOf(student, about.data)}
        </QuietText>
        {failure !== null && <Notice kind="wrong">{failure.message}</Notice>}
        {MORE.some(({ value }) => value === part) ? (
          <Head>
            <h2>{labelOf(MORE, part)}</h2>
            <Button look="bare" onPress={() => choose('overview')}>
              Back to the overview
            </Button>
          </Head>
        ) : (
          <OneOf label="Show" isLabelHidden options={PARTS} value={part as PartKey} onChange={choose} />
        )}
        <SurfaceChoice course={course.data} onFilter={setFilter} />
        {part === 'overview' && course.data !== undefined && (
          <Overview student={student.id} course={course.data} units={units} />
        )}
        {part === 'time' && course.data !== undefined && (
          <TrendPart
            course={course.data}
            units={units}
            csv={`/api/students/${student.id}/trend.csv${filter.surface === undefined ? '' : `?surface=${filter.surface}`}`}
          />
        )}
        {part === 'balls' && (
          <OneOf
            label="Figures of"
            isLabelHidden
            options={TABS}
            value={tab}
            onChange={(next) => setSearch({ part: 'balls', tab: next }, { replace: true })}
          />
        )}
        {part === 'balls' && tab === 'stroke' && <LatestStroke student={student} latest={latest} />}
        {part === 'balls' && look.data !== undefined && (
          <ReportPart
            of={{ student: student.id }}
            tab={tab}
            look={look.data}
            filter={filter}
            onFilter={setFilter}
            isGentle={student.is_gentle}
            units={units}
          />
        )}
        {part === 'beside' && (
          <ComparePart student={student} others={others} surface={course.data?.surface ?? null} units={units} />
        )}
        {part === 'checks' && <ChecksPart student={student.id} units={units} />}
        {part === 'work' && <CurrentGoalsPart student={student.id} />}
        {part === 'home' && <HomeworkPart student={student} />}
        {part === 'sessions' && <DrillResultsOf student={student} />}
      </Stack>
      {notes.length > 0 && <Insights notes={notes} units={units} />}
    </Page>
  );
}

/** How far ahead the next lesson is looked for. */
const DAYS_AHEAD = 31;

/** When the student comes next, and whether a plan waits for it. */
function NextLesson({ student }: { student: string }) {
  const week = useCalendarWeek(isoDay(new Date()), DAYS_AHEAD).data;
  const isPlanned = useToday().data?.planned.some(({ student_id }) => student_id === student) === true;
  const now = clock(new Date().toISOString());
  const next = week?.items.find(
    ({ booking, day: on, time }) => booking.student_id === student && (on > isoDay(new Date()) || time >= now),
  );
  const said = [
    next === undefined ? null : `Next lesson ${dayOf(`${next.day}T12:00:00`)}, ${next.time}`,
    isPlanned ? 'planned' : null,
  ].filter((part) => part !== null);
  return said.length === 0 ? null : <strong>{said.join(', ')}.</strong>;
}

/** The session that is open, or a new one. */
function StartOrContinue({ student }: { student: Student }) {
  const start = useStart();
  const open = useToday().data?.sessions.find(
    ({ student_id, ended_at }) => student_id === student.id && ended_at === null,
  );
  return open === undefined ? (
    <Button look="main" onPress={() => start({ student_id: student.id })}>
      Start session
    </Button>
  ) : (
    <ButtonLink look="main" to={resumePath(open.id)}>
      Continue session
    </ButtonLink>
  );
}

function factsOf({ hand, putter, school, tempo_bpm }: Student, about: StudentProfile | undefined): string {
  return [
    `${labelOf(HANDS, hand)}-handed`,
    labelOf(BACKSTROKE_CUES, school).toLowerCase(),
    putter ?? 'putter not noted',
    tempo_bpm === null ? null : `${tempo_bpm} beats a minute`,
    about?.dominant_eye == null ? null : `${about.dominant_eye} eye dominant`,
    about?.handicap == null ? null : `handicap ${about.handicap}`,
  ]
    .filter((fact) => fact != null)
    .join(' · ');
}

/** Mat and grass are never pooled: whose figures these are is said, and the other is one touch away. */
function SurfaceChoice({ course, onFilter }: { course: Trend | undefined; onFilter: (filter: BallFilter) => void }) {
  return course === undefined || course.surfaces.length < 2 ? null : (
    <OneOf
      label="On"
      isLabelHidden
      isRow
      options={SURFACES}
      value={course.surface}
      onChange={(chosen) => onFilter({ surface: chosen })}
    />
  );
}

/** The stroke as the latest session tells it: its green, its reading, its stations. */
function LatestStroke({ student, latest }: { student: Student; latest: string | null }) {
  return latest === null ? (
    <SentenceText>No ball on this kind of surface yet.</SentenceText>
  ) : (
    <StrokeOf student={student} sessionId={latest} />
  );
}

function StrokeOf({ student, sessionId }: { student: Student; sessionId: string }) {
  const units = useUnitsOf(student);
  const report = useStrokeReport(sessionId, student.id);
  const session = useSession(sessionId);
  if (report.data === undefined || session.status !== 'open') {
    return report.isError ? (
      <Notice kind="wrong">{report.error.message}</Notice>
    ) : (
      <Waiting>Loading the balls …</Waiting>
    );
  }
  return (
    <StrokeSpread
      sessionId={sessionId}
      studentId={student.id}
      student={student}
      report={report.data}
      units={units}
      when={whenOf(session.session)}
    />
  );
}

/** Every drill this student rolled, the latest first, with its one figure. */
function DrillResultsOf({ student }: { student: Student }) {
  const units = useUnitsOf(student);
  const found = useDrillResults('students', student.id);
  return (
    <Part>
      {found.data === undefined || found.data.length === 0 ? (
        <SentenceText>No drill yet.</SentenceText>
      ) : (
        <FoundRuns runs={found.data} isGentle={student.is_gentle} names={null} isDated units={units} />
      )}
    </Part>
  );
}
