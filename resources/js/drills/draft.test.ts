import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { Drill } from '../app/types';
import { unitsFor } from '../app/useUnits';
import { draftOf, keyFor, problemWords, readDraft, stationDraft } from './draft';

const feet = unitsFor({ unit: 'feet', paceLength: null });
const metres = unitsFor({ unit: 'metres', paceLength: null });
const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;
const shipped = (key: string) => library.find((drill) => drill.key === key) as Drill;

test.each(library.map((drill) => [drill.key, drill] as const))(
  '%s goes into the fields and comes out the same',
  (key, drill) => {
    const { drill: back, errors } = readDraft(draftOf(drill, metres), drill, key, metres);
    expect(errors).toEqual({});
    // What the fields write out although it is the usual, they may add; nothing may be lost or changed.
    expect({ order: 'as_laid', ...back, kit: back.kit ?? [] }).toEqual({
      order: 'as_laid',
      group: false,
      ...drill,
    });
  },
);

test("lengths are read in the coach's unit, a range where a second one is given", () => {
  const draft = {
    ...draftOf(shipped('never-twice'), feet),
    stations: [stationDraft({ length: '10' }), stationDraft({ length: '5', to: '20', grade: '-1.5' })],
    figure: '12 %',
  };
  const { drill } = readDraft(draft, shipped('never-twice'), 'k', feet);
  expect(drill.stations).toEqual([{ length_m: 3.048 }, { from_m: 1.524, to_m: 6.096, grade_percent: -1.5 }]);
  expect(drill.pass).toEqual({ kind: 'share', share: 0.12 });
});

test('what cannot be read is said at its field, and nothing else is touched', () => {
  const draft = { ...draftOf(shipped('closing-gate'), feet), aidWidth: 'wide', capBalls: 'many' };
  const { drill, errors } = readDraft(draft, shipped('closing-gate'), 'k', feet);
  expect(Object.keys(errors).sort()).toEqual(['drill.aid.width_m', 'drill.cap.balls']);
  expect(drill.steps_m).toHaveLength(5);
});

test('a change of rule leaves no figure of the old one behind', () => {
  const draft = {
    ...draftOf(shipped('lip-and-rod'), metres),
    pass: 'radius' as const,
    figure: '0.9',
    target: 'ring' as const,
  };
  expect(readDraft(draft, shipped('lip-and-rod'), 'k', metres).drill.pass).toEqual({
    kind: 'radius',
    radius_m: 0.9,
  });
});

test('a key is plain and tells copies apart', () => {
  expect(keyFor('Über the Stüfe, twice!', '01HXABCDEF')).toBe('u-ber-the-stu-fe-twice-abcdef');
  expect(keyFor('???', '01HXABCDEF')).toBe('drill-abcdef');
});

test('a refusal names its field', () => {
  expect(problemWords('drill.stations.1.length_m', 'This must be above 0.')).toBe(
    'Station 2: This must be above 0.',
  );
  expect(problemWords('drill.aid.width_m', 'This is needed.')).toBe('The width: This is needed.');
  expect(problemWords('elsewhere', 'This is needed.')).toBe('This is needed.');
});
