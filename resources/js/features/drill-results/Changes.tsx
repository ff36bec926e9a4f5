import { useQuery } from '@tanstack/react-query';
import { request } from '../../api/api';
import type { RecordChange } from '../../api/types';
import { Notice, QuietText, SentenceText, Stack } from '../../design';
import { clock, day } from '../../units/dates';

const RECORDS: Readonly<Record<string, string>> = {
  students: 'Profile',
  greens: 'Green',
  practice_sessions: 'Session',
  drills: 'Drill',
  length_sets: 'Lengths',
  rounds: 'Round',
  benchmarks: 'Benchmark',
  take_home_cards: 'Take-home card',
  cards: 'Checklist',
  putters: 'Putter',
  saved_reads: 'Read',
};

const WHAT = {
  changed: 'changed',
  put_away: 'deleted',
  brought_back: 'restored',
  deleted: 'deleted',
} as const;

/** Who changed what of the records beside the log of balls, the latest first. */
export function Changes({ student }: { student: string | null }) {
  const changes = useQuery({
    queryKey: ['changes', student],
    queryFn: () => request<RecordChange[]>('GET', student === null ? 'changes' : `changes?student=${student}`),
    refetchOnMount: 'always',
  });
  return (
    <Stack $gap="s">
      {changes.isError && <Notice kind="wrong">{changes.error.message}</Notice>}
      {changes.data?.length === 0 && <SentenceText>No changes yet.</SentenceText>}
      {changes.data?.map(({ id, at, who, record, name, what, fields }) => (
        <div key={id}>
          <p>
            {RECORDS[record] ?? record} {name} {WHAT[what]}
          </p>
          <QuietText>
            {day(at)}, {clock(at)}, {who}
            {fields.map(
              ({ field, from, to }) => `; ${field.replaceAll('_', ' ')}: ${from ?? 'nothing'} → ${to ?? 'nothing'}`,
            )}
          </QuietText>
        </div>
      ))}
    </Stack>
  );
}
