import { spawnSync } from 'node:child_process';
import { record, withReading } from '../core/journal/commands';
import { pumpOf } from '../core/pumps/registry';
import { writeFile } from '../core/records/file';
import type { Job } from '../core/records/job';
import { emptyJob } from '../core/practice/job';
import { VELTRANE_T6 } from '../demo/sheets';
import { sizeAt } from '../core/practice/gauge';
import { answer } from './answer';
import { SUMS } from './sums';

const ask = async (name: string, input: unknown) =>
  (await answer(name, JSON.stringify(input))).value as Record<string, unknown>;
const errorOf = async (name: string, input: unknown) =>
  ((await ask(name, input)).error ?? null) as { field: string; message: string } | null;

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

const PUMP = {
  dimensions: { depth: 20.09, width: 20 },
  characteristics: [{ id: 'end', terms: { depth: 1, width: -1 }, lower_mm: 0.02, upper_mm: 0.08 }],
  operations: [
    { id: 'deck', effects: { depth: -1 }, min_mm: 0, max_mm: 0.2, fixedCost: 40, costPerMm: 0 },
  ],
};
const [END] = PUMP.characteristics;
const [DECK] = PUMP.operations;
const MATCH = {
  bodies: [
    { id: 'A', depth_mm: 20.06 },
    { id: 'B', depth_mm: 20.12 },
  ],
  gears: [
    { id: 'X', width_mm: 20.01 },
    { id: 'Y', width_mm: 20.02 },
  ],
  ...{ lower_mm: 0.02, upper_mm: 0.06, maxDeckCut_mm: 0.05, maxGearGrind_mm: 0 },
};
const VANE = {
  ...{ ringRadius_mm: 29, eccentricity_mm: 4.7, rotorRadius_mm: 24, vaneLength_mm: 15.5 },
  ...{ newVaneLength_mm: 16, hours: 2000, leastInSlot_mm: 5 },
};

describe('the sums of deciding', () => {
  it('plan the cheapest work, with the range of its amount', async () => {
    expect(await ask('rework.plan', { ...PUMP, guard_mm: 0.005 })).toEqual({
      feasible: true,
      cost: 40,
      operations: [
        {
          id: 'deck',
          amount_mm: expect.closeTo(0.04, 6) as number,
          from_mm: expect.closeTo(0.015, 9) as number,
          to_mm: expect.closeTo(0.065, 9) as number,
        },
      ],
      predicted: { end: expect.closeTo(0.05, 6) as number },
      blocking: [],
    });
  });
  it('say what blocks where nothing brings it in', async () => {
    const operations = [{ ...DECK, max_mm: 0.005 }];
    expect(await ask('rework.plan', { ...PUMP, operations })).toEqual({
      feasible: false,
      cost: null,
      operations: [],
      predicted: { end: expect.closeTo(0.09, 9) as number },
      blocking: ['end'],
    });
  });
  it('pair parts with the least metal off', async () => {
    expect(await ask('match.parts', MATCH)).toEqual({
      pairs: [
        {
          ...{ body: 'A', gear: 'X', deckCut_mm: 0, gearGrind_mm: 0 },
          gap_mm: expect.closeTo(0.05, 9) as number,
        },
        {
          ...{ body: 'B', gear: 'Y', gearGrind_mm: 0 },
          deckCut_mm: expect.closeTo(0.04, 9) as number,
          gap_mm: expect.closeTo(0.06, 9) as number,
        },
      ],
      built: 2,
      totalCut_mm: expect.closeTo(0.04, 9) as number,
    });
  });
  it('give the reach of a vane and the hours that it has', async () => {
    expect(await ask('vane.reach', VANE)).toEqual({
      reach_mm: expect.closeTo(9.7, 9) as number,
      inSlot_mm: expect.closeTo(5.8, 9) as number,
      verdict: 'in',
      hoursLeft: expect.closeTo(3200, 6) as number,
    });
  });
  it.each([
    ['rework.plan', { ...PUMP, dimensions: { depth: 'deep', width: 20 } }, 'dimensions.depth'],
    ['rework.plan', { ...PUMP, dimensions: { depth: 20.09 } }, 'characteristics[0].terms.width'],
    [
      'rework.plan',
      { ...PUMP, characteristics: [{ ...END, upper_mm: 0.01 }] },
      'characteristics[0].upper_mm',
    ],
    ['rework.plan', { ...PUMP, characteristics: [END, END] }, 'characteristics'],
    ['rework.plan', { ...PUMP, operations: [{ ...DECK, min_mm: 0.3 }] }, 'operations[0].max_mm'],
    ['rework.plan', { ...PUMP, operations: [{ ...DECK, max_mm: null }] }, 'operations[0].max_mm'],
    [
      'rework.plan',
      { ...PUMP, operations: [{ ...DECK, effects: { floor: 1 } }] },
      'operations[0].effects.floor',
    ],
    [
      'rework.plan',
      { ...PUMP, operations: [{ ...DECK, offset: { floor: 1 } }] },
      'operations[0].offset.floor',
    ],
    ['rework.plan', { ...PUMP, excludes: [['deck', 'floor']] }, 'excludes[0][1]'],
    ['rework.plan', { ...PUMP, excludes: [['deck', 'deck']] }, 'excludes[0]'],
    ['rework.plan', { ...PUMP, guard_mm: -1 }, 'guard_mm'],
    ['match.parts', { ...MATCH, upper_mm: 0.01 }, 'upper_mm'],
    ['match.parts', { ...MATCH, gears: [...MATCH.gears, ...MATCH.gears] }, 'gears'],
    ['match.parts', { ...MATCH, maxDeckCut_mm: -0.1 }, 'maxDeckCut_mm'],
    ['vane.reach', { ...VANE, hours: 0 }, 'hours'],
    ['vane.reach', { ...VANE, leastInSlot_mm: undefined }, 'leastInSlot_mm'],
  ])('%s %j is an error at %s', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });
});

