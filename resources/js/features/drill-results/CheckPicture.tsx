import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import type { CheckReport } from '../../api/types';
import { color, type } from '../../design';
import { laneTicks } from '../../lane/geometry';
import { METRES_PER_INCH } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { figureWords } from './figures';

const Drawing = styled.svg`
  display: block; width: 100%; max-width: 560px;
  text { font: 400 13px ${type.sans}; fill: ${color.pencil}; font-variant-numeric: tabular-nums; }
`;

const WIDTH = 440;
const LEFT = 118;
const RIGHT = 16;
const LINE = 34;

export interface CheckPictureProps {
  check: Pick<CheckReport, 'picture' | 'sides' | 'unit' | 'marks'>;
  /** What the drawing shows, in words. */
  label: string;
  units: Units;
}

/** What a check measured, drawn as it is on the ground. */
export function CheckPicture(props: CheckPictureProps) {
  switch (props.check.picture) {
    case 'beside':
      return props.check.unit === 'angle' ? <Fan {...props} /> : <BesideTheBall {...props} />;
    case 'words':
      return <Counted {...props} />;
    case 'by_length':
      return <OverLength {...props} />;
    case 'rise':
      return <Rise {...props} />;
  }
}

const FAN = { height: 210, ball: 186, top: 34, widest: 40 };

/** Directions from the ball, as seen from behind it; angles are drawn larger than they are, and it is said. */
function Fan({ check: { marks }, label, units }: CheckPictureProps) {
  const middle = WIDTH / 2;
  const reach = FAN.ball - FAN.top;
  const most = Math.max(2, ...marks.map(({ value }) => Math.ceil(Math.abs(value ?? 0))));
  const times = Math.max(1, Math.floor(FAN.widest / most));
  const x = (degrees: number) => middle + Math.tan((times * degrees * Math.PI) / 180) * reach;
  const ticks = [-most, -most / 2, 0, most / 2, most];
  return (
    <Drawing viewBox={`0 0 ${WIDTH} ${FAN.height}`} role="img" aria-label={label}>
      <rect width={WIDTH} height={FAN.height} rx={6} fill={color.turf} />
      {ticks.map((tick) => (
        <g key={tick}>
          <line
            x1={middle}
            x2={x(tick)}
            y1={FAN.ball}
            y2={FAN.top}
            stroke={color.turfInk}
            strokeOpacity={tick === 0 ? 0.8 : 0.2}
          />
          <text x={x(tick)} y={FAN.top - 12} textAnchor="middle" style={{ fill: color.turfInk }}>
            {tick === 0
              ? 'the mark'
              : Math.abs(tick) === most
                ? figureWords({ unit: 'angle', value: tick }, units)
                : ''}
          </text>
        </g>
      ))}
      {marks.map(({ id, value, word }) => (
        <g key={id}>
          <line
            x1={middle}
            x2={x(value ?? 0)}
            y1={FAN.ball}
            y2={FAN.top}
            stroke={color.ink}
            strokeWidth={2}
            strokeDasharray={word === null || word === 'Straight' ? undefined : '5 4'}
          />
          <circle cx={x(value ?? 0)} cy={FAN.top} r={4} fill={color.ink} />
        </g>
      ))}
      <circle cx={middle} cy={FAN.ball} r={8} fill={color.leaf} stroke={color.turfInk} strokeWidth={1.5} />
      <text x={10} y={FAN.height - 8} style={{ fill: color.turfInk }}>
        {times === 1 ? 'to scale' : `angles ${times} times larger`}
        {marks.some(({ word }) => word !== null && word !== 'Straight') ? ' · dashed: breaking putts' : ''}
      </text>
    </Drawing>
  );
}

/** Radius of a ball, and the least that is shown to either side, metres. */
const BALL = 0.021335;
const LEAST = 0.06;

/** Tries beside a middle, to scale, a line for each thing said. */
function BesideTheBall({ check: { marks, sides }, label, units }: CheckPictureProps) {
  const words = [...new Set(marks.map(({ word }) => word))];
  const reach = Math.max(LEAST, ...marks.map(({ value }) => 1.15 * Math.abs(value ?? 0)));
  const x = scaleLinear()
    .domain([-reach, reach])
    .range([LEFT, WIDTH - RIGHT]);
  const height = words.length * LINE + 64;
  return (
    <Drawing viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label}>
      <rect x={LEFT} width={WIDTH - LEFT - RIGHT} height={height - 26} rx={6} fill={color.turf} />
      <circle
        cx={x(0)}
        cy={(height - 26) / 2}
        r={x(BALL) - x(0)}
        fill={color.leaf}
        stroke={color.turfInk}
        strokeOpacity={0.5}
      />
      <line x1={x(0)} x2={x(0)} y1={4} y2={height - 30} stroke={color.turfInk} strokeOpacity={0.6} />
      {words.map((word, line) => (
        <g key={word ?? ''} transform={`translate(0 ${line * LINE + 40})`}>
          <text x={LEFT - 8} y={5} textAnchor="end">
            {word ?? ''}
          </text>
          {marks
            .filter((mark) => mark.word === word)
            .map(({ id, value }) => (
              <rect key={id} x={x(value ?? 0) - 2} y={-11} width={4} height={22} rx={2} fill={color.ink} />
            ))}
        </g>
      ))}
      {besideTicks(reach, units).map((tick) => (
        <text key={tick} x={x(tick)} y={height - 10} textAnchor="middle">
          {Math.abs(tick) < 1e-9 ? '0' : units.show(Math.abs(tick), 'backstroke')}
        </text>
      ))}
      {sides !== null && (
        <>
          <text x={LEFT + 8} y={16} style={{ fill: color.turfInk }}>
            {sides[0]}
          </text>
          <text x={WIDTH - RIGHT - 8} y={16} textAnchor="end" style={{ fill: color.turfInk }}>
            {sides[1]}
          </text>
        </>
      )}
    </Drawing>
  );
}

