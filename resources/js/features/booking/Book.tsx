import { useState } from 'react';
import { Button } from '../../design';
import { isoDay } from '../../units/dates';
import { BookingSheet } from './BookingSheet';

/** Books a lesson for a student. */
export function Book({ student }: { student: { id: string } }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <span>
      <Button onPress={() => setOpen(true)}>Book a lesson</Button>
      {isOpen && (
        <BookingSheet booking={null} day={isoDay(new Date())} student={student.id} onClose={() => setOpen(false)} />
      )}
    </span>
  );
}
