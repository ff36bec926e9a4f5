import { scaleLinear } from 'd3-scale';
import { ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useComparison, useCurrentGoals } from '../../api/queries';
import type { ComparedRow, Trend, TrendChart } from '../../api/types';
import { color, Head, Name, narrow, OneOf, QuietText, SentenceText, Stack, space } from '../../design';
import { figureWords, intervalWords } from '../../features/drill-results/figures';
import { inWords } from '../../lane/drillWords';
import { daysAfter, isoDay } from '../../units/dates';
import type { Units } from '../../units/useUnits';

/** The four questions a coach asks of a student; each is answered by the first of its measures that has figures. */
const QUESTIONS = [
  { title: 'Distance control', measures: ['pace_spread', 'pace_average'], tab: 'pace' },
  { title: 'Start line', measures: ['start_average', 'start_spread', 'start_through', 'gate_width'], tab: 'start' },
  { title: 'Green reading', measures: ['low_side', 'read_error'], tab: 'reads' },
  { title: 'Backstroke', measures: ['stroke_evenness'], tab: 'stroke' },
] as const;

/** What a measure's figure is, in a few words beside it. */
const CAPTIONS: Readonly<Record<string, string>> = {
  pace_spread: 'off, two putts in three',
  pace_average: 'on average',
  start_average: 'on average',
  start_spread: 'off, two putts in three',
  start_through: 'started on line',
  gate_width: 'narrowest gate',
  low_side: 'of misses on the low side',
  read_error: 'of the break called',
  stroke_evenness: 'scatter of one backstroke',
};

const Questions = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { border-bottom: 1px solid ${color.rule}; }
  a {
    display: grid; grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) minmax(0, 1.5fr) minmax(0, 1.3fr) 20px; gap: ${space.m}; align-items: center;
    min-height: 84px; padding: 8px 0; color: ${color.ink}; text-decoration: none;
  }
  h3 { font-size: 1.2rem; }
  strong { display: block; font-size: 1.5rem; line-height: 1.15; }
  small { display: block; color: ${color.pencil}; font-size: 0.95rem; }
  [data-verdict] { font-weight: 700; }
  svg[role='img'] { display: block; width: 100%; height: 60px; }
  ${narrow} {
    a { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 20px; gap: 2px ${space.m}; padding: 12px 0; }
    a > :nth-child(3) { grid-column: 1; grid-row: 2; } a > :nth-child(4) { grid-column: 2; grid-row: 2; }
    a > :nth-child(5) { grid-column: 3; grid-row: 1 / span 2; align-self: center; }
  }
