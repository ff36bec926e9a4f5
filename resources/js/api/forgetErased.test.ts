// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { beforeEach, expect, test, vi } from 'vitest';
import { forgetErased, forgetPerson } from './forgetErased';
import { Outbox } from './outbox';

const GONE = '01M8SFQKK18A26J64VC6T7JXVS';
const OTHER = '01M8SFQKK18A26J64VC6T7JXVT';

beforeEach(() => localStorage.clear());

function filled() {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
  client.setQueryData(['me'], { coach: { id: 'c' }, erased: [GONE] });
  client.setQueryData(['look', GONE], { balls: [] });
  client.setQueryData(['session', 's'], { student: { id: GONE, name: 'Ana Lund' } });
  client.setQueryData(['look', OTHER], { balls: [1] });
  localStorage.setItem(`amble-round ${GONE}`, '{"holes":[]}');
  localStorage.setItem('amble-stand s', JSON.stringify({ student: GONE, roll: '3' }));
  localStorage.setItem('amble-stand t', JSON.stringify({ student: OTHER }));
  localStorage.setItem('amble-theme', 'evening');
  return client;
}

test('every answer, entry and note with an erased id goes, and nothing else', async () => {
  vi.stubGlobal('fetch', async () => {
    throw new TypeError('Failed to fetch');
  });
  const client = filled();
  const asked = vi.fn(async () => [{ id: OTHER }]);
  client.setQueryData(['today'], [{ id: GONE, name: 'Ana Lund' }]);
  const onScreen = new QueryObserver(client, { queryKey: ['today'], queryFn: asked });
  const leave = onScreen.subscribe(() => undefined);
  const outbox = new Outbox('amble-outbox-erased');
  await outbox.open();
  await outbox.add('s', {
    id: '1',
    at_ms: 1,
    type: 'company_noted',
    student: GONE,
    standing: 'here',
  } as never);
  await outbox.add('s', {
    id: '2',
    at_ms: 1,
    type: 'company_noted',
    student: OTHER,
    standing: 'here',
  } as never);
  await forgetErased(client, outbox, [GONE]);
  await vi.waitFor(() => expect(client.getQueryData(['today'])).toEqual([{ id: OTHER }]));
  leave();

  expect(
    client
      .getQueryCache()
      .getAll()
      .map(({ queryKey }) => queryKey.join(' '))
      .sort(),
  ).toEqual([`look ${OTHER}`, 'me', 'today']);
  expect(outbox.snapshot().map(({ event }) => event?.id)).toEqual(['2']);
  expect(Object.keys(localStorage).sort()).toEqual(['amble-erased', 'amble-stand t', 'amble-theme']);

  // Dealt with once; where the server tells it no more, it is not kept either.
  client.setQueryData(['look', GONE], { balls: [] });
  await forgetErased(client, outbox, [GONE]);
  expect(client.getQueryData(['look', GONE])).toBeDefined();
});

test('whoever signs out leaves the choices of the device alone', () => {
  filled();
  localStorage.setItem('amble-at-home link', '{"waiting":[1]}');
  localStorage.setItem('amble-erased', '["x"]');
  forgetPerson();
  expect(Object.keys(localStorage).sort()).toEqual(['amble-at-home link', 'amble-theme']);
});
