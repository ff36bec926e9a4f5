import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import { lastNote, useBooking, useCalendarWeek, useMe, useSendBookingMessage, useToday } from '../../api/queries';
import type { Booking, BookingMessage, CalendarWeek } from '../../api/types';
import {
  Button,
  color,
  Head,
  Name,
  Notice,
  narrow,
  Page,
  Part,
  QuietText,
  Row,
  SentenceText,
  Sheet,
  Stack,
  space,
  Title,
  touch,
  type,
  Waiting,
  wide,
} from '../../design';
import { BookingSheet } from '../../features/booking/BookingSheet';
import { usePlanAhead, useStart } from '../../features/session-steps/useStart';
import { daysAfter, isoDay } from '../../units/dates';
import { CalendarPart } from './CalendarPart';

const DAYS = 7;

/** A week is seven days side by side on a laptop, and under one another on a phone. */
const Week = styled.div`
  display: grid; gap: 0;
  section { padding: ${space.s} 0 ${space.s} ${space.m}; border-left: 4px solid ${color.rule}; min-width: 0; }
  section[data-today] { border-left-color: ${color.copper}; }
  section > p:first-child { font: 600 1.05rem ${type.serif}; }
  ul { list-style: none; margin: 0; padding: 0; }
  ${wide} {
    grid-template-columns: repeat(7, minmax(0, 1fr));
    section, section[data-today] { border-left: 1px solid ${color.rule}; padding: ${space.s}; min-height: 320px; }
    section[data-today] { box-shadow: inset 0 4px 0 ${color.copper}; }
  }
`;

/** A lesson in its day: a touch opens it. */
const LessonButton = styled(AriaButton)`
  display: grid; gap: 0; width: 100%; min-height: ${touch}; margin-top: ${space.s}; padding: 6px 10px; text-align: left; cursor: pointer;
  background: ${color.leaf}; color: ${color.ink}; border: 1.5px solid ${color.edge}; border-radius: 6px; font: inherit; overflow-wrap: anywhere;
  time { font-weight: 700; }
  em { color: ${color.warn}; font-style: normal; font-weight: 700; font-size: 0.95rem; }
  &[data-clashes] { border-color: ${color.warn}; border-width: 2.5px; }
  ${narrow} { max-width: 420px; }
`;

/** An address may be longer than a day is wide. */
const Broken = styled(QuietText)`overflow-wrap: anywhere;`;

const Failed = styled.span`color: ${color.warn}; font-weight: 700; font-size: 0.95rem; overflow-wrap: anywhere;`;

/** Who comes this week, what clashes, who waits for a time, and calendars out and in. */
export function CalendarScreen() {
  const [from, setFrom] = useState(() => isoDay(monday(new Date())));
  const week = useCalendarWeek(from, DAYS);
  const [opened, open] = useState<{ booking: Booking | null; day: string } | null>(null);
  /** The time that fell out last, as the clock on the wall says it: it may be offered to whoever waits. */
  const [freed, setFreed] = useState<string | null>(null);
  const go = (weeks: number) => setFrom(daysAfter(from, 7 * weeks));
  return (
    <Page>
      <Stack $gap="l">
        <Head>
          <Title page="Calendar">{spanWords(from)}</Title>
          <Row $gap="s">
            <Button onPress={() => go(-1)}>Previous week</Button>
            <Button onPress={() => setFrom(isoDay(monday(new Date())))}>This week</Button>
            <Button onPress={() => go(1)}>Next week</Button>
            <Button look="main" onPress={() => open({ booking: null, day: isoDay(new Date()) })}>
              Book a lesson
            </Button>
          </Row>
        </Head>
        {opened !== null && (
          <BookingSheet booking={opened.booking} day={opened.day} student={null} onClose={() => open(null)} />
        )}
        {week.isError && <Notice kind="wrong">{week.error.message}</Notice>}
        {week.data === undefined ? (
          !week.isError && <Waiting>Loading the week …</Waiting>
        ) : (
          <>
            <Week>
              {Array.from({ length: DAYS }, (_, day) => daysAfter(from, day)).map((day) => (
                <DayOf
                  key={day}
                  day={day}
                  week={week.data}
                  onOpen={(booking) => open({ booking, day })}
                  onFreed={setFreed}
                />
              ))}
            </Week>
            <Unreadable week={week.data} />
            <Pending week={week.data} freed={freed} onOpen={(booking) => open({ booking, day: isoDay(new Date()) })} />
            <CalendarPart hasFeed={week.data.has_feed} />
          </>
        )}
      </Stack>
    </Page>
  );
}

