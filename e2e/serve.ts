import { chromium, type BrowserContextOptions, type Page } from '@playwright/test';
import type { AddressInfo } from 'node:net';
import { app } from '../server/app';
import { BROWSER } from './browser';

/** Serves a built app on a free port and hands over a page of a fresh browser on it. */
export async function withPage(
  options: BrowserContextOptions,
  work: (page: Page) => Promise<void>,
  dist = 'dist',
): Promise<void> {
  const server = app(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  const browser = await chromium.launch(BROWSER);
  try {
    const context = await browser.newContext({ ...options, baseURL: `http://127.0.0.1:${port}` });
    await work(await context.newPage());
  } finally {
    await browser.close();
    server.close();
  }
}
