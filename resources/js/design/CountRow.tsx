import { Minus, Plus } from 'lucide-react';
import styled from 'styled-components';
import { Button, color } from './index';

const Line = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) auto 2.6em auto auto; gap: 6px; align-items: center;
  border-bottom: 1px solid ${color.rule}; padding-bottom: 6px;
  output { text-align: center; font-weight: 700; font-size: 1.2rem; }
`;

interface CountRowProps {
  label: string;
  count: number;
  most: number;
  /** The word on the press that counts them all at once. */
  allWord: string;
  onCount: (count: number) => void;
}

/** Pieces of kit counted out or in. */
export function CountRow({ label, count, most, allWord, onCount }: CountRowProps) {
  return (
    <Line role="group" aria-label={label}>
      <span>{label}</span>
      <Button aria-label="One fewer" onPress={() => onCount(Math.max(0, count - 1))} isDisabled={count === 0}>
        <Minus size={18} aria-hidden="true" />
      </Button>
      <output>{count}</output>
      <Button aria-label="One more" onPress={() => onCount(count + 1)}>
        <Plus size={18} aria-hidden="true" />
      </Button>
      <Button onPress={() => onCount(most)} isDisabled={count === most}>
        {allWord}
      </Button>
    </Line>
  );
}
