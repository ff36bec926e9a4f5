import styled from 'styled-components';
import type { Finding, FindingRow } from '../../api/types';
import { color, narrow, TableFrame } from '../../design';
import { inWords, smallKind } from '../../lane/drillWords';
import type { Units } from '../../units/useUnits';

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
      return percent === 0 ? 'on target' : `${percent} % ${value > 0 ? 'long' : 'short'}`;
    case 'metres':
      return units.show(value, 'roll');
    case 'small':
      return `${value < -0.0005 ? '−' : ''}${units.show(Math.abs(value), smallKind(value))}`;
    case 'width':
      return units.show(value, 'width');
    case 'angle':
      return Math.abs(value) < 0.05 ? 'on line' : `${Math.abs(value).toFixed(1)}° ${value > 0 ? 'right' : 'left'}`;
    case 'degrees':
      return `${value.toFixed(1)}°`.replace('-', '−');
    case 'number':
      return value.toFixed(Number.isInteger(value) ? 0 : 1).replace('-', '−');
  }
}

export function intervalWords({ unit, interval }: Pick<FindingRow, 'unit' | 'interval'>, units: Units): string {
  return interval === null
    ? ''
    : ` (likely ${figureWords({ unit, value: interval[0] }, units)} to ${figureWords({ unit, value: interval[1] }, units)})`;
}

/** How a figure's scale is drawn: from zero both ways or up, and how far at least. */
const SCALES: Partial<Record<FindingRow['unit'], { isSigned: boolean; zero: string; least: number }>> = {
  share: { isSigned: false, zero: '0 %', least: 1 },
  spread: { isSigned: false, zero: '0 %', least: 0.2 },
  of_length: { isSigned: true, zero: 'on target', least: 0.1 },
  difference: { isSigned: true, zero: 'no difference', least: 0.1 },
};

const WIDTH = 420;
const EDGE = 28;

/** The figure on its scale with its interval drawn; nothing for one that has none. */
export function FigureBar({ finding: { unit, value, interval, n }, units }: { finding: Finding; units: Units }) {
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

const Rows = styled(TableFrame)`
  svg { display: block; width: 130px; height: 18px; overflow: visible; }
  ${narrow} { svg { width: 84px; } }
`;

/** The parts of a figure one below the other, each drawn on the scale they share and written beside it. */
export function FigureRows({ rows, units }: { rows: readonly FindingRow[]; units: Units }) {
  const drawn = rows.some(({ interval }) => interval !== null);
  return (
    <Rows>
      <table>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name}>
              <th scope="row" style={{ whiteSpace: 'normal' }}>
                {inWords(row.name, units)}
              </th>
              {drawn && (
                <td aria-hidden="true">
                  <RowBar row={row} rows={rows.filter(({ unit }) => unit === row.unit)} />
                </td>
              )}
              <td>
                {row.value === null ? 'not known yet' : figureWords(row, units)}
                {intervalWords(row, units)}
              </td>
              <td>from {row.n}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Rows>
  );
}

const BAR = 130;

/** One figure with its interval, on the scale of its sisters; where zero lies on it, it is marked. */
function RowBar({ row: { value, interval, unit }, rows }: { row: FindingRow; rows: readonly FindingRow[] }) {
  if (value === null) {
    return null;
  }
  const ends = rows.flatMap((row) => [row.value ?? 0, ...(row.interval ?? [])]);
  const [low, high] = unit === 'share' ? [0, 1] : [Math.min(0, ...ends), Math.max(0, ...ends)];
  const x = (at: number) => 6 + ((at - low) / Math.max(high - low, 1e-9)) * (BAR - 12);
  const [from, to] = interval ?? [value, value];
  return (
    <svg viewBox={`0 0 ${BAR} 18`} aria-hidden="true">
      <line x1="6" x2={BAR - 6} y1="9" y2="9" stroke={color.rule} strokeWidth="1.5" />
      <line x1={x(0)} x2={x(0)} y1="2" y2="16" stroke={color.pencil} />
      <rect x={x(from)} y="6" width={Math.max(1, x(to) - x(from))} height="6" rx="3" fill={color.edge} opacity="0.5" />
      <circle cx={x(value)} cy="9" r="4.5" fill={color.ink} />
    </svg>
  );
}
