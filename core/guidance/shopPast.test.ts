import { characteristicId } from '../pumps/ids';
import fc from 'fast-check';
import { feel } from '../methods/feeler';
import { emptyJob } from '../practice/job';
import { evenFrom, normalFrom } from '../random';
import { VELTRANE_T6 } from '../testing/sheets';
import { addReading, answerLeaf } from '../commands/measuring';
import { Evaluator } from './evaluator';
import { expectationsFrom, gapsOf } from './shopPast';

const EMPTY = emptyJob(VELTRANE_T6, '2026-11-20T09:00:00.000Z');
const MADE = { at: '2026-11-20T09:01:00.000Z', by: 'Ivo K.', voided: null };
const WALL = characteristicId('od-pocket');

/** Measures the pocket wall of a pump with the same gap all round; how many leaves it took, and what came out. */
function measured(gap_mm: number, evaluator: Evaluator) {
  let job = { ...EMPTY, cursor: { characteristic: WALL, way: 'leaf' as const } };
  for (let tries = 0; ; tries++) {
    const step = evaluator.next(job);
    const wall = evaluator.assess(job).find((a) => a.characteristic.id === WALL)!;
    if (step?.way !== 'leaf') return { tries, verdict: wall.verdict, wall };
    const felt = feel(step.stack.total_mm, [gap_mm, gap_mm]);
    const made = { ...MADE, id: `r${tries}` };
    const { reading } = answerLeaf(job, step, felt, made, evaluator);
    job = { ...job, ...addReading(reading, evaluator)(job, made), cursor: job.cursor };
  }
}

describe('what the shop’s own pumps make expect', () => {
  const pumps = [0.1, 0.102, 0.098, 0.104, 0.096].map((gap) => ({ [WALL]: gap }));

  it('is the mean and the spread of five pumps or more', () => {
    expect(expectationsFrom(pumps.slice(1)).size).toBe(0);
    const { centre_mm, spread_mm } = expectationsFrom(pumps).get(WALL)!;
    expect(centre_mm).toBeCloseTo(0.1, 12);
    expect(spread_mm).toBeCloseTo(Math.sqrt(0.00004 / 4), 12);
  });
  it('passes over what a damaged summary says', () => {
    const damaged = [...pumps.slice(1), { [WALL]: NaN }, { [WALL]: 'x' as unknown as number }];
    expect(expectationsFrom(damaged).size).toBe(0);
  });
  it('is the middle of what was measured', () => {
    const { wall } = measured(0.1, new Evaluator());
    const [lo, hi] = [wall.smallest, wall.largest].map((e) => (e?.kind === 'interval' ? e : null));
    expect(gapsOf([wall])[WALL]).toBeCloseTo(
      (lo!.lo_mm + lo!.hi_mm! + hi!.lo_mm + hi!.hi_mm!) / 4,
      4,
    );
  });
  it('asks for fewer leaves of pumps that are like the others, with the same verdicts', () => {
    const even = evenFrom(8);
    const like = () => 0.1 + 0.004 * normalFrom(even);
    const past = expectationsFrom(Array.from({ length: 12 }, () => ({ [WALL]: like() })));
    const sum = { without: 0, with: 0 };
    for (let n = 0; n < 60; n++) {
      const gap = like();
      const told = new Evaluator();
      told.expect(VELTRANE_T6.model, past);
      const [a, b] = [measured(gap, new Evaluator()), measured(gap, told)];
      expect(b.verdict).toBe(a.verdict);
      sum.without += a.tries;
      sum.with += b.tries;
    }
    expect(sum.with).toBeLessThan(sum.without);
  });
  it('never changes what a pump unlike the others comes to', () => {
    const past = expectationsFrom(pumps);
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.4, noNaN: true }), (gap) => {
        const told = new Evaluator();
        told.expect(VELTRANE_T6.model, past);
        const verdicts = [measured(gap, new Evaluator()), measured(gap, told)].map(
          (m) => m.verdict,
        );
        expect(new Set(verdicts).size).toBe(1);
      }),
      { numRuns: 20 },
    );
  });
  it('is not taken for another model, and leaves the leaf in the hand', () => {
    const job = {
      ...EMPTY,
      cursor: { characteristic: characteristicId(WALL), way: 'leaf' as const },
    };
    const evaluator = new Evaluator();
    const step = evaluator.next(job);
    evaluator.expect(VELTRANE_T6.model, expectationsFrom(pumps.map(() => ({ [WALL]: 0.3 }))));
    expect(evaluator.next(job)).toBe(step);
    const other = { ...job, sheet: { ...job.sheet, model: 'Another' } };
    expect(evaluator.next(other)).toEqual(step);
  });
});
