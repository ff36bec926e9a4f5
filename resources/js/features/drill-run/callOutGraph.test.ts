import { describe, expect, test } from 'vitest';
import cases from '../../../../contract/cases/acceptance.json';
import type { Acceptance, BallMeasurement, CallOutNode, RunProgress } from '../../api/types';
import { meets, turnAfter, walk } from './callOutGraph';

const nothing: Acceptance = {
  holed: null,
  only_holed: false,
  roll_m: null,
  ring_m: null,
  struck: false,
  seen: [],
};
const ball = (roll_m: number | null, seen: Partial<BallMeasurement> = {}): BallMeasurement => ({
  backstroke_m: null,
  roll_m,
  stop: roll_m === null ? 'unseen' : 'free',
  target_m: 4,
  grade_percent: 0,
  ...seen,
});
const leg = (
  length_m: number,
  after_pass: number | null,
  after_miss: number | null,
  passes_if: Acceptance | null = null,
): CallOutNode => ({
  station: 0,
  length_m,
  ball: 1,
  task: null,
  name: null,
  backstroke_m: null,
  after_pass,
  after_miss,
  passes_if,
});
const at = (place: number, certain: number, legs: CallOutNode[]) =>
  ({ next: legs[place] ?? null, course: { at: place, certain, legs } }) as unknown as RunProgress;

describe('walking the course while balls wait', () => {
  const inARow = at(0, 3, [leg(1, 1, 1), leg(2, 2, 2), leg(3, 3, 3), leg(4, null, null)]);

  test('with nothing waiting, the next ball is the server’s', () => {
    expect(walk(inARow, [])).toMatchObject({ status: 'next', callOut: { length_m: 1 }, isCertain: true });
  });

  test('each ball entered is a step, whatever it did; beyond what is certain it says so', () => {
    expect(walk(inARow, [ball(9), ball(9)])).toMatchObject({ callOut: { length_m: 3 }, isCertain: true });
    expect(walk(inARow, [ball(9), ball(9), ball(9)])).toMatchObject({
      callOut: { length_m: 4 },
      isCertain: false,
    });
  });

  test('when all laid out is rolled, only the server can tell', () => {
    expect(walk(inARow, [ball(9), ball(9), ball(9), ball(9)])).toEqual({ status: 'waiting' });
  });

  test('once the server says it is over, it is over', () => {
    expect(walk({ ...inARow, next: null }, [])).toEqual({ status: 'over' });
  });

  test('a miss goes back where the course says, a pass goes on', () => {
    const window = { ...nothing, holed: true, roll_m: [4, 4.5] as [number, number] };
    const restarts = at(1, 9, [leg(1, 1, 0, window), leg(2, 2, 0, window), leg(3, null, 2, window)]);
    expect(walk(restarts, [ball(4.2)])).toMatchObject({ callOut: { length_m: 3 } });
    expect(walk(restarts, [ball(3)])).toMatchObject({ callOut: { length_m: 1 } });
    expect(walk(restarts, [ball(3), ball(4), ball(4.5), ball(9)])).toMatchObject({
      callOut: { length_m: 3 },
    });
    expect(walk(at(0, 9, [leg(1, 1, 0, null), leg(2, null, 0)]), [ball(4)])).toEqual({ status: 'waiting' });
  });

  test('turns go round while balls of a group wait', () => {
    expect([0, 1, 2, 3].map((waiting) => turnAfter(['A', 'B', 'C'], waiting))).toEqual(['A', 'B', 'C', 'A']);
    expect(turnAfter([], 2)).toBeNull();
  });
});

test.each(cases.map((each) => [each.name, each] as const))(
  'a ball: %s',
  (_, { passes_if, ball: seen, meets: does }) => {
    const said = { ...ball(null), ...seen } as unknown as BallMeasurement;
    expect(meets(passes_if as unknown as Acceptance, said)).toBe(does);
  },
);
