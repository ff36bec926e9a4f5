import { useState } from 'react';
import type { GroupMember, Session } from '../../api/types';
import { OneOf } from '../../design';
import { remember, resumeStateOf } from '../../device/resumeState';

/** Who is checked: the one last chosen on this session, else whoever it was begun for. */
export function useCheckedStudent(session: Session) {
  const here = session.group_members.filter(({ standing }) => standing !== 'gone');
  const [chosen, setChosen] = useState(() => resumeStateOf(session.id).student ?? null);
  const student = here.find((each) => each.student === chosen)?.student ?? session.student?.id ?? null;
  return {
    student,
    /** As an event says it: null for whoever the session was begun for. */
    said: student === session.student?.id ? null : student,
    here,
    choose: (id: string) => {
      setChosen(id);
      remember(session.id, { student: id });
    },
  };
}

export type CheckedStudent = ReturnType<typeof useCheckedStudent>;

/** One touch to another of the group. */
export function WhoIsChecked({ who }: { who: CheckedStudent }) {
  return who.here.length < 2 ? null : (
    <OneOf
      label="Student"
      isLabelHidden
      isRow
      options={who.here.map(({ student, name }: GroupMember) => ({ value: student, label: name }))}
      value={who.student}
      onChange={who.choose}
    />
  );
}
