import styled from 'styled-components';
import type { Drill, StationPlace } from '../api/types';
import { color, isNarrow, type } from '../design';
import type { Units } from '../units/useUnits';
import { laneScale } from './geometry';

const WIDTH = 760;
const FULL = { height: 200, ground: 108, text: 16 } as const;
/** As small as a line of a list: no labels but the ends. */
const SMALL = { height: 96, ground: 58, text: 22 } as const;

const Drawing = styled.svg`
  display: block; width: 100%;
  &[data-full] { min-width: 560px; }
  text { font: 400 14px ${type.sans}; fill: ${color.turfInk}; }
`;

const Frame = styled.div`overflow-x: auto; border-radius: 6px; background: ${color.turf};`;

/** What stands on the lane besides the stations. Lengths in metres. */
export interface Scenery {
  target: Drill['target'];
  /** Where a ball of this length may stop to pass, past the target positive; null where length does not count. */
  windowOf: ((length: number) => [number, number]) | null;
  /** Radius of a ring around the target; null without one. */
  ring: number | null;
  aid: { kind: NonNullable<Drill['aid']>['kind']; distance: number } | null;
  /** How the drawing reads aloud, after the stations. */
  words: string;
}

interface SetOutLaneProps {
  stations: readonly StationPlace[];
  units: Units;
  scenery?: Scenery;
  isSmall?: boolean;
}

/** Stations drawn to scale from the target, with the slope each is putted on and what stands there. */
export function StationLane({ stations, units, scenery, isSmall: isLine = false }: SetOutLaneProps) {
  // A drill's whole lane fits a phone, target and all; its lengths stand in the table below it.
  const isSmall = isLine || (scenery !== undefined && isNarrow());
  const size = isSmall ? SMALL : FULL;
  const longest = Math.max(isSmall ? 0.5 : 3, ...stations.map((station) => station.length_m));
  // Drawn for the longest station, whose window is the widest.
  const passing = scenery?.windowOf?.(Math.max(0, ...stations.map((station) => station.length_m))) ?? null;
  const behind = Math.max(longest * 0.06, passing?.[1] ?? 0, scenery?.ring ?? 0);
  const scale = laneScale({ low: -behind * 1.2, high: longest * 1.06 }, WIDTH - 56, 24);
  const words = stations.map((station) => units.show(station.length_m, 'station')).join(', ');
  const drawing = (
    <Drawing
      viewBox={`0 0 ${WIDTH} ${size.height}`}
      role="img"
      data-full={isSmall ? undefined : true}
      aria-label={
        stations.length === 0
          ? 'No stations yet.'
          : `Stations from the target: ${words}.${scenery === undefined ? '' : ` ${scenery.words}`}`
      }
    >
      <rect width={WIDTH} height={size.height} fill={color.turf} />
      {scenery !== undefined && <Passing scale={scale} ground={size.ground} window={passing} ring={scenery.ring} />}
      <line x1={24} x2={WIDTH - 24} y1={size.ground} y2={size.ground} stroke={color.turfInk} strokeWidth={1.5} />
      <Target
        x={scale(0)}
        ground={size.ground}
        kind={scenery?.target ?? 'hole'}
        behindX={scale(-(passing?.[1] ?? 0))}
      />
      {[...stations]
        .sort((a, b) => a.length_m - b.length_m)
        .map((station, index, all) => (
          <PostOnLane
            key={`${station.length_m} ${station.grade_percent}`}
            x={scale(station.length_m)}
            station={station}
            ground={size.ground}
            textSize={size.text}
            label={isSmall && index < all.length - 1 ? '' : units.show(station.length_m, 'station')}
            isLow={!isSmall && index % 2 === 1}
          />
        ))}
      {scenery?.aid != null && stations[0] !== undefined && (
        <Aid
          ball={scale(Math.min(...stations.map((station) => station.length_m)))}
          // Drawn larger than life: half a metre at ten would be a hair.
          ahead={Math.max(26, scale(0) - scale(scenery.aid.distance))}
          ground={size.ground}
          kind={scenery.aid.kind}
        />
      )}
    </Drawing>
  );
  return isSmall ? (
    drawing
  ) : (
    <Frame tabIndex={0} role="group" aria-label="Stations to scale">
      {drawing}
    </Frame>
  );
}

interface PassingProps {
  scale: (metres: number) => number;
  ground: number;
  window: [number, number] | null;
  ring: number | null;
}

