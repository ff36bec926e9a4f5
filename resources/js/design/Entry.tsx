import { Minus, Plus } from 'lucide-react';
import type { Ref } from 'react';
import {
  Button,
  FieldError,
  Input,
  Label,
  Text,
  TextArea,
  TextField,
  type TextFieldProps,
} from 'react-aria-components';
import styled from 'styled-components';
import { color, space, touch } from './theme';

const Field = styled(TextField)`
  display: grid; gap: ${space.xs}; align-content: start; min-width: 0;
  label { font-weight: 700; font-size: 0.95rem; }
`;

const Box = styled.span`
  display: flex; align-items: center; gap: ${space.s}; min-height: ${touch}; padding: 0 12px;
  border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf};
  &:focus-within { outline: 3px solid ${color.focus}; outline-offset: 1px; }
  [data-invalid] > & { border-color: ${color.warn}; border-width: 2.5px; }
  input { flex: 1; min-width: 0; width: 100%; border: 0; background: none; outline: none; color: inherit; font: inherit; font-size: 1.15rem; padding: 8px 0; }
  span { color: ${color.pencil}; }
`;

/** For the thumb: by keys the number is typed. */
const StepButton = styled(Button)`
  flex: none; display: grid; place-items: center; min-width: 44px; min-height: 44px; border: 0; border-left: 1px solid ${color.rule};
  background: none; color: ${color.copper}; cursor: pointer;
`;

const Area = styled(TextArea)`
  min-height: 96px; padding: 10px 12px; border: 1.5px solid ${color.edge}; border-radius: 6px;
  background: ${color.leaf}; color: inherit; font: inherit; resize: vertical;
`;

export const Hint = styled(Text)`color: ${color.pencil}; font-size: 0.92rem;`;

export const FieldMessage = styled(FieldError)`
  color: ${color.warn}; font-size: 0.95rem; font-weight: 700;
  &::before { content: '▸ '; }
`;

export interface EntryProps extends Omit<TextFieldProps, 'children' | 'isInvalid'> {
  label: string;
  /** What to say at the field when what was typed cannot be used; null when it can. */
  error?: string | null;
  hint?: string | undefined;
  /** Unit of a bare number, shown inside the box. */
  suffix?: string;
  /** Of a small number: one step up or down by a touch. */
  onStep?: ((by: 1 | -1) => void) | undefined;
  /** What Enter does; without it Enter submits the form. */
  onEnter?: () => void;
  inputRef?: Ref<HTMLInputElement>;
}

/** A one-line field that shows its error beside it and keeps what was typed. */
export function Entry({ label, error = null, hint, suffix, onStep, onEnter, inputRef, ...props }: EntryProps) {
  return (
    <Field
      {...props}
      isInvalid={error !== null}
      validationBehavior="aria"
      onKeyDown={(event) => {
        if (event.key === 'Enter' && onEnter !== undefined) {
          event.preventDefault();
          onEnter();
          return;
        }
        // The library keeps keys to the field unless told otherwise; a screen may have keys of its own.
        event.continuePropagation();
      }}
    >
      <Label>{label}</Label>
      <Box>
        <Input ref={inputRef} autoComplete={props.autoComplete ?? 'off'} />
        {suffix !== undefined && <span aria-hidden="true">{suffix}</span>}
        {onStep !== undefined && (
          <>
            <StepButton aria-label={`${label}: less`} excludeFromTabOrder onPress={() => onStep(-1)}>
              <Minus size={18} aria-hidden="true" />
            </StepButton>
            <StepButton aria-label={`${label}: more`} excludeFromTabOrder onPress={() => onStep(1)}>
              <Plus size={18} aria-hidden="true" />
            </StepButton>
          </>
        )}
      </Box>
      {hint !== undefined && <Hint slot="description">{hint}</Hint>}
      <FieldMessage>{error}</FieldMessage>
    </Field>
  );
}

/** A field for a few sentences. */
export function NoteEntry({
  label,
  error = null,
  hint,
  ...props
}: Omit<EntryProps, 'suffix' | 'onStep' | 'onEnter' | 'inputRef'>) {
  return (
    <Field {...props} isInvalid={error !== null} validationBehavior="aria">
      <Label>{label}</Label>
      <Area />
      {hint !== undefined && <Hint slot="description">{hint}</Hint>}
      <FieldMessage>{error}</FieldMessage>
    </Field>
  );
}
