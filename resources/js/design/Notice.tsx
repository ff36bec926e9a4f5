import type { ReactNode } from 'react';
import styled from 'styled-components';
import { color, space } from './theme';

const Box = styled.div`
  padding: 12px 16px; border-radius: 6px; border: 1.5px solid ${color.edge}; background: ${color.leaf};
  display: grid; gap: ${space.xs};
  &[data-kind='wrong'] { border-color: ${color.warn}; background: ${color.warnWash}; }
`;

/** What happened, what was kept, what to do; "wrong" is announced at once. */
export function Notice({ kind = 'plain', children }: { kind?: 'plain' | 'wrong'; children: ReactNode }) {
  return (
    <Box data-kind={kind} role={kind === 'wrong' ? 'alert' : 'status'}>
      {children}
    </Box>
  );
}
