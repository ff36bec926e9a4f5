import { lazy, Suspense, useState } from 'react';
import { fieldError } from '../../api/api';
import { useAuthentication, useMe } from '../../api/queries';
import { usePendingCount } from '../../api/usePending';
import { Button, Entry, Notice, Page, Part, QuietText, Row, Title, useFirstError } from '../../design';
import { NarrowPage } from './NarrowPage';

// Few forget it: the form is fetched then.
const ForgotPasswordPart = lazy(async () => ({ default: (await import('./ForgotPassword')).ForgotPasswordPart }));

/** The way in: the demo workspace where it is offered, an account otherwise. */
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
        <p>
          A coach's tool for putting practice: measure the green, log the balls, and tell each student how far to take
          it back.
        </p>
        {waiting > 0 && (
          <Notice>
            {waiting === 1 ? 'One entry is not synced yet' : `${waiting} entries are not synced yet`} on this device.
            Sign in with the same account to sync.
          </Notice>
        )}
        {me.data?.demo === true && (
          <Part>
            <h2>Try it</h2>
            <Row>
              <Button look="main" onPress={() => door.mutate({ path: 'demo' })} isPending={door.isPending}>
                Open the demo
              </Button>
            </Row>
          </Part>
        )}
        {isForgotten ? (
          <Suspense fallback={null}>
            <ForgotPasswordPart isDemo={me.data?.demo === true} onBack={() => setForgotten(false)} />
          </Suspense>
        ) : (
          <Part as="form" onSubmit={submit} noValidate>
            <h2>{isNew ? 'Create account' : 'Sign in'}</h2>
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
              label="Email address"
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
                hint="The six digits from your authenticator, or a recovery code."
                error={code === '' ? null : fieldError(door.error, 'code')}
              />
            )}
            <Row>
              <Button look={me.data?.demo === true ? 'plain' : 'main'} type="submit" isPending={door.isPending}>
                {isNew ? 'Create account' : 'Sign in'}
              </Button>
              <Button
                look="bare"
                onPress={() => {
                  setNew(!isNew);
                  door.reset();
                }}
              >
                {isNew ? 'Sign in' : 'Create account'}
              </Button>
              {!isNew && me.data?.sends_mail === true && (
                <Button look="bare" onPress={() => setForgotten(true)}>
                  Forgot password
                </Button>
              )}
            </Row>
            {!isNew && me.data?.sends_mail === false && (
              <QuietText>Forgot your password? Ask the person who runs this Amble for a new one.</QuietText>
            )}
          </Part>
        )}
      </NarrowPage>
    </Page>
  );
}
