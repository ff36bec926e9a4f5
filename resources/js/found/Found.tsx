import { Link } from 'react-router';
import styled from 'styled-components';
import { color, Fold, Part, Quiet, Said, TableFrame, type } from '../design';
import { inWords } from '../lane/drillWords';
import type { Finding, FindingRow, FoundRun } from '../server/types';
import { day } from '../units/dates';
import type { Units } from '../units/useUnits';

const One = styled.article`
  display: grid; gap: 6px; padding: 10px 0 14px; border-bottom: 1px solid ${color.rule};
  &:last-child { border-bottom: 0; }
  h3 { font: 600 1.05rem ${type.serif}; margin: 0; }
  svg { display: block; width: 100%; max-width: 420px; height: 34px; }
`;

/** Beside one another where there is room. */
const Ones = styled.div`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 360px), 1fr)); gap: 0 28px; align-items: start;
  & > article { border-bottom: 0; }
`;

interface FoundProps {
  findings: readonly Finding[];
  /** Scores are kept out of sight of a student who is treated gently. */
  isGentle: boolean;
  units: Units;
}

/** What a drill found: each figure with how sure it is, in a sentence; first tries and the last time beside it. */
export function Found({ findings, isGentle, units }: FoundProps) {
  const shown = findings.filter(({ is_score }) => !(isGentle && is_score));
  return shown.length === 0 ? (
    <Quiet>Nothing to tell yet.</Quiet>
  ) : (
    <Ones>
      {shown.map((finding) => (
        <FoundOne key={finding.kind} finding={finding} units={units} />
      ))}
    </Ones>
  );
}

