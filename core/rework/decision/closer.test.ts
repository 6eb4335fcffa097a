import { VELTRANE_T6 } from '../../testing/sheets';
import type { Assessment } from '../../assessment/assessment';
import type { Quantity } from '../../assessment/quantity';
import { turnToAgain } from '../../commands/measuring';
import { Evaluator } from '../../guidance/evaluator';
import { withReading } from '../../journal/commands';
import { swingAt } from '../../practice/gauge';
import { characteristicId, dimensionId, operationId, stationId } from '../../pumps/ids';
import { stamp } from '../../testing/findings';
import { freshId } from '../../testing/readings';
import { answerWords } from '../../wording/decide';
import { lineReason } from '../../wording/partLines';
import { toMeasureWords } from '../../wording/toMeasure';
import type { Job } from '../../records/job';
import type { Sheet } from '../../records/sheet';
import { limit, sizedJob, tried, RULES } from '../../testing/mostOnly';
import { neverDone, planFor } from '../../testing/worked';
import { decide } from './decide';
import { partLines } from './lines';
import { toMeasure } from './measure';
import { readCloser } from './readCloser';

const DIAL = { u_mm: 0.005, own_mm: 0.002, off_mm: 0 };

describe('two ways of measuring that contradict each other', () => {
  it('are read again before anything is cut or bought', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const sizes = { 'pocket-depth': 20.1, 'drive-width': 20 };
    const job = tried(sizedJob(sizes, sheet), 'face-drive', [[0.07, 'no-go']]);
    const { rework, solved } = await planFor(job);
    const decided = decide(rework, solved);
    expect([decided.kind, decided.buyNew, solved.closer]).toEqual(['measure', false, []]);
    expect(answerWords(decided)).toBe(
      'Two methods disagree on end clearance, drive gear. Read again, then decide.',
    );
    expect(toMeasure(rework, solved, decided.planned)[0]).toMatchObject({
      characteristic: 'face-drive',
      by: 'zero',
    });
    // Where each says in, nothing is asked.
    const loose = { ...sheet, limits: [limit('face-drive', null, 0.2)] };
    const fine = await planFor({ ...job, sheet: loose });
    expect([rework.contradicted.length, fine.rework.contradicted.length]).toEqual([1, 0]);
  });
});

describe('a total that is too close to call', () => {
  it('is read again by the part of which nobody knows the zero: a total has no places of its own', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const sizes = { 'pocket-depth': 20.062, 'drive-width': 20, 'track-depth': 10.014 };
    const { rework, solved } = await planFor(sizedJob({ ...sizes, 'face-depth': 10 }, sheet));
    const total = rework.all.find(({ characteristic: c }) => c.id === 'stack-drive')!;
    expect(total.verdict).toBe('close');
    const unzeroed = (a: Assessment): Assessment => ({ ...a, zero: 'never' });
    const all = rework.all.map((a) => (a === total ? { ...a, parts: a.parts.map(unzeroed) } : a));
    const zero = toMeasure({ ...rework, all }, solved, []).filter(({ by }) => by === 'zero');
    expect(zero.map(({ characteristic }) => characteristic)).toEqual(['face-drive']);
    const again = turnToAgain(zero[0]!.characteristic)(rework.job, stamp());
    expect(new Evaluator().next(again)).toMatchObject({
      characteristic: 'face-drive',
      way: 'size',
      dimension: { id: 'pocket-depth' },
    });
  });
});

