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

const ask = (name: string, input: unknown) =>
  answer(name, JSON.stringify(input)).value as Record<string, unknown>;
const errorOf = (name: string, input: unknown) =>
  (ask(name, input).error ?? null) as { field: string; message: string } | null;

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
  it('reads shop shorthand', () => {
    expect(ask('reading.parse', { text: '2-1/2', kind: 'gap', unit: 'thou' })).toEqual({
      mm: 0.0635,
      echo: '2.5 thou = 0.0635 mm',
    });
  });
  it('gives the probability and the verdict', () => {
    expect(ask('conformity', CONFORMITY)).toEqual({
      probability: expect.closeTo(0.7475, 4) as number,
      verdict: 'close',
    });
  });
  it('takes a bracket without an upper end', () => {
    const open = { lo_mm: 0.05, hi_mm: null, rule: 'guarded' };
    expect(ask('conformity', { ...open, lower_mm: 0.04 })).toEqual({
      probability: 1,
      verdict: 'in',
    });
    expect(ask('conformity', { ...open, upper_mm: 0.04 })).toEqual({
      probability: 0,
      verdict: 'out',
    });
    expect(ask('conformity', { ...open, upper_mm: 0.06 })).toMatchObject({ verdict: 'close' });
  });
  it('climbs the ladder', () => {
    expect(ask('feeler.next', FEELER)).toMatchObject({
      smallest: { lo_mm: 0, hi_mm: null },
      verdict: 'open',
      next: { leaves_mm: [0.06] },
    });
    const tries = [{ leaves_mm: [0.06], felt: 'no-go' }];
    expect(ask('feeler.next', { ...FEELER, tries })).toMatchObject({
      largest: { lo_mm: 0, hi_mm: 0.06 },
      verdict: 'in',
      next: null,
    });
  });
  it('takes null for a limit that is not there', () => {
    expect(ask('feeler.next', { ...FEELER, lower_mm: null })).toMatchObject({ verdict: 'open' });
  });
  it('subtracts sizes', () => {
    const terms = [TERM, { ...TERM, name: 'width', sign: -1, value_mm: 19.95 }];
    expect(ask('gap.fromSizes', { terms })).toEqual({
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
  ])('%s %j is an error at %s', (name, input, field) => {
    expect(errorOf(name, input)?.field).toBe(field);
  });

  it('names the later of two tries that contradict', () => {
    const tries = [
      { leaves_mm: [0.05], felt: 'free' },
      { leaves_mm: [0.03], felt: 'no-go' },
    ];
    expect(errorOf('feeler.next', { ...FEELER, tries })?.field).toBe('tries[1].felt');
  });
  it('refuses numbers that are not finite, text that is not JSON, a sum that is none', () => {
    expect(answer('conformity', '{"value_mm":1e999,"u_mm":1,"rule":"plain"}').value).toMatchObject({
      error: { field: 'value_mm' },
    });
    expect(answer('conformity', '{"value').ok).toBe(false);
    expect(errorOf('toString', {})?.message).toMatch(/No sum is called/);
    expect(errorOf('conformity', null)).not.toBeNull();
  });
});

describe('the sums of measuring', () => {
  const around = (tilt: number) =>
    [0, 90, 180, 270].map((angle_deg) => ({
      angle_deg,
      radius_mm: 40,
      depth_mm: 20 + (tilt / 80) * 40 * Math.cos(((angle_deg - 90) * Math.PI) / 180),
    }));
  it('fit a tilt across the diameter asked for', () => {
    expect(ask('tilt.fit', { diameter_mm: 120, points: around(0.02) })).toMatchObject({
      mean_mm: expect.closeTo(20, 9) as number,
      tilt_mm: expect.closeTo(0.03, 9) as number,
      direction_deg: expect.closeTo(90, 6) as number,
      residualRms_mm: expect.closeTo(0, 9) as number,
      smallest_mm: expect.closeTo(19.99, 9) as number,
      largest_mm: expect.closeTo(20.01, 9) as number,
    });
  });
  it('study repeatability', () => {
    const readings = ['a', 'b'].flatMap((person) =>
      ['1', '2'].flatMap((part) =>
        [1, 2].map((trial) => ({ person, part, trial, value: Number(part) + trial / 100 })),
      ),
    );
    expect(ask('repeatability.study', { readings })).toMatchObject({
      reproducibility: 0,
      categories: expect.any(Number) as number,
    });
    expect(errorOf('repeatability.study', { readings: readings.slice(1) })?.field).toBe('readings');
    const numbered = readings.map((r) => ({ ...r, part: Number(r.part), trial: `t${r.trial}` }));
    expect(ask('repeatability.study', { readings: numbered })).toEqual(
      ask('repeatability.study', { readings }),
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
  ])('%s %j is an error at %s', (name, input, field) => {
    expect(errorOf(name, input)?.field).toBe(field);
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
    ...{ kind: 'operation', id: 'o1', at: job.createdAt, by: '', voided: null, remark: '' },
    ...{ part: 'body', work: 'faced' },
    changes: [{ dimension: 'pocket-depth', by_mm: -0.02, u_mm: 0 }],
  });
  const fileOf = (...jobs: Job[]) => JSON.parse(writeFile({ jobs }, job.createdAt)) as object;
  interface Answer {
    characteristics: Record<string, unknown>[];
    dimensions: { id: string }[];
  }
  const state = (of: Job) => ask('job.assess', { file: fileOf(of) }) as unknown as Answer;
  const face = (of: Job) => state(of).characteristics.find((c) => c.id === 'face-drive');

  it('is every characteristic, with an interval for what is known of it', () => {
    expect(state(sizes).characteristics.map((c) => c.id)).toEqual(
      pumpOf(VELTRANE_T6).characteristics.map((c) => c.id),
    );
    expect(face(sizes)).toMatchObject({
      now: { largest: { hi_mm: expect.closeTo(0.06 + 2 * Math.hypot(0.003, 0.003), 9) as number } },
      before: null,
      predicted: null,
    });
    expect(face(job)).toMatchObject({ now: null, verdict: 'open', probability: null });
  });
  it('is before, predicted and open again after work', () => {
    expect(face(faced)).toMatchObject({
      now: null,
      before: face(sizes)?.now,
      predicted: {
        largest: { hi_mm: expect.closeTo(0.04 + 2 * Math.hypot(0.003, 0.003), 9) as number },
      },
      verdict: 'open',
    });
    expect(state(faced).dimensions.find((d) => d.id === 'pocket-depth')).toEqual({
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
  it('wants one job in a sound file', () => {
    expect(errorOf('job.assess', { file: fileOf() })?.field).toBe('file.jobs');
    expect(errorOf('job.assess', { file: fileOf(job, { ...job, id: 'b' }) })?.field).toBe(
      'file.jobs',
    );
    expect(errorOf('job.assess', { file: fileOf({ ...job, tag: '' }) })?.field).toBe(
      'file.jobs[0].tag',
    );
    expect(errorOf('job.assess', { file: {} })?.field).toBe('file');
    expect(errorOf('job.assess', { file: 'x' })?.field).toBe('file');
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
      'repeatability.study',
    ]);
  });
});
