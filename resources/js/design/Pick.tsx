import { ChevronDown } from 'lucide-react';
import { type ReactNode, useEffect, useState } from 'react';
import {
  Button,
  ComboBox,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  Popover,
  Select,
  SelectValue,
} from 'react-aria-components';
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

const SearchField = styled(ComboBox)`
  display: grid; gap: ${space.xs}; align-content: start; min-width: 0;
  & > .react-aria-Label { font-weight: 700; font-size: 0.95rem; }
  & > div { display: flex; border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf}; }
  & > div:focus-within { outline: 3px solid ${color.focus}; outline-offset: 1px; }
  input { flex: 1; width: 100%; min-width: 0; min-height: ${touch}; padding: 0 12px; border: 0; background: none; outline: none; color: ${color.ink}; font: inherit; font-size: 1.05rem; }
  button { display: grid; place-items: center; min-width: ${touch}; border: 0; background: none; color: ${color.ink}; cursor: pointer; }
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

/** More answers than these are searched by a few letters. */
const MOST_IN_A_MENU = 12;

/** One choice of many, folded away until it is touched; of very many, found by a few letters. */
export function Pick<V extends string>({ label, options, value, onChange, isLabelHidden }: PickProps<V>) {
  const labelled = isLabelHidden === true ? { 'aria-label': label } : {};
  const lines = (
    <Over>
      <ListBox>
        {options.map((option) => (
          <Line key={option.value} id={option.value} textValue={option.label}>
            {option.label}
          </Line>
        ))}
      </ListBox>
    </Over>
  );
  return options.length > MOST_IN_A_MENU ? (
    <Search label={label} labelled={labelled} value={value} onChange={onChange}>
      {lines}
    </Search>
  ) : (
    <Field {...labelled} selectedKey={value} onSelectionChange={(key) => onChange(String(key) as V)}>
      {isLabelHidden !== true && <Label>{label}</Label>}
      <Button>
        <SelectValue />
        <ChevronDown size={18} aria-hidden="true" />
      </Button>
      {lines}
    </Field>
  );
}

interface SearchProps<V extends string> extends Omit<PickProps<V>, 'options' | 'isLabelHidden'> {
  labelled: { 'aria-label'?: string };
  children: ReactNode;
}

/** Very many answers: a few letters leave those that have them. */
function Search<V extends string>({ label, labelled, value, onChange, children }: SearchProps<V>) {
  // A value that follows only when a server has answered would be taken for a choice of the old one.
  const [chosen, choose] = useState(value);
  useEffect(() => choose(value), [value]);
  return (
    <SearchField
      {...labelled}
      selectedKey={chosen}
      onSelectionChange={(key) => {
        if (key !== null && key !== chosen) {
          choose(String(key) as V);
          onChange(String(key) as V);
        }
      }}
    >
      {labelled['aria-label'] === undefined && <Label>{label}</Label>}
      <div>
        <Input onFocus={(event) => event.target.select()} />
        <Button aria-label={label}>
          <ChevronDown size={18} aria-hidden="true" />
        </Button>
      </div>
      {children}
    </SearchField>
  );
}
