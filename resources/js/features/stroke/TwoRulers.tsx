import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { BackstrokeRow, BackstrokeTable } from '../../api/types';
import { color, type } from '../../design';
import { rulerTicks } from '../../lane/geometry';
import { METRES_PER_FOOT, METRES_PER_INCH } from '../../units/length';
import type { Units } from '../../units/useUnits';

const Drawing = styled.svg`
  display: block; width: 100%; max-height: 440px;
  text { font: 400 15px ${type.sans}; fill: ${color.ink}; font-variant-numeric: tabular-nums; }
  .thread { transition: d 160ms ease-out; }
`;

type Answered = BackstrokeRow & { backstroke_m: number; low_m: number; high_m: number };

interface TwoRulersProps {
  table: BackstrokeTable;
  /** The length that is dragged; null while none is told. */
  asked: BackstrokeRow | null;
  units: Units;
  /** Upright in the hand, across the page where there is width. */
  isUpright: boolean;
}

/** How the two rulers lie: how long, how far apart, and how a place along and across is drawn. */
function layout(isUpright: boolean) {
  const long = isUpright ? 470 : 1100;
  const [back, roll, across] = isUpright ? [92, 236, 330] : [38, 104, 168];
  const [from, to] = isUpright ? [30, long - 20] : [26, long - 40];
  return {
    across,
    back,
    roll,
    range: (isUpright ? [to, from] : [from, to]) as [number, number],
    box: (isUpright ? [across, long] : [long, across]) as [number, number],
    place: (along: number, at: number): [number, number] => (isUpright ? [at, along] : [along, at]),
  };
}

type Layout = ReturnType<typeof layout>;

/** Two rulers joined by threads: backstroke on one, roll on the other. A faster green slides the second. */
export function TwoRulers({ table, asked, units, isUpright }: TwoRulersProps) {
  const drawn = layout(isUpright);
  const rows = table.rows.filter(isAnswered);
  const dragged = asked !== null && isAnswered(asked) ? asked : null;
  const all = dragged === null ? rows : [...rows, dragged];
  const inMetres = units.choice.unit === 'metres';
  const longestBack = Math.max(...all.map((row) => row.backstroke_m), 0.3);
  const longestRoll = Math.max(...all.map((row) => row.high_m), 3);
  const back = scaleLinear()
    .domain([0, longestBack * 1.04])
    .range(drawn.range);
  const roll = scaleLinear()
    .domain([0, longestRoll * 1.02])
    .range(drawn.range);
  const words = rows
    .map((row) => `${units.show(row.backstroke_m, 'backstroke')} for ${units.show(row.length_m, 'roll')}`)
    .join('; ');
  const most = isUpright ? 10 : 16;
  return (
    <Drawing
      viewBox={`0 0 ${drawn.box[0]} ${drawn.box[1]}`}
      role="img"
      aria-label={`Backstrokes and the rolls they give: ${words}.`}
    >
      <Ground drawn={drawn} />
      {rows.map((row) => (
        <Thread key={`${row.length_m}`} row={row} drawn={drawn} back={back} roll={roll} />
      ))}
      {dragged !== null && <Thread row={dragged} drawn={drawn} back={back} roll={roll} isAsked />}
      <Ruler
        drawn={drawn}
        at={drawn.back}
        side={-1}
        ticks={rulerTicks(back.domain()[1] ?? 1, inMetres ? 0.05 : 2 * METRES_PER_INCH, most)}
        scale={back}
        label={(m) => units.text(m, 'backstroke')}
        name={`Backstroke, ${units.suffix('backstroke')}`}
        isUpright={isUpright}
      />
      <Ruler
        drawn={drawn}
        at={drawn.roll}
        side={1}
        ticks={rulerTicks(roll.domain()[1] ?? 1, inMetres ? 1 : 3 * METRES_PER_FOOT, most)}
        scale={roll}
        label={(m) => units.text(m, 'roll')}
        name={`Roll, ${units.suffix('roll')}: where 80 % of balls finish`}
        isUpright={isUpright}
      />
    </Drawing>
  );
}

function isAnswered(row: BackstrokeRow): row is Answered {
  return row.backstroke_m !== null && row.low_m !== null && row.grade_percent === 0;
}

