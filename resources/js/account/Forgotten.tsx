import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import {
  Button,
  ButtonLink,
  Entry,
  Notice,
  Page,
  Part,
  Quiet,
  Row,
  Said,
  Title,
  useFirstError,
} from '../design';
import { fieldError } from '../server/api';
import { useForgotten, useLetters, useNewPassword } from '../server/queries';
import { clock } from '../units/dates';
import { Doorway } from './Doorway';

/** Asks for a link by mail; what is answered tells nobody who has an account. */
export function ForgottenPart({ isDemo, onBack }: { isDemo: boolean; onBack: () => void }) {
  const ask = useForgotten();
  const [email, setEmail] = useState('');
  useFirstError(ask.error);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    ask.mutate(email);
  };
  return (
    <Part as="form" onSubmit={submit} noValidate>
      <h2>Forgotten the password</h2>
      {ask.isError && fieldError(ask.error, 'email') === null && (
        <Notice kind="wrong">{ask.error.message}</Notice>
      )}
      {ask.isSuccess ? (
        <>
          <Said role="status">
            If there is an account with this address, a message with a link is on its way. It is good for an
            hour, and once.
          </Said>
          {isDemo && (
            <p>
              The demo sends no mail. <Link to="/outbox">What it would have sent</Link> is on a page.
            </p>
          )}
        </>
      ) : (
        <Entry
          label="E-mail address"
          type="email"
          value={email}
          onChange={setEmail}
          autoComplete="username"
          error={fieldError(ask.error, 'email')}
        />
      )}
      <Row>
        {!ask.isSuccess && (
          <Button look="main" type="submit" isPending={ask.isPending}>
            Send me a link
          </Button>
        )}
        <Button look="bare" onPress={onBack}>
          Back to signing in
        </Button>
      </Row>
    </Part>
  );
}

/** Behind the link that was sent: a new password. */
export function NewPassword() {
  const { token = '' } = useParams();
  const [search] = useSearchParams();
  const renew = useNewPassword();
  const [password, setPassword] = useState('');
  useFirstError(renew.error);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    renew.mutate({ token, email: search.get('email') ?? '', password });
  };
  const isUsedUp = fieldError(renew.error, 'token') !== null;
  return (
    <Page>
      <Doorway $gap="l">
        <Title page="New password">A new password</Title>
        {renew.isSuccess ? (
          <>
            <Said role="status">
              It is set. Every device that was signed in is signed out; what waits on one to be sent stays
              there.
            </Said>
            <ButtonLink look="main" to="/">
              Sign in
            </ButtonLink>
          </>
        ) : (
          <Part as="form" onSubmit={submit} noValidate>
            <Quiet>For {search.get('email')}</Quiet>
            {renew.isError && fieldError(renew.error, 'password') === null && (
              <Notice kind="wrong">{fieldError(renew.error, 'token') ?? renew.error.message}</Notice>
            )}
            <Entry
              label="New password"
              type="password"
              value={password}
              onChange={setPassword}
              autoComplete="new-password"
              hint="At least ten characters."
              error={fieldError(renew.error, 'password')}
            />
            <Row>
              <Button look="main" type="submit" isPending={renew.isPending}>
                Set it
              </Button>
              {isUsedUp && <ButtonLink to="/">To the door</ButtonLink>}
            </Row>
          </Part>
        )}
      </Doorway>
    </Page>
  );
}

/** What the demo would have sent by mail. */
export function OutboxPage() {
  const letters = useLetters();
  return (
    <Page>
      <Doorway $gap="l">
        <Title page="Outbox">What would have been sent</Title>
        <Quiet>The demo has no mail server. Its messages are laid here instead, the latest first.</Quiet>
        {letters.isError && <Notice kind="wrong">{letters.error.message}</Notice>}
        {letters.data?.length === 0 && <Said>Nothing yet.</Said>}
        {letters.data?.map(({ at, to, subject, text }) => (
          <Part key={at + to}>
            <h2>{subject}</h2>
            <Quiet>
              To {to}, at {clock(at)}
            </Quiet>
            <div>
              {text.split('\n').map((line, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the lines of a letter that stands.
                <p key={index}>{line.startsWith('http') ? <a href={line}>{line}</a> : line}</p>
              ))}
            </div>
          </Part>
        ))}
        <ButtonLink to="/">To the door</ButtonLink>
      </Doorway>
    </Page>
  );
}