interface DayProps {
  day: string;
  week: CalendarWeek;
  onOpen: (booking: Booking) => void;
  /** A time fell out: "2026-12-03 10:00". */
  onFreed: (wall: string) => void;
}

function DayOf({ day, week, onOpen, onFreed }: DayProps) {
  const items = week.items.filter((item) => item.day === day);
  const [at, setAt] = useState<string | null>(null);
  const opened = items.find(({ wall, booking }) => `${booking.id} ${wall}` === at);
  return (
    <section aria-label={dayWords(day)} data-today={day === isoDay(new Date()) || undefined}>
      <p>{dayWords(day)}</p>
      {items.length === 0 && <QuietText>Free</QuietText>}
      <ul>
        {items.map(({ booking, time, wall, clashes }) => (
          <li key={`${booking.id} ${wall}`}>
            <LessonButton
              onPress={() => setAt(`${booking.id} ${wall}`)}
              {...(clashes.length > 0 && { 'data-clashes': true })}
            >
              <time>{time}</time>
              <Name>{booking.name}</Name>
              {clashes.length > 0 && <em>Overlaps</em>}
            </LessonButton>
          </li>
        ))}
      </ul>
      {opened !== undefined && (
        <Sheet title={`${opened.booking.name}, ${dayWords(day)}, ${opened.time}`} onClose={() => setAt(null)}>
          <Lesson
            lesson={opened}
            onEdit={() => {
              setAt(null);
              onOpen(opened.booking);
            }}
            onFreed={onFreed}
            onClose={() => setAt(null)}
          />
        </Sheet>
      )}
    </section>
  );
}

interface LessonProps {
  lesson: CalendarWeek['items'][number];
  onEdit: () => void;
  onFreed: (wall: string) => void;
  onClose: () => void;
}

/** What a lesson is, and what can be done with it. */
function Lesson({ lesson: { booking: each, wall, clashes }, onEdit, onFreed, onClose }: LessonProps) {
  const today = useToday();
  const booking = useBooking();
  const start = useStart();
  const plan = usePlanAhead();
  const note = lastNote(each.student_id, today.data?.sessions ?? []);
  const with_ = { student_id: each.student_id, green_id: each.green_id, minutes: each.minutes };
  return (
    <Stack $gap="s">
      <QuietText>{[`${each.minutes} min`, each.place].filter((part) => part !== null).join(' · ')}</QuietText>
      {clashes.map((clash) => (
        <Notice key={clash} kind="wrong">
          {clash}
        </Notice>
      ))}
      {each.note !== null && <p>{each.note}</p>}
      {note !== null && <SentenceText>{note}</SentenceText>}
      <Row>
        <Button look="main" aria-label={`Start with ${each.name}`} onPress={() => start(with_)}>
          Start
        </Button>
        {each.student_id !== null && (
          <Button aria-label={`Plan with ${each.name}`} onPress={() => void plan(with_)}>
            Plan
          </Button>
        )}
        <Button aria-label={`Edit ${each.name}`} onPress={onEdit}>
          Edit
        </Button>
        <MailMessage booking={each} />
        {each.rule !== null && (
          <Button
            look="bare"
            onPress={() =>
              booking.mutate(
                { act: 'skip', id: each.id, wall },
                {
                  onSuccess: () => {
                    onFreed(wall);
                    onClose();
                  },
                },
              )
            }
          >
            Cancel this lesson
          </Button>
        )}
      </Row>
      <LetterTold letter={each.letter} />
    </Stack>
  );
}

