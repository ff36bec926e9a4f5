import { ChevronRight } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { Sheet } from './Sheet';
import { color, space } from './theme';

/** What is filled of a long form, a row a part of it. */
export const EditList = styled.ul`
  list-style: none; margin: 0; padding: 0;
`;

/** A row that is one press: its name, one line, and a sign that it opens. */
export const PressRow = styled(Button)`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; align-items: center; gap: 2px ${space.m}; width: 100%; min-height: 56px; padding: 7px 0;
  border: 0; border-bottom: 1px solid ${color.rule}; background: none; color: ${color.ink}; font: inherit; text-align: left; cursor: pointer;
  strong, small { grid-column: 1; overflow-wrap: anywhere; }
  small { font-size: 0.95rem; color: ${color.pencil}; }
  svg { grid-column: 2; grid-row: 1 / 3; color: ${color.copper}; }
`;

interface EditPressProps {
  label: string;
  /** What is filled, in a few words; empty where nothing is. */
  summary: string;
  onPress: () => void;
}

/** The row alone, where its sheet is another component. */
export function EditPress({ label, summary, onPress }: EditPressProps) {
  return (
    <PressRow onPress={onPress}>
      <strong>{label}</strong>
      {summary !== '' && <small>{summary}</small>}
      <ChevronRight size={20} aria-hidden="true" />
    </PressRow>
  );
}

interface EditRowProps extends Omit<EditPressProps, 'onPress'> {
  /** What the sheet holds; it closes itself by the function it is given. */
  children: (close: () => void) => ReactNode;
}

/** A part of a form: what is filled of it in a row, its fields in a sheet. */
export function EditRow({ label, summary, children }: EditRowProps) {
  const [isOpen, setOpen] = useState(false);
  const close = () => setOpen(false);
  return (
    <li>
      <EditPress label={label} summary={summary} onPress={() => setOpen(true)} />
      {isOpen && (
        <Sheet title={label} onClose={close}>
          {children(close)}
        </Sheet>
      )}
    </li>
  );
}
