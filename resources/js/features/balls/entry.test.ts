import { describe, expect, test } from 'vitest';
import type { ObservationType } from '../../api/types';
import {
  type BallTask,
  emptyEntry,
  entered,
  entryAt,
  finished,
  isWhole,
  placeOf,
  recentBackstrokes,
  withMeasured,
} from './entry';

const kind = (name: string, question = name): ObservationType =>
  ({
    name,
    question,
    kind: 'words',
    answers: [],
    least: null,
    most: null,
    of_any_ball: false,
  }) as unknown as ObservationType;

const FREE: BallTask = {
  target_m: 3,
  grade_percent: 1,
  across_percent: null,
  runId: null,
  needs: [],
  kinds: { before: [], first: [], after: [] },
  asksLength: true,
  asksBackstroke: true,
  calledBackstroke: null,
};
const GATE: BallTask = {
  ...FREE,
  runId: 'R',
  needs: ['call', 'gate'],
  kinds: { ...FREE.kinds, first: [kind('gate')] },
  asksBackstroke: false,
};
const free = { roll_m: 3.2, stop: 'free' as const };

describe('one ball being entered', () => {
  test('free rolling asks nothing: a length is the whole ball', () => {
    expect(finished(emptyEntry(0.25), FREE, free)).toEqual({
      ball: {
        backstroke_m: 0.25,
        roll_m: 3.2,
        stop: 'free',
        target_m: 3,
        grade_percent: 1,
        seen: {},
      },
    });
    expect(finished(emptyEntry(null), { ...FREE, target_m: null }, free)).toMatchObject({
      ball: { backstroke_m: null, target_m: null },
    });
  });

  test('what a drill needs comes first, in its order, and is said in words', () => {
    const empty = emptyEntry(null);
    expect(finished(empty, GATE, free)).toEqual({ missing: 'Make the call first: short, on target or past.' });
    const called = entered(empty, { type: 'called', call: 'long' });
    expect(finished(called, GATE, free)).toEqual({ missing: 'Enter the start first: left, through or right.' });
    const seen = entered(called, { type: 'seen', name: 'gate', answer: 'through' });
    expect(finished(seen, GATE, free)).toMatchObject({
      ball: { run_id: 'R', backstroke_m: null, seen: { call: 'long', gate: 'through' } },
    });
  });

  test('a backstroke that cannot be is no backstroke: nothing is logged past it', () => {
    const wrong = entered(emptyEntry(0.2), { type: 'wrong backstroke', sentence: 'Too short.' });
    expect(finished(wrong, FREE, free)).toEqual({ missing: 'Too short.' });
    expect(finished(wrong, { ...FREE, asksBackstroke: false }, free)).toHaveProperty('ball');
    const mended = entered(wrong, { type: 'backstroke', metres: 0.25, at: '' });
    expect(finished(mended, FREE, free)).toMatchObject({ ball: { backstroke_m: 0.25 } });
  });

  test('a chosen backstroke holds within one station, purpose and student', () => {
    const at = placeOf(FREE, 'anna');
    const chosen = entered(emptyEntry(null), { type: 'backstroke', metres: 0.25, at });
    expect(entryAt(chosen, at).backstroke).toBe(0.25);
    for (const elsewhere of [
      placeOf({ ...FREE, target_m: 9 }, 'anna'),
      placeOf({ ...FREE, grade_percent: 2 }, 'anna'),
      placeOf({ ...FREE, isMeasuringStroke: true }, 'anna'),
      placeOf({ ...FREE, runId: 'R' }, 'anna'),
      placeOf(FREE, 'ben'),
    ]) {
      expect(entryAt(chosen, elsewhere)).toMatchObject({ backstroke: null, isBackstrokeSaid: false });
    }
    expect(entryAt(entered(chosen, { type: 'logged', before: [] }), at).backstroke).toBe(0.25);
  });

  test('a ball rolled to measure the backstroke says so', () => {
    expect(finished(emptyEntry(0.2), { ...FREE, isMeasuringStroke: true }, free)).toMatchObject({
      ball: { seen: { purpose: 'backstroke' } },
    });
    expect(finished(emptyEntry(0.2), FREE, free)).not.toMatchObject({
      ball: { seen: { purpose: 'backstroke' } },
    });
  });

  test('of a ball that struck nothing no more is asked; a holed one needs no level', () => {
    const ball = {
      ...GATE,
      needs: ['hit', 'gap_m'],
      kinds: { ...FREE.kinds, first: [kind('hit'), kind('gap_m')] },
    };
    const missed = entered(emptyEntry(null), { type: 'seen', name: 'hit', answer: false });
    expect(finished(missed, ball, free)).toHaveProperty('ball');
    const struck = entered(emptyEntry(null), { type: 'seen', name: 'hit', answer: true });
    expect(finished(struck, ball, free)).toHaveProperty('missing');
    const tier = { ...GATE, needs: ['level'], kinds: { ...FREE.kinds, first: [kind('level')] } };
    expect(finished(emptyEntry(null), tier, { roll_m: null, stop: 'holed' })).toHaveProperty('ball');
  });

  test('the last answer is the whole ball only where no length is asked', () => {
    const answered = entered(emptyEntry(null), { type: 'seen', name: 'gate', answer: 'left' });
    expect(isWhole(answered, GATE)).toBe(false);
    expect(isWhole(answered, { ...GATE, asksLength: false })).toBe(true);
    expect(isWhole(emptyEntry(null), { ...GATE, asksLength: false })).toBe(false);
  });

  test('the next ball begins empty, but for the backstroke and where the eyes are set', () => {
    let state = emptyEntry(0.3);
    state = entered(state, { type: 'called', call: 'on' });
    state = entered(state, { type: 'seen', name: 'eye_offset_m', answer: 0.02 });
    state = entered(state, { type: 'seen', name: 'aim_offset_m', answer: 0.05 });
    state = entered(state, { type: 'stop', stop: 'rod' });
    state = entered(state, { type: 'rehearsals', count: 3 });
    const next = entered(state, { type: 'logged', before: [kind('eye_offset_m'), kind('aim_offset_m')] });
    expect(next).toEqual({ ...emptyEntry(0.3), seen: { eye_offset_m: 0.02 } });
  });

  test('what was missed is no longer said once something is', () => {
    const missed = entered(emptyEntry(null), { type: 'missed', missing: 'Call it first.' });
    expect(entered(missed, { type: 'called', call: 'on' }).missing).toBeNull();
  });
});

