import { Checkbox, CheckboxGroup, FieldError, Label, Radio, RadioGroup } from 'react-aria-components';
import styled, { css } from 'styled-components';
import { chip } from './Chip';
import { Name } from './Name';
import { color, narrow, space } from './theme';

export interface Option<V extends string> {
  value: V;
  label: string;
}

const group = css`
  display: grid; grid-template-columns: minmax(0, 1fr); gap: ${space.xs};
  & > [data-label] { font-weight: 700; font-size: 0.95rem; }
  & > div { display: flex; flex-wrap: wrap; gap: ${space.s}; }
`;

const dotted = css`
  ${chip}
  justify-content: flex-start;
  &::before { content: ''; width: 13px; height: 13px; border: 1.5px solid ${color.edge}; border-radius: var(--dot); flex: none; }
  &[data-selected]::before { background: ${color.copper}; border-color: ${color.copper}; forced-color-adjust: none; }
`;

const Radios = styled(RadioGroup)`
  ${group}
  min-width: 0;
  ${narrow} {
    &[data-row] > div { flex-wrap: nowrap; overflow-x: auto; scrollbar-width: none; gap: 6px; }
    &[data-row] label { flex: 1 0 auto; justify-content: center; padding: 0 9px; white-space: nowrap; }
    &[data-row] label::before { display: none; }
  }
`;
const Checks = styled(CheckboxGroup)`${group}`;
const RadioChip = styled(Radio)`${dotted} --dot: 50%;`;
const CheckChip = styled(Checkbox)`${dotted} --dot: 3px;`;
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
