import { useState } from 'react';
import { fieldError } from '../../api/api';
import { isOfEarlierVisit, useCurrentGoals, useSaveCurrentGoals } from '../../api/queries';
import type { CurrentGoals } from '../../api/types';
import {
  AnyOf,
  Button,
  Columns,
  Entry,
  NoteEntry,
  Notice,
  OneOf,
  Part,
  QuietText,
  Row,
  Stack,
  useFirstError,
  Waiting,
} from '../../design';

const ABOUT = [
  { value: 'none', label: 'Something else' },
  { value: 'pace', label: 'Distance control' },
  { value: 'start_line', label: 'Start line' },
  { value: 'read', label: 'Green reading' },
] as const;

/** Why the student came, what for, the one thing or two in work, and the faults that are known. */
export function CurrentGoalsPart({ student }: { student: string }) {
  const query = useCurrentGoals(student);
  if (query.data === undefined || isOfEarlierVisit(query)) {
    return query.isError ? <Notice kind="wrong">{query.error.message}</Notice> : <Waiting>Loading …</Waiting>;
  }
  return <CurrentGoalsForm student={student} kept={query.data} />;
}

function CurrentGoalsForm({ student, kept }: { student: string; kept: CurrentGoals }) {
  const keep = useSaveCurrentGoals(student);
  const [draft, setDraft] = useState(kept);
  useFirstError(keep.error);
  const set = (part: Partial<CurrentGoals>) => setDraft({ ...draft, ...part });
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    const next = {
      ...draft,
      focuses: draft.focuses.filter(({ text }) => text.trim() !== ''),
      faults: draft.faults.filter(({ fault }) => fault.trim() !== ''),
    };
    setDraft(next);
    keep.mutate(next);
  };
  return (
    <Stack as="form" onSubmit={submit} noValidate>
      {keep.isError && <Notice kind="wrong">{keep.error.message}</Notice>}
      <Part>
        <h2>Complaint and goal</h2>
        <Columns>
          <NoteEntry
            label="The complaint, in the student’s words"
            value={draft.complaint ?? ''}
            onChange={(text) => set({ complaint: text === '' ? null : text })}
            error={fieldError(keep.error, 'complaint')}
          />
          <NoteEntry
            label="The goal"
            value={draft.goal ?? ''}
            onChange={(text) => set({ goal: text === '' ? null : text })}
            error={fieldError(keep.error, 'goal')}
          />
        </Columns>
        <OneOf
          label="The complaint is about"
          options={ABOUT}
          value={draft.about ?? 'none'}
          onChange={(about) => set({ about: about === 'none' ? null : about })}
        />
      </Part>
      <Focuses draft={draft} set={set} error={keep.error} />
      <Faults draft={draft} set={set} />
      <Row>
        <Button type="submit" isPending={keep.isPending}>
          Save
        </Button>
        {keep.isSuccess && <QuietText role="status">Saved.</QuietText>}
      </Row>
    </Stack>
  );
}

interface GoalsPartProps {
  draft: CurrentGoals;
  set: (part: Partial<CurrentGoals>) => void;
}

function Focuses({ draft: { cap, focuses }, set, error }: GoalsPartProps & { error: Error | null }) {
  const change = (at: number, part: Partial<CurrentGoals['focuses'][number]>) =>
    set({ focuses: focuses.map((focus, index) => (index === at ? { ...focus, ...part } : focus)) });
  return (
    <Part>
      <h2>Working on</h2>
      {focuses.map((focus, index) => (
        <Columns
          // Lines of a list that only grows at its end.
          // biome-ignore lint/suspicious/noArrayIndexKey: they have no other name
          key={index}
        >
          <Entry
            label={`Focus ${index + 1}`}
            value={focus.text}
            onChange={(text) => change(index, { text })}
            error={fieldError(error, `focuses.${index}.text`)}
          />
          {index >= cap && (
            <Entry
              label="Why this one too"
              value={focus.reason ?? ''}
              onChange={(reason) => change(index, { reason: reason === '' ? null : reason })}
              error={fieldError(error, `focuses.${index}.reason`)}
            />
          )}
        </Columns>
      ))}
      <Row>
        <Button look="bare" onPress={() => set({ focuses: [...focuses, { text: '', reason: null }] })}>
          {focuses.length < cap ? 'Add a focus' : `Add another beyond ${cap}`}
        </Button>
      </Row>
    </Part>
  );
}

function Faults({ draft: { faults }, set }: GoalsPartProps) {
  const change = (at: number, part: Partial<CurrentGoals['faults'][number]>) =>
    set({ faults: faults.map((fault, index) => (index === at ? { ...fault, ...part } : fault)) });
  return (
    <Part>
      <h2>Known faults</h2>
      {faults.map((fault, index) => (
        <Stack
          $gap="s"
          // biome-ignore lint/suspicious/noArrayIndexKey: they have no other name
          key={index}
        >
          <Columns>
            <Entry
              label={`Fault ${index + 1}`}
              value={fault.fault}
              onChange={(text) => change(index, { fault: text })}
            />
            <Entry
              label="How it shows"
              value={fault.shows ?? ''}
              onChange={(text) => change(index, { shows: text === '' ? null : text })}
            />
            <Entry
              label="Cure"
              value={fault.cure ?? ''}
              onChange={(text) => change(index, { cure: text === '' ? null : text })}
            />
          </Columns>
          <AnyOf
            label={`Fault ${index + 1} is`}
            options={[{ value: 'mended', label: 'Corrected' }]}
            values={fault.is_open ? [] : ['mended']}
            onChange={(values) => change(index, { is_open: values.length === 0 })}
          />
        </Stack>
      ))}
      <Row>
        <Button
          look="bare"
          onPress={() => set({ faults: [...faults, { fault: '', shows: null, cure: null, is_open: true }] })}
        >
          Add a fault
        </Button>
      </Row>
    </Part>
  );
}
