// Drives a browser through nginx and PHP as deploy/try has set them up, and reloads both under writers.
//
//   node scripts/try-deploy.mjs https://localhost:PORT FPM_PID[,FPM_PID] NGINX_PID http://localhost:PORT COACHES[,COACHES] FOLDER

import assert from 'node:assert/strict';
import { createHash, X509Certificate } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
import { Device, ball, newId } from './device.mjs';

const [site, fpms, nginx, plain, most, place] = process.argv.slice(2);
const WRITERS = 4;
const SECONDS = 12;

const folder = mkdtempSync(join(tmpdir(), 'amble-try-'));
const context = await chromium.launchPersistentContext(folder, {
  ...CHROMIUM,
  // The certificate is made for this hour. Known by its key it counts as any other: a service worker is taken from no
  // site whose certificate is merely ignored.
  args: [...CHROMIUM.args, `--ignore-certificate-errors-spki-list=${keyOf(process.env.NODE_EXTRA_CA_CERTS)}`],
  ignoreHTTPSErrors: true,
  baseURL: site,
  viewport: { width: 390, height: 844 },
});
try {
  await told('Answers are the app’s, over https alone', () => headers(context));
  const page = await context.newPage();
  await told('Private addresses are opened, and stand in no log', () => addresses(context));
  await told('A coach signs up and logs a ball without a network', () => offline(context, page));
  await told(`PHP reloaded twice and nginx once under ${WRITERS} writers: nothing lost`, () => reloaded(context));
  for (const count of most.split(',').map(Number)) {
    await told(`${count} ${count === 1 ? 'coach' : 'coaches at once'}`, () => together(count));
  }
} finally {
  await context.close();
  rmSync(folder, { recursive: true, force: true });
}

function keyOf(certificate) {
  const key = new X509Certificate(readFileSync(certificate)).publicKey;
  return createHash('sha256').update(key.export({ type: 'spki', format: 'der' })).digest('base64');
}

async function told(what, does) {
  const more = await does();
  console.log(`· ${what}${more === undefined ? '' : `: ${more}`}`);
}

async function headers({ request }) {
  const health = await request.get('/api/health');
  assert.deepEqual([health.status(), await health.json()], [200, { is_well: true }]);
  const home = await request.get('/');
  const script = /\/build\/assets\/[^"]+\.js/.exec(await home.text())?.[0];
  assert.ok(script, 'the page names its script');
  for (const answer of [home, await request.get(script)]) {
    const sent = answer.headers();
    assert.equal(answer.status(), 200);
    assert.match(sent['strict-transport-security'] ?? '', /max-age=31536000/);
    assert.match(sent['content-security-policy'] ?? '', /default-src 'self'/);
    assert.equal(sent['x-powered-by'], undefined);
  }
  const away = await request.get(plain, { maxRedirects: 0 });
  assert.deepEqual([away.status(), away.headers().location], [301, `${site}/`]);
  assert.equal((await request.get('/.env')).status(), 403);
  // Another name led here is refused.
  assert.equal((await request.get('/', { headers: { Host: 'elsewhere.example' } })).status(), 400);
}

/** A student's link, a calendar's address and a link to a new password: each is opened, asked of PHP while it is away, and then looked for. */
async function addresses(context) {
  await context.request.get('/api/me');
  const made = await api(context, 'POST', 'sign-up', { name: 'Wren', email: 'wren@amble.example', password: 'a long password' });
  assert.equal(made.status, 201, JSON.stringify(made.body));
  const student = newId();
  const card = { id: student, name: 'Ana', hand: 'right', level: 'club', unit: 'feet', stride_m: null, finish_past_m: 0.3, putter: null, school: 'rule' };
  assert.ok((await api(context, 'POST', 'students', card)).status < 300);
  const link = (await api(context, 'POST', `students/${student}/take-home-card/link`, { days: 7 })).body.link.replace(/^.*\//, '');
  const calendar = (await api(context, 'POST', 'calendar/feed')).body.path.replace(/^.*\/|\.ics$/g, '');
  assert.equal((await api(context, 'POST', 'password-reset', { email: 'wren@amble.example' })).status, 204);
  const token = await arrived(/new-password\\?\/([0-9a-f]{64})/);
  const paths = [`/pocket/${link}`, `/api/pocket/${link}`, `/api/pocket/${link}/seen?asked=1`, `/%70ocket/${link}`, `/api/calendar/${calendar}.ics`, `/new-password/${token}?email=wren%40amble.example`];
  for (const path of paths) {
    assert.equal((await context.request.get(path, { headers: { Referer: `${site}/pocket/${link}` } })).status(), 200, path);
    // What fails is logged as well.
    await context.request.get(`${path}/nothing-there`);
  }
  const renewed = await api(context, 'POST', 'password-reset/new', { email: 'wren@amble.example', token, password: 'another long one' });
  assert.equal(renewed.status, 204, JSON.stringify(renewed.body));
  const logs = filesUnder(place).filter((file) => /\.log$|\.out$|\/logs\//.test(file));
  const lines = logs.map((file) => readFileSync(file, 'utf8')).join('\n');
  assert.match(lines, /"GET \/api\/pocket" 200/, 'what was asked is logged, by its first word');
  for (const secret of [link, calendar, token]) {
    assert.ok(!lines.includes(secret), 'an address is in a log');
  }
  await api(context, 'POST', 'sign-out');
  return `${logs.length} files of logs, ${lines.split('\n').length} lines`;
}

/** What came by mail, from the stand-in's folder. */
async function arrived(pattern) {
  for (let tries = 0; tries < 100; ++tries) {
    for (const file of filesUnder(place).filter((name) => name.includes('/app/outbox/'))) {
      const found = pattern.exec(readFileSync(file, 'utf8'));
      if (found !== null) {
        return found[1];
      }
    }
    await new Promise((wake) => setTimeout(wake, 200));
  }
  throw new Error('No mail came.');
}

/** Every file under a folder that this process may read. */
function filesUnder(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? (/\/(vendor|build|core|resources)$/.test(path) ? [] : filesUnder(path)) : entry.isFile() ? [path] : [];
  });
}

async function offline(context, page) {
  // What the page asks while it opens would else bring the cookie of before back.
  await page.goto('/', { waitUntil: 'networkidle' });
  const me = await api(context, 'POST', 'sign-up', { name: 'Hedda', email: 'hedda@amble.example', password: 'a long password' });
  assert.equal(me.status, 201, JSON.stringify(me.body));
  const cookie = (await context.cookies()).find(({ name }) => name.includes('session'));
  assert.deepEqual([cookie?.secure, cookie?.httpOnly], [true, true]);
  const session = newId();
  const begun = await api(context, 'POST', 'sessions', { id: session, student_id: null, green_id: null });
  assert.ok(begun.status < 300, JSON.stringify(begun));
  await page.goto(`/sessions/${session}/putt`);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, null, { timeout: 30_000 });
  const roll = page.getByRole('textbox', { name: /^Roll/ });
  await roll.waitFor();
  // What the page was told is laid on its shelf a moment later.
  await page.waitForTimeout(1500);
  await context.setOffline(true);
  await page.reload();
  await roll.fill('3').catch(async (late) => {
    throw new Error(`${late.message}\n${await page.locator('body').innerText()}`);
  });
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await page.getByText('not synced yet', { exact: false }).first().waitFor();
  await context.setOffline(false);
  const until = Date.now() + 30_000;
  while ((await api(context, 'GET', `sessions/${session}`)).body.putts.length !== 1) {
    assert.ok(Date.now() < until, 'the ball was not sent');
    await new Promise((wake) => setTimeout(wake, 300));
  }
}

