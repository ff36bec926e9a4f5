import { Link } from 'react-router';
import styled from 'styled-components';
import { newId } from '../../api/outbox';
import { useCheckCatalogue } from '../../api/queries';
import type { Checklist } from '../../api/types';
import { ButtonLink, color, Head, Notice, Page, Part, QuietText, Stack, space, Title } from '../../design';

const KINDS: Record<Checklist['kind'], string> = {
  set_up: 'Set-up',
  routine: 'Routines',
  views: 'Views of a putt',
  ground: 'Slope clues',
  grain: 'Grain clues',
  safety: 'Before putting without looking',
};

const Lines = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { border-bottom: 1px solid ${color.rule}; padding: ${space.s} 0; }
  a { min-height: 44px; display: inline-flex; align-items: center; font-weight: 700; }
`;

/** The bench's cards of points, by what they are for. */
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
        {(Object.keys(KINDS) as Checklist['kind'][]).map((kind) => (
          <Part key={kind}>
            <h2>{KINDS[kind]}</h2>
            <Lines>
              {cards
                .filter((card) => card.kind === kind)
                .map((card) => (
                  <li key={card.key}>
                    <Link to={`/checklists/${card.key}`}>{card.title}</Link>
                    <QuietText>
                      {card.points.map(({ text }) => text).join(' · ')}
                      {card.is_own && card.is_shipped ? ' (edited)' : ''}
                    </QuietText>
                  </li>
                ))}
            </Lines>
          </Part>
        ))}
      </Stack>
    </Page>
  );
}
