import { writeFile } from '../core/records/fileFormat';
import { NEW_SHOP } from '../core/records/shop';
import { AT } from '../core/testing/readings';
import { jobWithSizes } from '../core/testing/worked';
import { ask, errorOf } from './ask';

const FLUID = { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 };
const IDLE = { rpm: 700, pressure_bar: 8, temp_C: 90, fluid: FLUID };
const WORN = jobWithSizes({
  'pocket-depth': 20.16,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 5,
  'face-depth': 5,
});
const file = JSON.parse(writeFile({ jobs: [WORN] }, AT)) as object;

interface Answer {
  readonly cc_source: string;
  readonly delivered_lpm: Readonly<Record<'lo' | 'mid' | 'hi', number>>;
  readonly slip_lpm: number;
  readonly K: number;
  readonly paths: readonly {
    readonly characteristic: string;
    readonly share: number;
    readonly gap_mm: number;
  }[];
}
const flow = async (more: object = {}) =>
  (await ask('job.flow', { file, ...IDLE, ...more })) as unknown as Answer;

describe('the flow of a job', () => {
  it('is that of its own gaps, with a band, path by path', async () => {
    const answer = await flow();
    expect(Object.keys(answer).sort()).toEqual(
      [
        ...['cc_rev', 'cc_source', 'delivered_lpm', 'slip_lpm', 'demand_lpm', 'K', 'efficiency'],
        ...['paths', 'missing'],
      ].sort(),
    );
    expect(answer).toMatchObject({ cc_source: 'measured', K: 1, demand_lpm: null, missing: [] });
    const [first] = answer.paths;
    expect(first).toMatchObject({
      characteristic: 'face-drive',
      section: 1,
      gapFrom: 'measured',
      gap_mm: expect.closeTo(0.16, 6) as number,
    });
    const { lo, mid, hi } = answer.delivered_lpm;
    expect(lo < mid && mid < hi).toBe(true);
  });
  it('is better by the best plan of the shop, and the same from the same seed', async () => {
    const shop = JSON.parse(writeFile({ shop: NEW_SHOP }, AT)) as object;
    const after = await flow({ state: 'predicted', shop });
    expect(after.delivered_lpm.mid).toBeGreaterThan((await flow()).delivered_lpm.mid + 1);
    expect(await flow({ seed: 7 })).toEqual(await flow({ seed: 7 }));
    expect(await flow({ state: 'before' })).toEqual(await flow());
  });
  it.each([
    [{ temp_C: 200 }, 'temp_C'],
    [{ pressure_bar: -1 }, 'pressure_bar'],
    [{ rpm: undefined }, 'rpm'],
    [{ fluid: { ...FLUID, kv100_mm2s: 0 } }, 'fluid.kv100_mm2s'],
    [{ state: 'later' }, 'state'],
    [{ file: {} }, 'file'],
  ])('%j is refused at its field', async (more, field) => {
    expect((await errorOf('job.flow', { file, ...IDLE, ...more }))?.field).toBe(field);
  });
});