/** Where a ball from the longest station may stop. */
function Passing({ scale, ground, window, ring }: PassingProps) {
  if (ring !== null) {
    return (
      <ellipse
        cx={scale(0)}
        cy={ground}
        rx={Math.abs(scale(ring) - scale(0))}
        ry={24}
        fill={color.turfDeep}
        stroke={color.turfInk}
        strokeWidth={2}
        strokeDasharray="6 4"
      />
    );
  }
  if (window === null) {
    return null;
  }
  // The scale counts from the target toward the stations; past is the other way.
  const [near, far] = [scale(-window[0]), scale(-window[1])];
  return (
    <rect
      x={Math.min(near, far)}
      y={ground - 24}
      width={Math.max(3, Math.abs(far - near))}
      height={48}
      fill={color.turfDeep}
      stroke={color.turfInk}
      strokeWidth={1.5}
    />
  );
}

interface TargetProps {
  x: number;
  ground: number;
  kind: Drill['target'];
  /** Where a rod lies, behind the target. */
  behindX: number;
}

/** What is putted at. */
function Target({ x, ground, kind, behindX }: TargetProps) {
  const ink = color.turfInk;
  switch (kind) {
    case 'edge':
      return <line x1={x} x2={x} y1={ground - 40} y2={ground + 40} stroke={ink} strokeWidth={5} />;
    case 'stand':
      return <path d={`M${x - 12} ${ground} l3 -34 h18 l3 34 Z`} fill={ink} />;
    case 'ball':
      return <circle cx={x} cy={ground - 9} r={9} fill={color.leaf} stroke={ink} strokeWidth={2.5} />;
    case 'tee':
      return <path d={`M${x} ${ground} v-24 M${x - 8} ${ground - 26} h16`} stroke={ink} strokeWidth={4} />;
    case 'none':
      return null;
    default:
      return (
        <g>
          <ellipse cx={x} cy={ground} rx={15} ry={5} fill={ink} />
          <line x1={x} x2={x} y1={ground} y2={ground - 50} stroke={ink} strokeWidth={2} />
          <path d={`M${x} ${ground - 50} l18 7 l-18 7 Z`} fill={color.turfInk} />
          {kind === 'rail' && (
            <line x1={behindX} x2={behindX} y1={ground - 30} y2={ground + 30} stroke={color.turfInk} strokeWidth={6} />
          )}
        </g>
      );
  }
}

interface PostProps {
  x: number;
  station: StationPlace;
  ground: number;
  textSize: number;
  label: string;
  isLow: boolean;
}

/** A station: a post on the line, its length under it, its slope over it. */
function PostOnLane({ x, station, ground, textSize, label, isLow }: PostProps) {
  return (
    <g>
      <line x1={x} x2={x} y1={ground - 9} y2={ground + 9} stroke={color.turfInk} strokeWidth={3} />
      <Slope x={x} base={ground - 22} percent={station.grade_percent ?? 0} />
      <text x={x} y={ground + (isLow ? 58 : 32)} textAnchor="middle" style={{ font: `700 ${textSize}px ${type.sans}` }}>
        {label}
      </text>
      {isLow && <line x1={x} x2={x} y1={ground + 12} y2={ground + 42} stroke={color.turfInk} strokeOpacity={0.4} />}
    </g>
  );
}

/** A wedge over a station that rises toward the target when the putt is uphill. */
function Slope({ x, base, percent }: { x: number; base: number; percent: number }) {
  if (percent === 0) {
    return null;
  }
  const rise = Math.max(-24, Math.min(24, percent * 5));
  return (
    <g>
      <path d={`M${x - 20} ${base} h40 v${-rise} Z`} fill={color.turfDeep} stroke={color.turfInk} />
      <text x={x} y={base - Math.max(rise, 0) - 6} textAnchor="middle">
        {percent > 0 ? `${percent} % up` : `${-percent} % down`}
      </text>
    </g>
  );
}

interface AidProps {
  /** Where the ball lies, and how far ahead of it, toward the target, the aid is. */
  ball: number;
  ahead: number;
  ground: number;
  kind: NonNullable<Drill['aid']>['kind'];
}

/** What tests the start line, in front of the nearest ball. */
function Aid({ ball, ahead, ground, kind }: AidProps) {
  const at = ball + ahead;
  switch (kind) {
    case 'gate':
      return (
        <g stroke={color.turfInk} strokeWidth={5}>
          <line x1={at} x2={at} y1={ground - 24} y2={ground - 10} />
          <line x1={at} x2={at} y1={ground + 10} y2={ground + 24} />
        </g>
      );
    case 'spot':
      return <circle cx={at} cy={ground} r={7} fill={color.turfInk} />;
    case 'chalk':
      return <line x1={at} x2={ball} y1={ground} y2={ground} stroke={color.leaf} strokeWidth={5} />;
    case 'rail':
      return <rect x={ball} y={ground - 6} width={ahead} height={12} fill={color.turfInk} />;
  }
}
