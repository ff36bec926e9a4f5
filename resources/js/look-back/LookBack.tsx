import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { ownerOf } from '../balls/names';
import {
  ButtonLink,
  isNarrow,
  Margin,
  Name,
  Notice,
  OneOf,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Stack,
  space,
  Title,
  wide,
} from '../design';
import { remember, standIn } from '../device/stand';
import { FoundRuns } from '../found/Found';
import { useBench, useFoundRuns, useStrokeReport } from '../server/queries';
import type { Session, StrokeReport, Student } from '../server/types';
import { useLog } from '../server/useOutbox';
import { type Units, useUnits, useUnitsOf } from '../units/useUnits';
import type { WaypointProps } from '../walk/walk';
import { type Answers, LengthAnswer, LengthSlider, NothingTold, SpeedSlider, useAnswers } from './Answer';
import { BallsLane } from './BallsLane';
import { EvidenceChart } from './EvidenceChart';
import { Measures } from './Measures';
import { StrokeTable } from './StrokeTable';
import { TwoRulers } from './TwoRulers';
import { type When, whenOf } from './when';

const STATE_WORDS = {
  none: 'No line yet.',
  provisional: 'Provisional: few balls so far, so the line leans on what most strokes do.',
  fitted: "Fitted from this student's own balls.",
} as const;

/** The answer and its sliders beside one another; the table beside the lane and the curve. */
const Beside = styled.div`
  display: grid; gap: ${space.l}; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
`;

/** The answer, and what may be asked of it. */
const Asked = styled(Beside)`
  gap: ${space.s} ${space.l};
  ${wide} { grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr) minmax(0, 1fr); }
`;

