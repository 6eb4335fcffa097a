import { spawnSync } from 'node:child_process';
import { answer } from './answer';
import { SUMS } from './sums';
import { ask, errorOf } from './ask';

const CONFORMITY = {
  value_mm: 0.058,
  u_mm: 0.003,
  lower_mm: 0.02,
  upper_mm: 0.06,
  rule: 'guarded',
};

const FEELER = {
  leaves_mm: [0.03, 0.05, 0.06, 0.07],
  maxStack: 1,
  upper_mm: 0.06,
  goal: 'verdict',
  tries: [],
};

const TERM = { name: 'depth', sign: 1, value_mm: 20, u_mm: 0.003 };

describe('the sums of the contract', () => {
  it('reads shop shorthand', async () => {
    expect(await ask('reading.parse', { text: '2-1/2', kind: 'gap', unit: 'thou' })).toEqual({
      mm: 0.0635,
      echo: '2.5 thou = 0.0635 mm',
    });
  });
  it('gives the probability and the verdict', async () => {
    expect(await ask('conformity', CONFORMITY)).toEqual({
      probability: expect.closeTo(0.7475, 4) as number,
      verdict: 'close',
    });
  });
  it('takes a bracket without an upper end', async () => {
    const open = { lo_mm: 0.05, hi_mm: null, rule: 'guarded' };
    expect(await ask('conformity', { ...open, lower_mm: 0.04 })).toEqual({
      probability: 1,
      verdict: 'in',
    });
    expect(await ask('conformity', { ...open, upper_mm: 0.04 })).toEqual({
      probability: 0,
      verdict: 'out',
    });
    expect(await ask('conformity', { ...open, upper_mm: 0.06 })).toMatchObject({
      verdict: 'close',
    });
  });
  it('climbs the ladder', async () => {
    expect(await ask('feeler.next', FEELER)).toMatchObject({
      smallest: { lo_mm: 0, hi_mm: null },
      verdict: 'open',
      next: { leaves_mm: [0.06] },
    });
    const tries = [{ leaves_mm: [0.06], felt: 'no-go' }];
    expect(await ask('feeler.next', { ...FEELER, tries })).toMatchObject({
      largest: { lo_mm: 0, hi_mm: 0.06 },
      verdict: 'in',
      next: null,
    });
  });
  it('takes null for a limit that is not there', async () => {
    expect(await ask('feeler.next', { ...FEELER, lower_mm: null })).toMatchObject({
      verdict: 'open',
    });
  });
  it('subtracts sizes', async () => {
    const terms = [TERM, { ...TERM, name: 'width', sign: -1, value_mm: 19.95 }];
    expect(await ask('gap.fromSizes', { terms })).toEqual({
      gap_mm: expect.closeTo(0.05, 9) as number,
      u_mm: expect.closeTo(0.003 * Math.SQRT2, 9) as number,
      hot_mm: null,
    });
  });
});

describe('bad input', () => {
  it.each([
    ['reading.parse', { text: 'x', kind: 'gap', unit: 'mm' }, 'text'],
    ['reading.parse', { text: '1', kind: 'gape', unit: 'mm' }, 'kind'],
    ['reading.parse', { text: '1', kind: 'gap' }, 'unit'],
    ['reading.parse', { text: '1', kind: 'gap', unit: 'mm', more: 1 }, 'more'],
    ['feeler.next', { ...FEELER, tries: [{ leaves_mm: [0.05], felt: 'tight' }] }, 'tries[0].felt'],
    [
      'feeler.next',
      { ...FEELER, tries: [{ leaves_mm: [0.05], felt: 'free', x: 1 }] },
      'tries[0].x',
    ],
    [
      'feeler.next',
      { ...FEELER, tries: [{ leaves_mm: [0.05, 0.05], felt: 'free' }] },
      'tries[0].leaves_mm',
    ],
    ['feeler.next', { ...FEELER, leaves_mm: [] }, 'leaves_mm'],
    ['feeler.next', { ...FEELER, leaves_mm: [0.05, -0.01] }, 'leaves_mm[1]'],
    ['feeler.next', { ...FEELER, maxStack: 4 }, 'maxStack'],
    ['feeler.next', { ...FEELER, lower_mm: 0.07 }, 'upper_mm'],
    ['conformity', { ...CONFORMITY, u_mm: undefined }, 'u_mm'],
    ['conformity', { rule: 'plain' }, 'value_mm'],
    ['conformity', { ...CONFORMITY, lo_mm: 1 }, 'hi_mm'],
    ['conformity', { rule: 'plain', lo_mm: 1 }, 'hi_mm'],
    ['conformity', { rule: 'plain', hi_mm: 1 }, 'lo_mm'],
    ['conformity', { ...CONFORMITY, confidence: 1 }, 'confidence'],
    ['gap.fromSizes', { terms: [] }, 'terms'],
    ['gap.fromSizes', { terms: [{ ...TERM, sign: 2 }] }, 'terms[0].sign'],
    ['gap.fromSizes', { terms: [{ ...TERM, value_mm: '20' }] }, 'terms[0].value_mm'],
  ])('%s %j is an error at %s', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });

  it('names the later of two tries that contradict', async () => {
    const tries = [
      { leaves_mm: [0.05], felt: 'free' },
      { leaves_mm: [0.03], felt: 'no-go' },
    ];
    expect((await errorOf('feeler.next', { ...FEELER, tries }))?.field).toBe('tries[1].felt');
  });
  it('refuses numbers that are not finite, text that is not JSON, a sum that is none', async () => {
    expect(
      (await answer('conformity', '{"value_mm":1e999,"u_mm":1,"rule":"plain"}')).value,
    ).toMatchObject({
      error: { field: 'value_mm' },
    });
    expect((await answer('conformity', '{"value')).ok).toBe(false);
    expect((await errorOf('toString', {}))?.message).toMatch(/No sum is called/);
    expect(await errorOf('conformity', null)).not.toBeNull();
  });
});

