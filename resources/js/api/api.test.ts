import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { ApiError, fieldError, OfflineError, request, requestAlone } from './api';

const calls: [string, RequestInit][] = [];

function answers(status: number, body: unknown): void {
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    calls.push([url, init]);
    return new Response(status === 204 ? null : JSON.stringify(body), { status });
  });
}

beforeEach(() => {
  calls.length = 0;
  vi.stubGlobal('document', { cookie: 'other=1; XSRF-TOKEN=to%2Fken%3D; more=2' });
});

afterEach(() => vi.unstubAllGlobals());

describe('a request', () => {
  test('reads JSON, and sends no body or token with a question', async () => {
    answers(200, { a: 1 });
    expect(await request('GET', 'today')).toEqual({ a: 1 });
    const [url, init] = calls[0] ?? ['', {}];
    expect(url).toBe('/api/today');
    expect(init.body).toBeUndefined();
    expect(init.headers).not.toHaveProperty('X-XSRF-TOKEN');
    expect(init.credentials).toBe('same-origin');
  });

  test('takes an answer that was cut off on its way for none, and a refusal without words for one', async () => {
    vi.stubGlobal('fetch', async () => new Response('{"coach": {"na', { status: 200 }));
    await expect(request('GET', 'me')).rejects.toThrow(OfflineError);
    vi.stubGlobal('fetch', async () => new Response('<html>', { status: 500 }));
    await expect(request('GET', 'me')).rejects.toMatchObject({ status: 500 });
  });

  test('brings the token of the page with every change', async () => {
    answers(200, {});
    await request('POST', 'students', { name: 'Ada' });
    expect(calls[0]?.[1].headers).toMatchObject({
      'X-XSRF-TOKEN': 'to/ken=',
      'Content-Type': 'application/json',
    });
    expect(calls[0]?.[1].body).toBe('{"name":"Ada"}');
  });

  test('an answer without content is nothing', async () => {
    answers(204, null);
    expect(await request('POST', 'sign-out')).toBeUndefined();
  });

  test('no answer at all is being offline, and says what is kept', async () => {
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('Failed to fetch');
    });
    await expect(request('GET', 'me')).rejects.toThrow(OfflineError);
    await expect(request('GET', 'me')).rejects.toThrow(/saved on this device/);
  });

  test('a refusal has a sentence for each field', async () => {
    answers(422, {
      message: 'x',
      errors: { name: ['Enter the name.', 'second'], 'stations.0.length_m': ['Too long.'] },
    });
    const refused = await request('POST', 'students', {}).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(ApiError);
    expect(fieldError(refused, 'name')).toBe('Enter the name.');
    expect(fieldError(refused, 'stations.0.length_m')).toBe('Too long.');
    expect(fieldError(refused, 'other')).toBeNull();
    expect(fieldError(new Error('else'), 'name')).toBeNull();
  });

  test.each([
    [401, /signed out/],
    [404, /does not exist in your workspace/],
    [419, /open too long/],
    [429, /Wait a minute/],
    [500, /failed/],
  ])('a status of %d is said in words', async (status, words) => {
    answers(status, { message: 'Server Error' });
    await expect(request('GET', 'me')).rejects.toThrow(words);
  });

  test('an answer that is no JSON is still an answer in words', async () => {
    vi.stubGlobal('fetch', async () => new Response('<html>', { status: 502 }));
    await expect(request('GET', 'me')).rejects.toThrow('Something went wrong. Nothing was changed.');
  });
});

test('who is signed in changes with nothing else under way', async () => {
  const answers: Record<string, (response: Response) => void> = {};
  const sent: string[] = [];
  vi.stubGlobal('fetch', (url: string) => {
    sent.push(url);
    return new Promise<Response>((resolve) => {
      answers[url] = resolve;
    });
  });
  vi.stubGlobal('document', { cookie: '' });
  const soon = () => new Promise((wake) => setTimeout(wake, 120));
  const answer = (url: string, status = 200) => answers[url]?.(new Response('{}', { status }));

  const before = request('GET', 'today');
  const door = requestAlone('POST', 'sign-in', {});
  const meanwhile = request('GET', 'drills');
  await soon();
  expect(sent).toEqual(['/api/today']);
  answer('/api/today');
  await before;
  await soon();
  expect(sent).toEqual(['/api/today', '/api/sign-in']);
  // A door that stays shut holds nobody up either.
  answer('/api/sign-in', 422);
  await expect(door).rejects.toThrow(ApiError);
  await soon();
  expect(sent).toEqual(['/api/today', '/api/sign-in', '/api/drills']);
  answer('/api/drills');
  await meanwhile;
});

test('a token that has run out is renewed, and the entry sent once more', async () => {
  const sent: string[] = [];
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
    sent.push(`${init.method} ${url}`);
    return new Response('{"id":"S"}', { status: sent.length === 1 ? 419 : 200 });
  });
  expect(await request('POST', 'sessions', {})).toEqual({ id: 'S' });
  expect(sent).toEqual(['POST /api/sessions', 'GET /api/me', 'POST /api/sessions']);
});
