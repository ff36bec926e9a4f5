import { useRef, useState } from 'react';
import styled from 'styled-components';
import type { PuttRead, PuttSituation } from '../../api/types';
import { color, type } from '../../design';
import { METRES_PER_FOOT } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { Handle } from './Handle';
import { LIMITS, withLength, withPace } from './puttEntry';
import { type ReadLayout, readLayout } from './readLayout';

/** The ground of a putt from above. */
export const LaneDrawing = styled.svg`
  display: block; width: 100%; border-radius: 6px; background: ${color.turf}; touch-action: pan-y;
  text { font: 400 15px ${type.sans}; fill: ${color.turfInk}; font-variant-numeric: tabular-nums; }
  path { fill: none; stroke-linecap: round; }
`;

interface ReadLaneProps {
  look: PuttRead;
  putt: PuttSituation;
  onChange: (putt: PuttSituation) => void;
  units: Units;
  isUpright: boolean;
}

/** One putt from above: its path at the pace that is meant, dying and firm; ball, hole and pace can be dragged. */
export function ReadLane({ look, putt, onChange, units, isUpright }: ReadLaneProps) {
  const svg = useRef<SVGSVGElement>(null);
  // While something is dragged the scale stands still, or it would run from under the finger.
  const [frozen, setFrozen] = useState<ReadLayout | null>(null);
  const fresh = readLayout(look, isUpright);
  const lane = frozen ?? fresh;
  const [meant, dying, firm] = look.lines;
  const pixels = () => (svg.current?.getBoundingClientRect().width ?? lane.box[0]) / lane.box[0];
  const hold = { onStart: () => setFrozen(fresh), onEnd: () => setFrozen(null), pixels };
  const unit = units.choice.unit;
  const step = unit === 'metres' ? 0.1 : METRES_PER_FOOT / 2;
  const dragged = useRef(0);
  const grab = (from: number) => ({
    ...hold,
    onStart: () => {
      dragged.current = from;
      hold.onStart();
    },
  });
  const along = (dx: number, dy: number) => (isUpright ? -dy : dx) / lane.metre;
  /** Either end of the putt: the ball is drawn away against the line, the hole along it. */
  const end = (way: 1 | -1) => ({
    words: units.show(look.length_m, 'roll'),
    value: Math.round(look.length_m * 100) / 100,
    least: LIMITS.length[0],
    most: LIMITS.length[1],
    ...grab(putt.length_m),
    onDrag: (dx: number, dy: number) => {
      dragged.current += way * along(dx, dy);
      onChange(withLength(putt, dragged.current, unit));
    },
    onStep: (by: 1 | -1) => onChange(withLength(putt, putt.length_m + by * step, unit)),
  });
  const stop = meant?.path.at(-1);
  return (
    <LaneDrawing ref={svg} viewBox={`0 0 ${lane.box[0]} ${lane.box[1]}`} role="group" aria-label="The putt from above">
      <Fall look={look} lane={lane} />
      {putt.tier !== null && <TierBand tier={putt.tier} lane={lane} />}
      <line
        {...ends(lane.place(0, 0), lane.place(look.length_m, 0))}
        stroke={color.turfInk}
        strokeWidth={1}
        strokeDasharray="3 6"
      />
      <Fan look={look} lane={lane} />
      {firm !== undefined && <path d={lane.path(firm.path)} stroke={color.long} strokeWidth={2.5} />}
      {dying !== undefined && (
        <path d={lane.path(dying.path)} stroke={color.short} strokeWidth={2.5} strokeDasharray="9 6" />
      )}
      {meant !== undefined && <path d={lane.path(meant.path)} stroke={color.ink} strokeWidth={4.5} />}
      <Hole lane={lane} length={look.length_m} />
      {meant?.aim_m != null && <Aim lane={lane} length={look.length_m} aim={meant.aim_m} />}
      {look.slips.map(
        (slip) =>
          slip.x_m !== null &&
          slip.y_m !== null && (
            <Slip key={slip.key} at={lane.place(slip.x_m, slip.y_m)} word={SLIP_LETTERS[slip.key]} />
          ),
      )}
      <Handle label="Ball: length of the putt" at={lane.place(0, 0)} {...end(-1)}>
        <circle r={11} fill={color.leaf} stroke={color.ink} strokeWidth={2.5} />
      </Handle>
      <Handle label="Hole: length of the putt" at={lane.place(look.length_m, 0)} {...end(1)}>
        <g />
      </Handle>
      {stop !== undefined && putt.pace_point_m === null && (
        <Handle
          label="Finish: how far past a covered hole it stops"
          words={units.show(putt.pace_m, 'roll')}
          value={Math.round(putt.pace_m * 100) / 100}
          least={LIMITS.pace[0]}
          most={LIMITS.pace[1]}
          at={lane.place(stop[0], stop[1])}
          {...grab(putt.pace_m)}
          onDrag={(dx, dy) => {
            dragged.current += along(dx, dy);
            onChange(withPace(putt, dragged.current, unit));
          }}
          onStep={(by) => onChange(withPace(putt, putt.pace_m + (by * step) / 2, unit))}
        >
          <circle r={9} fill="none" stroke={color.copper} strokeWidth={4} />
        </Handle>
      )}
      <Legend look={look} lane={lane} units={units} />
    </LaneDrawing>
  );
}

