import { carryOut } from '../../commands/deciding';
import { withReading } from '../../journal/commands';
import { dimensionOf } from '../../pumps/registry';
import { dimensionId, operationId } from '../../pumps/ids';
import type { Job } from '../../records/job';
import { sizeAt } from '../../practice/gauge';
import { stamp } from '../../testing/findings';
import { limit, mostOnly, sizedJob, tried } from '../../testing/mostOnly';
import { freshId } from '../../testing/readings';
import { neverDone, planFor } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { decide } from './decide';
import { plannedOperations } from './lines';
import { toMeasure } from './measure';
import { closedBy } from './moved';
import { amountsOf, outAfter } from './solve';
import { VELTRANE_T6 } from '../../testing/sheets';

const MIC = { u_mm: 0.002, own_mm: 0.001, off_mm: 0 };

const read = (job: Job, id: string, mm: number): Job =>
  dimensionOf(job.sheet, dimensionId(id)).stations.reduce(
    (j, s) => withReading(j, sizeAt(dimensionId(id), s.id, freshId(), mm, MIC)),
    job,
  );

/** Returns a pump with a new body, of which the manual gives only the most that its end clearances may be. */
async function withNewBody(): Promise<Job> {
  const job = sizedJob({ 'track-depth': 10, 'face-depth': 10 }, mostOnly());
  const { rework } = await planFor(job);
  const body = rework.offers.find(({ id }) => id === 'body-renewed--body')!;
  return carryOut(body, null, null, 0)(job, stamp());
}

describe('a running clearance that was worked on', () => {
  it('is not done by a leaf that was refused: it may be closed', async () => {
    const refused = ['face-drive', 'face-driven'].reduce(
      (job, c) => tried(job, c, [[0.06, 'no-go']]),
      await withNewBody(),
    );
    const { rework, solved } = await planFor(refused);
    const decided = decide(rework, solved);
    expect([decided.kind, answerWords(decided)]).toEqual([
      'measure',
      'Make sure that they run free: end clearance, drive gear; end clearance, driven gear.',
    ]);
    expect(toMeasure(rework, solved, decided.planned)[0]).toMatchObject({ settles: 'open' });
    const open = ['face-drive', 'face-driven'].reduce(
      (job, c) => tried(job, c, [[0.03, 'free']]),
      refused,
    );
    const after = await planFor(open);
    expect(decide(after.rework, after.solved).unclear).toEqual([]);
  });
  it('is opened again where it is closed, though its verdict is in', async () => {
    const sizes = { 'pocket-depth': 19.99, 'drive-width': 20, 'driven-width': 20 };
    const job = Object.entries(sizes).reduce((j, [id, mm]) => read(j, id, mm), await withNewBody());
    const { rework, solved } = await planFor(job);
    expect(closedBy(rework.all).map(({ characteristic: c }) => c.id)).toEqual([
      ...['face-drive', 'face-driven'],
    ]);
    const [plan] = solved.plans;
    expect(plannedOperations(rework, plan!).map(({ offer }) => offer.operation.remedy)).toContain(
      'grind-widths',
    );
    expect(outAfter(rework, amountsOf(plan!))).toEqual([]);
    expect(decide(rework, solved).kind).toBe('work');
  });
});

describe('a new part', () => {
  it('takes with it what the readings of the old one were off: a guard wider than the window sells no pump', async () => {
    const sheet = {
      ...VELTRANE_T6,
      limits: [limit('face-drive', 0.03, 0.042), limit('face-driven', 0.03, 0.042)],
      prices: [{ operation: operationId('whole-pump'), price: 3000, days: 9 }],
    };
    const sizes = { 'track-depth': 10, 'face-depth': 10, 'pocket-depth': 20.036 };
    const worn = { 'drive-width': 19.9, 'driven-width': 19.9 };
    const job = sizedJob({ ...sizes, ...worn }, sheet);
    const { rework, solved } = await planFor(job, { operations: neverDone('body-renewed') });
    const decided = decide(rework, solved);
    expect([decided.kind, decided.planned.map(({ offer }) => offer.operation.id)]).toEqual([
      ...['work', ['gear-set']],
    ]);
    // By how much it may come out otherwise is shown: the range of new gears, and the doubt of the pocket.
    const face = rework.watched.find(({ assessment: a }) => a.characteristic.id === 'face-drive')!;
    const { low, high } = face.effects.get('gear-set--drive')!;
    expect(low.spread_mm).toBeLessThan(-0.013);
    expect(high.spread_mm).toBeCloseTo(-low.spread_mm!, 9);
    expect(face.span.low_mm + low.once_mm).toBeCloseTo(0.036, 9);
  });
});
