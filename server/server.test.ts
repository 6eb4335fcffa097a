import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { app } from './app';

const dist = mkdtempSync(path.join(tmpdir(), 'bench-dist-'));
let server: Server;
let base = '';

beforeAll(async () => {
  writeFileSync(path.join(dist, 'index.html'), '<title>bench</title>');
  mkdirSync(path.join(dist, '_expo/static'), { recursive: true });
  writeFileSync(path.join(dist, '_expo/static/entry-0123.js'), 'go()');
  server = app(dist).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(async () => {
  await new Promise((resolve) => server.close(resolve));
  rmSync(dist, { recursive: true });
});

describe('the server', () => {
  it.each(['/', '/job/some-job/measure', '/sheets', '/job/%E0%A4%A/measure'])(
    'gives the page for %s',
    async (address) => {
      const response = await fetch(base + address);
      expect(response.status).toBe(200);
      expect(await response.text()).toContain('bench');
      expect(response.headers.get('cache-control')).toBe('no-cache');
    },
  );
  it('says that a page is there, and takes nothing in', async () => {
    const ask = (method: string) => fetch(`${base}/job/some-job/measure`, { method });
    expect((await ask('HEAD')).status).toBe(200);
    expect((await ask('POST')).status).toBe(404);
  });
  it('gives no page for a file that is missing', async () => {
    expect((await fetch(`${base}/old-entry.js`)).status).toBe(404);
    expect((await fetch(`${base}/../package.json`)).status).toBe(404);
  });
  it('lets a file be kept whose name carries its hash', async () => {
    const response = await fetch(`${base}/_expo/static/entry-0123.js`);
    expect(response.headers.get('cache-control')).toMatch(/immutable/);
  });
  it('lets the page load from nowhere else', async () => {
    const { headers } = await fetch(base);
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("connect-src 'self'");
    expect(policy).not.toMatch(/https?:/);
    expect(headers.get('x-powered-by')).toBeNull();
  });
  it('streams a simulated gauge that says it is simulated, near the size asked for', async () => {
    const stop = new AbortController();
    const response = await fetch(`${base}/api/gauge?around=20.04`, { signal: stop.signal });
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    const reader = response.body!.getReader();
    let text = '';
    while (!text.includes('data:')) text += new TextDecoder().decode((await reader.read()).value);
    stop.abort();
    const { text: shown, simulated } = JSON.parse(/data: (.*)/.exec(text)![1]!) as {
      text: string;
      simulated: boolean;
    };
    expect(simulated).toBe(true);
    expect(Math.abs(Number.parseFloat(shown) - 20.04)).toBeLessThan(0.01);
  });
  it('refuses a size that is none', async () => {
    expect((await fetch(`${base}/api/gauge?around=wide`)).status).toBe(400);
  });
});
