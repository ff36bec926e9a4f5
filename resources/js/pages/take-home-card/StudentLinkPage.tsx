import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { ApiError } from '../../api/api';
import {
  clearLinkedData,
  type StartedHomeDrill,
  useLinkedCard,
  useLinkedSession,
  useStartHomeDrill,
} from '../../api/queries';
import { useAcceptedEntries } from '../../api/useOutbox';
import { Button, Notice, Page, Row, Stack, Title, Waiting } from '../../design';
import { RunAlone } from '../../features/drill-run/RunAlone';
import { AtHomePart } from './AtHome';
import { atHome, deleteHomeEntries, saveHomeEntry } from './homeEntries';
import { TakeHomeCardSheet } from './TakeHomeCardSheet';

/** The card behind a private link, for whoever holds it: nobody signs in. It opens without a network once it was opened with one. */
export function StudentLinkPage() {
  const { link = '' } = useParams();
  const [known] = useState(() => atHome(link).card);
  const [begun, set] = useState(() => atHome(link).begun);
  const setBegun = (next: StartedHomeDrill | null) => {
    saveHomeEntry(link, { begun: next });
    set(next);
  };
  const begin = useStartHomeDrill();
  const client = useQueryClient();
  useLinkedSession();
  useAcceptedEntries();
  const behind = useLinkedCard(link, known);
  const isGone = behind.error instanceof ApiError && behind.error.status === 404;
  // An error leaves what was known in sight, but for a link that opens nothing any more.
  const card = isGone ? null : (behind.data ?? (behind.isError ? known : null));
  useEffect(() => {
    if (isGone) {
      deleteHomeEntries(link);
      clearLinkedData(client);
    } else if (behind.data !== undefined && !behind.isPlaceholderData) {
      saveHomeEntry(link, { card: behind.data });
    }
  }, [isGone, link, client, behind.data, behind.isPlaceholderData]);
  if (card !== null && begun !== null) {
    return (
      <RunAlone
        begun={begun}
        cue={card.home_cue}
        onClose={() => {
          setBegun(null);
          void behind.refetch();
        }}
      />
    );
  }
  return (
    <Page>
      <Stack>
        {card === null ? (
          behind.isError ? (
            <>
              <Title page="Link expired">This link no longer works</Title>
              <Notice kind="wrong">
                {isGone ? 'The take-home card was withdrawn, or the link has expired.' : behind.error.message}
              </Notice>
            </>
          ) : (
            <Waiting>Loading the card …</Waiting>
          )
        ) : (
          <>
            <Title page={`Take-home card · ${card.name}`}>Your take-home card</Title>
            {behind.isError && <Notice>No network: this is the card as last loaded.</Notice>}
            <AtHomePart link={link} card={card} onBegin={(offered) => setBegun(begin(offered))} />
            <TakeHomeCardSheet card={card} />
            <Row>
              <Button onPress={() => window.print()}>Print</Button>
            </Row>
          </>
        )}
      </Stack>
    </Page>
  );
}
