import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { Drill } from '../app/types';
import { ANYTHING, fits, needsHole, piecesFor } from './filters';

const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;
const keys = (change: Partial<typeof ANYTHING>) =>
  library.filter((drill) => fits(drill, { ...ANYTHING, ...change })).map(({ key }) => key);

test('with nothing asked, every drill fits', () => {
  expect(keys({})).toHaveLength(library.length);
});

test('every piece of every shipped kit is known to the bag', () => {
  for (const drill of library) {
    const others = (drill.kit ?? []).filter((words) => !/\bballs?\b/.test(words));
    for (const words of others) {
      expect(piecesFor({ ...drill, kit: [words] }), words).not.toEqual([]);
    }
  }
});

test('without a hole, only drills at something else are left, and some are', () => {
  const left = library.filter((drill) => fits(drill, { ...ANYTHING, hole: false }));
  expect(left.length).toBeGreaterThan(5);
  expect(left.some(needsHole)).toBe(false);
});

test('an empty bag leaves drills for balls alone', () => {
  expect(keys({ bag: [] })).toContain('edge-to-edge');
  expect(keys({ bag: [] })).not.toContain('closing-gate');
  expect(keys({ bag: ['tees', 'rule'] })).toContain('closing-gate');
});

test('several people, little time, a mat', () => {
  expect(keys({ people: 'group' }).length).toBeGreaterThan(3);
  expect(keys({ minutes: 3, place: 'mat' })).toContain('five-to-go-home');
  expect(keys({ minutes: 3 })).not.toContain('lip-and-rod');
});
