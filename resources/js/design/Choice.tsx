import { Checkbox, CheckboxGroup, FieldError, Label, Radio, RadioGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { chip } from './Chip';
import { Name } from './Name';
import { color, narrow, space } from './theme';

export interface Option<V extends string> {
  value: V;
  label: string;
}

/** What a choice is called; the value itself where it is none of them. */
export function labelOf(options: readonly Option<string>[], value: string): string {
  return options.find((option) => option.value === value)?.label ?? value;
}

const group = css`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.xs};
  & > [data-label] { font-weight: 700; font-size: 0.95rem; }
  & > div { display: flex; flex-wrap: wrap; gap: ${space.s}; }
`;

/** Few short answers are one control of joined segments; the chosen one is filled. */
const segments = css`
  &[data-segments] > div { flex-wrap: nowrap; gap: 0; justify-self: start; max-width: 100%; border: 1.5px solid ${color.edge}; border-radius: 8px; background: ${color.leaf}; }
  &[data-segments] label { border: 0; border-radius: 0; background: none; box-shadow: none; padding: 0 16px; text-align: center; overflow-wrap: normal; }
  &[data-segments] label + label { border-left: 1px solid ${color.edge}; }
  &[data-segments] label:first-child { border-radius: 6px 0 0 6px; }
  &[data-segments] label:last-child { border-radius: 0 6px 6px 0; }
  &[data-segments] label[data-selected] { background: ${color.ink}; color: ${color.paper}; }
  ${narrow} { &[data-segments] label { padding: 0 10px; } }
`;

const Radios = styled(RadioGroup)`
  ${group}
  ${segments}
  min-width: 0;
  ${narrow} {
    &[data-row]:not([data-segments]) > div { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; gap: 6px; }
    &[data-row]:not([data-segments]) label { flex: 1 0 auto; justify-content: center; padding: 0 9px; white-space: nowrap; }
  }
`;
const Checks = styled(CheckboxGroup)`${group}`;
const RadioChip = styled(Radio)`${chip}`;
const CheckChip = styled(Checkbox)`
  ${chip}
  &::before { content: ''; width: 13px; height: 13px; border: 1.5px solid ${color.edge}; border-radius: 3px; flex: none; }
  &[data-selected]::before { background: ${color.copper}; border-color: ${color.copper}; forced-color-adjust: none; }
`;
const FieldMessage = styled(FieldError)`color: ${color.warn}; font-weight: 700; font-size: 0.95rem;`;
const Hidden = styled(Label)`position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);`;

interface OneOfProps<V extends string> {
  label: string;
  options: readonly Option<V>[];
  value: V | null;
  onChange: (value: V) => void;
  error?: string | null;
  isLabelHidden?: boolean;
  /** Side by side in one row: a few short words, or many that are swiped through in the hand. */
  isRow?: boolean;
}

/** One choice of a few, all in sight. */
export function OneOf<V extends string>({
  label,
  options,
  value,
  onChange,
  error = null,
  isLabelHidden,
  isRow,
}: OneOfProps<V>) {
  return (
    <Radios
      value={value}
      onChange={(chosen) => onChange(chosen as V)}
      isInvalid={error !== null}
      validationBehavior="aria"
      orientation="horizontal"
      data-row={isRow || undefined}
      data-segments={fitsSegments(options) || undefined}
    >
      {isLabelHidden ? <Hidden>{label}</Hidden> : <Label data-label>{label}</Label>}
      <div>
        {options.map((option) => (
          <RadioChip key={option.value} value={option.value}>
            <Name>{option.label}</Name>
          </RadioChip>
        ))}
      </div>
      <FieldMessage>{error}</FieldMessage>
    </Radios>
  );
}

/** Joined segments hold so many answers, and letters of all of them together, on a narrow phone. */
const MOST_SEGMENTS = 4;
const MOST_LETTERS = 40;

function fitsSegments(options: readonly Option<string>[]): boolean {
  const letters = options.reduce((sum, { label }) => sum + label.length, 0);
  return options.length >= 2 && options.length <= MOST_SEGMENTS && letters <= MOST_LETTERS;
}

interface AnyOfProps<V extends string> {
  label: string;
  options: readonly Option<V>[];
  values: readonly V[];
  onChange: (values: V[]) => void;
}

/** Any number of choices, all in sight. */
export function AnyOf<V extends string>({ label, options, values, onChange }: AnyOfProps<V>) {
  return (
    <Checks value={[...values]} onChange={(chosen) => onChange(chosen as V[])}>
      <Label data-label>{label}</Label>
      <div>
        {options.map((option) => (
          <CheckChip key={option.value} value={option.value}>
            <Name>{option.label}</Name>
          </CheckChip>
        ))}
      </div>
    </Checks>
  );
}
