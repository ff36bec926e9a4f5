// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Pending } from '../../api/pending';
import type { CallOutNode, RunProgress, RunState, Session, SessionEvent } from '../../api/types';
import type { ShownPutt } from '../../api/useOutbox';
import { unitsFor } from '../../units/useUnits';
import { ballsOf, standing, useDrillRun } from './useDrillRun';

/** What the device has of the session, and what the screen did with it. */
const device = vi.hoisted(() => ({
  putts: [] as unknown[],
  waiting: [] as unknown[],
  did: [] as unknown[][],
  logger: null as { task: unknown; student: unknown } | null,
}));

vi.mock('../../api/useOutbox', () => ({
  useLog: () => ({
    putts: device.putts,
    waiting: device.waiting,
    count: () => {},
    noteCompany: (...all: unknown[]) => device.did.push(['group_members', ...all]),
    joinRun: (...all: unknown[]) => device.did.push(['join', ...all]),
    endRun: (...all: unknown[]) => device.did.push(['end', ...all]),
  }),
}));
vi.mock('../sensors/useSensor', () => ({ useSensor: () => ({ measured: null }) }));
vi.mock('../balls/useLogger', () => ({
  useLogger: (asked: { task: unknown; student: unknown }) => {
    device.logger = asked;
    return asked;
  },
}));

const feet = unitsFor({ unit: 'feet', paceLength: null });

const leg = (length_m: number, next: number | null): CallOutNode => ({
  station: 0,
  length_m,
  ball: 1,
  task: null,
  name: null,
  backstroke_m: null,
  after_pass: next,
  after_miss: next,
  passes_if: null,
});
/** Lengths of 1, 2, 3 ... m one after the other; so many are counted. */
const progress = (counted: string[], part: Partial<RunProgress> = {}) => {
  const legs = [1, 2, 3, 4].map((length, at) => leg(length, at === 3 ? null : at + 1));
  const at = counted.length;
  return {
    balls: at,
    judged: at,
    passes: 0,
    streak: 0,
    restarts: 0,
    points: null,
    through_but_missed: 0,
    counted,
    last: null,
    phase: 'going',
    step_m: null,
    next: legs[at] ?? null,
    course: { at, certain: 9, legs },
    ...part,
  } as unknown as RunProgress;
};
const runOf = (state: object, part: object = {}) =>
  ({
    id: 'r1',
    rule: 'Any.',
    drill: {
      key: 'd',
      name: 'D',
      target: 'none',
      stations: [{ grade_percent: 1.5 }],
      order: 'as_laid',
      cap: {},
      pass: { kind: 'share' },
      end: { kind: 'all_stations' },
    },
    group: [],
    needs: [],
    asks: ['roll_m'],
    asked: [],
    rolled_again: [],
    judges: true,
    can_be_holed: false,
    set_out: { check: {}, kit_out: { tees: 3 }, kit_back: {} },
    ...state,
    ...part,
  }) as unknown as RunState;
const solo = (counted: string[], part: object = {}) => runOf(progress(counted), part);
const group = (states: Record<string, string[]>, turns: string[]) =>
  runOf(
    {
      turns,
      students: Object.entries(states).map(([student, counted]) => ({ student, state: progress(counted) })),
    },
    { group: Object.keys(states) },
  );
const ball = (id: string, part: Partial<ShownPutt> = {}) =>
  ({
    id,
    run_id: 'r1',
    mark: null,
    student: null,
    isWaiting: false,
    target_m: null,
    ...part,
  }) as unknown as ShownPutt;
const waits = (event: object, refused: string | null = null) =>
  ({ event: event as SessionEvent, refused }) as unknown as Pending;
const session = {
  id: 's1',
  student: { id: 'ann' },
  group_members: [
    { student: 'ann', name: 'Ann', standing: 'here' },
    { student: 'ben', name: 'Ben', standing: 'here' },
    { student: 'cy', name: 'Cy', standing: 'here' },
  ],
} as unknown as Session;

function rolling(run: RunState, of: Session = session) {
  return renderHook(({ now }) => useDrillRun(of, now, feet), { initialProps: { now: run } });
}

