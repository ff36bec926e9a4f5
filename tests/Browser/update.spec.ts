import type { ChildProcess } from 'node:child_process';
import { createServer, type IncomingMessage, request, type Server } from 'node:http';
import { expect, type Page, test } from '@playwright/test';
import { callOut, keptBalls, openDemo, sessionOf, startDrill, startWith, touchLane } from './people';
import { answering, freshDatabase, kill, serve } from './server.mjs';

const PHP = 8474;
const FRONT = 8476;

let php: ChildProcess;
let front: Server;
/** What the next visitor's service worker differs in from the last one's; a new build differs like this. */
let version = 1;
let isReachable = true;
/** What was asked of the server and not answered yet. */
const underWay = new Set<IncomingMessage>();
/** How many more times the app's frame is cut off on its way to a device that takes the app along. */
let cutOff = 0;

/** Passes everything on, but for a service worker that says which version it is, and a network that can fail. */
function proxy(): Server {
  return createServer((incoming, outgoing) => {
    if (incoming.url?.startsWith('/api/') === true) {
      if (!isReachable) {
        incoming.socket.destroy();
        return;
      }
      underWay.add(incoming);
      outgoing.on('close', () => underWay.delete(incoming));
    }
    if (cutOff > 0 && incoming.url?.startsWith('/frame') === true) {
      cutOff -= 1;
      incoming.socket.destroy();
      return;
    }
    const onward = request(
      {
        port: PHP,
        host: '127.0.0.1',
        path: incoming.url,
        method: incoming.method,
        headers: incoming.headers,
      },
      (answer) => {
        const isWorker = incoming.url?.startsWith('/sw.js') === true;
        const { 'content-length': _, ...headers } = answer.headers;
        outgoing.writeHead(answer.statusCode ?? 500, isWorker ? headers : answer.headers);
        answer.pipe(outgoing, { end: !isWorker });
        if (isWorker) {
          answer.on('end', () => outgoing.end(`\n// version ${version}`));
        }
      },
    );
    onward.on('error', () => incoming.socket.destroy());
    incoming.pipe(onward);
  }).listen(FRONT, '127.0.0.1');
}

/**
 * Cuts the network off once all is sent and answered: what is left waiting would be counted with the ball, and an
 * answer let through would bring its cookie back later.
 */
async function cutNetwork(page: Page): Promise<void> {
  await expect(page.getByText(/not synced yet/)).toHaveCount(0);
  while (underWay.size > 0) {
    await page.waitForTimeout(20);
  }
  isReachable = false;
}

test.use({ serviceWorkers: 'allow', baseURL: `http://127.0.0.1:${FRONT}` });

test.beforeEach(async () => {
  version = 1;
  isReachable = true;
  cutOff = 0;
  php = serve(PHP, freshDatabase());
  front = proxy();
  await answering(PHP);
});

test.afterEach(async () => {
  front.close();
  front.closeAllConnections();
  await kill(php);
});

test('a newer version of the app waits to be asked for, and strands nothing that waits to be sent', async ({
  page,
}) => {
  await openDemo(page);
  await startWith(page, 'Rafe Dunmallow');
  await startDrill(page, 'Six putts before a round');
  const session = sessionOf(page);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.waitForTimeout(1000);
  await cutNetwork(page);
  await touchLane(page, 0.5);
  await touchLane(page, 0.5);
  await expect(page.getByText('2 not synced yet', { exact: false })).toBeVisible();

  version = 2;
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
  await expect(
    page.getByText('A new version of Amble is ready. Entries that are not synced yet are kept.', { exact: false }),
  ).toBeVisible();
  // It does not reload by itself: the next ball can be rolled first.
  await touchLane(page, 0.5);
  await expect(page.getByText('3 not synced yet', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(page.getByText(/A new version of Amble/)).toHaveCount(0);
  await expect(page.getByText('3 not synced yet', { exact: false })).toBeVisible();
  await expect(callOut(page)).toContainText('ft');

  isReachable = true;
  await expect(page.getByText(/not synced yet/)).toHaveCount(0, { timeout: 20_000 });
  await expect(page.getByText('of 3 passed', { exact: false })).toBeVisible();
  expect(await keptBalls(page, session)).toHaveLength(3);
});

test('signed out while balls wait: they are kept, and sent when the same coach is back', async ({ page, context }) => {
  await openDemo(page);
  await startWith(page, 'Tobin Askerley');
  await startDrill(page, 'Six putts before a round');
  const session = sessionOf(page);
  const address = page.url();
  await cutNetwork(page);
  await touchLane(page, 0.5);
  await expect(page.getByText('1 not synced yet', { exact: false })).toBeVisible();
  await context.clearCookies();
  isReachable = true;
  await expect(page.getByText('One entry is not synced yet on this device.', { exact: false })).toBeVisible({
    timeout: 20_000,
  });
  await page.getByRole('button', { name: 'Open the demo' }).click();
  // Asked any earlier, this question's own answer would bring a visitor's cookie and sign the coach out again.
  await expect(page.getByRole('button', { name: 'Open the demo' })).toHaveCount(0);
  await expect(async () => expect(await keptBalls(page, session)).toHaveLength(1)).toPass({
    timeout: 20_000,
  });
  await page.goto(address);
  await expect(page.getByText('of 1 passed', { exact: false })).toBeVisible();
});

test('an app cut off while it was taken along for the first time is taken along a little later', async ({ page }) => {
  cutOff = 1;
  await openDemo(page);
  await expect.poll(() => cutOff).toBe(0);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
    timeout: 60_000,
  });
});
