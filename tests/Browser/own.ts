/** A server of a test's own: a fresh demo workspace, nobody else's sessions on it. */

import type { ChildProcess } from 'node:child_process';
import { test } from '@playwright/test';
import { answering, freshDatabase, kill, serve } from './server.mjs';

/** Gives every test of the file or group that calls it such a server. @param port nobody else's */
export function onOwnServer(port: number): void {
  let server: ChildProcess | undefined;
  test.use({ baseURL: `http://127.0.0.1:${port}` });
  test.beforeEach(async () => {
    server = serve(port, freshDatabase());
    await answering(port);
  });
  test.afterEach(async () => {
    // A test that is left out was given none.
    if (server !== undefined) {
      await kill(server);
    }
  });
}
