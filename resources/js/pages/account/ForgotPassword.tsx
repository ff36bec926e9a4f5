import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { fieldError } from '../../api/api';
import { useMailMessages, useNewPassword, usePasswordReset } from '../../api/queries';
import {
  Button,
  ButtonLink,
  Entry,
  Notice,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Title,
  useFirstError,
} from '../../design';
import { clock } from '../../units/dates';
import { NarrowPage } from './NarrowPage';

/** Asks for a link by mail; what is answered tells nobody who has an account. */
export function ForgotPasswordPart({ isDemo, onBack }: { isDemo: boolean; onBack: () => void }) {
  const ask = usePasswordReset();
  const [email, setEmail] = useState('');
  useFirstError(ask.error);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    ask.mutate(email);
  };
  return (
    <Part as="form" onSubmit={submit} noValidate>
      <h2>Forgot password</h2>
      {ask.isError && fieldError(ask.error, 'email') === null && <Notice kind="wrong">{ask.error.message}</Notice>}
      {ask.isSuccess ? (
        <>
          <SentenceText role="status">
            If there is an account with this address, an email with a link is on its way. The link works once, for one
            hour.
          </SentenceText>
          {isDemo && (
            <p>
              The demo sends no email. <Link to="/mail">The email it would have sent</Link> is on a page.
            </p>
          )}
        </>
      ) : (
        <Entry
          label="Email address"
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
            Send link
          </Button>
        )}
        <Button look="bare" onPress={onBack}>
          Back to sign-in
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
      <NarrowPage $gap="l">
        <Title page="New password">New password</Title>
        {renew.isSuccess ? (
          <>
            <SentenceText role="status">
              The new password is set. Every device is signed out; entries not synced yet stay on their device.
            </SentenceText>
            <ButtonLink look="main" to="/">
              Sign in
            </ButtonLink>
          </>
        ) : (
          <Part as="form" onSubmit={submit} noValidate>
            <QuietText>For {search.get('email')}</QuietText>
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
                Save
              </Button>
              {isUsedUp && <ButtonLink to="/">Go to sign-in</ButtonLink>}
            </Row>
          </Part>
        )}
      </NarrowPage>
    </Page>
  );
}

/** What the demo would have sent by mail. */
export function OutboxPage() {
  const letters = useMailMessages();
  return (
    <Page>
      <NarrowPage $gap="l">
        <Title page="Demo emails">Demo emails</Title>
        <QuietText>The demo has no mail server. Its emails are listed here, latest first.</QuietText>
        {letters.isError && <Notice kind="wrong">{letters.error.message}</Notice>}
        {letters.data?.length === 0 && <SentenceText>Nothing yet.</SentenceText>}
        {letters.data?.map(({ at, to, subject, text }) => (
          <Part key={at + to}>
            <h2>{subject}</h2>
            <QuietText>
              To {to}, at {clock(at)}
            </QuietText>
            <div>
              {text.split('\n').map((line, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the lines of a letter that stands.
                <p key={index}>{line.startsWith('http') ? <a href={line}>{line}</a> : line}</p>
              ))}
            </div>
          </Part>
        ))}
        <ButtonLink to="/">Go to sign-in</ButtonLink>
      </NarrowPage>
    </Page>
  );
}
