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
      <h2>Forgotten the password</h2>
      {ask.isError && fieldError(ask.error, 'email') === null && <Notice kind="wrong">{ask.error.message}</Notice>}
      {ask.isSuccess ? (
        <>
          <SentenceText role="status">
            If there is an account with this address, a message with a link is on its way. It is good for an hour, and
            once.
          </SentenceText>
          {isDemo && (
            <p>
              The demo sends no mail. <Link to="/mail">What it would have sent</Link> is on a page.
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
      <NarrowPage $gap="l">
        <Title page="New password">A new password</Title>
        {renew.isSuccess ? (
          <>
            <SentenceText role="status">
              It is set. Every device that was signed in is signed out; what waits on one to be sent stays there.
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
                Set it
              </Button>
              {isUsedUp && <ButtonLink to="/">To the door</ButtonLink>}
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
        <Title page="Outbox">What would have been sent</Title>
        <QuietText>The demo has no mail server. Its messages are laid here instead, the latest first.</QuietText>
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
        <ButtonLink to="/">To the door</ButtonLink>
      </NarrowPage>
    </Page>
  );
}