describe('the sums of measuring', () => {
  const around = (tilt: number) =>
    [0, 90, 180, 270].map((angle_deg) => ({
      angle_deg,
      radius_mm: 40,
      depth_mm: 20 + (tilt / 80) * 40 * Math.cos(((angle_deg - 90) * Math.PI) / 180),
    }));
  it('fit a tilt across the diameter asked for', async () => {
    expect(await ask('tilt.fit', { diameter_mm: 120, points: around(0.02) })).toMatchObject({
      mean_mm: expect.closeTo(20, 9) as number,
      tilt_mm: expect.closeTo(0.03, 9) as number,
      direction_deg: expect.closeTo(90, 6) as number,
      residualRms_mm: expect.closeTo(0, 9) as number,
      smallest_mm: expect.closeTo(19.99, 9) as number,
      largest_mm: expect.closeTo(20.01, 9) as number,
    });
  });
  it('study repeatability', async () => {
    const readings = ['a', 'b'].flatMap((person) =>
      ['1', '2'].flatMap((part) =>
        [1, 2].map((trial) => ({ person, part, trial, value: Number(part) + trial / 100 })),
      ),
    );
    expect(await ask('repeatability.study', { readings })).toMatchObject({
      reproducibility: 0,
      categories: expect.any(Number) as number,
    });
    expect((await errorOf('repeatability.study', { readings: readings.slice(1) }))?.field).toBe(
      'readings',
    );
    const numbered = readings.map((r) => ({ ...r, part: Number(r.part), trial: `t${r.trial}` }));
    expect(await ask('repeatability.study', { readings: numbered })).toEqual(
      await ask('repeatability.study', { readings }),
    );
  });
  it.each([
    ['tilt.fit', { diameter_mm: 0, points: around(0) }, 'diameter_mm'],
    ['tilt.fit', { diameter_mm: 100, points: around(0).slice(2) }, 'points'],
    [
      'tilt.fit',
      { diameter_mm: 100, points: around(0).map((p) => ({ ...p, angle_deg: 0 })) },
      'points',
    ],
    [
      'tilt.fit',
      { diameter_mm: 100, points: [...around(0), { angle_deg: 1, depth_mm: 2 }] },
      'points[4].radius_mm',
    ],
    ['repeatability.study', { readings: [] }, 'readings'],
    [
      'repeatability.study',
      {
        readings: Array.from({ length: 8 }, () => ({ part: {}, person: 'a', trial: 1, value: 1 })),
      },
      'readings[0].part',
    ],
  ])('%s %j is an error at %s', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });
});

describe('the command', () => {
  const run = (args: string[], input: string) =>
    spawnSync(process.execPath, ['--import', 'tsx', 'cli/calc.ts', ...args], {
      input,
      encoding: 'utf8',
    });

  it('answers on standard output and exits with 0', () => {
    const { stdout, status } = run(['conformity'], JSON.stringify(CONFORMITY));
    expect(JSON.parse(stdout)).toMatchObject({ verdict: 'close' });
    expect(status).toBe(0);
  });
  it('answers every line in order, and exits with 2 where one was wrong', () => {
    const lines = ['1', 'x', '3']
      .map((text) => JSON.stringify({ text, kind: 'gap', unit: 'mm' }))
      .join('\n');
    const { stdout, status } = run(['reading.parse', '--lines'], lines);
    const answers = stdout
      .trim()
      .split('\n')
      .map((l) => JSON.parse(l) as Record<string, unknown>);
    expect(answers.map((a) => a.mm ?? 'error')).toEqual([1, 'error', 3]);
    expect(status).toBe(2);
  });
  it('has all the sums that are there so far', () => {
    expect(new Set(SUMS.keys())).toEqual(
      new Set([
        'reading.parse',
        'feeler.next',
        'gap.fromSizes',
        'conformity',
        'tilt.fit',
        'job.assess',
        'job.decide',
        'job.build',
        'job.flow',
        'match.parts',
        'rework.plan',
        'vane.reach',
        'repeatability.study',
        'fluid.at',
        'displacement',
        'leak',
        'flow.expect',
        'pump.flow',
        'stack.face',
        'leaves.stack',
        'hub.fit',
        'bridge.shim',
        'causes.rank',
        'job.causes',
        'job.report',
        'shim.choose',
        'indicator.lever',
        'flow.drive',
        'inlet.maxSpeed',
        'inlet.bore',
        'seal.cavity',
        'seal.drain',
        'rotation.name',
        'rotation.reverse',
        'ports.clock',
        'torque.plan',
        'interface.identify',
        'port.flow',
        'money.compare',
        'conformity.need',
        'fluid.tempFor',
        'history.standing',
      ]),
    );
  });
});
