import { demoFile } from './depot';
import { keepWorked, dropWorked } from '../core/commands/working';
import { stateOf } from '../core/guidance/evaluator';
import { GENERIC_FLUIDS } from '../core/hydraulics/grades';
import { withVoided } from '../core/journal/commands';
import { isOvertaken, turnsFrom, workedOutIn } from '../core/journal/workedOut';
import { workedWhen } from '../core/wording/workedOut';
import { ends } from '../core/metrology/estimate';
import { characteristicId } from '../core/pumps/ids';
import { jobSchema, strayReference, type Job } from '../core/records/job';
import { readFile } from '../core/records/readFile';
import { NEW_SHOP } from '../core/records/shop';
import { benchSections } from '../core/report/bench';
import { figuresFor } from '../core/sums/kinds';
import { ROOM_SUMS } from '../core/sums/list';
import type { Sum } from '../core/sums/sum';
import { untouched, workOut, type Typed } from '../core/sums/workOut';
import { costsAsked } from '../core/sums/job/costs';
import { FACTS } from '../core/sums/job/facts';
import { factWords, filledBy, gapsFor, withPlan } from '../core/sums/job/fill';
import { factsIn } from '../core/sums/job/known';

const TOOLS = { solver: () => Promise.reject(new Error('none')), now: () => 0 };

const DEMO_JOBS = readFile(demoFile()).jobs;

const jobOf = (tag: string): Job => DEMO_JOBS.find((job) => job.tag === tag) as Job;

const listedSum = (id: string) => ROOM_SUMS.find((one) => one.id === id)!;

/** What a sum comes to with nothing but what a job knows. */
async function workedFor(id: string, tag: string, gap?: string) {
  const job = jobOf(tag);
  const { load, isAbout } = listedSum(id);
  const sum = await load();
  const state = stateOf(job);
  const of = gap ? characteristicId(gap) : (gapsFor(isAbout, state)[0]?.id ?? null);
  const filled = filledBy(sum, factsIn(job, state, NEW_SHOP, of));
  const typed = { ...untouched(sum, 'mm'), ...filled.typed };
  return { filled, state, outcome: workOut(sum, typed, GENERIC_FLUIDS, 'mm', TOOLS) };
}

