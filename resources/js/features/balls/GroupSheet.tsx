import { useState } from 'react';
import type { GroupMember, Presence, Session, Student } from '../../api/types';
import { Button, Entry, Name, OneOf, Row, Sheet, Stack } from '../../design';
import { NewStudentForm } from '../forms/NewStudentForm';

const STANDINGS: readonly { value: Presence; label: string }[] = [
  { value: 'here', label: 'Here' },
  { value: 'sits_out', label: 'Resting' },
  { value: 'watches', label: 'Watching' },
  { value: 'gone', label: 'Gone home' },
];

const JOINING = STANDINGS.map((each) => (each.value === 'here' ? { ...each, label: 'Join' } : each));

/** So many are offered at once; the others are found by a few letters. */
const MOST_OFFERED = 8;

interface GroupSheetProps {
  session: Session;
  /** Everybody that may be asked to come, the usual ones first. */
  students: readonly Pick<Student, 'id' | 'name'>[];
  onStanding: (student: string, standing: Presence) => void;
  onClose: () => void;
  /** Those of the group that roll in the drill; null where all do. */
  rollers?: readonly string[] | null;
}

/** Who is here, rests, watches or has gone; it stays open while people are added. */
export function GroupSheet({ session, students, onStanding, onClose, rollers = null }: GroupSheetProps) {
  const members = session.group_members;
  // Here, but not in the drill: one touch joins.
  const isWatching = ({ student, standing }: GroupMember) =>
    rollers !== null && rollers.length > 0 && !rollers.includes(student) && standing === 'here';
  return (
    <Sheet title="Who is here" onClose={onClose}>
      <Stack $gap="s">
        {members.map((each) => (
          <OneOf
            key={each.student}
            label={each.name}
            options={isWatching(each) ? JOINING : STANDINGS}
            value={isWatching(each) ? null : each.standing}
            onChange={(value) => onStanding(each.student, value)}
          />
        ))}
      </Stack>
      <Adding
        students={students.filter(({ id }) => !members.some((each) => each.student === id))}
        onAdd={(id) => onStanding(id, 'here')}
      />
      <Row>
        <Button look="main" onPress={onClose}>
          Done
        </Button>
      </Row>
    </Sheet>
  );
}

interface AddingProps {
  students: readonly Pick<Student, 'id' | 'name'>[];
  onAdd: (student: string) => void;
}

function Adding({ students, onAdd }: AddingProps) {
  const [search, setSearch] = useState('');
  const [isNew, setNew] = useState(false);
  const words = search.trim().toLowerCase();
  const found = students.filter(({ name }) => name.toLowerCase().includes(words)).slice(0, MOST_OFFERED);
  return (
    <Stack $gap="s" role="group" aria-label="Add to the group">
      {students.length > MOST_OFFERED && (
        <Entry label={`Search ${students.length} students`} value={search} onChange={setSearch} />
      )}
      {isNew ? (
        <NewStudentForm
          onAdd={(id) => {
            onAdd(id);
            setNew(false);
          }}
          onLeave={() => setNew(false)}
        />
      ) : (
        <Row>
          {found.map(({ id, name }) => (
            <Button key={id} onPress={() => onAdd(id)} aria-label={`Add ${name}`}>
              + <Name>{name}</Name>
            </Button>
          ))}
          <Button look="bare" onPress={() => setNew(true)}>
            New student
          </Button>
        </Row>
      )}
    </Stack>
  );
}
