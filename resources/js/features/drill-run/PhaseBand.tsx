import { Armchair, Flag, Hourglass, RotateCcw } from 'lucide-react';
import styled from 'styled-components';
import type { Drill, RunProgress } from '../../api/types';
import { color, space, type } from '../../design';
import type { Units } from '../../units/useUnits';

const Band = styled.div`
  display: flex; align-items: center; gap: ${space.m}; padding: 10px 14px; border-radius: 6px; border: 2px solid ${color.edge};
  font: 600 1.1rem/1.3 ${type.serif};
  svg { flex: none; }
  &[data-phase='restarted'] { background: ${color.copperWash}; border-color: ${color.copper}; }
  &[data-phase='resting'] { background: ${color.turf}; border-color: ${color.turfInk}; color: ${color.turfInk}; }
  &[data-phase='capped'] { border-style: dashed; }
  &[data-phase='done'] { background: ${color.ink}; color: ${color.paper}; border-color: ${color.ink}; }
`;

interface PhaseBandProps {
  progress: RunProgress;
  drill: Drill;
  /** Whether balls wait that this state has not seen, so that it may be older than what is rolled. */
  isWaiting: boolean;
  units: Units;
}

/** Restarting, resting, capped, done: each looks and reads as what it is; rolling on needs no band. */
export function PhaseBand({ progress, drill, isWaiting, units }: PhaseBandProps) {
  if (isWaiting) {
    return null;
  }
  if (progress.phase === 'done') {
    return (
      <Band data-phase="done" role="status">
        <Flag size={26} aria-hidden="true" /> Done.
      </Band>
    );
  }
  if (progress.phase === 'stopped') {
    return (
      <Band data-phase="capped" role="status">
        <Flag size={26} aria-hidden="true" /> Ended. What was done counts.
      </Band>
    );
  }
  if (progress.phase === 'capped') {
    const cap = progress.capped_by === 'balls' ? `${drill.cap.balls} balls` : `${drill.cap.minutes} minutes`;
    return (
      <Band data-phase="capped" role="status">
        <Hourglass size={26} aria-hidden="true" /> The limit of {cap} is reached. What was done counts; stop here.
      </Band>
    );
  }
  if (progress.last?.restarted === true && progress.next !== null) {
    const back = drill.on_miss === 'restart_all' ? 'Back to the start' : 'This station again';
    return (
      <Band data-phase="restarted" role="status">
        <RotateCcw size={26} aria-hidden="true" />
        {back}: ball {progress.next.ball} at {units.show(progress.next.length_m, 'station')}.
      </Band>
    );
  }
  if (progress.phase === 'resting') {
    return (
      <Band data-phase="resting" role="status">
        <Armchair size={26} aria-hidden="true" />
        Time for a rest: stand up and move off this spot. The next ball continues the drill.
      </Band>
    );
  }
  return null;
}
