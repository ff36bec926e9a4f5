import { afterEach, expect, test, vi } from 'vitest';
import { ApiError, OfflineError } from './api';
import { Cancelled, download, type Progress, requestInSteps } from './progress';

afterEach(() => vi.unstubAllGlobals());

/** An answer that comes in these pieces. */
function answering(pieces: readonly string[], headers: Record<string, string> = {}, status = 200) {
  const bytes = new TextEncoder();
  vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=abc' });
  const fetch = vi.fn(
    async () =>
      new Response(
        new ReadableStream({
          start(out) {
            for (const piece of pieces) {
              out.enqueue(bytes.encode(piece));
            }
            out.close();
          },
        }),
        { status, headers },
      ),
  );
  vi.stubGlobal('fetch', fetch);
  return fetch;
}

function watching() {
  const told: Progress[] = [];
  const abort = new AbortController();
  return { told, abort, watch: { onProgress: (at: Progress) => void told.push(at), signal: abort.signal } };
}

test('steps are told as they come, wherever the pieces are cut, and the result is the answer', async () => {
  const fetch = answering([
    '{"phase":"reading","done":1,"of":2}\n{"pha',
    'se":"checking","done":2,"of":2}\n{"result":[7]}',
    '\n',
  ]);
  const { told, watch } = watching();
  expect(await requestInSteps('records', { a: 1 }, watch)).toEqual([7]);
  expect(told.map(({ phase, done }) => [phase, done])).toEqual([
    ['reading', 1],
    ['checking', 2],
  ]);
  expect(fetch.mock.calls[0]).toMatchObject([
    '/api/records',
    { method: 'POST', headers: { Accept: 'application/x-ndjson', 'X-XSRF-TOKEN': 'abc' } },
  ]);
});

test('what is refused on the way names its field; an answer that breaks off is none', async () => {
  answering(['{"phase":"reading","done":1,"of":2}\n{"message":"No.","errors":{"tables.greens":["Twice."]}}\n']);
  const refused = await requestInSteps('records', {}, watching().watch).catch((error: unknown) => error);
  expect(refused).toBeInstanceOf(ApiError);
  expect((refused as ApiError).fields).toEqual({ 'tables.greens': 'Twice.' });
  answering(['{"phase":"reading","done":1,"of":2}\n']);
  await expect(requestInSteps('records', {}, watching().watch)).rejects.toBeInstanceOf(OfflineError);
  answering(['{"message":"No."}'], {}, 403);
  await expect(requestInSteps('records', {}, watching().watch)).rejects.toMatchObject({
    status: 403,
    message: 'No.',
  });
});

test('cancelled, it says so', async () => {
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal(
    'fetch',
    (_: string, { signal }: RequestInit) =>
      new Promise((_settle, fail) => signal?.addEventListener('abort', () => fail(signal.reason))),
  );
  const { abort, watch } = watching();
  const asked = requestInSteps('records', {}, watch);
  abort.abort();
  await expect(asked).rejects.toBeInstanceOf(Cancelled);
});

test('a file is fetched with how much of it is there', async () => {
  answering(['abc', 'de'], { 'X-Amble-Bytes': '5' });
  const { told, watch } = watching();
  expect(await (await download('records', watch)).text()).toBe('abcde');
  expect(told).toEqual([
    { phase: 'preparing', done: 0, of: null },
    { phase: 'fetching', done: 3, of: 5 },
    { phase: 'fetching', done: 5, of: 5 },
  ]);
});
