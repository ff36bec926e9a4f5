import styled from 'styled-components';
import { useReminders } from '../../api/queries';
import type { Reminders } from '../../api/types';
import { color, narrow, Part, space } from '../../design';
import { inWords } from '../../lane/drillWords';
import { useUnits } from '../../units/useUnits';

const Lines = styled.dl`
  margin: 0; display: grid; grid-template-columns: minmax(0, max-content) minmax(0, 1fr); gap: ${space.xs} ${space.m};
  dt { color: ${color.pencil}; font-size: 0.95rem; max-width: 11em; }
  dd { margin: 0; }
  ${narrow} {
    display: block; line-height: 1.4;
    dt { display: inline; max-width: none; }
    dt:not(:empty)::after { content: ' '; }
    dd { display: inline; }
    dd::after { content: ''; display: block; height: 6px; }
  }
`;

/** What was noted last time, then what is known of the student. */
export function reminderLines(reminders: Reminders | undefined, lastNote: string | null): Reminders['lines'] {
  return [...(lastNote === null ? [] : [{ about: 'From last time', text: lastNote }]), ...(reminders?.lines ?? [])];
}

/** What to remember of who has come, in one glance. */
export function RemindersPart({ student, lastNote }: { student: string; lastNote: string | null }) {
  const units = useUnits();
  const lines = reminderLines(useReminders(student).data, lastNote);
  return lines.length === 0 ? null : (
    <Part aria-label="Reminders">
      <h2>Reminders for today</h2>
      <Lines>
        {lines.map(({ about, text }, index) => (
          <Line
            key={`${about} ${text}`}
            about={lines[index - 1]?.about === about ? '' : about}
            text={inWords(text, units)}
          />
        ))}
      </Lines>
    </Part>
  );
}

function Line({ about, text }: { about: string; text: string }) {
  return (
    <>
      <dt>{about === '' || about.endsWith('?') ? about : `${about}:`}</dt>
      <dd>{text}</dd>
    </>
  );
}
