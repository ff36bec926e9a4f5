import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { fieldError } from '../../api/api';
import {
  lastNote,
  startSession,
  useBooking,
  useCalendarWeek,
  useMe,
  useSendBookingMessage,
  useToday,
} from '../../api/queries';
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
  Stack,
  space,
  Title,
  type,
  wide,
} from '../../design';
import { daysAfter, isoDay } from '../../units/dates';
import { BookingForm } from './BookingForm';
import { CalendarPart } from './CalendarPart';

const DAYS = 7;

/** A week is a path of seven days; each visit stands on its day, as high as it is long. */
const Path = styled.ol`
  list-style: none; margin: 0; padding: 0; display: grid; gap: 0;
  & > li { padding: ${space.s} 0 ${space.s} ${space.m}; border-left: 4px dotted ${color.edge}; min-width: 0; }
  & > li[data-today] { border-left: 4px solid ${color.copper}; }
  h2 { font: 600 1.05rem ${type.serif}; border: 0; padding: 0; }
  ${wide} {
    grid-template-columns: repeat(7, minmax(0, 1fr)); border-top: 4px dotted ${color.edge};
    & > li, & > li[data-today] { border-left: 1px solid ${color.rule}; padding: ${space.s}; min-height: 320px; }
    & > li[data-today] { box-shadow: inset 0 4px 0 ${color.copper}; }
  }
`;

const Visit = styled.article`
  margin-top: ${space.s}; padding: 8px 10px; background: ${color.leaf}; border: 1.5px solid ${color.edge}; border-radius: 6px; display: grid; gap: 2px; min-width: 0;
  time { font: 700 1.05rem ${type.sans}; }
  strong { overflow-wrap: anywhere; }
  [data-clash] { color: ${color.warn}; font-weight: 700; font-size: 0.95rem; }
  &[data-clashes] { border-color: ${color.warn}; border-width: 2.5px; }
  button { justify-content: flex-start; padding: 0; min-height: 40px; }
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
          <BookingForm
            key={opened.booking?.id ?? 'new'}
            booking={opened.booking}
            day={opened.day}
            onClose={() => open(null)}
          />
        )}
        {week.isError && <Notice kind="wrong">{week.error.message}</Notice>}
        {week.data === undefined ? (
          !week.isError && <p>Loading the week …</p>
        ) : (
          <>
            <Path aria-label="Days">
              {Array.from({ length: DAYS }, (_, day) => daysAfter(from, day)).map((day) => (
                <DayOf
                  key={day}
                  day={day}
                  week={week.data}
                  onOpen={(booking) => open({ booking, day })}
                  onFreed={setFreed}
                />
              ))}
            </Path>
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
  const navigate = useNavigate();
  const today = useToday();
  const booking = useBooking();
  const items = week.items.filter((item) => item.day === day);
  const noteOf = (student: string | null) => lastNote(student, today.data?.sessions ?? []);
  const begin = ({ student_id, green_id, minutes }: Booking) =>
    void navigate(`/sessions/${startSession({ student_id, green_id, minutes })}/arrive`);
  return (
    <li data-today={day === isoDay(new Date()) || undefined}>
      <h2>{dayWords(day)}</h2>
      {items.length === 0 && <QuietText>Free.</QuietText>}
      {items.map(({ booking: each, time, wall, clashes }) => (
        <Visit key={`${each.id} ${wall}`} data-clashes={clashes.length > 0 || undefined}>
          <time>
            {time}, {each.minutes} min
          </time>
          <strong>
            <Name>{each.name}</Name>
          </strong>
          {each.place !== null && <QuietText>{each.place}</QuietText>}
          {clashes.map((clash) => (
            <span key={clash} data-clash>
              {clash}
            </span>
          ))}
          {each.note !== null && <QuietText>{each.note}</QuietText>}
          {each.student_id !== null && noteOf(each.student_id) !== null && (
            <SentenceText>{noteOf(each.student_id)}</SentenceText>
          )}
          <Row $gap="s">
            <Button look="bare" aria-label={`Start with ${each.name}`} onPress={() => begin(each)}>
              Start
            </Button>
            <Button look="bare" aria-label={`Edit ${each.name}`} onPress={() => onOpen(each)}>
              Edit
            </Button>
            <MailMessage booking={each} />
            {each.rule !== null && (
              <Button
                look="bare"
                aria-label={`${each.name}: cancel the lesson on ${dayWords(day)}`}
                onPress={() => booking.mutate({ act: 'skip', id: each.id, wall }, { onSuccess: () => onFreed(wall) })}
              >
                Cancel lesson
              </Button>
            )}
          </Row>
          <LetterTold letter={each.letter} />
        </Visit>
      ))}
    </li>
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
