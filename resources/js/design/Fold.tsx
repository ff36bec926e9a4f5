import { ChevronDown } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button, Disclosure, DisclosurePanel } from 'react-aria-components';
import styled from 'styled-components';
import { color, touch } from './theme';

const Frame = styled(Disclosure)`
  min-width: 0;
  button[slot] {
    display: flex; align-items: center; gap: 8px; min-height: ${touch}; padding: 0 6px 0 0; border: 0; background: none; cursor: pointer;
    color: ${color.copper}; font: inherit; font-weight: 700; text-align: left;
  }
  button[slot] svg { flex: none; }
  &[data-expanded] > button svg { transform: rotate(180deg); }
`;

interface FoldProps {
  label: ReactNode;
  /** Whether it is open at first. */
  isOpen?: boolean;
  /** Open whatever was touched: something in it wants to be seen. */
  isHeldOpen?: boolean;
  onToggle?: (isOpen: boolean) => void;
  children: ReactNode;
}

/** What is rarely wanted, one touch further away. */
export function Fold({ label, isOpen = false, isHeldOpen = false, onToggle, children }: FoldProps) {
  const [isExpanded, setExpanded] = useState(isOpen);
  return (
    <Frame
      isExpanded={isExpanded || isHeldOpen}
      onExpandedChange={(now) => {
        setExpanded(now);
        onToggle?.(now);
      }}
    >
      <Button slot="trigger">
        <ChevronDown size={18} aria-hidden="true" />
        {label}
      </Button>
      <DisclosurePanel>{children}</DisclosurePanel>
    </Frame>
  );
}
