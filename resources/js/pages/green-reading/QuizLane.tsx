import { useRef } from 'react';
import styled from 'styled-components';
import type { PuttSituation, QuizAnswer } from '../../api/types';
import { color, isNarrow } from '../../design';
import { METRES_PER_INCH } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { Handle } from './Handle';
import { gradesOf } from './puttEntry';
import { Fall, Hole, LaneDrawing } from './ReadLane';
import { laneLayout, withinLane } from './readLayout';

const Drawing = styled(LaneDrawing)`
  .rolled { stroke-dasharray: 1; animation: roll 900ms ease-out; }
  @keyframes roll { from { stroke-dashoffset: 1; } to { stroke-dashoffset: 0; } }
`;

export interface Calling {
  aim_m: number;
  plays_m: number;
}

interface GuessLaneProps {
  putt: PuttSituation;
  calling: Calling;
  onCall: (calling: Calling) => void;
  /** Null until it rolled. */
  rolled: QuizAnswer | null;
  units: Units;
}

/** The putt with nothing told: the mark beside the hole and the pace are dragged, then the ball rolls. */
export function QuizLane({ putt, calling, onCall, rolled, units }: GuessLaneProps) {
  const svg = useRef<SVGSVGElement>(null);
  const isUpright = isNarrow();
  const widest = Math.max(0.35, 0.28 * putt.length_m);
  const lane = laneLayout(
    {
      furthest: putt.length_m * 1.9,
      widest,
    },
    isUpright,
  );
  const { along_percent, across_percent } = gradesOf(putt);
  const dragged = useRef(0);
  const pixels = () => (svg.current?.getBoundingClientRect().width ?? lane.box[0]) / lane.box[0];
  const [hole, plays] = [putt.length_m, calling.plays_m];
  const inches = units.choice.unit === 'metres' ? 0.02 : METRES_PER_INCH;
  const call = (aim: number) =>
    onCall({ ...calling, aim_m: Math.max(-4, Math.min(4, Math.round(aim / inches) * inches)) });
  const strike = (metres: number) =>
    onCall({
      ...calling,
      plays_m: Math.max(0.2, Math.min(60, Math.round(metres / (inches * 3)) * inches * 3)),
    });
  return (
    <Drawing ref={svg} viewBox={`0 0 ${lane.box[0]} ${lane.box[1]}`} role="group" aria-label="The putt from above">
      <Fall
        look={{ along_percent, across_percent, steep_percent: Math.hypot(along_percent, across_percent) }}
        lane={lane}
      />
      <line
        x1={lane.place(0, 0)[0]}
        y1={lane.place(0, 0)[1]}
        x2={lane.place(hole, 0)[0]}
        y2={lane.place(hole, 0)[1]}
        stroke={color.turfInk}
        strokeDasharray="3 6"
      />
      <Hole lane={lane} length={hole} />
      {rolled !== null && (
        <>
          <path
            d={lane.path(withinLane(rolled.right_path, lane))}
            stroke={color.turfInk}
            strokeWidth={2.5}
            strokeDasharray="9 6"
          />
          <path
            className="rolled"
            pathLength={1}
            d={lane.path(withinLane(rolled.path, lane))}
            stroke={color.ink}
            strokeWidth={4.5}
          />
          <path
            d={`M${lane.place(hole, rolled.needed_m)[0] - 8} ${lane.place(hole, rolled.needed_m)[1] - 8} l16 16 m0 -16 l-16 16`}
            stroke={color.turfInk}
            strokeWidth={3}
          />
        </>
      )}
      <circle
        cx={lane.place(0, 0)[0]}
        cy={lane.place(0, 0)[1]}
        r={11}
        fill={color.leaf}
        stroke={color.ink}
        strokeWidth={2.5}
      />
      <Handle
        label="Aim beside the hole"
        words={aimWords(calling.aim_m, units)}
        value={Math.round(calling.aim_m * 100) / 100}
        least={-4}
        most={4}
        at={lane.place(hole, calling.aim_m)}
        pixels={pixels}
        onStart={() => {
          dragged.current = calling.aim_m;
        }}
        onDrag={(dx, dy) => {
          dragged.current += (isUpright ? dx : dy) / (lane.metre * lane.stretch);
          call(dragged.current);
        }}
        onStep={(by) => call(calling.aim_m + by * inches)}
      >
        <path d="M-10 0 h20 M0 -10 v20" stroke={color.copper} strokeWidth={4} />
      </Handle>
      <Handle
        label="Plays like, on the level"
        words={units.show(plays, 'roll')}
        value={Math.round(plays * 100) / 100}
        least={0.2}
        most={60}
        at={lane.place(Math.min(plays, putt.length_m * 1.85), -lane.reach + 20 / (lane.metre * lane.stretch))}
        pixels={pixels}
        onStart={() => {
          dragged.current = plays;
        }}
        onDrag={(dx, dy) => {
          dragged.current += (isUpright ? -dy : dx) / lane.metre;
          strike(dragged.current);
        }}
        onStep={(by) => strike(plays + by * inches * 3)}
      >
        <circle r={10} fill="none" stroke={color.copper} strokeWidth={4} />
      </Handle>
      <text x={lane.note[0]} y={lane.note[1]}>
        + aim, o plays like
        {lane.stretch > 1.05 && `; sideways drawn ${lane.stretch.toFixed(1)} times as wide`}
      </text>
    </Drawing>
  );
}

/** Where the mark beside the hole stands. */
export function aimWords(metres: number, units: Units): string {
  return Math.abs(metres) < 0.005
    ? 'at the middle'
    : `${units.show(Math.abs(metres), 'roll')} ${metres > 0 ? 'right' : 'left'}`;
}
