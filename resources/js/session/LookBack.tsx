import { useDeferredValue, useState } from 'react';
import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { useChangeSession, useStrokeReport } from '../app/queries';
import type { Session, StrokeReport } from '../app/types';
import { type Units, useUnits } from '../app/useUnits';
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
} from '../design';
import { METRES_PER_FOOT } from '../units/length';
import { EvidenceChart } from './EvidenceChart';
import type { WaypointProps } from './SessionScreen';
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
  const report = useStrokeReport(session.id, useDeferredValue(slid));
  const change = useChangeSession(session.id);
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
  return (
    <Page data-margin>
      <Stack $gap="l">
        <h1>{session.student.name}: backstroke and roll</h1>
        {report.isError && (
          <Notice kind="wrong">{report.error.message} The last figures stay on screen.</Notice>
        )}
        <Summary report={report.data} />
        {report.data.today_speed_m !== null && (
          <SpeedSlider
            today={report.data.today_speed_m}
            value={slid ?? report.data.today_speed_m}
            isSlid={slid !== null}
            onChange={setSlid}
          />
        )}
        <Answers session={session} report={report.data} units={units} />
        {report.data.balls.length > 0 && (
          <Part>
            <h2>
              How far does each backstroke roll{slid === null ? " on today's green" : ' on such a green'}?
            </h2>
            <EvidenceChart report={report.data} units={units} />
            <LeftOut report={report.data} />
          </Part>
        )}
        <Row>
          <ButtonLink look="main" to={`/sessions/${session.id}/carry-on`}>
            Carry on
          </ButtonLink>
        </Row>
      </Stack>
      <Margin
        notes={report.data.notes}
        onSetAside={(key) => change.mutate({ set_aside: [...session.set_aside, key] })}
      />
    </Page>
  );
}

function Summary({ report }: { report: StrokeReport }) {
  return (
    <Stack $gap="s">
      <Said>
        <strong>{STATE_WORDS[report.state]}</strong> {report.n} {report.n === 1 ? 'ball' : 'balls'} fitted,{' '}
        {report.n_today} of them today.
      </Said>
      {report.roll_ratio !== null && report.sigma !== null && (
        <Quiet>
          Doubling the backstroke sends the ball {report.roll_ratio.toFixed(1)} times as far. Single balls
          spread by about {Math.round(report.sigma * 100)} %.
        </Quiet>
      )}
    </Stack>
  );
}

function Answers({ session, report, units }: { session: Session; report: StrokeReport; units: Units }) {
  const school = session.student?.school ?? 'rule';
  const [view, setView] = useState<'rule' | 'foot'>(school === 'foot' ? 'foot' : 'rule');
  if (report.state === 'none' || report.rows.length === 0) {
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
        <TwoRulers report={report} units={units} />
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
        <StrokeTable report={report} units={units} view={view} />
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
  today: number;
  value: number;
  isSlid: boolean;
  onChange: (metres: number | null) => void;
}

/** Slides the green speed: what would these backstrokes do on another green? */
function SpeedSlider({ today, value, isSlid, onChange }: SpeedSliderProps) {
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
            ? `What if the green ran ${feet.toFixed(1)} ft? Today's reading is ${(today / METRES_PER_FOOT).toFixed(1)} ft.`
            : "Today's reading. Slide it to see other greens."}
        </Quiet>
        {isSlid && <Button onPress={() => onChange(null)}>Back to today's</Button>}
      </Row>
    </Stack>
  );
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
