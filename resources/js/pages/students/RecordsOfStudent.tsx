import { useState } from 'react';
import { useNavigate } from 'react-router';
import { fieldError } from '../../api/api';
import { useEraseStudent, useStudentDeletionPreview } from '../../api/queries';
import type { StudentDeletionPreview } from '../../api/types';
import {
  Button,
  ButtonLink,
  EditList,
  EditRow,
  Entry,
  Notice,
  Part,
  QuietText,
  Row,
  SentenceText,
  Stack,
} from '../../design';
import { Changes } from '../../features/drill-results/Changes';
import { NamedIn } from '../../features/drill-results/NamedIn';

/** What was entered of a student: as files, and gone for good. */
export function RecordsOfStudent({ student }: { student: { id: string; name: string } }) {
  return (
    <Part>
      <h2>Records</h2>
      <EditList>
        <EditRow label="Export and import" summary="an Amble file, tables, balls from a table">
          {() => (
            <Stack>
              <a href={`/api/students/${student.id}/records`} download="amble-student.json">
                Export (Amble file)
              </a>
              <a href={`/api/students/${student.id}/records.zip`} download="student.zip">
                Export tables (CSV, zipped)
              </a>
              <Row>
                <ButtonLink to={`/students/${student.id}/balls-table`}>Import balls from a table</ButtonLink>
              </Row>
            </Stack>
          )}
        </EditRow>
        <EditRow label="Change history" summary="">
          {() => <Changes student={student.id} />}
        </EditRow>
        <EditRow label="Delete permanently" summary="">
          {() => <Erase student={student} />}
        </EditRow>
      </EditList>
    </Part>
  );
}

function Erase({ student: { id, name } }: { student: { id: string; name: string } }) {
  const goes = useStudentDeletionPreview(id, true);
  const navigate = useNavigate();
  const erase = useEraseStudent(id, () => void navigate('/students', { replace: true }));
  const [typed, setTyped] = useState('');
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    erase.mutate(typed.trim());
  };
  return (
    <Stack as="form" onSubmit={submit} noValidate>
      {goes.isError && <Notice kind="wrong">{goes.error.message}</Notice>}
      {goes.data !== undefined && <SentenceText>{goesWords(goes.data, name)}</SentenceText>}
      {goes.data !== undefined && <NamedIn named={goes.data.named_in} name={name} />}
      <QuietText>It cannot be undone here. Earlier backups keep it until newer ones replace them.</QuietText>
      {erase.isError && fieldError(erase.error, 'name') === null && <Notice kind="wrong">{erase.error.message}</Notice>}
      <Entry
        label="Type the name as on the profile"
        value={typed}
        onChange={setTyped}
        error={fieldError(erase.error, 'name')}
      />
      <Row>
        <Button type="submit" isPending={erase.isPending}>
          Delete {name} permanently
        </Button>
      </Row>
    </Stack>
  );
}

function goesWords(goes: StudentDeletionPreview, name: string): string {
  const count = (n: number, one: string, several: string) => (n === 0 ? [] : [`${n} ${n === 1 ? one : several}`]);
  const parts = [
    ...count(goes.sessions, 'session', 'sessions'),
    ...count(goes.balls, 'ball', 'balls'),
    ...count(goes.rounds, 'round', 'rounds'),
    ...count(goes.putters, 'putter', 'putters'),
    ...count(goes.guesses, 'guess', 'guesses'),
  ];
  const shared =
    goes.shared_sessions === 0
      ? ''
      : ` ${goes.shared_sessions} more ${goes.shared_sessions === 1 ? 'session stays' : 'sessions stay'} with the others who were there, without anything of ${name}.`;
  return `This deletes the profile${parts.length === 0 ? '' : `, ${parts.join(', ')}`}, checks and notes.${shared}`;
}
