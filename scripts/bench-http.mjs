/** Prints how fast the server takes a ball with the demo data on it: median and worst of 200. */

import { request } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';

const PORT = 8477;
const BALLS = 200;

const server = serve(PORT, freshDatabase());
try {
  await answering(PORT);
  const api = await request.newContext({ baseURL: `http://127.0.0.1:${PORT}`, extraHTTPHeaders: { Accept: 'application/json' } });
  const send = async (path, data) => {
    const cookie = (await api.storageState()).cookies.find(({ name }) => name === 'XSRF-TOKEN');
    return api.post(`/api/${path}`, { data, headers: { 'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? '') } });
  };
  await api.get('/api/me');
  await send('demo', {});
  const bench = await (await api.get('/api/bench')).json();
  const open = bench.sessions.find((session) => session.ended_at === null);
  const times = [];
  for (let ball = 0; ball < BALLS; ++ball) {
    const id = `01M4ZZZZZZZZZZZZZZZZZZ${String(ball + 1000).padStart(4, '0')}`;
    const event = { id, type: 'putt_logged', at_ms: Date.now(), backstroke_m: 0.2, roll_m: 3, stop: 'free' };
    const from = performance.now();
    const answer = await send(`sessions/${open.id}/events`, { events: [event] });
    times.push(performance.now() - from);
    if (!answer.ok()) {
      throw new Error(`The server refused a ball: ${await answer.text()}`);
    }
  }
  times.sort((a, b) => a - b);
  console.log(
    `Posting a ball over HTTP, ${BALLS} in a row`.padEnd(52),
    `median ${times[BALLS / 2].toFixed(1).padStart(7)} ms   worst ${times.at(-1).toFixed(1).padStart(7)} ms   bound    50 ms (median)`,
  );
} finally {
  kill(server);
}
