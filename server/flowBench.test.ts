import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { readFileSync } from 'node:fs';
import { mean } from 'd3-array';
import { app } from './app';
import { flowBench, type BenchSample } from './flowBench';

const SETTING = { cc: 14, slip: 2, rpm: 700, bar: 8, seed: '1', hz: 5 };
const run = (more: object = {}, samples = 1000) => {
  const bench = flowBench({ ...SETTING, ...more });
  return { bench, samples: Array.from({ length: samples }, () => bench.next()) };
};
const settled = (samples: readonly BenchSample[]) =>
  samples.filter(
    ({ t_s, flow_lpm }) => t_s > 60 && flow_lpm !== null && flow_lpm > 1 && flow_lpm < 50,
  );

describe('the simulated flow bench', () => {
  it('is the same for the same seed to the last digit, and another for another', () => {
    expect(run().samples).toEqual(run().samples);
    expect(run({ seed: '2' }).samples).not.toEqual(run().samples);
  });

  it('moves 0.94 to 1 of what it is told, and leaks 0.6 to 1.6 of it', () => {
    const all = Array.from({ length: 200 }, (_, i) => run({ seed: `${i}` }, 0).bench.true_lpm);
    expect(Math.min(...all)).toBeGreaterThan((0.94 * 14 * 700) / 1000 - 1.6 * 2);
    expect(Math.max(...all)).toBeLessThan((14 * 700) / 1000 - 0.6 * 2);
    expect(Math.max(...all) - Math.min(...all)).toBeGreaterThan(1);
  });

  it('shows what it truly gives once it runs, after it has come up to speed', () => {
    const { bench, samples } = run();
    expect(mean(settled(samples), (s) => s.flow_lpm)).toBeCloseTo(bench.true_lpm, 1);
    expect(samples[0]!.rpm).toBeLessThan(50);
    expect(mean(settled(samples), (s) => s.rpm)).toBeCloseTo(700, 0);
    expect(samples.every(({ simulated }) => simulated)).toBe(true);
  });

  it('sends some rubbish, as stands do', () => {
    const { samples } = run({}, 3000);
    const bad = samples
      .slice(300)
      .filter((s) => s.flow_lpm === null || s.flow_lpm < 1 || s.flow_lpm > 50);
    expect(bad.length).toBeGreaterThan(10);
    expect(bad.length).toBeLessThan(60);
  });

  it('works out nothing by the laws of the app', () => {
    const text = ['flowBench', 'flowBenchStream', 'stream'].map((name) =>
      readFileSync(`server/${name}.ts`, 'utf8'),
    );
    expect(text.join('\n')).not.toMatch(/core\/(hydraulics|flow|pumps)/);
  });
});

describe('its stream', () => {
  let server: Server;
  let base = '';
  beforeAll(async () => {
    server = app('.').listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/flow-bench`;
  });
  afterAll(() => new Promise((resolve) => server.close(resolve)));

  it('sends the samples of its setting, one event each', async () => {
    const stop = new AbortController();
    const response = await fetch(`${base}?cc=14&slip=2&rpm=700&bar=8&seed=1&hz=10`, {
      signal: stop.signal,
    });
    expect(response.headers.get('content-type')).toBe('text/event-stream');
    const reader = response.body!.getReader();
    let text = '';
    while ((text.match(/data:/g) ?? []).length < 3)
      text += new TextDecoder().decode((await reader.read()).value);
    stop.abort();
    const sent = [...text.matchAll(/event: sample\ndata: (.*)\n/g)].map(
      ([, json]) => JSON.parse(json!) as BenchSample,
    );
    const { samples } = run({ hz: 10 }, sent.length);
    expect(sent).toEqual(samples);
  });

  it.each(['cc=0', 'rpm=fast', 'bar=-1', 'hz=100', 'slip=NaN'])('refuses %s', async (query) => {
    const response = await fetch(`${base}?${query}`);
    expect(response.status).toBe(400);
    expect(((await response.json()) as { error: string }).error).toContain(query.split('=')[0]);
  });
});
