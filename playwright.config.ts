import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium.mjs';

const PORT = 8471;

/** Where this run keeps the database that its servers start from a copy of. */
process.env.AMBLE_TEMPLATE ??= join(mkdtempSync(join(tmpdir(), 'amble-')), 'template.sqlite');

export default defineConfig({
  testDir: 'tests/Browser',
  outputDir: 'test-results',
  reporter: [['list']],
  workers: 2,
  // A test that passes only at its second try is a defect.
  retries: 0,
  // The walk asks axe about every screen, which takes a second or two each.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: process.env.CI !== undefined,
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    launchOptions: CHROMIUM,
    locale: 'en-GB',
    timezoneId: 'UTC',
    // A page behind a service worker hides its requests from the tests; those about it allow one.
    serviceWorkers: 'block',
    // Recording every step costs as much as taking it; AMBLE_TRACE=1 when one is looked for.
    trace: process.env.AMBLE_TRACE === undefined ? 'off' : 'retain-on-failure',
  },
  projects: [
    // The laptop asks for less motion, the phone does not: both are driven.
    {
      name: 'laptop',
      use: { viewport: { width: 1280, height: 800 }, contextOptions: { reducedMotion: 'reduce' } },
    },
    {
      name: 'phone',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true },
      testMatch: /(walk|hand)\.spec\.ts/,
    },
  ],
  webServer: {
    command: `node tests/Browser/server.mjs ${PORT}`,
    url: `http://127.0.0.1:${PORT}/api/me`,
    reuseExistingServer: false,
    timeout: 60_000,
    // A plain kill would leave PHP's workers behind; asked nicely, the script stops them.
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3_000 },
  },
});