describe('the state of a job', () => {
  const job = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
  const mic = { u_mm: 0.003, own_mm: 0.0015, off_mm: 0 };
  const sizes = [
    ...['12', '6', '3', '9'].map((s) => sizeAt('pocket-depth', s, `d${s}`, 20.06, mic)),
    sizeAt('drive-width', 'a', 'wa', 20, mic),
  ].reduce(withReading, job);
  const faced = record(sizes, {
    ...{
      kind: 'operation',
      id: 'o1',
      at: job.createdAt,
      by: '',
      voided: null,
      remark: '',
      step: null,
    },
    ...{ part: 'body', work: 'faced' },
    changes: [{ dimension: 'pocket-depth', by_mm: -0.02, u_mm: 0 }],
  });
  const fileOf = (...jobs: Job[]) => JSON.parse(writeFile({ jobs }, job.createdAt)) as object;
  interface Answer {
    characteristics: Record<string, unknown>[];
    dimensions: { id: string }[];
  }
  const state = async (of: Job) =>
    (await ask('job.assess', { file: fileOf(of) })) as unknown as Answer;
  const face = async (of: Job) =>
    (await state(of)).characteristics.find((c) => c.id === 'face-drive');

  it('is every characteristic, with an interval for what is known of it', async () => {
    expect((await state(sizes)).characteristics.map((c) => c.id)).toEqual(
      pumpOf(VELTRANE_T6).characteristics.map((c) => c.id),
    );
    expect(await face(sizes)).toMatchObject({
      now: { largest: { hi_mm: expect.closeTo(0.06 + 2 * Math.hypot(0.003, 0.003), 9) as number } },
      before: null,
      predicted: null,
    });
    expect(await face(job)).toMatchObject({ now: null, verdict: 'open', probability: null });
  });
  it('is before, predicted and open again after work', async () => {
    expect(await face(faced)).toMatchObject({
      now: null,
      before: (await face(sizes))?.now,
      predicted: {
        largest: { hi_mm: expect.closeTo(0.04 + 2 * Math.hypot(0.003, 0.003), 9) as number },
      },
      verdict: 'open',
    });
    expect((await state(faced)).dimensions.find((d) => d.id === 'pocket-depth')).toEqual({
      id: 'pocket-depth',
      part: 'body',
      best_mm: expect.closeTo(20.04, 9) as number,
      u_mm: 0.003,
      smallest_mm: expect.closeTo(20.04, 9) as number,
      largest_mm: expect.closeTo(20.04, 9) as number,
      readings: 4,
      source: 'worked',
    });
  });
  it('wants one job in a sound file', async () => {
    expect((await errorOf('job.assess', { file: fileOf() }))?.field).toBe('file.jobs');
    expect((await errorOf('job.assess', { file: fileOf(job, { ...job, id: 'b' }) }))?.field).toBe(
      'file.jobs',
    );
    expect((await errorOf('job.assess', { file: fileOf({ ...job, tag: '' }) }))?.field).toBe(
      'file.jobs[0].tag',
    );
    expect((await errorOf('job.assess', { file: {} }))?.field).toBe('file');
    expect((await errorOf('job.assess', { file: 'x' }))?.field).toBe('file');
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
    expect(Object.keys(SUMS)).toEqual([
      'reading.parse',
      'feeler.next',
      'gap.fromSizes',
      'conformity',
      'tilt.fit',
      'job.assess',
      'match.parts',
      'rework.plan',
      'vane.reach',
      'repeatability.study',
    ]);
  });
});
