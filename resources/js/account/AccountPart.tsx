import { useState } from 'react';
import { Button, Entry, Fold, Notice, Part, Quiet, Row, Said, Stack, useFirstError } from '../design';
import { fieldError } from '../server/api';
import { useChangeAccount, useDoor, useGoes, useMe } from '../server/queries';

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
        <NewPassword />
      </Fold>
      <Fold label="Other devices signed in">
        <Asked
          way="elsewhere"
          act="Sign the others out"
          done="Every other device is signed out."
          says="For a phone that was lost, or a computer that is not yours. What waits on it to be sent stays there."
        />
      </Fold>
      <Fold label="Delete the account">
        <Stack>
          <Goes />
          <Asked way="close" act="Delete for good" />
        </Stack>
      </Fold>
    </Part>
  );
}

function NewPassword() {
  const change = useChangeAccount('password');
  const [current, setCurrent] = useState('');
  const [password, setPassword] = useState('');
  useFirstError(change.error);
  return (
    <Stack
      as="form"
      noValidate
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        change.mutate(
          { current, password },
          {
            onSuccess: () => {
              setCurrent('');
              setPassword('');
            },
          },
        );
      }}
    >
      <Entry
        label="Password of now"
        type="password"
        value={current}
        onChange={setCurrent}
        autoComplete="current-password"
        error={fieldError(change.error, 'current')}
      />
      <Entry
        label="New password"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="new-password"
        hint="At least ten letters. Every other device is signed out."
        error={fieldError(change.error, 'password')}
      />
      <Row>
        <Button type="submit" isPending={change.isPending}>
          Change it
        </Button>
        {change.isSuccess && <Quiet role="status">Changed.</Quiet>}
      </Row>
      <Otherwise error={change.error} fields={['current', 'password']} />
    </Stack>
  );
}

interface AskedProps {
  way: 'elsewhere' | 'close';
  act: string;
  says?: string;
  done?: string;
}

/** What needs the password once more, and nothing else. */
function Asked({ way, act, says, done }: AskedProps) {
  const change = useChangeAccount(way);
  const [password, setPassword] = useState('');
  useFirstError(change.error);
  return (
    <Stack
      as="form"
      noValidate
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        change.mutate({ password }, { onSuccess: () => setPassword('') });
      }}
    >
      {says && <Quiet>{says}</Quiet>}
      <Entry
        label="Your password"
        type="password"
        value={password}
        onChange={setPassword}
        autoComplete="current-password"
        error={fieldError(change.error, 'password')}
      />
      <Row>
        <Button type="submit" isPending={change.isPending}>
          {act}
        </Button>
        {change.isSuccess && done && <Quiet role="status">{done}</Quiet>}
      </Row>
      <Otherwise error={change.error} fields={['password']} />
    </Stack>
  );
}

/** A refusal that is about no field. */
function Otherwise({ error, fields }: { error: Error | null; fields: string[] }) {
  return error === null || fields.some((field) => fieldError(error, field) !== null) ? null : (
    <Notice kind="wrong">{error.message}</Notice>
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
