import { expect, test } from 'vitest';
import type { PuttRead } from '../../api/types';
import { METRES_PER_INCH } from '../../units/length';
import { firstPutt, gradesOf, LIMITS, STANCE, saidBy, slopeSaid, withClock, withLength, withPace } from './puttEntry';

const putt = firstPutt(0.3, null);

/** Draws the same numbers from 0 to 1 at every run. */
function* drawn(seed: number): Generator<number> {
  for (let state = seed; ; ) {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    yield state / 2_147_483_648;
  }
}

function some(count: number, low: number, high: number, seed = 7): number[] {
  const numbers = drawn(seed);
  return Array.from({ length: count }, () => low + (high - low) * Number(numbers.next().value));
}

test('a first putt is ordinary, at the speed that was measured or an ordinary one', () => {
  expect(putt.length_m).toBeCloseTo(3.6576, 10);
  expect(putt.speed_m).toBeCloseTo(2.7432, 10);
  expect(firstPutt(0.3, 3.1).speed_m).toBe(3.1);
  expect(putt.pace_m).toBe(0.3);
});

test('a length is dragged finely near and coarsely far out, and never out of its limits', () => {
  expect(withLength(putt, 1.234, 'metres').length_m).toBeCloseTo(1.23, 10);
  expect(withLength(putt, 4.321, 'metres').length_m).toBeCloseTo(4.3, 10);
  expect(withLength(putt, 1.234, 'feet').length_m / METRES_PER_INCH).toBeCloseTo(49, 9);
  expect(withLength(putt, 4.321, 'feet').length_m / METRES_PER_INCH).toBeCloseTo(171, 9);
  expect([withLength(putt, 0, 'metres').length_m, withLength(putt, 99, 'feet').length_m]).toEqual([0.3, 30]);
  for (const metres of some(200, -10, 60)) {
    for (const unit of ['metres', 'feet', 'paces'] as const) {
      const { length_m } = withLength(putt, metres, unit);
      expect(length_m).toBeGreaterThanOrEqual(LIMITS.length[0]);
      expect(length_m).toBeLessThanOrEqual(LIMITS.length[1]);
      // Dragged to where it already lies, it stays; the ends are no round figures of every unit.
      const again = withLength(putt, length_m, unit).length_m;
      expect(Math.abs(again - length_m) < 1e-9 || (LIMITS.length as readonly number[]).includes(length_m)).toBe(true);
    }
  }
});

test('a step stays where it is on the ground while the ball moves', () => {
  const stepped = { ...putt, tier: { height_m: 0.3, run_m: 1.2, start_m: 1.5 } };
  const fromHole = stepped.length_m - stepped.tier.start_m;
  for (const metres of some(100, 0.3, 30, 11)) {
    const moved = withLength(stepped, metres, 'metres');
    expect(moved.length_m - (moved.tier?.start_m ?? Number.NaN)).toBeCloseTo(fromHole, 9);
  }
});

test('a pace is dragged by the inch or the centimetre, from dying at the hole to three metres', () => {
  expect(withPace(putt, 0.456, 'metres').pace_m).toBeCloseTo(0.46, 10);
  expect(withPace(putt, -0.2, 'metres').pace_m).toBe(0);
  expect(withPace(putt, 9, 'feet').pace_m).toBe(LIMITS.pace[1]);
});

test('a hand of the clock goes round and stands at sixths of an hour; steepness at tenths, six at most', () => {
  expect(withClock(putt, 12, 2).slope).toEqual({ by: 'clock', hour: 0, steep_percent: 2 });
  expect(withClock(putt, -0.5, 2.04).slope).toMatchObject({ hour: 11.5, steep_percent: 2 });
  expect(withClock(putt, 3.1, 9).slope).toMatchObject({ steep_percent: 6 });
  expect(withClock(putt, 3, -1).slope).toMatchObject({ steep_percent: 0 });
  for (const hour of some(200, -12, 24, 3)) {
    const { slope } = withClock(putt, hour, 1);
    expect(slope.by === 'clock' && slope.hour >= 0 && slope.hour < 12).toBe(true);
    expect(slope.by === 'clock' && Math.abs(slope.hour * 6 - Math.round(slope.hour * 6)) < 1e-9).toBe(true);
  }
});

test('the same ground said in another way is the same ground', () => {
  for (const across of [-2.1, 0, 0.4]) {
    const look = { along_percent: 1.24, across_percent: across, hour: 5, steep_percent: 2.46 } as PuttRead;
    expect(saidBy(putt, look, 'grades').slope).toEqual({
      by: 'grades',
      along_percent: 1.2,
      across_percent: across,
    });
    const feet = saidBy(putt, look, 'feet').slope;
    expect(feet).toMatchObject({
      higher: across === 0 ? 'even' : across > 0 ? 'right' : 'left',
      stance_m: STANCE,
      along_percent: 1.2,
    });
    expect(feet.by === 'feet' && ((feet.by_m ?? 0) / STANCE) * 100).toBeCloseTo(Math.abs(across), 9);
    expect(saidBy(putt, look, 'clock').slope).toEqual({ by: 'clock', hour: 5, steep_percent: 2.5 });
  }
});

test('a slope is told in words, and only what there is of it', () => {
  const said = (along_percent: number, across_percent: number) =>
    slopeSaid({ ...putt, slope: { by: 'grades', along_percent, across_percent } });
  expect(said(1.23, 2)).toBe('1.2 % uphill, rising 2 % to the right');
  expect(said(-1, -0.5)).toBe('1 % downhill, rising 0.5 % to the left');
  expect(said(2, 0)).toBe('2 % uphill');
  expect(said(0, 0.04)).toBe('level');
  // What is still said by the clock has its grades from the server.
  expect(gradesOf(putt)).toEqual({ along_percent: 0, across_percent: 0 });
});