describe('a bracket', () => {
  const NEVER = neverDone('gear-set', 'body-renewed');
  const sheet: Sheet = {
    ...VELTRANE_T6,
    limits: [limit('face-drive', 0.02, 0.06), limit('face-driven', 0.02, 0.06)],
  };
  const both = (job: Job, tries: Parameters<typeof tried>[2], at?: readonly string[]): Job =>
    ['face-drive', 'face-driven'].reduce((j, c) => tried(j, c, tries, at), job);
  const worn = both(sizedJob({ 'track-depth': 10, 'face-depth': 10 }, sheet), [
    [0.1, 'free'],
    [0.15, 'no-go'],
  ]);
  it('wider than its window is measured closer: it sells no pump', async () => {
    const prices = [{ operation: operationId('whole-pump'), price: 600, days: 1 }];
    const job = { ...worn, sheet: { ...worn.sheet, prices } };
    const { rework, solved } = await planFor(job, { operations: NEVER });
    expect(solved.closer).toEqual(expect.arrayContaining(['face-drive', 'face-driven']));
    const decided = decide(rework, solved);
    expect([decided.kind, decided.buyNew]).toEqual(['measure', false]);
    const asked = toMeasure(rework, solved, []).find((m) => m.characteristic === 'face-drive')!;
    expect(asked).toMatchObject({ by: 'sizes', settles: 'amount' });
  });
  it('that is out without an upper end counts in what is said of its parts', async () => {
    const open = tried(sizedJob({}, sheet), 'face-drive', [[0.1, 'free']], ['12']);
    const { rework } = await planFor(tried(open, 'face-driven', [[0.05, 'no-go']]));
    const body = partLines(rework, null).find(({ part }) => part.id === 'body')!;
    expect(body.gaps.map(({ verdict }) => verdict)).toContain('out');
    expect(lineReason(rework, body, 'mm')).toBe('A check is out; not looked at.');
  });
  it('that a new part would put right is measured closer as well: it is as far from nominal as the old part is', async () => {
    const prices = [{ operation: operationId('whole-pump'), price: 1500, days: 5 }];
    // At one place a leaf goes in that is over the limit; of the others nobody knows how tight they are.
    const refused = both(sizedJob({ 'track-depth': 10, 'face-depth': 10 }, sheet), [
      [0.09, 'no-go'],
    ]);
    const job = both({ ...refused, sheet: { ...sheet, prices } }, [[0.08, 'free']], ['12']);
    const operations = neverDone('deck-faced', 'gears-wider', 'gears-lapped');
    const { rework, solved } = await planFor(job, { operations });
    const decided = decide(rework, solved);
    expect([solved.closer.length > 0, decided.kind, decided.buyNew]).toEqual([
      ...[true, 'measure', false],
    ]);
  });
  it('is as far as measuring goes where the house says so', async () => {
    const rules = { ...RULES, closer: 'leaves' as const };
    const { solved } = await planFor({ ...worn, rules }, { operations: NEVER });
    expect(solved.closer).toEqual([]);
  });
  it('that leads to the same work wherever in it the gap lies is no reason to measure', async () => {
    const narrow = both(sizedJob({ 'track-depth': 10, 'face-depth': 10 }, sheet), [
      [0.09, 'free'],
      [0.1, 'no-go'],
    ]);
    const { solved } = await planFor(narrow, { operations: NEVER });
    expect([solved.closer, solved.plans[0]?.works[0]?.id]).toEqual([[], 'deck-faced--body']);
    const sizes = { ...narrow, rules: { ...RULES, closer: 'sizes' as const } };
    expect((await planFor(sizes, { operations: NEVER })).solved.closer.length).toBeGreaterThan(0);
  });
  it('of a swing is read with the dial, and says so', async () => {
    const swung = { ...VELTRANE_T6, limits: [limit('backlash', null, 0.2)] };
    const { rework } = await planFor(sizedJob({}, swung));
    const a = rework.all.find(({ characteristic: c }) => c.id === 'backlash')!;
    const read = readCloser(rework, a);
    expect(read).toMatchObject({ by: 'dial', station: null });
    expect(toMeasureWords(swung, { ...read!, settles: 'amount' }, 'mm')).toBe(
      'Backlash: read it with the dial',
    );
    const read3 = ['turn-0', 'turn-120', 'turn-240'].reduce(
      (j, s) =>
        withReading(j, swingAt(characteristicId('backlash'), stationId(s), freshId(), 0.3, DIAL)),
      rework.job,
    );
    const after = await planFor(read3);
    const again = after.rework.all.find(({ characteristic: c }) => c.id === 'backlash')!;
    expect(readCloser(after.rework, again)).toBeNull();
  });
  it('of which everything that could tell more was read is not asked for again', async () => {
    const { rework, solved } = await planFor(worn, { operations: NEVER });
    const face = rework.all.find(({ characteristic: c }) => c.id === 'face-drive')!;
    expect(readCloser(rework, face)).toMatchObject({ by: 'sizes' });
    const known = new Map(
      ['pocket-depth', 'drive-width'].map((id) => [
        dimensionId(id),
        { source: 'measured' } as Quantity,
      ]),
    );
    const sized = { ...rework, known: { ...rework.known, dimensions: known } };
    expect(readCloser(sized, face)).toMatchObject({ by: 'leaves' });
    const narrow = {
      ...sized,
      job: { ...rework.job, feeler: { ...rework.job.feeler, leaves_mm: [0.5], mics: [] } },
    };
    expect(readCloser(narrow, face)).toBeNull();
    expect(toMeasure(narrow, solved, []).filter((m) => m.settles === 'amount')).toEqual([
      expect.objectContaining({ characteristic: 'face-driven' }),
    ]);
  });
});
