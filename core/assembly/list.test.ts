import fc from 'fast-check';
import { answerBuild, undoBuild } from '../commands/building';
import { orderList } from '../inspect/order';
import { ledgerOf } from '../journal/ledger';
import { pumpOf } from '../pumps/registry';
import { writeFile } from '../records/fileFormat';
import type { Job } from '../records/job';
import { readFile } from '../records/readFile';
import type { Sheet } from '../records/sheet';
import { built, came, itemAt, jobOn, listOf, T6 } from '../testing/assembly';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, stamp } from '../testing/findings';
import { AT } from '../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { isReady, nextStepOf } from './list';
import { stepsOf } from './steps';

const EVERY: readonly (readonly [name: string, sheet: Sheet])[] = [...EVERY_BUILD, ...SHEETS].map(
  (sheet) => [sheet.model, sheet],
);
const placedIn = (job: Job) =>
  stepsOf(job)
    .filter(({ kind }) => kind !== 'clean')
    .flatMap(({ parts }) => parts);

describe.each(EVERY)('the build of %s', (_, sheet) => {
  const job = jobOn(sheet);
  const steps = stepsOf(job);

  it('puts in each part and each renewal exactly once', () => {
    const ids = new Set<string>([
      ...pumpOf(sheet).parts.map(({ id }) => id),
      ...sheet.renew.map(({ id }) => id),
    ]);
    expect(placedIn(job).sort()).toEqual([...ids].sort());
  });

  it('has each step once, and nothing before what it needs', () => {
    const ids = steps.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, after } of steps) {
      for (const before of after.filter((other) => ids.includes(other))) {
        expect([id, before, ids.indexOf(before) < ids.indexOf(id)]).toEqual([id, before, true]);
      }
    }
  });

  it('spins each section at stage 1 and at full torque, after the bolts', () => {
    const sections = new Set(pumpOf(sheet).parts.map(({ section }) => section ?? 1)).size;
    const spins = steps.filter(({ kind }) => kind === 'spin');
    expect(spins).toHaveLength(2 * sections);
    for (const spin of spins) expect(steps[steps.indexOf(spin) - 1]?.kind).toBe('fasten');
  });

  it('has the ways round as the sheet has them', () => {
    for (const { step, way } of listOf(job)) {
      const noted = sheet.strip.find(({ id }) => id === step.strip);
      if (noted?.right) expect(way.right).toEqual({ id: noted.way, option: noted.right });
      if (way.asks) expect(way.right).toBeNull();
    }
  });

  it('asks for what is always replaced until it has come', () => {
    const always = orderList(job).filter(({ id }) => id.startsWith('renew--'));
    const needs = (of: Job, line: string) =>
      listOf(of).flatMap((item) => item.needs.filter((n) => n.id === `order-${line}`));
    for (const { id } of always) {
      expect(needs(job, id).map(({ met }) => met)).toEqual([false]);
      expect(needs(came(job, id), id).map(({ met }) => met)).toEqual([true]);
    }
  });

  it('is done when every step is, and is the same in a file', () => {
    const done = built(job);
    expect(listOf(done).map(({ state }) => state)).toEqual(steps.map(() => 'done'));
    expect(nextStepOf(listOf(done))).toBeNull();
    const [read] = readFile(writeFile({ jobs: [done] }, AT)).jobs;
    expect(listOf(read!)).toEqual(listOf(done));
  });
});

describe('a tool of the sheet', () => {
  const tool = (id: string, step: string) => ({ id, name: id, use: '', sizes: '', step });
  const job = jobOn({
    ...VELTRANE_T6,
    tools: [tool('drift', 'seal'), tool('lost', 'gone'), tool('any', '')],
  });
  const named = (step: string) => itemAt(job, step).tools.map(({ id }) => id);

  it('stands at its step; one of no step of this list at the first', () => {
    expect([named('seal'), named('clean'), named('drive')]).toEqual([
      ['drift'],
      ['lost', 'any'],
      [],
    ]);
  });
});

describe('an answer', () => {
  const done = built(T6);

  it('is of before once its part was exchanged, with the spins after it and nothing else', () => {
    const swapped = listOf(exchanged(done, 'drive'));
    const open = swapped.filter(({ state }) => state !== 'done').map(({ step }) => step.id);
    expect(open).toEqual(
      expect.arrayContaining(['clean', 'drive', 'fasten-1', 'spin-1', 'spin-2']),
    );
    expect(open).not.toContain('driven');
    expect(open).not.toContain('bushing');
  });

  it('is taken back, and counts again in the order of doing', () => {
    const back = undoBuild(done, stamp());
    expect(itemAt(back, 'first-start').state).toBe('open');
    expect(itemAt(undoBuild(back, stamp()), 'fill').state).toBe('open');
    expect(ledgerOf(back).builds).toHaveLength(ledgerOf(done).builds.length);
  });

  it('of a seal wants all clearances in', () => {
    const { needs } = itemAt(jobOn(VELTRANE_T6, { tier: 'new' }), 'seal');
    const gaps = needs.filter(({ id }) => id.startsWith('gap-'));
    expect(gaps.map(({ id }) => id)).toContain('gap-hub-bushing');
    expect(gaps.every(({ met }) => !met)).toBe(true);
    expect(isReady(listOf(T6))).toBe(false);
  });

  it('of any kind, in any order, leaves a list that can be gone on with', () => {
    const ids = stepsOf(T6).map(({ id }) => id);
    const said = fc.record({
      step: fc.constantFrom(...ids),
      said: fc.constantFrom('done', 'later', 'absent', 'free', 'tight', 'catches'),
    });
    fc.assert(
      fc.property(fc.array(said, { maxLength: 12 }), (answers) => {
        const after = answers.reduce((job, s) => answerBuild(s)(job, stamp()), T6);
        const items = listOf(after);
        expect(items.map(({ step }) => step.id)).toEqual(ids);
        const last = new Map(answers.map((a) => [a.step, a.said]));
        for (const { step, state } of items) {
          if (last.get(step.id) === 'later') expect(state).toBe('later');
        }
        expect(nextStepOf(items)).not.toBeNull();
      }),
      { numRuns: 40 },
    );
  });
});
