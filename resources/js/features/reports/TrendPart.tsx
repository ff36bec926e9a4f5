import { scaleLinear } from 'd3-scale';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { ChangeMarker, Trend, TrendChart } from '../../api/types';
import { color, Fold, Part, QuietText, SentenceText, space, TableFrame, type, Unseen } from '../../design';
import { inWords } from '../../lane/drillWords';
import { day } from '../../units/dates';
import type { Units } from '../../units/useUnits';
import { figureWords, intervalWords } from '../drill-results/figures';

const Lines = styled.div`
  display: grid; gap: ${space.m} ${space.l}; grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr)); align-items: start;
  section > svg { display: block; width: 100%; }
  section > svg text { font: 400 13px ${type.sans}; fill: ${color.pencil}; font-variant-numeric: tabular-nums; }
  section { display: grid; gap: 4px; }
`;

const Markers = styled.ol`
  margin: 0; padding-left: 1.4em; color: ${color.pencil};
`;

interface TrendPartProps {
  course: Trend;
  units: Units;
  csv: string;
}

/** Every measure over time on one time line: a point a session with its interval, and the breaks across the path. */
export function TrendPart({ course, units, csv }: TrendPartProps) {
  const { lines, change_markers } = course;
  const times = [...lines.flatMap(({ points }) => points.map(({ at_ms }) => at_ms))];
  const span: [number, number] = [Math.min(...times), Math.max(...times)];
  return (
    <Part>
      <h2>Over time</h2>
      {lines.length === 0 ? (
        <SentenceText>
          Each measure appears here after the first session at targets, through a gate or with calls.
        </SentenceText>
      ) : (
        <>
          <Lines>
            {lines.map((line) => (
              <Line key={line.key} line={line} span={span} change_markers={change_markers} units={units} />
            ))}
          </Lines>
          {change_markers.length > 0 && (
            <div>
              <QuietText>
                Change markers: sessions after a change are not simply compared with the sessions before it.
              </QuietText>
              <Markers>
                {change_markers.map((marker) => (
                  <li key={`${marker.session_id} ${marker.kind}`}>
                    {dated(marker.at_ms)}: {marker.words}
                  </li>
                ))}
              </Markers>
            </div>
          )}
          <QuietText>
            A trend needs {course.sessions_for_trend} sessions, compared by their 80 % ranges: about one comparison in
            five looks like a change by chance.{' '}
            <a href={csv} download>
              Export figures (CSV)
            </a>
          </QuietText>
        </>
      )}
    </Part>
  );
}

/** What a change marker is called at its line; the list below says all of it. */
const MARKER_WORDS: Readonly<Record<ChangeMarker['kind'], string>> = {
  lay_off: 'break',
  putter: 'putter',
  tempo: 'tempo',
  green: 'green',
  green_work: 'green work',
};

const [WIDTH, HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [440, 150, 84, 12, 14, 24];

interface LineProps {
  line: TrendChart;
  span: readonly [number, number];
  change_markers: readonly ChangeMarker[];
  units: Units;
}

function Line({ line, span, change_markers, units }: LineProps) {
  const { points, question, unit } = line;
  const sentence = inWords(line.sentence, units);
  return (
    <section>
      <h3>{question}</h3>
      <SentenceText>{sentence}</SentenceText>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`${question} ${sentence}`}>
        <Drawn line={line} span={span} change_markers={change_markers} units={units} />
      </svg>
      <Fold
        label={
          <>
            Figures by session<Unseen>: {question}</Unseen>
          </>
        }
      >
        <TableFrame>
          <table>
            <tbody>
              {points.map((point) => (
                <tr key={point.session_id}>
                  <th scope="row">
                    <Link to={`/sessions/${point.session_id}/review`}>{dated(point.at_ms)}</Link>
                  </th>
                  <td>
                    {figureWords({ unit, value: point.value }, units)}
                    {intervalWords({ unit, interval: point.interval }, units)}
                  </td>
                  <td>from {point.n}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
      </Fold>
    </section>
  );
}

function Drawn({ line: { points, unit }, span: [from, to], change_markers, units }: LineProps) {
  const x = scaleLinear()
    .domain(from === to ? [from - 1, to + 1] : [from, to])
    .range([LEFT + 10, WIDTH - RIGHT - 6]);
  const isShare = unit === 'share';
  const ends = points.flatMap(({ value, interval }) => [value, ...(interval ?? [])]);
  const isSigned = unit === 'of_length' || unit === 'angle';
  const y = scaleLinear()
    .domain(isShare ? [0, 1] : [Math.min(0, ...ends), Math.max(isSigned ? 0 : 1e-6, ...ends)])
    .nice(3)
    .range([HEIGHT - BOTTOM, TOP]);
  return (
    <>
      {y.ticks(3).map((tick) => (
        <g key={tick}>
          <line
            x1={LEFT}
            x2={WIDTH - RIGHT}
            y1={y(tick)}
            y2={y(tick)}
            stroke={tick === 0 && isSigned ? color.pencil : color.rule}
          />
          <text x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {figureWords({ unit, value: tick }, units)}
          </text>
        </g>
      ))}
      {change_markers.map((marker, index) => (
        <g key={`${marker.session_id} ${marker.kind}`}>
          <line
            x1={x(marker.at_ms) - 5}
            x2={x(marker.at_ms) - 5}
            y1={TOP}
            y2={HEIGHT - BOTTOM}
            stroke={color.pencil}
            strokeDasharray="4 4"
          />
          <text x={x(marker.at_ms) - 8} y={TOP + 2 + 13 * (index % 2)} textAnchor="end">
            {index + 1} {MARKER_WORDS[marker.kind]}
          </text>
        </g>
      ))}
      {points.map((point) => (
        <g key={point.session_id}>
          {point.interval !== null && (
            <line
              x1={x(point.at_ms)}
              x2={x(point.at_ms)}
              y1={y(point.interval[0])}
              y2={y(point.interval[1])}
              stroke={color.edge}
              strokeWidth={5}
              strokeLinecap="round"
              opacity={0.55}
            />
          )}
          <circle
            cx={x(point.at_ms)}
            cy={y(point.value)}
            r={point.interval === null ? 4 : 5}
            fill={point.interval === null ? color.leaf : color.ink}
            stroke={color.ink}
            strokeWidth={1.6}
          />
        </g>
      ))}
      <text x={LEFT} y={HEIGHT - 6}>
        {dated(from)}
      </text>
      {from !== to && (
        <text x={WIDTH - RIGHT} y={HEIGHT - 6} textAnchor="end">
          {dated(to)}
        </text>
      )}
    </>
  );
}

function dated(at: number): string {
  return day(new Date(at).toISOString());
}
