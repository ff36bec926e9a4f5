import { describe, expect, test } from 'vitest';
import type { Session } from '../../api/types';
import { unitsFor } from '../../units/useUnits';
import { after, before, factsOf, isStep, STEPS, visitedSteps } from './steps';

const empty: Session = {
  id: 'S',
  student: null,
  green: null,
  minutes: null,
  purpose: null,
  plan: null,
  conditions: [],
  stations: [],
  dismissed_insights: [],
  note_for_student: null,
  note_for_next: null,
  started_at: '2026-11-23T10:00:00Z',
  ended_at: null,
  is_home: false,
  reading: null,
  measurement_is_of_the_day: false,
  measurement_days_old: null,
  putts: [],
  last_note: null,
  run: null,
  group_members: [],
  version: 0,
  latest_ms: 0,
  during: { part: null, disturbances: [] },
  checks: [],
  checklist_answers: [],
  own_measurement: null,
  other_measurement: null,
  care: {},
  kit_out: [],
  kit_word: null,
  last_stations: [],
  is_planned: false,
};

describe('the walk', () => {
  test('has six steps in the order people work', () => {
    expect(STEPS.map(({ label }) => label)).toEqual([
      'Check-in',
      'Green speed',
      'Stations',
      'Putt',
      'Review',
      'Wrap-up',
    ]);
  });

  test('knows its own addresses', () => {
    expect(isStep('review')).toBe(true);
    expect(isStep('lookback')).toBe(false);
    expect(isStep(undefined)).toBe(false);
  });

  test('nothing is behind you at the start', () => {
    expect(visitedSteps(empty).size).toBe(0);
  });

  test('arriving needs both who and where', () => {
    const student = { id: 'A' } as Session['student'];
    const green = { id: 'G' } as Session['green'];
    expect([...visitedSteps({ ...empty, student })]).toEqual([]);
    expect([...visitedSteps({ ...empty, student, green })]).toEqual(['check-in']);
  });

  test('steps can be trodden in any order', () => {
    const station = { id: 'a', length_m: 3, said: '3 m', grade_percent: null, across_percent: null };
    const putts = [{ id: 'P' }] as Session['putts'];
    expect([...visitedSteps({ ...empty, putts })]).toEqual(['putt']);
    expect([...visitedSteps({ ...empty, putts, stations: [station] })]).toEqual(['stations', 'putt']);
  });

  test('ending a session leaves the last two behind', () => {
    const ended = visitedSteps({ ...empty, ended_at: '2026-11-23T11:00:00Z' });
    expect([...ended]).toEqual(['review', 'wrap-up']);
    expect([...visitedSteps({ ...empty, note_for_next: 'Longer.' })]).toEqual(['wrap-up']);
  });
});

test('each step carries what happened there, and leads on and back', () => {
  const feet = unitsFor({ unit: 'feet', paceLength: null });
  expect(Object.values(factsOf(empty, 0, feet)).join('')).toBe('');
  const walked = {
    ...empty,
    student: { id: 'ann', name: 'Ann Marsh' },
    group_members: ['ann', 'bea', 'cai'].map((student) => ({ student, name: student, standing: 'here' })),
    reading: { speed_m: 2.9 },
    measurement_is_of_the_day: true,
    stations: [{ id: 'P' }],
    note_for_next: 'Longer.',
  } as unknown as Session;
  expect(factsOf(walked, 12, feet)).toEqual({
    'check-in': 'Ann +2',
    'green-speed': '9.5 ft',
    stations: '1 station',
    putt: '12 balls',
    review: '',
    'wrap-up': 'noted',
  });
  // A reading of another day is no fact of this one.
  expect(factsOf({ ...walked, measurement_is_of_the_day: false }, 12, feet)['green-speed']).toBe('');
  expect([before('check-in'), before('putt')?.key, after('putt')?.key, after('wrap-up')]).toEqual([
    null,
    'stations',
    'review',
    null,
  ]);
});
