import { useState } from 'react';
import { OneOf } from '../design';
import { remember, standIn } from '../device/stand';
import type { Companion, Session } from '../server/types';

/** Who is checked: the one last chosen on this session, else whoever it was begun for. */
export function useOfWhom(session: Session) {
  const here = session.company.filter(({ standing }) => standing !== 'gone');
  const [chosen, setChosen] = useState(() => standIn(session.id).student ?? null);
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

export type OfWhom = ReturnType<typeof useOfWhom>;

/** One touch to another of the company. */
export function WhoIsChecked({ who }: { who: OfWhom }) {
  return who.here.length < 2 ? null : (
    <OneOf
      label="Who is checked"
      isLabelHidden
      isRow
      options={who.here.map(({ student, name }: Companion) => ({ value: student, label: name }))}
      value={who.student}
      onChange={who.choose}
    />
  );
}
