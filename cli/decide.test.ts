import { carryOut, makeWorkList } from '../core/commands/deciding';
import { record } from '../core/journal/commands';
import type { Job } from '../core/records/job';
import { writeFile } from '../core/records/fileFormat';
import { NEW_SHOP } from '../core/records/shop';
import type { Finding } from '../core/records/entries/finding';
import { characteristicId, stationId, surfaceId } from '../core/pumps/ids';
import { limit } from '../core/testing/mostOnly';
import { SHEETS, VELTRANE_T6 } from '../core/testing/sheets';
import { AT, freshId, withReadings } from '../core/testing/readings';
import { answerOf, jobWithSizes, measuredJob, neverDone, planFor } from '../core/testing/worked';
import { answerWords } from '../core/wording/decide';
import { ask, errorOf } from './ask';

const WIDE = {
  'pocket-depth': 20.09,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};
const made = () => ({ id: freshId(), at: AT, by: 'Runa T.', voided: null });
const fileOf = (job: Job): object => JSON.parse(writeFile({ jobs: [job] }, AT)) as object;
const fileOfShop = (operations = NEW_SHOP.operations): object =>
  JSON.parse(writeFile({ shop: { ...NEW_SHOP, operations } }, AT)) as object;

const ONE = fileOf(jobWithSizes({}));

interface Span {
  characteristic: string;
  lo_mm: number;
  hi_mm: number;
  upper_mm: number | null;
  lower_mm: number | null;
  verdict: string;
}
interface Plan {
  cost: number;
  paid: number;
  bench: number;
  downtime: number;
  works: {
    operation: string;
    parts: string[];
    why: string;
    amount_mm: number | null;
    effects: Record<string, Record<'low' | 'high', { perMm: number; once_mm: number }>>;
  }[];
  predicted: Span[];
}
const plansIn = (answer: Record<string, unknown>) => answer.plans as Plan[];