function FoundOne({ finding, units }: { finding: Finding; units: Units }) {
  const { question, sentence, first, since, rows } = finding;
  return (
    <One>
      <h3>{question}</h3>
      <Said>{inWords(sentence, units)}</Said>
      <FigureBar finding={finding} units={units} />
      {first !== null && first.value !== null && (
        <Quiet>
          First tries alone: {figureWords(first, units)}
          {intervalWords(first, units)}, from {first.n}.
        </Quiet>
      )}
      {since !== null && (
        <Quiet>
          {inWords(since.sentence, units)} ({day(new Date(since.at_ms).toISOString())})
        </Quiet>
      )}
      {rows.length > 0 && (
        <Fold label="In parts">
          <TableFrame>
            <table>
              <tbody>
                {rows.map((row) => (
                  <tr key={row.name}>
                    <th scope="row" style={{ whiteSpace: 'normal' }}>
                      {inWords(row.name, units)}
                    </th>
                    <td>
                      {row.value === null ? 'not known yet' : figureWords(row, units)}
                      {intervalWords(row, units)}
                    </td>
                    <td>from {row.n}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        </Fold>
      )}
    </One>
  );
}

type Figure = Pick<FindingRow, 'unit' | 'value'>;

/** A figure in the coach's unit: "62 %", "4 % long", "1 ft 2 in". */
export function figureWords({ unit, value }: Figure, units: Units): string {
  if (value === null) {
    return '';
  }
  const percent = Math.round(Math.abs(value) * 100);
  switch (unit) {
    case 'share':
    case 'spread':
      return `${Math.round(value * 100)} %`;
    case 'difference':
      return `${value > 0 ? '+' : value < 0 ? '−' : ''}${percent} %`;
    case 'of_length':
      return percent === 0 ? 'as meant' : `${percent} % ${value > 0 ? 'long' : 'short'}`;
    case 'metres':
      return units.show(value, 'roll');
    case 'degrees':
      return `${value.toFixed(1)}°`.replace('-', '−');
    case 'number':
      return value.toFixed(Number.isInteger(value) ? 0 : 1).replace('-', '−');
  }
}

function intervalWords({ unit, interval }: Pick<FindingRow, 'unit' | 'interval'>, units: Units): string {
  return interval === null
    ? ''
    : ` (likely ${figureWords({ unit, value: interval[0] }, units)} to ${figureWords({ unit, value: interval[1] }, units)})`;
}

/** How a figure's scale is drawn: from zero both ways or up, and how far at least. */
const SCALES: Partial<Record<FindingRow['unit'], { isSigned: boolean; zero: string; least: number }>> = {
  share: { isSigned: false, zero: '0 %', least: 1 },
  spread: { isSigned: false, zero: '0 %', least: 0.2 },
  of_length: { isSigned: true, zero: 'as meant', least: 0.1 },
  difference: { isSigned: true, zero: 'no difference', least: 0.1 },
};

const WIDTH = 420;
const EDGE = 28;

/** The figure on its scale with its interval drawn; nothing for one that has none. */
function FigureBar({ finding: { unit, value, interval, n }, units }: { finding: Finding; units: Units }) {
  const scale = SCALES[unit];
  if (value === null || interval === null || scale === undefined) {
    return null;
  }
  const { isSigned, zero, least } = scale;
  const reach = Math.max(least, ...interval.map((end) => Math.abs(end) * (least === 1 ? 1 : 1.15)));
  const x = (share: number) =>
    EDGE + ((share - (isSigned ? -reach : 0)) / (isSigned ? 2 * reach : reach)) * (WIDTH - 2 * EDGE);
  const words = `${figureWords({ unit, value }, units)}${intervalWords({ unit, interval }, units)}, from ${n} balls`;
  return (
    <svg viewBox={`0 0 ${WIDTH} 34`} role="img" aria-label={words}>
      <line x1={EDGE} x2={WIDTH - EDGE} y1="12" y2="12" stroke={color.rule} strokeWidth="1.5" />
      {isSigned && <line x1={x(0)} x2={x(0)} y1="4" y2="20" stroke={color.pencil} strokeWidth="1" />}
      <rect
        x={x(interval[0])}
        y="8"
        width={Math.max(2, x(interval[1]) - x(interval[0]))}
        height="8"
        rx="4"
        fill={color.edge}
        opacity="0.45"
      />
      <circle cx={x(value)} cy="12" r="5.5" fill={color.ink} />
      <text x={isSigned ? x(0) : EDGE} y="32" fontSize="12" textAnchor="middle" fill={color.pencil}>
        {zero}
      </text>
      {!isSigned && (
        <text x={WIDTH - EDGE} y="32" fontSize="12" textAnchor="middle" fill={color.pencil}>
          {Math.round(reach * 100)} %
        </text>
      )}
    </svg>
  );
}

interface FoundRunsProps {
  runs: readonly FoundRun[];
  isGentle: boolean;
  /** By student id; null where all are of one student. */
  names: ReadonlyMap<string, string> | null;
  /** Whether a run is told with its day, where they are of many. */
  isDated: boolean;
  units: Units;
}

/** Runs with the one figure of each, to be opened again. */
export function FoundRuns({ runs, isGentle, names, isDated, units }: FoundRunsProps) {
  return (
    <Part>
      <h2>What the drills found</h2>
      {runs.map((run) => {
        const own = run.findings.find(({ is_score }) => !(isGentle && is_score));
        const who = names === null || run.student_id === null ? null : names.get(run.student_id);
        return (
          <One key={`${run.run_id} ${run.student_id}`}>
            <h3>
              <Link to={`/sessions/${run.session_id}/drill/${run.run_id}`}>{run.name}</Link>
            </h3>
            {own !== undefined && <Said>{inWords(own.sentence, units)}</Said>}
            <Quiet>
              {[
                who,
                isDated ? day(new Date(run.at_ms).toISOString()) : null,
                `${run.balls} ${run.balls === 1 ? 'ball' : 'balls'}`,
                run.phase === 'capped' ? 'stopped at the cap' : run.phase === 'done' ? null : 'not finished',
                own?.since == null ? null : inWords(own.since.sentence, units).replace(/[.]$/, ''),
              ]
                .filter((part) => part != null)
                .join(' · ')}
            </Quiet>
          </One>
        );
      })}
    </Part>
  );
}
