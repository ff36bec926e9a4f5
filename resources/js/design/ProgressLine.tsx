import { ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { color, space } from './theme';

const Line = styled(ProgressBar)`
  display: grid; gap: ${space.xs}; max-width: 420px;
  [data-track] { height: 8px; border-radius: 4px; background: ${color.rule}; overflow: hidden; }
  [data-fill] { height: 100%; background: ${color.copper}; }
`;

interface Props {
  /** What is going on: "Checking the records". */
  label: string;
  done: number;
  /** Null where nobody knows how much there is. */
  of: number | null;
}

/** How far something long has come. */
export function ProgressLine({ label, done, of }: Props) {
  const share = of === null || of === 0 ? null : Math.min(1, done / of);
  return (
    <Line isIndeterminate={share === null} value={(share ?? 0) * 100} aria-label={label}>
      <span>
        {label}
        {share === null ? ' …' : `: ${Math.round(share * 100)} %`}
      </span>
      <div data-track="">
        <div data-fill="" style={{ width: `${(share ?? 0) * 100}%` }} />
      </div>
    </Line>
  );
}
