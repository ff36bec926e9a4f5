import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { expect, test, vi } from 'vitest';
import { QueryPersistence } from './queryPersistence';

const HOUR = 3_600_000;

async function kept(name: string, now: number): Promise<void> {
  const client = new QueryClient();
  client.setQueryData(['session', 'S'], { id: 'S', putts: [{ id: 'A' }] });
  await new QueryPersistence(client, name).keep(now);
}

test('a later visit opens with what an earlier one was told', async () => {
  await kept('shelf-1', 0);
  const client = new QueryClient();
  await new QueryPersistence(client, 'shelf-1').restore(HOUR);
  expect(client.getQueryData(['session', 'S'])).toEqual({ id: 'S', putts: [{ id: 'A' }] });
  // Else a screen would take it for fresh, and not ask.
  expect(client.getQueryState(['session', 'S'])?.isInvalidated).toBe(true);
});

test('what is weeks old is not shown as if it were true', async () => {
  await kept('shelf-2', 0);
  const client = new QueryClient();
  await new QueryPersistence(client, 'shelf-2').restore(15 * 24 * HOUR);
  expect(client.getQueryData(['session', 'S'])).toBeUndefined();
});

test('once signed out nothing of before is kept', async () => {
  const client = new QueryClient();
  client.setQueryData(['session', 'S'], { id: 'S' });
  const shelf = new QueryPersistence(client, 'shelf-3');
  await shelf.keep(0);
  client.removeQueries();
  await shelf.keep(1);
  const next = new QueryClient();
  await new QueryPersistence(next, 'shelf-3').restore(HOUR);
  expect(next.getQueryCache().getAll()).toEqual([]);
});

test('answers of a moment, one for every key typed, are not kept', async () => {
  const client = new QueryClient();
  client.setQueryData(['drill-check', {}], true);
  client.setQueryData(['today'], {});
  await new QueryPersistence(client, 'shelf-4').keep(0);
  const next = new QueryClient();
  await new QueryPersistence(next, 'shelf-4').restore(HOUR);
  expect(
    next
      .getQueryCache()
      .getAll()
      .map(({ queryKey }) => queryKey[0]),
  ).toEqual(['today']);
});

test('answers that keep coming, as they fail without a network, do not put off the keeping', async () => {
  vi.stubGlobal('window', new EventTarget());
  const client = new QueryClient();
  const end = new QueryPersistence(client, 'shelf-5').follow();
  client.setQueryData(['today'], {});
  for (let moment = 0; moment < 12; moment += 1) {
    client.setQueryData(['failing'], moment);
    await new Promise((done) => setTimeout(done, 100));
  }
  const next = new QueryClient();
  await new QueryPersistence(next, 'shelf-5').restore(Date.now());
  end();
  vi.unstubAllGlobals();
  expect(next.getQueryData(['today'])).toEqual({});
});
