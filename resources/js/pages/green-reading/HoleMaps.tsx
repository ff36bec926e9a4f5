import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type HoleMapDraft, useBeginHoleMap, useDeleteHoleMap, useHoleMaps } from '../../api/holeMapQueries';
import { useToday } from '../../api/queries';
import {
  Button,
  ButtonLink,
  Head,
  List,
  Menu,
  Name,
  Notice,
  offerUndo,
  Page,
  SentenceText,
  Sheet,
  Stack,
  Title,
  useFirst,
} from '../../design';
import { ChoiceField, TextField } from '../../features/forms/fields';
import { SheetForm } from '../../features/forms/SheetForm';
import { dayAndYear } from '../../units/dates';

/** The hole positions of a green that were mapped, the newest first. */
export function HoleMaps() {
  const { id = '' } = useParams();
  const green = useToday().data?.greens.find((each) => each.id === id);
  const maps = useHoleMaps(id);
  const { drop, restore } = useDeleteHoleMap();
  const [isAdding, setAdding] = useState(false);
  const { shown, more } = useFirst(maps.data ?? []);
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page="Hole maps">Hole maps{green === undefined ? '' : ` of ${green.name}`}</Title>
          <Button look="main" onPress={() => setAdding(true)}>
            Map a hole
          </Button>
        </Head>
        {maps.isError && <Notice kind="wrong">{maps.error.message}</Notice>}
        {drop.isError && <Notice kind="wrong">{drop.error.message}</Notice>}
        {maps.data?.length === 0 && (
          <SentenceText>
            Measure the slope at the hole and six places round it. Putts are then read from the map, with their range.
          </SentenceText>
        )}
        <List aria-label="Hole maps">
          {shown.map((map) => (
            <li key={map.id}>
              <span>
                <strong>
                  <Name>{map.name}</Name>
                </strong>
                <small>
                  {map.places === 1 ? '1 place' : `${map.places} places`}, {dayAndYear(map.mapped_on)}. 12 o’clock:{' '}
                  {map.mark}
                </small>
              </span>
              <span>
                <ButtonLink to={`/hole-maps/${map.id}`} aria-label={`Open ${map.name}`}>
                  Open
                </ButtonLink>
                <Menu
                  label={`More for ${map.name}`}
                  acts={[
                    {
                      label: 'Delete',
                      act: () =>
                        drop.mutate(map.id, {
                          onSuccess: (gone) => offerUndo(`${gone.name} is deleted.`, () => restore.mutate(gone)),
                        }),
                    },
                  ]}
                />
              </span>
            </li>
          ))}
        </List>
        {more}
        {isAdding && (
          <Sheet title="Map a hole" onClose={() => setAdding(false)}>
            <NewMap green={id} onDone={() => setAdding(false)} />
          </Sheet>
        )}
      </Stack>
    </Page>
  );
}

const READ_BY = [
  { value: 'phone', label: 'Phone' },
  { value: 'level', label: 'Digital level' },
] as const;

function NewMap({ green, onDone }: { green: string; onDone: () => void }) {
  const begin = useBeginHoleMap(green);
  const navigate = useNavigate();
  return (
    <SheetForm
      values={{ name: '', mark: '', read_by: 'phone' as (typeof READ_BY)[number]['value'] }}
      save={{
        ...begin,
        mutate: (draft: HoleMapDraft, { onSuccess }) =>
          begin.mutate(draft, {
            onSuccess: ({ id }) => {
              void navigate(`/hole-maps/${id}`);
              onSuccess();
            },
          }),
      }}
      draft={(values) => ({ ...values, readings: [] })}
      onDone={onDone}
    >
      {(control) => (
        <>
          <TextField control={control} name="name" label="Hole position" hint="For example: front left." autoFocus />
          <TextField
            control={control}
            name="mark"
            label="Landmark at 12 o’clock"
            hint="What you look at from below the hole. For example: the boathouse door."
          />
          <ChoiceField control={control} name="read_by" label="Slopes are measured with" options={READ_BY} />
        </>
      )}
    </SheetForm>
  );
}
