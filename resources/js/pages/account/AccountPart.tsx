import { useAuthentication, useDeletionPreview, useSignedInDevices } from '../../api/queries';
import type { Coach } from '../../api/types';
import { EditPress, EditRow, Notice, QuietText, Row, SentenceText, Stack } from '../../design';
import { NamedIn } from '../../features/drill-results/NamedIn';
import { summed } from '../../features/forms/typed';
import { clock, day } from '../../units/dates';
import { PasswordForm, TO_CHANGE } from './PasswordForm';
import { TwoStepSignInPart } from './TwoStepSignInPart';

/** Who is signed in, the way out, and what the password is asked for again before. */
export function AccountRows({ coach: { name, email } }: { coach: Coach }) {
  const door = useAuthentication();
  return (
    <>
      <li>
        <EditPress label="Sign out" summary={summed(name, email)} onPress={() => door.mutate({ path: 'sign-out' })} />
      </li>
      <EditRow label="Change the password" summary="">
        {() => <PasswordForm way="password" fields={TO_CHANGE} act="Change password" done="Changed." />}
      </EditRow>
      <EditRow label="Two-step sign-in" summary="">
        {() => <TwoStepSignInPart />}
      </EditRow>
      <EditRow label="Devices" summary="">
        {() => (
          <Stack>
            <Devices />
            <PasswordForm
              way="elsewhere"
              act="Sign out other devices"
              done="All other devices are signed out."
              says="For a lost phone, or a computer that is not yours. Entries not synced yet stay on it."
            />
          </Stack>
        )}
      </EditRow>
      <EditRow label="Delete account" summary="">
        {() => (
          <Stack>
            <DeletionPreview />
            <PasswordForm way="close" act="Delete permanently" />
          </Stack>
        )}
      </EditRow>
      <li>
        <Row>
          <a href="/licences.txt">Open-source licences</a>
        </Row>
      </li>
    </>
  );
}

/** Each device with when it was here last, this one first named. */
function Devices() {
  const devices = useSignedInDevices();
  return (
    <Stack $gap="s">
      {devices.isError && <Notice kind="wrong">{devices.error.message}</Notice>}
      {(devices.data ?? []).map(({ device, began_at, seen_at, is_here }) => (
        <QuietText key={`${device} ${began_at}`}>
          <strong>{device}</strong>
          {is_here ? ': this one' : `: last used on ${day(seen_at)}, ${clock(seen_at)}`}, signed in {day(began_at)}.
        </QuietText>
      ))}
    </Stack>
  );
}

function DeletionPreview() {
  const goes = useDeletionPreview();
  if (goes.data === undefined) {
    return goes.isError ? <Notice kind="wrong">{goes.error.message}</Notice> : null;
  }
  const { students, sessions, balls, workspaces_left: left } = goes.data;
  return (
    <>
      <SentenceText>
        Students: {students}. Sessions: {sessions}. Balls: {balls}. They are deleted with it, permanently.
      </SentenceText>
      {left.length > 0 && <QuietText>Records made in {left.join(' and ')} stay there, with its owner.</QuietText>}
      <NamedIn named={goes.data.named_in} name="Your name" />
    </>
  );
}
