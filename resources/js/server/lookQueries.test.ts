import { describe, expect, test } from 'vitest';
import { besidePath, lookPath } from './lookQueries';

describe('addresses of looks', () => {
  test('what is not asked is not in the address', () => {
    expect(lookPath({ student: 'S' }, {})).toBe('students/S/look?');
    expect(lookPath({ student: 'S' }, { near_m: undefined, slope: '' })).toBe('students/S/look?');
  });

  test('a session is asked for its own student, or for another of the company', () => {
    expect(lookPath({ session: 'A', student: null }, { near_m: 3 })).toBe('sessions/A/look?near_m=3');
    expect(lookPath({ session: 'A', student: 'B' }, {})).toBe('sessions/A/look?student_id=B');
  });

  test('the same as a file', () => {
    expect(lookPath({ student: 'S' }, { putter: 'Blade, 34 in' }, '.csv')).toBe(
      'students/S/look.csv?putter=Blade%2C+34+in',
    );
  });

  test('others stand beside in their order, and another time by its days', () => {
    expect(besidePath('S', { with: ['A', 'B'], surface: 'mat' })).toBe(
      'students/S/beside?surface=mat&with%5B%5D=A&with%5B%5D=B',
    );
    expect(besidePath('S', { with: [], then_to: '2026-11-10', from: '2026-11-11' }, '.csv')).toBe(
      'students/S/beside.csv?then_to=2026-11-10&from=2026-11-11',
    );
  });
});
