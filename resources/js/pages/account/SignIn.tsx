import { useState } from 'react';
import { fieldError } from '../../api/api';
import { useAuthentication, useMe } from '../../api/queries';
import { usePendingCount } from '../../api/usePending';
import { Button, Entry, Notice, Page, Part, QuietText, Row, SentenceText, Title, useFirstError } from '../../design';
import { ForgotPasswordPart } from './ForgotPassword';
import { NarrowPage } from './NarrowPage';

/** The way in: the demo bench where it is offered, an account otherwise. */
export function SignIn() {
  const me = useMe();
  const door = useAuthentication();
  const [isNew, setNew] = useState(false);
  const [isForgotten, setForgotten] = useState(false);
  const [name, setName] = useState('');
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  /** What was typed as a code; null while none was asked for. */
  const [code, setCode] = useState<string | null>(null);
  useFirstError(door.error);
  const waiting = usePendingCount();
  const fields = ['name', 'email', 'password', 'code'];
  const isAtField = fields.some((field) => fieldError(door.error, field) !== null);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    door.mutate(
      isNew
        ? { path: 'sign-up', body: { name, email, password } }
        : { path: 'sign-in', body: { email, password, ...(code ? { code } : {}) } },
      { onError: (error) => fieldError(error, 'code') !== null && setCode(code ?? '') },
    );
  };
  return (
    <Page>
      <NarrowPage $gap="l">
        <Title page="Sign in">Amble</Title>
        <SentenceText>
          A coach's bench for putting practice: measure the green, log the balls, and tell each student how far to take
          it back.
        </SentenceText>
        {waiting > 0 && (
          <Notice>
            {waiting === 1 ? 'One entry waits' : `${waiting} entries wait`} on this device. Sign in as whoever made
            them, and they are sent.
          </Notice>
        )}
        {me.data?.demo === true && (
          <Part>
            <h2>Look around</h2>
            <Row>
              <Button look="main" onPress={() => door.mutate({ path: 'demo' })} isPending={door.isPending}>
                Open the demo bench
              </Button>
            </Row>
          </Part>
        )}
        {isForgotten ? (
          <ForgotPasswordPart isDemo={me.data?.demo === true} onBack={() => setForgotten(false)} />
        ) : (
          <Part as="form" onSubmit={submit} noValidate>
            <h2>{isNew ? 'Make an account' : 'Sign in'}</h2>
            {door.isError && !isAtField && <Notice kind="wrong">{door.error.message}</Notice>}
            {isNew && (
              <Entry
                label="Your name"
                value={name}
                onChange={setName}
                autoComplete="name"
                error={fieldError(door.error, 'name')}
              />
            )}
            <Entry
              label="E-mail address"
              type="email"
              value={email}
              onChange={setEmail}
              autoComplete="username"
              error={fieldError(door.error, 'email')}
            />
            <Entry
              label="Password"
              type="password"
              value={password}
              onChange={setPassword}
              autoComplete={isNew ? 'new-password' : 'current-password'}
              hint={isNew ? 'At least ten characters.' : undefined}
              error={fieldError(door.error, 'password')}
            />
            {code !== null && !isNew && (
              <Entry
                label="Code"
                value={code}
                onChange={setCode}
                inputMode="numeric"
                autoComplete="one-time-code"
                autoFocus
                hint="The six digits your authenticator shows now, or a spare code."
                error={code === '' ? null : fieldError(door.error, 'code')}
              />
            )}
            <Row>
              <Button look={me.data?.demo === true ? 'plain' : 'main'} type="submit" isPending={door.isPending}>
                {isNew ? 'Make the account' : 'Sign in'}
              </Button>
              <Button
                look="bare"
                onPress={() => {
                  setNew(!isNew);
                  door.reset();
                }}
              >
                {isNew ? 'I have an account' : 'I am new here'}
              </Button>
              {!isNew && me.data?.sends_mail === true && (
                <Button look="bare" onPress={() => setForgotten(true)}>
                  I forgot the password
                </Button>
              )}
            </Row>
            {!isNew && me.data?.sends_mail === false && (
              <QuietText>Forgotten the password? Whoever runs this Amble can give you a new one.</QuietText>
            )}
          </Part>
        )}
      </NarrowPage>
    </Page>
  );
}
