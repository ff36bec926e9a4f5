import { useState } from 'react';
import { Button, Entry, Fold, Notice, Part, Quiet, Row, Said, Stack, useFirstError } from '../design';
import { fieldError } from '../server/api';
import { type AccountChange, useChangeAccount, useDoor, useGoes, useMe, useSignIns } from '../server/queries';
import { clock, day } from '../units/dates';

/** Who is signed in, the way out, and what the password is asked for again before. */
export function AccountPart() {
  const coach = useMe().data?.coach;
  const door = useDoor();
  return (
    <Part>
      <h2>Account</h2>
      <Quiet>
        {coach?.name}, {coach?.email}
      </Quiet>
      <Row>
        <Button onPress={() => door.mutate({ path: 'sign-out' })}>Sign out</Button>
      </Row>
      <Fold label="Change the password">
        <Asked way="password" fields={TO_CHANGE} act="Change it" done="Changed." />
      </Fold>
      <Fold label="Where you are signed in">
        <Devices />
        <Asked
          way="elsewhere"
          act="Sign the others out"
          done="Every other device is signed out."
          says="For a phone that was lost, or a computer that is not yours. What waits on it to be sent stays there."
        />
      </Fold>
      <p>
        <a href="/licences.txt">Licences of what Amble ships with</a>
      </p>
      <Fold label="Delete the account">
        <Stack>
          <Goes />
          <Asked way="close" act="Delete for good" />
        </Stack>
      </Fold>
    </Part>
  );
}

/** Each device with when it was here last, this one first named. */
function Devices() {
  const devices = useSignIns();
  return (
    <Stack $gap="s">
      {devices.isError && <Notice kind="wrong">{devices.error.message}</Notice>}
      {(devices.data ?? []).map(({ device, began_at, seen_at, is_here }) => (
        <Quiet key={`${device} ${began_at}`}>
          <strong>{device}</strong>
          {is_here ? ': this one' : `: here last on ${day(seen_at)}, ${clock(seen_at)}`}, signed in{' '}
          {day(began_at)}.
        </Quiet>
      ))}
    </Stack>
  );
}

interface Field {
  name: string;
  label: string;
  hint?: string;
  isNew?: boolean;
}

const PRESENT: readonly Field[] = [{ name: 'password', label: 'Your password' }];
const TO_CHANGE: readonly Field[] = [
  { name: 'current', label: 'Password of now' },
  {
    name: 'password',
    label: 'New password',
    hint: 'At least ten letters. Every other device is signed out.',
    isNew: true,
  },
];

interface AskedProps {
  way: AccountChange;
  act: string;
  fields?: readonly Field[];
  says?: string;
  done?: string;
}

/** What needs the password once more. */
function Asked({ way, act, fields = PRESENT, says, done }: AskedProps) {
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
        change.mutate(typed, { onSuccess: () => setTyped({}) });
      }}
    >
      {says && <Quiet>{says}</Quiet>}
      {fields.map(({ name, label, hint, isNew = false }) => (
        <Entry
          key={name}
          label={label}
          type="password"
          value={typed[name] ?? ''}
          onChange={(text) => setTyped({ ...typed, [name]: text })}
          autoComplete={isNew ? 'new-password' : 'current-password'}
          hint={hint}
          error={fieldError(change.error, name)}
        />
      ))}
      <Row>
        <Button type="submit" isPending={change.isPending}>
          {act}
        </Button>
        {change.isSuccess && done && <Quiet role="status">{done}</Quiet>}
      </Row>
      {change.isError && !isAtField && <Notice kind="wrong">{change.error.message}</Notice>}
    </Stack>
  );
}

function Goes() {
  const goes = useGoes();
  if (goes.data === undefined) {
    return goes.isError ? <Notice kind="wrong">{goes.error.message}</Notice> : null;
  }
  const { students, sessions, balls, benches_left: left } = goes.data;
  return (
    <>
      <Said>
        Students: {students}. Sessions: {sessions}. Balls: {balls}. They go with it, for good: nothing brings
        them back.
      </Said>
      {left.length > 0 && <Quiet>What was made at {left.join(' and ')} stays there, with its owner.</Quiet>}
    </>
  );
}
