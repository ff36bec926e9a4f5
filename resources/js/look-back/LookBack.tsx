import { useDeferredValue, useState } from 'react';
import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import {
  Button,
  ButtonLink,
  color,
  Margin,
  Notice,
  OneOf,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Stack,
  space,
  TableFrame,
} from '../design';
import { FoundRuns } from '../found/Found';
import { useBench, useFoundRuns, useStrokeReport, useWhatIf } from '../server/queries';
import type { Session, StrokeReport, StrokeTable as StrokeTableData } from '../server/types';
import { useLog } from '../server/useOutbox';
import { METRES_PER_FOOT } from '../units/length';
import { type Units, useUnits } from '../units/useUnits';
import type { WaypointProps } from '../walk/walk';
import { EvidenceChart } from './EvidenceChart';
import { StrokeTable } from './StrokeTable';
import { TwoRulers } from './TwoRulers';

const STATE_WORDS = {
  none: 'No line yet.',
  provisional: 'Provisional: few balls so far, so the line leans on what most strokes do.',
  fitted: "Fitted from this student's own balls.",
} as const;

/** The student's own stroke: two rulers, the evidence, and the table for today's green. */
export function LookBack({ session }: WaypointProps) {
  const units = useUnits();
  const [slid, setSlid] = useState<number | null>(null);
  const report = useStrokeReport(session.id);
  const whatIf = useWhatIf(session.id, useDeferredValue(slid));
  const log = useLog(session);
  if (session.student === null) {
    return (
      <Page>
        <Stack>
          <h1>Whose stroke is it?</h1>
          <Quiet>Choose the student under Arrive; the balls are kept and will be theirs.</Quiet>
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
  if (report.data === undefined) {
    return (
      <Page>
        {report.isError ? <Notice kind="wrong">{report.error.message}</Notice> : <p>Reading the balls …</p>}
      </Page>
    );
  }
  const table = slid === null ? report.data.table : (whatIf.data ?? report.data.table);
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>{session.student.name}: backstroke and roll</h1>
        {report.isError && (
          <Notice kind="wrong">{report.error.message} The last figures stay on screen.</Notice>
        )}
        <Summary report={report.data} />
        <Day report={report.data} />
        {report.data.speed_m !== null && (
          <SpeedSlider
            report={report.data}
            value={slid ?? report.data.speed_m}
            isSlid={slid !== null}
            onChange={setSlid}
          />
        )}
        {whatIf.isError && <Notice kind="wrong">{whatIf.error.message}</Notice>}
        <Answers session={session} report={report.data} table={table} units={units} />
        {report.data.balls.length > 0 && table !== null && (
          <Part>
            <h2>
              How far does each backstroke roll
              {slid !== null || !report.data.is_of_the_day ? ' on such a green' : " on today's green"}?
            </h2>
            <EvidenceChart report={report.data} table={table} units={units} />
            <LeftOut report={report.data} />
          </Part>
        )}
        <Measures report={report.data} />
        <FoundInSession session={session} units={units} />
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/carry-on`}>
            Carry on
          </ButtonLink>
        </Row>
      </Stack>
      <Margin
        notes={report.data.notes.filter(({ key }) => !waitsAside(log.waiting, key))}
        onSetAside={log.setAside}
      />
    </Page>
  );
}

/** What the session's drills found, each to be opened again. */
function FoundInSession({ session, units }: { session: Session; units: Units }) {
  const found = useFoundRuns('sessions', session.id);
  const bench = useBench();
  const names = new Map((bench.data?.students ?? []).map(({ id, name }) => [id, name]));
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
    ({ event, refused }) => event.type === 'note_set_aside' && event.key === key && refused === null,
  );
}

function Summary({ report }: { report: StrokeReport }) {
  const { prior } = report;
  return (
    <Stack $gap="s">
      <Said>
        <strong>{STATE_WORDS[report.state]}</strong> {report.n} {report.n === 1 ? 'ball' : 'balls'} fitted,{' '}
        {report.n_today} of them today.
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
    </Stack>
  );
}

/** Where today's first balls at targets finished against what is usual, without any backstroke. */
function Day({ report: { day } }: { report: StrokeReport }) {
  if (day === null) {
    return null;
  }
  return (
    <Said>
      Today's first {day.n === 1 ? 'ball' : `${day.n} balls`} at targets, against what is usual for this
      student: {shareWords(day.offset)}, most likely between {shareWords(day.interval[0])} and{' '}
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

const MEASURES = {
  stroke: 'The stroke',
  distance: 'Distance control',
  start_line: 'Start line',
  reads: 'Reads',
  feel: 'Feel',
} as const;

/** What today's balls tell, measure by measure, and why the others do not. */
function Measures({ report: { measures, tries } }: { report: StrokeReport }) {
  const total = measures[0] === undefined ? 0 : countOf(measures[0]);
  return total === 0 ? null : (
    <Part>
      <h2>What do today's balls tell of?</h2>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Measure</th>
              <th scope="col">Balls</th>
              <th scope="col" data-wide>
                Why not the others
              </th>
            </tr>
          </thead>
          <tbody>
            {measures.map((each) => (
              <tr key={each.measure}>
                <th scope="row">{MEASURES[each.measure]}</th>
                <td style={{ whiteSpace: 'nowrap' }}>{`${each.counted} of ${countOf(each)}`}</td>
                <td data-wide style={{ whiteSpace: 'normal' }}>
                  {each.left_out.map(({ reason, count }) => `${count} ${reason}`).join('; ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      {tries.first > 0 && (
        <Quiet>
          Within a tenth of the length: {tries.first_inside} of {tries.first} first tries at a putt
          {tries.later === 0 ? '' : `, ${tries.later_inside} of ${tries.later} later ones`}.
        </Quiet>
      )}
    </Part>
  );
}

function countOf({ counted, left_out }: StrokeReport['measures'][number]): number {
  return left_out.reduce((sum, { count }) => sum + count, counted);
}

interface AnswersProps {
  session: Session;
  report: StrokeReport;
  /** The line told for the speed that is shown; null without one. */
  table: StrokeTableData | null;
  units: Units;
}

function Answers({ session, report, table, units }: AnswersProps) {
  const school = session.student?.school ?? 'rule';
  const [view, setView] = useState<'rule' | 'foot'>(school === 'foot' ? 'foot' : 'rule');
  if (report.state === 'none' || table === null) {
    return (
      <Quiet>
        {report.speed_m === null
          ? 'Backstrokes can be told once this green has a speed.'
          : 'The table appears with the first ball whose backstroke and free roll are known.'}
      </Quiet>
    );
  }
  return (
    <>
      <Part>
        <h2>What backstroke for which roll?</h2>
        <TwoRulers table={table} units={units} />
      </Part>
      <Part>
        <h2>{view === 'rule' ? 'Take it back this far' : 'Set the trail shoe this far behind the ball'}</h2>
        <OneOf
          label="Told as"
          isLabelHidden
          options={[
            { value: 'rule', label: 'By the rule' },
            { value: 'foot', label: 'By the foot' },
          ]}
          value={view}
          onChange={setView}
        />
        {school === 'eye' && (
          <Quiet>This student putts by eye: the list is for you, not for their head.</Quiet>
        )}
        <StrokeTable table={table} units={units} view={view} />
      </Part>
    </>
  );
}

const Track = styled(Slider)`
  display: grid; grid-template-columns: 1fr auto; gap: 0 ${space.m}; max-width: 640px;
  label { font-weight: 700; }
  output { font-weight: 700; font-size: 1.2rem; }
  .rail { grid-column: 1 / -1; height: 48px; position: relative; }
  .rail::before { content: ''; position: absolute; left: 0; right: 0; top: 22px; height: 4px; background: ${color.edge}; border-radius: 2px; }
  .thumb { width: 34px; height: 34px; border-radius: 50%; background: ${color.copper}; border: 3px solid ${color.leaf}; outline: 1.5px solid ${color.ink}; top: 24px; }
  .thumb[data-focus-visible] { outline: 3px solid ${color.focus}; outline-offset: 3px; }
`;

interface SpeedSliderProps {
  report: StrokeReport;
  value: number;
  isSlid: boolean;
  onChange: (metres: number | null) => void;
}

/** Slides the green speed: what would these backstrokes do on another green? */
function SpeedSlider({ report, value, isSlid, onChange }: SpeedSliderProps) {
  const feet = Math.round((value / METRES_PER_FOOT) * 10) / 10;
  return (
    <Stack $gap="s">
      <Track
        value={feet}
        onChange={(to) => onChange((to as number) * METRES_PER_FOOT)}
        minValue={4}
        maxValue={15}
        step={0.1}
      >
        <Label>Green speed</Label>
        <SliderOutput>{`${feet.toFixed(1)} ft`}</SliderOutput>
        <SliderTrack className="rail">
          <SliderThumb className="thumb" />
        </SliderTrack>
      </Track>
      <Row>
        <Quiet>
          {isSlid
            ? `What if the green ran ${feet.toFixed(1)} ft? ${readingWords(report)}.`
            : `${readingWords(report)}. Slide it to see other greens.`}
        </Quiet>
        {isSlid && <Button onPress={() => onChange(null)}>Back to the reading</Button>}
      </Row>
    </Stack>
  );
}

/** The reading, called today's only when it is. */
function readingWords({ speed_m, is_of_the_day, days_old }: StrokeReport): string {
  const feet = ((speed_m ?? 0) / METRES_PER_FOOT).toFixed(1);
  return is_of_the_day
    ? `Today's reading is ${feet} ft`
    : `Last known: ${feet} ft, ${days_old === 1 ? 'a day' : `${days_old} days`} ago`;
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
