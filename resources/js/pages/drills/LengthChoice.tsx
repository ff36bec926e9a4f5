import { useState } from 'react';
import { newId } from '../../api/outbox';
import { useDeleteLengthSet, useLayLengths, useLengthSets, useSaveLengthSet } from '../../api/queries';
import type { LibraryDrill } from '../../api/types';
import { Button, Columns, Entry, Notice, OneOf, QuietText, Row, Stack } from '../../design';
import type { Units } from '../../units/useUnits';
import { readLengths, textWithUnit } from './lengthList';

interface LengthChoiceProps {
  /** The drill with the lengths it is written with. */
  card: LibraryDrill;
  onLay: (card: LibraryDrill) => void;
  units: Units;
}

const AS_WRITTEN = 'written';
const OTHERS = 'others';

/** At which lengths: as the drill is written, a set of the coach's own, or others, typed or counted in paces. */
export function LengthChoice({ card, onLay, units }: LengthChoiceProps) {
  const sets = useLengthSets();
  const lay = useLayLengths();
  const keep = useSaveLengthSet();
  const drop = useDeleteLengthSet();
  const [chosen, choose] = useState<string>(AS_WRITTEN);
  const [text, setText] = useState('');
  const [name, setName] = useState('');
  const [error, setError] = useState<string | null>(null);
  const layIn = (lengths_m: number[]) => lay.mutate({ drill: card.drill, lengths_m }, { onSuccess: onLay });
  const pick = (value: string) => {
    choose(value);
    if (value === AS_WRITTEN) {
      onLay(card);
    }
    const set = sets.data?.find(({ id }) => id === value);
    if (set !== undefined) {
      layIn(set.lengths_m);
    }
  };
  const read = (): number[] | null => {
    const { lengths, error: wrong } = readLengths(text, units);
    setError(wrong);
    return lengths;
  };
  const set = sets.data?.find(({ id }) => id === chosen);
  return (
    <Stack $gap="s">
      <OneOf<string>
        label="Lengths"
        options={[
          { value: AS_WRITTEN, label: 'The drill’s own' },
          ...(sets.data ?? []).map((each) => ({ value: each.id, label: `${each.name}: ${each.said}` })),
          { value: OTHERS, label: 'Other' },
        ]}
        value={chosen}
        onChange={pick}
      />
      {lay.isError && <Notice kind="wrong">{lay.error.message}</Notice>}
      {chosen === OTHERS && (
        <>
          <Columns>
            <Entry
              label="Lengths, separated by commas"
              value={text}
              onChange={setText}
              onEnter={() => {
                const lengths = read();
                if (lengths !== null) {
                  layIn(lengths);
                }
              }}
              suffix={units.suffix('station')}
              hint="In any unit: 3, 6, 9 steps."
              error={error}
            />
            <Entry label="Save as a set called" value={name} onChange={setName} hint="Optional." />
          </Columns>
          <Row>
            <Button
              isPending={lay.isPending}
              onPress={() => {
                const lengths = read();
                if (lengths === null) {
                  return;
                }
                layIn(lengths);
                if (name.trim() !== '') {
                  const id = newId();
                  keep.mutate(
                    { id, name: name.trim(), said: textWithUnit(text, units), lengths_m: lengths },
                    { onSuccess: () => choose(id) },
                  );
                }
              }}
            >
              Use these lengths
            </Button>
          </Row>
          {keep.isError && <Notice kind="wrong">{keep.error.message}</Notice>}
        </>
      )}
      {set !== undefined && (
        <Row>
          <QuietText as="span">“{set.name}” is one of your sets.</QuietText>
          <Button
            look="bare"
            onPress={() => {
              drop.mutate(set.id);
              pick(AS_WRITTEN);
            }}
          >
            Delete the set
          </Button>
        </Row>
      )}
    </Stack>
  );
}
