import fc from 'fast-check';
import { answerBuild, drawUp, noteTrial, slackenStage, undoBuild } from '../commands/building';
import { noteOrder } from '../commands/ordering';
import { noteStrip } from '../commands/noting';
import { assessJob } from '../guidance/evaluator';
import { orderList } from '../inspect/order';
import { ledgerOf } from '../journal/ledger';
import { emptyJob } from '../practice/job';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { readFile } from '../records/readFile';
import { writeFile } from '../records/fileFormat';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, found, stamp } from '../testing/findings';
import { record } from '../journal/commands';
import { AT } from '../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { buildList, isReady, nextStepOf, type BuildItem } from './list';
import { leftOpenWords } from './open';
import { reversalOf } from './reversal';
import { stepsOf } from './steps';

const EVERY: readonly (readonly [name: string, sheet: Sheet])[] = [...EVERY_BUILD, ...SHEETS].map(
  (sheet) => [sheet.model, sheet],
);
const jobOn = (sheet: Sheet, more: Partial<Job> = {}): Job => ({ ...emptyJob(sheet, AT), ...more });
const listOf = (job: Job) => buildList(job, assessJob(job));
const at = (items: readonly BuildItem[], id: string) => items.find(({ step }) => step.id === id)!;
const placedIn = (job: Job) =>
  stepsOf(job)
    .filter(({ kind }) => kind !== 'clean')
    .flatMap(({ parts }) => parts);
const came = (job: Job, line: string) =>
  noteOrder({ line, state: 'came', date: '2026-11-30', supplier: '', partNumber: '' })(
    job,
    stamp(),
  );
const T6 = jobOn(VELTRANE_T6);

/** Answers each step in turn as somebody would who has all at hand. */
function built(job: Job): Job {
  let done = job;
  for (const { step } of listOf(job)) {
    const { torquing } = at(listOf(done), step.id);
    for (const [stage] of (torquing?.stages ?? []).entries()) {
      const bolts = torquing!.order;
      done = drawUp({ step: step.id, stage, bolts: [...bolts], unit: 'Nm', wrench: null })(
        done,
        stamp(),
      );
    }
    if (torquing) continue;
    const said = step.kind === 'spin' ? 'free' : 'done';
    done = answerBuild({ step: step.id, said })(done, stamp());
  }
  return done;
}

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

describe('a list', () => {
  it('draws up each kind of bolts of the sheet', () => {
    for (const sheet of SHEETS) {
      const drawn = new Set(stepsOf(jobOn(sheet)).map(({ fastener }) => fastener));
      expect(sheet.fasteners.map(({ id }) => drawn.has(id))).toEqual(
        sheet.fasteners.map(() => true),
      );
    }
  });

  it('is the sheet’s own where that has one', () => {
    const assembly = stepsOf(T6)
      .slice(0, 3)
      .map((step) => ({ ...step, do: `${step.do} Slowly.` }));
    const own = stepsOf(jobOn({ ...VELTRANE_T6, assembly, renew: [] }));
    expect(own.slice(0, 3).map((s) => s.do)).toEqual(assembly.map((s) => s.do));
  });

  it('puts in once what a sheet renews beyond its family', () => {
    const filter = { id: 'filter', name: 'Filter', count: 1, when: 'always' as const };
    const job = jobOn({ ...VELTRANE_T6, renew: [...VELTRANE_T6.renew, filter] });
    const fit = stepsOf(job).filter(({ parts }) => parts.includes('filter'));
    expect(fit.map((step) => step.do)).toEqual(['Fit what is always replaced: Filter.']);
  });

  it('leaves out a seal and a drain that a pump does not have', () => {
    const gears = EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-1')!;
    const bare = { ...gears, seals: 0, drain: 'none' as const, renew: gears.renew.slice(1) };
    const ids = stepsOf(jobOn(bare)).map(({ id }) => id);
    expect(ids).not.toContain('seal');
    expect(ids).not.toContain('drain');
  });

  it('says that a bushing stays where the house renews by measuring', () => {
    const job = jobOn(VELTRANE_T6, { rules: { ...T6.rules, renew: 'measured' } });
    const kept = stepsOf(job).find(({ id }) => id === 'bushing');
    expect(kept?.do).toBe(
      'Hub bushing: it stays, as it was measured. See that it is sound and tight.',
    );
    const pressed = stepsOf(exchanged(job, 'bushing')).find(({ id }) => id === 'bushing');
    expect(pressed?.do).toMatch(/^Body on the bench\. Press the bushing in/);
  });
});

