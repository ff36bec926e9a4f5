import { lazy, Suspense, useState } from 'react';
import { useTakeHomeCard, useTakeHomeCardLink } from '../../api/queries';
import type { TakeHomeCardSettings } from '../../api/types';
import { Button, Entry, Notice, OneOf, QuietText, Row, SheetButton, Stack, Waiting } from '../../design';
import { announce } from '../../device/announce';
import { day } from '../../units/dates';

// A code is drawn once in a while: what draws it is fetched then.
const QrCode = lazy(() => import('../../design/QrCode').then(({ QrCode: Picture }) => ({ default: Picture })));

interface ShareCardProps {
  student: { id: string; name: string };
  label?: string;
  /** Whether it is the one thing to do next on its screen. */
  isMain?: boolean;
}

/** Hands the take-home card, with its homework, to the student: by the phone's own sharing, copied, or as a QR code. */
export function ShareCard({ student, label = 'Share card', isMain = false }: ShareCardProps) {
  return (
    <SheetButton look={isMain ? 'main' : 'plain'} label={label} title={`Share the card of ${student.name}`}>
      {() => <Sharing student={student} />}
    </SheetButton>
  );
}

function Sharing({ student }: { student: { id: string; name: string } }) {
  const card = useTakeHomeCard(student.id);
  return card.data === undefined ? (
    card.isError ? (
      <Notice kind="wrong">{card.error.message}</Notice>
    ) : (
      <Waiting>Loading the card …</Waiting>
    )
  ) : (
    <LinkOf student={student} settings={card.data} />
  );
}

const DAYS = ['7', '30', '90'].map((value) => ({ value, label: `${value} days` }));

interface LinkOfProps {
  student: { id: string; name: string };
  settings: TakeHomeCardSettings;
}

/** A link to this card alone: it cannot be guessed, it ends, and it can be withdrawn. */
export function LinkOf({ student, settings: { link_until: until, card } }: LinkOfProps) {
  const link = useTakeHomeCardLink(student.id);
  const [days, setDays] = useState('30');
  const made = link.data?.link ?? null;
  return (
    <Stack>
      {link.isError && <Notice kind="wrong">{link.error.message}</Notice>}
      <p>{card.home_task === null ? 'No homework is on the card yet.' : `Homework: ${card.home_task}`}</p>
      {made === null ? (
        <>
          <QuietText role="status">
            {until === null
              ? 'No link is active.'
              : `A link opens this card until ${day(until)}. A new link replaces it.`}
          </QuietText>
          <OneOf label="Expires after" options={DAYS} value={days} onChange={setDays} />
        </>
      ) : (
        <Made url={`${window.location.origin}/pocket/${made}`} name={student.name} />
      )}
      <Row>
        {made === null && (
          <Button look="main" isPending={link.isPending} onPress={() => link.mutate(Number(days))}>
            {until === null ? 'Create link' : 'Create a new link'}
          </Button>
        )}
        {until !== null && (
          <Button look="bare" isPending={link.isPending} onPress={() => link.mutate(null)}>
            Remove link
          </Button>
        )}
      </Row>
      <QuietText>Anybody with the link sees this card and nothing else. The link is shown once.</QuietText>
    </Stack>
  );
}

/** The link just made: it is kept nowhere, so it is handed on now. */
function Made({ url, name }: { url: string; name: string }) {
  const [isCopied, setCopied] = useState(false);
  const copy = () =>
    void navigator.clipboard.writeText(url).then(() => {
      setCopied(true);
      announce('Link copied');
    });
  return (
    <Stack $gap="s">
      <Row>
        {'share' in navigator && (
          <Button
            look="main"
            // Closed without sending is no error.
            onPress={() => void navigator.share({ title: `Take-home card of ${name}`, url }).catch(() => undefined)}
          >
            Share …
          </Button>
        )}
        <Button look={'share' in navigator ? 'plain' : 'main'} onPress={copy}>
          {isCopied ? 'Copied' : 'Copy'}
        </Button>
      </Row>
      <Entry
        label="The link: copy it now"
        value={url}
        isReadOnly
        onFocus={(event) => event.target instanceof HTMLInputElement && event.target.select()}
      />
      <Suspense fallback={null}>
        <QrCode text={url} label={`QR code of the link for ${name}`} />
      </Suspense>
    </Stack>
  );
}
