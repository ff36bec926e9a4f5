import { type MouseEvent, useRef } from 'react';
import styled from 'styled-components';
import type { HoleMap, MappedPutts, MappedRead } from '../../api/types';
import { color, type } from '../../design';
import type { Units } from '../../units/useUnits';
import { HALF, type Place, scaleOf } from './mapGeometry';

const Drawing = styled.svg`
  display: block; width: 100%; max-width: 600px; max-height: 74vh; cursor: crosshair; touch-action: manipulation;
  text { font: 700 6px ${type.sans}; fill: ${color.ink}; }
`;

interface HoleDrawingProps {
  map: HoleMap;
  /** Where a place is measured, or a ball lies. */
  at: Place | null;
  read: MappedRead | null;
  /** Putts that were found. */
  putts: MappedPutts['straight'];
  onTouch: (place: Place) => void;
  units: Units;
}

/**
 * The hole from above, its landmark at the top: contours, which way it falls, what was measured, a putt's line. What a
 * touch does, the fields beside it do by keys.
 */
export function HoleDrawing({ map, at, read, putts, onTouch, units }: HoleDrawingProps) {
  const svg = useRef<SVGSVGElement>(null);
  const scale = scaleOf(map);
  const touch = (event: MouseEvent) => {
    const matrix = svg.current?.getScreenCTM();
    if (matrix != null) {
      const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
      onTouch({ x_m: point.x / scale, y_m: -point.y / scale });
    }
  };
  const [right, down] = [(x: number) => x * scale, (y: number) => -y * scale];
  const bar = units.choice.unit === 'feet' ? 1.524 : 1;
  return (
    <Drawing
      ref={svg}
      viewBox={`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`}
      role="img"
      aria-label={`Map of ${map.name}, ${map.mark} at the top`}
      onClick={touch}
    >
      <circle r={HALF - 12} fill={color.turf} />
      {map.reach_m > 0 && (
        <circle r={right(map.reach_m)} fill="none" stroke={color.turfDeep} strokeWidth={1} strokeDasharray="3 3" />
      )}
      {map.contours.map(({ height_m, pieces }) => (
        <path
          key={height_m}
          d={pieces
            .map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => `M${right(x1)} ${down(y1)}L${right(x2)} ${down(y2)}`)
            .join('')}
          stroke={color.turfInk}
          strokeWidth={Math.abs(height_m) < 1e-6 ? 1 : 0.5}
          strokeLinecap="round"
          fill="none"
        />
      ))}
      {map.falls.map((fall) => (
        <Arrow key={`${fall.x_m} ${fall.y_m}`} fall={fall} x={right(fall.x_m)} y={down(fall.y_m)} />
      ))}
      {[12, 3, 6, 9].map((hour) => (
        <text
          key={hour}
          x={(HALF - 6) * Math.sin((hour * Math.PI) / 6)}
          y={2 - (HALF - 6) * Math.cos((hour * Math.PI) / 6)}
          textAnchor="middle"
        >
          {hour}
        </text>
      ))}
      {map.readings.map((reading, i) => (
        <g key={`${reading.x_m} ${reading.y_m}`} transform={`translate(${right(reading.x_m)} ${down(reading.y_m)})`}>
          <circle r={3.4} fill={color.leaf} stroke={reading.is_far_off ? color.warn : color.ink} strokeWidth={0.8} />
          <text y={1.7} textAnchor="middle" style={{ fontSize: 4.6, ...(reading.is_far_off && { fill: color.warn }) }}>
            {reading.is_far_off ? '!' : Math.hypot(reading.x_m, reading.y_m) < 0.05 ? '' : i + 1}
          </text>
        </g>
      ))}
      <circle r={2} fill={color.ink} />
      {putts.map((putt) => (
        <g key={`${putt.x_m} ${putt.y_m}`}>
          <line
            x2={right(putt.x_m)}
            y2={down(putt.y_m)}
            stroke={color.copper}
            strokeWidth={0.8}
            strokeDasharray="2 2"
          />
          <circle cx={right(putt.x_m)} cy={down(putt.y_m)} r={2.4} fill={color.copper} />
        </g>
      ))}
      {read !== null && read.path.length > 0 && (
        <path
          d={`M${read.path.map(([x = 0, y = 0]) => `${right(x)} ${down(y)}`).join('L')}`}
          stroke={color.copper}
          strokeWidth={1.4}
          strokeLinejoin="round"
          fill="none"
        />
      )}
      {at !== null && (
        <circle cx={right(at.x_m)} cy={down(at.y_m)} r={4.6} fill="none" stroke={color.copper} strokeWidth={1.6} />
      )}
      <g transform={`translate(${4 - HALF} ${HALF - 5})`}>
        <path d={`M0 -2v2h${bar * scale}v-2`} stroke={color.ink} strokeWidth={0.7} fill="none" />
        <text x={bar * scale + 2} y={0}>
          {units.show(bar, 'roll')}
        </text>
      </g>
    </Drawing>
  );
}

/** Which way a ball would roll there; dashed where the map hardly knows. */
function Arrow({ fall, x, y }: { fall: HoleMap['falls'][number]; x: number; y: number }) {
  const steep = Math.hypot(fall.right_percent, fall.up_percent);
  if (steep < 0.2) {
    return null;
  }
  const length = Math.min(14, 3 + 2.4 * steep);
  const turn = (Math.atan2(-fall.up_percent, fall.right_percent) * 180) / Math.PI;
  return (
    <path
      d={`M${-length / 2} 0H${length / 2}m-2.4 -1.8l2.4 1.8l-2.4 1.8`}
      transform={`translate(${x} ${y}) rotate(${turn})`}
      stroke={color.pencil}
      strokeWidth={0.8}
      strokeDasharray={fall.is_vague ? '1.4 1.4' : undefined}
      fill="none"
    />
  );
}
