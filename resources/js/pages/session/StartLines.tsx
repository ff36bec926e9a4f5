import { X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import styled from 'styled-components';
import { useReminders } from '../../api/queries';
import type { Session } from '../../api/types';
import { useLog } from '../../api/useOutbox';
import { Button, ButtonLink, color, narrow, SheetButton, space } from '../../design';
import { announce } from '../../device/announce';
import { remember, resumeStateOf } from '../../device/resumeState';
import { SafetyNotes } from '../../features/session-steps/SafetyNotes';
import { inWords } from '../../lane/drillWords';
import { agoWords } from '../../units/reading';
import { type Units, useUnits } from '../../units/useUnits';
import { RemindersPart, reminderLines } from './RemindersPart';

/** One below the other; on a phone side by side, to swipe, so that the lane stays where it is. */
const Lines = styled.section`
  display: grid; gap: 0;
  ${narrow} { display: flex; gap: ${space.s}; overflow-x: auto; scrollbar-width: none; scroll-snap-type: x mandatory; & > * { flex: 0 0 calc(100% - 24px); scroll-snap-align: start; } & > :only-child { flex-basis: 100%; } }
`;

const Line = styled.div`
  display: flex; align-items: center; gap: ${space.s}; min-height: 48px; padding-left: 12px; border-left: 3px solid ${color.copper}; background: ${color.copperWash};
  & > span { flex: 1; min-width: 0; overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
  button, a { min-height: 46px; padding: 0 10px; white-space: nowrap; flex: none; }
  ${narrow} { font-size: 0.95rem; }
`;

type LineKey = 'reminders' | 'green' | 'stations';

/** What to know before the first ball, a line each: it can be opened, or dismissed for this session. */
export function StartLines({ session }: { session: Session }) {
  const units = useUnits();
  const [gone, setGone] = useState(() => resumeStateOf(session.id).dismissed ?? []);
  const dismiss = (key: LineKey) => {
    const now = [...gone, key];
    setGone(now);
    remember(session.id, { dismissed: now });
  };
  const lines: Record<LineKey, ReactNode> = {
    reminders: useReminderLine(session, units),
    green: greenLine(session, units),
    stations: useStationsLine(session, units),
  };
  const shown = (Object.keys(lines) as LineKey[]).filter((key) => lines[key] !== null && !gone.includes(key));
  return shown.length === 0 ? null : (
    <Lines aria-label="Before the first ball">
      {shown.map((key) => (
        <Line key={key}>
          {lines[key]}
          <Button look="bare" aria-label={DISMISS[key]} onPress={() => dismiss(key)}>
            <X size={18} aria-hidden="true" />
          </Button>
        </Line>
      ))}
    </Lines>
  );
}

const DISMISS: Record<LineKey, string> = {
  reminders: 'Dismiss the reminders',
  green: 'Putt without measuring the green',
  stations: 'Dismiss the stations of last time',
};

function useReminderLine(session: Session, units: Units): ReactNode {
  const reminders = useReminders(session.student?.id ?? null).data;
  const lines = reminderLines(reminders, session.last_note);
  const [first] = lines;
  const care = session.care.putt ?? [];
  if (session.student === null || (first === undefined && care.length === 0)) {
    return null;
  }
  return (
    <>
      <span>{first === undefined ? care[0] : inWords(first.text, units)}</span>
      <SheetButton
        look="bare"
        label={lines.length > 1 ? `All ${lines.length}` : 'Open'}
        name="Open the reminders"
        title={`Reminders for ${session.student.name}`}
      >
        {() => (
          <>
            <RemindersPart student={session.student?.id ?? ''} lastNote={session.last_note} />
            <SafetyNotes session={session} at="check-in" />
            <SafetyNotes session={session} at="putt" />
          </>
        )}
      </SheetButton>
    </>
  );
}

/** The green and its speed, while it was not measured today: what balls will not tell until it is. */
function greenLine(session: Session, units: Units): ReactNode {
  const { reading, green } = session;
  if (session.measurement_is_of_the_day) {
    return null;
  }
  const known =
    reading === null
      ? 'no green speed yet'
      : `${reading.speed_m === null ? 'speed unknown' : units.speed(reading.speed_m)} ${agoWords(reading)}`;
  return (
    <>
      <span>
        {green === null ? 'No green chosen' : green.name}: {known}
      </span>
      <ButtonLink look="bare" to={`/sessions/${session.id}/${green === null ? 'check-in' : 'green-speed'}`}>
        {green === null ? 'Choose' : 'Measure'}
      </ButtonLink>
    </>
  );
}

function useStationsLine(session: Session, units: Units): ReactNode {
  const log = useLog(session);
  const { stations, last_stations: last } = session;
  if (stations.length > 0 || last.length === 0) {
    return null;
  }
  const lengths = last.map(({ length_m }) => units.show(length_m, 'station')).join(', ');
  return (
    <>
      <span>Stations of last time: {lengths}</span>
      <Button
        look="bare"
        aria-label="Use the stations of last time"
        onPress={() => {
          for (const { length_m, said, grade_percent, across_percent } of last) {
            void log.setStation({ length_m, said, grade_percent, across_percent });
          }
          announce(`${last.length} stations added`);
        }}
      >
        Use them
      </Button>
    </>
  );
}