/** The student's own stroke on one spread: the answer, two rulers, the table, every ball and the curve. */
export function LookBack({ session }: WaypointProps) {
  const coach = useUnits();
  const bench = useBench();
  const [chosen, choose] = useState(() => standIn(session.id).student ?? null);
  const own = session.student;
  const isOther =
    chosen !== null && chosen !== own?.id && session.company.some((each) => each.student === chosen);
  const other = isOther ? (bench.data?.students.find(({ id }) => id === chosen) ?? null) : null;
  const student = other ?? own;
  if (student === null) {
    return <Whose session={session} units={coach} />;
  }
  return (
    <Spread
      key={student.id}
      session={session}
      student={student}
      whose={
        session.company.length < 2 ? null : (
          <OneOf
            label="Whose figures"
            isLabelHidden
            isRow
            options={session.company.map(({ student: id, name }) => ({ value: id, label: name }))}
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

function Whose({ session, units }: WaypointProps & { units: Units }) {
  return (
    <Page>
      <Stack>
        <Title page="Look back">Whose stroke is it?</Title>
        <Quiet>Choose the student under Arrive; the balls stay, and will be theirs.</Quiet>
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/arrive`}>
            Go to Arrive
          </ButtonLink>
        </Row>
        <FoundInSession session={session} units={units} />
      </Stack>
    </Page>
  );
}

interface SpreadProps extends WaypointProps {
  student: Student;
  /** The company's names, one touch each; null for one alone. */
  whose: ReactNode;
}

function Spread({ session, student, whose }: SpreadProps) {
  const studentId = student.id === session.student?.id ? null : student.id;
  const units = useUnitsOf(student);
  const query = useStrokeReport(session.id, studentId);
  const report = query.data;
  const answers = useAnswers(session, studentId, report, units);
  const log = useLog(session);
  const when = whenOf(session);
  if (report === undefined) {
    return (
      <Page>
        {query.isError ? <Notice kind="wrong">{query.error.message}</Notice> : <p>Reading the balls …</p>}
      </Page>
    );
  }
  const notes = report.notes.filter(({ key }) => !waitsAside(log.waiting, key));
  return (
    <Page data-margin={notes.length > 0 || undefined}>
      <Stack>
        <Row style={{ justifyContent: 'space-between' }}>
          <Title page={`Look back · ${student.name}`}>
            <Name>{student.name}</Name>: backstroke and roll
          </Title>
          <Quiet as="span">{[when.date, session.green?.name].filter(Boolean).join(', ')}</Quiet>
        </Row>
        {whose}
        {query.isError && (
          <Notice kind="wrong">{query.error.message} The last figures stay on screen.</Notice>
        )}
        <Told
          session={session}
          student={student}
          report={report}
          answers={answers}
          units={units}
          when={when}
        />
        <Stack $gap="s">
          <Summary report={report} when={when} />
          <Day report={report} when={when} />
        </Stack>
        <Measures report={report} when={when} />
        <FoundInSession session={session} units={units} />
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/carry-on`}>
            Carry on
          </ButtonLink>
        </Row>
      </Stack>
      {notes.length > 0 && <Margin notes={notes} onSetAside={log.setAside} />}
    </Page>
  );
}

interface ToldProps {
  session: Session;
  student: Student;
  report: StrokeReport;
  answers: Answers;
  units: Units;
  when: When;
}

function Told({ session, student, report, answers, units, when }: ToldProps) {
  const [isUpright] = useState(isNarrow);
  const log = useLog(session);
  const own = log.putts.filter(({ student: whose }) => ownerOf(whose, session) === student.id);
  const lane = own.some(({ roll_m }) => roll_m !== null) ? (
    <BallsLane putts={own} stations={session.stations} units={units} isUpright={isUpright} />
  ) : null;
  const { table } = answers;
  if (report.state === 'none' || table === null) {
    return (
      <>
        <SpeedSlider answers={answers} report={report} units={units} when={when} />
        <NothingTold report={report} />
        {lane}
      </>
    );
  }
  return (
    <>
      <Asked>
        <LengthAnswer answers={answers} units={units} />
        <LengthSlider answers={answers} units={units} />
        <SpeedSlider answers={answers} report={report} units={units} when={when} />
      </Asked>
      <TwoRulers table={table} asked={answers.row} units={units} isUpright={isUpright} />
      <Beside>
        <TablePart student={student} table={table} units={units} />
        <Part>
          <h2>
            How far does each backstroke roll
            {answers.slid !== null || !report.is_of_the_day ? ' on such a green' : ' here'}?
          </h2>
          {lane}
          {report.balls.length > 0 && (
            <EvidenceChart report={report} table={table} units={units} when={when} isUpright={isUpright} />
          )}
          <LeftOut report={report} />
        </Part>
      </Beside>
    </>
  );
}

function TablePart({
  student,
  table,
  units,
}: {
  student: Student;
  table: NonNullable<Answers['table']>;
  units: Units;
}) {
  const { school } = student;
  const [view, setView] = useState<'rule' | 'foot'>(school === 'foot' ? 'foot' : 'rule');
  return (
    <Part>
      <Row style={{ justifyContent: 'space-between' }}>
        <h2>{view === 'rule' ? 'Take it back this far' : 'Trail shoe this far behind the ball'}</h2>
        <OneOf
          label="Told as"
          isLabelHidden
          options={[
            { value: 'rule', label: 'Rule' },
            { value: 'foot', label: 'Foot' },
          ]}
          value={view}
          onChange={setView}
        />
      </Row>
      {school === 'eye' && <Quiet>This student putts by eye: the list is for you, not for their head.</Quiet>}
      <StrokeTable table={table} units={units} view={view} />
      {table.reach_m !== null && (
        <Quiet>
          Told as far as {units.show(table.reach_m, 'station')}: further than a little beyond the longest ball
          there is nothing to go by.
        </Quiet>
      )}
    </Part>
  );
}

/** What the session's drills found, each to be opened again. */
function FoundInSession({ session, units }: { session: Session; units: Units }) {
  const found = useFoundRuns('sessions', session.id);
  const bench = useBench();
  const names = new Map([
    ...(bench.data?.students ?? []).map(({ id, name }) => [id, name] as const),
    ...session.company.map(({ student, name }) => [student, name] as const),
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

function Summary({ report, when }: { report: StrokeReport; when: When }) {
  const { prior } = report;
  return (
    <>
      <Said>
        <strong>{STATE_WORDS[report.state]}</strong> {report.n} {report.n === 1 ? 'ball' : 'balls'} fitted,{' '}
        {report.n_today} of them {when.word}.
      </Said>
      {report.state === 'provisional' && (
        <Quiet>
          {prior.shipped
            ? 'It leans on what most strokes do, as shipped: fewer than three other students here are fitted.'
            : `It leans on the strokes of your ${prior.students} other students on this kind of surface.`}
        </Quiet>
      )}
      {report.roll_ratio !== null && report.sigma !== null && (
        <Quiet>
          Doubling the backstroke sends the ball {report.roll_ratio.toFixed(1)} times as far. Single balls
          spread by about {Math.round(report.sigma * 100)} %.
        </Quiet>
      )}
    </>
  );
}

/** Where the first balls at targets finished against what is usual, without any backstroke. */
function Day({ report: { day }, when }: { report: StrokeReport; when: When }) {
  if (day === null) {
    return null;
  }
  const which = when.isToday ? "Today's first" : `The first of ${when.date}:`;
  return (
    <Said>
      {which} {day.n === 1 ? 'ball' : `${day.n} balls`} at targets, against what is usual for this student:{' '}
      {shareWords(day.offset)}, most likely between {shareWords(day.interval[0])} and{' '}
      {shareWords(day.interval[1])}.
      {day.green_offset !== null &&
        day.green_interval !== null &&
        ` Over ${day.students} students the green: ${shareWords(day.green_offset)}, between ${shareWords(day.green_interval[0])} and ${shareWords(day.green_interval[1])}.`}
    </Said>
  );
}

function shareWords(share: number): string {
  const percent = Math.round(Math.abs(share) * 100);
  return percent === 0 ? 'the same' : `${percent} % ${share < 0 ? 'short' : 'long'}`;
}

function LeftOut({ report }: { report: StrokeReport }) {
  const odd = report.balls.filter((ball) => ball.is_odd).length;
  return (
    <>
      {report.left_out.length > 0 && (
        <Quiet>
          Left out of the line: {report.left_out.map(({ reason, count }) => `${count} ${reason}`).join('; ')}.
          They are drawn hollow.
        </Quiet>
      )}
      {odd > 0 && (
        <Quiet>
          Ringed: {odd === 1 ? 'one ball' : `${odd} balls`} far off the line, for your eye. Nothing is
          dropped.
        </Quiet>
      )}
    </>
  );
}
