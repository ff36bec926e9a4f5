/**
 * A bad day: the server killed under four writers, a file of 30,000 balls taken in under four writers and killed in the
 * middle, the database held by somebody else, the disk full. Prints what was sent and kept; each line that is printed
 * is a condition, and one that does not hold ends it with 1.
 *
 *   node scripts/bad-day.mjs [BALLS]        10,000 unless said; the full disk as root alone, who may mount one
 */

import { execFileSync, spawn } from 'node:child_process';
import { copyFileSync, cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { answering, freshDatabase, kill, serve } from '../tests/Browser/server.mjs';
import { ball, Device, newId, records } from './device.mjs';

const ROOT = resolve(fileURLToPath(import.meta.url), '../..');
const PORT = await freePort();
const SITE = `http://127.0.0.1:${PORT}`;
const BALLS = Number(process.argv[2] ?? 10_000);
const WRITERS = 4;
const SESSIONS = 4;
const BATCH = 5;
/** A server stands so long before it is killed, milliseconds. */
const STANDS = [1000, 6000];
const rest = (ms) => new Promise((wake) => setTimeout(wake, ms));
let isWell = true;
const beganMs = performance.now();
/** It ends by itself, whatever hangs, milliseconds: so long for each ten thousand balls. */
const LONGEST_MS = 1_800_000 * Math.max(1, BALLS / 10_000);
setTimeout(() => {
  console.log(`NOT HELD It took longer than ${LONGEST_MS / 60_000} minutes, and was ended.`);
  process.exit(1);
}, LONGEST_MS).unref();

/** A port nobody listens on. */
function freePort() {
  return new Promise((settle) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => settle(port));
    });
  });
}

/** Where it is, on the line that is under way; nothing where the output is no terminal. */
function progress(what) {
  if (process.stdout.isTTY) {
    process.stdout.write(`\r\x1b[K${((performance.now() - beganMs) / 1000).toFixed(0)} s: ${what}`);
  }
}

function holds(what, is) {
  isWell &&= is;
  progress('');
  console.log(`${is ? '·' : 'NOT HELD'} ${what}`);
}

