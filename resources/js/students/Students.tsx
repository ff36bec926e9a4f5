import { Link } from 'react-router';
import { ButtonLink, Notice, Page, Row, Said, Stack, TableFrame } from '../design';
import { useBench } from '../server/queries';

const LEVEL_WORDS = { new: 'new to it', club: 'club', able: 'able', tournament: 'tournament' } as const;
const SCHOOL_WORDS = { rule: 'by the rule', foot: 'by the foot', eye: 'by eye' } as const;

/** Everyone on the bench. */
export function Students() {
  const bench = useBench();
  const students = bench.data?.students ?? [];
  return (
    <Page>
      <Stack $gap="l">
        <Row style={{ justifyContent: 'space-between' }}>
          <h1>Students</h1>
          <ButtonLink look="main" to="/students/new">
            Add a student
          </ButtonLink>
        </Row>
        {bench.isError && <Notice kind="wrong">{bench.error.message}</Notice>}
        {bench.isSuccess && students.length === 0 && (
          <Said>Nobody yet. The first student you add will be here.</Said>
        )}
        {students.length > 0 && (
          <TableFrame>
            <table>
              <thead>
                <tr>
                  <th scope="col">Name</th>
                  <th scope="col">Hand</th>
                  <th scope="col">Level</th>
                  <th scope="col">Backstroke</th>
                  <th scope="col">Putter</th>
                </tr>
              </thead>
              <tbody>
                {students.map((student) => (
                  <tr key={student.id}>
                    <th scope="row" style={{ whiteSpace: 'normal' }}>
                      <Link to={`/students/${student.id}`}>{student.name}</Link>
                    </th>
                    <td>{student.hand}</td>
                    <td>{LEVEL_WORDS[student.level]}</td>
                    <td>{SCHOOL_WORDS[student.school]}</td>
                    <td>{student.putter ?? 'not noted'}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </TableFrame>
        )}
      </Stack>
    </Page>
  );
}
