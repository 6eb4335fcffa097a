import fc from 'fast-check';
import { samplesBy } from './columns';
import { readLogger } from './logger';
import type { Sample } from './sample';
import { samplesIn, samplesText } from './text';

const held = (text: string) =>
  readLogger(text)!.columns.map(({ held: what, unit }) => [what, unit]);
const run = (text: string) => {
  const table = readLogger(text)!;
  return samplesBy(table, table.columns);
};

describe('a logger’s table', () => {
  it('has its columns and their units found by their names', () => {
    expect(
      held('Time [ms],Flow gpm,Pump speed,Pressure kPa,Oil temp (F),Note\n0,1,2,3,4,x'),
    ).toEqual([
      ['t_s', 'ms'],
      ['flow_lpm', 'gpm'],
      ['rpm', 'rpm'],
      ['bar', 'kPa'],
      ['oil_C', '°F'],
      [null, ''],
    ]);
    expect(held('clock;Q (l/min);p (psi);n\n12:00:05;9,4;116;700')).toEqual([
      ['t_s', 'clock'],
      ['flow_lpm', 'l/min'],
      ['bar', 'psi'],
      ['rpm', 'rpm'],
    ]);
    expect(readLogger('')).toBeNull();
    expect(readLogger('flow\n1')).toBeNull();
    expect(readLogger('t_s,flow')).toBeNull();
  });
  it('is read in l/min, bar, 1/min and °C, from its first moment on', () => {
    const { samples } = run(
      'Time (min);Flow (gpm);Pressure (psi);Oil °F\n10;2;100;212\n10,5;;101;212',
    );
    expect(samples[0]).toMatchObject({ t_s: 0, rpm: null });
    expect(samples[0]!.flow_lpm).toBeCloseTo(7.5708, 3);
    expect(samples[0]!.bar).toBeCloseTo(6.8948, 3);
    expect(samples[0]!.oil_C).toBeCloseTo(100, 9);
    expect(samples[1]).toMatchObject({ t_s: 30, flow_lpm: null });
    const clocks = run('time,flow\n23:59:58,9\n2026-12-01,10\n23:59:59.5,11');
    expect(clocks.samples.map(({ t_s }) => t_s)).toEqual([0, 1.5]);
    expect(clocks.skipped).toBe(1);
  });
  it('is thinned to ten a second, the middle of each tenth', () => {
    const rows = Array.from({ length: 1000 }, (_, i) => `${i / 100},${i % 10 === 3 ? 900 : 9}`);
    const { samples, isThinned } = run(['t_s,flow', ...rows].join('\n'));
    expect(isThinned).toBe(true);
    expect(samples.length).toBe(100);
    expect(samples.every(({ flow_lpm }) => flow_lpm === 9)).toBe(true);
  });
});

describe('samples as text', () => {
  const figure = (max: number) =>
    fc.option(fc.double({ min: 0, max, noNaN: true }), { nil: null, freq: 5 });
  const sample: fc.Arbitrary<Sample> = fc.record({
    t_s: fc.double({ min: 0, max: 3600, noNaN: true }),
    flow_lpm: figure(500),
    bar: figure(400),
    rpm: figure(6000),
    oil_C: figure(120),
  });
  it('are read back as they were, to the last digit that any instrument shows', () => {
    fc.assert(
      fc.property(fc.array(sample, { maxLength: 40 }), (samples) => {
        const back = samplesIn(samplesText(samples));
        expect(back.length).toBe(samples.length);
        back.forEach((one, i) => {
          expect(one.t_s).toBeCloseTo(samples[i]!.t_s, 2);
          const was = samples[i]!.flow_lpm;
          if (was === null) expect(one.flow_lpm).toBeNull();
          else expect(one.flow_lpm).toBeCloseTo(was, 2);
        });
      }),
    );
  });
  it('are left out where they are none', () => {
    expect(samplesIn('1,2,3,4,5;;x,1,2,3,4;2,9e9,,1.2.3,')).toEqual([
      { t_s: 1, flow_lpm: 2, bar: 3, rpm: 4, oil_C: 5 },
      { t_s: 2, flow_lpm: null, bar: null, rpm: null, oil_C: null },
    ]);
  });
});
