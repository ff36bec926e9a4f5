import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useDelete, useToday } from '../../api/queries';
import type { Student } from '../../api/types';
import {
  ButtonLink,
  Entry,
  Head,
  List,
  labelOf,
  Menu,
  Name,
  Notice,
  offerUndo,
  Page,
  Row,
  SentenceText,
  Stack,
  Title,
  useFirst,
} from '../../design';
import { BACKSTROKE_CUES, LEVELS } from '../../features/form-choices/formChoices';

/** With more than these a few letters find the one wanted. */
const FEW = 8;

/** Everyone in the workspace. */
export function Students() {
  const today = useToday();
  const putAway = useDelete();
  const navigate = useNavigate();
  const [search, setSearch] = useState('');
  const deleteStudent = ({ id, name }: Student) => {
    const record = `students/${id}` as const;
    const undo = () => putAway.mutate({ record, isAway: false });
    putAway.mutate({ record, isAway: true }, { onSuccess: () => offerUndo(`${name} is deleted.`, undo) });
  };
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
        <List data-many>
          {shown.map((student) => (
            <li key={student.id}>
              <Link to={`/students/${student.id}`}>
                <strong>
                  <Name>{student.name}</Name>
                </strong>
                <small>
                  {labelOf(LEVELS, student.level)}
                  {student.hand === 'left' && ' · left-handed'} · backstroke{' '}
                  {labelOf(BACKSTROKE_CUES, student.school).toLowerCase()}
                </small>
              </Link>
              <Row>
                <Menu
                  label={`More for ${student.name}`}
                  acts={[
                    { label: 'Sessions', act: () => void navigate(`/sessions?student=${student.id}`) },
                    { label: 'Profile', act: () => void navigate(`/students/${student.id}/profile`) },
                    {
                      label: 'Delete',
                      act: () => deleteStudent(student),
                    },
                  ]}
                />
              </Row>
            </li>
          ))}
        </List>
        {more}
      </Stack>
    </Page>
  );
}
