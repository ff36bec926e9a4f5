import type { RunProgress, RunState } from '../../api/types';
import { Part, QuietText, TableFrame } from '../../design';
import type { Units } from '../../units/useUnits';
import { DrillResults } from '../drill-results/DrillResults';
import { isGroup } from './callOutGraph';

interface ResultsProps {
  run: RunState;
  /** Whether scores are kept out of this student's sight. */
  isGentle: boolean;
  progress: RunProgress | null;
  /** By student id. */
  names: ReadonlyMap<string, string>;
  units: Units;
}

/** What came of it: by student in a group, by station otherwise. */
export function Results({ run, progress, isGentle, names, units }: ResultsProps) {
  if (isGroup(run)) {
    return (
      <Part>
        <h2>Results by student</h2>
        <TableFrame>
          <table>
            <thead>
              <tr>
                <th scope="col">Student</th>
                <th scope="col">Passed</th>
                <th scope="col">First attempts</th>
                <th scope="col" data-wide>
                  Started well, missed
                </th>
              </tr>
            </thead>
            <tbody>
              {run.students.map(({ student, state }) => (
                <tr key={student}>
                  <th scope="row" style={{ whiteSpace: 'normal' }}>
                    {names.get(student) ?? 'A student'}
                  </th>
                  <td>{`${state.passes} of ${state.judged}`}</td>
                  <td>{`${state.first_attempts.passed} of ${state.first_attempts.n}`}</td>
                  <td data-wide>{state.through_but_missed}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
        {run.findings.map(({ student, findings }) => (
          <Part key={student}>
            <h3>{names.get(student ?? '') ?? 'A student'}</h3>
            <DrillResults findings={findings} isGentle={isGentle} units={units} />
          </Part>
        ))}
      </Part>
    );
  }
  if (progress === null) {
    return null;
  }
  return (
    <Part>
      <h2>Results</h2>
      <DrillResults findings={run.findings[0]?.findings ?? []} isGentle={isGentle} units={units} />
      <Unchecked run={run} />
    </Part>
  );
}

/** What results rest on and nobody ticked. */
function Unchecked({ run }: { run: RunState }) {
  const unticked = run.checks.filter(({ key }) => (run.set_out.check[key] ?? 0) === 0);
  return unticked.length === 0 ? null : (
    <QuietText>
      Not ticked during set-up: {unticked.map(({ sentence }) => sentence.replace(/[.]$/, '')).join('; ')}.
    </QuietText>
  );
}
