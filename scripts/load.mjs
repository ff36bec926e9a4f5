/**
 * Prints how a server answers many coaches at once: 32 of them, each a ball every six seconds; the same while a file of
 * 30,000 balls is taken in; and without pauses. Nothing is judged.
 *
 *   node scripts/load.mjs [SITE]        of a server of its own with the demo workspace unless one is named
 */

import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { ball, Device, newId, records } from './device.mjs';

const PORT = 8498;
const COACHES = 32;
const PAUSE_MS = 6000;
const SECONDS = 60;
const WITHOUT_PAUSE_SECONDS = 20;
const IMPORTED = 30_000;
const rest = (ms) => new Promise((wake) => setTimeout(wake, ms));

const server = process.argv[2] === undefined ? serve(PORT, freshDatabase(), 'shipped') : null;
const site = process.argv[2] ?? `http://127.0.0.1:${PORT}`;

/** A coach with a session, on a device at an address of its own. */
async function coach(number) {
  const device = new Device(site, number);
  await device.signUp(`Coach ${number}`);
  const id = newId();
  await device.fetch('POST', 'sessions', { id, student_id: null, green_id: null });
  return { device, id, version: 0 };
}

/**
 * Logs balls for so long, each coach a ball and then a pause.
 *
 * @param isOver ends it before; asked after each ball
 * @returns how long each answer took, and what failed
 */
async function logged(coaches, seconds, pauseMs, isOver = () => false) {
  const took = [];
  const failed = {};
  const start = performance.now();
  const end = start + 1000 * seconds;
  await Promise.all(
    coaches.map(async (one, at) => {
      // They did not all begin at the same moment.
      await rest((pauseMs * at) / coaches.length);
      while (performance.now() < end && !isOver()) {
        const began = performance.now();
        const { status, body } = await one.device.fetch('POST', `sessions/${one.id}/events`, {
          version: one.version,
          events: [ball()],
        });
        took.push(performance.now() - began);
        if (status === 200) {
          one.version = body.version;
        } else {
          failed[status] = (failed[status] ?? 0) + 1;
        }
        await rest(Math.max(0, pauseMs - (performance.now() - began)));
      }
    }),
  );
  return { took: took.sort((a, b) => a - b), failed, seconds: (performance.now() - start) / 1000 };
}

function print(what, { took, failed, seconds }) {
  const at = (share) => `${took[Math.floor(share * (took.length - 1))].toFixed(0)} ms`;
  const errors = Object.keys(failed).length === 0 ? '0 errors' : `errors ${JSON.stringify(failed)}`;
  console.log(
    `${what.padEnd(52)} ${String(took.length).padStart(5)} balls, ${(took.length / seconds).toFixed(1).padStart(5)} a second, ${errors}, p50 ${at(0.5)}, p99 ${at(0.99)}, worst ${at(1)}`,
  );
}

try {
  if (server !== null) {
    await answering(PORT);
  }
  const first = await coach(0);
  print('One coach, a ball after another', await logged([first], 10, 0));
  const coaches = [first];
  for (let number = 1; number < COACHES; ++number) {
    coaches.push(await coach(number));
  }
  print(`${COACHES} coaches, each a ball every ${PAUSE_MS / 1000} s`, await logged(coaches, SECONDS, PAUSE_MS));
  const other = await coach(COACHES);
  const began = performance.now();
  let isTaken = false;
  const taken = other.device.fetch('POST', 'records', records(IMPORTED)).finally(() => {
    isTaken = true;
  });
  const meanwhile = await logged(coaches, SECONDS, PAUSE_MS, () => isTaken);
  const { status } = await taken;
  print(`The same while ${IMPORTED} balls are taken in`, meanwhile);
  console.log(`  taken in ${((performance.now() - began) / 1000).toFixed(0)} s, answered ${status}`);
  print(`${COACHES} coaches without pauses`, await logged(coaches, WITHOUT_PAUSE_SECONDS, 0));
} finally {
  if (server !== null) {
    await kill(server);
  }
}
