import { Checkbox, CheckboxGroup, FieldError, Label, Radio, RadioGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { color, space, touch } from './theme';

export interface Option<V extends string> {
  value: V;
  label: string;
}

const group = css`
  display: grid; gap: ${space.xs};
  & > [data-label] { font-weight: 700; font-size: 0.95rem; }
  & > div { display: flex; flex-wrap: wrap; gap: ${space.s}; }
`;

const chip = css`
  display: inline-flex; align-items: center; gap: ${space.s}; min-height: ${touch}; padding: 0 14px; cursor: pointer;
  border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf};
  &::before { content: ''; width: 13px; height: 13px; border: 1.5px solid ${color.edge}; border-radius: var(--dot); flex: none; }
  &[data-selected] { border-color: ${color.ink}; border-width: 2.5px; padding: 0 13px; font-weight: 700; background: ${color.copperWash}; }
  &[data-selected]::before { background: ${color.copper}; border-color: ${color.copper}; }
`;

const Radios = styled(RadioGroup)`${group}`;
const Checks = styled(CheckboxGroup)`${group}`;
const RadioChip = styled(Radio)`${chip} --dot: 50%;`;
const CheckChip = styled(Checkbox)`${chip} --dot: 3px;`;
const Wrong = styled(FieldError)`color: ${color.warn}; font-weight: 700; font-size: 0.95rem;`;
const Hidden = styled(
  Label,
)`position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);`;

interface OneOfProps<V extends string> {
  label: string;
  options: readonly Option<V>[];
  value: V | null;
  onChange: (value: V) => void;
  error?: string | null;
  isLabelHidden?: boolean;
}

/** One choice of a few, all in sight. */
export function OneOf<V extends string>({
  label,
  options,
  value,
  onChange,
  error = null,
  isLabelHidden,
}: OneOfProps<V>) {
  return (
    <Radios
      value={value}
      onChange={(chosen) => onChange(chosen as V)}
      isInvalid={error !== null}
      validationBehavior="aria"
      orientation="horizontal"
    >
      {isLabelHidden ? <Hidden>{label}</Hidden> : <Label data-label>{label}</Label>}
      <div>
        {options.map((option) => (
          <RadioChip key={option.value} value={option.value}>
            {option.label}
          </RadioChip>
        ))}
      </div>
      <Wrong>{error}</Wrong>
    </Radios>
  );
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
            {option.label}
          </CheckChip>
        ))}
      </div>
    </Checks>
  );
}
