import { expect, test } from 'vitest';
import type { Today } from '../../api/types';
import { usualOrder } from './usualOrder';

test('who came lately and often comes first, the others by name', () => {
  const student = (id: string) => ({ id, name: `Name ${id}` });
  const session = (student_id: string | null) => ({ student_id, green_id: null });
  const today = {
    students: ['a', 'b', 'c', 'd'].map(student),
    greens: [],
    // Latest first.
    sessions: ['c', null, 'd', 'd', 'd'].map(session),
  } as unknown as Today;
  expect(usualOrder(today, 'students').map(({ value }) => value)).toEqual(['d', 'c', 'a', 'b']);
  expect(usualOrder(undefined, 'greens')).toEqual([]);
});
