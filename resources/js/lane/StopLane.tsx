import { useState } from 'react';
import styled from 'styled-components';
import { observedNumber } from '../api/types';
import type { ShownPutt } from '../api/useOutbox';
import { color, isNarrow, narrow, type } from '../design';
import type { Units } from '../units/useUnits';
import { closeUp, laneScale, laneTicks, snapStop } from './geometry';
import { OutcomeMark } from './OutcomeMark';
import type { Point } from './press';
import type { Scenery } from './StationLane';
import { useLanePress } from './useLanePress';

const WIDTH = 340;
/** Drawn height: the entries and the undo must fit beside or below it. */
const HEIGHT = { phone: 330, drill: 390, else: 470 } as const;
const TOP = 26;
const LEFT = 74;
const RIGHT = WIDTH - 14;
const MIDDLE = (LEFT + RIGHT) / 2;

interface Touch {
  metres: number;
  side: number | null;
}

const Drawing = styled.svg`
  display: block; width: 100%; max-height: 62vh; &[data-close] { max-height: 48vh; } ${narrow} { max-height: max(200px, min(46vh, 100dvh - 384px)); &[data-close] { max-height: 38vh; } } touch-action: pan-y pinch-zoom; cursor: crosshair; -webkit-touch-callout: none; user-select: none; border-radius: 6px;
  text { font: 400 14px ${type.sans}; fill: ${color.turfInk}; font-variant-numeric: tabular-nums; }
  /* The ball just entered rolls to its place, from the ball's end of the lane. */
  [data-rolls] { animation: roll-to-rest 200ms ease-out; }
  @keyframes roll-to-rest { from { transform: translateY(var(--rolled)); } }
`;

/** Whose a ball is, where several putt: a letter and its colour. */
export interface Sign {
  letter: string;
  ink: string;
}

interface StopLaneProps {
  /** Length of the station aimed at, metres; null when rolling at nothing in particular. */
  target: number | null;
  /** Balls to show, oldest first. */
  putts: readonly ShownPutt[];
  units: Units;
  /** Whether sideways counts too; else balls are put side by side and only depth is taken. */
  takesSide?: boolean;
  /** What the target is and what passes; without it a plain hole. */
  scenery?: Scenery;
  /** Of a group, whose each ball is. */
  signOf?: ((putt: ShownPutt) => Sign | undefined) | undefined;
  /** Where it stopped: metres along, and metres beside the line, positive right, if asked for. */
  onStop: (metres: number, side: number | null) => void;
}

/** The lane's close-up, seen from behind the ball: touch where it stopped. */
export function StopLane(props: StopLaneProps) {
  const { scenery } = props;
  const lane = useStopLane(props);
  return (
    <Drawing
      viewBox={`0 0 ${WIDTH} ${lane.height}`}
      role="img"
      ref={lane.drawing}
      aria-label={lane.description}
      data-close={scenery === undefined ? undefined : true}
      {...lane.pointerProps}
    >
      <rect width={WIDTH} height={lane.height} rx={6} fill={color.turf} />
      <rect x={LEFT} y={0} width={RIGHT - LEFT} height={lane.height} fill={color.turfDeep} />
      {lane.ticks.map(({ y, label }) => (
        <g key={label}>
          <line x1={LEFT} x2={RIGHT} y1={y} y2={y} stroke={color.turfInk} strokeOpacity={0.28} />
          <text x={LEFT - 10} y={y + 5} textAnchor="end">
            {label}
          </text>
        </g>
      ))}
      {lane.targetY !== null && (
        <g>
          {lane.passing !== null && (
            <rect {...lane.passing} fill={color.turf} stroke={color.turfInk} strokeDasharray="5 4" />
          )}
          {lane.ring !== null && (
            <circle
              cx={MIDDLE}
              cy={lane.targetY}
              r={lane.ring}
              fill={color.turf}
              stroke={color.turfInk}
              strokeDasharray="5 4"
            />
          )}
          {lane.rodY !== null && (
            <line x1={LEFT} x2={RIGHT} y1={lane.rodY} y2={lane.rodY} stroke={color.turfInk} strokeWidth={6} />
          )}
          <line
            x1={LEFT}
            x2={RIGHT}
            y1={lane.targetY}
            y2={lane.targetY}
            stroke={color.turfInk}
            strokeWidth={lane.isEdge ? 5 : 2}
          />
          {!lane.isEdge && <ellipse cx={MIDDLE} cy={lane.targetY} rx={26} ry={8} fill={color.turfInk} />}
          <text x={RIGHT - 6} y={lane.targetY - 8} textAnchor="end" fontWeight={700}>
            target
          </text>
        </g>
      )}
      {lane.marks.map(({ id, rolls, sign, ...mark }) => (
        <g
          key={id}
          data-rolls={rolls || undefined}
          style={{ '--rolled': `${lane.height - mark.y}px` } as React.CSSProperties}
        >
          <OutcomeMark {...mark} scale={1.25} />
          {sign !== undefined && <SignOf sign={sign} x={mark.x} y={mark.y} />}
        </g>
      ))}
      <text x={MIDDLE} y={lane.height - 10} textAnchor="middle">
        {lane.foot}
      </text>
      {lane.ghost !== null && (
        <g>
          <line x1={LEFT} x2={RIGHT} y1={lane.ghost.y} y2={lane.ghost.y} stroke={color.turfInk} strokeWidth={3} />
          <rect
            x={LEFT + 40}
            y={Math.max(2, lane.ghost.y - 86)}
            width={150}
            height={40}
            rx={6}
            fill={color.leaf}
            stroke={color.ink}
          />
          <text
            x={LEFT + 115}
            y={Math.max(30, lane.ghost.y - 58)}
            textAnchor="middle"
            style={{ font: `700 24px ${type.sans}`, fill: color.ink }}
          >
            {lane.ghost.label}
          </text>
        </g>
      )}
    </Drawing>
  );
}

