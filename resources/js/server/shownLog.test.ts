import { describe, expect, test } from 'vitest';
import cases from '../../../contract/cases/waiting.json';
import type { SessionEvent, Waiting } from './outbox';
import { shownLog } from './shownLog';
import type { Card, Putt } from './types';

const waiting = (event: unknown, refused: string | null = null): Waiting => ({
  session_id: 'S',
  event: event as SessionEvent,
  refused,
});

/** A log as the server sends it; the cases hold only what tells them apart. */
function sent({ putts, stations, ...card }: (typeof cases)[number]['log']): Card & { putts: Putt[] } {
  return {
    ...card,
    company: [],
    putts: putts as unknown as Putt[],
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
    }).toEqual({ ...shows, company: [] });
  });
});

describe('what waits is told from what is kept', () => {
  const ball = { id: 'A', type: 'putt_logged', at_ms: 2, backstroke_m: 0.2, roll_m: 3, stop: 'free' };
  const nothing = { putts: [], stations: [], conditions: [], set_aside: [], company: [] };

  test('a waiting ball is marked, and unjudged until the rules have seen it', () => {
    expect(shownLog(nothing, [waiting(ball)]).putts).toMatchObject([
      { id: 'A', isWaiting: true, outcome: null, verdict: null },
    ]);
  });

  test('what the server refused is not among the balls', () => {
    expect(shownLog(nothing, [waiting(ball, 'Too far.')]).putts).toEqual([]);
  });
});
