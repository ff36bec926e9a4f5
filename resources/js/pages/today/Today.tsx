import { useState } from 'react';
import { Link } from 'react-router';
import { decodeTime } from 'ulid';
import { lastNote, useCalendarWeek, usePrefetchSessions, useToday } from '../../api/queries';
import type { SessionSummary, Student, Today as TodayData } from '../../api/types';
import {
  Button,
  ButtonLink,
  Entry,
  List,
  Name,
  Notice,
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
import { useStart } from '../../features/session-steps/useStart';
import { StartSimulation } from '../../features/simulation/StartSimulation';
import { clock, day, isoDay } from '../../units/dates';
import { firstWords } from '../../units/format';

/** So many are in sight; with more, a few letters find the one wanted. */
const FEW = 6;

/** The lessons of the day, what needs an answer, and a session started without a lesson. */
export function Today() {
  const today = useToday();
  usePrefetchSessions((today.data?.sessions ?? []).filter(({ ended_at }) => ended_at === null).map(({ id }) => id));
  const date = new Date().toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  return (
    <Page>
      <Stack $gap="l">
        <div>
          <QuietText>{date}</QuietText>
          <Title page="Today">Today</Title>
        </div>
        {today.data !== undefined ? (
          <Day today={today.data} />
        ) : today.isError ? (
          <Notice kind="wrong">{today.error.message}</Notice>
        ) : (
          <Waiting>Loading …</Waiting>
        )}
      </Stack>
    </Page>
  );
}

function Day({ today }: { today: TodayData }) {
  const { students, sessions, questions, past_retention: past } = today;
  const open = sessions.filter(({ ended_at }) => ended_at === null).map(({ student_id }) => student_id);
  return (
    <>
      {sessions.length === 0 && <Tour />}
      <Lessons today={today} />
      <ToAnswer
        lines={questions.map(({ student_id, text }) => ({ student_id, says: `Asks: ${text}` }))}
        past={past}
        students={students}
      />
      <Students students={students} sessions={sessions} open={open} />
    </>
  );
}

/** For whoever is here for the first time. */
function Tour() {
  return (
    <List aria-label="New here">
      <li>
        <span>
          <strong>New here?</strong>
          <small>A simulated student goes through the six steps in two minutes.</small>
        </span>
        <StartSimulation drill={null} label="Take the tour" />
      </li>
    </List>
  );
}

/** Words of a note that a row shows. */
const NOTED = 6;

/** Open sessions, then the lessons of the day by time; a lesson whose session is open is there once. */
function Lessons({ today }: { today: TodayData }) {
  const { students, greens, sessions } = today;
  const day = isoDay(new Date());
  const [isAll, showAll] = useState(false);
  const items = useCalendarWeek(day, 1).data?.items.filter((item) => item.day === day) ?? [];
  const start = useStart();
  const open = sessions.filter(({ ended_at }) => ended_at === null);
  const shown = isAll ? open : open.slice(0, FEW);
  const isOpen = (student: string | null) => student !== null && open.some(({ student_id }) => student_id === student);
  const coming = items.filter(({ booking }) => !isOpen(booking.student_id));
  const nameOf = (student: string | null) => students.find(({ id }) => id === student)?.name;
  return shown.length + coming.length === 0 ? null : (
    <List aria-label="Lessons of today">
      {shown.map((session, index) => (
        <li key={session.id} data-now>
          <span>
            <strong>
              <Name>{nameOf(session.student_id) ?? 'No student chosen yet'}</Name>
            </strong>
            <small>
              <Name>{greens.find(({ id }) => id === session.green_id)?.name ?? 'no green yet'}</Name>, since{' '}
              {sinceWords(session.started_at)}
              {session.purpose !== null && ` · ${firstWords(session.purpose, NOTED)}`}
            </small>
          </span>
          <ButtonLink look={index === 0 ? 'main' : 'plain'} to={resumePath(session.id)}>
            Continue
          </ButtonLink>
        </li>
      ))}
      {shown.length < open.length && (
        <li>
          <Button onPress={() => showAll(true)}>All {open.length} that are open</Button>
        </li>
      )}
      {coming.map(({ booking, time, wall, clashes }, index) => (
        <li key={`${booking.id} ${wall}`}>
          <span>
            <strong>
              {time} <Name>{nameOf(booking.student_id) ?? booking.name}</Name>
            </strong>{' '}
            {booking.minutes} min
            <small>
              {[
                booking.place,
                firstWords(lastNote(booking.student_id, sessions) ?? booking.note ?? '', NOTED),
                ...clashes,
              ]
                .filter((part) => part != null && part !== '')
                .join(' · ')}
            </small>
          </span>
          <Button
            look={index === 0 && open.length === 0 ? 'main' : 'plain'}
            aria-label={`Start with ${booking.name}`}
            onPress={() =>
              start({ student_id: booking.student_id, green_id: booking.green_id, minutes: booking.minutes })
            }
          >
            Start
          </Button>
        </li>
      ))}
    </List>
  );
}

interface ToAnswerProps {
  lines: TodayData['past_retention'];
  past: TodayData['past_retention'];
  students: readonly Student[];
}

/** What needs an answer of the coach, a student a line; nothing where nothing does. */
function ToAnswer({ lines, past, students }: ToAnswerProps) {
  const all = [
    ...lines.map((line) => ({ ...line, act: 'Answer', place: '?part=home' })),
    ...past.map((line) => ({ ...line, act: 'Profile', place: '/profile' })),
  ];
  return all.length === 0 ? null : (
    <Part>
      <h2>Waiting for you</h2>
      <List>
        {all.map(({ student_id, says, act, place }) => (
          <li key={`${student_id} ${act}`}>
            <span>
              <strong>
                <Name>{students.find(({ id }) => id === student_id)?.name ?? 'Student'}</Name>
              </strong>
              <small>{firstWords(says, 2 * NOTED)}</small>
            </span>
            <ButtonLink look="bare" to={`/students/${student_id}${place}`}>
              {act}
            </ButtonLink>
          </li>
        ))}
      </List>
    </Part>
  );
}

function sinceWords(iso: string): string {
  const isToday = new Date(iso).toDateString() === new Date().toDateString();
  return isToday ? clock(iso) : `${day(iso)}, ${clock(iso)}`;
}

/** A session without a lesson: a few letters of the name, or one of those who came lately. */
function Students({
  students,
  sessions,
  open,
}: Pick<TodayData, 'students' | 'sessions'> & { open: readonly (string | null)[] }) {
  const [search, setSearch] = useState('');
  const start = useStart();
  const words = search.trim().toLowerCase();
  // The students who came lately, or were just added, come first.
  const sorted = [...students].sort((a, b) => lately(b.id, sessions) - lately(a.id, sessions));
  // One whose session is open stands above, with Continue.
  const shown = sorted
    .filter(({ id, name }) => (words === '' ? !open.includes(id) : name.toLowerCase().includes(words)))
    .slice(0, FEW);
  return (
    <Part>
      <h2>Students</h2>
      {students.length === 0 && (
        <SentenceText>Your students appear here. Add the first one, then start a session with them.</SentenceText>
      )}
      {students.length > FEW && (
        <Entry label={`Search ${students.length} students`} value={search} onChange={setSearch} />
      )}
      {shown.length > 0 && (
        <List>
          {shown.map((student) => (
            <StudentLine
              key={student.id}
              student={student}
              sessions={sessions}
              onStart={() => start({ student_id: student.id })}
            />
          ))}
        </List>
      )}
      {words !== '' && shown.length === 0 && <QuietText>No student with that name.</QuietText>}
      <Row>
        <ButtonLink look={students.length === 0 ? 'main' : 'plain'} to="/students/new">
          Add a student
        </ButtonLink>
        <Button onPress={() => start({ student_id: null })}>Start a session</Button>
        {sessions.length > 0 && <StartSimulation drill={null} label="Try a simulated session" />}
      </Row>
    </Part>
  );
}

/** When a student last came, or was added: an id says when it was made. Unix milliseconds. */
function lately(id: string, sessions: readonly SessionSummary[]): number {
  const last = sessions.find(({ student_id }) => student_id === id);
  return Math.max(decodeTime(id), last === undefined ? 0 : Date.parse(last.started_at));
}

interface StudentLineProps {
  student: Student;
  sessions: SessionSummary[];
  onStart: () => void;
}

/** A student; one with an open session is continued, not started again. */
function StudentLine({ student, sessions, onStart }: StudentLineProps) {
  const own = sessions.filter(({ student_id }) => student_id === student.id);
  const last = own.find(({ ended_at }) => ended_at !== null);
  const open = own.find(({ ended_at }) => ended_at === null);
  const state =
    open !== undefined ? 'in a session' : last === undefined ? 'first session' : `last session ${day(last.started_at)}`;
  return (
    <li>
      <Link to={`/students/${student.id}`}>
        <strong>
          <Name>{student.name}</Name>
        </strong>
        <small>{last?.note_for_next == null ? state : `${state} · ${firstWords(last.note_for_next, NOTED)}`}</small>
      </Link>
      {open === undefined ? (
        <Button onPress={onStart} aria-label={`Start a session with ${student.name}`}>
          Start
        </Button>
      ) : (
        <ButtonLink to={resumePath(open.id)}>Continue</ButtonLink>
      )}
    </li>
  );
}
