import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import { useDeleteRead, useSavedReads, useSaveRead } from '../../api/queries';
import type { Green, PuttSituation, SavedRead } from '../../api/types';
import { Button, ButtonLink, chip, Entry, Notice, QuietText, Row, Sheet, Stack } from '../../design';
import type { Units } from '../../units/useUnits';

const Named = styled.button`${chip}`;

interface SavedReadsProps {
  green: Green;
  putt: PuttSituation;
  onOpen: (putt: PuttSituation) => void;
  units: Units;
}

/** Reads kept at a green, each with the pace it is good for; the one on the lane can be kept beside them. */
export function SavedReads({ green, putt, onOpen, units }: SavedReadsProps) {
  const kept = useSavedReads(green.id);
  const drop = useDeleteRead();
  const keep = useSaveRead();
  const [isNaming, setNaming] = useState(false);
  const [gone, setGone] = useState<SavedRead | null>(null);
  const [opened, setOpened] = useState<string | null>(null);
  const [search] = useSearchParams();
  const isOpen = kept.data?.find(({ id }) => id === opened)?.putt.slope;
  const readBy = isOpen?.by === 'grades' ? (isOpen.measured_by?.toLowerCase() ?? null) : null;
  const wanted = kept.data?.find(({ id }) => id === search.get('read'));
  // biome-ignore lint/correctness/useExhaustiveDependencies: opened once, when it is known.
  useEffect(() => {
    if (wanted !== undefined) {
      setOpened(wanted.id);
      onOpen(wanted.putt);
    }
  }, [wanted?.id]);
  return (
    <Stack $gap="s">
      <Row>
        {(kept.data ?? []).map((read) => (
          <Named
            key={read.id}
            type="button"
            aria-pressed={read.id === opened}
            data-selected={read.id === opened || undefined}
            onClick={() => {
              setOpened(read.id);
              onOpen(read.putt);
            }}
          >
            {read.name}: {units.show(read.putt.length_m, 'station')}, {units.show(read.putt.pace_m, 'roll')} past
          </Named>
        ))}
        <Button onPress={() => setNaming(true)}>Save this read</Button>
        <ButtonLink look="bare" to={`/greens/${green.id}/hole-maps`}>
          Hole maps
        </ButtonLink>
        {opened !== null && (
          <Button
            look="bare"
            onPress={() => {
              setGone(kept.data?.find(({ id }) => id === opened) ?? null);
              drop.mutate({ green: green.id, id: opened }, { onSuccess: () => setOpened(null) });
            }}
          >
            Delete
          </Button>
        )}
      </Row>
      {readBy !== null && <QuietText>Slope measured by: {readBy}.</QuietText>}
      {kept.data?.length === 0 && <QuietText>No saved reads at {green.name} yet.</QuietText>}
      {gone !== null && opened === null && (
        <Notice>
          {gone.name} is deleted.{' '}
          <Button
            onPress={() =>
              keep.mutate(
                { green: green.id, id: null, read: { name: gone.name, putt: gone.putt } },
                { onSuccess: () => setGone(null) },
              )
            }
          >
            Restore
          </Button>
        </Notice>
      )}
      {drop.isError && <Notice kind="wrong">{drop.error.message}</Notice>}
      {isNaming && <Naming green={green} putt={putt} onDone={() => setNaming(false)} />}
    </Stack>
  );
}

function Naming({ green, putt, onDone }: { green: Green; putt: PuttSituation; onDone: () => void }) {
  const keep = useSaveRead();
  const [name, setName] = useState('');
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    keep.mutate({ green: green.id, id: null, read: { name, putt } }, { onSuccess: onDone });
  };
  return (
    <Sheet title={`Save this read at ${green.name}`} onClose={onDone}>
      <form onSubmit={submit} noValidate>
        <Stack>
          <Entry
            label="Name of the place"
            hint="For example: left of the boathouse."
            value={name}
            onChange={setName}
            autoFocus
            error={fieldError(keep.error, 'name')}
          />
          {keep.isError && fieldError(keep.error, 'name') === null && (
            <Notice kind="wrong">{keep.error.message}</Notice>
          )}
          <Row>
            <Button look="main" type="submit" isPending={keep.isPending}>
              Save
            </Button>
            <Button onPress={onDone}>Cancel</Button>
          </Row>
        </Stack>
      </form>
    </Sheet>
  );
}
