import { useState } from 'react';
import { fieldError } from '../../api/api';
import { type AccountChange, type ImpliedBy, useChangeAccount } from '../../api/queries';
import { Button, Entry, Notice, QuietText, Row, Stack, useFirstError } from '../../design';

interface Field {
  name: string;
  label: string;
  hint?: string;
  /** What a password keeper puts in: the password of now, a new one, or the code of the moment. */
  fill: 'current-password' | 'new-password' | 'one-time-code';
}

const PRESENT: readonly Field[] = [{ name: 'password', label: 'Your password', fill: 'current-password' }];

export const TO_CHANGE: readonly Field[] = [
  { name: 'current', label: 'Current password', fill: 'current-password' },
  {
    name: 'password',
    label: 'New password',
    hint: 'At least ten characters. All other devices are signed out.',
    fill: 'new-password',
  },
];

export const TO_SHOW: readonly Field[] = [{ name: 'code', label: 'The six-digit code', fill: 'one-time-code' }];

interface AskedProps<Way extends AccountChange> {
  way: Way;
  act: string;
  fields?: readonly Field[];
  says?: string;
  done?: string;
  onTold?: (told: ImpliedBy<Way>) => void;
}

/** What needs the password once more, or a code. */
export function PasswordForm<Way extends AccountChange>({
  way,
  act,
  fields = PRESENT,
  says,
  done,
  onTold,
}: AskedProps<Way>) {
  const change = useChangeAccount(way);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const isAtField = fields.some(({ name }) => fieldError(change.error, name) !== null);
  useFirstError(change.error);
  return (
    <Stack
      as="form"
      noValidate
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        change.mutate(typed, {
          onSuccess: (told) => {
            setTyped({});
            onTold?.(told);
          },
        });
      }}
    >
      {says && <QuietText>{says}</QuietText>}
      {fields.map(({ name, label, hint, fill }) => (
        <Entry
          key={name}
          label={label}
          type={fill === 'one-time-code' ? 'text' : 'password'}
          inputMode={fill === 'one-time-code' ? 'numeric' : 'text'}
          value={typed[name] ?? ''}
          onChange={(text) => setTyped({ ...typed, [name]: text })}
          autoComplete={fill}
          hint={hint}
          error={fieldError(change.error, name)}
        />
      ))}
      <Row>
        <Button type="submit" isPending={change.isPending}>
          {act}
        </Button>
        {change.isSuccess && done && <QuietText role="status">{done}</QuietText>}
      </Row>
      {change.isError && !isAtField && <Notice kind="wrong">{change.error.message}</Notice>}
    </Stack>
  );
}
