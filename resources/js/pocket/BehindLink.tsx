import { useParams } from 'react-router';
import { Button, Notice, Page, Row, Stack, Title } from '../design';
import { ApiError } from '../server/api';
import { useCardBehind } from '../server/queries';
import { PocketSheet } from './PocketSheet';

/** The card behind a private link, for whoever holds it: nobody signs in. */
export function BehindLink() {
  const { link } = useParams();
  const card = useCardBehind(link ?? '');
  return (
    <Page>
      <Stack>
        {card.data === undefined ? (
          card.isError ? (
            <>
              <Title page="No card">No card here</Title>
              <Notice kind="wrong">
                {card.error instanceof ApiError && card.error.status === 404
                  ? 'There is no card behind this link: it was withdrawn, or its time is over.'
                  : card.error.message}
              </Notice>
            </>
          ) : (
            <p>Opening the card …</p>
          )
        ) : (
          <>
            <Title page={`Pocket card · ${card.data.name}`}>Your pocket card</Title>
            <PocketSheet card={card.data} />
            <Row>
              <Button onPress={() => window.print()}>Print it</Button>
            </Row>
          </>
        )}
      </Stack>
    </Page>
  );
}
