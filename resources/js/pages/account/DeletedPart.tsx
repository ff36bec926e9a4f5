import { type Record, useDelete, useDeletedRecords } from '../../api/queries';
import { Button, Name, Notice, QuietText, Row, Stack } from '../../design';
import { day } from '../../units/dates';

/** What was put away, each brought back with one touch. */
export function DeletedPart() {
  const away = useDeletedRecords();
  const putAway = useDelete();
  const { students = [], greens = [], sessions = [] } = away.data ?? {};
  const records: { record: Record; name: string; until: string | null }[] = [
    ...students.map(({ id, name }) => ({ record: `students/${id}` as const, name, until: null })),
    ...greens.map(({ id, name }) => ({ record: `greens/${id}` as const, name, until: null })),
    ...sessions.map(({ id, student, started_at, back_until }) => ({
      until: back_until,
      record: `sessions/${id}` as const,
      name: `Session of ${day(started_at)}, ${student ?? 'no student'}`,
    })),
  ];
  return (
    <Stack>
      {away.isError && <Notice kind="wrong">{away.error.message}</Notice>}
      {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
      {away.isSuccess && records.length === 0 && <QuietText>Nothing is deleted.</QuietText>}
      <Stack $gap="s">
        {records.map(({ record, name, until }) => (
          <Row key={record} style={{ justifyContent: 'space-between' }}>
            <span>
              <Name>{name}</Name>
              {until !== null && (
                <QuietText>Can be restored until {day(until)}; then it is deleted permanently.</QuietText>
              )}
            </span>
            <Button
              aria-label={`Restore ${name}`}
              isPending={putAway.isPending}
              onPress={() => putAway.mutate({ record, isAway: false })}
            >
              Restore
            </Button>
          </Row>
        ))}
      </Stack>
    </Stack>
  );
}
