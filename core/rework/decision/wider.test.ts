import { dimensionId } from '../../pumps/ids';
import { NEW_SHOP } from '../../records/shop';
import { VELTRANE_T6 } from '../../testing/sheets';
import { jobWithSizes, planWith } from '../../testing/worked';
import { amountsOf, spansAfter } from './solve';
import { canBeWider, withWider } from './wider';

describe('gears that are wider on purpose', () => {
  const nominal = ['drive-width', 'driven-width'].map((dimension) => ({
    dimension: dimensionId(dimension),
    value_mm: 20,
  }));
  const sheet = { ...VELTRANE_T6, nominal };
  const sizes = {
    'pocket-depth': 20.05,
    'drive-width': 20,
    'driven-width': 20,
    'track-depth': 10,
    'face-depth': 10,
  };
  const base = jobWithSizes(sizes, {}, sheet);
  const job = { ...base, rules: { ...base.rules, decision: 'plain' as const } };

  it('ask the pocket to be sunk by as much as the clearance has no room for', async () => {
    expect(canBeWider(job)).toBe(true);
    const { job: wider, settings, more } = withWider(job, 0.1, NEW_SHOP);
    expect(more).toBeCloseTo(0.005, 9);
    const { rework, solved } = await planWith(wider, settings);
    const [plan] = solved.plans;
    expect(plan?.works.map(({ id }) => id)).toEqual([
      ...['pocket-sunk--body', 'gears-wider--drive--on-purpose'],
    ]);
    expect(plan?.works[0]?.from_mm).toBeCloseTo(0.07, 6);
    const span = spansAfter(rework, amountsOf(plan!)).get('stack-drive');
    expect(span?.low_mm).toBeGreaterThanOrEqual(0.02 - 1e-9);
  });
  it('are more than a pocket can be sunk for, and that is said', async () => {
    const { job: wider, settings } = withWider(job, 0.5, NEW_SHOP);
    const { solved } = await planWith(wider, settings);
    expect(solved.plans).toEqual([]);
    expect(solved.blocked.map((b) => b.characteristic)).toContain('stack-drive');
  });
});
