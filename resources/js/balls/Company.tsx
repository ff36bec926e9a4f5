import { UserPlus } from 'lucide-react';
import { useState } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { Button, chip, color, Name, narrow, OneOf, Quiet, Row, Sheet, Stack } from '../design';
import type { Companion, Session, Standing, Student } from '../server/types';
import { shortName } from './names';

const Names = styled.div`
  display: flex; gap: 6px; align-items: stretch; min-width: 0;
  [role='radiogroup'] { display: grid; flex: 1; grid-template-columns: repeat(auto-fit, minmax(96px, 1fr)); gap: 6px; min-width: 0; }
  label {
    ${chip}
    display: grid; align-content: center; justify-content: stretch; justify-items: start; gap: 0; min-width: 0; padding: 2px 10px; line-height: 1.2; text-align: left;
    small { font-size: 0.85rem; font-weight: 400; color: ${color.pencil}; }
    &[data-selected] small { color: ${color.ink}; }
  }
  ${narrow} { [role='radiogroup'] { grid-template-columns: repeat(3, minmax(0, 1fr)); } > button { padding: 0 12px; } }
`;

interface CompanyProps {
  session: Session;
  /** Everybody that may be asked to come. */
  students: readonly Student[];
  /** Whose the next ball is. */
  student: string | null;
  onChoose: (student: string) => void;
  onStanding: (student: string, standing: Standing) => void;
  /** A word under each name: balls so far, done. */
  note: (student: string) => string;
  /** Those of them that roll here, in turn; null for all that are here. */
  rollers?: readonly string[] | null;
}

/** Names atop: one touch makes the next ball another's; who came, sits out or went, one touch further. */
export function Company({
  session,
  students,
  student,
  onChoose,
  onStanding,
  note,
  rollers = null,
}: CompanyProps) {
  const [isOpen, setOpen] = useState(false);
  const { company } = session;
  const shown = company.filter(({ student: id, standing }) =>
    rollers === null ? standing === 'here' : rollers.includes(id) && standing !== 'gone',
  );
  const all = company.map(({ name }) => name);
  return (
    <Names>
      {shown.length > 1 && (
        <RadioGroup
          aria-label="Whose ball is next"
          value={student}
          onChange={onChoose}
          orientation="horizontal"
        >
          {shown.map(({ student: id, name, standing }) => (
            <Radio key={id} value={id}>
              <Name title={name}>{shortName(name, all)}</Name>
              <small>{standing === 'here' ? note(id) : 'sits out'}</small>
            </Radio>
          ))}
        </RadioGroup>
      )}
      <Button
        look={shown.length > 1 ? 'plain' : 'bare'}
        onPress={() => setOpen(true)}
        aria-label="Who is here"
      >
        <UserPlus size={20} aria-hidden="true" />
        {shown.length > 1 ? '' : 'Somebody joins'}
      </Button>
      {isOpen && (
        <CompanySheet
          company={company}
          students={students}
          onStanding={onStanding}
          onClose={() => setOpen(false)}
        />
      )}
    </Names>
  );
}

const STANDINGS: readonly { value: Standing; label: string }[] = [
  { value: 'here', label: 'Here' },
  { value: 'sits_out', label: 'Sits out' },
  { value: 'gone', label: 'Gone' },
];

interface CompanySheetProps {
  company: readonly Companion[];
  students: readonly Student[];
  onStanding: (student: string, standing: Standing) => void;
  onClose: () => void;
}

function CompanySheet({ company, students, onStanding, onClose }: CompanySheetProps) {
  const others = students.filter(({ id }) => !company.some((each) => each.student === id));
  return (
    <Sheet title="Who is here" onClose={onClose}>
      <Stack $gap="s">
        {company.map(({ student, name, standing }) => (
          <OneOf
            key={student}
            label={name}
            options={STANDINGS}
            value={standing}
            onChange={(value) => onStanding(student, value)}
          />
        ))}
      </Stack>
      {others.length > 0 && (
        <Stack $gap="s">
          <Quiet>Joins now:</Quiet>
          <Row>
            {others.map(({ id, name }) => (
              <Button
                key={id}
                onPress={() => {
                  onStanding(id, 'here');
                  onClose();
                }}
              >
                <Name>{name}</Name>
              </Button>
            ))}
          </Row>
        </Stack>
      )}
      <Row>
        <Button onPress={onClose}>Close</Button>
      </Row>
    </Sheet>
  );
}
