import { ChevronDown } from 'lucide-react';
import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import styled from 'styled-components';
import type { Option } from './Choice';
import { color, space, touch } from './theme';

const Field = styled(Select)`
  display: grid; gap: ${space.xs}; align-content: start; min-width: 0;
  & > .react-aria-Label { font-weight: 700; font-size: 0.95rem; }
  button {
    display: flex; align-items: center; justify-content: space-between; gap: ${space.s}; min-height: ${touch}; padding: 0 12px; cursor: pointer;
    border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf}; color: ${color.ink}; font: inherit; font-size: 1.05rem; text-align: left;
  }
`;

const Over = styled(Popover)`
  background: ${color.leaf}; color: ${color.ink}; border: 1.5px solid ${color.edge}; border-radius: 6px; overflow: auto; min-width: var(--trigger-width);
`;

const Line = styled(ListBoxItem)`
  min-height: ${touch}; display: flex; align-items: center; padding: 0 14px; cursor: pointer; outline: none;
  &[data-focused] { background: ${color.copperWash}; }
  &[data-selected] { font-weight: 700; }
`;

interface PickProps<V extends string> {
  label: string;
  options: readonly Option<V>[];
  value: V;
  onChange: (value: V) => void;
  /** Where a table's heads say it already. */
  isLabelHidden?: boolean;
}

/** One choice of many, folded away until it is touched. */
export function Pick<V extends string>({ label, options, value, onChange, isLabelHidden }: PickProps<V>) {
  return (
    <Field
      {...(isLabelHidden === true && { 'aria-label': label })}
      selectedKey={value}
      onSelectionChange={(key) => onChange(String(key) as V)}
    >
      {isLabelHidden !== true && <Label>{label}</Label>}
      <Button>
        <SelectValue />
        <ChevronDown size={18} aria-hidden="true" />
      </Button>
      <Over>
        <ListBox>
          {options.map((option) => (
            <Line key={option.value} id={option.value} textValue={option.label}>
              {option.label}
            </Line>
          ))}
        </ListBox>
      </Over>
    </Field>
  );
}
