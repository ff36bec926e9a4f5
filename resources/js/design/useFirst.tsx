import { type ReactNode, useState } from 'react';
import { Button } from './Button';
import { Row } from './layout';

/** A list shows so many rows at first. */
const SHOWN = 20;
/** And so many more at a touch: thousands at once would hold the screen up. */
const MORE = 100;

/**
 * @param most rows at first
 *
 * @returns the first rows of a list, and the button that shows more of the others; null where all are shown
 */
export function useFirst<T>(all: readonly T[], most = SHOWN): { shown: readonly T[]; more: ReactNode } {
  const [added, add] = useState(0);
  const hidden = Math.max(0, all.length - most - added);
  return {
    shown: hidden === 0 ? all : all.slice(0, most + added),
    more:
      hidden === 0 ? null : (
        <Row>
          <Button onPress={() => add(added + MORE)}>Show {Math.min(MORE, hidden)} more</Button>
        </Row>
      ),
  };
}
