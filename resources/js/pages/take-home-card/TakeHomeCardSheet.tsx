import styled, { createGlobalStyle } from 'styled-components';
import type { TakeHomeCard } from '../../api/types';
import { color, Name, space, type } from '../../design';
import { unitsFor } from '../../units/useUnits';
import { questionWords } from './homeEntries';

/** One side of a sheet that is folded into a pocket. */
const PAPER = '105mm 148mm';

const OnPaper = createGlobalStyle`
  @page { size: ${PAPER}; margin: 7mm; }
  @media print {
    /* What neither holds the card nor is in it takes no room, so that one side is enough. */
    body *:not(:has([data-pocket])):not([data-pocket], [data-pocket] *) { display: none !important; }
    body :has([data-pocket]) { display: block !important; padding: 0 !important; }
    [data-pocket] { border: 0 !important; padding: 0 !important; max-width: none !important; }
  }
`;

const Leaf = styled.article`
  background: ${color.leaf}; border: 1.5px solid ${color.edge}; border-radius: 6px; padding: ${space.m}; max-width: 400px; width: 100%;
  display: grid; gap: ${space.s}; font-size: 1rem; align-content: start;
  h2 { font-size: 1.2rem; }
  h3 { font: 700 0.85rem ${type.sans}; color: ${color.pencil}; margin-top: 6px; }
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-weight: 400; color: ${color.pencil}; font-size: 0.88rem; padding: 2px 8px 4px 0; vertical-align: bottom; }
  tbody th, td { border-top: 1px solid ${color.rule}; padding: 3px 8px 3px 0; color: ${color.ink}; }
  tbody th { font-size: 1rem; white-space: nowrap; }
  td { font: 700 1.12rem ${type.sans}; }
  p { overflow-wrap: anywhere; }
  small { color: ${color.pencil}; font-size: 0.85rem; font-weight: 400; }
`;

const SCHOOL_HEADS = {
  rule: 'Backstroke',
  foot: 'Backstroke of the putter head',
  eye: '80 % finish between',
} as const;

/** The card itself, in the student's own units and school. */
export function TakeHomeCardSheet({ card }: { card: TakeHomeCard }) {
  const units = unitsFor({ unit: card.unit, paceLength: card.stride_m });
  const [first, second] = card.tables;
  return (
    <Leaf data-pocket aria-label={`Take-home card of ${card.name}`}>
      <OnPaper />
      <h2>
        <Name>{card.name}</Name>
      </h2>
      <small>
        {new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}
        {card.coach !== null && ` · ${card.coach}`}
      </small>
      {first === undefined || second === undefined ? (
        <p>No table yet. It starts with the first measured backstrokes.</p>
      ) : (
        <table>
          <thead>
            <tr>
              <th scope="col">Putt</th>
              {[first, second].map((table) => (
                <th scope="col" key={table.speed_m}>
                  {SCHOOL_HEADS[card.school]}, green {units.speed(table.speed_m)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lengthsOf(card).map((length) => (
              <tr key={length}>
                <th scope="row">{units.show(length, 'station')}</th>
                {[first, second].map((table) => {
                  const row = table.rows.find(({ length_m }) => length_m === length);
                  return (
                    <td key={table.speed_m}>
                      {row === undefined || row.backstroke_m === null
                        ? '·'
                        : card.school === 'eye'
                          ? `${units.show(row.low_m ?? length, 'roll')} – ${units.show(row.high_m ?? length, 'roll')}`
                          : units.show(row.backstroke_m, 'backstroke')}
                      {row?.extrapolated === true && <small> not putted yet</small>}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {card.work_on !== null && (
        <>
          <h3>Working on</h3>
          <p>{card.work_on}</p>
        </>
      )}
      {card.home_task !== null && (
        <>
          <h3>Homework</h3>
          <p>{card.home_task}</p>
          <p>
            {questionWords(card)} {card.home_cue}
          </p>
        </>
      )}
      {card.next_on !== null && (
        <>
          <h3>Next lesson</h3>
          <p>
            {new Date(`${card.next_on}T12:00:00`).toLocaleDateString('en-GB', {
              weekday: 'long',
              day: 'numeric',
              month: 'long',
            })}
          </p>
        </>
      )}
      {card.finish_past_m > 0 && <small>Finish {units.show(card.finish_past_m, 'roll')} past a covered hole.</small>}
    </Leaf>
  );
}

/** Lengths that either table tells. */
function lengthsOf({ tables }: TakeHomeCard): number[] {
  return [...new Set(tables.flatMap(({ rows }) => rows.map(({ length_m }) => length_m)))].sort((a, b) => a - b);
}