/** Coaches of their own, each on a device of their own, logging as fast as they are answered. */
async function together(count) {
  const devices = [];
  for (let coach = 0; coach < count; ++coach) {
    const device = new Device(site, coach);
    await device.signUp(`Coach ${count} ${coach}`);
    devices.push(device);
  }
  const sessions = await Promise.all(
    devices.map(async (device) => {
      const id = newId();
      assert.ok((await device.fetch('POST', 'sessions', { id, student_id: null, green_id: null })).status < 300);
      return { fetch: (...asked) => device.fetch(...asked), id };
    }),
  );
  const [sent, failed, took] = await written(sessions);
  const kept = await Promise.all(sessions.map(async ({ fetch, id }) => (await fetch('GET', `sessions/${id}`)).body.putts.length));
  assert.deepEqual(failed, {});
  assert.equal(kept.reduce((sum, one) => sum + one, 0), sent);
  return `${sent} balls in ${SECONDS} s, 0 errors; ${took}`;
}

/** @returns how many were sent, how many refused by status, and how long an answer took */
async function written(writers) {
  const failed = {};
  const took = [];
  let again = 0;
  const end = Date.now() + SECONDS * 1000;
  await Promise.all(
    writers.map(async ({ fetch, id }) => {
      while (Date.now() < end) {
        const began = performance.now();
        const events = [ball()];
        let { status } = await fetch('POST', `sessions/${id}/events`, { events });
        // A connection that ended under it: sent again under the same id, as every device does.
        for (let tries = 0; tries < 5 && typeof status === 'string'; ++tries) {
          again += 1;
          ({ status } = await fetch('POST', `sessions/${id}/events`, { events }));
        }
        took.push(performance.now() - began);
        if (status !== 200) {
          failed[status] = (failed[status] ?? 0) + 1;
        }
      }
    }),
  );
  took.sort((a, b) => a - b);
  const at = (share) => `${took[Math.floor(share * (took.length - 1))].toFixed(0)} ms`;
  return [took.length, failed, `${again === 0 ? '' : `${again} sent again after a cut connection, `}p50 ${at(0.5)}, p99 ${at(0.99)}`];
}

async function reloaded(context) {
  const session = newId();
  const begun = await api(context, 'POST', 'sessions', { id: session, student_id: null, green_id: null });
  assert.ok(begun.status < 300, JSON.stringify(begun));
  const reload = async () => {
    for (const [pids, signal] of [[fpms, 'SIGUSR2'], [nginx, 'SIGHUP'], [fpms, 'SIGUSR2']]) {
      await new Promise((wake) => setTimeout(wake, (SECONDS * 1000) / 4));
      for (const pid of pids.split(',')) {
        process.kill(Number(pid), signal);
      }
    }
  };
  const writers = Array.from({ length: WRITERS }, () => ({ fetch: (...asked) => api(context, ...asked), id: session }));
  const [[sent, failed, took]] = await Promise.all([written(writers), reload()]);
  const kept = (await api(context, 'GET', `sessions/${session}`)).body.putts.length;
  assert.deepEqual(failed, {}, `${sent} sent`);
  assert.equal(kept, sent);
  return `${sent} balls, ${kept} kept, 0 errors; ${took}`;
}

async function api(context, method, path, body) {
  const token = decodeURIComponent((await context.cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '');
  const answer = await context.request.fetch(`/api/${path}`, {
    method,
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token, Origin: site },
    ...(body === undefined ? {} : { data: body }),
  }).catch(({ message }) => message);
  return typeof answer === 'string' ? { status: answer.split('\n')[0], body: null } : { status: answer.status(), body: await answer.json().catch(() => null) };
}
