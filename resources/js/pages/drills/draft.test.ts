import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import kindsCase from '../../../../contract/cases/drill-kinds.json';
import type { Drill, DrillKinds } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import {
  draftOf,
  equipmentDraft,
  keyFor,
  kindOf,
  levelDraft,
  problemWords,
  readDraft,
  stationDraft,
  usualWords,
} from './draft';
import { readCount } from './useDrillSetupEntry';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;
const kinds = kindsCase as unknown as DrillKinds;
const shipped = (key: string) => library.find((drill) => drill.key === key) as Drill;

test.each(library.map((drill) => [drill.key, drill] as const))(
  'the editor makes %s, every field of it typed',
  (key, drill) => {
    const { drill: made, errors } = readDraft(draftOf(drill, kinds, metres), key, kinds, metres);
    expect(errors).toEqual({});
    // What the fields write out although it is the usual, they may add; nothing may be lost or changed.
    expect(made).toEqual({ order: 'as_laid', group: false, ...drill });
  },
);

test.each(library.map((drill) => [drill.key, drill] as const))('%s survives being typed in feet', (key, drill) => {
  const once = readDraft(draftOf(drill, kinds, feet), key, kinds, feet).drill;
  expect(readDraft(draftOf(once, kinds, feet), key, kinds, feet)).toEqual({ drill: once, errors: {} });
});

test("lengths are read in the coach's unit, a range where a second one is given", () => {
  const draft = {
    ...draftOf(shipped('never-twice'), kinds, feet),
    stations: [stationDraft({ length: '10' }), stationDraft({ length: '5', to: '20', grade: '-1.5' })],
    figures: { share: '12 %' },
  };
  const { drill } = readDraft(draft, 'k', kinds, feet);
  expect(drill.stations).toEqual([{ length_m: 3.048 }, { from_m: 1.524, to_m: 6.096, grade_percent: -1.5 }]);
  expect(drill.pass).toEqual({ kind: 'share', share: 0.12 });
});

test('what cannot be read is said at its field, and nothing else is touched', () => {
  const draft = {
    ...draftOf(shipped('closing-gate'), kinds, feet),
    aidWidth: 'wide',
    capBalls: 'many',
    kit: [equipmentDraft({ piece: 'tee', count: 'some' })],
    levels: [levelDraft({ says: 'Further.', lengths: '10, far' })],
  };
  const { drill, errors } = readDraft(draft, 'k', kinds, feet);
  expect(Object.keys(errors).sort()).toEqual([
    'drill.aid.width_m',
    'drill.cap.balls',
    'drill.kit.0.count',
    'drill.progression.0.lengths_m',
  ]);
  expect(drill.steps_m).toHaveLength(5);
});

test('a change of rule leaves no figure of the old one behind', () => {
  const draft = {
    ...draftOf(shipped('lip-and-rod'), kinds, metres),
    pass: 'radius' as const,
    figures: { behind_m: '0.5', radius_m: '0.9' },
    target: 'ring' as const,
  };
  expect(readDraft(draft, 'k', kinds, metres).drill.pass).toEqual({ kind: 'radius', radius_m: 0.9 });
});

test('a key is plain and tells copies apart', () => {
  expect(keyFor('Über the Stüfe, twice!', '01HXABCDEF')).toBe('u-ber-the-stu-fe-twice-abcdef');
  expect(keyFor('???', '01HXABCDEF')).toBe('drill-abcdef');
});

test('a figure says what it is where a drill says nothing', () => {
  const [share] = kindOf(kinds.pass, 'share').figures;
  const [within] = kindOf(kinds.pass, 'past_only').figures;
  expect(share === undefined ? '' : usualWords(share, feet)).toBe('10 % of the length');
  expect(within === undefined ? '' : usualWords(within, feet)).toBe('2 ft 11 in');
  expect(within === undefined ? '' : usualWords(within, metres)).toBe('90 cm');
  // A kind of a newer server has no figures here, and is kept as it is.
  expect(kindOf(kinds.pass, 'tomorrow')).toMatchObject({ kind: 'tomorrow', figures: [] });
});

test.each([
  ['4', 4],
  ['4,5', 4.5],
  [' 12 ', 12],
  ['', null],
  ['0.4', null],
  ['201', null],
  ['four', null],
])('paces counted as “%s” are %s', (text, count) => {
  expect(readCount(text)).toBe(count);
});

test('a refusal names its field', () => {
  expect(problemWords('drill.kit.2.count', 'This is needed.')).toBe('Equipment 3: This is needed.');
  expect(problemWords('drill.progression.0.figure', 'This is needed.')).toBe('Level 1: This is needed.');
  expect(problemWords('drill.stations.1.length_m', 'This must be above 0.')).toBe('Station 2: This must be above 0.');
  expect(problemWords('drill.aid.width_m', 'This is needed.')).toBe('The width: This is needed.');
  expect(problemWords('elsewhere', 'This is needed.')).toBe('This is needed.');
});