beforeEach(() => Object.assign(device, { putts: [], waiting: [], did: [], logger: null }));
afterEach(cleanup);

test('alone the next ball is the server’s, at the slope of its station', () => {
  const { result } = rolling(solo(['b1']));
  expect(result.current.next?.length_m).toBe(2);
  expect(result.current.task).toMatchObject({
    target_m: 2,
    grade_percent: 1.5,
    runId: 'r1',
    asksLength: true,
  });
  // Open ground has no target a ball could be short of.
  expect(device.logger).toMatchObject({ task: { target_m: null }, student: null });
});

test('balls that wait go on by the course; those rolled again do not count', () => {
  device.putts = [ball('b1'), ball('b2', { isWaiting: true }), ball('b3', { isWaiting: true, mark: 'bumps' })];
  expect(rolling(solo(['b1'])).result.current.next?.length_m).toBe(4);
  expect(rolling(solo(['b1'], { rolled_again: ['bumps'] })).result.current.next?.length_m).toBe(3);
});

test('a ball of another drill is none of this one', () => {
  device.putts = [ball('x', { run_id: 'r0', isWaiting: true })];
  const { result } = rolling(solo([]));
  expect([result.current.next?.length_m, result.current.balls.length]).toEqual([1, 0]);
});

test('a counted ball taken back without a network: the state of before is known where it was on this screen', () => {
  device.putts = [];
  const seen = rolling(solo([]));
  device.putts = [ball('b1')];
  seen.rerender({ now: solo(['b1']) });
  expect(seen.result.current.next?.length_m).toBe(2);
  device.putts = [];
  seen.rerender({ now: solo(['b1']) });
  expect(seen.result.current.next?.length_m).toBe(1);
  // Loaded anew, nobody here has met that ball: it may be another device's, and is counted.
  expect(rolling(solo(['b1'])).result.current.next?.length_m).toBe(2);
});

test('a state nobody here has seen is only the server’s to tell', () => {
  device.putts = [ball('b1'), ball('b2')];
  const seen = rolling(solo(['b1', 'b2']));
  device.putts = [ball('b2')];
  seen.rerender({ now: solo(['b1', 'b2']) });
  expect(seen.result.current.ahead).toEqual({ status: 'waiting' });
  expect(seen.result.current.task).toBeNull();
});

test('ended here it is over, though nobody has heard of it; an end that was refused is none', () => {
  device.waiting = [waits({ type: 'run_ended', run_id: 'r1' })];
  const { result } = rolling(solo([]));
  expect(result.current.ahead).toEqual({ status: 'over' });
  expect(ballsOf(solo([]), result.current).task).toBeNull();
  device.waiting = [waits({ type: 'run_ended', run_id: 'r1' }, 'no')];
  expect(rolling(solo([])).result.current.ahead.status).toBe('next');
  device.waiting = [waits({ type: 'run_ended', run_id: 'r2' })];
  expect(rolling(solo([])).result.current.ahead.status).toBe('next');
});

test('in a group turns go round while balls wait, and each ball says whose it is', () => {
  const run = group({ ann: [], ben: [] }, ['ann', 'ben']);
  expect(rolling(run).result.current.student).toBe('ann');
  expect(device.logger?.student).toBe('ann');
  device.putts = [ball('b1', { isWaiting: true, student: 'ann' })];
  const { result } = rolling(run);
  expect([result.current.student, result.current.next?.length_m]).toEqual(['ben', 1]);
  device.putts.push(ball('b2', { isWaiting: true, student: 'ben' }));
  const third = rolling(run).result.current;
  expect([third.student, third.next?.length_m]).toEqual(['ann', 2]);
});

test('who sits out or went has no turn; a turn is taken by a touch and then goes on', () => {
  const away = {
    ...session,
    group_members: session.group_members.map((each) =>
      each.student === 'ben' ? { ...each, standing: 'sits_out' } : each,
    ),
  } as Session;
  const { result } = rolling(group({ ann: [], ben: [], cy: [] }, ['ann', 'ben', 'cy']), away);
  expect(result.current.student).toBe('ann');
  act(() => result.current.chooseNextStudent());
  expect(result.current.student).toBe('cy');
  act(() => result.current.chooseNextStudent());
  expect(result.current.student).toBe('ann');
  act(() => result.current.chooseStudent('cy'));
  expect(result.current.student).toBe('cy');
});

