import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { useTwoStepSignIn } from '../../api/queries';
import type { TwoStepOffer } from '../../api/types';
import { Button, color, Notice, QuietText, Row, SentenceText, Stack, space, type } from '../../design';
import { QrCode } from '../../design/QrCode';
import { day } from '../../units/dates';
import { PasswordForm, TO_SHOW } from './PasswordForm';

/** Turning on and off what is asked for at sign-in besides the password. */
export function TwoStepSignInPart() {
  const factor = useTwoStepSignIn();
  const [offer, setOffer] = useState<TwoStepOffer | null>(null);
  const [spare, setSpare] = useState<readonly string[] | null>(null);
  if (spare !== null) {
    return <SpareCodesOnce codes={spare} onKept={() => setSpare(null)} />;
  }
  // What was offered stays until its spare codes are told, though the server says by then that it is on.
  if (offer !== null) {
    return (
      <Offered
        offer={offer}
        onSpare={(codes) => {
          setOffer(null);
          setSpare(codes);
        }}
      />
    );
  }
  if (factor.data === undefined) {
    return factor.isError ? <Notice kind="wrong">{factor.error.message}</Notice> : null;
  }
  return factor.data.since === null ? (
    <PasswordForm
      way="offerFactor"
      act="Set up"
      says="At sign-in you also enter six digits from an authenticator app on your phone. A stolen password alone is then not enough."
      onTold={setOffer}
    />
  ) : (
    <WhileOn since={factor.data.since} left={factor.data.spare_left} onSpare={setSpare} />
  );
}

interface OfferedProps {
  offer: TwoStepOffer;
  onSpare: (codes: readonly string[]) => void;
}

function Offered({ offer, onSpare }: OfferedProps) {
  const whole = useRef<HTMLDivElement>(null);
  useEffect(() => {
    whole.current?.scrollIntoView({ block: 'end' });
  }, []);
  return (
    <Stack ref={whole}>
      <SentenceText>
        Scan this picture with the authenticator app on your phone, or type the letters below it.
      </SentenceText>
      <QrCode text={offer.uri} label="The letters below, for a camera" />
      <Letters>{inGroups(offer.secret)}</Letters>
      <PasswordForm
        way="askForFactor"
        fields={TO_SHOW}
        act="Turn on two-step sign-in"
        onTold={({ spare }) => onSpare(spare)}
      />
    </Stack>
  );
}

interface WhileOnProps {
  /** An instant. */
  since: string;
  left: number;
  onSpare: (codes: readonly string[]) => void;
}

function WhileOn({ since, left, onSpare }: WhileOnProps) {
  return (
    <Stack $gap="l">
      <SentenceText>
        Two-step sign-in is on since {day(since)}. Recovery codes left: {left}.
      </SentenceText>
      <PasswordForm
        way="newSpare"
        act="New recovery codes"
        says="Your earlier codes stop working."
        onTold={({ spare }) => onSpare(spare)}
      />
      <PasswordForm way="dropFactor" act="Turn off two-step sign-in" />
    </Stack>
  );
}

/** Told this once: what is kept of them opens nothing. */
function SpareCodesOnce({ codes, onKept }: { codes: readonly string[]; onKept: () => void }) {
  return (
    <Stack>
      <SentenceText role="status">
        If you lose your phone, each of these codes works once in place of the six digits. Write them down now; they are
        not shown again.
      </SentenceText>
      <Spare>
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </Spare>
      <Row>
        <Button look="main" onPress={onKept}>
          Done
        </Button>
        <a
          download="amble-spare-codes.txt"
          href={`data:text/plain;charset=utf-8,${encodeURIComponent(`${codes.join('\n')}\n`)}`}
        >
          Download codes
        </a>
      </Row>
      <QuietText>Other devices stay signed in. Sign them out below if you are not sure about them.</QuietText>
    </Stack>
  );
}

const Letters = styled.p`font: 600 1.05rem ${type.sans}; letter-spacing: 0.06em; overflow-wrap: anywhere;`;

const Spare = styled.ul`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: ${space.s} ${space.m};
  list-style: none; padding: 0; margin: 0; font: 600 1.1rem ${type.sans}; color: ${color.ink};
`;

function inGroups(secret: string): string {
  return secret.match(/.{1,4}/g)?.join(' ') ?? secret;
}
