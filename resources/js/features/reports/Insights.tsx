import styled from 'styled-components';
import type { Insight, ReviewBall } from '../../api/types';
import { Fold, InsightCard, QuietText, TableFrame, type } from '../../design';
import { inWords } from '../../lane/drillWords';
import { OUTCOMES } from '../../lane/OutcomeMark';
import { day } from '../../units/dates';
import type { Units } from '../../units/useUnits';

/** In the hand's type, not the insights': these are figures. */
const Sans = styled.div`
  font: 400 0.95rem/1.4 ${type.sans};
  td, tbody th { font-size: 0.95rem; padding: 5px 8px 5px 0; }
`;

interface InsightsProps {
  notes: readonly Insight[];
  units: Units;
  onDismiss?: (note: Insight, reason: string | null) => void;
}

/** The margin in the coach's own unit, each note with the very balls it rests on one touch away. */
export function Insights({ notes, units, onDismiss }: InsightsProps) {
  const said = (text: string | null) => (text === null ? null : inWords(text, units));
  return (
    <InsightCard
      notes={notes.map((note) => ({
        ...note,
        seen: inWords(note.seen, units),
        evidence: inWords(note.evidence, units),
        try: said(note.try),
        other_way: said(note.other_way),
        refuted_by: said(note.refuted_by),
      }))}
      {...(onDismiss === undefined ? {} : { onDismiss })}
      evidenceOf={({ balls }) => (balls.length === 0 ? null : <TheBalls balls={balls} units={units} />)}
    />
  );
}

function TheBalls({ balls, units }: { balls: readonly ReviewBall[]; units: Units }) {
  return (
    <Fold label={balls.length === 1 ? 'See the ball' : `See the ${balls.length} balls`}>
      <Sans>
        <TableFrame>
          <table>
            <tbody>
              {[...balls].reverse().map((ball) => (
                <tr key={ball.id}>
                  <th scope="row">{day(new Date(ball.at_ms).toISOString())}</th>
                  <td>{ball.target_m === null ? 'no target' : units.show(ball.target_m, 'station')}</td>
                  <td>{ballText(ball, units)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </TableFrame>
        <QuietText>Latest first.</QuietText>
      </Sans>
    </Fold>
  );
}

const STARTS = { left: 'started left', on: 'started on line', right: 'started right' } as const;

/** "1 ft 2 in short, started left". */
export function ballText({ target_m, roll_m, stop, start, word }: ReviewBall, units: Units): string {
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
