import type { SessionReport } from '../../api/types';
import { Part, QuietText, TableFrame } from '../../design';
import type { When } from '../../features/stroke/relativeDay';

const MEASURES = {
  stroke: 'Backstroke',
  distance: 'Distance control',
  start_line: 'Start line',
  reads: 'Reads',
  feel: 'Feel',
} as const;

interface MeasuresProps {
  report: SessionReport;
  when: When;
}

/** What a session's balls tell, measure by measure, and why the others do not. */
export function Measures({ report: { measures, tries }, when }: MeasuresProps) {
  const total = measures[0] === undefined ? 0 : countOf(measures[0]);
  return total === 0 ? null : (
    <Part>
      <h2>What {when.isToday ? "today's" : 'these'} balls show</h2>
      <TableFrame>
        <table>
          <thead>
            <tr>
              <th scope="col">Measure</th>
              <th scope="col">Balls</th>
              <th scope="col">Left out</th>
            </tr>
          </thead>
          <tbody>
            {measures.map((each) => (
              <tr key={each.measure}>
                <th scope="row">{MEASURES[each.measure]}</th>
                <td>{`${each.counted} of ${countOf(each)}`}</td>
                <td>{each.left_out.map(({ reason, count }) => `${count} ${reason}`).join('; ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </TableFrame>
      {tries.first > 0 && (
        <QuietText>
          Within 10 % of the length: {tries.first_inside} of {tries.first} first attempts at a putt
          {tries.later === 0 ? '' : `, ${tries.later_inside} of ${tries.later} later ones`}.
        </QuietText>
      )}
    </Part>
  );
}

function countOf({ counted, left_out }: SessionReport['measures'][number]): number {
  return left_out.reduce((sum, { count }) => sum + count, counted);
}
