import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { CallOut, Drill } from '../app/types';
import { unitsFor } from '../app/useUnits';
import { callOutWords, courseWords, forecastWords, ruleWords, stationWords } from './drillWords';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;

function shipped(key: string): Drill {
  const drill = library.find((each) => each.key === key);
  if (drill === undefined) {
    throw new Error(`No drill ${key}.`);
  }
  return drill;
}

test.each([
  ['never-twice', '3 balls a station at the hole; each passes if it stops within 10 % of its length.'],
  [
    'lip-and-rod',
    '3 balls a station at the hole with a rod behind; each passes if it stops past the lip, within 1 ft 8 in.',
  ],
  ['closing-gate', '10 balls a station at the hole; each passes if it starts through the gate, 4 in wide.'],
  ['loose-tees', 'One ball a station at the hole; each passes if it gets there, and no more than 2 ft past.'],
  ['only-a-tee', '4 balls a station at the tee; each passes if it strikes it.'],
])('the rule of %s in one line', (key, words) => {
  expect(ruleWords(shipped(key), feet)).toBe(words);
});

test("lengths follow the coach's unit", () => {
  expect(ruleWords(shipped('lip-and-rod'), metres)).toContain('within 50 cm');
});

test('what a miss does and when it ends', () => {
  expect(courseWords(shipped('lip-and-rod'))).toBe(
    'Shortest first; a miss starts the station again; ends when all are done.',
  );
  expect(courseWords(shipped('loose-tees'))).toBe('Mixed, never the same twice running; ends at 12 points.');
});

test('every shipped drill has words without a hole in them', () => {
  for (const drill of library) {
    const words = `${ruleWords(drill, feet)} ${courseWords(drill)} ${drill.stations.map((s) => stationWords(s, feet)).join()}`;
    expect(words).not.toMatch(/undefined|NaN|null/);
  }
});

test('a scattered station is told as its range, a call-out with its task', () => {
  expect(stationWords({ from_m: 1.5, to_m: 9 }, metres)).toBe('1.5 m to 9.0 m');
  expect(callOutWords({ station: 0, length_m: 5.4864, ball: 1, task: 'past', passes_if: null }, feet)).toBe(
    '18 ft, a little past',
  );
  expect(callOutWords({ station: 0, length_m: 5.4864, ball: 1, task: null, passes_if: null }, feet)).toBe(
    '18 ft',
  );
});

test.each([
  ['count', 12, 'It takes 12 balls.'],
  ['rate', 17.6, 'About 18 balls at this student’s own rate, from 40 putts.'],
  ['rate', null, 'At this student’s own rate, from 40 putts, it is never passed.'],
  ['few_putts', null, 'How many balls it takes is not known yet: too few putts to a target are logged.'],
  [
    'not_by_length',
    null,
    'How many balls it takes is not known yet: how often this student passes here cannot be told from lengths.',
  ],
  ['open_end', null, 'How many balls it takes depends on how it goes: its end is no number of balls.'],
] as const)('a forecast by %s of %s balls', (basis, balls, words) => {
  const expectation = {
    basis,
    balls,
    putts_behind: 40,
    pass_rates: null,
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
  const callOut = { length_m: 3.048, task } as CallOut;
  expect(callOutWords(callOut, feet)).toBe(`10 ft, ${words}`);
});
