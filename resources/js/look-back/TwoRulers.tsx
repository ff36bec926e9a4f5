import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import { color, type } from '../design';
import { rulerTicks } from '../lane/geometry';
import type { StrokeRow, StrokeTable } from '../server/types';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../units/length';
import type { Units } from '../units/useUnits';

const WIDTH = 760;
const HEIGHT = 250;
const TOP = 62;
const BOTTOM = 186;
const [LEFT, RIGHT] = [24, WIDTH - 30];

const Frame = styled.div`overflow-x: auto;`;

const Drawing = styled.svg`
  display: block; width: 100%; min-width: 600px;
  text { font: 400 14px ${type.sans}; fill: ${color.ink}; font-variant-numeric: tabular-nums; }
  .thread { transition: d 160ms ease-out; }
`;

type Answered = StrokeRow & { backstroke_m: number; low_m: number; high_m: number };

/** Two rulers joined by threads: backstroke on one, roll on the other. A faster green slides the lower one. */
export function TwoRulers({ table, units }: { table: StrokeTable; units: Units }) {
  const rows = table.rows.filter(
    (row): row is Answered => row.backstroke_m !== null && row.low_m !== null && row.grade_percent === 0,
  );
  const inMetres = units.choice.unit === 'metres';
  const longestBack = Math.max(...rows.map((row) => row.backstroke_m), 0.3);
  const longestRoll = Math.max(...rows.map((row) => row.high_m), 3);
  const back = scaleLinear()
    .domain([0, longestBack * 1.04])
    .range([LEFT, RIGHT]);
  const roll = scaleLinear()
    .domain([0, longestRoll * 1.02])
    .range([LEFT, RIGHT]);
  const words = rows
    .map((row) => `${units.show(row.backstroke_m, 'backstroke')} for ${units.show(row.length_m, 'roll')}`)
    .join('; ');
  return (
    <Frame tabIndex={0} role="group" aria-label="Two rulers">
      <Drawing
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`Backstrokes and the rolls they give: ${words}.`}
      >
        <text x={LEFT} y={18} style={{ font: `600 16px ${type.serif}` }}>
          Backstroke
        </text>
        <Ruler
          y={TOP}
          ticks={rulerTicks(back.domain()[1] ?? 1, inMetres ? 0.05 : 2 * METRES_PER_INCH)}
          scale={back}
          label={(m) => units.text(m, 'backstroke')}
          above
          unit={units.suffix('backstroke')}
        />
        <rect x={LEFT} y={BOTTOM} width={RIGHT - LEFT} height={30} fill={color.turf} />
        {rows.map((row) => (
          <g key={row.length_m}>
            <rect
              x={roll(row.low_m)}
              y={BOTTOM + 2}
              width={Math.max(2, roll(row.high_m) - roll(row.low_m))}
              height={9}
              fill={color.turfDeep}
              stroke={color.turfInk}
              strokeWidth={0.8}
            />
            <path
              className="thread"
              d={`M${back(row.backstroke_m).toFixed(1)} ${TOP} C${back(row.backstroke_m).toFixed(1)} ${TOP + 60} ${roll(row.length_m).toFixed(1)} ${BOTTOM - 60} ${roll(row.length_m).toFixed(1)} ${BOTTOM}`}
              fill="none"
              stroke={color.copper}
              strokeWidth={row.is_station ? 2.6 : 1.4}
              strokeDasharray={row.extrapolated ? '5 5' : undefined}
            />
            <circle cx={back(row.backstroke_m)} cy={TOP} r={4} fill={color.copper} />
            <circle cx={roll(row.length_m)} cy={BOTTOM} r={4} fill={color.copper} />
          </g>
        ))}
        <Ruler
          y={BOTTOM}
          ticks={rulerTicks(roll.domain()[1] ?? 1, inMetres ? 1 : 3 * METRES_PER_FOOT)}
          scale={roll}
          label={(m) => units.text(m, 'roll')}
          unit={units.suffix('roll')}
        />
        <text x={LEFT} y={HEIGHT - 4} style={{ font: `600 16px ${type.serif}` }}>
          Roll, with the range of eight balls in ten · thick threads are today's stations
        </text>
      </Drawing>
    </Frame>
  );
}

interface RulerProps {
  y: number;
  ticks: number[];
  scale: (metres: number) => number;
  label: (metres: number) => string;
  unit: string;
  above?: boolean;
}

function Ruler({ y, ticks, scale, label, unit, above = false }: RulerProps) {
  const side = above ? -1 : 1;
  return (
    <g>
      <line x1={LEFT} x2={RIGHT} y1={y} y2={y} stroke={color.ink} strokeWidth={1.6} />
      {ticks.map((tick, index) => (
        <g key={tick}>
          <line x1={scale(tick)} x2={scale(tick)} y1={y} y2={y + side * 8} stroke={color.ink} />
          <text x={scale(tick)} y={y + (above ? -13 : 26)} textAnchor="middle">
            {label(tick) || '0'}
            {index === ticks.length - 1 ? ` ${unit}` : ''}
          </text>
        </g>
      ))}
    </g>
  );
}
