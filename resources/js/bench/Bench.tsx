import { useNavigate } from 'react-router';
import styled from 'styled-components';
import {
  Button,
  ButtonLink,
  color,
  Notice,
  narrow,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Stack,
  space,
  type,
  wide,
} from '../design';
import { newId } from '../server/outbox';
import { useBench, useStartSession, useTakeAlong } from '../server/queries';
import type { Bench as BenchData, Green, SessionSummary, Student } from '../server/types';
import { clock, day } from '../units/dates';
import { METRES_PER_FOOT } from '../units/length';
import { greenWords } from '../units/reading';

const Two = styled.div`
  display: grid; gap: ${space.xl}; align-items: start;
  ${wide} { grid-template-columns: minmax(0, 1.8fr) minmax(260px, 1fr); }
`;

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px ${space.m}; align-items: center; padding: 10px 0; border-bottom: 1px solid ${color.rule}; }
  ${narrow} { li { grid-template-columns: minmax(0, 1fr); } li > div { justify-content: flex-end; } }
  strong { overflow-wrap: anywhere; }
  em { font: italic 400 1rem/1.4 ${type.serif}; color: ${color.pencil}; }
`;

/** Today: who comes, which green, what was left to do. */
export function Bench() {
  const bench = useBench();
  const navigate = useNavigate();
  const start = useStartSession();
  const begin = (studentId: string | null) =>
    start.mutate(
      { id: newId(), student_id: studentId },
      { onSuccess: (session) => void navigate(`/sessions/${session.id}/arrive`) },
    );
  useTakeAlong((bench.data?.sessions ?? []).filter(({ ended_at }) => ended_at === null).map(({ id }) => id));
  if (bench.data === undefined) {
    return (
      <Page>
        {bench.isError ? <Notice kind="wrong">{bench.error.message}</Notice> : <p>Laying out the bench …</p>}
      </Page>
    );
  }
  const { students, greens, sessions } = bench.data;
  const open = sessions.filter((session) => session.ended_at === null);
  return (
    <Page>
      <Row style={{ justifyContent: 'space-between' }}>
        <h1>{new Date().toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}</h1>
        <Button look="main" onPress={() => begin(null)} isPending={start.isPending}>
          Start a session
        </Button>
      </Row>
      {start.isError && <Notice kind="wrong">{start.error.message}</Notice>}
      <Two>
        <Stack $gap="l">
          {open.length > 0 && <OpenSessions sessions={open} bench={bench.data} />}
          <Part>
            <h2>Who comes</h2>
            {students.length === 0 ? (
              <Said>Your students will be here. Add the first one, then start a session with them.</Said>
            ) : (
              <Lines>
                {students.map((student) => (
                  <StudentLine
                    key={student.id}
                    student={student}
                    sessions={sessions}
                    onStart={() => begin(student.id)}
                  />
                ))}
              </Lines>
            )}
            <Row>
              <ButtonLink to="/students/new">Add a student</ButtonLink>
            </Row>
          </Part>
        </Stack>
        <Part>
          <h2>Greens</h2>
          {greens.length === 0 ? (
            <Said>The greens and mats you use will be here, each with its last speed.</Said>
          ) : (
            <GreenLines greens={greens} />
          )}
          <Row>
            <ButtonLink to="/greens">{greens.length === 0 ? 'Add a green' : 'All greens'}</ButtonLink>
          </Row>
        </Part>
      </Two>
    </Page>
  );
}

function OpenSessions({ sessions, bench }: { sessions: SessionSummary[]; bench: BenchData }) {
  return (
    <Part>
      <h2>On the green now</h2>
      <Lines>
        {sessions.map((session) => (
          <li key={session.id}>
            <span>
              <strong>
                {bench.students.find((student) => student.id === session.student_id)?.name ??
                  'Nobody chosen yet'}
              </strong>
              <br />
              {bench.greens.find((green) => green.id === session.green_id)?.name ?? 'no green yet'}, since{' '}
              {clock(session.started_at)}
              {session.purpose !== null && <em> · {session.purpose}</em>}
            </span>
            <ButtonLink look="main" to={`/sessions/${session.id}/roll`}>
              Go on
            </ButtonLink>
          </li>
        ))}
      </Lines>
    </Part>
  );
}

function StudentLine({
  student,
  sessions,
  onStart,
}: {
  student: Student;
  sessions: SessionSummary[];
  onStart: () => void;
}) {
  const last = sessions.find((session) => session.student_id === student.id && session.ended_at !== null);
  return (
    <li>
      <span>
        <strong>{student.name}</strong>{' '}
        <span>{last === undefined ? 'first visit' : `last here ${day(last.started_at)}`}</span>
        {last?.note_for_next != null && (
          <>
            <br />
            <em>{last.note_for_next}</em>
          </>
        )}
      </span>
      <Row>
        {last !== undefined && (
          <ButtonLink look="bare" to={`/sessions/${last.id}/look-back`}>
            Look back
          </ButtonLink>
        )}
        <Button onPress={onStart} aria-label={`Start a session with ${student.name}`}>
          Start
        </Button>
      </Row>
    </li>
  );
}

function GreenLines({ greens }: { greens: Green[] }) {
  return (
    <Lines>
      {greens.map((green) => (
        <li key={green.id}>
          <span>
            <strong>{green.name}</strong>
            <br />
            <Quiet as="span">{greenWords(green)}</Quiet>
          </span>
          <strong>
            {green.reading?.speed_m == null
              ? '–'
              : `${(green.reading.speed_m / METRES_PER_FOOT).toFixed(1)} ft`}
          </strong>
        </li>
      ))}
    </Lines>
  );
}