test('backstrokes in use come first, half inches too, each once, shortest first', () => {
  const inch = 0.0254;
  const putts = [8, 10.5, 10.5, 12].map((inches) => ({ backstroke_m: inches * inch }));
  const usual = [6, 8, 10, 12, 14].map((inches) => inches * inch);
  expect(recentBackstrokes(putts, usual, 5).map((metres) => Math.round((metres / inch) * 2) / 2)).toEqual([
    6, 8, 10, 10.5, 12,
  ]);
  expect(recentBackstrokes([], usual, 5)).toEqual(usual);
  expect(recentBackstrokes([{ backstroke_m: null }], [], 5)).toEqual([]);
});

describe('what a device measured of a ball', () => {
  const read = { figures: { backstroke_m: 0.214, face_deg: 0.6 }, source: 'simulated' };
  const ball = {
    backstroke_m: 0.25,
    roll_m: 3,
    stop: 'free' as const,
    target_m: 3,
    grade_percent: 0,
    seen: {},
  };

  test('fills the backstroke that only stayed at the last ball’s, and says where it came from', () => {
    expect(withMeasured(ball, emptyEntry(0.25), FREE, read)).toMatchObject({
      backstroke_m: 0.214,
      seen: { face_deg: 0.6, measured_by: 'simulated', backstroke_by: 'simulated' },
    });
    expect(withMeasured(ball, emptyEntry(0.25), FREE, null)).toBe(ball);
  });

  test('overwrites nothing the coach said: of this ball, by the drill, or seen', () => {
    const said = entered(emptyEntry(null), { type: 'backstroke', metres: 0.25, at: '' });
    const kept = withMeasured({ ...ball, seen: { face_deg: -1 } }, said, FREE, read);
    expect(kept.backstroke_m).toBe(0.25);
    expect(kept.seen).toEqual({ face_deg: -1, measured_by: 'simulated' });
    const called = withMeasured(ball, emptyEntry(null), { ...FREE, calledBackstroke: 0.25 }, read);
    expect([called.backstroke_m, called.seen?.backstroke_by]).toEqual([0.25, undefined]);
    // Said of one ball is not said of the next.
    const next = entered(said, { type: 'logged', before: [] });
    expect(withMeasured(ball, next, FREE, read).backstroke_m).toBe(0.214);
  });
});
