import { useDeferredValue, useState } from 'react';
import { Label, Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { useAskedLength, useWhatIf } from '../../api/queries';
import type { BackstrokeRow, SessionReport, BackstrokeTable as StrokeTableData } from '../../api/types';
import { Button, color, Notice, QuietText, Row, SentenceText, Stack, space, type } from '../../design';
import { METRES_PER_FOOT } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { readingWords, type When } from './relativeDay';

const Track = styled(Slider)`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 0 ${space.m}; min-width: 0;
  label { font-weight: 700; }
  output { font-weight: 700; font-size: 1.1rem; }
  .rail { grid-column: 1 / -1; height: 48px; position: relative; margin: 0 17px; }
  .rail::before { content: ''; position: absolute; left: -17px; right: -17px; top: 22px; height: 4px; background: ${color.edge}; border-radius: 2px; forced-color-adjust: none; }
  .thumb { width: 34px; height: 34px; border-radius: 50%; background: ${color.copper}; border: 3px solid ${color.leaf}; outline: 1.5px solid ${color.ink}; top: 24px; forced-color-adjust: none; }
  .thumb[data-focus-visible] { outline: 3px solid ${color.focus}; outline-offset: 3px; }
`;

const Big = styled.p`
  font: 700 2.5rem/1.1 ${type.sans}; letter-spacing: -0.01em; overflow-wrap: anywhere;
  small { font: 400 1.02rem/1.4 ${type.sans}; letter-spacing: 0; color: ${color.pencil}; display: block; }
`;

/** What the coach asks of the line: another green, one length. */
export function useAnswers(
  sessionId: string,
  studentId: string | null,
  report: SessionReport | undefined,
  units: Units,
) {
  const [slid, setSlid] = useState<number | null>(null);
  const [dragged, setDragged] = useState<number | null>(null);
  const speed = useDeferredValue(slid);
  const whatIf = useWhatIf(sessionId, studentId, speed);
  const table = slid === null ? (report?.table ?? null) : (whatIf.data ?? report?.table ?? null);
  const step = lengthStep(units);
  const length = dragged ?? firstLength(table);
  const asked = useAskedLength(sessionId, studentId, useDeferredValue(length), speed);
  const row = asked.data?.rows.find(
    ({ length_m, grade_percent }) => length !== null && grade_percent === 0 && Math.abs(length_m - length) < step / 2,
  );
  return {
    slid,
    setSlid,
    table,
    step,
    length,
    drag: setDragged,
    row: row ?? null,
    error: whatIf.error ?? asked.error,
  };
}

export type Answers = ReturnType<typeof useAnswers>;

/** How finely a length is dragged, metres: a foot, half a metre, or a pace's half. */
function lengthStep({ choice }: Units): number {
  return choice.unit === 'metres' ? 0.5 : METRES_PER_FOOT;
}

/** The first length told: a station, where there is one. */
function firstLength(table: StrokeTableData | null): number | null {
  const level = table?.rows.filter(({ grade_percent }) => grade_percent === 0) ?? [];
  return level.find(({ is_station }) => is_station)?.length_m ?? level[Math.floor(level.length / 2)]?.length_m ?? null;
}

interface AnswerProps {
  answers: Answers;
  units: Units;
}

/** The answer first: for this length, take it back so far. */
export function LengthAnswer({ answers: { length, row }, units }: AnswerProps) {
  return length === null ? null : (
    <Big role="status" data-answer>
      {units.show(length, 'station')}: {row === null ? '…' : backWords(row, units)}
      <small>{row === null ? '' : rangeWords(row, units)}</small>
    </Big>
  );
}

/** Drags the length that is answered, as far as anything can be told. */
export function LengthSlider({ answers: { length, table, step, drag }, units }: AnswerProps) {
  if (length === null || table === null || table.reach_m === null) {
    return null;
  }
  const furthest = Math.max(2 * step, Math.floor(table.reach_m / step) * step);
  return (
    <Track
      value={Math.round(length / step)}
      onChange={(to) => drag((to as number) * step)}
      minValue={1}
      maxValue={Math.round(furthest / step)}
      step={1}
    >
      <Label>Length of the putt</Label>
      <SliderOutput>{units.show(length, 'station')}</SliderOutput>
      <SliderTrack className="rail">
        <SliderThumb className="thumb" />
      </SliderTrack>
    </Track>
  );
}

function backWords(row: BackstrokeRow, units: Units): string {
  if (row.backstroke_m === null) {
    return row.never_stops ? 'no ball stops' : 'not known';
  }
  return units.show(row.backstroke_m, 'backstroke');
}

function rangeWords({ low_m, high_m, extrapolated }: BackstrokeRow, units: Units): string {
  return low_m === null || high_m === null
    ? ''
    : `80 % finish between ${units.show(low_m, 'roll')} and ${units.show(high_m, 'roll')}${extrapolated === true ? '; estimated, beyond the balls so far' : ''}.`;
}

interface SpeedSliderProps extends AnswerProps {
  report: SessionReport;
  when: When;
}

/** Slides the green speed: what would these backstrokes do on another green? */
export function SpeedSlider({ answers, report, units, when }: SpeedSliderProps) {
  if (report.speed_m === null) {
    return null;
  }
  const metres = answers.slid ?? report.speed_m;
  const tenths = Math.round((metres / METRES_PER_FOOT) * 10);
  return (
    <Stack $gap="xs">
      <Track
        value={tenths}
        onChange={(to) => answers.setSlid(((to as number) / 10) * METRES_PER_FOOT)}
        minValue={40}
        maxValue={150}
        step={1}
      >
        <Label>Green speed</Label>
        <SliderOutput>{units.speed(metres)}</SliderOutput>
        <SliderTrack className="rail">
          <SliderThumb className="thumb" />
        </SliderTrack>
      </Track>
      <Row>
        <QuietText>
          {answers.slid === null
            ? `${readingWords(report, units, when)}.`
            : `For a green speed of ${units.speed(metres)}. ${readingWords(report, units, when)}.`}
        </QuietText>
        {answers.slid !== null && <Button onPress={() => answers.setSlid(null)}>Back to the measured speed</Button>}
      </Row>
      {answers.error !== null && <Notice kind="wrong">{answers.error.message}</Notice>}
    </Stack>
  );
}

/** Why nothing can be told yet. */
export function NothingToShow({ report }: { report: SessionReport }) {
  return (
    <SentenceText>
      {report.speed_m === null
        ? 'The backstroke table needs the speed of this green.'
        : 'The table appears with the first ball that has a backstroke and a free roll.'}
    </SentenceText>
  );
}