/** Whole inches or centimetres to either side, few enough to read, metres. */
function besideTicks(reach: number, units: Units): number[] {
  const size = units.choice.unit === 'metres' ? 0.01 : METRES_PER_INCH;
  return scaleLinear()
    .domain([-reach / size, reach / size])
    .ticks(5)
    .filter(Number.isInteger)
    .map((tick) => tick * size);
}

/** How many tries each thing was said of; repetitions where they were counted. */
function Counted({ check: { marks }, label }: CheckPictureProps) {
  const counts = new Map<string, number>();
  for (const { word, value } of marks) {
    counts.set(word ?? '', (counts.get(word ?? '') ?? 0) + (value ?? 1));
  }
  const most = Math.max(1, ...counts.values());
  return (
    <Drawing viewBox={`0 0 ${WIDTH} ${counts.size * LINE + 4}`} role="img" aria-label={label}>
      {[...counts].map(([word, count], line) => (
        <g key={word} transform={`translate(0 ${line * LINE})`}>
          <text x={LEFT + 22} y={21} textAnchor="end">
            {word}
          </text>
          <rect
            x={LEFT + 30}
            y={7}
            width={Math.max(3, ((WIDTH - LEFT - 78) * count) / most)}
            height={20}
            rx={3}
            fill={color.ink}
          />
          <text x={LEFT + 38 + Math.max(3, ((WIDTH - LEFT - 78) * count) / most)} y={21}>
            {count}
          </text>
        </g>
      ))}
    </Drawing>
  );
}

const HIGH = 190;
const FOOT = 30;

/** A figure over the length of the putt; tries of no length stand at the edge. */
function OverLength({ check: { marks, unit }, label, units }: CheckPictureProps) {
  const lengths = marks.flatMap(({ length_m }) => (length_m === null ? [] : [length_m]));
  const values = marks.map(({ value }) => value ?? 0);
  const x = scaleLinear()
    .domain([0, Math.max(1, ...lengths) * 1.08])
    .range([66, WIDTH - RIGHT]);
  const y = scaleLinear()
    .domain([
      Math.min(...values) - 0.1 * Math.abs(Math.min(...values)),
      Math.max(...values) + 0.06 * Math.abs(Math.max(...values)) + 1e-6,
    ])
    .nice(4)
    .range([HIGH - FOOT, 12]);
  return (
    <Drawing viewBox={`0 0 ${WIDTH} ${HIGH}`} role="img" aria-label={label}>
      {y.ticks(4).map((tick) => (
        <g key={tick}>
          <line x1={66} x2={WIDTH - RIGHT} y1={y(tick)} y2={y(tick)} stroke={color.rule} />
          <text x={60} y={y(tick) + 4} textAnchor="end">
            {unit === null || unit === 'number' ? y.tickFormat(4)(tick) : figureWords({ unit, value: tick }, units)}
          </text>
        </g>
      ))}
      {lengths.length > 0 &&
        laneTicks({ low: 0, high: x.domain()[1] ?? 1 }, units.choice.unit, 5).map((tick) => (
          <text key={tick} x={x(tick)} y={HIGH - 8} textAnchor="middle">
            {units.show(tick, 'station')}
          </text>
        ))}
      {marks.map(({ id, value, length_m, word }) => (
        <circle
          key={id}
          cx={x(length_m ?? 0)}
          cy={y(value ?? 0)}
          r={5}
          fill={word === null ? color.ink : color.leaf}
          stroke={color.ink}
          strokeWidth={1.6}
        />
      ))}
    </Drawing>
  );
}

/** From before the stroke to contact, a line a try. */
function Rise({ check: { marks }, label }: CheckPictureProps) {
  const y = scaleLinear()
    .domain([1, 10])
    .range([HIGH - FOOT, 14]);
  const [from, to] = [90, WIDTH - 90];
  return (
    <Drawing viewBox={`0 0 ${WIDTH} ${HIGH}`} role="img" aria-label={label}>
      {[1, 4, 7, 10].map((tick) => (
        <g key={tick}>
          <line x1={from} x2={to} y1={y(tick)} y2={y(tick)} stroke={color.rule} />
          <text x={from - 12} y={y(tick) + 4} textAnchor="end">
            {tick}
          </text>
        </g>
      ))}
      {marks.map(({ id, value, to: end }) => (
        <g key={id} stroke={color.ink} fill={color.ink}>
          <line x1={from} x2={to} y1={y(value ?? 1)} y2={y(end ?? 1)} strokeWidth={2} strokeOpacity={0.7} />
          <circle cx={from} cy={y(value ?? 1)} r={4} />
          <circle cx={to} cy={y(end ?? 1)} r={4} />
        </g>
      ))}
      <text x={from} y={HIGH - 8} textAnchor="middle">
        before the stroke
      </text>
      <text x={to} y={HIGH - 8} textAnchor="middle">
        at contact
      </text>
    </Drawing>
  );
}
