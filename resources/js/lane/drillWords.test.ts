import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { CallOut, Drill } from '../api/types';
import { unitsFor } from '../units/useUnits';
import { apartWords, callOutWords, forecastWords, inWords, stationSlope, stationWords } from './drillWords';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;

test('what the server says in words comes in the coach’s unit', () => {
  const said = 'stops within {0.5000 m}, through {0.0850 w}, not {0.3048 m}; {5 x} stays';
  expect(inWords(said, feet)).toBe('stops within 1 ft 8 in, through 3¼ in, not 1 ft; {5 x} stays');
  expect(inWords(said, metres)).toContain('within 50 cm');
});

test('a weak break is the student’s, and a turned one says its side', () => {
  const weak = library.flatMap(({ stations }) => stations).find(({ breaks }) => breaks === 'weak');
  expect(stationSlope(weak)).toBe(', 1.5 % across, breaking to the student’s weak side');
  expect(stationSlope({ across_percent: -1.5 })).toMatch(/right/);
});

test('every shipped drill has words without a hole in them', () => {
  for (const drill of library) {
    const words = drill.stations.map((s) => stationWords(s, feet)).join();
    expect(words).not.toMatch(/undefined|NaN|null/);
  }
});

test('a scattered station is told as its range, a call-out with its task', () => {
  expect(stationWords({ from_m: 1.5, to_m: 9 }, metres)).toBe('1.5 m to 9.0 m');
  const next = {
    station: 0,
    length_m: 5.4864,
    ball: 1,
    task: null,
    name: null,
    backstroke_m: null,
    passes_if: null,
  };
  expect(callOutWords({ ...next, task: 'past' }, feet)).toBe('18 ft, a little past');
  expect(callOutWords(next, feet)).toBe('18 ft');
  expect(callOutWords({ ...next, name: 'low side' }, feet)).toBe('18 ft, low side');
  expect(callOutWords({ ...next, backstroke_m: 0.1524 }, feet)).toBe('backstroke 6 in');
});

test.each([
  ['count', 12, 'It takes 12 balls.'],
  ['rate', 17.6, 'About 18 balls at this student’s current rate, from 40 putts.'],
  ['rate', null, 'At this student’s current rate, from 40 putts, the drill is rarely completed.'],
  ['few_putts', null, 'The number of balls is not known yet: too few putts to a target are logged.'],
  ['few_starts', null, 'The number of balls is not known yet: this student’s start line is not measured.'],
  ['open_end', null, 'The number of balls depends on the drill: it ends by the clock.'],
] as const)('a forecast by %s of %s balls', (basis, balls, words) => {
  const expectation = {
    basis,
    balls,
    putts_behind: 40,
    balls_with_cap: null,
    chance_to_finish: null,
    cap: { balls: 60, minutes: null },
    gate_that_measures_m: null,
  };
  expect(forecastWords(expectation)).toBe(words);
});

test.each([
  ['past', 'a little past'],
  ['firm', 'firm, further past'],
  ['rehearse_soft', 'rehearse it too soft'],
] as const)('a ball told to be %s is called so', (task, words) => {
  const callOut = { length_m: 3.048, task, name: null, backstroke_m: null } as CallOut;
  expect(callOutWords(callOut, feet)).toBe(`10 ft, ${words}`);
});

test('with a cap, what is likely before it is said too', () => {
  const expectation = {
    basis: 'rate' as const,
    balls: 97,
    putts_behind: 40,
    balls_with_cap: 42.4,
    chance_to_finish: 0.2,
    cap: { balls: 45, minutes: null },
    gate_that_measures_m: null,
  };
  expect(forecastWords(expectation)).toContain('With the ball limit about 42; completed in 2 of 10 attempts.');
});

test('how far two balls may lie apart is said of the task that was called', () => {
  const seen = (between: [number, number]) => ({
    passes_if: {
      seen: [
        { name: 'hit', one_of: [true], between: null },
        { name: 'gap_m', one_of: null, between },
      ],
    },
  });
  const words = (of: object) => apartWords(of as Parameters<typeof apartWords>[0], feet);
  expect(words(seen([0, 0.381]))).toBe('apart by 1 ft 3 in at most');
  expect(words(seen([0.381, 1.2192]))).toBe('apart by 1 ft 3 in to 4 ft');
  expect([words({ passes_if: null }), words({ passes_if: { seen: [] } })]).toEqual(['', '']);
});