type Point = readonly [number, number];

function ends([x1, y1]: Point, [x2, y2]: Point) {
  return { x1, y1, x2, y2 };
}

/** Which way the ground falls: a few arrows downhill, longer where it is steeper. */
export function Fall({
  look,
  lane,
}: {
  look: Pick<PuttRead, 'along_percent' | 'across_percent' | 'steep_percent'>;
  lane: ReadLayout;
}) {
  if (look.steep_percent < 0.05) {
    return null;
  }
  const [ux, uy] = [-look.along_percent / look.steep_percent, -look.across_percent / look.steep_percent];
  const long = 14 + Math.min(6, look.steep_percent) * 5;
  const [ax, ay] = lane.direction(ux, uy);
  return (
    <g stroke={color.turfDeep} strokeWidth={4} fill="none" strokeLinecap="round">
      {lane.spots.map(([x, y]) => (
        <path
          key={`${x} ${y}`}
          d={`M${x - (ax * long) / 2} ${y - (ay * long) / 2} l${ax * long} ${ay * long} m${-ax * 9 - ay * 7} ${-ay * 9 + ax * 7} l${ax * 9 + ay * 7} ${ay * 9 - ax * 7} l${-ax * 9 + ay * 7} ${-ay * 9 - ax * 7}`}
        />
      ))}
    </g>
  );
}

function TierBand({ tier, lane }: { tier: NonNullable<PuttSituation['tier']>; lane: ReadLayout }) {
  const [a, b] = [lane.place(tier.start_m, -lane.reach), lane.place(tier.start_m + tier.run_m, lane.reach)];
  return (
    <>
      <rect
        x={Math.min(a[0], b[0])}
        y={Math.min(a[1], b[1])}
        width={Math.abs(b[0] - a[0])}
        height={Math.abs(b[1] - a[1])}
        fill={color.turfDeep}
        opacity={0.7}
      />
      <text x={Math.min(a[0], b[0]) + 4} y={Math.min(a[1], b[1]) + 16}>
        {tier.height_m > 0 ? 'step up' : 'step down'}
      </text>
    </>
  );
}

/** The starts that would drop at the pace that is meant. */
function Fan({ look, lane }: { look: PuttRead; lane: ReadLayout }) {
  const speed = look.lines[0]?.speed_at_hole_m_s;
  if (speed == null || look.window.length === 0) {
    return null;
  }
  const band = look.window.reduce((best, one) =>
    Math.abs(one.speed_at_hole_m_s - speed) < Math.abs(best.speed_at_hole_m_s - speed) ? one : best,
  );
  const at = (degrees: number) => lane.place(look.length_m, look.length_m * Math.tan((degrees * Math.PI) / 180));
  const [ball, left, right] = [lane.place(0, 0), at(band.left_deg), at(band.right_deg)];
  return (
    <path
      d={`M${ball[0]} ${ball[1]} L${left[0]} ${left[1]} L${right[0]} ${right[1]} Z`}
      style={{ fill: color.leaf, opacity: 0.55 }}
      opacity={0.75}
    />
  );
}

