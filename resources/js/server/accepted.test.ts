import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, test, vi } from 'vitest';
import { follow } from './accepted';
import { keys } from './keys';
import type { SessionLog } from './types';

test('a first answer that was asked before the last balls does not stay on screen', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  let balls = 10;
  const answers: (() => void)[] = [];
  const report = new QueryObserver(client, {
    queryKey: [...keys.stroke('S'), null],
    queryFn: () => {
      const now = balls;
      return new Promise<number>((resolve) => answers.push(() => resolve(now)));
    },
  });
  const stop = report.subscribe(() => undefined);
  // The last two balls are taken while the first answer is on its way.
  balls = 12;
  follow(client, { kind: 'events', sessionId: 'S', log: { putts: [] } as unknown as SessionLog });
  await vi.waitFor(() => expect(answers).toHaveLength(2));
  for (const answer of answers) {
    answer();
  }
  await vi.waitFor(() => expect(report.getCurrentResult().data).toBe(12));
  stop();
});

test('somebody added here is on the bench before it is asked again', () => {
  const client = new QueryClient();
  client.setQueryData(keys.bench, { students: [{ id: 'ann' }], greens: [], sessions: [] });
  follow(client, {
    kind: 'write',
    sessionId: '',
    write: { id: 'W', method: 'POST', path: 'students', body: {}, what: '' },
    answer: { id: 'bea', name: 'Bea' },
  });
  expect(client.getQueryData(keys.bench)).toMatchObject({ students: [{ id: 'ann' }, { id: 'bea' }] });
});
