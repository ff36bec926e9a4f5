import { Undo2 } from 'lucide-react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { answerOfFace, faceOf, facesOf } from '../balls/asked';
import { CAUSES, MARKS } from '../balls/ballWords';
import { Button, color, narrow, Quiet, space, touch } from '../design';
import type { SeenKind } from '../server/types';
import type { ShownPutt } from '../server/useOutbox';
import type { Rolling } from './useDrillRun';

const Last = styled.section`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.s}; padding: 8px 8px 10px 12px; min-width: 0; border: 1.5px solid ${color.rule}; border-radius: 6px; background: ${color.leaf};
  & > div:first-child { display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; }
`;

const Chips = styled.div`
  display: flex; flex-wrap: wrap; gap: 6px; align-items: center;
  /* One row to swipe on a phone, so that the lane stays in sight. */
  ${narrow} { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; }
`;

const Asked = styled(Quiet)`
  white-space: nowrap; flex: none;
`;

const Chip = styled(ToggleButton)`
  min-height: ${touch}; padding: 0 10px; cursor: pointer; border: 1.5px solid ${color.edge}; border-radius: 6px;
  background: ${color.leaf}; color: ${color.ink}; font: inherit; font-size: 1rem; white-space: nowrap; flex: none;
  &[data-proposed] { order: -1; border-style: dashed; border-width: 2.5px; border-color: ${color.copper}; padding: 0 9px; }
  &[data-selected] { border: 2.5px solid ${color.ink}; background: ${color.copperWash}; font-weight: 700; padding: 0 9px; }
`;

interface AboutBallProps {
  rolling: Rolling;
  words: (putt: ShownPutt) => string;
  putOut: 'none' | 'passed' | 'all';
  /** Whether a ball can miss at all. */
  judges: boolean;
}

/** On which side a ball missed is asked of those that did; whether it dropped, of those nobody saw drop. */
function isAskedOf({ name }: SeenKind, { stop }: ShownPutt, mayHaveMissed: boolean): boolean {
  switch (name) {
    case 'missed_side':
    case 'high_low':
      return mayHaveMissed;
    case 'dropped':
      return stop === 'unseen';
    default:
      return true;
  }
}

/** The last ball: why it missed and what else was seen of it, one touch each; undo. */
export function AboutBall({ rolling, words, putOut, judges }: AboutBallProps) {
  const { last, verdict, balls } = rolling;
  if (last === null) {
    return null;
  }
  // Until the server has judged it, whether it missed is not known here; a cause may be given all the same.
  const mayHaveMissed =
    last.stop !== 'holed' && (verdict === null || !verdict.passed || verdict.cause !== null);
  const mayBePuttedOut =
    verdict === null ? last.stop !== 'holed' && putOut === 'all' : verdict.may_be_putted_out;
  return (
    <Last aria-label="The last ball">
      <div role="status">
        <span>
          Ball {balls.length}: {words(last)}
          {last.isWaiting ? ' (not sent yet)' : ''}
        </span>
        <Button aria-label="Undo the last ball" onPress={rolling.undo}>
          <Undo2 size={20} aria-hidden="true" /> Undo
        </Button>
      </div>
      {mayBePuttedOut && (
        <Chips role="group" aria-label="Putted out in">
          <Quiet as="span">Putted out in</Quiet>
          {[1, 2, 3].map((putts) => (
            <Chip
              key={putts}
              isSelected={last.seen.putts_to_finish === putts}
              onPress={() => rolling.puttOut(last, putts)}
            >
              {putts}
            </Chip>
          ))}
        </Chips>
      )}
      {rolling.kinds.after
        .filter((kind) => isAskedOf(kind, last, mayHaveMissed))
        .map((kind) => (
          <Chips key={kind.name} role="group" aria-label={kind.question}>
            <Asked as="span">{kind.question}</Asked>
            {facesOf(kind).map(({ value, label }) => (
              <Chip
                key={value}
                isSelected={last.seen[kind.name] != null && faceOf(last.seen[kind.name] ?? '') === value}
                onPress={() => rolling.answerOf(last, kind.name, answerOfFace(kind, value))}
              >
                {label}
              </Chip>
            ))}
          </Chips>
        ))}
      {mayHaveMissed && judges && (
        <Chips role="group" aria-label="Why it missed">
          <Quiet as="span" style={{ order: -2 }}>
            Why?
          </Quiet>
          {CAUSES.map(({ value, label }) => (
            <Chip
              key={value}
              isSelected={last.cause === value}
              data-proposed={(verdict?.cause === value && last.cause === null) || undefined}
              aria-label={verdict?.cause === value ? `${label}, likely` : label}
              onPress={() => rolling.toggleCause(last, value)}
            >
              {label}
              {verdict?.cause === value && last.cause === null ? '?' : ''}
            </Chip>
          ))}
        </Chips>
      )}
      <Chips role="group" aria-label="Marks on the last ball">
        {MARKS.flatMap(({ value, label }) =>
          value === 'none' ? (
            []
          ) : (
            <Chip
              key={value}
              isSelected={last.mark === value}
              onPress={() => rolling.toggleMark(last, value)}
            >
              {label}
            </Chip>
          ),
        )}
        <Chip isSelected={last.seen.held === true} onPress={() => rolling.toggleHeld(last)}>
          Held still
        </Chip>
      </Chips>
    </Last>
  );
}
