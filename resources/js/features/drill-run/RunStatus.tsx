import styled from 'styled-components';
import type { Drill, RunState } from '../../api/types';
import { color, narrow, QuietText, space, type, wide } from '../../design';
import { apartWords, callOutWords } from '../../lane/drillWords';
import type { Units } from '../../units/useUnits';
import { PhaseBand } from './PhaseBand';
import { type Rolling, standing } from './useDrillRun';

const Called = styled.p`
  font: 600 2.5rem/1.1 ${type.serif}; text-wrap: balance; min-height: 1.1em; overflow-wrap: anywhere;
  small { display: block; margin-top: 2px; font: 400 1.05rem ${type.sans}; color: ${color.pencil}; }
  ${narrow} { font-size: 2.1rem; }
`;

/** The call-out, with the state of the drill beside it where there is room, above it on a phone. */
const Top = styled.div`
  display: grid; gap: ${space.s}; align-items: center;
  & > div:first-child { display: grid; gap: 4px; }
  & > [data-phase] { order: -1; }
  ${wide} { grid-template-columns: minmax(300px, 1fr) minmax(280px, 380px); gap: ${space.l}; & > [data-phase] { order: 0; } }
`;

interface WhereItStandsProps {
  run: RunState;
  rolling: Rolling;
  units: Units;
  isGentle: boolean;
  /** What is said of balls that are on this device alone. */
  waiting?: string;
}

/** The next ball, large, and how far the drill has come. */
export function RunStatus({ run, rolling, units, isGentle, waiting = 'not synced yet' }: WhereItStandsProps) {
  const { ahead, progress, next, log } = rolling;
  return (
    <Top>
      <div>
        {ahead.status !== 'over' && (
          <Called role="status" data-callout>
            {next === null ? 'Waiting for the network' : callOutWords(next, units)}
            <small>
              {next === null
                ? 'All prepared balls are logged. They are saved on this device, and counted when the network is back.'
                : nextWords(run, rolling, units)}
            </small>
          </Called>
        )}
        {progress !== null && (
          <QuietText role="status">
            {standing(run, progress, isGentle)}
            {log.waitingCount > 0 && ` ${log.waitingCount} ${waiting}.`}
          </QuietText>
        )}
      </div>
      {progress !== null && (
        <PhaseBand
          progress={progress}
          drill={run.drill}
          isWaiting={rolling.unseenCount > 0 || ahead.status === 'waiting'}
          units={units}
        />
      )}
    </Top>
  );
}

/** Whether chance says the next station; blocks before that are in the order they are laid. */
export function isShuffled({ order, stations, balls_per_station }: Drill, balls: number): boolean {
  return order === 'shuffled' || (order === 'blocked_then_shuffled' && balls >= stations.length * balls_per_station);
}

/** What counts of the next ball, and which one it is. */
function nextWords(run: RunState, { next, ahead, progress }: Rolling, units: Units): string {
  const counts = { length: 'length counts', line: 'the start line counts', both: 'line and length count' }[run.axis];
  const parts = [
    `ball ${next?.ball ?? ''} of ${run.drill.balls_per_station} here`,
    isShuffled(run.drill, progress?.balls ?? 0) ? 'shuffled' : '',
    progress?.step_m == null
      ? ''
      : `${run.drill.aid === undefined ? 'within' : 'gate'} ${units.show(progress.step_m, 'width')} now`,
    !run.judges ? 'measured, not judged' : run.drill.pass.kind === 'past_only' ? 'past only' : counts,
    next === null ? '' : apartWords(next, units),
    ahead.status === 'next' && !ahead.isCertain ? 'if the drill is not over by now' : '',
  ];
  return parts.filter((part) => part !== '').join(' · ');
}
