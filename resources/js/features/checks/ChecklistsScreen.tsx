import { Link } from 'react-router';
import styled from 'styled-components';
import { newId } from '../../api/outbox';
import { useCheckCatalogue } from '../../api/queries';
import type { Checklist } from '../../api/types';
import { ButtonLink, color, Notice, Page, Part, QuietText, Row, Stack, space, Title } from '../../design';

const KINDS: Record<Checklist['kind'], string> = {
  set_up: 'Set-up',
  routine: 'Routines',
  views: 'Views of a putt',
  ground: 'What the ground tells',
  grain: 'What the grass tells',
  safety: 'Before balls are struck with eyes elsewhere',
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
        <Row style={{ justifyContent: 'space-between' }}>
          <Title page="Cards">Cards of points</Title>
          <ButtonLink look="main" to={`/checklists/${newId()}`}>
            A card of your own
          </ButtonLink>
        </Row>
        <QuietText>
          What is looked at point by point, and routines in their order. Change those that ship, or write your own: add,
          reorder, leave out.
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
                      {card.is_own && card.is_shipped ? ' (changed by you)' : ''}
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
