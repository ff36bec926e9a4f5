import { Switch as AriaSwitch } from 'react-aria-components';
import styled from 'styled-components';
import { color, touch } from './theme';

const Toggle = styled(AriaSwitch)`
  display: inline-flex; align-items: center; gap: 12px; min-height: ${touch}; cursor: pointer;
  i { flex: none; width: 46px; height: 28px; padding: 3px; border: 1.5px solid ${color.edge}; border-radius: 14px; background: ${color.leaf}; }
  i::before { content: ''; display: block; width: 19px; height: 19px; border-radius: 50%; background: ${color.edge}; }
  &[data-selected] i { background: ${color.copper}; border-color: ${color.copper}; forced-color-adjust: none; }
  &[data-selected] i::before { transform: translateX(18px); background: ${color.onCopper}; }
  &[data-focus-visible] i { outline: 3px solid ${color.focus}; outline-offset: 2px; }
`;

interface SwitchProps {
  label: string;
  isOn: boolean;
  onChange: (isOn: boolean) => void;
}

/** A yes or no that is one touch. */
export function Switch({ label, isOn, onChange }: SwitchProps) {
  return (
    <Toggle isSelected={isOn} onChange={onChange}>
      <i aria-hidden="true" />
      {label}
    </Toggle>
  );
}
