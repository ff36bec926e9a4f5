import { useState } from 'react';
import { fieldError } from '../../api/api';
import { type GreenDraft, useDelete, useSaveGreen, useToday } from '../../api/queries';
import type { GrassKind, Green } from '../../api/types';
import {
  Button,
  Entry,
  Notice,
  OneOf,
  Page,
  Part,
  Pick,
  QuietText,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
  useFirst,
  useFirstError,
} from '../../design';
import { SURFACES } from '../../features/form-choices/formChoices';
import { greenWords } from '../../units/reading';
import { useUnits } from '../../units/useUnits';

/** The greens and mats in use, each with the speed that stands. */
export function Greens() {
  const today = useToday();
  const units = useUnits();
  const putAway = useDelete();
  const [opened, setOpened] = useState<Green | null>(null);
  const [search, setSearch] = useState('');
  const greens = today.data?.greens ?? [];
  const { shown, more } = useFirst(
    greens.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase())),
  );
  return (
    <Page>
      <Stack $gap="l">
        <Title page="Greens">Greens</Title>
        {today.isError && <Notice kind="wrong">{today.error.message}</Notice>}
        {today.isSuccess && greens.length === 0 && (
          <SentenceText>No greens yet. Add the green or mat you practise on.</SentenceText>
        )}
        {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
        {greens.length > 8 && <Entry label={`Search ${greens.length} greens`} value={search} onChange={setSearch} />}
        {shown.length > 0 && (
          <TableFrame>
            <table>
              <thead>
                <tr>
                  <th scope="col">Name</th>
                  <th scope="col">Grass</th>
                  <th scope="col">Measured</th>
                  <th scope="col">Green speed</th>
                  <th scope="col">
                    <span hidden>Actions</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {shown.map((green) => (
                  <tr key={green.id}>
                    <th scope="row" style={{ whiteSpace: 'normal' }}>
                      {green.name}
                    </th>
                    <td>{grassOf(green, today.data?.grasses ?? [])}</td>
                    <td>{greenWords(green)}</td>
                    <td>{green.reading?.speed_m == null ? 'unknown' : units.speed(green.reading.speed_m)}</td>
                    <td>
                      <Button look="bare" onPress={() => setOpened(green)} aria-label={`Edit ${green.name}`}>
                        Edit
                      </Button>
                      <Button
                        look="bare"
                        isPending={putAway.isPending}
                        aria-label={`Delete ${green.name}`}
                        onPress={() => putAway.mutate({ record: `greens/${green.id}`, isAway: true })}
                      >
                        Delete
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        )}
        {more}
        <GreenForm
          key={opened?.id ?? 'new'}
          green={opened}
          grasses={today.data?.grasses ?? []}
          onDone={() => setOpened(null)}
        />
      </Stack>
    </Page>
  );
}

const UNNAMED = 'unnamed';

function grassOf({ surface, grass }: Green, grasses: readonly GrassKind[]): string {
  return surface === 'mat' ? 'Mat' : (grasses.find(({ value }) => value === grass)?.label ?? 'not named');
}

interface GreenFormProps {
  green: Green | null;
  grasses: readonly GrassKind[];
  onDone: () => void;
}

function GreenForm({ green, grasses, onDone }: GreenFormProps) {
  const keep = useSaveGreen();
  const [draft, setDraft] = useState<GreenDraft>({
    name: green?.name ?? '',
    surface: green?.surface ?? 'grass',
    grass: green?.grass ?? null,
  });
  const named = grasses.find(({ value }) => value === draft.grass);
  useFirstError(keep.error);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    keep.mutate(
      { id: green?.id ?? null, draft },
      {
        onSuccess: () => {
          setDraft({ name: '', surface: 'grass', grass: null });
          onDone();
        },
      },
    );
  };
  return (
    <Part as="form" onSubmit={submit} noValidate style={{ maxWidth: 560 }}>
      <h2>{green === null ? 'Add a green' : `Edit ${green.name}`}</h2>
      {keep.isError && fieldError(keep.error, 'name') === null && <Notice kind="wrong">{keep.error.message}</Notice>}
      <Entry
        label="Name"
        value={draft.name}
        onChange={(name) => setDraft({ ...draft, name })}
        error={fieldError(keep.error, 'name')}
      />
      <OneOf
        label="Surface"
        options={SURFACES}
        value={draft.surface}
        onChange={(surface) => setDraft({ ...draft, surface, grass: surface === 'mat' ? null : draft.grass })}
      />
      {draft.surface === 'grass' && (
        <>
          <Pick
            label="Grass"
            options={[
              { value: UNNAMED, label: 'Not named' },
              ...grasses.map(({ value, label, season }) => ({ value, label: `${label} (${season}-season)` })),
            ]}
            value={draft.grass ?? UNNAMED}
            onChange={(grass) =>
              setDraft({ ...draft, grass: grasses.find(({ value }) => value === grass)?.value ?? null })
            }
          />
          <QuietText>
            {named?.has_grain === true
              ? 'Its blades lean: hints about grain appear in Green reading.'
              : 'Hints about grain appear only on grass whose blades lean.'}
          </QuietText>
        </>
      )}
      <Row>
        <Button look="main" type="submit" isPending={keep.isPending}>
          {green === null ? 'Add this green' : 'Save'}
        </Button>
        {green !== null && <Button onPress={onDone}>Cancel</Button>}
      </Row>
    </Part>
  );
}
