import { Link, useSearchParams } from 'react-router';
import { useSessionHistory, useToday } from '../../api/queries';
import type { SessionHistoryLine } from '../../api/types';
import {
  Button,
  Columns,
  Entry,
  List,
  Name,
  Notice,
  Page,
  Pick,
  SentenceText,
  Stack,
  Title,
  useFirst,
} from '../../design';
import { resumePath } from '../../device/resumeState';
import { dayAndYear, endOf } from '../../units/dates';
import { firstWords } from '../../units/format';

const ANY = 'any';

/** Every session there was, the latest first: by whom, where, when, with what was done. */
export function Sessions() {
  const today = useToday();
  const [search, setSearch] = useSearchParams();
  const [student, green] = [search.get('student'), search.get('green')];
  const until = search.get('until');
  const ledger = useSessionHistory({
    student_id: student,
    green_id: green,
    before: until === null ? null : endOf(until),
  });
  const lines = ledger.data?.pages.flat() ?? [];
  const { shown, more } = useFirst(lines);
  const choose = (name: string, value: string | null) => {
    const next = new URLSearchParams(search);
    if (value === null) {
      next.delete(name);
    } else {
      next.set(name, value);
    }
    setSearch(next, { replace: true });
  };
  return (
    <Page>
      <Stack $gap="l">
        <Title page="Sessions">Sessions</Title>
        <Columns>
          <Pick
            label="Student"
            options={withAny('All students', today.data?.students)}
            value={student ?? ANY}
            onChange={(value) => choose('student', value === ANY ? null : value)}
          />
          <Pick
            label="Green"
            options={withAny('All greens', today.data?.greens)}
            value={green ?? ANY}
            onChange={(value) => choose('green', value === ANY ? null : value)}
          />
          <Entry
            label="Up to"
            type="date"
            value={until ?? ''}
            onChange={(chosen) => choose('until', chosen === '' ? null : chosen)}
          />
        </Columns>
        {ledger.isError && <Notice kind="wrong">{ledger.error.message}</Notice>}
        {ledger.isSuccess && lines.length === 0 && (
          <SentenceText>No sessions match. Each session is listed here once it is started.</SentenceText>
        )}
        <List data-many>
          {shown.map((line) => (
            <Line key={line.id} line={line} />
          ))}
        </List>
        {more}
        {more === null && ledger.hasNextPage && (
          <Button isPending={ledger.isFetchingNextPage} onPress={() => void ledger.fetchNextPage()}>
            Show earlier
          </Button>
        )}
      </Stack>
    </Page>
  );
}

function withAny(any: string, records: readonly { id: string; name: string }[] = []) {
  return [{ value: ANY, label: any }, ...records.map(({ id, name }) => ({ value: id, label: name }))];
}

/** Drills and words named in a row. */
const [MOST_DRILLS, MOST_WORDS] = [2, 6];

function Line({ line }: { line: SessionHistoryLine }) {
  const { id, ended_at, student, green, balls, students, drills, purpose, started_at, is_home } = line;
  const done = [
    balls === 0 ? 'no balls' : `${balls} ${balls === 1 ? 'ball' : 'balls'}`,
    students > 1 ? `${students} students` : '',
    drills.length === 0 ? firstWords(purpose ?? '', MOST_WORDS) : drills.slice(0, MOST_DRILLS).join(', '),
    ended_at === null ? 'open' : '',
  ].filter((part) => part !== '');
  return (
    <li>
      <Link to={ended_at === null ? resumePath(id) : `/sessions/${id}/review`}>
        <strong>
          {dayAndYear(started_at)} · <Name>{student ?? 'No student'}</Name>
        </strong>
        <small>
          <Name>{is_home ? 'at home' : (green ?? 'no green')}</Name> · {done.join(' · ')}
        </small>
      </Link>
    </li>
  );
}
