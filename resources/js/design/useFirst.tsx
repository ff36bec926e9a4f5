import { type ReactNode, useState } from 'react';
import { Button } from './Button';
import { Row } from './layout';

/** A list shows so many rows at first. */
const SHOWN = 20;

/**
 * @param most rows at first
 *
 * @returns the first rows of a list, and the button that shows the others; null where all are shown
 */
export function useFirst<T>(all: readonly T[], most = SHOWN): { shown: readonly T[]; more: ReactNode } {
  const [isAll, showAll] = useState(false);
  const hidden = isAll ? 0 : Math.max(0, all.length - most);
  return {
    shown: hidden === 0 ? all : all.slice(0, most),
    more:
      hidden === 0 ? null : (
        <Row>
          <Button onPress={() => showAll(true)}>Show {hidden} more</Button>
        </Row>
      ),
  };
}
