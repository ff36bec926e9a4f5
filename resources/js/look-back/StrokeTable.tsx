import { TableFrame } from '../design';
import type { StrokeRow, StrokeTable as StrokeTableData } from '../server/types';
import { slopeWords } from '../units/slope';
import type { Units } from '../units/useUnits';

interface StrokeTableProps {
  table: StrokeTableData;
  units: Units;
  /** Told by the rule beside the ball, or by where the trail shoe stands. */
  view: 'rule' | 'foot';
}

/** For each length: the backstroke, where eight balls of ten will stop, and how far it may be trusted. */
export function StrokeTable({ table, units, view }: StrokeTableProps) {
  return (
    <TableFrame>
      <table>
        <thead>
          <tr>
            <th scope="col">For a roll of</th>
            <th scope="col">
              {view === 'rule' ? 'Backstroke' : 'Inside of the trail shoe, behind the ball'}
            </th>
            <th scope="col">Give or take, in roll</th>
            <th scope="col" data-wide>
              Eight balls of ten stop between
            </th>
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row) => (
            <tr key={`${row.length_m} ${row.grade_percent}`}>
              <th scope="row">
                {units.show(row.length_m, 'station')}
                {row.grade_percent !== 0 && `, ${slopeWords(row.grade_percent)}`}
              </th>
              {row.backstroke_m === null ? (
                <td colSpan={3}>
                  {row.never_stops ? 'No ball would stop on this slope at this speed.' : 'Cannot be told.'}
                </td>
              ) : (
                <>
                  <td>
                    <strong>{units.show(row.backstroke_m, 'backstroke')}</strong>
                    {row.extrapolated === true && ' · beyond what was rolled'}
                  </td>
                  <td>{giveOrTake(row, units)}</td>
                  <td data-wide>
                    {row.low_m !== null &&
                      row.high_m !== null &&
                      `${units.show(row.low_m, 'roll')} and ${units.show(row.high_m, 'roll')}`}
                  </td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </TableFrame>
  );
}

/** Half the width of the range of rolls. */
function giveOrTake(row: StrokeRow, units: Units): string {
  return row.low_m === null || row.high_m === null ? '' : units.show((row.high_m - row.low_m) / 2, 'roll');
}
