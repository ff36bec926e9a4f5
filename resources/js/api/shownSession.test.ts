import { describe, expect, test } from 'vitest';
import type { Pending } from './pending';
import { type Known, shownSession, shownToday } from './shownSession';
import type { Session, Today } from './types';

const KNOWN = {
  students: [
    { id: 'ann', name: 'Ann' },
    { id: 'bea', name: 'Bea' },
  ],
  greens: [{ id: 'lawn', name: 'Lawn', reading: null }],
} as unknown as Known;

let order = 0;
const write = (method: 'POST' | 'PATCH' | 'PUT', path: string, body: object, refused: string | null = null) =>
  ({
    order: ++order,
    session_id: 'S',
    refused,
    write: { id: `W${order}`, method, path, body, what: '' },
  }) as Pending;
const event = (fields: object) =>
  ({ order: ++order, session_id: 'S', refused: null, event: { id: `E${order}`, ...fields } }) as Pending;
const begun = write('POST', 'sessions', { id: 'S', student_id: 'ann', started_at_ms: 1000 });
const show = (waiting: Pending[], sent?: Session) => shownSession('S', sent, waiting, KNOWN);

describe('a session the server has not heard of', () => {
  test('is there with whom it was begun, and grows by what is entered', () => {
    expect(show([])).toBeUndefined();
    const shown = show([
      begun,
      write('PATCH', 'sessions/S', { green_id: 'lawn', minutes: 45 }),
      event({ type: 'station_set', station_id: 'P', length_m: 3, said: '3 m', grade_percent: null }),
      event({ type: 'condition_noted', condition: 'dew', is_seen: true }),
    ]);
    expect(shown).toMatchObject({
      student: { name: 'Ann' },
      green: { name: 'Lawn' },
      minutes: 45,
      stations: [{ id: 'P', length_m: 3 }],
      conditions: ['dew'],
      group_members: [{ student: 'ann', standing: 'here' }],
      ended_at: null,
      putts: [],
    });
  });

  test('is no session where its beginning was refused', () => {
    expect(show([{ ...begun, refused: 'No.' }])).toBeUndefined();
  });
});

describe('what waits is laid over what the server said', () => {
  const sent = show([begun]) as Session;

  test('a change, an end, an end taken back', () => {
    const ended = write('PATCH', 'sessions/S', { ended: true, ended_at_ms: 5000, note_for_next: 'Longer.' });
    expect(show([ended], sent)).toMatchObject({
      ended_at: '1970-01-01T00:00:05.000Z',
      note_for_next: 'Longer.',
    });
    expect(show([ended, write('PATCH', 'sessions/S', { ended: false })], sent)?.ended_at).toBeNull();
    expect(show([write('PATCH', 'sessions/T', { minutes: 5 })], sent)?.minutes).toBeNull();
  });

  test('a reading has its rolls at once and its figure from the server alone', () => {
    const reading = write('PUT', 'sessions/S/green-speed', {
      id: 'R',
      method: 'ramp',
      taken_at_ms: 2000,
      direction_1_m: [3],
    });
    expect(show([reading], sent)?.reading).toMatchObject({
      id: 'R',
      speed_m: null,
      entries: { direction_1_m: [3] },
    });
  });

  test('another student is the first of the group_members, who came stays', () => {
    const waiting = [
      event({ type: 'company_noted', student: 'bea', standing: 'sits_out' }),
      write('PATCH', 'sessions/S', { student_id: 'bea' }),
    ];
    expect(show(waiting, sent)?.group_members.map(({ student, standing }) => [student, standing])).toEqual([
      ['bea', 'sits_out'],
      ['ann', 'here'],
    ]);
  });

  test('an ended drill, and a chosen reading', () => {
    const other = { id: 'theirs', speed_m: 2.5 };
    const with2 = {
      ...sent,
      run: { id: 'run', name: 'Ladder', is_over: false },
      own_measurement: { id: 'ours', speed_m: 3 },
      other_measurement: other,
      reading: { id: 'ours', speed_m: 3 },
    } as unknown as Session;
    expect(show([event({ type: 'run_ended', run_id: 'run' })], with2)?.run?.is_over).toBe(true);
    expect(show([event({ type: 'run_ended', run_id: 'older' })], with2)?.run?.is_over).toBe(false);
    const chosen = event({ type: 'reading_chosen', reading_id: 'theirs' });
    expect(show([chosen], with2)?.reading?.id).toBe('theirs');
    expect(show([chosen, event({ type: 'reading_chosen', reading_id: null })], with2)?.reading?.id).toBe('ours');
  });
});

test('a workspace has who, where and what was begun here, each once', () => {
  const today = {
    students: KNOWN.students,
    greens: KNOWN.greens,
    sessions: [],
    simulation: null,
  } as unknown as Today;
  const cai = write('POST', 'students', { id: 'cai', name: 'Aa Cai' });
  const loft = write('POST', 'greens', { id: 'loft', name: 'Loft', surface: 'mat' });
  const shown = shownToday(today, [
    cai,
    loft,
    begun,
    write('PATCH', 'sessions/S', { purpose: 'Distance control', ended: true, ended_at_ms: 9000 }),
  ]);
  expect(shown.students.map(({ name }) => name)).toEqual(['Aa Cai', 'Ann', 'Bea']);
  expect(shown.greens.map(({ name, reading }) => [name, reading])).toEqual([
    ['Lawn', null],
    ['Loft', null],
  ]);
  expect(shown.sessions).toMatchObject([
    { id: 'S', student_id: 'ann', purpose: 'Distance control', ended_at: '1970-01-01T00:00:09.000Z' },
  ]);
  // Heard of meanwhile, it is not there twice.
  expect(shownToday({ ...today, students: shown.students }, [cai]).students).toHaveLength(3);
});

test('a session planned ahead is on Today from the moment it is started', () => {
  const today = {
    students: [],
    greens: [],
    sessions: [],
    planned: [{ id: 'P', student_id: 'ann' }],
  } as unknown as Today;
  expect(shownToday(today, []).planned).toHaveLength(1);
  const shown = shownToday(today, [write('PATCH', 'sessions/P', { started: true, started_at_ms: 5000 })]);
  expect(shown.planned).toEqual([]);
  expect(shown.sessions).toMatchObject([{ id: 'P', student_id: 'ann', started_at: '1970-01-01T00:00:05.000Z' }]);
  expect(shownToday({ students: [], greens: [], sessions: [] } as unknown as Today, []).planned).toEqual([]);
});
