import { expect, test } from 'vitest';
import type { GroupMember, Session } from '../../api/types';
import { here, ownerAsEvent, ownerOf, shortName, signsOf } from './names';

const session = {
  student: { id: 'ann' },
  group_members: [
    { student: 'ann', name: 'Ann Lund', standing: 'here' },
    { student: 'ben', name: 'Ben Oke', standing: 'on the green' },
  ] as unknown as GroupMember[],
} as Session;

test('a first name does where nobody else here has it', () => {
  expect(shortName('Ann Lund', ['Ann Lund', 'Ben Oke'])).toBe('Ann');
  expect(shortName('Ann Lund', ['Ann Lund', 'Ann Oke'])).toBe('Ann Lund');
  expect(shortName('Ann', ['Ann', 'Anna Oke'])).toBe('Ann');
});

test('each of a group has a letter of their own', () => {
  const group = (...names: string[]) => ({
    group_members: names.map((name, index) => ({ student: String(index), name, standing: 'here' })) as GroupMember[],
  });
  const letters = (...names: string[]) => [...signsOf(group(...names)).values()].map(({ letter }) => letter);
  expect(letters('Ann Lund')).toEqual([]);
  expect(letters('Ann Lund', 'Ben Oke')).toEqual(['A', 'B']);
  expect(letters('Ann Lund', 'Anna Oke', 'Anders Moe', 'Anton Moe')).toEqual(['A', 'An', 'AM', 'A4']);
  expect(new Set([...signsOf(group('A', 'B', 'C', 'D', 'E', 'F')).values()].map(({ ink }) => ink)).size).toBe(6);
});

test('only who is here rolls', () => {
  expect(here(session).map(({ student }) => student)).toEqual(['ann']);
});

test('a ball is whoever’s it says, else of whoever the session was begun for', () => {
  expect(ownerOf('ben', session)).toBe('ben');
  expect(ownerOf(null, session)).toBe('ann');
  expect(ownerOf(null, { student: null })).toBeNull();
  expect(ownerAsEvent('ann', session)).toBeNull();
  expect(ownerAsEvent('ben', session)).toBe('ben');
  expect(ownerOf(ownerAsEvent('ann', session), session)).toBe('ann');
});
