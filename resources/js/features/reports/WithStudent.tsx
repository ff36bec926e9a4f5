import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useToday } from '../../api/queries';
import type { Student } from '../../api/types';
import { Notice, Page, Waiting } from '../../design';

interface WithStudentProps {
  /** Said while the workspace is not known yet. */
  opening: string;
  /** @param others everybody else in the workspace */
  children: (student: Student, others: readonly Student[]) => ReactNode;
}

/** A screen about the student whose id its address holds. */
export function WithStudent({ opening, children }: WithStudentProps) {
  const { id } = useParams();
  const today = useToday();
  const students = today.data?.students ?? [];
  const student = students.find((each) => each.id === id);
  if (student !== undefined) {
    return children(
      student,
      students.filter((each) => each.id !== student.id),
    );
  }
  return (
    <Page>
      {today.isPending ? (
        <Waiting>{opening}</Waiting>
      ) : (
        <Notice kind="wrong">This student does not exist in your workspace, or was deleted.</Notice>
      )}
    </Page>
  );
}
