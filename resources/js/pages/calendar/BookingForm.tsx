import { useState } from 'react';
import { fieldError } from '../../api/api';
import { type BookingDraft, useBooking, useToday } from '../../api/queries';
import type { Booking } from '../../api/types';
import { Button, Columns, Entry, Notice, OneOf, Part, Pick, QuietText, Row, useFirstError } from '../../design';
import { readDay } from '../../units/dates';
import { readNumber } from '../../units/format';

interface BookingFormProps {
  /** Null for a new one. */
  booking: Booking | null;
  /** On which it was opened. */
  day: string;
  onClose: () => void;
}

const NOBODY = '';
const EVERY = [
  { value: 'once', label: 'Once' },
  { value: 'week', label: 'Every week' },
  { value: 'fortnight', label: 'Every other week' },
] as const;

/** A time for somebody: once or again and again, or none yet. */
export function BookingForm({ booking, day: openedOn, onClose }: BookingFormProps) {
  const today = useToday().data;
  const keep = useBooking();
  const [own, setOwn] = useState(() => begun(booking, openedOn));
  const [local, setLocal] = useState<Record<string, string>>({});
  useFirstError(keep.error ?? (Object.keys(local).length > 0 ? local : null));
  const errorAt = (field: string) => local[field] ?? fieldError(keep.error, field);
  const set = (more: Partial<typeof own>) => setOwn({ ...own, ...more });
  const submit = (event: React.FormEvent) => {
    event.preventDefault();
    const read = readBooking(own);
    setLocal(read.errors);
    if (read.draft !== null) {
      keep.mutate(
        booking === null ? { act: 'make', draft: read.draft } : { act: 'change', id: booking.id, draft: read.draft },
        { onSuccess: onClose },
      );
    }
  };
  return (
    <Part as="form" onSubmit={submit} noValidate aria-label="Edit lesson">
      <h2>{booking === null ? 'Book a lesson' : booking.name}</h2>
      {keep.isError && Object.keys(local).length === 0 && errorAt('student_id') === null && (
        <Notice kind="wrong">{keep.error.message}</Notice>
      )}
      <Columns>
        <Pick
          label="Student"
          options={[
            { value: NOBODY, label: 'No student' },
            ...(today?.students ?? []).map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={own.student}
          onChange={(student) => set({ student })}
        />
        {own.student === NOBODY && (
          <Entry
            label="Title"
            value={own.title}
            onChange={(title) => set({ title })}
            error={errorAt('student_id') ?? errorAt('title')}
          />
        )}
        <Pick
          label="Where"
          options={[
            { value: NOBODY, label: 'Not set' },
            ...(today?.greens ?? []).map(({ id, name }) => ({ value: id, label: name })),
          ]}
          value={own.green}
          onChange={(green) => set({ green })}
        />
      </Columns>
      <Columns>
        <Entry
          label="Day"
          value={own.day}
          onChange={(day) => set({ day })}
          hint="Leave it empty to put the student on the waiting list."
          error={errorAt('day')}
        />
        <Entry
          label="Time"
          value={own.time}
          onChange={(time) => set({ time })}
          hint="A time like 10:30."
          error={errorAt('time') ?? errorAt('starts')}
        />
        <Entry
          label="Minutes"
          value={own.minutes}
          onChange={(minutes) => set({ minutes })}
          inputMode="numeric"
          suffix="min"
          error={errorAt('minutes')}
        />
        <Entry
          label="Travel time from another place"
          value={own.travel}
          onChange={(travel) => set({ travel })}
          inputMode="numeric"
          suffix="min"
          error={errorAt('travel_minutes')}
        />
      </Columns>
      <OneOf label="Repeats" options={EVERY} value={own.every} onChange={(every) => set({ every })} isRow />
      {own.every !== 'once' && (
        <Entry
          label="Number of lessons"
          value={own.times}
          onChange={(times) => set({ times })}
          inputMode="numeric"
          error={errorAt('times')}
        />
      )}
      {booking?.rule != null && own.every === 'once' && (
        <QuietText>Saved like this, it takes place once; the repetition it has now is lost.</QuietText>
      )}
      <Entry label="Note" value={own.note} onChange={(note) => set({ note })} error={errorAt('note')} />
      <Row>
        <Button look="main" type="submit" isPending={keep.isPending}>
          Save
        </Button>
        <Button onPress={onClose}>Cancel</Button>
        {booking !== null && (
          <Button look="bare" onPress={() => keep.mutate({ act: 'drop', id: booking.id }, { onSuccess: onClose })}>
            Delete
          </Button>
        )}
      </Row>
    </Part>
  );
}

type Own = ReturnType<typeof begun>;

function begun(booking: Booking | null, day: string) {
  const rule = booking?.rule ?? '';
  return {
    student: booking?.student_id ?? NOBODY,
    title: booking?.title ?? '',
    green: booking?.green_id ?? NOBODY,
    day: booking === null ? day : (booking.starts?.slice(0, 10) ?? ''),
    time: booking?.starts?.slice(11, 16) ?? '',
    minutes: String(booking?.minutes ?? 45),
    travel: String(booking?.travel_minutes ?? 0),
    every: (rule === ''
      ? 'once'
      : rule.includes('INTERVAL=2')
        ? 'fortnight'
        : 'week') as (typeof EVERY)[number]['value'],
    times: /COUNT=(\d+)/.exec(rule)?.[1] ?? '6',
    note: booking?.note ?? '',
  };
}

/** Reads what was typed, or says at each field what cannot be. */
function readBooking(own: Own): { draft: BookingDraft | null; errors: Record<string, string> } {
  const errors: Record<string, string> = {};
  const whole = (field: keyof Own & ('minutes' | 'travel' | 'times'), name: string) => {
    const number = readNumber(own[field]);
    if (number === null || !Number.isInteger(number)) {
      errors[name] = `“${own[field].trim()}” is not a whole number.`;
    }
    return number ?? 0;
  };
  const day = own.day.trim() === '' ? null : readDay(own.day);
  if (own.day.trim() !== '' && day === null) {
    errors.day = `“${own.day.trim()}” is not a date. Type 3/12 or 2026-12-03.`;
  }
  const clock = /^(\d{1,2})[:.](\d{2})$/.exec(own.time.trim());
  const isTime = clock !== null && Number(clock[1]) < 24 && Number(clock[2]) < 60;
  if (day !== null && !isTime) {
    errors.time = `“${own.time.trim()}” is not a time. Type 10:30.`;
  }
  const draft: BookingDraft = {
    student_id: own.student === NOBODY ? null : own.student,
    title: own.student === NOBODY && own.title.trim() !== '' ? own.title.trim() : null,
    green_id: own.green === NOBODY ? null : own.green,
    starts: day === null || clock === null ? null : `${day} ${clock[1]?.padStart(2, '0')}:${clock[2]}`,
    minutes: whole('minutes', 'minutes'),
    travel_minutes: whole('travel', 'travel_minutes'),
    every: own.every === 'once' ? null : own.every,
    times: own.every === 'once' ? null : whole('times', 'times'),
    note: own.note.trim() === '' ? null : own.note.trim(),
  };
  return { draft: Object.keys(errors).length === 0 ? draft : null, errors };
}
