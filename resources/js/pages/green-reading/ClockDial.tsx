import { useRef } from 'react';
import styled from 'styled-components';
import { color, type } from '../../design';
import { Handle } from './Handle';

const Drawing = styled.svg`
  display: block; width: 100%; max-width: 232px; touch-action: none;
  text { font: 400 14px ${type.sans}; fill: ${color.ink}; }
`;

/** Middle, radius of the face, and how far out a per cent stands. */
const MIDDLE = 110;
const FACE = 82;
const STEEPEST = 6;

interface ClockDialProps {
  hour: number;
  steep: number;
  onChange: (hour: number, steep: number) => void;
}

/**
 * The ground round the hole as a clock, uphill at the top. The ball is turned round it; further out is steeper.
 */
export function ClockDial({ hour, steep, onChange }: ClockDialProps) {
  const svg = useRef<SVGSVGElement>(null);
  const radius = 22 + (Math.min(STEEPEST, steep) / STEEPEST) * (FACE - 22);
  const at = place(hour, radius);
  const dragged = useRef(at);
  const words = `ball at ${hourWords(hour)}, ${steep.toFixed(1)} % steep`;
  return (
    <Drawing ref={svg} viewBox="0 0 220 220" role="group" aria-label="Ground round the hole">
      <circle cx={MIDDLE} cy={MIDDLE} r={FACE} fill={color.turf} stroke={color.turfInk} strokeWidth={1.5} />
      {[2, 4].map((ring) => (
        <circle
          key={ring}
          cx={MIDDLE}
          cy={MIDDLE}
          r={22 + (ring / STEEPEST) * (FACE - 22)}
          fill="none"
          stroke={color.turfDeep}
          strokeWidth={1.5}
        />
      ))}
      <path
        d={`M${MIDDLE} ${MIDDLE + 52} v-96 m-8 10 l8 -10 l8 10`}
        stroke={color.turfDeep}
        strokeWidth={5}
        fill="none"
      />
      {[12, 3, 6, 9].map((at) => {
        const [x, y] = place(at, FACE + 15);
        return (
          <text key={at} x={x} y={y + 5} textAnchor="middle">
            {at === 12 ? 'up' : at}
          </text>
        );
      })}
      <line x1={at[0]} y1={at[1]} x2={MIDDLE} y2={MIDDLE} stroke={color.ink} strokeWidth={2} strokeDasharray="3 5" />
      <circle cx={MIDDLE} cy={MIDDLE} r={8} fill={color.ink} />
      <Handle
        label="Where the ball lies round the hole"
        words={words}
        value={Math.round(hour * 10) / 10}
        least={0}
        most={12}
        at={at}
        pixels={() => (svg.current?.getBoundingClientRect().width ?? 220) / 220}
        onStart={() => {
          dragged.current = at;
        }}
        onDrag={(dx, dy) => {
          const [x, y] = [dragged.current[0] + dx, dragged.current[1] + dy];
          dragged.current = [x, y];
          const turned = Math.atan2(x - MIDDLE, MIDDLE - y) / (2 * Math.PI);
          const out = (Math.hypot(x - MIDDLE, y - MIDDLE) - 22) / (FACE - 22);
          onChange((turned * 12 + 12) % 12, out * STEEPEST);
        }}
        onStep={(by) => onChange((hour + by / 6 + 12) % 12, steep)}
      >
        <circle r={10} fill={color.leaf} stroke={color.ink} strokeWidth={2.5} />
      </Handle>
    </Drawing>
  );
}

function place(hour: number, radius: number): [number, number] {
  const angle = (hour / 12) * 2 * Math.PI;
  return [MIDDLE + radius * Math.sin(angle), MIDDLE - radius * Math.cos(angle)];
}

/** "4:30". */
export function hourWords(hour: number): string {
  const minutes = Math.round(hour * 60) % 720;
  return `${Math.floor(minutes / 60) || 12}:${String(minutes % 60).padStart(2, '0')}`;
}
