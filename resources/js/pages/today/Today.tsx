import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { decodeTime } from 'ulid';
import { lastNote, startSession, useCalendarWeek, usePrefetchSessions, useToday } from '../../api/queries';
import type { Green, SessionSummary, Student, Today as TodayData } from '../../api/types';
import {
  Button,
  ButtonLink,
  color,
  Entry,
  Name,
  Notice,
  narrow,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
  space,
  Title,
  type,
  wide,
} from '../../design';
import { resumePath } from '../../device/resumeState';
import { StartSimulation } from '../../features/simulation/StartSimulation';
import { clock, day, isoDay } from '../../units/dates';
import { greenWords } from '../../units/reading';
import { useUnits } from '../../units/useUnits';

const Two = styled.div`
  display: grid; gap: ${space.xl}; align-items: start;
  ${wide} { grid-template-columns: minmax(0, 1.8fr) minmax(260px, 1fr); }
`;

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px ${space.m}; align-items: center; padding: 8px 0; border-bottom: 1px solid ${color.rule}; }
  ${narrow} { li > div { justify-content: flex-end; } }
  strong { overflow-wrap: anywhere; }
  em { font: italic 400 1rem/1.4 ${type.serif}; color: ${color.pencil}; }
`;

/** So many are in sight; with more, a few letters find the one wanted. */
const FEW = 8;

/** Today: who comes, which green, what was left to do. */
export function Today() {
  const today = useToday();
  const navigate = useNavigate();
  const begin = (studentId: string | null) =>
    void navigate(`/sessions/${startSession({ student_id: studentId })}/arrive`);
  usePrefetchSessions((today.data?.sessions ?? []).filter(({ ended_at }) => ended_at === null).map(({ id }) => id));
  const date = new Date().toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  if (today.data === undefined) {
    return <Page>{today.isError ? <Notice kind="wrong">{today.error.message}</Notice> : <p>Loading …</p>}</Page>;
  }
  const { students, greens, sessions, questions, past_retention: past } = today.data;
  const open = sessions.filter((session) => session.ended_at === null);
  return (
    <Page>
      <Row style={{ justifyContent: 'space-between' }}>
        <Title page="Today">{date}</Title>
        <Row $gap="s">
          <StartSimulation drill={null} label="Try a simulated session" />
          <Button look="main" onPress={() => begin(null)}>
            Start a session
          </Button>
        </Row>
      </Row>
      <Two>
        <Stack $gap="l">
          <TodaysSessions students={students} sessions={sessions} />
          <AboutStudents
            title="Questions from home"
            lines={questions.map(({ student_id, text }) => ({ student_id, says: text }))}
            students={students}
            act="Answer"
            place="?part=home"
          />
          <AboutStudents title="Records past their date" lines={past} students={students} act="Profile" place="/card" />
          {open.length > 0 && <OpenSessions sessions={open} today={today.data} />}
          <WhoComes students={students} sessions={sessions} onStart={begin} />
        </Stack>
        <Part>
          <h2>Greens</h2>
          {greens.length === 0 ? (
            <SentenceText>The greens and mats you use will be here, each with its last speed.</SentenceText>
          ) : (
            <GreenLines greens={greens.slice(0, FEW)} />
          )}
          <Row>
            <ButtonLink to="/greens">{greens.length === 0 ? 'Add a green' : 'All greens'}</ButtonLink>
          </Row>
        </Part>
      </Two>
    </Page>
  );
}

/** Who comes today by time, with what was noted for it. */
function TodaysSessions({ students, sessions }: Pick<TodayData, 'students' | 'sessions'>) {
  const today = isoDay(new Date());
  const items = useCalendarWeek(today, 1).data?.items.filter(({ day: on }) => on === today) ?? [];
  const navigate = useNavigate();
  return items.length === 0 ? null : (
    <Part>
      <h2>Today</h2>
      <Lines>
        {items.map(({ booking, time, wall, clashes }) => (
          <li key={`${booking.id} ${wall}`}>
            <span>
              <strong>
                {time} <Name>{students.find(({ id }) => id === booking.student_id)?.name ?? booking.name}</Name>
              </strong>
              , {booking.minutes} min{booking.place === null ? '' : `, ${booking.place}`}
              <br />
              {clashes.length > 0 && <QuietText as="span">{clashes.join(' ')} </QuietText>}
              <em>{lastNote(booking.student_id, sessions) ?? booking.note}</em>
            </span>
            <Button
              aria-label={`Start with ${booking.name}`}
              onPress={() =>
                void navigate(
                  `/sessions/${startSession({ student_id: booking.student_id, green_id: booking.green_id, minutes: booking.minutes })}/arrive`,
                )
              }
            >
              Start
            </Button>
          </li>
        ))}
      </Lines>
    </Part>
  );
}

interface AboutStudentsProps {
  title: string;
  lines: TodayData['past_retention'];
  students: readonly Student[];
  act: string;
  /** Of a student's places, the one where it is seen to. */
  place: string;
}

/** What waits for the coach, a student a line; nothing where nothing does. */
function AboutStudents({ title, lines, students, act, place }: AboutStudentsProps) {
  return lines.length === 0 ? null : (
    <Part>
      <h2>{title}</h2>
      <Lines>
        {lines.map(({ student_id, says }) => (
          <li key={student_id}>
            <span>
              <strong>
                <Name>{students.find(({ id }) => id === student_id)?.name ?? 'Student'}</Name>
              </strong>
              <br />
              <em>{says}</em>
            </span>
            <ButtonLink to={`/students/${student_id}${place}`}>{act}</ButtonLink>
          </li>
        ))}
      </Lines>
    </Part>
  );
}

function OpenSessions({ sessions, today }: { sessions: SessionSummary[]; today: TodayData }) {
  const [isAll, showAll] = useState(false);
  const shown = isAll ? sessions : sessions.slice(0, FEW);
  return (
    <Part>
      <h2>In progress</h2>
      <Lines>
        {shown.map((session) => (
          <li key={session.id}>
            <span>
              <strong>
                <Name>
                  {today.students.find((student) => student.id === session.student_id)?.name ?? 'No student chosen yet'}
                </Name>
              </strong>
              <br />
              <Name>{today.greens.find((green) => green.id === session.green_id)?.name ?? 'no green yet'}</Name>, since{' '}
              {sinceWords(session.started_at)}
              {session.purpose !== null && <em> · {session.purpose}</em>}
            </span>
            <ButtonLink look="main" to={resumePath(session.id)}>
              Continue
            </ButtonLink>
          </li>
        ))}
      </Lines>
      {shown.length < sessions.length && (
        <Row>
          <Button onPress={() => showAll(true)}>All {sessions.length} that are open</Button>
        </Row>
      )}
    </Part>
  );
}

function sinceWords(iso: string): string {
  const isToday = new Date(iso).toDateString() === new Date().toDateString();
  return isToday ? clock(iso) : `${day(iso)}, ${clock(iso)}`;
}

interface WhoComesProps {
  students: Student[];
  sessions: SessionSummary[];
  onStart: (studentId: string) => void;
}

function WhoComes({ students, sessions, onStart }: WhoComesProps) {
  const [search, setSearch] = useState('');
  const words = search.trim().toLowerCase();
  // Whoever came lately, or was only just added, comes first.
  const sorted = [...students].sort((a, b) => lately(b.id, sessions) - lately(a.id, sessions));
  const shown =
    words === '' ? sorted.slice(0, FEW) : sorted.filter(({ name }) => name.toLowerCase().includes(words)).slice(0, FEW);
  return (
    <Part>
      <h2>Students</h2>
      {students.length === 0 && (
        <SentenceText>Your students appear here. Add the first one, then start a session with them.</SentenceText>
      )}
      {students.length > FEW && <Entry label={`Find one of ${students.length}`} value={search} onChange={setSearch} />}
      {shown.length > 0 && (
        <Lines>
          {shown.map((student) => (
            <StudentLine key={student.id} student={student} sessions={sessions} onStart={() => onStart(student.id)} />
          ))}
        </Lines>
      )}
      {students.length > 0 && shown.length === 0 && <QuietText>No student with that name.</QuietText>}
      <Row>
        <ButtonLink to="/students/new">Add a student</ButtonLink>
      </Row>
    </Part>
  );
}

/** When somebody last came, or was added: an id says when it was made. Unix milliseconds. */
function lately(id: string, sessions: readonly SessionSummary[]): number {
  const last = sessions.find(({ student_id }) => student_id === id);
  return Math.max(decodeTime(id), last === undefined ? 0 : Date.parse(last.started_at));
}

interface StudentLineProps {
  student: Student;
  sessions: SessionSummary[];
  onStart: () => void;
}

/** Somebody of the bench; who is on the green already is gone on with, not begun with again. */
function StudentLine({ student, sessions, onStart }: StudentLineProps) {
  const own = sessions.filter(({ student_id }) => student_id === student.id);
  const last = own.find(({ ended_at }) => ended_at !== null);
  const open = own.find(({ ended_at }) => ended_at === null);
  return (
    <li>
      <span>
        <strong>
          <Name>{student.name}</Name>
        </strong>{' '}
        <span>
          {open !== undefined
            ? 'in a session'
            : last === undefined
              ? 'first session'
              : `last session ${day(last.started_at)}`}
        </span>
        {last?.note_for_next != null && (
          <>
            <br />
            <em>{last.note_for_next}</em>
          </>
        )}
      </span>
      <Row>
        {last !== undefined && (
          <ButtonLink look="bare" to={`/sessions?student=${student.id}`}>
            Sessions
          </ButtonLink>
        )}
        {open === undefined ? (
          <Button onPress={onStart} aria-label={`Start a session with ${student.name}`}>
            Start
          </Button>
        ) : (
          <ButtonLink to={resumePath(open.id)}>Continue</ButtonLink>
        )}
      </Row>
    </li>
  );
}

function GreenLines({ greens }: { greens: Green[] }) {
  const units = useUnits();
  return (
    <Lines>
      {greens.map((green) => (
        <li key={green.id}>
          <span>
            <strong>
              <Name>{green.name}</Name>
            </strong>
            <br />
            <QuietText as="span">{greenWords(green)}</QuietText>
          </span>
          <strong>{green.reading?.speed_m == null ? '–' : units.speed(green.reading.speed_m)}</strong>
        </li>
      ))}
    </Lines>
  );
}
