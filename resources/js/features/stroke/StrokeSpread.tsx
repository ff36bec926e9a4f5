import { useState } from 'react';
import styled from 'styled-components';
import type { SessionReport, Student } from '../../api/types';
import { OneOf, Part, QuietText, Row, SentenceText, Stack, space, wide } from '../../design';
import type { Units } from '../../units/useUnits';
import { type Answers, LengthAnswer, LengthSlider, NothingToShow, SpeedSlider, useAnswers } from './BackstrokeAnswer';
import { BackstrokeTable, ShoeTable } from './BackstrokeTable';
import { EvidenceChart } from './EvidenceChart';
import type { When } from './relativeDay';
import { TwoRulers } from './TwoRulers';

const STATE_WORDS = {
  none: 'No curve yet.',
  provisional: 'Provisional: few balls so far, so the curve relies on what most strokes do.',
  fitted: "Fitted from this student's own balls.",
} as const;

/** The answer and its sliders beside one another; the table beside the lane and the curve. */
const ComparedSelection = styled.div`
  display: grid; gap: ${space.l}; align-items: start; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); }
`;

/** The answer, and what may be asked of it. */
const SelectionLine = styled(ComparedSelection)`
  gap: ${space.s} ${space.l};
  ${wide} { grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr) minmax(0, 1fr); }
`;

interface StrokeSpreadProps {
  /** In whose light it is told: its green, its reading, its stations. */
  sessionId: string;
  /** Null for the session's own. */
  studentId: string | null;
  student: Student;
  report: SessionReport;
  units: Units;
  when: When;
}

/** A student's stroke on one spread: the answer, two rulers, the table, every ball and the curve. */
export function StrokeSpread({ sessionId, studentId, student, report, units, when }: StrokeSpreadProps) {
  const answers = useAnswers(sessionId, studentId, report, units);
  const { table } = answers;
  if (report.state === 'none' || table === null) {
    return (
      <>
        <SpeedSlider answers={answers} report={report} units={units} when={when} />
        <NothingToShow report={report} />
        <Summary report={report} when={when} />
      </>
    );
  }
  return (
    <>
      <SelectionLine>
        <LengthAnswer answers={answers} units={units} />
        <LengthSlider answers={answers} units={units} />
        <SpeedSlider answers={answers} report={report} units={units} when={when} />
      </SelectionLine>
      {report.state === 'provisional' && <QuietText>{STATE_WORDS.provisional}</QuietText>}
      {report.own_line !== null && <SentenceText>{ownLineWords(report.own_line)}</SentenceText>}
      <ComparedSelection>
        <TablePart student={student} table={table} shoe={report.shoe_places} units={units} />
        <TwoRulers table={table} asked={answers.row} units={units} isUpright />
      </ComparedSelection>
    </>
  );
}

/** Every ball behind the curve, what was left out of it, and how sure it is. */
export function StrokeEvidence({ sessionId, studentId, report, units, when }: Omit<StrokeSpreadProps, 'student'>) {
  const answers = useAnswers(sessionId, studentId, report, units);
  return (
    <Stack>
      {answers.table !== null && report.balls.length > 0 && (
        <Part>
          <h3>How far does each backstroke roll{report.is_of_the_day ? ' here' : ' on such a green'}?</h3>
          <QuietText>
            {report.n} {report.n === 1 ? 'ball' : 'balls'} fitted: {when.isToday ? 'today' : when.date} dark, earlier
            light. The band holds eight balls in ten.
          </QuietText>
          <EvidenceChart report={report} table={answers.table} units={units} isUpright />
          <LeftOut report={report} />
        </Part>
      )}
      <Summary report={report} when={when} />
    </Stack>
  );
}

/** What the curve rests on, in a few words. */
export function evidenceWords({ n, n_today, left_out }: SessionReport, when: When): string {
  const left = left_out.reduce((sum, { count }) => sum + count, 0);
  return `${n} ${n === 1 ? 'ball' : 'balls'}, ${n_today} ${when.word}${left === 0 ? '' : `, ${left} left out`}`;
}

