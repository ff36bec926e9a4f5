// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { ObservationType, Session } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { resumeStateOf } from '../../device/resumeState';
import type { BallTask } from './entry';
import { useLogger } from './useLogger';

/** What went into the log, by the name of the act. */
const log = vi.hoisted(() => ({ putts: [] as unknown[], did: [] as unknown[][] }));

vi.mock('../../api/useOutbox', () => ({
  useLog: () => ({
    putts: log.putts,
    ...Object.fromEntries(
      ['logPutt', 'correctPutt', 'remark', 'undo', 'give'].map((name) => [
        name,
        (...all: unknown[]) => log.did.push([name, ...all]),
      ]),
    ),
  }),
}));

const session = { id: 's1', student: { id: 'ann' } } as Session;
const gate = {
  name: 'gate',
  question: 'Start line',
  kind: 'words',
  answers: [],
} as unknown as ObservationType;
const FREE: BallTask = {
  target_m: 3,
  grade_percent: 0,
  across_percent: null,
  runId: null,
  needs: [],
  kinds: { before: [], first: [], after: [] },
  asksLength: true,
  asksBackstroke: true,
  calledBackstroke: null,
};
const putt = (part: Partial<ShownPutt> = {}) =>
  ({
    id: 'b1',
    backstroke_m: 0.2,
    roll_m: 3.1,
    run_on_m: null,
    stop: 'free',
    target_m: 3,
    grade_percent: 0,
    across_percent: null,
    mark: null,
    cause: null,
    seen: {},
    ...part,
  }) as unknown as ShownPutt;

function logging(part: Partial<Parameters<typeof useLogger>[0]> = {}) {
  const asked = { session, task: FREE, balls: [], student: null, ...part };
  return renderHook(() => useLogger(asked)).result;
}

beforeEach(() => {
  localStorage.clear();
  Object.assign(log, { putts: [], did: [] });
});
afterEach(cleanup);

test('a touch that rests is a ball, with the backstroke in force and what was seen beside the line', () => {
  const onLogged = vi.fn();
  const logger = logging({ onLogged });
  act(() => logger.current.setBackstroke(0.25));
  act(() => logger.current.touchStop(2.8, 0.1));
  act(() => logger.current.touchStop(2.9, null));
  expect(log.did.map(([name, ball]) => [name, ball])).toMatchObject([
    ['logPutt', { roll_m: 2.8, backstroke_m: 0.25, stop: 'free', seen: { side_m: 0.1 } }],
    ['logPutt', { roll_m: 2.9, backstroke_m: 0.25, seen: {} }],
  ]);
  // Whose it is goes without saying, where the session was begun for them.
  expect(log.did[0]?.[1]).not.toHaveProperty('student');
  expect(onLogged).toHaveBeenCalledTimes(2);
});

test('another of the group_members’s ball says so', () => {
  const logger = logging({ student: 'ben' });
  act(() => logger.current.touchStop(3, null));
  expect(log.did[0]?.[1]).toMatchObject({ student: 'ben' });
});

test('while nobody can say what the next ball is, a touch logs none', () => {
  const logger = logging({ task: null });
  act(() => logger.current.touchStop(3, null));
  act(() => logger.current.touchAnswer('gate', 'left'));
  expect(log.did).toEqual([]);
});

test('the backstroke is remembered over a reload at its own station, and put on nothing else', () => {
  log.putts = [putt({ backstroke_m: 0.3 }), putt({ backstroke_m: null })];
  expect(logging().current.backstroke).toBeNull();
  cleanup();
  const logger = logging();
  act(() => logger.current.setBackstroke(0.15));
  expect(resumeStateOf('s1').backstroke).toBe(0.15);
  cleanup();
  expect(logging().current.backstroke).toBe(0.15);
  cleanup();
  const free = logging({ task: { ...FREE, target_m: 9 } });
  expect(free.current.backstroke).toBeNull();
  act(() => free.current.touchStop(8.6, null));
  expect(log.did.at(-1)).toMatchObject(['logPutt', { backstroke_m: null, target_m: 9 }]);
});

