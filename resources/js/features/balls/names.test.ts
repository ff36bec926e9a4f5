import { expect, test } from 'vitest';
import type { GroupMember, Session } from '../../api/types';
import { here, ownerAsEvent, ownerOf, shortName } from './names';

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
