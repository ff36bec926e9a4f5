import styled from 'styled-components';
import type { BackstrokeRow, SessionReport, BackstrokeTable as StrokeTableData } from '../../api/types';
import { color, TableFrame, type } from '../../design';
import { slopeWords } from '../../units/slope';
import type { Units } from '../../units/useUnits';

const Large = styled(TableFrame)`
  td, tbody th { padding-top: 2px; padding-bottom: 2px; text-wrap: balance; }
  td strong { font: 700 1.45rem/1.1 ${type.sans}; }
  small { display: block; color: ${color.pencil}; font-size: 0.88rem; }
`;

interface StrokeTableProps {
  table: StrokeTableData;
  units: Units;
}

/** For each length: the backstroke in large figures, and where eight balls of ten will stop. */
export function BackstrokeTable({ table, units }: StrokeTableProps) {
  return (
    <Large>
      <table>
        <thead>
          <tr>
            <th scope="col">Putt</th>
            <th scope="col">Backstroke</th>
            <th scope="col">80 % finish between</th>
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
                <td colSpan={2}>
                  {row.never_stops ? 'No ball would stop on this slope at this speed.' : 'Not known.'}
                </td>
              ) : (
                <>
                  <td>
                    <strong>{units.show(row.backstroke_m, 'backstroke')}</strong>
                    {row.extrapolated === true && <small>estimated</small>}
                  </td>
                  <td>{rangeOf(row, units)}</td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </Large>
  );
}

function rangeOf({ low_m, high_m }: BackstrokeRow, units: Units): string {
  return low_m === null || high_m === null ? '' : `${units.show(low_m, 'roll')} and ${units.show(high_m, 'roll')}`;
}

/** For each length: where the trail shoe stands as the stop, as it was measured. */
export function ShoeTable({ shoe, units }: { shoe: SessionReport['shoe_places']; units: Units }) {
  return (
    <Large>
      <table>
        <thead>
          <tr>
            <th scope="col">Putt</th>
            <th scope="col">Ball to the inside of the trail shoe</th>
          </tr>
        </thead>
        <tbody>
          {shoe.map(({ length_m, place_m }) => (
            <tr key={length_m}>
              <th scope="row">{units.show(length_m, 'station')}</th>
              <td>
                <strong>{units.show(place_m, 'backstroke')}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Large>
  );
}
