import type { ReactNode } from 'react';
import styled from 'styled-components';
import { color, space } from './theme';

const Lines = styled.dl`
  margin: 0; display: grid; gap: ${space.m};
  dt { font-weight: 700; }
  dd { margin: 0; }
  dd p + p { margin-top: 6px; color: ${color.pencil}; }
`;

/** Facts of one thing, each under its name; those that are null are left out. */
export function Facts({ facts }: { facts: readonly (readonly [string, ReactNode] | null | false)[] }) {
  return (
    <Lines>
      {facts.map(
        (fact) =>
          fact !== null &&
          fact !== false && (
            <div key={fact[0]}>
              <dt>{fact[0]}</dt>
              <dd>{fact[1]}</dd>
            </div>
          ),
      )}
    </Lines>
  );
}
