import type { SessionReport } from '../../api/types';
import { EditRow, QuietText, Stack, TableFrame } from '../../design';
import type { When } from '../../features/stroke/relativeDay';

const MEASURES = {
  stroke: 'Backstroke',
  distance: 'Distance control',
  start_line: 'Start line',
  reads: 'Reads',
  feel: 'Feel',
} as const;

/** Measures that a row names; all of them stand in its sheet. */
const MOST_IN_A_ROW = 2;

interface MeasuresProps {
  report: SessionReport;
  when: When;
}

/** What a session's balls tell, measure by measure, and why the others do not. */
export function MeasuresRow({ report, when }: MeasuresProps) {
  const [first] = report.measures;
  return first === undefined || countOf(first) === 0 ? null : (
    <EditRow
      label={`What ${when.isToday ? 'today’s' : 'these'} balls show`}
      summary={report.measures
        .slice(0, MOST_IN_A_ROW)
        .map((each) => `${MEASURES[each.measure]} ${each.counted} of ${countOf(each)}`)
        .join(' · ')}
    >
      {() => <Measures report={report} />}
    </EditRow>
  );
}

function Measures({ report: { measures, tries } }: Pick<MeasuresProps, 'report'>) {
  return (
    <Stack>
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
    </Stack>
  );
}

function countOf({ counted, left_out }: SessionReport['measures'][number]): number {
  return left_out.reduce((sum, { count }) => sum + count, counted);
}
