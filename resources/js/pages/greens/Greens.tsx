import { useState } from 'react';
import { type Control, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useDelete, useSaveGreen, useToday } from '../../api/queries';
import type { GrassKind, Green } from '../../api/types';
import {
  Button,
  Entry,
  Head,
  List,
  Menu,
  Name,
  Notice,
  offerUndo,
  Page,
  QuietText,
  Row,
  SentenceText,
  Sheet,
  Stack,
  Title,
  useFirst,
} from '../../design';
import { SURFACES } from '../../features/form-choices/formChoices';
import { ChoiceField, MenuField, TextField } from '../../features/forms/fields';
import { SheetForm } from '../../features/forms/SheetForm';
import { greenWords } from '../../units/reading';
import { useUnits } from '../../units/useUnits';

/** The greens and mats in use, each with the speed that stands. */
export function Greens() {
  const today = useToday();
  const units = useUnits();
  const putAway = useDelete();
  const navigate = useNavigate();
  const [opened, setOpened] = useState<Green | 'new' | null>(null);
  const [search, setSearch] = useState('');
  const deleteGreen = ({ id, name }: Green) => {
    const record = `greens/${id}` as const;
    const undo = () => putAway.mutate({ record, isAway: false });
    putAway.mutate({ record, isAway: true }, { onSuccess: () => offerUndo(`${name} is deleted.`, undo) });
  };
  const [greens, grasses] = [today.data?.greens ?? [], today.data?.grasses ?? []];
  const { shown, more } = useFirst(
    greens.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase())),
  );
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page="Greens">Greens</Title>
          <Button look="main" onPress={() => setOpened('new')}>
            Add a green
          </Button>
        </Head>
        {today.isError && <Notice kind="wrong">{today.error.message}</Notice>}
        {today.isSuccess && greens.length === 0 && (
          <SentenceText>No greens yet. Add the green or mat you practise on.</SentenceText>
        )}
        {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
        {greens.length > FEW && <Entry label={`Search ${greens.length} greens`} value={search} onChange={setSearch} />}
        <List data-many aria-label="Greens">
          {shown.map((green) => (
            <li key={green.id}>
              <span>
                <strong>
                  <Name>{green.name}</Name>
                </strong>
                <small>{greenWords(green, grassOf(green, grasses))}</small>
              </span>
              <Row>
                <strong>{green.reading?.speed_m == null ? 'speed unknown' : units.speed(green.reading.speed_m)}</strong>
                <Menu
                  label={`More for ${green.name}`}
                  acts={[
                    { label: 'Hole maps', act: () => void navigate(`/greens/${green.id}/hole-maps`) },
                    { label: 'Edit', act: () => setOpened(green) },
                    { label: 'Delete', act: () => deleteGreen(green) },
                  ]}
                />
              </Row>
            </li>
          ))}
        </List>
        {more}
        {opened !== null && (
          <Sheet title={opened === 'new' ? 'Add a green' : opened.name} onClose={() => setOpened(null)}>
            <GreenForm green={opened === 'new' ? null : opened} grasses={grasses} onDone={() => setOpened(null)} />
          </Sheet>
        )}
      </Stack>
    </Page>
  );
}

/** With more than these a few letters find the one wanted. */
const FEW = 8;

const UNNAMED = 'unnamed';

function grassOf({ surface, grass }: Green, grasses: readonly GrassKind[]): string {
  return surface === 'mat' ? 'mat' : (grasses.find(({ value }) => value === grass)?.label ?? 'grass');
}

interface GreenFormProps {
  green: Green | null;
  grasses: readonly GrassKind[];
  onDone: () => void;
}

interface GreenValues {
  name: string;
  surface: Green['surface'];
  grass: string;
}

function GreenForm({ green, grasses, onDone }: GreenFormProps) {
  const save = useSaveGreen();
  const values: GreenValues = {
    name: green?.name ?? '',
    surface: green?.surface ?? 'grass',
    grass: green?.grass ?? UNNAMED,
  };
  const draft = ({ name, surface, grass }: GreenValues) => ({
    id: green?.id ?? null,
    draft: {
      name: name.trim(),
      surface,
      grass: surface === 'mat' ? null : (grasses.find(({ value }) => value === grass)?.value ?? null),
    },
  });
  return (
    <SheetForm values={values} save={save} draft={draft} onDone={onDone}>
      {(control) => (
        <>
          <TextField control={control} name="name" label="Name" autoFocus={green === null} />
          <ChoiceField control={control} name="surface" label="Surface" options={SURFACES} />
          <GrassField control={control} grasses={grasses} />
        </>
      )}
    </SheetForm>
  );
}

/** Which grass it is; a mat has none. */
function GrassField({ control, grasses }: { control: Control<GreenValues>; grasses: readonly GrassKind[] }) {
  const [surface, grass] = useWatch({ control, name: ['surface', 'grass'] });
  return surface === 'mat' ? null : (
    <>
      <MenuField
        control={control}
        name="grass"
        label="Grass"
        options={[
          { value: UNNAMED, label: 'Not named' },
          ...grasses.map(({ value, label, season }) => ({
            value: value as string,
            label: `${label} (${season}-season)`,
          })),
        ]}
      />
      <QuietText>
        {grasses.find(({ value }) => value === grass)?.has_grain === true
          ? 'Its blades lean: hints about grain appear in Green reading.'
          : 'Hints about grain appear only on grass whose blades lean.'}
      </QuietText>
    </>
  );
}
