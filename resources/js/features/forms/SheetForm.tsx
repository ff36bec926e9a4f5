import { type ReactNode, useEffect } from 'react';
import {
  type Control,
  type DefaultValues,
  type FieldValues,
  type Path,
  type UseFormSetValue,
  useForm,
} from 'react-hook-form';
import { ApiError } from '../../api/api';
import { Button, EditRow, Notice, Row, Stack, useFirstError } from '../../design';

/** A mutation of the API, as far as a form uses it. */
export interface Save<D> {
  mutate: (draft: D, options: { onSuccess: () => void }) => void;
  error: Error | null;
  isPending: boolean;
  /** Forgets what it failed with. */
  reset?: () => void;
}

/**
 * A form whose errors stand at its fields, those of the server too; the first of them takes the focus.
 *
 * @param error what saving failed with; its fields are called as the form's values
 */
export function useFields<V extends FieldValues>(values: DefaultValues<V>, error: Error | null) {
  const form = useForm<V>({ defaultValues: values, shouldFocusError: false });
  const { setError, getValues } = form;
  useEffect(() => {
    for (const [name, message] of error instanceof ApiError ? Object.entries(error.fields) : []) {
      // Of a field that is not here, the form would never be rid of the error.
      if ((name.split('.')[0] ?? '') in getValues()) {
        setError(name as Path<V>, { type: 'server', message });
      }
    }
  }, [error, setError, getValues]);
  const { errors, submitCount } = form.formState;
  useFirstError(Object.keys(errors).length > 0 ? `${submitCount} ${Object.keys(errors).join(' ')}` : null);
  return form;
}

interface SheetFormProps<V extends FieldValues, D> {
  values: DefaultValues<V>;
  save: Save<D>;
  /** What is sent, from what was filled in. */
  draft: (values: V) => D;
  onDone: () => void;
  children: (control: Control<V>, set: UseFormSetValue<V>) => ReactNode;
}

/** A few fields in a sheet, with Save and Cancel. */
export function SheetForm<V extends FieldValues, D>({ values, save, draft, onDone, children }: SheetFormProps<V, D>) {
  const form = useFields<V>(values, save.error);
  const { reset } = save;
  // What another sheet failed with is not said here.
  useEffect(() => reset?.(), [reset]);
  return (
    <Stack
      as="form"
      noValidate
      onSubmit={(event) => {
        event.stopPropagation();
        void form.handleSubmit((filled) => save.mutate(draft(filled), { onSuccess: onDone }))(event);
      }}
    >
      {save.error !== null && <Notice kind="wrong">{save.error.message}</Notice>}
      {children(form.control, form.setValue)}
      <Row>
        <Button look="main" type="submit" isPending={save.isPending}>
          Save
        </Button>
        <Button look="bare" onPress={onDone}>
          Cancel
        </Button>
      </Row>
    </Stack>
  );
}

/** A part of a long form that is saved by itself. */
export function EditFields<V extends FieldValues, D>({
  label,
  summary,
  ...form
}: Omit<SheetFormProps<V, D>, 'onDone'> & { label: string; summary: string }) {
  return (
    <EditRow label={label} summary={summary}>
      {(close) => <SheetForm {...form} onDone={close} />}
    </EditRow>
  );
}
