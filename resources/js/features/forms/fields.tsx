/** Fields of a form: each is one value of it, checked when the form is saved, its error beside it. */

import { type Control, Controller, type FieldPathByValue, type FieldValues } from 'react-hook-form';
import { Entry, NoteEntry, OneOf, type Option, Pick, Switch } from '../../design';
import type { LengthKind } from '../../units/length';
import type { Units } from '../../units/useUnits';
import { lengthError, numberError, stepped, type TypedLength } from './typed';

interface FieldProps<V extends FieldValues, T> {
  control: Control<V>;
  name: FieldPathByValue<V, T>;
  label: string;
  hint?: string;
}

/** Null where a value can be saved, beside what else is filled in; else what to say at the field. */
type Rule<T, V> = (value: T, filled: V) => string | null;

const rules = <T, V>(rule: Rule<T, V>) => ({
  validate: (value: unknown, filled: V) => rule(value as T, filled) ?? true,
});

interface TextFieldProps<V extends FieldValues> extends FieldProps<V, string> {
  suffix?: string;
  autoFocus?: boolean;
  inputMode?: 'numeric' | 'decimal' | 'email';
  type?: 'text' | 'date' | 'time';
  rule?: Rule<string, V>;
  /** How much − and + change a small number. */
  step?: number;
}

export function TextField<V extends FieldValues>({ control, name, rule, step, ...entry }: TextFieldProps<V>) {
  return (
    <Controller
      control={control}
      name={name}
      {...(rule !== undefined && { rules: rules(rule) })}
      render={({ field, fieldState }) => (
        <Entry
          {...entry}
          value={field.value}
          onChange={field.onChange}
          onStep={step === undefined ? undefined : (by) => field.onChange(stepped(field.value, by * step))}
          error={fieldState.error?.message ?? null}
        />
      )}
    />
  );
}

/** A number; may be left out. */
export function NumberField<V extends FieldValues>(props: Omit<TextFieldProps<V>, 'rule'>) {
  return <TextField inputMode="decimal" {...props} rule={numberError} />;
}

/** A day, "2027-11-30", by the browser's own picker; empty where none is chosen. */
export function DateField<V extends FieldValues>(props: Omit<TextFieldProps<V>, 'rule' | 'type'>) {
  return <TextField {...props} type="date" />;
}

export function NoteField<V extends FieldValues>({ control, name, ...entry }: FieldProps<V, string>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <NoteEntry {...entry} value={field.value} onChange={field.onChange} error={fieldState.error?.message ?? null} />
      )}
    />
  );
}

interface LengthFieldProps<V extends FieldValues> extends FieldProps<V, TypedLength> {
  units: Units;
  kind: LengthKind;
  /** What to say where none is typed; it may be left out where this is. */
  needed?: string;
  autoFocus?: boolean;
}

/** Whether a length of this kind is one number: feet may be followed by inches, and steps by feet. */
function isPlainNumber(units: Units, kind: LengthKind): boolean {
  return ['in', 'cm', 'mm', 'm'].includes(units.suffix(kind));
}

/** A length in the units of the form; left as it was, not a millimetre of it changes. */
export function LengthField<V extends FieldValues>({
  control,
  name,
  units,
  kind,
  needed,
  ...entry
}: LengthFieldProps<V>) {
  const rule = (typed: TypedLength) =>
    lengthError(units, typed, kind) ?? (needed !== undefined && typed.text.trim() === '' ? needed : null);
  return (
    <Controller
      control={control}
      name={name}
      rules={rules(rule)}
      render={({ field, fieldState }) => (
        <Entry
          {...entry}
          suffix={units.suffix(kind)}
          {...(isPlainNumber(units, kind) && { inputMode: 'decimal' as const })}
          value={field.value.text}
          onChange={(text) => field.onChange({ ...field.value, text })}
          error={fieldState.error?.message ?? null}
        />
      )}
    />
  );
}

interface ChoiceFieldProps<V extends FieldValues, C extends string> extends FieldProps<V, C> {
  options: readonly Option<C>[];
}

/** One of two to four short answers. */
export function ChoiceField<V extends FieldValues, C extends string>({
  control,
  name,
  label,
  options,
}: ChoiceFieldProps<V, C>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <OneOf
          label={label}
          options={options}
          value={field.value}
          onChange={field.onChange}
          error={fieldState.error?.message ?? null}
        />
      )}
    />
  );
}

/** One of more, from a menu. */
export function MenuField<V extends FieldValues, C extends string>({
  control,
  name,
  label,
  options,
}: ChoiceFieldProps<V, C>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => <Pick label={label} options={options} value={field.value} onChange={field.onChange} />}
    />
  );
}

/** A yes or no. */
export function SwitchField<V extends FieldValues>({ control, name, label }: FieldProps<V, boolean>) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => <Switch label={label} isOn={field.value} onChange={field.onChange} />}
    />
  );
}