function Ground({ drawn }: { drawn: Layout }) {
  const [low, high] = [Math.min(...drawn.range), Math.max(...drawn.range)];
  const [x, y] = drawn.place(low, drawn.roll);
  const [wide, deep] = drawn.place(high - low, 26);
  return <rect x={x} y={y} width={wide} height={deep} fill={color.turf} />;
}

interface ThreadProps {
  row: Answered;
  drawn: Layout;
  back: (metres: number) => number;
  roll: (metres: number) => number;
  isAsked?: boolean;
}

/** One length: its backstroke, its roll, and where eight balls in ten stop. */
function Thread({ row, drawn, back, roll, isAsked = false }: ThreadProps) {
  const [from, to] = [drawn.place(back(row.backstroke_m), drawn.back), drawn.place(roll(row.length_m), drawn.roll)];
  const half = (drawn.roll - drawn.back) / 2;
  const [bend1, bend2] = [
    drawn.place(back(row.backstroke_m), drawn.back + half),
    drawn.place(roll(row.length_m), drawn.roll - half),
  ];
  const [low, high] = [roll(row.low_m), roll(row.high_m)];
  const [x, y] = drawn.place(Math.min(low, high), drawn.roll + 2);
  const [wide, deep] = drawn.place(Math.max(2, Math.abs(high - low)), 10);
  const weight = isAsked ? 5 : row.is_station ? 2.6 : 1.2;
  const point = ([a, b]: readonly [number, number]) => `${a.toFixed(1)} ${b.toFixed(1)}`;
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={wide}
        height={deep}
        fill={isAsked ? color.turfInk : color.turfDeep}
        fillOpacity={isAsked ? 0.55 : 1}
        stroke={color.turfInk}
        strokeWidth={0.8}
      />
      <path
        className="thread"
        d={`M${point(from)} C${point(bend1)} ${point(bend2)} ${point(to)}`}
        fill="none"
        stroke={isAsked ? color.ink : color.edge}
        strokeWidth={weight}
        strokeDasharray={row.extrapolated === true ? '5 5' : undefined}
      />
      <circle cx={from[0]} cy={from[1]} r={isAsked ? 6 : 3.5} fill={color.ink} />
      <circle cx={to[0]} cy={to[1]} r={isAsked ? 6 : 3.5} fill={color.ink} />
    </g>
  );
}

interface RulerProps {
  drawn: Layout;
  at: number;
  /** On which side its figures stand: -1 before it, 1 after. */
  side: -1 | 1;
  ticks: number[];
  scale: (metres: number) => number;
  label: (metres: number) => string;
  name: string;
  isUpright: boolean;
}

function Ruler({ drawn, at, side, ticks, scale, label, name, isUpright }: RulerProps) {
  const [x1, y1] = drawn.place(drawn.range[0], at);
  const [x2, y2] = drawn.place(drawn.range[1], at);
  const [nameX, nameY] = isUpright ? [side < 0 ? 8 : drawn.across - 8, 16] : [26, side < 0 ? 12 : 164];
  return (
    <g>
      <line x1={x1} x2={x2} y1={y1} y2={y2} stroke={color.ink} strokeWidth={1.6} />
      {ticks.map((tick) => {
        const [ax, ay] = drawn.place(scale(tick), at);
        const [bx, by] = drawn.place(scale(tick), at + side * 7);
        const [tx, ty] = drawn.place(scale(tick), at + side * (isUpright ? 12 : side < 0 ? 11 : 41));
        const isBelowGround = side > 0;
        return (
          <g key={tick}>
            <line x1={ax} x2={bx} y1={ay} y2={by} stroke={color.ink} />
            <text
              x={isUpright && isBelowGround ? tx + 20 : tx}
              y={isUpright ? ty + 5 : ty}
              textAnchor={isUpright ? (side < 0 ? 'end' : 'start') : 'middle'}
            >
              {label(tick) || '0'}
            </text>
          </g>
        );
      })}
      <text
        x={nameX}
        y={nameY}
        textAnchor={isUpright && side > 0 ? 'end' : 'start'}
        style={{ font: `600 14px ${type.serif}` }}
      >
        {isUpright ? name.split(':')[0] : name}
      </text>
    </g>
  );
}