/** @returns {Promise<import('node:child_process').ChildProcess>} a server that answers: a port may be held for a moment after a kill */
async function start(database, env = {}) {
  for (let tries = 0; ; ++tries) {
    const server = serve(PORT, database, 'shipped', env);
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
    progress(`${ids.length} of ${count} balls by one of the writers`);
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
  // Busy is an answer: it says when to try again.
  const failed = Object.entries(told).filter(([status]) => Number(status) >= 500 && status !== '503').reduce((sum, [, count]) => sum + count, 0);
  holds(`${what}: ${sent.length} balls taken, ${lost} lost, ${doubled} doubled, ${failed} answered with another 5xx than 503; answers ${JSON.stringify(told)}`, lost === 0 && doubled === 0 && failed === 0);
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

/** Somebody else's transaction: a copy being taken, a hand at the database. Longer than a writer waits, it is answered with 503. */
async function locked(seconds) {
  const database = freshDatabase();
  const server = await start(database);
  const { sessions, devices } = await begin();
  const told = {};
  const began = performance.now();
  const holding = spawn('php', ['-r', "$d = new PDO('sqlite:' . $argv[1]); $d->exec('BEGIN IMMEDIATE'); sleep((int) $argv[2]); $d->exec('COMMIT');", database, String(seconds)]);
  await rest(300);
  const first = devices[0].fetch('POST', `sessions/${sessions[0]}/events`, { events: [ball()] });
  const sent = (await Promise.all(devices.slice(1).map((device) => write(device, sessions.slice(1), 4 * BATCH, told)))).flat();
  compare(`Database held for ${seconds} s under ${WRITERS - 1} writers, waited out in ${((performance.now() - began) / 1000).toFixed(1)} s`, sent, await keptIds(devices[1], sessions.slice(1)), told);
  const { status, headers } = await first;
  holds(
    `Asked while it was held for ${seconds} s: ${status}${status === 503 ? `, to try again in ${headers['retry-after']} s` : ''}`,
    status === 200 || (status === 503 && Number(headers['retry-after']) > 0),
  );
  holding.kill();
  await kill(server);
}

const IMPORTED = 30_000;

/** 30,000 balls come in while four coaches' devices log; killed in the middle nothing of it stays; its own export is taken back. */
async function imported() {
  const database = freshDatabase();
  let server = await start(database);
  const file = records(IMPORTED);
  const taker = new Device(SITE, 90);
  await taker.signUp('Wren Saltmarsh');
  const counts = () => JSON.parse(execFileSync('php', ['-r', `$d = new PDO('sqlite:' . $argv[1]); echo json_encode(array_map(fn($t) => (int) $d->query("select count(*) from $t")->fetchColumn(), ['practice_sessions', 'session_events', 'balls', 'students', 'imports', 'workspaces']));`, database], { encoding: 'utf8' }));
  const before = counts();

  const killedAt = taker.fetch('POST', 'records', file);
  while (counts()[1] < before[1] + 5000) {
    progress('an import is written, to be killed');
    await rest(50);
  }
  await kill(server);
  await killedAt;
  server = await start(database);
  const seen = (await taker.fetch('GET', 'sessions')).body.length;
  const waits = (await taker.fetch('POST', 'records', file)).status;
  holds(`Killed in the middle of an import: ${seen} of its sessions are seen, another at once is told to wait (${waits})`, seen === 0 && waits === 422);
  execFileSync('php', ['-r', "(new PDO('sqlite:' . $argv[1]))->exec(\"update imports set updated_at = '2025-01-01 00:00:00'\");", database]);
  execFileSync('php', ['artisan', 'amble:forget', '--quiet'], { cwd: ROOT, env: { ...process.env, DB_DATABASE: database } });
  const after = counts();
  holds(`Two minutes later nothing of it is left: rows ${JSON.stringify(after)}, before ${JSON.stringify(before)}`, JSON.stringify(after) === JSON.stringify(before));

  // Whoever asked closes the connection when a third is written.
  let last = null;
  const lines = await taker.inSteps('POST', 'records', file, (line) => {
    last = line;
    return line.phase !== 'writing' || line.done < IMPORTED / 3;
  });
  for (let tries = 0; tries < 60 && JSON.stringify(counts()) !== JSON.stringify(before); ++tries) {
    await rest(500);
  }
  holds(
    `Cancelled at ${last?.done} of ${last?.of}, after ${lines} lines of progress: rows ${JSON.stringify(counts())}, before ${JSON.stringify(before)}`,
    last?.phase === 'writing' && lines > 100 && JSON.stringify(counts()) === JSON.stringify(before),
  );

  const { sessions, devices } = await begin();
  const told = {};
  const took = [];
  let isTaking = true;
  const writers = devices.map(async (device, n) => {
    const ids = [];
    while (isTaking) {
      const event = ball();
      const began = performance.now();
      const { status } = await device.fetch('POST', `sessions/${sessions[n]}/events`, { events: [event] });
      took.push(performance.now() - began);
      told[status] = (told[status] ?? 0) + 1;
      ids.push(event.id);
      await rest(100);
    }
    return ids;
  });
  const began = performance.now();
  const taken = await taker.fetch('POST', 'records', file);
  const seconds = (performance.now() - began) / 1000;
  isTaking = false;
  const sent = (await Promise.all(writers)).flat();
  const kept = await keptIds(devices[0], sessions);
  took.sort((a, b) => a - b);
  const p99 = took[Math.floor(0.99 * (took.length - 1))];
  holds(
    `${IMPORTED} balls taken in (${taken.status}) in ${seconds.toFixed(1)} s while ${WRITERS} writers logged ${sent.length} balls: ${kept.length} kept, answers ${JSON.stringify(told)}, p99 ${p99?.toFixed(0)} ms`,
    taken.status === 200 && kept.length === sent.length && Object.keys(told).join() === '200',
  );
  const out = await taker.fetch('GET', 'records');
  holds(`Given out again: ${out.body.tables.session_events.length} lines of logs`, out.body.tables.session_events.length === IMPORTED);
  const gone = await taker.fetch('DELETE', 'me', { password: 'a long password' });
  const heir = new Device(SITE, 91);
  await heir.signUp('Ivo Reedbank');
  const again = await heir.fetch('POST', 'records', out.body);
  holds(`The account deleted (${gone.status}), its own export of ${(JSON.stringify(out.body).length / 1e6).toFixed(0)} MB is taken in by another (${again.status})`, gone.status === 204 && again.status === 200);
  await kill(server);
}

/** A disk of 24 MB with the database, sessions, cache and logs on it, filled to the last byte while a coach logs, then given room again. */
async function full() {
  const folder = mkdtempSync(join(tmpdir(), 'amble-disk-'));
  execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', folder]);
  let server;
  try {
    const database = join(folder, 'amble.sqlite');
    copyFileSync(freshDatabase(), database);
    const storage = join(folder, 'storage');
    for (const place of ['framework/cache/data', 'framework/sessions', 'framework/views', 'logs', 'app']) {
      mkdirSync(join(storage, place), { recursive: true });
    }
    cpSync(join(ROOT, 'storage/framework/views'), join(storage, 'framework/views'), { recursive: true });
    server = await start(database, { LARAVEL_STORAGE_PATH: storage });
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
    const reads = {};
    for (const [what, path] of [['me', 'me'], ['start page', 'bench'], ['session', `sessions/${sessions[1]}`], ['sessions', 'sessions']]) {
      reads[what] = (await device.fetch('GET', path)).status;
    }
    holds(`Disk full: who is signed in, the start page and sessions can be read: ${JSON.stringify(reads)}`, Object.values(reads).every((status) => status === 200));
    holds(`Disk full: balls are answered with 507, which says so, or kept: ${JSON.stringify(refused)}`, Object.keys(refused).every((status) => status === '507' || status === '200'));
    rmSync(join(folder, 'filler'));
    const again = waiting.length === 0 ? 200 : (await device.fetch('POST', `sessions/${sessions[0]}/events`, { events: waiting })).status;
    const kept = await keptIds(device, sessions);
    const sent = [...before, ...waiting.map(({ id }) => id)];
    const lost = sent.filter((id) => !kept.includes(id)).length;
    holds(
      `With room again ${waiting.length} sent anew (${again}), ${lost} of ${sent.length} lost, ${kept.length - new Set(kept).size} doubled`,
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
await imported();
await locked(3);
await locked(8);
if (process.getuid?.() === 0) {
  await full();
} else {
  console.log('· Disk full: not tried, a disk is mounted by root alone');
}
process.exit(isWell ? 0 : 1);
