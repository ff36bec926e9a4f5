import { useState } from 'react';
import {
  Button,
  Entry,
  Notice,
  OneOf,
  Page,
  Part,
  Row,
  Said,
  Stack,
  TableFrame,
  Title,
  useFirstError,
} from '../design';
import { fieldError } from '../server/api';
import { type GreenDraft, useBench, useKeepGreen, usePutAway } from '../server/queries';
import type { Green } from '../server/types';
import { greenWords } from '../units/reading';
import { useUnits } from '../units/useUnits';

const SURFACES = [
  { value: 'grass', label: 'Grass' },
  { value: 'mat', label: 'Mat' },
] as const;

/** The greens and mats in use, each with the speed that stands. */
export function Greens() {
  const bench = useBench();
  const units = useUnits();
  const putAway = usePutAway();
  const [opened, setOpened] = useState<Green | null>(null);
  const [search, setSearch] = useState('');
  const greens = bench.data?.greens ?? [];
  const shown = greens.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase()));
  return (
    <Page>
      <Stack $gap="l">
        <Title page="Greens">Greens</Title>
        {bench.isError && <Notice kind="wrong">{bench.error.message}</Notice>}
        {bench.isSuccess && greens.length === 0 && (
          <Said>None yet. Add the green or mat you practise on.</Said>
        )}
        {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
        {greens.length > 8 && (
          <Entry label={`Find one of ${greens.length}`} value={search} onChange={setSearch} />
        )}
        {shown.length > 0 && (
          <TableFrame>
            <table>
              <thead>
                <tr>
                  <th scope="col">Name</th>
                  <th scope="col">Reading</th>
                  <th scope="col">Speed that stands</th>
                  <th scope="col">
                    <span hidden>Change</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {shown.map((green) => (
                  <tr key={green.id}>
                    <th scope="row" style={{ whiteSpace: 'normal' }}>
                      {green.name}
                    </th>
                    <td>{greenWords(green)}</td>
                    <td>{green.reading?.speed_m == null ? 'unknown' : units.speed(green.reading.speed_m)}</td>
                    <td>
                      <Button
                        look="bare"
                        onPress={() => setOpened(green)}
                        aria-label={`Rename ${green.name}`}
                      >
                        Rename
                      </Button>
                      <Button
                        look="bare"
                        isPending={putAway.isPending}
                        aria-label={`Put ${green.name} away`}
                        onPress={() => putAway.mutate({ record: `greens/${green.id}`, isAway: true })}
                      >
                        Put away
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        )}
        <GreenForm key={opened?.id ?? 'new'} green={opened} onDone={() => setOpened(null)} />
      </Stack>
    </Page>
  );
}

function GreenForm({ green, onDone }: { green: Green | null; onDone: () => void }) {
  const keep = useKeepGreen();
  const [draft, setDraft] = useState<GreenDraft>({
    name: green?.name ?? '',
    surface: green?.surface ?? 'grass',
  });
  useFirstError(keep.error);
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    keep.mutate(
      { id: green?.id ?? null, draft },
      {
        onSuccess: () => {
          setDraft({ name: '', surface: 'grass' });
          onDone();
        },
      },
    );
  };
  return (
    <Part as="form" onSubmit={submit} noValidate style={{ maxWidth: 560 }}>
      <h2>{green === null ? 'Add a green' : `Rename ${green.name}`}</h2>
      {keep.isError && fieldError(keep.error, 'name') === null && (
        <Notice kind="wrong">{keep.error.message}</Notice>
      )}
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
        onChange={(surface) => setDraft({ ...draft, surface })}
      />
      <Row>
        <Button look="main" type="submit" isPending={keep.isPending}>
          {green === null ? 'Add this green' : 'Keep'}
        </Button>
        {green !== null && <Button onPress={onDone}>Leave it</Button>}
      </Row>
    </Part>
  );
}
