import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import styled from 'styled-components';
import type { BackstrokeTable, CurvePoint, ReportBall, SessionReport } from '../../api/types';
import { color, type } from '../../design';
import { rulerTicks } from '../../lane/geometry';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../../units/length';
import type { Units } from '../../units/useUnits';

/** Wide beside the table, nearly square in the hand. */
const SIZES = { wide: [620, 258], upright: [420, 380] } as const;
const [LEFT, TOP] = [44, 34];

const Drawing = styled.svg`
  display: block; width: 100%;
  text { font: 400 15px ${type.sans}; fill: ${color.ink}; font-variant-numeric: tabular-nums; }
`;

type Drawn = ReportBall & { backstroke_m: number; level_roll_m: number };

interface EvidenceChartProps {
  report: SessionReport;
  /** The line told for the speed that is shown. */
  table: BackstrokeTable;
  units: Units;
  isUpright: boolean;
}

/** Every ball, the curve and its 80 % band; what was left out is hollow, what is odd is ringed. */
export function EvidenceChart({ report, table, units, isUpright }: EvidenceChartProps) {
  const [width, height] = SIZES[isUpright ? 'upright' : 'wide'];
  const [right, bottom] = [width - 12, height - 46];
  // Drawn for the speed the table is told for: a ball's level roll goes with it.
  const scale = report.speed_m === null ? 1 : table.speed_m / report.speed_m;
  const balls = report.balls
    .filter((ball): ball is Drawn => ball.backstroke_m !== null && ball.level_roll_m !== null)
    .map((ball) => ({ ...ball, level_roll_m: scale * ball.level_roll_m }));
  const inMetres = units.choice.unit === 'metres';
  const longestBack = Math.max(...balls.map((ball) => ball.backstroke_m), 0.2) * 1.08;
  const longestRoll = Math.max(...balls.map((ball) => ball.level_roll_m), 1) * 1.12;
  const x = scaleLinear().domain([0, longestBack]).range([LEFT, right]);
  const y = scaleLinear().domain([0, longestRoll]).range([bottom, TOP]);
  const shown = table.curve.filter((point) => point.backstroke_m <= longestBack && point.roll_m <= longestRoll);
  const draw = line<CurvePoint>()
    .x((point) => x(point.backstroke_m))
    .y((point) => y(point.roll_m))
    .curve(curveMonotoneX)
    .digits(1);
  const seen = draw(shown.filter((point) => !point.extrapolated)) ?? undefined;
  const band =
    area<CurvePoint>()
      .x((point) => x(point.backstroke_m))
      .y0((point) => y(point.low_m))
      .y1((point) => y(Math.min(point.high_m, longestRoll)))
      .curve(curveMonotoneX)
      .digits(1)(shown) ?? undefined;
  const ticksX = rulerTicks(longestBack, inMetres ? 0.05 : 2 * METRES_PER_INCH);
  const ticksY = rulerTicks(longestRoll, inMetres ? 1 : 3 * METRES_PER_FOOT);
  return (
    <Drawing viewBox={`0 0 ${width} ${height}`} role="img" aria-label={chartWords(report, balls.length)}>
      {ticksY.map((tick) => (
        <g key={tick}>
          <line x1={LEFT} x2={right} y1={y(tick)} y2={y(tick)} stroke={color.rule} />
          <text x={LEFT - 8} y={y(tick) + 5} textAnchor="end">
            {units.text(tick, 'roll')}
          </text>
        </g>
      ))}
      {ticksX.map((tick) => (
        <g key={tick}>
          <line x1={x(tick)} x2={x(tick)} y1={bottom} y2={bottom + 6} stroke={color.ink} />
          <text x={x(tick)} y={bottom + 22} textAnchor="middle">
            {units.text(tick, 'backstroke')}
          </text>
        </g>
      ))}
      <path d={band} fill={color.turf} />
      <path d={draw(shown) ?? undefined} fill="none" stroke={color.turfInk} strokeWidth={2} strokeDasharray="5 6" />
      <path d={seen} fill="none" stroke={color.turfInk} strokeWidth={2.6} />
      {balls.map((ball) => (
        <BallDot key={ball.id} ball={ball} cx={x(ball.backstroke_m)} cy={y(ball.level_roll_m)} />
      ))}
      <line x1={LEFT} x2={right} y1={bottom} y2={bottom} stroke={color.ink} />
      <text x={right} y={height - 6} textAnchor="end">
        backstroke, {units.suffix('backstroke')}
      </text>
      <text x={4} y={16}>
        roll on the level, {units.suffix('roll')}
      </text>
    </Drawing>
  );
}

function BallDot({ ball, cx, cy }: { ball: Drawn; cx: number; cy: number }) {
  const isUsed = ball.use === 'used';
  return (
    <g>
      {ball.is_odd && <circle cx={cx} cy={cy} r={10} fill="none" stroke={color.warn} strokeWidth={2} />}
      <circle
        cx={cx}
        cy={cy}
        r={ball.is_today ? 5 : 4}
        fill={isUsed ? (ball.is_today ? color.ink : color.edge) : 'none'}
        stroke={isUsed ? color.leaf : color.edge}
        strokeWidth={isUsed ? 1 : 1.8}
      />
    </g>
  );
}

function chartWords(report: SessionReport, drawn: number): string {
  const out = report.left_out.reduce((sum, { count }) => sum + count, 0);
  return `Backstroke against roll: ${drawn} balls drawn, ${report.n} fitted, ${out} left out. The table above gives the same line in figures.`;
}