test('somebody who joins one student’s drill makes it a group, from the station in work', () => {
  const { result } = rolling(solo(['b1']));
  result.current.noteStanding('ben', 'here');
  result.current.noteStanding('ann', 'sits_out');
  expect(device.did).toEqual([
    ['group_members', 'ben', 'here'],
    ['join', 'r1', 'ben', 0],
    ['group_members', 'ann', 'sits_out'],
  ]);
  device.waiting = [waits({ type: 'run_joined', run_id: 'r1', student: 'ben' })];
  expect(rolling(solo(['b1'])).result.current.roster).toEqual(['ann', 'ben']);
  result.current.end();
  expect(device.did.at(-1)).toEqual(['end', 'r1']);
});

test('what was counted of the kit here lies over what the server has', () => {
  const counted = (name: string, count: number, run_id = 'r1') => ({
    type: 'set_out_counted',
    run_id,
    item: 'kit_out',
    name,
    count,
  });
  device.waiting = [
    waits(counted('tees', 5)),
    waits(counted('rod', 1)),
    waits(counted('rod', 9), 'no'),
    waits(counted('rod', 7, 'r2')),
  ];
  expect(rolling(solo([])).result.current.setOut).toEqual({
    check: {},
    kit_out: { tees: 5, rod: 1 },
    kit_back: {},
  });
});

test('the last ball’s verdict is the server’s, and none before it has judged that very ball', () => {
  const judged = { ...progress(['b1']), last: { putt_id: 'b1', passed: true } };
  device.putts = [ball('b1')];
  expect(rolling(runOf(judged)).result.current.verdict).toMatchObject({ putt_id: 'b1' });
  device.putts = [ball('b1'), ball('b2', { isWaiting: true })];
  expect(rolling(runOf(judged)).result.current.verdict).toBeNull();
});

test('what is asked of a ball once it lies is asked of the last one too', () => {
  const asked = [{ name: 'object', kind: 'words', answers: [], is_asked_after: true }];
  const of = (counted: string[], phase: string) => {
    device.putts = counted.map((id) => ball(id));
    const run = runOf(progress(counted, { phase } as Partial<RunProgress>), { asked, asks: ['object'] });
    const { result } = rolling(run);
    return [result.current.ahead.status, ballsOf(run, result.current).drill.after.map(({ name }) => name)];
  };
  expect(of(['A'], 'going')).toEqual(['next', ['object']]);
  expect(of(['A', 'B', 'C', 'D'], 'done')).toEqual(['over', ['object']]);
});

test('where we stand is one line; who is treated gently sees what was done and no score', () => {
  const run = (drill: object, part: object = {}) =>
    runOf({}, { drill: { cap: {}, end: { kind: 'all_stations' }, ...drill }, ...part });
  const stood = progress(['b1', 'b2'], {
    passes: 1,
    streak: 1,
    restarts: 2,
    points: 7,
    through_but_missed: 3,
  });
  expect(
    standing(run({ on_miss: 'restart_all', end: { kind: 'points', points: 20 }, cap: { balls: 12 } }), stood, false),
  ).toBe('1 of 2 passed · 1 in a row, 2 restarts · 7 of 20 points · 3 started well but missed · stops after 12 balls.');
  // A cap that is far off is not said; the drill's own end is, and a cap beyond it never.
  expect(standing(run({ on_miss: 'restart_all', cap: { balls: 13 } }), stood, true)).toBe('2 balls rolled.');
  expect(standing(run({ end: { kind: 'balls', balls: 30 }, cap: { balls: 40 } }), stood, true)).toBe(
    '2 balls rolled · ends at 30 balls.',
  );
  expect(standing(run({ end: { kind: 'minutes', minutes: 5 } }), stood, true)).toBe(
    '2 balls rolled · ends after 5 minutes.',
  );
  expect(standing(run({}, { judges: false }), progress(['b1']), false)).toBe('1 ball rolled.');
  expect(standing(run({ on_miss: 'again' }), progress(['b1'], { restarts: 1 }), false)).toBe('0 of 1 passed.');
});
