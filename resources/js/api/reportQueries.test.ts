import { describe, expect, test } from 'vitest';
import { comparePath, reportPath } from './reportQueries';

describe('addresses of looks', () => {
  test('what is not asked is not in the address', () => {
    expect(reportPath({ student: 'S' }, {})).toBe('students/S/review?');
    expect(reportPath({ student: 'S' }, { near_m: undefined, slope: '' })).toBe('students/S/review?');
  });

  test('a session is asked for its own student, or for another of the group_members', () => {
    expect(reportPath({ session: 'A', student: null }, { near_m: 3 })).toBe('sessions/A/review?near_m=3');
    expect(reportPath({ session: 'A', student: 'B' }, {})).toBe('sessions/A/review?student_id=B');
  });

  test('the same as a file', () => {
    expect(reportPath({ student: 'S' }, { putter: 'Blade, 34 in' }, '.csv')).toBe(
      'students/S/review.csv?putter=Blade%2C+34+in',
    );
  });

  test('others stand beside in their order, and another time by its days', () => {
    expect(comparePath('S', { with: ['A', 'B'], surface: 'mat' })).toBe(
      'students/S/comparison?surface=mat&with%5B%5D=A&with%5B%5D=B',
    );
    expect(comparePath('S', { with: [], then_to: '2026-11-10', from: '2026-11-11' }, '.csv')).toBe(
      'students/S/comparison.csv?then_to=2026-11-10&from=2026-11-11',
    );
  });
});
