import styled from 'styled-components';
import { Fold, Margin, Quiet, TableFrame, type } from '../design';
import { inWords } from '../lane/drillWords';
import { OUTCOMES } from '../lane/OutcomeMark';
import type { LookBall, MarginNote } from '../server/types';
import { day } from '../units/dates';
import type { Units } from '../units/useUnits';

/** In the hand's type, not the margin's: these are figures. */
const Sans = styled.div`
  font: 400 0.95rem/1.4 ${type.sans};
  td, tbody th { font-size: 0.95rem; padding: 5px 8px 5px 0; }
`;

interface PencilNotesProps {
  notes: readonly MarginNote[];
  units: Units;
  onSetAside?: (note: MarginNote, reason: string | null) => void;
}

/** The margin in the coach's own unit, each note with the very balls it rests on one touch away. */
export function PencilNotes({ notes, units, onSetAside }: PencilNotesProps) {
  const said = (text: string | null) => (text === null ? null : inWords(text, units));
  return (
    <Margin
      notes={notes.map((note) => ({
        ...note,
        seen: inWords(note.seen, units),
        evidence: inWords(note.evidence, units),
        try: said(note.try),
        other_way: said(note.other_way),
        refuted_by: said(note.refuted_by),
      }))}
      {...(onSetAside === undefined ? {} : { onSetAside })}
      evidenceOf={({ balls }) => (balls.length === 0 ? null : <TheBalls balls={balls} units={units} />)}
    />
  );
}

function TheBalls({ balls, units }: { balls: readonly LookBall[]; units: Units }) {
  return (
    <Fold label={balls.length === 1 ? 'The ball behind it' : `The ${balls.length} balls behind it`}>
      <Sans>
        <TableFrame>
          <table>
            <tbody>
              {[...balls].reverse().map((ball) => (
                <tr key={ball.id}>
                  <th scope="row">{day(new Date(ball.at_ms).toISOString())}</th>
                  <td>{ball.target_m === null ? 'no target' : units.show(ball.target_m, 'station')}</td>
                  <td>{ballSaid(ball, units)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
        <Quiet>The latest first.</Quiet>
      </Sans>
    </Fold>
  );
}

const STARTS = { left: 'started left', on: 'started on line', right: 'started right' } as const;

/** "1 ft 2 in short, started left". */
export function ballSaid({ target_m, roll_m, stop, start, word }: LookBall, units: Units): string {
  const leave = roll_m === null || target_m === null ? null : roll_m - target_m;
  return [
    stop === 'holed' ? 'holed' : null,
    leave === null || stop === 'holed'
      ? null
      : `${units.show(Math.abs(leave), 'roll')} ${leave < 0 ? 'short' : 'past'}`,
    leave === null && stop !== 'holed' && word !== null ? OUTCOMES[word].word : null,
    start === null ? null : STARTS[start],
  ]
    .filter((part) => part !== null)
    .join(', ');
}
