/**
 * Prints how fast the server answers on a workspace of a size, over HTTP, each also as a multiple of an empty
 * request in the same run.
 *
 *   node scripts/bench-http.mjs DATABASE EVENTS
 */

import { chromium, request } from '@playwright/test';
import { answering, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8477;
const [, , database, events] = process.argv;

const server = serve(PORT, database, 'shipped');
const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];
let empty = Number.NaN;

function print(what, times, bound) {
  const middle = median(times);
  const worst = Math.max(...times);
  console.log(
    `${what.padEnd(44)} median ${middle.toFixed(1).padStart(7)} ms   worst ${worst.toFixed(1).padStart(7)} ms   ${(middle / empty).toFixed(1).padStart(5)} × empty   bound ${bound === null ? '  –' : String(bound).padStart(3)} ms`,
  );
}

/** From the move to a student's page, within the open app, to its charts on screen. */
async function drawing(api, student) {
  const browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ baseURL: `http://127.0.0.1:${PORT}`, storageState: await api.storageState(), serviceWorkers: 'block' });
  const took = [];
  for (let i = -1; i < 5; ++i) {
    await page.goto('/students');
    await page.getByRole('heading', { name: 'Students' }).waitFor();
    const from = performance.now();
    await page.evaluate((path) => {
      history.pushState({}, '', path);
      dispatchEvent(new PopStateEvent('popstate'));
    }, `/students/${student}`);
    await page.locator('main svg[role="img"]').first().waitFor();
    if (i >= 0) {
      took.push(performance.now() - from);
    }
  }
  print('Student page: first drawing, with its data', took, 1000);
  await browser.close();
}

try {
  await answering(PORT);
  const api = await request.newContext({
    baseURL: `http://127.0.0.1:${PORT}`,
    extraHTTPHeaders: { Accept: 'application/json' },
  });
  const send = async (path, data) => {
    const cookie = (await api.storageState()).cookies.find(({ name }) => name === 'XSRF-TOKEN');
    return api.post(`/api/${path}`, {
      data,
      headers: { 'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? '') },
    });
  };
  const timed = async (times, act) => {
    const took = [];
    for (let i = -3; i < times; ++i) {
      const from = performance.now();
      const answer = await act(i);
      const ms = performance.now() - from;
      if (!answer.ok()) {
        throw new Error(`The server refused: ${await answer.text()}`);
      }
      // The first few warm the server's workers.
      if (i >= 0) {
        took.push(ms);
      }
    }
    return took;
  };
  const id = (i, kind) => `01M4ZZZZZZZZZZZZZZZZ${kind}${String(i + 10_000).padStart(5, '0')}`;
  await api.get('/api/me');
  await send('demo', {});
  const today = await (await api.get('/api/today')).json();
  const open = today.sessions.find((session) => session.ended_at === null);
  const { library } = await (await api.get('/api/drills')).json();
  const { drill } = library.find((card) => card.drill.key === 'lip-and-rod');
  console.log(`${events} events on the bench:`);
  const none = await timed(60, () => api.get('/api/me'));
  empty = median(none);
  print('An empty request (who is signed in)', none, null);
  print('Session page', await timed(40, () => api.get(`/api/sessions/${open.id}`)), 50);
  print('Stroke report', await timed(20, () => api.get(`/api/sessions/${open.id}/stroke`)), 300);
  const one = `students/${open.student_id}`;
  // Anew after each ball, and as kept while nothing new was rolled.
  for (const [at, [what, path]] of [
    ['Session: every question', `sessions/${open.id}/review`],
    ['Student: every question, all balls', `${one}/review`],
    ['Student over time', `${one}/trend`],
  ].entries()) {
    const anew = [];
    for (let i = 0; i < 8; ++i) {
      await send(`sessions/${open.id}/events`, {
        events: [{ id: id(i + 100 * at, 'D'), type: 'putt_logged', version: 2, at_ms: Date.now(), roll_m: 3 + i / 100, stop: 'free', target_m: 3, seen: {} }],
      });
      const from = performance.now();
      await api.get(`/api/${path}`);
      anew.push(performance.now() - from);
    }
    print(`${what}, after a ball`, anew, 300);
    print(`${what}, nothing new`, await timed(20, () => api.get(`/api/${path}`)), 300);
  }
  print('Side by side with another', await timed(10, () => api.get(`/api/${one}/comparison?with[]=${today.students.find(({ id }) => id !== open.student_id).id}`)), null);
  await drawing(api, open.student_id);
  print('If the green speed were another speed', await timed(40, (i) => api.get(`/api/sessions/${open.id}/stroke/what-if?speed_m=${3 + i / 100}`)), null);
  print('Starting a drill', await timed(30, (i) => send(`sessions/${open.id}/runs`, { id: id(i, 'R'), drill })), 50);
  print(
    'Posting a ball',
    await timed(100, (i) =>
      send(`sessions/${open.id}/events`, {
        events: [{ id: id(i, 'B'), type: 'putt_logged', version: 2, at_ms: Date.now(), backstroke_m: 0.2, roll_m: 3, stop: 'free', target_m: 3, seen: {} }],
      }),
    ),
    30,
  );
  // A week on a calendar of 500 daily series that began years ago.
  const series = (i) => {
    const start = `20170105T${String(6 + (i % 14)).padStart(2, '0')}${String((i * 7) % 60).padStart(2, '0')}00`;
    return `BEGIN:VEVENT\r\nUID:series-${i}\r\nSUMMARY:Series ${i}\r\nDTSTART:${start}\r\nDURATION:PT30M\r\nRRULE:FREQ=DAILY\r\nEND:VEVENT\r\n`;
  };
  const calendar = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\n${Array.from({ length: 500 }, (_, i) => series(i)).join('')}END:VCALENDAR\r\n`;
  const booked = await send('calendar', { text: calendar, zone: 'UTC' });
  if (!booked.ok()) {
    throw new Error(await booked.text());
  }
  print('A week with 500 daily series since 2017', await timed(10, () => api.get('/api/calendar?from=2026-11-30&days=7&zone=UTC')), 300);
  // Drills: a list of 300, and a ball of a run, whose finding is told anew with each.
  const own = (i) => ({ ...library[i % library.length].drill, key: `bench-${i}`, name: `Bench drill ${i}` });
  for (let from = 0; from < 300 - library.length; from += 100) {
    const drills = Array.from({ length: Math.min(100, 300 - library.length - from) }, (_, i) => own(from + i));
    const taken = await send('drills/import', { format: 'amble-drills', version: 2, drills });
    if (!taken.ok()) {
      throw new Error(await taken.text());
    }
  }
  const listed = await (await api.get('/api/drills')).json();
  const lists = await timed(20, () => api.get('/api/drills'));
  print(`List of ${listed.own.length + listed.library.length} drills`, lists, 100);
  const run = id(0, 'T');
  await send(`sessions/${open.id}/runs`, { id: run, drill });
  const balls = await timed(60, (i) =>
    send(`sessions/${open.id}/runs/${run}/events`, {
      events: [{ id: id(i, 'C'), type: 'putt_logged', version: 2, at_ms: Date.now(), run_id: run, roll_m: 3.1, stop: 'free', target_m: 3, seen: {} }],
    }),
  );
  print('Posting a ball of a drill', balls, null);
} finally {
  await kill(server);
}