function TablePart({
  student,
  table,
  shoe,
  units,
}: {
  student: Student;
  table: NonNullable<Answers['table']>;
  shoe: SessionReport['shoe_places'];
  units: Units;
}) {
  const { school } = student;
  const [chosen, setView] = useState<'length' | 'shoe'>(school === 'foot' ? 'shoe' : 'length');
  // Where the shoe was not measured there is no table by shoe: the putter head stands elsewhere.
  const view = shoe.length === 0 ? 'length' : chosen;
  return (
    <Part>
      <Row style={{ justifyContent: 'space-between' }}>
        <h2>{view === 'length' ? 'Backstroke table' : 'Trail shoe: distance from the ball'}</h2>
        {shoe.length > 0 && (
          <OneOf
            label="Shown as"
            isLabelHidden
            options={[
              { value: 'length', label: 'By length' },
              { value: 'shoe', label: 'By shoe' },
            ]}
            value={view}
            onChange={setView}
          />
        )}
      </Row>
      {view === 'shoe' && <ShoeTable shoe={shoe} units={units} />}
      {school === 'foot' && shoe.length === 0 && (
        <QuietText>
          These are backstrokes of the putter head. The check “Trail shoe” measures where the shoe stands.
        </QuietText>
      )}
      {school === 'eye' && (
        <QuietText>This student putts by feel: the table is for you, not for the student.</QuietText>
      )}
      {view === 'length' && <BackstrokeTable table={table} units={units} />}
      {view === 'length' && table.reach_m !== null && (
        <QuietText>
          Usual lengths are listed up to {units.show(table.reach_m, 'station')}, a little beyond the longest ball.
          {table.rows.some(({ length_m, is_station }) => is_station && length_m > (table.reach_m ?? length_m)) &&
            'Longer stations are estimated from the curve.'}
        </QuietText>
      )}
    </Part>
  );
}

function Summary({ report, when }: { report: SessionReport; when: When }) {
  const { prior } = report;
  return (
    <>
      <SentenceText>
        <strong>{STATE_WORDS[report.state]}</strong> {report.n} {report.n === 1 ? 'ball' : 'balls'} fitted,{' '}
        {report.n_today} of them {when.word}.
      </SentenceText>
      {report.state === 'provisional' && (
        <QuietText>
          {prior.shipped
            ? 'The curve relies on the built-in average stroke: fewer than three other students have a curve.'
            : `The curve also uses the strokes of your ${prior.students} other students on this kind of surface.`}
        </QuietText>
      )}
      {report.roll_ratio !== null && report.sigma !== null && (
        <QuietText>
          Doubling the backstroke sends the ball {report.roll_ratio.toFixed(1)} times as far. Single balls spread by
          about {Math.round(report.sigma * 100)} %.
        </QuietText>
      )}
    </>
  );
}

function LeftOut({ report }: { report: SessionReport }) {
  const odd = report.balls.filter((ball) => ball.is_odd).length;
  return (
    <>
      {report.left_out.length > 0 && (
        <QuietText>
          Left out of the curve: {report.left_out.map(({ reason, count }) => `${count} ${reason}`).join('; ')}. They are
          drawn hollow.
        </QuietText>
      )}
      {odd > 0 && (
        <QuietText>Ringed: {odd === 1 ? 'one ball' : `${odd} balls`} far off the curve. No ball is dropped.</QuietText>
      )}
    </>
  );
}

/** Today against the student's own line, with what a quiet day stays within. */
function ownLineWords({ n, sessions, offset, quiet_within }: NonNullable<SessionReport['own_line']>): string {
  const share = Math.round(Math.abs(offset) * 100);
  const balls = n === 1 ? '1 ball' : `${n} balls`;
  return (
    `${share === 0 ? 'The same' : `${share} % ${offset < 0 ? 'short' : 'long'}`} compared with the curve of ` +
    `${sessions === 1 ? 'one earlier session' : `${sessions} earlier sessions`}, ${balls}. ` +
    `An ordinary day stays within ${Math.round(quiet_within * 100)} %.`
  );
}
