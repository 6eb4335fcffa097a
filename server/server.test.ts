import { mkdtempSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { spawn, type ChildProcess } from 'node:child_process';
import { get, type Server } from 'node:http';
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
  it('says that the gauge is there without a stream, however often it is asked', async () => {
    for (let n = 0; n < 60; n++) {
      expect((await fetch(`${base}/api/gauge`, { method: 'HEAD' })).status).toBe(200);
    }
  });
  it('streams at most fifty gauges, and frees the place of one that was broken off', async () => {
    const stops = Array.from({ length: 50 }, () => new AbortController());
    const ask = (signal?: AbortSignal) => fetch(`${base}/api/gauge`, signal ? { signal } : {});
    const streams = await Promise.all(stops.map((stop) => ask(stop.signal)));
    expect(streams.every(({ status }) => status === 200)).toBe(true);
    expect((await ask()).status).toBe(503);
    stops.forEach((stop) => stop.abort());
    const stop = new AbortController();
    let status = 503;
    while (status === 503) status = (await ask(stop.signal)).status;
    stop.abort();
    expect(status).toBe(200);
  });
  it.each([
    'evil.example',
    'evil.example:4173',
    '127.0.0.1.evil.example',
    '127.0.0.999',
    '127.1',
    '',
  ])('does not answer to the name “%s”', async (host) => {
    const { port } = server.address() as AddressInfo;
    const status = await new Promise((resolve, reject) => {
      get({ host: '127.0.0.1', port, path: '/', headers: { host }, setHost: false }, (r) => {
        r.resume();
        resolve(r.statusCode);
      }).on('error', reject);
    });
    // An empty name is refused before it comes to us.
    expect([400, 421]).toContain(status);
  });
  it('shows no path and no trace where something goes wrong', async () => {
    const log = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    for (const odd of [
      '/%',
      '/%00',
      '/_expo/%E0%A4%A.js',
      '/..%2f..%2fpackage.json',
      '/sitemap%',
    ]) {
      const response = await fetch(base + odd);
      expect(await response.text()).not.toMatch(/at .*\.[jt]s|node_modules|\/server\//);
    }
    log.mockRestore();
  });
});

describe('the server as it is started', () => {
  const started = (env: Record<string, string>) =>
    spawn('node', ['--import', 'tsx', 'server/main.ts'], {
      env: { ...process.env, DIST: dist, ...env },
    });
  const ended = (child: ChildProcess) =>
    new Promise<number | null>((resolve) => child.once('exit', resolve));

  it.each(['abc', '', '70000', '4173.5'])(
    'says in a sentence that PORT=%s is none',
    async (PORT) => {
      const child = started({ PORT });
      let said = '';
      child.stderr.on('data', (text) => (said += text));
      expect(await ended(child)).toBe(1);
      expect(said).toContain(`PORT is “${PORT}”, which is no port.`);
      expect(said).not.toMatch(/\n +at /);
    },
  );
  it('ends within two seconds of being told to, a stream open', async () => {
    const child = started({ PORT: '0' });
    const exit = ended(child);
    const address = await new Promise<string>((resolve) =>
      child.stdout.on('data', (text) => resolve(/http:\S+/.exec(String(text))?.[0] ?? '')),
    );
    const stream = await fetch(`${address}api/gauge`);
    expect(stream.status).toBe(200);
    child.kill('SIGTERM');
    const late = new Promise((resolve) => setTimeout(() => resolve('too late'), 2000).unref());
    expect(await Promise.race([exit, late])).toBe(0);
    await stream.text().catch(() => undefined);
  });
});
