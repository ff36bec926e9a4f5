import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import styled from 'styled-components';
import { color, space, type } from '../../design';

const Group = styled(ToggleButtonGroup)`
  display: grid; grid-auto-flow: column; grid-auto-columns: 1fr; gap: ${space.s};
`;

const Face = styled(ToggleButton)`
  display: grid; place-items: center; gap: 2px; min-height: 64px; padding: 6px 8px; cursor: pointer;
  border: 1.5px solid ${color.edge}; border-radius: 8px; background: ${color.leaf}; color: ${color.ink};
  font: 700 1.15rem ${type.sans};
  &[data-selected] { border: 3px solid ${color.ink}; background: ${color.copperWash}; }
  &[data-pressed] { transform: translateY(1px); filter: brightness(0.93); }
  svg { display: block; }
  small { display: none; font: 400 0.85rem ${type.sans}; color: ${color.pencil}; }
  @media (pointer: fine) { small { display: block; } }
`;

interface BigChoiceProps<V extends string> {
  label: string;
  options: readonly { value: V; label: string; mark?: React.ReactNode; keyName?: string }[];
  /** What is chosen for the ball that is not finished yet; null for nothing. */
  value: V | null;
  onPress: (value: V) => void;
}

/** A few large faces to touch; each touch acts at once, also on the one already chosen. */
export function BigChoice<V extends string>({ label, options, value, onPress }: BigChoiceProps<V>) {
  return (
    <Group aria-label={label} selectionMode="single" selectedKeys={value === null ? [] : [value]}>
      {options.map((option) => (
        <Face key={option.value} id={option.value} onPress={() => onPress(option.value)}>
          {option.mark}
          <span>{option.label}</span>
          {option.keyName !== undefined && <small aria-hidden="true">{option.keyName}</small>}
        </Face>
      ))}
    </Group>
  );
}
