import { Checkbox, CheckboxGroup, FieldError, Label, Radio, RadioGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { chip } from './Chip';
import { Name } from './Name';
import { color, space } from './theme';

export interface Option<V extends string> {
  value: V;
  label: string;
}

const group = css`
  display: grid; gap: ${space.xs};
  & > [data-label] { font-weight: 700; font-size: 0.95rem; }
  & > div { display: flex; flex-wrap: wrap; gap: ${space.s}; }
`;

const dotted = css`
  ${chip}
  justify-content: flex-start;
  &::before { content: ''; width: 13px; height: 13px; border: 1.5px solid ${color.edge}; border-radius: var(--dot); flex: none; }
  &[data-selected]::before { background: ${color.copper}; border-color: ${color.copper}; forced-color-adjust: none; }
`;

const Radios = styled(RadioGroup)`${group}`;
const Checks = styled(CheckboxGroup)`${group}`;
const RadioChip = styled(Radio)`${dotted} --dot: 50%;`;
const CheckChip = styled(Checkbox)`${dotted} --dot: 3px;`;
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
            <Name>{option.label}</Name>
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
            <Name>{option.label}</Name>
          </CheckChip>
        ))}
      </div>
    </Checks>
  );
}
