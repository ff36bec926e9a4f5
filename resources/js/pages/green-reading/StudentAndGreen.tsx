import { memo } from 'react';
import styled from 'styled-components';
import type { Green, Student } from '../../api/types';
import { Pick, space, Title, wide } from '../../design';

/** What is read and for whom, in one line where there is room. */
const Top = styled.div`
  display: grid; gap: ${space.s} ${space.m}; align-items: end; grid-template-columns: minmax(0, 1fr);
  ${wide} { grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1fr); }
`;

const NOBODY = 'nobody';
const ANY = 'any';

interface WhoseProps {
  students: readonly Student[];
  greens: readonly Green[];
  student: Student | null;
  green: Green | null;
  onStudent: (student: Student | null) => void;
  onGreen: (green: Green | null) => void;
}

/** For whom and where a putt is read. It stands still while the putt is dragged. */
export const StudentAndGreen = memo(function StudentAndGreen({
  students,
  greens,
  student,
  green,
  onStudent,
  onGreen,
}: WhoseProps) {
  return (
    <Top>
      <Title page="Green reading">Green reading</Title>
      <Pick
        label="For"
        options={[
          { value: NOBODY, label: 'No student' },
          ...students.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        value={student?.id ?? NOBODY}
        onChange={(id) => onStudent(students.find((one) => one.id === id) ?? null)}
      />
      <Pick
        label="Green"
        options={[{ value: ANY, label: 'Any green' }, ...greens.map(({ id, name }) => ({ value: id, label: name }))]}
        value={green?.id ?? ANY}
        onChange={(id) => onGreen(greens.find((one) => one.id === id) ?? null)}
      />
    </Top>
  );
});
