import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import { newId } from '../../api/outbox';
import {
  type CardDraft,
  isOfEarlierVisit,
  useCheckCatalogue,
  useDeleteChecklist,
  useSaveChecklist,
} from '../../api/queries';
import type { Checklist } from '../../api/types';
import {
  Button,
  ButtonLink,
  color,
  Entry,
  Head,
  Notice,
  OneOf,
  Page,
  Part,
  Row,
  Stack,
  space,
  Title,
  useFirstError,
  Waiting,
} from '../../design';
import { announce } from '../../device/announce';
import { readNumber } from '../../units/format';
import { moveItem } from './moveItem';

const KINDS = [
  { value: 'set_up', label: 'Set-up' },
  { value: 'routine', label: 'Routine' },
  { value: 'views', label: 'Views of a putt' },
  { value: 'ground', label: 'Slope clues' },
  { value: 'grain', label: 'Grain clues' },
  { value: 'safety', label: 'Safety check' },
] as const;

const Points = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { display: grid; gap: ${space.s}; padding: 12px 0; border-bottom: 1px solid ${color.rule}; grid-template-columns: minmax(0, 1fr) auto; align-items: end; }
  li > [data-times] { grid-column: 1; max-width: 220px; }
`;

const NEW: CardDraft = { kind: 'set_up', title: '', points: [] };

/** Changes a card, or writes one: its points can be added, reordered and left out. */
export function ChecklistEditor() {
  const { key = '' } = useParams();
  const book = useCheckCatalogue();
  if (book.data === undefined || isOfEarlierVisit(book)) {
    return (
      <Page>
        {book.isError ? <Notice kind="wrong">{book.error.message}</Notice> : <Waiting>Loading the checklist …</Waiting>}
      </Page>
    );
  }
  const card = book.data.cards.find((each) => each.key === key);
  return <EditorOf key={key} id={key} card={card} />;
}

function EditorOf({ id, card }: { id: string; card: Checklist | undefined }) {
  const navigate = useNavigate();
  const keep = useSaveChecklist();
  const drop = useDeleteChecklist();
  const [draft, setDraft] = useState<CardDraft>(
    card === undefined ? NEW : { kind: card.kind, title: card.title, points: card.points },
  );
  const error = keep.error ?? drop.error;
  useFirstError(keep.error);
  const toCards = () => void navigate('/checklists');
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    keep.mutate({ key: id, card: draft }, { onSuccess: toCards });
  };
  return (
    <Page>
      <Stack $gap="l" as="form" onSubmit={submit} noValidate>
        <Head>
          <Title page={card?.title ?? 'New checklist'}>{card?.title ?? 'New checklist'}</Title>
          <ButtonLink to="/checklists">All checklists</ButtonLink>
        </Head>
        {error !== null && <Notice kind="wrong">{error.message}</Notice>}
        <Entry
          label="Name"
          value={draft.title}
          onChange={(title) => setDraft({ ...draft, title })}
          error={fieldError(keep.error, 'title')}
        />
        <OneOf label="Purpose" options={KINDS} value={draft.kind} onChange={(kind) => setDraft({ ...draft, kind })} />
        <PointList draft={draft} onDraft={setDraft} error={keep.error} />
        <Row>
          <Button look="main" type="submit" isPending={keep.isPending}>
            Save
          </Button>
          {card?.is_own === true && (
            <Button look="bare" isPending={drop.isPending} onPress={() => drop.mutate(id, { onSuccess: toCards })}>
              {card.is_shipped ? 'Restore default' : 'Delete'}
            </Button>
          )}
        </Row>
      </Stack>
    </Page>
  );
}

interface PointListProps {
  draft: CardDraft;
  onDraft: (draft: CardDraft) => void;
  error: Error | null;
}

function PointList({ draft, onDraft, error }: PointListProps) {
  const { points } = draft;
  const set = (next: CardDraft['points']) => onDraft({ ...draft, points: next });
  const change = (at: number, part: Partial<CardDraft['points'][number]>) =>
    set(points.map((point, index) => (index === at ? { ...point, ...part } : point)));
  const move = (at: number, by: -1 | 1) => {
    set(moveItem(points, at, by));
    announce(`Point ${at + 1} is now number ${at + 1 + by}`);
  };
  const wrong = fieldError(error, 'points');
  return (
    <Part>
      <h2>Points, in order</h2>
      {wrong !== null && <Notice kind="wrong">{wrong}</Notice>}
      <Points>
        {points.map((point, at) => (
          <li key={point.key}>
            <Entry
              label={`Point ${at + 1}`}
              value={point.text}
              onChange={(text) => change(at, { text })}
              error={fieldError(error, `points.${at}.text`)}
            />
            <Row style={{ flexWrap: 'nowrap' }}>
              <Button look="bare" aria-label={`Point ${at + 1} up`} isDisabled={at === 0} onPress={() => move(at, -1)}>
                <ArrowUp size={20} aria-hidden="true" />
              </Button>
              <Button
                look="bare"
                aria-label={`Point ${at + 1} down`}
                isDisabled={at === points.length - 1}
                onPress={() => move(at, 1)}
              >
                <ArrowDown size={20} aria-hidden="true" />
              </Button>
              <Button
                look="bare"
                aria-label={`Remove point ${at + 1}`}
                onPress={() => set(points.filter((_, index) => index !== at))}
              >
                <Trash2 size={20} aria-hidden="true" />
              </Button>
            </Row>
            {draft.kind === 'routine' && (
              <div data-times>
                <Entry
                  label={`How often: point ${at + 1}`}
                  defaultValue={point.times === null ? '' : String(point.times)}
                  onChange={(text) =>
                    change(at, { times: text.trim() === '' ? null : (readNumber(text) ?? point.times) })
                  }
                  inputMode="numeric"
                  suffix="times"
                  error={fieldError(error, `points.${at}.times`)}
                />
              </div>
            )}
          </li>
        ))}
      </Points>
      <Row>
        <Button onPress={() => set([...points, { key: newId(), text: '', times: null, is_of_feet: false }])}>
          Add a point
        </Button>
      </Row>
    </Part>
  );
}
