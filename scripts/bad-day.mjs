/**
 * A bad day: the server killed under four writers, the database held by somebody else, the disk full. Prints what was
 * sent and kept; ends with 1 where a ball was lost or doubled, or a server that stood answered with 5xx.
 *
 *   node scripts/bad-day.mjs [BALLS]        10,000 unless said; the full disk as root alone, who may mount one
 */

import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { ball, Device, newId } from './device.mjs';

const ROOT = resolve(fileURLToPath(import.meta.url), '../..');
const PORT = 8492;
const SITE = `http://127.0.0.1:${PORT}`;
const BALLS = Number(process.argv[2] ?? 10_000);
const WRITERS = 4;
const SESSIONS = 4;
const BATCH = 5;
/** A server stands so long before it is killed, milliseconds. */
const STANDS = [1000, 6000];
const rest = (ms) => new Promise((wake) => setTimeout(wake, ms));
let isWell = true;

function holds(what, is) {
  isWell &&= is;
  console.log(`${is ? '·' : 'NOT HELD'} ${what}`);
}

/** @returns {Promise<import('node:child_process').ChildProcess>} a server that answers: a port may be held for a moment after a kill */
async function start(database) {
  for (let tries = 0; ; ++tries) {
    const server = serve(PORT, database, 'shipped');
    try {
      await answering(PORT);
      return server;
    } catch (late) {
      await kill(server);
      if (tries === 2) {
        throw late;
      }
    }
  }
}

/** A coach with so many devices, and sessions all of them write to. */
async function begin() {
  const first = new Device(SITE, 0);
  await first.signUp('Hedda Quillmark');
  const sessions = [];
  for (let n = 0; n < SESSIONS; ++n) {
    const id = newId();
    await first.fetch('POST', 'sessions', { id, student_id: null, green_id: null });
    sessions.push(id);
  }
  return { sessions, devices: Array.from({ length: WRITERS }, (_, n) => first.alike(n + 1)) };
}

/** One device's part: sent again under the same ids until they are taken, as a phone does. @returns {Promise<string[]>} the ids */
async function write(device, sessions, count, told) {
  const ids = [];
  for (let sent = 0; sent < count; sent += BATCH) {
    const events = Array.from({ length: BATCH }, ball);
    const session = sessions[(sent / BATCH) % sessions.length];
    for (;;) {
      const { status } = await device.fetch('POST', `sessions/${session}/events`, { events });
      told[status] = (told[status] ?? 0) + 1;
      if (status === 200) {
        break;
      }
      await rest(60);
    }
    ids.push(...events.map(({ id }) => id));
  }
  return ids;
}

async function keptIds(device, sessions) {
  const kept = [];
  for (const session of sessions) {
    kept.push(...(await device.fetch('GET', `sessions/${session}`)).body.putts.map(({ id }) => id));
  }
  return kept;
}

function compare(what, sent, kept, told) {
  const once = new Set(kept);
  const lost = sent.filter((id) => !once.has(id)).length;
  const doubled = kept.length - once.size;
  const failed = Object.entries(told).filter(([status]) => Number(status) >= 500).reduce((sum, [, count]) => sum + count, 0);
  holds(`${what}: ${sent.length} balls taken, ${lost} lost, ${doubled} doubled, ${failed} answered with 5xx; answers ${JSON.stringify(told)}`, lost === 0 && doubled === 0 && failed === 0);
}

async function killed() {
  const database = freshDatabase();
  let server = await start(database);
  const { sessions, devices } = await begin();
  const told = {};
  let isWriting = true;
  let kills = 0;
  const killing = (async () => {
    while (isWriting) {
      await rest(STANDS[0] + Math.random() * (STANDS[1] - STANDS[0]));
      if (!isWriting) {
        return;
      }
      await kill(server);
      kills += 1;
      server = await start(database);
    }
  })();
  const sent = (await Promise.all(devices.map((device) => write(device, sessions, BALLS / WRITERS, told)))).flat();
  isWriting = false;
  await killing;
  const kept = await keptIds(devices[0], sessions);
  compare(`Killed ${kills} times (kill -9) under ${WRITERS} writers in ${SESSIONS} sessions`, sent, kept, told);
  await kill(server);
  execFileSync('php', ['artisan', 'amble:rebuild', '--quiet'], { cwd: ROOT, env: { ...process.env, DB_DATABASE: database } });
  server = await start(database);
  holds('Rebuilt from the log, the same balls', JSON.stringify(await keptIds(devices[0], sessions)) === JSON.stringify(kept));
  await kill(server);
}

/** Somebody else's transaction: a copy being taken, a hand at the database. */
async function locked() {
  const database = freshDatabase();
  const server = await start(database);
  const { sessions, devices } = await begin();
  const told = {};
  const began = performance.now();
  const holding = spawn('php', ['-r', "$d = new PDO('sqlite:' . $argv[1]); $d->exec('BEGIN IMMEDIATE'); sleep(3); $d->exec('COMMIT');", database]);
  await rest(300);
  const sent = (await Promise.all(devices.map((device) => write(device, sessions, 4 * BATCH, told)))).flat();
  compare(`Database held for 3 s under ${WRITERS} writers, waited out in ${((performance.now() - began) / 1000).toFixed(1)} s`, sent, await keptIds(devices[0], sessions), told);
  holding.kill();
  await kill(server);
}

/** A disk of 24 MB, filled to the last byte while a coach logs, then given room again. */
async function full() {
  const folder = mkdtempSync(join(tmpdir(), 'amble-disk-'));
  execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', folder]);
  let server;
  try {
    const database = join(folder, 'amble.sqlite');
    copyFileSync(freshDatabase(), database);
    server = await start(database);
    const { sessions, devices } = await begin();
    const device = devices[0];
    const before = await write(device, sessions, 20, {});
    fill(join(folder, 'filler'));
    const refused = {};
    const waiting = [];
    for (let n = 0; n < 40; ++n) {
      const events = [ball()];
      const { status } = await device.fetch('POST', `sessions/${sessions[0]}/events`, { events });
      refused[status] = (refused[status] ?? 0) + 1;
      (status === 200 ? before : waiting).push(...events.map((event) => (status === 200 ? event.id : event)));
    }
    const readable = (await device.fetch('GET', `sessions/${sessions[1]}`)).status;
    rmSync(join(folder, 'filler'));
    const again = waiting.length === 0 ? 200 : (await device.fetch('POST', `sessions/${sessions[0]}/events`, { events: waiting })).status;
    const kept = await keptIds(device, sessions);
    const sent = [...before, ...waiting.map(({ id }) => id)];
    const lost = sent.filter((id) => !kept.includes(id)).length;
    holds(
      `Disk full: answers ${JSON.stringify(refused)}, a session could be read meanwhile (${readable}); with room again ${waiting.length} sent anew (${again}), ${lost} of ${sent.length} lost, ${kept.length - new Set(kept).size} doubled`,
      waiting.length > 0 && lost === 0 && kept.length === new Set(kept).size && again === 200,
    );
  } finally {
    if (server !== undefined) {
      await kill(server);
    }
    execFileSync('umount', ['-l', folder]);
  }
}

/** Writes until nothing more goes in. */
function fill(file) {
  for (const size of [1_000_000, 10_000, 500]) {
    try {
      for (;;) {
        writeFileSync(file, Buffer.alloc(size), { flag: 'a' });
      }
    } catch {
      // That was the last of it at this size.
    }
  }
}

await killed();
await locked();
if (process.getuid?.() === 0) {
  await full();
} else {
  console.log('· Disk full: not tried, a disk is mounted by root alone');
}
process.exit(isWell ? 0 : 1);