describe('what a job fills in', () => {
  it.each(ROOM_SUMS.map(({ id }) => id))('can be typed into %s, on every job', async (id) => {
    const { load, isAbout } = listedSum(id);
    const sum: Sum = await load();
    for (const job of DEMO_JOBS) {
      const state = stateOf(job);
      const gaps = isAbout ? gapsFor(isAbout, state).map((gap) => gap.id) : [null];
      for (const gap of gaps) {
        const { typed, facts } = filledBy(sum, factsIn(job, state, NEW_SHOP, gap));
        const outcome = workOut(
          sum,
          { ...untouched(sum, 'mm'), ...typed },
          GENERIC_FLUIDS,
          'mm',
          TOOLS,
        );
        expect([job.tag, gap, outcome.errors]).toEqual([job.tag, gap, {}]);
        for (const fact of Object.values(facts)) {
          expect(factWords(fact, job.tag, figuresFor('mm'))).toMatch(/^[A-Z].*\.$/);
        }
      }
    }
  });
  it('is taken by some sum, whatever it is called', async () => {
    const taken = await Promise.all(
      ROOM_SUMS.map(async ({ load }) => Object.values((await load()).page?.takes ?? {})),
    );
    expect(FACTS.filter((name) => !taken.flat().includes(name))).toEqual([]);
  });
  it('comes to what the job itself says of a vane in its slot', async () => {
    const { outcome, state } = await workedFor('vane.reach', 'HM-0391');
    const { inSlot_mm } = outcome.answer?.value as { inSlot_mm: number };
    const { smallest } = state.characteristics.find((a) => a.characteristic.wears)!;
    expect(inSlot_mm).toBeCloseTo((ends(smallest!)[0] + ends(smallest!)[1]) / 2, 2);
  });
  it('is a bracket where leaves were used, with the end open that no leaf found', async () => {
    const { outcome, filled } = await workedFor('stack.face', 'HM-0412', 'face-drive');
    expect(Object.keys(filled.typed)).toEqual(expect.arrayContaining(['lo_mm', 'upper_mm']));
    expect(filled.typed).not.toHaveProperty('depth_mm');
    expect(outcome.answer?.said.head).toMatch(/^Over by .* at least: .* Try thicker leaves\.$/);
  });
  it('counts a gasket once: limits as they are published, what lies between beside them', async () => {
    const job = jobOf('HM-0402');
    const gap = characteristicId('end');
    const limits = job.sheet.limits.map((limit) =>
      limit.characteristic === gap ? { ...limit, gasket: 'assembled' as const } : limit,
    );
    const assembled = { ...job, sheet: { ...job.sheet, gasket_mm: 0.05, limits } };
    const state = stateOf(assembled);
    const sum = await listedSum('stack.face').load();
    const { typed } = filledBy(sum, factsIn(assembled, state, NEW_SHOP, gap));
    const known = { ...untouched(sum, 'mm'), ...typed, coverWear_mm: { text: '0', unit: 'mm' } };
    const { answer } = workOut(sum, known as Typed, GENERIC_FLUIDS, 'mm', TOOLS);
    const { hi_mm } = answer?.value as { hi_mm: number };
    const end = state.characteristics.find((a) => a.characteristic.id === gap)!;
    const over = ends(end.largest!)[1] - (end.limits?.upper_mm ?? NaN);
    expect(hi_mm - Number(typed.upper_mm?.text)).toBeCloseTo(over, 9);
    expect(Number(typed.upper_mm?.text)).toBeCloseTo((end.limits?.upper_mm ?? NaN) + 0.05, 9);
  });
  it('says what the sheet allows where the pump is to turn the other way', async () => {
    const { outcome, filled } = await workedFor('rotation.reverse', 'HM-0405');
    expect(filled.typed).toMatchObject({
      bodyTurns: { text: 'yes' },
      drain: { text: 'one-hole' },
      ends: { text: 'symmetrical' },
    });
    expect(outcome.answer?.said.head).toMatch(/^Not to be told yet\. Are the gears helical\?$/);
    const crescent = await workedFor('rotation.reverse', 'HM-0412');
    expect(crescent.outcome.answer?.said.head).toMatch(/^Not this one\./);
  });
  it('has the torque of the sheet’s bolts', async () => {
    const { outcome } = await workedFor('torque.plan', 'HM-0405');
    expect(outcome.answer?.said.head).toBe('Set 75 N·m at the last stage.');
  });
  it('has what a plan costs, without an example’s price of a new pump', () => {
    const price = { minutes: 90, days: 2, down: 0, chance: 0.1, expected: 0 };
    const costs = (example: boolean) =>
      costsAsked(
        {
          price: { ...price, work: 180, example: false },
          newPump: { ...price, minutes: 0, work: 900, example },
        },
        60,
      )['money.compare'] ?? {};
    expect(costs(false)).toMatchObject({ partsCost: '90', price: '900' });
    expect(costs(true)).not.toHaveProperty('price');
    expect(costsAsked({ price: null, newPump: { ...price, work: 1, example: true } }, 60)).toEqual(
      {},
    );
    const filled = withPlan({ typed: {}, facts: {} }, 'minutes=90&rule=odd', ['minutes']);
    expect([filled.typed, filled.facts.minutes?.from]).toEqual([
      { minutes: { text: '90', unit: 'mm' } },
      'plan',
    ]);
    const made = withPlan({ typed: {}, facts: {} }, 'minutes=90&example=1', ['minutes']);
    expect(made.facts.minutes?.from).toBe('example');
  });
});

