import type { RunProgress, RunState } from '../app/types';
import type { Units } from '../app/useUnits';
import { Part, Quiet, TableFrame } from '../design';
import { isGroup } from './course';
import { stationSlope } from './drillWords';

interface ResultsProps {
  run: RunState;
  progress: RunProgress | null;
  /** By student id. */
  names: ReadonlyMap<string, string>;
  units: Units;
}

/** What came of it: by student in a group, by station otherwise. */
export function Results({ run, progress, names, units }: ResultsProps) {
  if (isGroup(run)) {
    return (
      <Part>
        <h2>Who did what</h2>
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">Student</th>
                <th scope="col">Passed</th>
                <th scope="col">First tries</th>
                <th scope="col" data-wide>
                  Started well, missed
                </th>
              </tr>
            </thead>
            <tbody>
              {run.students.map(({ student, state }) => (
                <tr key={student}>
                  <th scope="row" style={{ whiteSpace: 'normal' }}>
                    {names.get(student) ?? 'Somebody'}
                  </th>
                  <td>{`${state.passes} of ${state.balls}`}</td>
                  <td>{`${state.first_tries.passed} of ${state.first_tries.n}`}</td>
                  <td data-wide>{state.through_but_missed}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
      </Part>
    );
  }
  if (progress === null) {
    return null;
  }
  const more = [
    `First tries: ${progress.first_tries.passed} of ${progress.first_tries.n}`,
    progress.points === null ? null : `${progress.points} points`,
    progress.second_putts.n === 0
      ? null
      : `${progress.second_putts.putts} more putts for ${progress.second_putts.n} putted out`,
    progress.feel === null
      ? null
      : `${Math.round(progress.feel.agreement * progress.feel.n)} of ${progress.feel.n} calls were right`,
    progress.restarts === 0
      ? null
      : `${progress.restarts} ${progress.restarts === 1 ? 'restart' : 'restarts'}`,
  ].filter((part) => part !== null);
  return (
    <Part>
      <h2>What came of it</h2>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Station</th>
              <th scope="col">Passed</th>
              <th scope="col">Tries</th>
            </tr>
          </thead>
          <tbody>
            {progress.stations.map((station, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: stations have no name but their place.
              <tr key={index}>
                <th scope="row">
                  {units.show(station.length_m, 'station')}
                  {stationSlope(run.drill.stations[index])}
                </th>
                <td>{`${station.passes} of ${station.balls}`}</td>
                <td>{station.attempt}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      <Quiet>{more.join(' · ')}.</Quiet>
      <Unchecked run={run} />
    </Part>
  );
}

/** What results rest on and nobody ticked. */
function Unchecked({ run }: { run: RunState }) {
  const unticked = run.checks.filter(({ key }) => (run.set_out.check[key] ?? 0) === 0);
  return unticked.length === 0 ? null : (
    <Quiet>
      Not ticked while setting out: {unticked.map(({ sentence }) => sentence.replace(/[.]$/, '')).join('; ')}.
    </Quiet>
  );
}