describe('a way round', () => {
  const noted = (job: Job, step: string, way: string) =>
    noteStrip({ step, way, state: 'there', remark: '' })(job, stamp());

  it('of a mark is as it was found, and none of another piece', () => {
    const found = noted(T6, 'driven', 'down');
    const { way } = at(listOf(found), 'driven');
    expect([way.right, way.asks]).toEqual([{ id: 'mark', option: 'down' }, null]);
    const other = at(listOf(exchanged(found, 'driven')), 'driven').way;
    expect([other.right, other.asks]).toEqual([null, null]);
  });

  it('is that of the sheet whatever was found, and both are told', () => {
    const { way } = at(listOf(noted(T6, 'drive', 'down')), 'drive');
    expect(way).toMatchObject({ right: { option: 'up' }, found: { option: 'down' }, asks: null });
  });

  it('is asked for where nobody knows, and never guessed from what was found', () => {
    const plates = jobOn(EVERY_BUILD.find(({ id }) => id === 'external-gear-plates-1')!);
    const wayOf = (job: Job) => at(listOf(job), 'rear-plate').way;
    expect(wayOf(plates)).toMatchObject({ right: null, asks: 'relief', rule: 'right' });
    expect(wayOf(noted(plates, 'plates', 'left'))).toMatchObject({ right: null, asks: 'relief' });
    // What was found and what is right as a rule agree.
    expect(wayOf(noted(plates, 'plates', 'right'))).toMatchObject({ right: { option: 'right' } });
    const turned = {
      ...noted(plates, 'plates', 'right'),
      asked: { work: 'reverse' as const, set: '' },
    };
    expect(wayOf(turned)).toMatchObject({ right: null, asks: 'relief' });
    expect(at(listOf(noted(plates, 'bolts', '9')), 'body').way).toMatchObject({
      right: null,
      found: { id: 'port', option: '9' },
      asks: 'port',
    });
  });

  it('of a cam ring points the way that the pump turns', () => {
    const sheet = EVERY_BUILD.find(({ family }) => family === 'fixed-vane')!;
    const ring = (more: Partial<Job>) => at(listOf(jobOn(sheet, more)), 'ring').way;
    expect(ring({})).toMatchObject({ right: null, asks: 'arrow-shaft' });
    expect(ring({ rotation: 'clockwise' }).right?.option).toBe('cw');
    const reversed = { rotation: 'clockwise', asked: { work: 'reverse', set: '' } } as const;
    expect(ring(reversed).right?.option).toBe('ccw');
  });
});

