/**
 * Prints how fast the server answers on a workspace of a size, over HTTP, each also as a multiple of an empty
 * request in the same run.
 *
 *   node scripts/bench-http.mjs DATABASE EVENTS     prints figures beside what they aim at; nothing is judged
 */

import { chromium, request } from '@playwright/test';
import { answering, kill, serve } from '../tests/Browser/server.mjs';
import { CHROMIUM } from './chromium.mjs';

const PORT = 8477;
const [, , database, events] = process.argv;

const server = serve(PORT, database, 'shipped');
const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];
/** Empty requests answered since the last figure was printed: the machine is not as fast at every moment. */
let empties = [];

/** @param aim multiple of an empty request that the median should keep within; null for none */
function print(what, times, aim) {
  const empty = median(empties);
  empties = [];
  const middle = median(times);
  const worst = Math.max(...times);
  console.log(
    `${what.padEnd(44)} median ${middle.toFixed(1).padStart(7)} ms   worst ${worst.toFixed(1).padStart(7)} ms   ${(middle / empty).toFixed(1).padStart(5)} × empty   aim ${aim === null ? '  –' : aim.toFixed(1).padStart(3)}`,
  );
}

/** From the move to a student's page, within the open app, to its charts on screen. */
async function drawing(api, student, nothing) {
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
  await nothing();
  print('Student page: first drawing, with its data', took, null);
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
  /** How long an answer took; where the limit of requests is reached, the one after the wait. */
  const timedOnce = async (act) => {
    for (;;) {
      const from = performance.now();
      const answer = await act();
      const ms = performance.now() - from;
      if (answer.ok()) {
        return ms;
      }
      if (answer.status() !== 429) {
        throw new Error(`The server refused: ${await answer.text()}`);
      }
      await new Promise((wake) => setTimeout(wake, 1000 * Number(answer.headers()['retry-after'] ?? 5)));
    }
  };
  /** @param before what happens before each, untimed */
  const timed = async (times, act, before = async () => undefined) => {
    const took = [];
    // The first few warm the server's workers.
    for (let i = -3; i < times; ++i) {
      await before(i);
      const ms = await timedOnce(() => act(i));
      if (i >= 0) {
        took.push(ms);
        await nothing();
      }
    }
    return took;
  };
  const nothing = async () => {
    const from = performance.now();
    await api.get('/api/me');
    empties.push(performance.now() - from);
  };
  const id = (i, kind) => `01M4ZZZZZZZZZZZZZZZZ${kind}${String(i + 10_000).padStart(5, '0')}`;
  const putt = (i) =>
    new URLSearchParams({
      putt: JSON.stringify({
        length_m: 4 + i / 20,
        speed_m: 3.05,
        pace_m: 0.3,
        pace_point_m: null,
        grain: null,
        slope: { by: 'grades', along_percent: -1, across_percent: 2 },
        tier: null,
      }),
    });
  await api.get('/api/me');
  await send('demo', {});
  const today = await (await api.get('/api/today')).json();
  const open = today.sessions.find((session) => session.ended_at === null);
  const { library } = await (await api.get('/api/drills')).json();
  const { drill } = library.find((card) => card.drill.key === 'lip-and-rod');
  // As a device does it: with the version of the log it knows, so that it is told what changed alone.
  let { version } = await (await api.get(`/api/sessions/${open.id}`)).json();
  const log = async (path, event) => {
    const answer = await send(`sessions/${open.id}/${path}`, {
      version,
      events: [{ type: 'putt_logged', version: 2, at_ms: Date.now(), stop: 'free', target_m: 3, seen: {}, ...event }],
    });
    if (answer.ok()) {
      ({ version } = await answer.json());
    }
    return answer;
  };
  console.log(`${events} events in the workspace:`);
  print('An empty request (who is signed in)', await timed(60, () => api.get('/api/me')), null);
  print('Start page', await timed(40, () => api.get('/api/today')), 3);
  print('Session page', await timed(40, () => api.get(`/api/sessions/${open.id}`)), null);
  const one = `students/${open.student_id}`;
  // Anew after each ball, and as kept while nothing new was rolled.
  for (const [at, [what, path, aim]] of [
    ['Stroke report', `sessions/${open.id}/stroke`, 6],
    ['Session: every question', `sessions/${open.id}/review`, 3],
    ['Student: every question, all balls', `${one}/review`, 8],
    ['Student over time', `${one}/trend`, 8],
    ['Side by side with another', `${one}/comparison?with[]=${today.students.find(({ id }) => id !== open.student_id).id}`, 8],
  ].entries()) {
    const anew = await timed(
      12,
      () => api.get(`/api/${path}`),
      (i) => timedOnce(() => log('events', { id: id(i + 100 * at, 'D'), roll_m: 3 + i / 100, backstroke_m: 0.2 })),
    );
    print(`${what}, after a ball`, anew, aim);
    print(`${what}, nothing new`, await timed(20, () => api.get(`/api/${path}`)), null);
  }
  await drawing(api, open.student_id, nothing);
  print('If the green speed were another speed', await timed(40, (i) => api.get(`/api/sessions/${open.id}/stroke/what-if?speed_m=${3 + i / 100}`)), null);
  print('Reading: a read of a putt', await timed(40, (i) => api.get(`/api/putt-read?${putt(i)}`)), 3);
  print('Starting a drill', await timed(30, (i) => send(`sessions/${open.id}/runs`, { id: id(i, 'R'), drill })), 2);
  ({ version } = await (await api.get(`/api/sessions/${open.id}`)).json());
  print('Posting a ball', await timed(100, (i) => log('events', { id: id(i, 'B'), backstroke_m: 0.2, roll_m: 3 })), 1.5);
  print('A week of the calendar', await timed(20, () => api.get('/api/calendar?from=2026-11-30&days=7&zone=UTC')), 3);
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
  print('A week with 500 daily series since 2017', await timed(10, () => api.get('/api/calendar?from=2026-11-30&days=7&zone=UTC')), null);
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
  print(`List of ${listed.own.length + listed.library.length} drills`, lists, 5);
  const run = id(0, 'T');
  await send(`sessions/${open.id}/runs`, { id: run, drill });
  const balls = await timed(60, (i) => log(`runs/${run}/events`, { id: id(i, 'C'), run_id: run, roll_m: 3.1 }));
  print('Posting a ball of a drill', balls, 1.5);
} finally {
  await kill(server);
}
