import { type Control, useWatch } from 'react-hook-form';
import { type BookingDraft, useBooking, useToday } from '../../api/queries';
import type { Booking } from '../../api/types';
import { Button, Columns, Fold, QuietText, Sheet } from '../../design';
import { readNumber } from '../../units/format';
import { ChoiceField, DateField, MenuField, TextField } from '../forms/fields';
import { SheetForm } from '../forms/SheetForm';
import { textOf } from '../forms/typed';

interface BookingSheetProps {
  /** Null for a new one. */
  booking: Booking | null;
  /** On which it was opened, "2026-12-03". */
  day: string;
  /** Who a new one is for; null where that is chosen here. */
  student: string | null;
  onClose: () => void;
}

const NOBODY = '';
const EVERY = [
  { value: 'once', label: 'Once' },
  { value: 'week', label: 'Every week' },
  { value: 'fortnight', label: 'Every other week' },
] as const;

interface BookingValues {
  student_id: string;
  title: string;
  green_id: string;
  day: string;
  time: string;
  minutes: string;
  travel_minutes: string;
  every: (typeof EVERY)[number]['value'];
  times: string;
  note: string;
}

/** A time for somebody: once or again and again, or none yet. */
export function BookingSheet({ booking, day, student, onClose }: BookingSheetProps) {
  const today = useToday().data;
  const booked = useBooking();
  const save = {
    ...booked,
    mutate: (draft: BookingDraft, options: { onSuccess: () => void }) =>
      booked.mutate(booking === null ? { act: 'make', draft } : { act: 'change', id: booking.id, draft }, options),
  };
  const named = (none: string, records: readonly { id: string; name: string }[] = []) => [
    { value: NOBODY, label: none },
    ...records.map(({ id, name }) => ({ value: id, label: name })),
  ];
  return (
    <Sheet title={booking === null ? 'Book a lesson' : booking.name} onClose={onClose}>
      <SheetForm values={begun(booking, day, student)} save={save} draft={draftOf} onDone={onClose}>
        {(control) => (
          <>
            <MenuField
              control={control}
              name="student_id"
              label="Student"
              options={named('No student', today?.students)}
            />
            <TitleField control={control} />
            <Columns>
              <DateField control={control} name="day" label="Day" hint="Empty: on the waiting list." />
              <TextField
                control={control}
                name="time"
                label="Time"
                type="time"
                rule={(time, { day: chosen }) => (chosen !== '' && time === '' ? 'Choose a time.' : null)}
              />
              <TextField
                control={control}
                name="minutes"
                label="Minutes"
                step={5}
                inputMode="numeric"
                suffix="min"
                rule={wholeError}
              />
              <MenuField control={control} name="green_id" label="Where" options={named('Not set', today?.greens)} />
            </Columns>
            <Fold label="Repeats, travel and note" isOpen={booking !== null}>
              <Repeats control={control} booking={booking} />
              <TextField
                control={control}
                name="travel_minutes"
                label="Travel time from another place"
                inputMode="numeric"
                suffix="min"
                rule={wholeError}
              />
              <TextField control={control} name="note" label="Note" />
            </Fold>
          </>
        )}
      </SheetForm>
      {booking !== null && (
        <Button look="bare" onPress={() => booked.mutate({ act: 'drop', id: booking.id }, { onSuccess: onClose })}>
          Delete
        </Button>
      )}
    </Sheet>
  );
}

/** What a lesson is called that is no student's. */
function TitleField({ control }: { control: Control<BookingValues> }) {
  return useWatch({ control, name: 'student_id' }) === NOBODY ? (
    <TextField control={control} name="title" label="Title" />
  ) : null;
}

function Repeats({ control, booking }: { control: Control<BookingValues>; booking: Booking | null }) {
  const every = useWatch({ control, name: 'every' });
  return (
    <>
      <ChoiceField control={control} name="every" label="Repeats" options={EVERY} />
      {every !== 'once' && (
        <TextField
          control={control}
          name="times"
          label="Number of lessons"
          step={1}
          inputMode="numeric"
          rule={wholeError}
        />
      )}
      {booking?.rule != null && every === 'once' && (
        <QuietText>Saved like this, it takes place once; the repetition it has now is lost.</QuietText>
      )}
    </>
  );
}

function begun(booking: Booking | null, day: string, student: string | null): BookingValues {
  const rule = booking?.rule ?? '';
  return {
    student_id: booking === null ? (student ?? NOBODY) : (booking.student_id ?? NOBODY),
    title: booking?.title ?? '',
    green_id: booking?.green_id ?? NOBODY,
    day: booking === null ? day : (booking.starts?.slice(0, 10) ?? ''),
    time: booking?.starts?.slice(11, 16) ?? '',
    minutes: String(booking?.minutes ?? 45),
    travel_minutes: String(booking?.travel_minutes ?? 0),
    every: rule === '' ? 'once' : rule.includes('INTERVAL=2') ? 'fortnight' : 'week',
    times: /COUNT=(\d+)/.exec(rule)?.[1] ?? '6',
    note: booking?.note ?? '',
  };
}

function wholeError(text: string): string | null {
  const number = readNumber(text);
  return number !== null && Number.isInteger(number) ? null : `“${text.trim()}” is not a whole number.`;
}

function draftOf(filled: BookingValues): BookingDraft {
  const hasStudent = filled.student_id !== NOBODY;
  const isOnce = filled.every === 'once';
  return {
    student_id: hasStudent ? filled.student_id : null,
    title: hasStudent ? null : textOf(filled.title),
    green_id: filled.green_id === NOBODY ? null : filled.green_id,
    starts: filled.day === '' ? null : `${filled.day} ${filled.time}`,
    minutes: Number(filled.minutes),
    travel_minutes: Number(filled.travel_minutes),
    every: filled.every === 'once' ? null : filled.every,
    times: isOnce ? null : Number(filled.times),
    note: textOf(filled.note),
  };
}