/** Bookings that stand in no day, as their rule cannot be followed; each may be deleted. */
function Unreadable({ week }: { week: CalendarWeek }) {
  const booking = useBooking();
  return week.unreadable.length === 0 ? null : (
    <Part>
      <h2>Bookings that cannot be shown</h2>
      {week.unreadable.map(({ booking: each, reason }) => (
        <Row key={each.id}>
          <strong>
            <Name>{each.name}</Name>
          </strong>
          <QuietText>{reason}</QuietText>
          <Button aria-label={`Delete ${each.name}`} onPress={() => booking.mutate({ act: 'drop', id: each.id })}>
            Delete
          </Button>
        </Row>
      ))}
    </Part>
  );
}

interface WaitingProps {
  week: CalendarWeek;
  /** A time that fell out and may be offered; null for none. */
  freed: string | null;
  onOpen: (booking: Booking) => void;
}

function Pending({ week, freed, onOpen }: WaitingProps) {
  return week.waiting.length === 0 ? null : (
    <Part>
      <h2>Waiting list</h2>
      {freed !== null && <SentenceText>{wallWords(freed)} has become free.</SentenceText>}
      {week.waiting.map((each) => (
        <Row key={each.id}>
          <strong>{each.name}</strong>
          <QuietText>{each.minutes} min</QuietText>
          <Button onPress={() => onOpen(each)}>Schedule</Button>
          <MailMessage booking={each} offered={freed} />
          <LetterTold letter={each.letter} />
        </Row>
      ))}
    </Part>
  );
}

/** Writes to whoever comes, where a mail server is set; to whom it went, or why not, stands beside it. */
function MailMessage({ booking, offered = null }: { booking: Booking; offered?: string | null }) {
  const me = useMe();
  const letter = useSendBookingMessage();
  if (booking.student_id === null || me.data?.sends_mail !== true) {
    return null;
  }
  return (
    <>
      <Button
        look="bare"
        isPending={letter.isPending}
        aria-label={offered === null ? `Email ${booking.name}` : `Offer to ${booking.name}`}
        onPress={() => letter.mutate({ id: booking.id, offered })}
      >
        {offered === null ? 'Email' : 'Offer'}
      </Button>
      {letter.isError && (
        <QuietText role="status">{fieldError(letter.error, 'email') ?? letter.error.message}</QuietText>
      )}
    </>
  );
}

/** What became of the letter written last. */
function LetterTold({ letter }: { letter: BookingMessage | null }) {
  if (letter === null) {
    return null;
  }
  const words = letterWords(letter);
  return <div role="status">{letter.state === 'failed' ? <Failed>{words}</Failed> : <Broken>{words}</Broken>}</div>;
}

function letterWords({ to, state, at }: BookingMessage): string {
  const day = dayWords(at.slice(0, 10));
  return {
    waiting: `Sending to ${to}.`,
    sent: `Emailed to ${to} on ${day}.`,
    failed: `The email could not be sent to ${to} on ${day}: the mail server did not take it. Try again.`,
  }[state];
}

/** @param wall "2026-12-03 10:00" */
function wallWords(wall: string): string {
  const [day = '', time = ''] = wall.split(' ');
  return `${dayWords(day)}, ${time}`;
}

function monday(day: Date): Date {
  return new Date(day.getFullYear(), day.getMonth(), day.getDate() - ((day.getDay() + 6) % 7));
}

function dayWords(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  });
}

function spanWords(from: string): string {
  return `${dayWords(from)} to ${dayWords(daysAfter(from, DAYS - 1))}`;
}
