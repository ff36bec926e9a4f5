import { beforeEach, expect, test, vi } from 'vitest';
import { deleteOldResumeStates, remember, resumePath, resumeStateOf } from './resumeState';

/** Storage as a browser has it, its keys its own. */
function storage(): Storage {
  const kept: Record<string, string> = {};
  const api = {
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, value: string) => {
      kept[key] = value;
    },
    removeItem: (key: string) => {
      delete kept[key];
    },
  };
  return new Proxy(kept, {
    get: (target, key) => api[key as keyof typeof api] ?? target[String(key)],
  }) as unknown as Storage;
}

beforeEach(() => vi.stubGlobal('localStorage', storage()));

test('what changed is laid over what was remembered, a session for itself', () => {
  remember('A', { station: 'P1', backstroke: 0.2 });
  remember('A', { roll: '18' });
  remember('B', { path: '/sessions/B/drill/R' });
  expect(resumeStateOf('A')).toMatchObject({ station: 'P1', backstroke: 0.2, roll: '18' });
  expect(resumeStateOf('B').station).toBeUndefined();
  expect(resumePath('A')).toBe('/sessions/A/putt');
  expect(resumePath('B')).toBe('/sessions/B/drill/R');
});

test('stands of long ago are forgotten, others not', () => {
  remember('A', { roll: '18' });
  deleteOldResumeStates(Date.now() + 20 * 24 * 3_600_000);
  expect(resumeStateOf('A').roll).toBe('18');
  deleteOldResumeStates(Date.now() + 31 * 24 * 3_600_000);
  expect(resumeStateOf('A')).toEqual({});
});

test('a device that keeps nothing forgets and works on', () => {
  vi.stubGlobal('localStorage', {
    getItem: () => 'not JSON',
    setItem: () => {
      throw new DOMException('no room', 'QuotaExceededError');
    },
  });
  expect(() => remember('A', { roll: '18' })).not.toThrow();
  expect(resumeStateOf('A')).toEqual({});
});
