import styled from 'styled-components';
import type { Station } from '../app/types';
import type { Units } from '../app/useUnits';
import { color, type } from '../design';
import { laneScale } from './geometry';

const WIDTH = 760;
const HEIGHT = 190;
const GROUND = 104;

const Drawing = styled.svg`
  display: block; width: 100%; min-width: 560px;
  text { font: 400 14px ${type.sans}; fill: ${color.turfInk}; }
`;

const Frame = styled.div`overflow-x: auto; border-radius: 6px; background: ${color.turf};`;

/** Stations drawn to scale from the target, with the slope each is putted on. */
export function SetOutLane({ stations, units }: { stations: readonly Station[]; units: Units }) {
  const longest = Math.max(3, ...stations.map((station) => station.length_m));
  const scale = laneScale({ low: 0, high: longest * 1.06 }, WIDTH - 56, 40);
  const words = stations.map((station) => units.show(station.length_m, 'station')).join(', ');
  return (
    <Frame tabIndex={0} role="group" aria-label="Stations to scale">
      <Drawing
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={stations.length === 0 ? 'No stations yet.' : `Stations from the target: ${words}.`}
      >
        <rect width={WIDTH} height={HEIGHT} fill={color.turf} />
        <line x1={24} x2={WIDTH - 24} y1={GROUND} y2={GROUND} stroke={color.turfInk} strokeWidth={1.5} />
        <ellipse cx={scale(0)} cy={GROUND} rx={15} ry={5} fill={color.turfInk} />
        <line
          x1={scale(0)}
          x2={scale(0)}
          y1={GROUND}
          y2={GROUND - 54}
          stroke={color.turfInk}
          strokeWidth={2}
        />
        <path d={`M${scale(0)} ${GROUND - 54} l18 7 l-18 7 Z`} fill={color.copper} />
        {[...stations]
          .sort((a, b) => a.length_m - b.length_m)
          .map((station, index) => {
            const x = scale(station.length_m);
            const low = index % 2 === 1;
            return (
              <g key={`${station.length_m} ${station.grade_percent}`}>
                <line x1={x} x2={x} y1={GROUND - 9} y2={GROUND + 9} stroke={color.turfInk} strokeWidth={3} />
                <Slope x={x} percent={station.grade_percent ?? 0} />
                <text
                  x={x}
                  y={low ? GROUND + 56 : GROUND + 30}
                  textAnchor="middle"
                  style={{ font: `700 16px ${type.sans}` }}
                >
                  {units.show(station.length_m, 'station')}
                </text>
                {low && (
                  <line
                    x1={x}
                    x2={x}
                    y1={GROUND + 12}
                    y2={GROUND + 40}
                    stroke={color.turfInk}
                    strokeOpacity={0.4}
                  />
                )}
              </g>
            );
          })}
      </Drawing>
    </Frame>
  );
}

/** A wedge over a station that rises toward the target when the putt is uphill. */
function Slope({ x, percent }: { x: number; percent: number }) {
  if (percent === 0) {
    return null;
  }
  const rise = Math.max(-24, Math.min(24, percent * 5));
  const base = GROUND - 22;
  return (
    <g>
      <path d={`M${x - 20} ${base} h40 v${-rise} Z`} fill={color.turfDeep} stroke={color.turfInk} />
      <text x={x} y={base - Math.max(rise, 0) - 6} textAnchor="middle">
        {percent > 0 ? `${percent} % up` : `${-percent} % down`}
      </text>
    </g>
  );
}
