// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { PlanBlock, ProposedPlan, Session } from '../../api/types';
import { lastEntered } from '../../device/announce';
import { usePlanning } from './usePlanning';

const server = vi.hoisted(() => ({
  asked: [] as unknown[],
  answer: null as unknown,
}));

vi.mock('../../api/queries', () => ({
  useProposedPlan: (_session: string, wanted: unknown) => {
    server.asked.push(wanted);
    return { data: server.answer, isError: false, error: null };
  },
}));

type Proposed = ProposedPlan['blocks'][number];

function block(id: string, part: Partial<Proposed> = {}): Proposed {
  return {
    id,
    kind: 'pace',
    drill: `drill-${id}`,
    name: `Block ${id}`,
    minutes: 10,
    balls: 12,
    why: 'what is at stake',
    is_locked: false,
    is_dropped: false,
    lengths_m: null,
    label: 'Distance control',
    dose: null,
    others: [],
    ...part,
  } as unknown as Proposed;
}

const proposal = (...blocks: Proposed[]) =>
  ({ minutes: 40, planned: 30, blocks, clashes: [] }) as unknown as ProposedPlan;

function planning(session: Partial<Session> = {}) {
  const { result } = renderHook(() => usePlanning({ id: 's1', plan: null, minutes: 40, ...session } as Session));
  return {
    get now() {
      return result.current;
    },
    asked: () => server.asked.at(-1) as { minutes: number; blocks: PlanBlock[]; without: string[] } | null,
  };
}

const ids = (blocks: readonly PlanBlock[] | undefined) => blocks?.map(({ id }) => id).join('') ?? '';

afterEach(cleanup);

beforeEach(() => {
  server.asked = [];
  server.answer = proposal(block('a'), block('b'), block('c'));
});

test('it begins with the minutes of the session, or half an hour, and nothing of it is set', () => {
  expect(planning().asked()).toMatchObject({ minutes: 40, blocks: [], without: [] });
  expect(planning({ minutes: null }).asked()).toMatchObject({ minutes: 30 });
});

test.each(['', 'soon', '0', '481', '12.5', '-3'])(
  '“%s” minutes are asked about by nobody, and said at the field',
  (typed) => {
    const plan = planning();
    act(() => plan.now.typeMinutes(typed));
    expect(plan.asked()).toBeNull();
    expect(plan.now.minutes).toBeNull();
    expect(plan.now.minutesError).toBe(`“${typed}” is not a number of minutes from 1 to 480.`);
  },
);

test('a plan that was kept is the coach’s own, without what was dropped of it', () => {
  const kept = {
    minutes: 25,
    blocks: [block('x'), block('y', { is_dropped: true })],
  } as unknown as Session['plan'];
  const plan = planning({ plan: kept });
  expect(plan.asked()).toMatchObject({ minutes: 25 });
  expect(ids(plan.asked()?.blocks)).toBe('x');
  expect(plan.asked()?.blocks[0]?.is_locked).toBe(true);
  act(() => plan.now.startAnew());
  expect(plan.asked()).toMatchObject({ blocks: [], without: [] });
});

test('an order made by hand is set as a whole, and told to who does not see it', () => {
  const plan = planning();
  act(() => plan.now.move('c', 0));
  expect(ids(plan.asked()?.blocks)).toBe('cab');
  expect(plan.asked()?.blocks.every(({ is_locked }) => is_locked)).toBe(true);
  expect(lastEntered()).toContain('Block c is number 1 of 3 now');
  act(() => plan.now.startAnew());
  act(() => plan.now.lock('b', true));
  expect([ids(plan.asked()?.blocks), plan.now.isSet]).toEqual(['b', true]);
  act(() => plan.now.startAnew());
  act(() => plan.now.move('a', 3));
  act(() => plan.now.move('nobody', 1));
  expect(plan.now.isSet).toBe(false);
});

test('a block that is changed is set, and those set before stay so; the rest is planned anew round them', () => {
  server.answer = proposal(block('a', { is_locked: true }), block('b'), block('c'));
  const plan = planning();
  const [, b] = plan.now.plan?.blocks ?? [];
  act(() => b !== undefined && plan.now.take(b, 15));
  expect(plan.asked()?.blocks.map(({ id, minutes, balls }) => [id, minutes, balls])).toEqual([
    ['a', 10, 12],
    // How many balls follow from the minutes is not this screen's to say.
    ['b', 15, null],
  ]);
  expect(plan.now.isSet).toBe(true);
  act(() => plan.now.lock('b', false));
  expect(ids(plan.asked()?.blocks)).toBe('a');
});

test('another drill in its place brings its own minutes, balls and lengths', () => {
  server.answer = proposal(block('a', { lengths_m: [3, 6] }));
  const plan = planning();
  const [a] = plan.now.plan?.blocks ?? [];
  act(
    () =>
      a !== undefined &&
      plan.now.swap(a, {
        drill: 'ladder',
        name: 'Ladder',
        minutes: 8,
        balls: 20,
      } as Proposed['others'][number]),
  );
  expect(plan.asked()?.blocks).toMatchObject([
    { id: 'a', drill: 'ladder', name: 'Ladder', minutes: 8, balls: 20, lengths_m: null, is_locked: true },
  ]);
});

test('what is dropped is not proposed again: its drill, or its kind where it has none', () => {
  server.answer = proposal(block('a'), block('b', { drill: null, kind: 'read' as Proposed['kind'] }));
  const plan = planning();
  const [a, b] = plan.now.plan?.blocks ?? [];
  act(() => a !== undefined && plan.now.drop(a));
  act(() => b !== undefined && plan.now.drop(b));
  expect(plan.asked()?.without).toEqual(['drill-a', 'read']);
  expect(plan.now.isSet).toBe(true);
});

test('what is kept holds nothing of what was only told', () => {
  const plan = planning();
  const kept = plan.now.kept();
  expect(kept?.minutes).toBe(40);
  expect(Object.keys(kept?.blocks[0] ?? {})).not.toContain('others');
  expect(Object.keys(kept?.blocks[0] ?? {})).not.toContain('label');
  server.answer = null;
  expect(planning().now.kept()).toBeNull();
});
