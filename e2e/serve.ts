import {
  chromium,
  type BrowserContext,
  type BrowserContextOptions,
  type Page,
} from '@playwright/test';
import { mkdtemp, rm } from 'node:fs/promises';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { app } from '../server/app';
import { BROWSER } from './browser';

/** Serves a built app on a free port while some work goes on. */
async function withServer(dist: string, work: (origin: string) => Promise<void>): Promise<void> {
  const server = app(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  try {
    await work(`http://127.0.0.1:${port}`);
  } finally {
    server.close();
    server.closeAllConnections();
  }
}

/** Serves a built app and hands over a page of a fresh browser on it, which keeps everything in memory. */
export const withPage = (
  options: BrowserContextOptions,
  work: (page: Page) => Promise<void>,
  dist = 'dist',
): Promise<void> =>
  withServer(dist, async (baseURL) => {
    const browser = await chromium.launch(BROWSER);
    try {
      const context = await browser.newContext({ ...options, baseURL });
      await work(await context.newPage());
    } finally {
      await browser.close();
    }
  });

/** The same with a browser that keeps what it stores on the disk, as a person's does. */
export const withProfile = (
  options: BrowserContextOptions,
  work: (context: BrowserContext) => Promise<void>,
  dist = 'dist',
): Promise<void> =>
  withServer(dist, async (baseURL) => {
    const profile = await mkdtemp(path.join(tmpdir(), 'bench-profile-'));
    try {
      const context = await chromium.launchPersistentContext(profile, {
        ...BROWSER,
        ...options,
        baseURL,
      });
      await work(context).finally(() => context.close());
    } finally {
      await rm(profile, { recursive: true, force: true, maxRetries: 5 });
    }
  });
