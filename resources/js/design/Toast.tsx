import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { color, narrow, space } from './theme';

/** What was just done, and how it is undone. */
interface Done {
  text: string;
  undo: () => void;
}

let shown: ((done: Done) => void) | null = null;

/** So long it stays, milliseconds: long enough to be read and reached. */
const STAYS_MS = 10_000;

const Box = styled.div`
  position: fixed; left: 50%; bottom: ${space.l}; transform: translateX(-50%); z-index: 20; width: min(520px, calc(100% - 32px));
  display: flex; align-items: center; justify-content: space-between; gap: ${space.m}; padding: ${space.s} ${space.m};
  border: 1.5px solid ${color.ink}; border-radius: 8px; background: ${color.leaf}; color: ${color.ink};
  ${narrow} { bottom: 76px; }
`;

/** Says what was done, with Undo beside it, until the next thing is done. */
export function offerUndo(text: string, undo: () => void): void {
  shown?.({ text, undo });
}

/** Where what was done is said. Use once, in the shell. */
export function UndoOffer() {
  const [done, setDone] = useState<Done | null>(null);
  useEffect(() => {
    shown = setDone;
    return () => {
      shown = null;
    };
  }, []);
  useEffect(() => {
    if (done === null) {
      return;
    }
    const over = setTimeout(() => setDone(null), STAYS_MS);
    return () => clearTimeout(over);
  }, [done]);
  return (
    <div role="status">
      {done !== null && (
        <Box>
          <span>{done.text}</span>
          <Button
            onPress={() => {
              done.undo();
              setDone(null);
            }}
          >
            Undo
          </Button>
        </Box>
      )}
    </div>
  );
}
