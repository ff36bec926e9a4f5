import styled from 'styled-components';
import type { MeasureReport, ReviewBall } from '../../api/types';
import { color, type } from '../../design';
import { laneScale, laneTicks } from '../../lane/geometry';
import { OUTCOMES, OutcomeMark } from '../../lane/OutcomeMark';
import type { Units } from '../../units/useUnits';

const Drawing = styled.svg`
  display: block; width: 100%; max-height: 560px; border-radius: 6px; touch-action: pan-y;
  text { font: 400 14px ${type.sans}; fill: ${color.turfInk}; font-variant-numeric: tabular-nums; }
  [data-pick] { cursor: pointer; }
`;

const [WIDE, HIGH] = [400, 400];

interface ReportLaneProps {
  look: MeasureReport;
  /** The length whose surroundings are enlarged, metres; null for the whole lane. */
  near: number | null;
  onNear: (metres: number | null) => void;
  units: Units;
}

type Rolled = ReviewBall & { roll_m: number };

/** Every ball looked at where it stopped; a length is picked by touching its post. */
export function ReportLane({ look, near, onNear, units }: ReportLaneProps) {
  const rolled = look.balls.filter((ball): ball is Rolled => ball.roll_m !== null);
  return near === null ? (
    <WholeLane look={look} rolled={rolled} onNear={onNear} units={units} />
  ) : (
    <Around near={near} window={look.window} rolled={rolled} units={units} />
  );
}

/** The lane from the ball on, with a post at every length. */
function WholeLane({ look, rolled, onNear, units }: Omit<ReportLaneProps, 'near'> & { rolled: readonly Rolled[] }) {
  const range = {
    low: 0,
    high: 1.06 * Math.max(3, ...rolled.map(({ roll_m }) => roll_m), ...look.lengths.map(({ length_m }) => length_m)),
  };
  const along = laneScale(range, 24, HIGH - 16);
  const y = (metres: number) => HIGH - along(metres);
  const named = namedApart(
    look.lengths.map(({ length_m }) => length_m),
    y,
  );
  return (
    <Drawing viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={laneWords(rolled, null, units)}>
      <rect width={WIDE} height={HIGH} rx={6} fill={color.turf} />
      {laneTicks(range, units.choice.unit, 8).map((tick) => (
        <g key={tick}>
          <line x1={0} x2={WIDE} y1={y(tick)} y2={y(tick)} stroke={color.turfInk} strokeOpacity={0.2} />
          <text x={8} y={y(tick) - 4}>
            {units.show(tick, 'roll')}
          </text>
        </g>
      ))}
      {rolled.map((ball, index) => (
        <Mark key={ball.id} ball={ball} x={96 + ((index * 37) % (WIDE - 190))} y={y(ball.roll_m)} />
      ))}
      {look.lengths.map(({ length_m }) => (
        // A shortcut for the hand; the chips above do the same by keyboard.
        <g key={length_m} data-pick onPointerUp={() => onNear(length_m)}>
          <rect x={WIDE - 84} y={y(length_m) - 22} width={84} height={44} fill="transparent" />
          <line x1={84} x2={WIDE - 70} y1={y(length_m)} y2={y(length_m)} stroke={color.copper} strokeWidth={2.5} />
          {named.has(length_m) && (
            <text x={WIDE - 8} y={y(length_m) + 5} textAnchor="end" fontWeight={700}>
              {units.show(length_m, 'station')}
            </text>
          )}
        </g>
      ))}
    </Drawing>
  );
}

/** Names of posts this close would lie on one another, pixels of the drawing. */
const NAME_HEIGHT = 26;

/** Which posts are named: from the nearest on, those that have room; the others are in the strip above. */
function namedApart(lengths: readonly number[], y: (metres: number) => number): ReadonlySet<number> {
  const named = new Set<number>();
  let last = Number.POSITIVE_INFINITY;
  for (const length of [...lengths].sort((a, b) => a - b)) {
    if (last - y(length) >= NAME_HEIGHT) {
      named.add(length);
      last = y(length);
    }
  }
  return named;
}

/** One rolled at no target has no outcome: it is a dot. */
function Mark({ ball, x, y }: { ball: Rolled; x: number; y: number }) {
  return ball.word === null ? (
    <circle cx={x} cy={y} r={3} fill={color.turf} stroke={color.turfInk} />
  ) : (
    <OutcomeMark x={x} y={y} outcome={ball.word} isHollow={ball.is_marked || ball.stop !== 'free'} />
  );
}

/** Reach of the view to either side of the target, share of the length, and the least in metres. */
const REACH = 0.45;
const LEAST = 0.6;

/** One length: short below, past above, left and right as seen from the ball. */
function Around({
  near,
  window,
  rolled,
  units,
}: {
  near: number;
  window: number;
  rolled: readonly Rolled[];
  units: Units;
}) {
  const reach = Math.max(LEAST, REACH * near);
  const [middleX, middleY] = [WIDE / 2, HIGH / 2];
  const scale = (HIGH / 2 - 26) / reach;
  const clamp = (value: number) => Math.max(-1.04, Math.min(1.04, value / reach)) * reach;
  const place = (ball: Rolled, index: number): [number, number] => {
    const target = ball.target_m ?? near;
    // Where nobody noted the side, balls stand beside the line in their order, hollow of meaning across it.
    const aside = ball.side_m ?? ((index % 9) - 4) * 0.035 * reach;
    const across = Math.max(-WIDE / 2 + 14, Math.min(WIDE / 2 - 14, clamp(aside) * scale));
    return [middleX + across, middleY - clamp(ball.roll_m - target) * scale];
  };
  const inside = window * near * scale;
  return (
    <Drawing viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={laneWords(rolled, near, units)}>
      <rect width={WIDE} height={HIGH} rx={6} fill={color.turf} />
      <rect x={0} width={WIDE} y={middleY - inside} height={2 * inside} fill={color.turfDeep} opacity={0.7} />
      <line x1={middleX} x2={middleX} y1={10} y2={HIGH - 10} stroke={color.turfInk} strokeOpacity={0.35} />
      {[-0.3, 0.3].map((share) => (
        <text key={share} x={8} y={middleY - share * near * scale + 5}>
          {units.show(Math.abs(share) * near, 'roll')} {share > 0 ? 'past' : 'short'}
        </text>
      ))}
      <text x={8} y={middleY - inside - 5}>
        within {Math.round(100 * window)} %
      </text>
      <circle cx={middleX} cy={middleY} r={7} fill="none" stroke={color.turfInk} strokeWidth={3} />
      {rolled.map((ball, index) => {
        const [x, y] = place(ball, index);
        return <Mark key={ball.id} ball={ball} x={x} y={y} />;
      })}
    </Drawing>
  );
}

/** What the drawing shows, in words. */
function laneWords(rolled: readonly Rolled[], near: number | null, units: Units): string {
  const counts = (['short', 'on', 'long'] as const)
    .map((word) => [OUTCOMES[word].word, rolled.filter((ball) => ball.word === word).length])
    .filter(([, count]) => count !== 0)
    .map(([word, count]) => `${count} ${word}`);
  const where = near === null ? 'on one lane' : `round ${units.show(near, 'station')}`;
  return `${rolled.length} balls ${where}${counts.length === 0 ? '' : `: ${counts.join(', ')}`}.`;
}
