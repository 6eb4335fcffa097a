import { defineConfig } from '@playwright/test';
import { BROWSER, PORT } from './e2e/browser';

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };
const WIDE = { viewport: { width: 1280, height: 800 } };

const KILL = /kill\.(soak\.)?spec\.ts/;

export default defineConfig({
  testDir: './e2e',
  // Patient with a machine that stutters: what is wrong stays wrong.
  timeout: 240_000,
  expect: { timeout: 20_000 },
  fullyParallel: true,
  workers: 2,
  // A machine that stutters may lose one; the totals say so.
  retries: 1,
  reporter: [['list'], ['./e2e/totals.ts']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    locale: 'en-GB',
    // What is not there by then does not come: a test need not wait its whole time for it.
    actionTimeout: 60_000,
    launchOptions: BROWSER,
    // A trace of every test costs a third of the time; one that fails is run again, with its trace.
    trace: 'on-first-retry',
  },
  projects: [
    { name: 'phone', use: PHONE, testIgnore: KILL },
    // In a worker of its own: what is left of a killed browser must not meet another test's trace.
    { name: 'kill', use: { ...PHONE, trace: 'off' }, testMatch: KILL },
    // What is laid out otherwise where there is room; the rest is the same on any width.
    { name: 'wide', use: WIDE, testMatch: /(journey|screens)\.spec\.ts/ },
  ],
  webServer: {
    command: 'node build/server.mjs',
    url: `http://127.0.0.1:${PORT}/`,
    env: { PORT: `${PORT}` },
    reuseExistingServer: false,
  },
});