test('holed, missed and at the rod say only what was seen', () => {
  const logger = logging();
  act(() => logger.current.logHoled());
  act(() => logger.current.logHoled(3.4));
  act(() => logger.current.logMissed());
  act(() => logger.current.logStoppedAt(3.5, 'rail' as never));
  expect(log.did.map(([, ball]) => ball)).toMatchObject([
    { roll_m: null, stop: 'holed' },
    { roll_m: 3.4, stop: 'holed' },
    { roll_m: null, stop: 'unseen', seen: { dropped: false } },
    { roll_m: 3.5, stop: 'rail' },
  ]);
});

test('the call comes before the result: without it nothing is logged, and what is missing is said', () => {
  const logger = logging({ task: { ...FREE, needs: ['call'] } });
  expect(logger.current.waitsForCall).toBe(true);
  act(() => logger.current.touchStop(3, null));
  expect(log.did).toEqual([]);
  act(() => logger.current.setCall('short'));
  expect(logger.current.waitsForCall).toBe(false);
  act(() => logger.current.touchStop(2.5, null));
  expect(log.did[0]?.[1]).toMatchObject({ roll_m: 2.5, seen: { call: 'short' } });
  // The next ball is called anew.
  expect(logger.current.waitsForCall).toBe(true);
});

test('where no length is asked, the last answer is the whole ball; where one is, the lane comes after it', () => {
  const task = { ...FREE, needs: ['gate'], kinds: { ...FREE.kinds, first: [gate] } };
  const whole = logging({ task: { ...task, asksLength: false } });
  act(() => whole.current.touchAnswer('gate', 'through'));
  expect(log.did[0]?.[1]).toMatchObject({ roll_m: null, stop: 'unseen', seen: { gate: 'through' } });
  log.did = [];
  const first = logging({ task });
  act(() => first.current.touchAnswer('gate', 'left'));
  expect(log.did).toEqual([]);
  act(() => first.current.touchStop(3.1, null));
  expect(log.did[0]?.[1]).toMatchObject({ roll_m: 3.1, seen: { gate: 'left' } });
});

test('the same touch again takes back what was said of a ball', () => {
  const plain = putt();
  const said = putt({
    mark: 'bumps',
    cause: 'read',
    seen: { held: true, putts_to_finish: 2, start: 'left' },
  });
  const logger = logging({ balls: [plain, said] });
  for (const [ball, expected] of [
    [plain, [{ cause: 'read' }, { mark: 'bumps' }, { held: true }, { putts_to_finish: 2 }, { start: 'left' }]],
    [said, [{ cause: null }, { mark: null }, { held: null }, { putts_to_finish: null }, { start: null }]],
  ] as const) {
    log.did = [];
    act(() => {
      logger.current.toggleCause(ball, 'read');
      logger.current.toggleMark(ball, 'bumps');
      logger.current.toggleHeld(ball);
      logger.current.puttOut(ball, 2);
      logger.current.answerOf(ball, 'start', 'left');
    });
    expect(
      log.did.map(([name, id, remarks, seen]) => [name, id, { ...(remarks as object), ...(seen as object) }]),
    ).toMatchObject(expected.map((each) => ['remark', 'b1', each]));
    // What was said besides stays as it is.
    expect(log.did[1]?.[2]).toMatchObject({ cause: ball.cause });
  }
});

test('a backstroke said afterwards is put right on its ball, and holds for the next', () => {
  const logger = logging({ balls: [putt({ backstroke_m: null, seen: { start: 'left' } })] });
  act(() => logger.current.addBackstroke(putt({ backstroke_m: null, seen: { start: 'left' } }), 0.22));
  expect(log.did[0]).toMatchObject(['correctPutt', 'b1', { backstroke_m: 0.22, roll_m: 3.1, seen: { start: 'left' } }]);
  expect(logger.current.backstroke).toBe(0.22);
});

test('undo is of the last ball, and of nothing where there is none', () => {
  const nobody = logging();
  act(() => nobody.current.undo());
  expect(log.did).toEqual([]);
  const logger = logging({ balls: [putt({ id: 'b1' }), putt({ id: 'b2' })] });
  act(() => logger.current.undo());
  act(() => logger.current.strike(putt({ id: 'b1' })));
  act(() => logger.current.give(putt({ id: 'b1' }), 'ben'));
  expect(log.did).toEqual([
    ['undo', 'b2'],
    ['undo', 'b1'],
    ['give', 'b1', 'ben'],
  ]);
});