describe('washing', () => {
  const clean = answerBuild({ step: 'clean', said: 'done', wash: 'hot-wash' });

  it('counts by part, and is done when all are', () => {
    const one = answerBuild({ step: 'clean', said: 'done', parts: ['body'], wash: 'solvent' })(
      ...([T6, stamp()] as const),
    );
    expect(at(listOf(one), 'clean')).toMatchObject({
      state: 'open',
      dirty: expect.not.arrayContaining(['body']),
    });
    expect(at(listOf(clean(one, stamp())), 'clean')).toMatchObject({ state: 'done', dirty: [] });
  });

  it('is asked for again of what was worked on since', () => {
    const worked = exchanged(clean(T6, stamp()), 'cover');
    expect(at(listOf(worked), 'clean')).toMatchObject({ state: 'open', dirty: ['cover'] });
    const need = at(listOf(worked), 'cover').needs.find(({ id }) => id === 'clean');
    expect(need).toMatchObject({ met: false, words: 'Washed since the work on it: Cover' });
  });

  it('after pressing counts only once that is done', () => {
    const early = answerBuild({ step: 'clean-bushing', said: 'done' })(clean(T6, stamp()), stamp());
    const sized = answerBuild({ step: 'bushing-size', said: 'done' })(early, stamp());
    expect(at(listOf(sized), 'clean-bushing').state).toBe('open');
    const late = answerBuild({ step: 'clean-bushing', said: 'done' })(sized, stamp());
    expect(at(listOf(late), 'clean-bushing').state).toBe('done');
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
    expect(at(listOf(back), 'first-start').state).toBe('open');
    expect(at(listOf(undoBuild(back, stamp())), 'fill').state).toBe('open');
    expect(ledgerOf(back).builds).toHaveLength(ledgerOf(done).builds.length);
  });

  it('of a seal wants all clearances in', () => {
    const { needs } = at(listOf(jobOn(VELTRANE_T6, { tier: 'new' })), 'seal');
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

it('asks for another body where Look gave the one up, until it was exchanged', () => {
  const finding = found('wall', { defect: 'scored', decided: 'replace' });
  const given = record(T6, finding);
  const need = (job: Job) => at(listOf(job), 'bushing').needs.find(({ id }) => id === 'part-body');
  expect(need(given)).toMatchObject({ met: false, words: 'Body, given up, is replaced' });
  expect(need(exchanged(given, 'body'))).toBeUndefined();
});

describe('bolts', () => {
  const up = (job: Job, stage: number, ...bolts: number[]) =>
    drawUp({ step: 'fasten-2', stage, bolts, unit: 'Nm', wrench: null })(job, stamp());
  const torque = (job: Job) => at(listOf(job), 'fasten-2').torquing!;

  it('are drawn up crosswise, and go on where they were left', () => {
    expect(torque(T6)).toMatchObject({ count: 8, drawn: true, next: { stage: 0, bolt: 1 } });
    const left = up(T6, 0, 1, 5, 2);
    expect(torque(left).next).toEqual({ stage: 0, bolt: 6 });
    const [read] = readFile(writeFile({ jobs: [left] }, AT)).jobs;
    expect(torque(read!).next).toEqual({ stage: 0, bolt: 6 });
    const whole = up(left, 0, ...torque(left).order);
    expect(torque(whole).next).toEqual({ stage: 1, bolt: 1 });
    expect(torque(slackenStage('fasten-2', 0)(whole, stamp())).next).toEqual({ stage: 0, bolt: 1 });
  });

  it('are set by the stage, the unit of the wrench and its extension; a range keeps both ends', () => {
    const [bolts] = VELTRANE_T6.fasteners;
    const ranged = jobOn({
      ...VELTRANE_T6,
      fasteners: [{ ...bolts!, torque: 60, torqueTo: 66, unit: 'Nm' }],
    });
    expect(torque(ranged).stages.map(({ set }) => set)).toEqual([
      { from: expect.closeTo(39.6), to: expect.closeTo(43.56) },
      { from: 60, to: 66 },
    ]);
    const wrench = { length_mm: 400, extension_mm: 100, angle_deg: 0 };
    const feet = drawUp({ step: 'fasten-2', stage: 0, bolts: [1], unit: 'lbft', wrench })(
      ranged,
      stamp(),
    );
    // 60 N·m are 44.25 lbf·ft; an extension of a quarter of the wrench takes a fifth off.
    expect(torque(feet).stages[1]?.set?.from).toBeCloseTo(35.4, 1);
  });

  it('of which nobody knows how many are drawn up as one', () => {
    const sheet = EVERY_BUILD.find(({ family }) => family === 'fixed-vane')!;
    expect(at(listOf(jobOn(sheet)), 'fasten-1').torquing?.count).toBeGreaterThan(0);
  });
});

describe('what is left open', () => {
  it('is nothing once all is done, and is said in one sentence', () => {
    expect(leftOpenWords(T6, [], listOf(T6))).toBe('');
    const later = answerBuild({ step: 'oil', said: 'later' })(built(T6), stamp());
    expect(leftOpenWords(later, [], listOf(later))).toMatch(
      /^Left open: 1 step of the build put off/,
    );
    const tight = answerBuild({ step: 'spin-2', said: 'tight' })(later, stamp());
    expect(leftOpenWords(tight, [], listOf(tight))).toContain('the pump did not turn freely');
  });

  it('tells a step that was done with a word though something was missing', () => {
    const forced = answerBuild({ step: 'seal', said: 'done', remark: 'came today' })(T6, stamp());
    expect(leftOpenWords(forced, [], listOf(forced))).toContain(
      '1 step of the build done though something was missing',
    );
  });
});

it('keeps what the tries showed by the spin that they are about', () => {
  const tight = answerBuild({ step: 'spin-1', said: 'tight' })(T6, stamp());
  const { id } = ledgerOf(tight).builds[0]!;
  const tried = noteTrial({ spin: id, trial: 'slacken', answer: 'frees' })(tight, stamp());
  const again = noteTrial({ spin: id, trial: 'slacken', answer: 'stays' })(tried, stamp());
  const standing = ledgerOf(again).trials.filter(({ voided }) => voided === null);
  expect(standing.map(({ answer }) => answer)).toEqual(['stays']);
});

describe('a job that is given for more than a rebuild', () => {
  const plain = SHEETS.find(({ model }) => model.startsWith('Brunnick H30 '))!;
  const drains = { bodyTurns: true, drains: 'one' as const };
  const gears = { ...plain, reversing: { ...plain.reversing, ...drains } };
  const asked = (work: 'reverse' | 'up-size', sheet: Sheet = gears, more: Partial<Job> = {}) =>
    stepsOf(jobOn(sheet, { rotation: 'clockwise', asked: { work, set: '' }, ...more }), reversalOf);
  const idsOf = (steps: ReturnType<typeof asked>) => steps.map(({ id }) => id);

  it('has the works of reversing where they are done, each with what leaving it out does', () => {
    const steps = asked('reverse');
    const ids = idsOf(steps);
    const before = (one: string, other: string) => {
      expect([one, other, ids.includes(one), ids.indexOf(one) < ids.indexOf(other)]).toEqual([
        one,
        other,
        true,
        true,
      ]);
    };
    before('can-reverse', 'dry-trial');
    before('drill-and-plug', 'clean-drill');
    before('clean-drill', 'seal');
    before('turn-relief', 'valve');
    before('restamp', 'label');
    before('swap-lines', 'fill');
    expect(new Set(ids).size).toBe(ids.length);
    expect(steps.find(({ id }) => id === 'drill-and-plug')?.with).toMatch(
      /^Left out: The seal blows/,
    );
    expect(steps.find(({ id }) => id === 'drain')?.after).toContain('drill-and-plug');
  });

  it('says why a front pump is not reversed', () => {
    const ids = idsOf(asked('reverse', VELTRANE_T6));
    expect(ids.filter((id) => !idsOf(stepsOf(T6)).includes(id))).toEqual(['can-reverse']);
  });

  it('has what is changed along with wider gears', () => {
    const ids = idsOf(asked('up-size'));
    expect(ids).toEqual(expect.arrayContaining(['up-set', 'up-plates', 'up-bolts', 'up-inlet']));
    expect(ids).not.toContain('up-spring');
    expect(
      idsOf(
        asked(
          'up-size',
          SHEETS.find(({ family }) => family === 'fixed-vane'),
        ),
      ),
    ).toContain('up-spring');
  });

  it.each(['reverse', 'up-size'] as const)('puts in the same parts to %s as ever', (work) => {
    for (const sheet of EVERY_BUILD) {
      const parts = (steps: ReturnType<typeof asked>) =>
        steps.filter(({ kind }) => kind !== 'clean').flatMap((step) => step.parts);
      expect(parts(asked(work, sheet))).toEqual(parts(stepsOf(jobOn(sheet))));
    }
  });
});
