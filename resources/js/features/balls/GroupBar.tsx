import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import type { Presence, Session, Student } from '../../api/types';
import { Button, chip, color, Name, narrow } from '../../design';
import { GroupSheet } from './GroupSheet';
import { shortName, signsOf } from './names';

const Names = styled(RadioGroup)`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(min(100%, 104px), 1fr)); gap: 6px; min-width: 0;
  /* Six names are one row of a phone: the lane stays where it is. */
  ${narrow} {
    grid-template-columns: repeat(auto-fit, minmax(50px, 1fr)); gap: 4px;
    && label { padding: 2px; justify-items: center; text-align: center; font-size: 0.85rem; }
    && label > small { display: none; }
    label > span { display: grid; justify-items: center; max-width: 100%; overflow: hidden; }
  }
  label {
    ${chip}
    display: grid; align-content: center; justify-content: stretch; justify-items: start; gap: 0; min-width: 0; padding: 2px 10px; line-height: 1.2; text-align: left;
    small { font-size: 0.85rem; font-weight: 400; color: ${color.pencil}; }
    &[data-selected] small { color: ${color.ink}; }
    i { display: inline-block; min-width: 1.5em; padding: 0 3px; border: 1.5px solid; border-radius: 10px; font-size: 0.8rem; font-weight: 700; font-style: normal; line-height: 1.35; text-align: center; background: ${color.leaf}; }
  }
`;

interface GroupBarProps {
  session: Session;
  /** Whose the next ball is. */
  student: string | null;
  onChoose: (student: string) => void;
  /** A word under each name: balls so far, done. */
  note: (student: string) => string;
  /** Those of them that roll here, in turn; null for all that are here. */
  rollers?: readonly string[] | null;
}

/** Names atop: one touch makes the next ball another's. Nothing while one rolls alone. */
export function GroupBar({ session, student, onChoose, note, rollers = null }: GroupBarProps) {
  const { group_members } = session;
  const shown = group_members.filter(({ student: id, standing }) =>
    rollers === null ? standing === 'here' : rollers.includes(id) && standing !== 'gone',
  );
  const all = group_members.map(({ name }) => name);
  const signs = signsOf(session);
  return shown.length < 2 ? null : (
    <Names aria-label="Who putts next" value={student} onChange={onChoose} orientation="horizontal">
      {shown.map(({ student: id, name, standing }) => (
        <Radio key={id} value={id}>
          <span>
            <i style={{ color: signs.get(id)?.ink }} aria-hidden="true">
              {signs.get(id)?.letter}
            </i>{' '}
            <Name title={name}>{shortName(name, all)}</Name>
          </span>
          <small>{standing === 'here' ? note(id) : standing === 'watches' ? 'watches' : 'resting'}</small>
        </Radio>
      ))}
    </Names>
  );
}

interface WhoIsHereProps {
  session: Session;
  /** Everybody that may be asked to come. */
  students: readonly Student[];
  onStanding: (student: string, standing: Presence) => void;
  /** Those of the group that roll in the drill; null where all do. */
  rollers?: readonly string[] | null;
}

/** Who came, sits out, went or joins now: one touch further. */
export function WhoIsHere({ session, students, onStanding, rollers = null }: WhoIsHereProps) {
  const [isOpen, setOpen] = useState(false);
  const label = session.group_members.length > 1 ? 'Who is here' : 'Add a student';
  return (
    <>
      <Button onPress={() => setOpen(true)} aria-label={label}>
        <UserPlus size={20} aria-hidden="true" />
        Group
      </Button>
      {isOpen && (
        <GroupSheet
          session={session}
          students={students}
          rollers={rollers}
          onStanding={onStanding}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}
