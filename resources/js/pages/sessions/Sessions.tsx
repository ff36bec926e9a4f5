import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useSessionHistory, useToday } from '../../api/queries';
import type { SessionHistoryLine } from '../../api/types';
import {
  Button,
  Columns,
  color,
  Entry,
  Name,
  Notice,
  Page,
  Pick,
  QuietText,
  SentenceText,
  Stack,
  space,
  Title,
  type,
} from '../../design';
import { resumePath } from '../../device/resumeState';
import { dayOf, endOf, monthOf, readDay } from '../../units/dates';

const Lines = styled.ol`
  list-style: none; margin: 0; padding: 0;
  li { border-bottom: 1px solid ${color.rule}; }
  a { display: grid; grid-template-columns: 5.2em minmax(0, 1fr); gap: 0 ${space.m}; padding: 10px 0; min-height: 48px; color: ${color.ink}; text-decoration: none; }
  a strong { text-decoration: underline; text-decoration-color: ${color.copper}; text-underline-offset: 3px; }
  em { font: italic 400 1rem/1.4 ${type.serif}; color: ${color.pencil}; }
`;

const ANY = 'any';

/** Every session there was, the latest first: by whom, where, when, with what was done. */
export function Sessions() {
  const today = useToday();
  const [search, setSearch] = useSearchParams();
  const [day, setDay] = useState(search.get('until') ?? '');
  const [student, green] = [search.get('student'), search.get('green')];
  const until = search.get('until');
  const ledger = useSessionHistory({
    student_id: student,
    green_id: green,
    before: until === null ? null : endOf(until),
  });
  const lines = ledger.data?.pages.flat() ?? [];
  const choose = (name: string, value: string | null) => {
    const next = new URLSearchParams(search);
    if (value === null) {
      next.delete(name);
    } else {
      next.set(name, value);
    }
    setSearch(next, { replace: true });
  };
  const read = readDay(day);
  const dayError = day.trim() !== '' && read === null ? `“${day.trim()}” is not a date. Type a date like 14/11.` : null;
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
            value={day}
            onChange={setDay}
            onBlur={() => dayError === null && choose('until', read)}
            onEnter={() => dayError === null && choose('until', read)}
            hint="A date like 14/11 or 14/11/2026; empty for the latest."
            error={dayError}
          />
        </Columns>
        {ledger.isError && <Notice kind="wrong">{ledger.error.message}</Notice>}
        {ledger.isSuccess && lines.length === 0 && (
          <SentenceText>No sessions match. Each session is listed here once it is started.</SentenceText>
        )}
        <Months lines={lines} />
        {ledger.hasNextPage && (
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

function Months({ lines }: { lines: readonly SessionHistoryLine[] }) {
  const months = [...new Set(lines.map(({ started_at }) => monthOf(started_at)))];
  return months.map((month) => (
    <section key={month}>
      <h2>{month}</h2>
      <Lines>
        {lines
          .filter(({ started_at }) => monthOf(started_at) === month)
          .map((line) => (
            <Line key={line.id} line={line} />
          ))}
      </Lines>
    </section>
  ));
}

function Line({ line }: { line: SessionHistoryLine }) {
  const { id, ended_at, student, green, balls, students, drills, purpose, started_at, is_home } = line;
  const done = [
    balls === 0 ? 'no balls' : `${balls} ${balls === 1 ? 'ball' : 'balls'}`,
    students > 1 ? `of ${students} students` : '',
    drills.join(', '),
  ].filter((part) => part !== '');
  return (
    <li>
      <Link to={ended_at === null ? resumePath(id) : `/sessions/${id}/review`}>
        <span>{dayOf(started_at)}</span>
        <span>
          <strong>
            <Name>{student ?? 'No student'}</Name>
          </strong>
          {green !== null && (
            <>
              , <Name>{green}</Name>
            </>
          )}
          {is_home ? ', at home' : ''}
          {ended_at === null ? ' · open' : ''}
          <br />
          <QuietText as="span">{done.join(' · ')}</QuietText>
          {purpose !== null && (
            <>
              <br />
              <em>{purpose}</em>
            </>
          )}
        </span>
      </Link>
    </li>
  );
}
