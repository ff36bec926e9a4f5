import { describe, expect, test } from 'vitest';
import cases from '../../../contract/cases/waiting.json';
import type { Pending, SessionEvent } from './outbox';
import { shownLog } from './shownLog';
import type { Ball, SessionNotes } from './types';

const waiting = (event: unknown, refused: string | null = null): Pending => ({
  session_id: 'S',
  event: event as SessionEvent,
  refused,
});

/** What of a card has cases of its own below. */
const rest = { group_members: [], during: { part: null, disturbances: [] }, checks: [], checklist_answers: [] };

/** A log as the server sends it; the cases hold only what tells them apart. */
function sent({ putts, stations, ...card }: (typeof cases)[number]['log']): SessionNotes & { putts: Ball[] } {
  return {
    ...card,
    ...rest,
    putts: putts as unknown as Ball[],
    stations: stations.map(([id, length_m]) => ({
      id: String(id),
      length_m: Number(length_m),
      said: '',
      grade_percent: null,
      across_percent: null,
    })),
  };
}

describe('what the screen shows of a session is what the log will say', () => {
  test.each(cases.map((each) => [each.name, each] as const))('%s', (_, { log, waiting: events, shows }) => {
    const shown = shownLog(
      sent(log),
      events.map((event) => waiting(event)),
    );
    expect({
      ...shown,
      putts: shown.putts.map(({ id, roll_m, stop, mark, cause, seen, corrections }) => ({
        id,
        roll_m,
        stop,
        mark,
        cause,
        seen,
        corrections,
      })),
      stations: shown.stations.map(({ id, length_m }) => [id, length_m]),
    }).toEqual({ ...shows, ...rest });
  });
});

describe('what waits is told from what is kept', () => {
  const ball = { id: 'A', type: 'putt_logged', at_ms: 2, backstroke_m: 0.2, roll_m: 3, stop: 'free' };
  const nothing = { putts: [], stations: [], conditions: [], dismissed_insights: [], ...rest };

  test('a try at a check that the server has already is shown once while it still waits here', () => {
    const tried = { id: 'T', at_ms: 2, check: 'aim', answers: { offset_m: 0.02 } };
    const event = { ...tried, type: 'check_tried', student: null };
    const there = { ...nothing, checks: [{ ...tried, student: 'ann' }] };
    expect(shownLog(there, [waiting(event)], undefined, 'ann').checks).toEqual([{ ...tried, student: 'ann' }]);
  });

  test('an answer taken back on a ball that waits is gone from it, and the others stay', () => {
    const seen = { gate: 'left', looks: 2 };
    const back = {
      id: 'R',
      type: 'putt_remarked',
      at_ms: 3,
      putt_id: 'A',
      mark: null,
      cause: null,
      seen: { gate: null },
    };
    const shown = shownLog(nothing, [waiting({ ...ball, seen }), waiting(back)]).putts;
    expect(shown.map((putt) => putt.seen)).toEqual([{ looks: 2 }]);
    const corrected = {
      ...ball,
      id: 'C',
      type: 'putt_corrected',
      at_ms: 4,
      putt_id: 'A',
      seen: { gate: 'through', looks: null },
    };
    expect(shownLog(nothing, [waiting({ ...ball, seen }), waiting(corrected)]).putts[0]?.seen).toEqual({
      gate: 'through',
    });
  });

  test('a waiting ball is marked, and unjudged until the rules have seen it', () => {
    expect(shownLog(nothing, [waiting(ball)]).putts).toMatchObject([
      { id: 'A', isWaiting: true, outcome: null, verdict: null },
    ]);
  });

  test('what the server refused is not among the balls', () => {
    expect(shownLog(nothing, [waiting(ball, 'Too far.')]).putts).toEqual([]);
  });

  test('tries at checks, looks at cards and what stands around are there before they are sent', () => {
    const shown = shownLog(
      nothing,
      [
        { id: 'T1', type: 'check_tried', at_ms: 1, check: 'cord', student: null, answers: { sees: 'on' } },
        {
          id: 'T2',
          type: 'check_tried',
          at_ms: 2,
          check: 'cord',
          student: 'BEA',
          answers: { sees: 'inside' },
        },
        { id: 'U1', type: 'undone', at_ms: 3, event_id: 'T1' },
        {
          id: 'P1',
          type: 'card_point_seen',
          at_ms: 4,
          card: 'grip',
          point: 'one',
          student: null,
          sight: 'good',
          word: null,
        },
        {
          id: 'P2',
          type: 'card_point_seen',
          at_ms: 5,
          card: 'grip',
          point: 'one',
          student: null,
          sight: 'attention',
          word: 'slack',
        },
        {
          id: 'P3',
          type: 'card_point_seen',
          at_ms: 6,
          card: 'grip',
          point: 'kind',
          student: null,
          sight: 'good',
          word: null,
        },
        {
          id: 'P4',
          type: 'card_point_seen',
          at_ms: 7,
          card: 'grip',
          point: 'kind',
          student: null,
          sight: null,
          word: null,
        },
        { id: 'B1', type: 'part_begun', at_ms: 8, part: 'baseline' },
        { id: 'D1', type: 'disturbance_noted', at_ms: 9, disturbance: 'wind', is_on: true },
        { id: 'D2', type: 'disturbance_noted', at_ms: 10, disturbance: 'filmed', is_on: true },
        { id: 'D3', type: 'disturbance_noted', at_ms: 11, disturbance: 'wind', is_on: false },
      ].map((event) => waiting(event)),
      undefined,
      'ANN',
    );
    expect(shown.checks.map(({ id, student }) => [id, student])).toEqual([['T2', 'BEA']]);
    expect(shown.checklist_answers).toEqual([
      { student: 'ANN', card: 'grip', point: 'one', sight: 'attention', word: 'slack' },
    ]);
    expect(shown.during).toEqual({ part: 'baseline', disturbances: ['filmed'] });
  });
});
