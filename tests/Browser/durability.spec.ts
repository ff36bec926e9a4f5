import type { ChildProcess } from 'node:child_process';
import { expect, request, test } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from './server.mjs';

const PORT = 8475;

let server: ChildProcess;

test.afterEach(() => kill(server));

test('an answer that did not change is told so with nothing after it, and a new one comes compressed', async () => {
  server = serve(PORT, freshDatabase(), 'shipped');
  await answering(PORT);
  // Reads strictly: bytes after an answer without a body are refused.
  const api = await request.newContext({ baseURL: `http://127.0.0.1:${PORT}` });
  await api.get('/api/me');
  const cookie = (await api.storageState()).cookies.find(({ name }) => name === 'XSRF-TOKEN');
  await api.post('/api/demo', { headers: { 'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? '') } });
  const first = await api.get('/api/observation-types');
  expect([first.status(), first.headers()['content-encoding']]).toEqual([200, 'gzip']);
  expect((await first.json()).length).toBeGreaterThan(0);
  const again = await api.get('/api/observation-types', { headers: { 'If-None-Match': first.headers().etag ?? '' } });
  expect([again.status(), (await again.body()).length]).toEqual([304, 0]);
  // What a browser is told to keep to, it is told by the built files as well.
  for (const path of ['/api/me', '/manifest.webmanifest', '/']) {
    const headers = (await api.get(path)).headers();
    expect(headers['permissions-policy'], path).toContain('camera=()');
    expect(headers['cross-origin-opener-policy'], path).toBe('same-origin');
    expect(headers['content-security-policy'], path).toContain("default-src 'self'");
    expect(headers['x-powered-by'], path).toBeUndefined();
  }
  expect((await api.get('/api/me', { headers: { Host: 'elsewhere.example' } })).status()).toBe(400);
  await api.dispose();
});

test('what was acknowledged survives the server being killed', async () => {
  const database = freshDatabase();
  server = serve(PORT, database, 'shipped');
  await answering(PORT);
  const api = await request.newContext({
    baseURL: `http://127.0.0.1:${PORT}`,
    extraHTTPHeaders: { Accept: 'application/json' },
  });
  const call = async (method: string, path: string, data?: object) => {
    const cookie = (await api.storageState()).cookies.find(({ name }) => name === 'XSRF-TOKEN');
    const headers = { 'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? '') };
    return api.fetch(`/api/${path}`, { method, headers, ...(data === undefined ? {} : { data }) });
  };
  await call('GET', 'me');
  await call('POST', 'demo');
  const today = await (await call('GET', 'today')).json();
  const id = (prefix: number) => `01M4ZZZZZZZZZZZZZZZZZZ${String(prefix).padStart(4, '0')}`;
  await call('POST', 'sessions', {
    id: id(1),
    student_id: today.students[0].id,
    green_id: today.greens[0].id,
  });
  const reading = await (
    await call('PUT', `sessions/${id(1)}/green-speed`, {
      id: id(2),
      method: 'ramp',
      direction_1_m: [3],
      direction_2_m: [3.1],
    })
  ).json();

  const acknowledged: string[] = [];
  const sent: string[] = [];
  for (let ball = 10; ball < 500; ++ball) {
    sent.push(id(ball));
    const event = {
      id: id(ball),
      type: 'putt_logged',
      at_ms: 1_700_000_000_000 + ball,
      backstroke_m: 0.2,
      roll_m: 3,
      stop: 'free',
    };
    const answer = await call('POST', `sessions/${id(1)}/events`, { events: [event] }).catch(() => null);
    if (answer === null) {
      break;
    }
    expect(answer.status()).toBe(200);
    acknowledged.push(id(ball));
    if (acknowledged.length === 20) {
      // Counted, not timed, so that a slow machine tests the same: it dies with a ball in the air.
      setTimeout(() => kill(server), 5);
    }
  }
  expect(acknowledged.length).toBeGreaterThanOrEqual(20);
  expect(sent.length).toBe(acknowledged.length + 1);

  await kill(server);
  server = serve(PORT, database, 'shipped');
  await answering(PORT);
  // The ball in the air when it died is sent again, as the outbox would.
  const last = {
    id: sent.at(-1),
    type: 'putt_logged',
    at_ms: 1_700_000_009_000,
    backstroke_m: 0.2,
    roll_m: 3,
    stop: 'free',
  };
  await call('POST', `sessions/${id(1)}/events`, { events: [last] });
  const session = await (await call('GET', `sessions/${id(1)}`)).json();
  expect(session.putts.map((putt: { id: string }) => putt.id).sort()).toEqual([...sent].sort());
  expect(session.reading.speed_m).toBe(reading.speed_m);
});