function useStopLane({ target, putts, units, takesSide = false, scenery, signOf, onStop }: StopLaneProps) {
  const isPhone = isNarrow();
  const height = isPhone ? HEIGHT.phone : scenery === undefined ? HEIGHT.else : HEIGHT.drill;
  const longest = Math.max(0, ...putts.map((putt) => putt.roll_m ?? 0));
  const range = closeUp(target, Math.max(longest, 6), scenery?.ring ?? null);
  const scale = laneScale(range, height - 22, TOP);
  const perMetre = Math.abs(scale(range.high) - scale(range.low)) / (range.high - range.low);
  const read = (at: Point, on: SVGSVGElement): Touch => {
    const { x, y } = within(at, on.getBoundingClientRect(), { width: WIDTH, height });
    const side = Math.round(((x - MIDDLE) / perMetre) * 10) / 10;
    return { metres: snapStop(scale.invert(y), units.choice.unit), side: takesSide ? side : null };
  };
  const { aim, drawing, pointerProps } = useLanePress((at, on) => {
    const { metres, side } = read(at, on);
    onStop(metres, side);
  });
  const ghost = aim === null || drawing.current === null ? null : read(aim, drawing.current);
  const [before] = useState(() => new Set(putts.map(({ id }) => id)));
  return {
    height,
    drawing,
    pointerProps,
    ticks: laneTicks(range, units.choice.unit).map((tick) => ({
      y: scale(tick),
      label: units.show(tick, 'roll'),
    })),
    targetY: target === null ? null : scale(target),
    isEdge: scenery?.target === 'edge',
    ring: scenery?.ring == null ? null : scenery.ring * perMetre,
    rodY:
      target !== null && scenery?.target === 'rail' && scenery.windowOf !== null
        ? scale(target + scenery.windowOf(target)[1])
        : null,
    passing: passingZone(target, scenery, scale),
    ghost: ghost === null ? null : { y: scale(ghost.metres), label: units.show(ghost.metres, 'roll') },
    marks: putts
      .filter((putt) => putt.roll_m !== null)
      .map((putt, index, all) => ({
        id: putt.id,
        // Balls are put side by side in the order they were rolled, so that none hides another.
        x: takesSide
          ? MIDDLE + (observedNumber(putt.seen, 'side_m') ?? 0) * perMetre
          : LEFT + 24 + ((index * 31) % (RIGHT - LEFT - 48)),
        y: scale(putt.roll_m ?? 0),
        outcome: putt.outcome,
        isHollow: putt.isWaiting || putt.stop !== 'free',
        rolls: index === all.length - 1 && !before.has(putt.id),
        sign: signOf?.(putt),
      })),
    // Balls that lie side by side say nothing of the side.
    foot: putts.length === 0 ? 'Tap where the ball stopped' : takesSide ? '' : 'side not recorded',
    description:
      `Lane from ${units.show(range.low, 'roll') || 'the ball'} to ${units.show(range.high, 'roll')}. ` +
      `Tap where the ball stopped, or type it. ${putts.length} balls here.`,
  };
}

/** A point of the screen in a drawing's own units: it keeps its shape inside its box, centred, one scale both ways. */
function within(
  { x, y }: Point,
  box: DOMRect,
  { width, height }: { width: number; height: number },
): { x: number; y: number } {
  const shown = Math.min(box.height / height, box.width / width);
  return {
    x: (x - box.left - (box.width - shown * width) / 2) / shown,
    y: (y - box.top - (box.height - shown * height) / 2) / shown,
  };
}

/** The stretch that passes, across the lane. */
function passingZone(
  target: number | null,
  scenery: Scenery | undefined,
  scale: (metres: number) => number,
): { x: number; y: number; width: number; height: number } | null {
  if (target === null || scenery === undefined || scenery.windowOf === null) {
    return null;
  }
  const [low, high] = scenery.windowOf(target);
  const [near, far] = [scale(target + low), scale(target + high)];
  return { x: LEFT, y: Math.min(near, far), width: RIGHT - LEFT, height: Math.max(3, Math.abs(near - far)) };
}

/** The letter beside a ball, on paper so that its colour can be read. */
function SignOf({ sign: { letter, ink }, x, y }: { sign: Sign; x: number; y: number }) {
  return (
    <g transform={`translate(${x + 17} ${y - 9})`}>
      <circle r={letter.length > 1 ? 11 : 9} fill={color.leaf} stroke={ink} strokeWidth={1.5} />
      <text textAnchor="middle" y={4.5} style={{ font: `700 12px ${type.sans}`, fill: ink }}>
        {letter}
      </text>
    </g>
  );
}