describe('what a sum came to', () => {
  const made = (id: string) => ({ id, at: '2026-12-01T08:00:00.000Z', by: 'Runa', voided: null });
  const worked = {
    sum: 'hub.fit',
    characteristic: characteristicId('hub-bushing'),
    said: 'Tight: hone 0.019 mm.',
    more: 'After each step: wash, hub on, rock it.',
    asked: 'shown=mm&hub_mm=40',
    turns: null,
  };
  const reversed = {
    sum: 'rotation.reverse',
    characteristic: null,
    said: 'Clockwise in 6 steps, at the same speed.',
    more: '',
    asked: '',
    turns: 'clockwise',
  } as const;

  it('is kept once for each gap, and taken back', () => {
    const first = keepWorked(worked)(jobOf('HM-0412'), made('w1'));
    const again = keepWorked({ ...worked, said: 'In: 0.06 mm cold.' })(first, made('w2'));
    expect(workedOutIn(again).map(({ said }) => said)).toEqual(['In: 0.06 mm cold.']);
    const other = { ...worked, characteristic: characteristicId('stator-bushing-front') };
    const both = keepWorked(other)(again, made('w3'));
    expect(workedOutIn(both)).toHaveLength(2);
    expect(workedOutIn(dropWorked('w3')(both, made('w4'))).map(({ id }) => id)).toEqual(['w2']);
    expect(jobSchema.isValidSync(both, { strict: true })).toBe(true);
  });
  it('judges nothing', () => {
    const job = jobOf('HM-0412');
    const verdicts = (of: Job) => stateOf(of).characteristics.map(({ verdict }) => verdict);
    expect(verdicts(keepWorked(worked)(job, made('w1')))).toEqual(verdicts(job));
  });
  it('stands on the report, with how the tag is stamped since', () => {
    const job = { ...jobOf('HM-0405'), rotation: 'anticlockwise' as const };
    const turned = keepWorked(reversed)(job, made('w1'));
    expect(turnsFrom(turned)).toBe('clockwise');
    const section = benchSections(turned, 'mm', stateOf(turned)).find(
      ({ title }) => title === 'Worked out',
    );
    expect(section?.lines).toEqual([
      'Clockwise in 6 steps, at the same speed. Runa, 1 Dec 2026.',
      'Once it is reversed, stamp the tag: Clockwise, viewed from shaft end.',
    ]);
    expect(benchSections(job, 'mm', stateOf(job)).map(({ title }) => title)).not.toContain(
      'Worked out',
    );
  });
  it('tells the tag which way the pump turns, where that says nothing', () => {
    const job = { ...jobOf('HM-0405'), rotation: 'unknown' as const };
    const named = keepWorked({ ...worked, characteristic: null }, 'clockwise');
    expect(named(job, made('w1')).rotation).toBe('clockwise');
    const said = { ...job, rotation: 'anticlockwise' as const };
    expect(named(said, made('w1')).rotation).toBe('anticlockwise');
    expect(keepWorked(reversed)(job, made('w1')).rotation).toBe('unknown');
  });
  it('is said to be from before what was read or struck since, and not by what was decided', () => {
    const kept = keepWorked(worked)(jobOf('HM-0412'), made('w1'));
    const [one] = workedOutIn(kept);
    const saidOf = (job: Job) => workedWhen(job, one!);
    expect(saidOf(kept)).toBe('Runa, 1 Dec 2026.');
    const reading = kept.journal.find(({ kind }) => kind === 'leaf')!;
    const read = { ...kept, journal: [...kept.journal, { ...reading, id: 'r-since' }] };
    expect(saidOf(read)).toMatch(/before what was read or done since/);
    const struck = withVoided(kept, [reading.id], { at: made('s').at, by: 'Runa', why: 'slipped' });
    expect(isOvertaken(struck, one!)).toBe(true);
    const other = keepWorked({ ...worked, characteristic: null })(kept, made('w2'));
    expect([
      isOvertaken(other, one!),
      isOvertaken(dropWorked('w2')(other, made('w3')), one!),
    ]).toEqual([false, false]);
  });
  it('is about a gap that the pump has', () => {
    const none = { ...worked, characteristic: characteristicId('no-such-gap') };
    const stray = strayReference(keepWorked(none)(jobOf('HM-0412'), made('w1')));
    expect(stray?.path).toMatch(/characteristic$/);
  });
});
