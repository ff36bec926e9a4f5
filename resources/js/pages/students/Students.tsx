import { useState } from 'react';
import { Link } from 'react-router';
import { useDelete, useToday } from '../../api/queries';
import {
  Button,
  ButtonLink,
  Entry,
  Head,
  labelOf,
  Name,
  Notice,
  Page,
  Row,
  SentenceText,
  Stack,
  TableFrame,
  Title,
  useFirst,
} from '../../design';
import { BACKSTROKE_CUES, LEVELS } from '../../features/form-choices/formChoices';

/** With more than these a few letters find the one wanted. */
const FEW = 8;

/** Everyone on the bench. */
export function Students() {
  const today = useToday();
  const putAway = useDelete();
  const [search, setSearch] = useState('');
  const students = today.data?.students ?? [];
  const { shown, more } = useFirst(
    students.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase())),
  );
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page="Students">Students</Title>
          <ButtonLink look="main" to="/students/new">
            Add a student
          </ButtonLink>
        </Head>
        {today.isError && <Notice kind="wrong">{today.error.message}</Notice>}
        {putAway.isError && <Notice kind="wrong">{putAway.error.message}</Notice>}
        {today.isSuccess && students.length === 0 && <SentenceText>No students yet. Add the first one.</SentenceText>}
        {students.length > FEW && (
          <Entry label={`Search ${students.length} students`} value={search} onChange={setSearch} />
        )}
        {shown.length > 0 && (
          <TableFrame>
            <table>
              <thead>
                <tr>
                  <th scope="col">Name</th>
                  <th scope="col" data-wide>
                    Hand
                  </th>
                  <th scope="col" data-wide>
                    Level
                  </th>
                  <th scope="col" data-wide>
                    Backstroke
                  </th>
                  <th scope="col" data-wide>
                    Putter
                  </th>
                  <th scope="col">
                    <span hidden>Actions</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {shown.map((student) => (
                  <tr key={student.id}>
                    <th scope="row">
                      <Link to={`/students/${student.id}`}>
                        <Name>{student.name}</Name>
                      </Link>
                    </th>
                    <td data-wide>{student.hand}</td>
                    <td data-wide>{labelOf(LEVELS, student.level).toLowerCase()}</td>
                    <td data-wide>{labelOf(BACKSTROKE_CUES, student.school).toLowerCase()}</td>
                    <td data-wide>{student.putter ?? 'not noted'}</td>
                    <td>
                      <Row>
                        <ButtonLink look="bare" to={`/sessions?student=${student.id}`}>
                          Sessions
                        </ButtonLink>
                        <Button
                          look="bare"
                          isPending={putAway.isPending}
                          aria-label={`Delete ${student.name}`}
                          onPress={() => putAway.mutate({ record: `students/${student.id}`, isAway: true })}
                        >
                          Delete
                        </Button>
                      </Row>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        )}
        {more}
      </Stack>
    </Page>
  );
}