export function Hole({ lane, length }: { lane: ReadLayout; length: number }) {
  const [x, y] = lane.place(length, 0);
  const [rx, ry] = lane.radii(0.054);
  return (
    <ellipse
      cx={x}
      cy={y}
      rx={Math.max(rx, 4)}
      ry={Math.max(ry, 4)}
      fill={color.leaf}
      fillOpacity={0.6}
      stroke={color.ink}
      strokeWidth={3}
    />
  );
}

/** Where to aim, level with the hole. */
function Aim({ lane, length, aim }: { lane: ReadLayout; length: number; aim: number }) {
  const [x, y] = lane.place(length, aim);
  return <path d={`M${x - 9} ${y} h18 M${x} ${y - 9} v18`} stroke={color.ink} strokeWidth={3.5} />;
}

export const SLIP_LETTERS = { left: 'L', right: 'R', short: 'S', long: 'F' } as const;

function Slip({ at: [x, y], word }: { at: Point; word: string }) {
  return (
    <>
      <circle cx={x} cy={y} r={9} fill={color.turf} stroke={color.turfInk} strokeWidth={1.2} />
      <text x={x} y={y + 4.5} textAnchor="middle" style={{ fontSize: 12.5 }}>
        {word}
      </text>
    </>
  );
}

function Legend({ look, lane, units }: { look: PuttRead; lane: ReadLayout; units: Units }) {
  const names = { meant: 'as planned', dying: 'dying', firm: 'firm' } as const;
  const shown = look.lines.filter(({ path }) => path.length > 0);
  return (
    <g>
      {shown.map(({ kind, pace_m }, index) => (
        <g key={kind} transform={`translate(${lane.legend[0]} ${lane.legend[1] + index * 21})`}>
          <line
            x1={0}
            x2={30}
            y1={-5}
            y2={-5}
            stroke={kind === 'meant' ? color.ink : kind === 'dying' ? color.short : color.long}
            strokeWidth={kind === 'meant' ? 4.5 : 2.5}
            strokeDasharray={kind === 'dying' ? '9 6' : undefined}
          />
          <text x={38}>
            {names[kind]}
            {pace_m === null || kind === 'dying' ? '' : `, ${units.show(pace_m, 'roll')} past`}
          </text>
        </g>
      ))}
      {lane.stretch > 1.05 && (
        <text x={lane.note[0]} y={lane.note[1]}>
          sideways drawn {lane.stretch.toFixed(1)} times as wide
        </text>
      )}
      <ScaleBar lane={lane} units={units} />
    </g>
  );
}

/** Lengths of a scale bar along the putt and across it, metres. */
const BARS = {
  feet: [0.6096, 0.1524],
  metres: [0.5, 0.2],
} as const;

/** How long a stretch along the putt is drawn, and one across it. */
function ScaleBar({ lane, units }: { lane: ReadLayout; units: Units }) {
  const [along, across] = BARS[units.choice.unit === 'metres' ? 'metres' : 'feet'];
  const isUpright = lane.box[1] > lane.box[0];
  const [alongPx, acrossPx] = [along * lane.metre, across * lane.metre * lane.stretch];
  const [x, y] = [lane.box[0] - 14, lane.box[1] - 14];
  const [wide, high] = isUpright ? [acrossPx, alongPx] : [alongPx, acrossPx];
  const [wideWords, highWords] = isUpright
    ? [units.show(across, 'roll'), units.show(along, 'roll')]
    : [units.show(along, 'roll'), units.show(across, 'roll')];
  return (
    <g>
      <path d={`M${x - wide} ${y} H${x} V${y - high}`} fill="none" stroke={color.turfInk} strokeWidth={2.5} />
      <text x={x - wide / 2} y={y - 6} textAnchor="middle">
        {wideWords}
      </text>
      <text x={x - 6} y={y - high + 4} textAnchor="end">
        {highWords}
      </text>
    </g>
  );
}
