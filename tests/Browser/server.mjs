/** Starts Amble on a database of its own with the demo workspace, for the browser tests and the pictures. */

import { spawn, spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, readFileSync, renameSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = resolve(fileURLToPath(import.meta.url), '../../..');
/** How the app is started. */
const SHIPPED = readFileSync(join(ROOT, 'scripts/php-flags'), 'utf8').split('\n').filter(Boolean);
/** A server that lives for one test would spend its time compiling; CompilerTest holds with and without to be the same. */
const SHORT_LIVED = SHIPPED.filter((flag) => !flag.includes('.jit'));

/**
 * Laying out the demo workspace takes seconds, copying it none: a run of the tests makes one and copies it.
 *
 * @returns {string} a fresh database file with the demo workspace in it
 */
export function freshDatabase() {
  const file = join(mkdtempSync(join(tmpdir(), 'amble-')), 'amble.sqlite');
  const template = process.env.AMBLE_TEMPLATE;
  if (template === undefined) {
    layOut(file);
    return file;
  }
  if (!existsSync(template)) {
    layOut(file);
    // What is still in the log of writes goes into the file before it is copied. The copy keeps such a log from the
    // start: two first requests that both turn it on shut each other out, and SQLite waits for neither.
    spawnSync('php', [
      '-r',
      `(new PDO('sqlite:' . $argv[1]))->prepare('VACUUM INTO ?')->execute([$argv[2]]);
       (new PDO('sqlite:' . $argv[2]))->exec('PRAGMA journal_mode = WAL');`,
      file,
      `${file}.whole`,
    ]);
    renameSync(`${file}.whole`, template);
  }
  copyFileSync(template, file);
  return file;
}

/** Makes a database with the demo workspace in it. */
function layOut(file) {
  spawnSync('touch', [file]);
  for (const command of [
    ['migrate', '--force', '--quiet'],
    ['amble:demo-data', '--quiet'],
  ]) {
    const done = spawnSync('php', ['artisan', ...command], {
      cwd: ROOT,
      env: { ...process.env, DB_DATABASE: file },
      encoding: 'utf8',
    });
    if (done.status !== 0) {
      throw new Error(`artisan ${command[0]} failed: ${done.stdout}${done.stderr}`);
    }
  }
}

/**
 * @param {number} port
 * @param {string} database
 * @param {'test' | 'shipped'} as whether writes wait for the disk and code is compiled, as where coaches use it; a slow
 *   disk is not what most tests are about
 * @param {Record<string, string>} env further settings
 * @returns {import('node:child_process').ChildProcess} leader of its own process group
 */
export function serve(port, database, as = 'test', env = {}) {
  const server = spawn(
    'php',
    [...(as === 'test' ? SHORT_LIVED : SHIPPED), '-S', `127.0.0.1:${port}`, '../scripts/server.php'],
    {
      cwd: join(ROOT, 'public'),
      env: {
        ...process.env,
        DB_DATABASE: database,
        APP_URL: `http://127.0.0.1:${port}`,
        DB_SYNCHRONOUS: as === 'test' ? 'OFF' : 'FULL',
        AMBLE_DEMO: 'true',
        PHP_CLI_SERVER_WORKERS: '3',
        ...env,
      },
      stdio: 'ignore',
      detached: true,
    },
  );
  ports.set(server, port);
  return server;
}

/** Which port each server listens on. */
const ports = new WeakMap();

/** Waits until the server answers. */
export async function answering(port) {
  for (let i = 0; i < 400; ++i) {
    if (
      await fetch(`http://127.0.0.1:${port}/api/me`).then(
        (answer) => answer.ok,
        () => false,
      )
    ) {
      return;
    }
    await new Promise((wake) => setTimeout(wake, 50));
  }
  throw new Error(`Nothing answers on port ${port}.`);
}

/**
 * Kills the server and its workers at once, as a power cut would.
 *
 * @returns {Promise<void>} when none of them listens any more: until then the port is theirs, and another server would
 *   end at its start without a word. Waiting until each is cleared away as well would take seconds where the machine
 *   looks for such seldom.
 */
export async function kill(server) {
  try {
    process.kill(-server.pid, 'SIGKILL');
  } catch {
    // It had ended by itself.
  }
  while (await isTaken(ports.get(server))) {
    await new Promise((wake) => setTimeout(wake, 10));
  }
}

/** Whether anything listens on the port. */
function isTaken(port) {
  return new Promise((tell) => {
    const socket = connect(port, '127.0.0.1', () => {
      socket.destroy();
      tell(true);
    }).on('error', () => tell(false));
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const server = serve(Number(process.argv[2]), freshDatabase());
  for (const signal of ['SIGINT', 'SIGTERM', 'exit']) {
    process.on(signal, () => {
      kill(server);
      process.exit();
    });
  }
  server.on('exit', () => process.exit());
}
