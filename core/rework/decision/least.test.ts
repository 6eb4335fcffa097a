import { VELTRANE_T6 } from '../../testing/sheets';
import { WIDE, limit, mostOnly, sizedJob } from '../../testing/mostOnly';
import { answerOf, planFor } from '../../testing/worked';
import { answerWords } from '../../wording/decide';
import { riskWords } from '../../wording/planStep';
import { answerKind, unseenBy } from './decide';
import { toMeasure } from './measure';
import { plannedOperations } from './lines';
import { amountsOf, outAfter, spansAfter } from './solve';

describe('where only a most is published', () => {
  it('a cut that goes too far takes a gap under the app’s least value; one that goes not far enough leaves it out', async () => {
    const { rework, solved } = await planFor(sizedJob(WIDE, mostOnly()));
    const [cut] = plannedOperations(rework, solved.plans[0]!);
    const said = riskWords(rework, amountsOf(solved.plans[0]!), cut!, 'mm');
    expect(said).toEqual([
      expect.stringMatching(
        /^More than 0\.1\d* mm: end clearance, drive gear goes under the app’s least value\.$/,
      ),
      expect.stringMatching(/^Less than 0\.0\d+ mm: (total )?end clearance, drive gear is out\.$/),
    ]);
  });
  it('no amount of a plan closes a gap: each keeps the least of its kind, with what the measuring may be off', async () => {
    const { rework, solved } = await planFor(sizedJob(WIDE, mostOnly()));
    const [plan] = solved.plans;
    const [cut] = plan!.works;
    expect(cut).toMatchObject({ id: 'deck-faced--body' });
    for (const amount of [cut!.from_mm, cut!.to_mm]) {
      const after = spansAfter(rework, new Map([[cut!.id, amount]]));
      expect(after.get('face-drive')!.low_mm).toBeGreaterThanOrEqual(0.012 - 1e-9);
    }
    const [face] = rework.watched;
    expect(cut!.to_mm).toBeCloseTo(face!.span.low_mm - 0.012, 9);
  });
  it('what if a cut goes farther, it is out at once', async () => {
    const { rework } = await planFor(sizedJob(WIDE, mostOnly()));
    const out = outAfter(rework, new Map([['deck-faced--body', 0.13]]));
    expect(out.map((a) => a.characteristic.id)).toContain('face-drive');
  });
  it('keeps a gap with no limit of its own, too', async () => {
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const tight = { ...WIDE, 'driven-width': 20.08 };
    const { rework, solved } = await planFor(sizedJob(tight, sheet));
    expect(rework.kept.map((w) => w.assessment.characteristic.id)).toContain('face-driven');
    for (const plan of solved.plans) {
      const cut = plan.works.find(({ id }) => id === 'deck-faced--body');
      const renewed = plan.works.some(({ id }) => id === 'gear-set--drive');
      // New gears leave more room; with the old ones the cut may take what the tighter of them leaves.
      expect(cut?.to_mm ?? 0).toBeLessThan(renewed ? 0.12 : 0.03);
    }
  });
  it('what is under its least already is no need for work, and is lowered by none', async () => {
    const sheet = mostOnly();
    const under = { ...WIDE, 'pocket-depth': 20.008 };
    const idle = await planFor(sizedJob(under, sheet));
    expect(idle.solved.plans[0]?.works).toEqual([]);
    const mixed = { ...WIDE, 'driven-width': 20.115 };
    const { solved } = await planFor(sizedJob(mixed, sheet));
    for (const { works } of solved.plans) {
      const ids = works.map(({ id }) => id);
      if (!ids.includes('gear-set--drive')) expect(ids).not.toContain('deck-faced--body');
    }
  });
  it('holds to the shop’s least, and says whose it is', async () => {
    const floors = { ...sizedJob({}, mostOnly()).floors, face: 0.03 };
    const { rework, solved } = await planFor(sizedJob(WIDE, mostOnly(), { floors }));
    const [face] = rework.watched;
    expect(face!.assessment.least).toEqual({ mm: 0.03, from: 'shop' });
    expect(solved.plans[0]!.works[0]!.to_mm).toBeCloseTo(face!.span.low_mm - 0.03, 9);
  });
  it('a gap that nobody measured is measured before a cut narrows it', async () => {
    const { 'driven-width': _, ...one } = WIDE;
    const sheet = { ...VELTRANE_T6, limits: [limit('face-drive', null, 0.08)] };
    const { rework, solved } = await planFor(sizedJob(one, sheet));
    const answer = answerOf({ rework, solved }, false);
    expect(unseenBy(rework, answer.planned).map((a) => a.characteristic.id)).toEqual([
      'face-driven',
    ]);
    expect(answerKind(answer)).toBe('measure');
    expect(answerWords(answer)).toBe(
      'Measure first: end clearance, driven gear. The work would narrow it unseen.',
    );
    const asked = toMeasure(rework, solved, answer.planned).map((m) => m.characteristic);
    expect(asked).toContain('face-driven');
  });
});
