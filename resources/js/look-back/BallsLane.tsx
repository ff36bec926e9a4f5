import styled from 'styled-components';
import { color, type } from '../design';
import { laneScale, laneTicks } from '../lane/geometry';
import { OUTCOMES, OutcomeMark } from '../lane/OutcomeMark';
import type { Putt, Station } from '../server/types';
import type { Units } from '../units/useUnits';

const Drawing = styled.svg`
  display: block; width: 100%; border-radius: 6px;
  text { font: 400 14px ${type.sans}; fill: ${color.turfInk}; font-variant-numeric: tabular-nums; }
`;

interface BallsLaneProps {
  putts: readonly Putt[];
  stations: readonly Station[];
  units: Units;
  /** Upright in the hand, along the page where there is width. */
  isUpright: boolean;
}

/** Long side and short side of the drawing. */
const [LONG, SHORT] = [760, 124];
const UPRIGHT_LONG = 420;

/** One lane with every ball of the session where it stopped; posts stand at the lengths that were aimed at. */
export function BallsLane({ putts, stations, units, isUpright }: BallsLaneProps) {
  const rolled = putts.filter((putt): putt is Putt & { roll_m: number } => putt.roll_m !== null);
  const long = isUpright ? UPRIGHT_LONG : LONG;
  const short = isUpright ? 320 : SHORT;
  const furthest = Math.max(
    3,
    ...rolled.map(({ roll_m }) => roll_m),
    ...stations.map((each) => each.length_m),
  );
  const range = { low: 0, high: furthest * 1.06 };
  const along = laneScale(range, 34, long - 14);
  /** From the ball's end along the lane, and across it. */
  const place = (metres: number, across: number): [number, number] =>
    isUpright ? [across, long - along(metres)] : [along(metres), across];
  const [wide, high] = isUpright ? [short, long] : [long, short];
  const ticks = laneTicks(range, units.choice.unit, isUpright ? 7 : 10);
  return (
    <Drawing viewBox={`0 0 ${wide} ${high}`} role="img" aria-label={laneWords(rolled, units)}>
      <rect width={wide} height={high} rx={6} fill={color.turf} />
      {ticks.map((tick) => {
        const [x1, y1] = place(tick, 0);
        const [x2, y2] = place(tick, short);
        const [x, y] = place(tick, isUpright ? 8 : short - 8);
        return (
          <g key={tick}>
            <line x1={x1} x2={x2} y1={y1} y2={y2} stroke={color.turfInk} strokeOpacity={0.22} />
            <text x={x} y={isUpright ? y - 4 : y} textAnchor={isUpright ? 'start' : 'middle'}>
              {units.show(tick, 'roll')}
            </text>
          </g>
        );
      })}
      {stations.map(({ id, length_m }) => {
        const [x1, y1] = place(length_m, isUpright ? 64 : 10);
        const [x2, y2] = place(length_m, isUpright ? short - 8 : short - 30);
        return <line key={id} x1={x1} x2={x2} y1={y1} y2={y2} stroke={color.turfInk} strokeWidth={3} />;
      })}
      {rolled.map((putt, index) => {
        // Side by side in the order they were rolled, so that none hides another.
        const room = isUpright ? short - 110 : short - 70;
        const [x, y] = place(putt.roll_m, (isUpright ? 80 : 22) + ((index * 37) % room));
        return (
          <OutcomeMark
            key={putt.id}
            x={x}
            y={y}
            outcome={putt.outcome}
            isHollow={putt.stop !== 'free'}
            scale={1.05}
          />
        );
      })}
    </Drawing>
  );
}

/** What the drawing shows, in words: how many stopped short, on and long of what they were aimed at. */
function laneWords(rolled: readonly Putt[], units: Units): string {
  const counts = (['short', 'on', 'long'] as const)
    .map((outcome) => [OUTCOMES[outcome].word, rolled.filter((putt) => putt.outcome === outcome).length])
    .filter(([, count]) => count !== 0)
    .map(([word, count]) => `${count} ${word}`);
  const furthest = Math.max(0, ...rolled.map(({ roll_m }) => roll_m ?? 0));
  const told = counts.length === 0 ? '' : `: ${counts.join(', ')}`;
  return `${rolled.length} balls on one lane${told}. The furthest rolled ${units.show(furthest, 'roll')}.`;
}
