import { Link } from 'react-router';
import { newId } from '../../api/outbox';
import { useCheckCatalogue } from '../../api/queries';
import type { Checklist } from '../../api/types';
import { ButtonLink, Head, List, Notice, Page, QuietText, Stack, Title } from '../../design';

const KINDS: Record<Checklist['kind'], string> = {
  set_up: 'Set-up',
  routine: 'Routines',
  views: 'Views of a putt',
  ground: 'Slope clues',
  grain: 'Grain clues',
  safety: 'Before putting without looking',
};

/** The workspace's cards of points, by what they are for. */
export function ChecklistsScreen() {
  const book = useCheckCatalogue();
  const cards = book.data?.cards ?? [];
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page="Checklists">Checklists</Title>
          <ButtonLink look="main" to={`/checklists/${newId()}`}>
            New checklist
          </ButtonLink>
        </Head>
        <QuietText>
          What to check point by point, and routines in order. Edit the built-in checklists, or write your own.
        </QuietText>
        {book.isError && <Notice kind="wrong">{book.error.message}</Notice>}
        <List data-many>
          {cards.map((card) => (
            <li key={card.key}>
              <Link to={`/checklists/${card.key}`}>
                <strong>{card.title}</strong>
                <small>
                  {KINDS[card.kind]} · {card.points.length} points{card.is_own && card.is_shipped ? ' · edited' : ''}
                </small>
              </Link>
            </li>
          ))}
        </List>
      </Stack>
    </Page>
  );
}