describe('calc job.decide', () => {
  it('says what the stage Decide says, with the same plans', async () => {
    for (const [i, worn] of [0.3, 0.9, 1.6].entries()) {
      for (const sheet of SHEETS.slice(0, 3)) {
        const job = measuredJob(sheet, worn, 5 + i);
        const answer = await ask('job.decide', { file: fileOf(job) });
        const { rework, solved } = await planFor(job);
        const buyNew = answer.kind === 'replace';
        expect(answer.sentence).toBe(answerWords(answerOf({ rework, solved }, buyNew)));
        expect(plansIn(answer).map((p) => p.works.length)).toEqual(
          solved.plans.map((p) => p.works.length),
        );
      }
    }
  });
  it('gives each plan with what it costs, why, and how it moves every gap', async () => {
    const rules = { ...jobWithSizes({}).rules, decision: 'plain' as const };
    const job = jobWithSizes(WIDE, { rules });
    const { kind, plans, newPump } = await ask('job.decide', { file: fileOf(job) });
    const [plan] = plans as Plan[];
    expect(kind).toBe('work');
    expect(plan?.cost).toBeCloseTo(plan!.paid + plan!.bench + plan!.downtime, 9);
    expect(newPump).toMatchObject({ priced: false, days: 9 });
    const [deck] = plan!.works;
    expect(deck).toMatchObject({
      operation: 'deck-faced',
      parts: ['body'],
      why: 'gap',
      label: null,
    });
    const now = await ask('job.assess', { file: fileOf(job) });
    const gaps = now.characteristics as { id: string; now: { largest: { hi_mm: number } } }[];
    for (const { characteristic, hi_mm, upper_mm, verdict } of plan!.predicted) {
      const gap = gaps.find(({ id }) => id === characteristic)!;
      const { perMm, once_mm } = deck!.effects[characteristic]?.high ?? { perMm: 0, once_mm: 0 };
      // By the plain rule a value stands for itself: ± 2u is no part of it.
      const value = hi_mm - perMm * deck!.amount_mm! - once_mm;
      expect(Math.abs(value - gap.now.largest.hi_mm)).toBeLessThan(0.02);
      if (upper_mm !== null) expect([verdict, hi_mm <= upper_mm + 1e-6]).toEqual(['in', true]);
    }
  });
  it('asks for what is not read, where to begin and with which leaf', async () => {
    const { kind, measure } = await ask('job.decide', { file: fileOf(jobWithSizes({})) });
    expect(kind).toBe('measure');
    const [first] = measure as { by: string; leaves_mm: number[]; settles: string }[];
    expect(first).toMatchObject({ characteristic: 'face-drive', by: 'leaves', station: '12' });
    expect(first?.leaves_mm).toHaveLength(1);
    expect(first?.settles).toBe('End clearance, drive gear: in or out');
  });
  it('calls what a dial reads a size, as everything that gives a figure', async () => {
    const limits = [limit('backlash', null, 0.2)];
    const swung = jobWithSizes({}, {}, { ...VELTRANE_T6, limits });
    const { measure } = await ask('job.decide', { file: fileOf(swung) });
    expect(measure).toContainEqual(
      expect.objectContaining({ characteristic: 'backlash', by: 'sizes' }),
    );
  });
  it('asks for sizes where leaves stopped at out, and nothing else is left', async () => {
    const never = neverDone('body-renewed', 'gear-set');
    const free = ['12', '6', '3', '9'].map((station) => ({
      ...made(),
      kind: 'leaf' as const,
      instrument: '',
      leaves_mm: [0.1],
      marked_mm: null,
      characteristic: characteristicId('face-drive'),
      station: stationId(station),
      felt: 'free' as const,
    }));
    const job = withReadings(jobWithSizes({ 'track-depth': 10, 'face-depth': 10 }), ...free);
    const answer = await ask('job.decide', { file: fileOf(job), shop: fileOfShop(never) });
    expect(answer).toMatchObject({ kind: 'measure', plans: [] });
    expect(answer.measure).toContainEqual({
      characteristic: 'face-drive',
      station: null,
      by: 'sizes',
      leaves_mm: [],
      settles: 'End clearance, drive gear: how far it is out',
    });
  });
  it('says how each part stands: condemned by the eye, in or open by its clearances', async () => {
    const crack: Finding = {
      ...made(),
      kind: 'finding',
      surface: surfaceId('driven-teeth'),
      defect: 'cracked',
      nail: null,
      depth_mm: null,
      spot: null,
      proposed: 'replace',
      decided: 'replace',
      why: 'a crack keeps growing',
      remark: '',
    };
    const job = record(jobWithSizes({ ...WIDE, 'pocket-depth': 20.05 }), crack);
    const { parts, plans } = await ask('job.decide', { file: fileOf(job) });
    expect(parts).toContainEqual({
      // The gap to the wall was not read.
      part: 'driven',
      decision: 'replace',
      looked: 'condemned',
      clearances: 'open',
    });
    expect(parts).toContainEqual({
      part: 'drive',
      decision: 'replace',
      looked: 'unseen',
      clearances: 'in',
    });
    expect(parts).toContainEqual({
      part: 'input-shaft',
      decision: 'unknown',
      looked: 'unseen',
      clearances: 'none',
    });
    expect((plans as Plan[])[0]?.works).toMatchObject([{ operation: 'gear-set', why: 'finding' }]);
  });
  it('says what was done, and by how much', async () => {
    const job = jobWithSizes(WIDE);
    const { rework, solved } = await planFor(job);
    const { planned } = answerOf({ rework, solved }, false);
    const listed = makeWorkList(planned, 60)(job, made());
    expect(await ask('job.decide', { file: fileOf(listed) })).toMatchObject({
      kind: 'work',
      sentence: 'Next: Face the deck.',
      done: [],
    });
    const step = listed.journal.findLast((e) => e.kind === 'plan')!.steps[0]!;
    const cut = carryOut(planned[0]!.offer, step.id, 0.031, 0.002)(listed, made());
    expect(await ask('job.decide', { file: fileOf(cut) })).toMatchObject({
      kind: 'measure',
      sentence: 'Work done. Measure again: end clearance, drive gear; end clearance, driven gear.',
      done: [{ operation: 'deck-faced', parts: ['body'], amount_mm: 0.031 }],
    });
    const bare = carryOut(planned[0]!.offer, null, 0.031, 0.002)(job, made());
    expect((await ask('job.decide', { file: fileOf(bare) })).done).toEqual([
      { operation: 'faced', parts: ['body'], amount_mm: 0.031 },
    ]);
  });
  it('goes by the shop’s prices and by what it does not do', async () => {
    const file = fileOf(jobWithSizes(WIDE));
    const shop = fileOfShop(neverDone('deck-faced'));
    const works = plansIn(await ask('job.decide', { file, shop })).flatMap((p) => p.works);
    expect(works.map((w) => w.operation)).not.toContain('deck-faced');
    const priced = neverDone('whole-pump').map((o) => ({ ...o, by: 'here' as const, price: 12 }));
    expect(await ask('job.decide', { file, shop: fileOfShop(priced) })).toMatchObject({
      kind: 'replace',
      sentence: 'Buy a new pump.',
      newPump: { cost: 12, priced: true },
    });
  });
  it.each([
    ['nothing', {}, 'file'],
    ['a file of nothing', { file: {} }, 'file'],
    ['a shop without a shop', { file: ONE, shop: ONE }, 'shop'],
    ['a shop that is a list', { file: ONE, shop: [] }, 'shop'],
    ['a field that it does not know', { file: ONE, plan: 1 }, 'plan'],
    ['a file without a job', { file: fileOfShop() }, 'file.jobs'],
  ])('refuses %s at its field', async (_, input, field) => {
    expect((await errorOf('job.decide', input))?.field).toBe(field);
  });
});
