import { ChevronDown } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Disclosure, DisclosurePanel } from 'react-aria-components';
import styled from 'styled-components';
import { PressRow } from './EditRow';
import { space } from './theme';

const Frame = styled(Disclosure)`
  &[data-expanded] > button svg { transform: rotate(180deg); }
  [role='group'] > div { padding: ${space.m} 0 ${space.l}; }
`;

interface FoldRowProps {
  label: string;
  /** What is in it, in a few words; empty where that is said by the label. */
  summary: string;
  /** Open whatever was touched: something in it wants to be seen. */
  isHeldOpen?: boolean;
  onToggle?: (isOpen: boolean) => void;
  /** Whether it is left out on paper. */
  isOnScreenOnly?: boolean;
  children: ReactNode;
}

/** A row of a list that opens in place: what is beside it stays in sight. */
export function FoldRow({
  label,
  summary,
  isHeldOpen = false,
  onToggle,
  isOnScreenOnly = false,
  children,
}: FoldRowProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <li data-screen={isOnScreenOnly || undefined}>
      <Frame
        isExpanded={isOpen || isHeldOpen}
        onExpandedChange={(now) => {
          setOpen(now);
          onToggle?.(now);
        }}
      >
        <PressRow slot="trigger">
          <strong>{label}</strong>
          {summary !== '' && <small>{summary}</small>}
          <ChevronDown size={20} aria-hidden="true" />
        </PressRow>
        <DisclosurePanel>
          <div>{children}</div>
        </DisclosurePanel>
      </Frame>
    </li>
  );
}
