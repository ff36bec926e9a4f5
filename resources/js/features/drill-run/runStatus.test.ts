import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import type { Drill } from '../../api/types';
import { isShuffled } from './RunStatus';

const library = (JSON.parse(readFileSync('core/drills/library.json', 'utf8')) as { drills: Drill[] }).drills;

test('blocks are not called shuffled before their last ball is rolled', () => {
  const drill = library.find(({ order }) => order === 'blocked_then_shuffled') as Drill;
  const blocks = drill.stations.length * drill.balls_per_station;
  expect([0, blocks - 1, blocks].map((balls) => isShuffled(drill, balls))).toEqual([false, false, true]);
  expect(isShuffled({ ...drill, order: 'shuffled' }, 0)).toBe(true);
  expect(isShuffled({ ...drill, order: 'as_laid' }, blocks)).toBe(false);
});
