import { describe, expect, test } from 'vitest';
import type { SessionEvent, Waiting } from './outbox';
import { type Ball, NO_REMARKS, NOBODYS, NOTHING_SEEN, type Putt } from './types';
import { shownPutts } from './useOutbox';

const seen: Ball = {
  backstroke_m: 0.2,
  roll_m: 3,
  stop: 'free',
  target_m: null,
  grade_percent: 0,
};
const kept = (id: string): Putt => ({
  ...seen,
  ...NOTHING_SEEN,
  ...NO_REMARKS,
  ...NOBODYS,
  id,
  at_ms: 1,
  outcome: 'on',
  corrections: 0,
});
const waiting = (event: SessionEvent, refused: string | null = null): Waiting => ({
  session_id: 'S',
  event,
  refused,
});
const logged = (id: string): SessionEvent => ({ id, type: 'putt_logged', at_ms: 2, ...seen });

describe('what the screen shows of a session', () => {
  test('what the server has, when nothing waits', () => {
    expect(shownPutts([kept('A')], [])).toEqual([{ ...kept('A'), isWaiting: false }]);
  });

  test('a waiting ball comes last, marked, and unjudged until the rules have seen it', () => {
    const [, last] = shownPutts([kept('A')], [waiting(logged('B'))]);
    expect(last).toMatchObject({ id: 'B', isWaiting: true, outcome: null, roll_m: 3 });
  });

  test('a ball the server already has is not shown twice', () => {
    expect(shownPutts([kept('A')], [waiting(logged('A'))])).toHaveLength(1);
  });

  test('a waiting undo takes its ball away, waiting or kept', () => {
    const undo = (id: string): SessionEvent => ({ id: `U${id}`, type: 'undone', at_ms: 3, event_id: id });
    expect(shownPutts([kept('A'), kept('B')], [waiting(undo('A'))]).map(({ id }) => id)).toEqual(['B']);
    expect(shownPutts([], [waiting(logged('C')), waiting(undo('C'))])).toEqual([]);
  });

  test('a waiting correction shows at its ball, which keeps its place and time', () => {
    const correction: SessionEvent = {
      ...seen,
      id: 'X',
      type: 'putt_corrected',
      at_ms: 9,
      putt_id: 'A',
      roll_m: 5,
    };
    const [first, second] = shownPutts([kept('A'), kept('B')], [waiting(correction)]);
    expect(first).toMatchObject({ id: 'A', at_ms: 1, roll_m: 5, corrections: 1, isWaiting: true });
    expect(second).toMatchObject({ id: 'B', isWaiting: false });
  });

  test('a waiting remark shows at its ball, and is no correction', () => {
    const remark: SessionEvent = {
      ...NO_REMARKS,
      id: 'X',
      type: 'putt_remarked',
      at_ms: 9,
      putt_id: 'A',
      cause: 'read',
    };
    expect(shownPutts([kept('A')], [waiting(remark)])[0]).toMatchObject({
      cause: 'read',
      roll_m: 3,
      outcome: 'on',
      corrections: 0,
      at_ms: 1,
    });
  });

  test('a correction of a ball that is gone changes nothing', () => {
    const correction: SessionEvent = { ...seen, id: 'X', type: 'putt_corrected', at_ms: 9, putt_id: 'Z' };
    expect(shownPutts([kept('A')], [waiting(correction)])).toEqual([{ ...kept('A'), isWaiting: false }]);
  });

  test('what the server refused is not among the balls', () => {
    expect(shownPutts([], [waiting(logged('B'), 'Too far.')])).toEqual([]);
  });
});
