import { Button, Fold, Notice, Part, Quiet, Row, Said, Stack } from '../design';
import { NamedIn } from '../found/NamedIn';
import { useDoor, useGoes, useMe, useSignIns } from '../server/queries';
import { clock, day } from '../units/dates';
import { Asked, TO_CHANGE } from './Asked';
import { SecondFactorPart } from './SecondFactorPart';

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
      <Fold label="A code at sign-in">
        <SecondFactorPart />
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
      <NamedIn named={goes.data.named_in} name="Your name" />
    </>
  );
}
