import { useMemo } from 'react';
import styled from 'styled-components';
import type { ShownPutt } from '../../api/useOutbox';
import { Button, color, QuietText, type, useFirst } from '../../design';
import { OutcomeMark } from '../../lane/OutcomeMark';
import { firstWords } from '../../units/format';
import type { Units } from '../../units/useUnits';
import { lieWords } from './ballWords';

const Lines = styled.section`
  display: grid; gap: 4px; min-width: 0; align-content: start;
  h2 { font-size: 1.02rem; }
  ol { list-style: none; margin: 0; padding: 0; }
  li { border-bottom: 1px solid ${color.rule}; }
  button {
    display: grid; grid-template-columns: 1.7em 20px minmax(0, 1fr); align-items: center; justify-content: stretch; gap: 6px; width: 100%; min-height: 48px;
    padding: 2px 0; text-align: left; text-decoration: none; font: 400 1rem/1.3 ${type.serif}; color: ${color.pencil};
  }
  b { font: 400 0.95rem ${type.sans}; }
`;

/** As many words as a line has room for; opened, it says all. */
const MOST_WORDS = 10;

interface BallListProps {
  putts: readonly ShownPutt[];
  units: Units;
  words: (putt: ShownPutt) => string;
  onOpen: (putt: ShownPutt) => void;
}

/** The balls so far as pencil lines, the latest first; each opens to be corrected. */
export function BallList({ putts, words, units, onOpen }: BallListProps) {
  const latest = useMemo(() => putts.map((putt, index) => ({ putt, number: index + 1 })).reverse(), [putts]);
  const { shown, more } = useFirst(latest);
  return (
    <Lines aria-label="Balls">
      <h2>Balls</h2>
      {putts.length === 0 ? (
        <QuietText>No balls yet. Every ball is listed here, and you can edit or delete it.</QuietText>
      ) : (
        <ol>
          {shown.map(({ putt, number }) => (
            <li key={putt.id}>
              <Button
                look="bare"
                aria-label={`Edit ball ${number}: ${lineOf(putt, words, units)}`}
                onPress={() => onOpen(putt)}
              >
                <b>{number}</b>
                <svg width="20" height="20" viewBox="-10 -10 20 20" aria-hidden="true">
                  <OutcomeMark x={0} y={0} outcome={putt.outcome} isHollow={putt.isWaiting} />
                </svg>
                <span>{lineOf(putt, (each) => firstWords(words(each), MOST_WORDS), units)}</span>
              </Button>
            </li>
          ))}
        </ol>
      )}
      {more}
    </Lines>
  );
}

function lineOf(putt: ShownPutt, words: (putt: ShownPutt) => string, units: Units): string {
  return [
    [words(putt), lieWords(putt, units)].filter((part) => part !== '').join(', '),
    putt.isWaiting ? 'not synced yet' : '',
    putt.corrections > 0 ? 'edited' : '',
  ]
    .filter((part) => part !== '')
    .join(' · ');
}