`;

/** The last day of an earlier period, and what the choice is called. */
interface Preset {
  value: string;
  label: string;
}

interface OverviewProps {
  student: string;
  course: Trend;
  units: Units;
}

/** Four questions, each with its figure, its course and a verdict against an earlier period. */
export function Overview({ student, course, units }: OverviewProps) {
  const presets = presetsOf(course);
  const [chosen, choose] = useState<string | null>(null);
  const until = presets.find(({ value }) => value === chosen)?.value ?? presets[0]?.value ?? null;
  // The earlier period stands first, so that a verdict says how the later one differs from it.
  const compared = useComparison(student, {
    with: [],
    surface: course.surface ?? undefined,
    ...(until === null ? {} : { to: until, then_from: daysAfter(until, 1) }),
  });
  const rows = until === null ? [] : (compared.data?.rows ?? []);
  return (
    <Stack>
      <WorkingOn student={student} />
      <Head>
        <h2>Is it better?</h2>
        {presets.length > 0 && (
          <OneOf label="Compare with" isLabelHidden isRow options={presets} value={until} onChange={choose} />
        )}
      </Head>
      {course.lines.length === 0 ? (
        <SentenceText>
          The answers appear after the first session at targets, through a gate or with calls.
        </SentenceText>
      ) : (
        <Questions>
          {QUESTIONS.map(({ title, measures, tab }) => (
            <Question
              key={title}
              title={title}
              measures={measures}
              tab={tab}
              rows={rows}
              course={course}
              units={units}
            />
          ))}
        </Questions>
      )}
      {until !== null && <QuietText>Compared with all sessions up to {dateWords(until)}.</QuietText>}
    </Stack>
  );
}

function WorkingOn({ student }: { student: string }) {
  const focuses = useCurrentGoals(student).data?.focuses ?? [];
  return focuses.length === 0 ? null : (
    <p>
      <b>Working on</b> <Name>{focuses.map(({ text }) => text).join(' · ')}</Name>
    </p>
  );
}

interface QuestionProps {
  title: string;
  measures: readonly string[];
  tab: string;
  rows: readonly ComparedRow[];
  course: Trend;
  units: Units;
}

function Question({ title, measures, tab, rows, course, units }: QuestionProps) {
  const line = firstOf(measures, course.lines);
  const row = line === undefined ? undefined : rows.find(({ key }) => key === line.key);
  const [before, now] = row?.findings ?? [];
  const last = line?.points.at(-1);
  const figure = now?.value == null ? (last ?? null) : { value: now.value, interval: now.interval, n: now.n };
  const verdict = row?.verdicts[1] ?? null;
  return (
    <li>
      <Link to={`?part=balls&tab=${tab}`}>
        <h3>{title}</h3>
        {line === undefined || figure === null ? (
          <small>Not enough balls yet</small>
        ) : (
          <span>
            <strong>{figureWords({ unit: line.unit, value: figure.value }, units)}</strong>
            <small>
              {CAPTIONS[line.key] ?? line.question} · {figure.n} balls
            </small>
          </span>
        )}
        {line === undefined ? <span /> : <Sparkline line={line} course={course} units={units} />}
        <span>
          {verdict !== null && <span data-verdict>{verdict.charAt(0).toUpperCase() + verdict.slice(1)}</span>}
          {before?.value != null && line !== undefined && (
            <small>was {figureWords({ unit: line.unit, value: before.value }, units)}</small>
          )}
        </span>
        <ChevronRight size={20} aria-hidden="true" />
      </Link>
    </li>
  );
}

function firstOf(measures: readonly string[], lines: readonly TrendChart[]): TrendChart | undefined {
  return measures.map((key) => lines.find((line) => line.key === key)).find((line) => line !== undefined);
}

const [WIDTH, HEIGHT, EDGE] = [250, 60, 8];

/** A point a session with its range; a dashed line where the putter changed. */
function Sparkline({ line, course, units }: { line: TrendChart; course: Trend; units: Units }) {
  const { points, unit } = line;
  const ends = points.flatMap(({ value, interval }) => [value, ...(interval ?? [])]);
  const times = points.map(({ at_ms }) => at_ms);
  const x = scaleLinear()
    .domain([Math.min(...times), Math.max(...times) + (times.length === 1 ? 1 : 0)])
    .range([EDGE, WIDTH - EDGE]);
  const y = scaleLinear()
    .domain([Math.min(...ends), Math.max(...ends) + 1e-9])
    .range([HEIGHT - EDGE, EDGE]);
  const words = points
    .map(({ value, interval }) => `${figureWords({ unit, value }, units)}${intervalWords({ unit, interval }, units)}`)
    .join('; ');
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`By session: ${inWords(words, units)}`}>
      {course.change_markers
        .filter(({ kind, at_ms }) => kind === 'putter' && at_ms > Math.min(...times) && at_ms <= Math.max(...times))
        .map(({ at_ms }) => (
          <line
            key={at_ms}
            x1={x(at_ms) - 6}
            x2={x(at_ms) - 6}
            y1={2}
            y2={HEIGHT - 2}
            stroke={color.pencil}
            strokeDasharray="3 3"
          />
        ))}
      {points.map(({ session_id, at_ms, value, interval }) => (
        <g key={session_id}>
          {interval !== null && (
            <line
              x1={x(at_ms)}
              x2={x(at_ms)}
              y1={y(interval[0])}
              y2={y(interval[1])}
              stroke={color.edge}
              strokeWidth={4}
              opacity={0.55}
            />
          )}
          <circle cx={x(at_ms)} cy={y(value)} r={4} fill={color.ink} />
        </g>
      ))}
    </svg>
  );
}

/** Periods with a session on either side, the nearest first. */
function presetsOf({ lines, change_markers }: Trend): Preset[] {
  const times = lines.flatMap(({ points }) => points.map(({ at_ms }) => at_ms));
  if (times.length === 0) {
    return [];
  }
  const now = new Date();
  const springs = [now.getFullYear(), now.getFullYear() - 1]
    .map((year) => new Date(year, 4, 31, 12))
    .filter((end) => end < now);
  const putter = change_markers.filter(({ kind }) => kind === 'putter').at(-1);
  const today = isoDay(now);
  const dayBefore = (at: number) => daysAfter(isoDay(new Date(at)), -1);
  const presets = [
    { value: dayBefore(Math.max(...times)), label: 'Last session' },
    { value: daysAfter(today, -30), label: 'Last month' },
    ...springs.slice(0, 1).map((end) => ({ value: isoDay(end), label: 'Spring' })),
    ...(putter === undefined ? [] : [{ value: dayBefore(putter.at_ms), label: 'Before the putter' }]),
  ];
  const isOnBothSides = ({ value }: Preset) =>
    times.some((at) => isoDay(new Date(at)) <= value) && times.some((at) => isoDay(new Date(at)) > value);
  return presets.filter(
    (preset, index) => isOnBothSides(preset) && presets.findIndex(({ value }) => value === preset.value) === index,
  );
}

function dateWords(day: string): string {
  return new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}
