// Drives a browser through nginx and PHP as deploy/try has set them up, and reloads both under writers.
//
//   node scripts/try-deploy.mjs https://localhost:PORT FPM_PID NGINX_PID http://localhost:PORT

import assert from 'node:assert/strict';
import { chromium } from '@playwright/test';
import { monotonicFactory } from 'ulid';

const [site, fpm, nginx, plain] = process.argv.slice(2);
const WRITERS = 4;
const SECONDS = 12;
const newId = monotonicFactory();

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  // The certificate is made for this hour; a service worker would else not be taken from it.
  args: ['--no-sandbox', '--ignore-certificate-errors'],
});
try {
  const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: site, viewport: { width: 390, height: 844 } });
  await told('Answers are the app’s, over https alone', () => headers(context));
  const page = await context.newPage();
  await told('A coach signs up and logs a ball without a network', () => offline(context, page));
  await told(`PHP reloaded twice and nginx once under ${WRITERS} writers: nothing lost`, () => reloaded(context));
} finally {
  await browser.close();
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

async function offline(context, page) {
  await page.goto('/');
  const me = await api(context, 'POST', 'sign-up', { name: 'Hedda', email: 'hedda@amble.example', password: 'a long password' });
  assert.equal(me.status, 201, JSON.stringify(me.body));
  const cookie = (await context.cookies()).find(({ name }) => name.includes('session'));
  assert.deepEqual([cookie?.secure, cookie?.httpOnly], [true, true]);
  const session = newId();
  assert.ok((await api(context, 'POST', 'sessions', { id: session, student_id: null, green_id: null })).status < 300);
  await page.goto(`/sessions/${session}/roll`);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, null, { timeout: 30_000 });
  await context.setOffline(true);
  await page.reload();
  await page.getByRole('button', { name: 'No target' }).click();
  await page.getByLabel('Roll').fill('3');
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await page.getByText('not sent yet', { exact: false }).first().waitFor();
  await context.setOffline(false);
  const until = Date.now() + 30_000;
  while ((await api(context, 'GET', `sessions/${session}`)).body.putts.length !== 1) {
    assert.ok(Date.now() < until, 'the ball was not sent');
    await new Promise((wake) => setTimeout(wake, 300));
  }
}

async function reloaded(context) {
  const session = newId();
  assert.ok((await api(context, 'POST', 'sessions', { id: session, student_id: null, green_id: null })).status < 300);
  const failed = {};
  const took = [];
  let sent = 0;
  const end = Date.now() + SECONDS * 1000;
  const writer = async () => {
    while (Date.now() < end) {
      const began = performance.now();
      const answer = await api(context, 'POST', `sessions/${session}/events`, { events: [ball()] });
      took.push(performance.now() - began);
      sent += 1;
      if (answer.status !== 200) {
        failed[answer.status] = (failed[answer.status] ?? 0) + 1;
      }
    }
  };
  const reload = async () => {
    for (const [pid, signal] of [[fpm, 'SIGUSR2'], [nginx, 'SIGHUP'], [fpm, 'SIGUSR2']]) {
      await new Promise((wake) => setTimeout(wake, (SECONDS * 1000) / 4));
      process.kill(Number(pid), signal);
    }
  };
  await Promise.all([reload(), ...Array.from({ length: WRITERS }, writer)]);
  const kept = (await api(context, 'GET', `sessions/${session}`)).body.putts.length;
  assert.deepEqual(failed, {}, `${sent} sent`);
  assert.equal(kept, sent);
  took.sort((a, b) => a - b);
  const at = (share) => `${took[Math.floor(share * (took.length - 1))].toFixed(0)} ms`;
  return `${sent} balls, ${kept} kept, 0 errors; p50 ${at(0.5)}, p99 ${at(0.99)}`;
}

function ball() {
  return {
    id: newId(), at_ms: Date.now(), type: 'putt_logged', version: 2, backstroke_m: 0.2, roll_m: 3, target_m: null, stop: 'free',
    grade_percent: 0, across_percent: null, mark: null, cause: null, seen: {},
  };
}

async function api(context, method, path, body) {
  const token = decodeURIComponent((await context.cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '');
  const answer = await context.request.fetch(`/api/${path}`, {
    method,
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token, Origin: site },
    ...(body === undefined ? {} : { data: body }),
  });
  return { status: answer.status(), body: await answer.json().catch(() => null) };
}
