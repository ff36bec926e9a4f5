import styled from 'styled-components';
import { Button, color, Part, Quiet } from '../design';
import { OUTCOMES, OutcomeMark } from '../lane/OutcomeMark';
import type { ShownPutt } from '../server/useOutbox';

const List = styled.ol`
  list-style: none; margin: 0; padding: 0; display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 280px), 1fr)); gap: 0 24px;
  li { display: grid; grid-template-columns: 2.2em 22px 1fr auto; align-items: center; gap: 8px; border-bottom: 1px solid ${color.rule}; min-height: 48px; }
`;

interface BallListProps {
  putts: readonly ShownPutt[];
  words: (putt: ShownPutt) => string;
  onOpen: (putt: ShownPutt) => void;
}

/** Every ball of the session, the latest first; each can be corrected. */
export function BallList({ putts, words, onOpen }: BallListProps) {
  return (
    <Part>
      <h2>Balls so far</h2>
      {putts.length === 0 ? (
        <Quiet>None yet. Every ball will be listed here, and each can be corrected or struck out.</Quiet>
      ) : (
        <List>
          {putts
            .map((putt, index) => ({ putt, number: index + 1 }))
            .reverse()
            .map(({ putt, number }) => (
              <li key={putt.id}>
                <span>{number}</span>
                <svg
                  width="20"
                  height="20"
                  viewBox="-10 -10 20 20"
                  role="img"
                  aria-label={putt.outcome === null ? 'rolled' : OUTCOMES[putt.outcome].word}
                >
                  <OutcomeMark x={0} y={0} outcome={putt.outcome} isHollow={putt.isWaiting} />
                </svg>
                <span>
                  {words(putt)}
                  {putt.outcome !== null && putt.stop !== 'holed' ? `, ${OUTCOMES[putt.outcome].word}` : ''}
                  {putt.isWaiting ? ' · not sent yet' : ''}
                  {putt.corrections > 0 ? ' · corrected' : ''}
                </span>
                <Button
                  look="bare"
                  aria-label={`Correct ball ${number}: ${words(putt)}`}
                  onPress={() => onOpen(putt)}
                >
                  Correct
                </Button>
              </li>
            ))}
        </List>
      )}
    </Part>
  );
}
