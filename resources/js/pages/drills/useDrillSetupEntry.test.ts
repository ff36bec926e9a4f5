// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { LibraryDrill, Session } from '../../api/types';
import { useDrillSetupEntry } from './useDrillSetupEntry';

interface PasswordForm {
  drill: { key: string };
  stepped: unknown[];
  isSettled: boolean;
}

/** What the server says of the drill, and what it was told. */
const server = vi.hoisted(() => ({
  progression: null as unknown,
  kit: [] as unknown[],
  asked: [] as unknown[],
  started: [] as unknown[],
  noted: [] as Record<string, unknown>[],
  went: [] as string[],
}));

vi.mock('../../api/queries', () => ({
  useDrillSetup: (drill: object, _run: string, _session: string, stepped: unknown[], isSettled: boolean) => {
    server.asked.push({ drill, stepped, isSettled });
    return { data: { progression: server.progression, kit: server.kit } };
  },
  useStartRun: () => ({
    mutate: (start: unknown, { onSuccess }: { onSuccess: () => void }) => {
      server.started.push(start);
      onSuccess();
    },
  }),
}));
vi.mock('../../api/outbox', () => {
  let made = 0;
  return {
    newId: () => `id${++made}`,
    outbox: { add: (_session: string, event: Record<string, unknown>) => server.noted.push(event) },
  };
});
vi.mock('react-router', () => ({ useNavigate: () => (path: string) => server.went.push(path) }));

const card = (key: string, lengths = [3, 6]) =>
  ({ drill: { key, stations: lengths.map((length_m) => ({ length_m })) } }) as unknown as LibraryDrill;
const session = {
  id: 's1',
  group_members: [
    { student: 'ann', standing: 'here' },
    { student: 'ben', standing: 'gone' },
  ],
} as unknown as Session;

const setting = () => renderHook(() => useDrillSetupEntry(session, card('written'))).result;
const last = () => server.asked.at(-1) as PasswordForm;

beforeEach(() => Object.assign(server, { progression: null, kit: [], asked: [], started: [], noted: [], went: [] }));
afterEach(cleanup);

test('a drill nobody has earned a level of begins as it is written', () => {
  const { current } = setting();
  expect([current.card.drill.key, current.begins, current.next]).toEqual(['written', null, null]);
});

test('a group drill begins with everybody who is here; any other with nobody ticked', () => {
  const group_members = [
    { student: 'ann', standing: 'here' },
    { student: 'ben', standing: 'gone' },
    { student: 'cor', standing: 'on the green' },
    { student: 'dee', standing: 'here' },
  ] as unknown as Session['group_members'];
  const ticked = (group: boolean, present = group_members) => {
    const written = card('written');
    return renderHook(() =>
      useDrillSetupEntry({ ...session, group_members: present }, { ...written, drill: { ...written.drill, group } }),
    ).result.current.students;
  };
  expect(ticked(true)).toEqual(['ann', 'dee']);
  expect(ticked(true, group_members.slice(0, 3))).toEqual([]);
  expect(ticked(false)).toEqual([]);
});

test('it begins where it was left, says why, and waits with the sheet until that is known', () => {
  setting();
  expect(last().isSettled).toBe(false);
  cleanup();
  server.progression = { card: card('second'), why: 'Left at the second level.', level: 1, next: null };
  const { current } = setting();
  expect([current.card.drill.key, current.begins]).toEqual(['second', 'Left at the second level.']);
  expect(last()).toMatchObject({ drill: { key: 'second' }, isSettled: true });
});

test('a level that is due is offered, and taken by the coach alone', () => {
  server.progression = {
    card: card('second'),
    why: 'Left there.',
    level: 1,
    next: { card: card('third'), level: 2 },
  };
  const work = setting();
  expect([work.current.card.drill.key, work.current.isBack]).toEqual(['second', false]);
  act(() => work.current.takeNext());
  expect(work.current.card.drill.key).toBe('third');
  // What was taken is offered no more.
  expect(work.current.next).toBeNull();
  act(() => work.current.beginFirst());
  expect([work.current.card.drill.key, work.current.begins]).toEqual(['written', null]);
});

test('a step back says that it is one', () => {
  server.progression = { card: card('second'), why: 'w', level: 1, next: { card: card('first'), level: 0 } };
  expect(setting().current.isBack).toBe(true);
});

test('other lengths lie at the level that was chosen, and what was counted for the old ones is gone', () => {
  server.progression = { card: card('second'), why: 'w', level: 1, next: null };
  const work = setting();
  act(() => work.current.setCounted({ 0: '4,5', 1: 'many' }));
  expect(last().stepped).toEqual([4.5, null]);
  act(() => work.current.lay(card('second', [2, 4, 8])));
  expect([work.current.base.drill.key, work.current.card.drill.stations.length]).toEqual(['second', 3]);
  expect(work.current.counted).toEqual({});
  expect(last().stepped).toEqual([null, null, null]);
});

test('begun, it notes what was looked at, the kit that went out, and who came for it, and goes to the first ball', () => {
  server.kit = [
    { name: 'tees', pieces: 3 },
    { name: 'rod', pieces: 1 },
    { name: 'chalk', pieces: null },
  ];
  const work = setting();
  act(() => {
    work.current.setChecks(['all-clear']);
    work.current.setKitOut({ tees: 5 });
    work.current.setStudents(['ann', 'ben']);
  });
  act(() => work.current.begin());
  const [start] = server.started as [{ id: string; drill: object; students: string[] }];
  expect(start).toMatchObject({ sessionId: 's1', drill: { key: 'written' }, students: ['ann', 'ben'] });
  expect(server.noted.map(({ type, item, name, count, student }) => [type, item ?? student, name, count])).toEqual([
    // Who is here already is not said to come.
    ['company_noted', 'ben', undefined, undefined],
    ['set_out_counted', 'check', 'all-clear', 1],
    ['set_out_counted', 'kit_out', 'tees', 5],
    ['set_out_counted', 'kit_out', 'rod', 1],
  ]);
  expect(server.noted.filter(({ type }) => type === 'set_out_counted').every(({ run_id }) => run_id === start.id)).toBe(
    true,
  );
  expect(server.went).toEqual([`/sessions/s1/drill/${start.id}`]);
});
