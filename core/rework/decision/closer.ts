import type { Assessment } from '../../assessment/assessment';
import { ends } from '../../metrology/estimate';
import { effectsOn } from '../effects/effects';
import type { Span } from '../effects/standing';
import { gapsOf } from '../../pumps/registry';
import type { CharacteristicId } from '../../pumps/ids';
import { termsOf } from '../operations/offers';
import { MEASURE_AGAIN } from '../operations/operations';
import type { ReworkCase, Watched } from './case';

/** A gap is known to be about so much either side of what a figure says, in mm: what sizes leave of a bracket. */
const FIGURE_mm = 0.006;

/** Where nothing bounds a gap above, it is thought to lie within so much of where it begins, in mm. */
const OPEN_mm = 0.08;

/** A bracket is looked at here and there: near its lower end, in its middle, near its upper. */
const AT = [0.1, 0.5, 0.9] as const;

/** So much less is worth a second look, beside what the look costs: less is noise of the prices. */
const WORTH = 1;

/** Tells whether all that is known of a gap is a bracket, and a figure or a finer leaf could tell more. */
const isBracketed = (a: Assessment): boolean =>
  a.verdict !== 'in' &&
  a.verdict !== 'open' &&
  [a.smallest, a.largest].some((end) => end?.kind === 'interval');

/** Lists the gaps that are not in and known by brackets alone; of a sum its parts that are. */
function bracketed({ all }: ReworkCase): Assessment[] {
  const found = all
    .filter((a) => a.limits !== null && isBracketed(a))
    .flatMap((a) =>
      a.parts.length > 0
        ? a.parts.filter(({ largest }) => !largest || largest.kind === 'interval')
        : [a],
    );
  return found.filter(
    (a, i) => found.findIndex((b) => b.characteristic.id === a.characteristic.id) === i,
  );
}

/** Returns the span that a bracketed gap would have if it were sized and lay at a place of its bracket. */
function sizedAt(a: Assessment, at: number, half_mm: number): Span | null {
  if (!a.smallest || !a.largest) return null;
  const place = (end: NonNullable<Assessment['largest']>): number => {
    const [lo, hi] = ends(end);
    return lo + at * ((Number.isFinite(hi) ? hi : lo + OPEN_mm) - lo);
  };
  return { low_mm: place(a.smallest) - half_mm, high_mm: place(a.largest) + half_mm };
}

/** Returns a case as it would be if every bracketed gap had been sized, and lay at a place of its bracket. */
function asSized(rework: ReworkCase, at: number): ReworkCase {
  const { all, known, offers, watched } = rework;
  const half_mm = known.rule === 'plain' ? 0 : FIGURE_mm;
  const sized = (a: Assessment): Watched | null => {
    const span = a.limits !== null && isBracketed(a) ? sizedAt(a, at, half_mm) : null;
    if (!span) return null;
    const effects = offers.map((o) => [o.id, effectsOn(a, o, known)] as const);
    return { assessment: { ...a, verdict: 'out' }, span, effects: new Map(effects) };
  };
  const others = watched.filter(({ assessment }) => !isBracketed(assessment));
  return { ...rework, watched: [...others, ...all.flatMap((a) => sized(a) ?? [])], unsized: [] };
}

/**
 * Lists the gaps that are measured closer before anything is decided: leaves left a bracket, and what is done about it
 * hangs on where in it the gap lies. A bracket is no size: nobody buys a pump for its width.
 *
 * @param now what the best that can be done is expected to cost as it stands; infinite where nothing can
 * @param costOf returns the same of a case, for as many as are asked about
 */
export function measuredCloser(
  rework: ReworkCase,
  now: number,
  costOf: (rework: ReworkCase) => number,
): CharacteristicId[] {
  const { job, money } = rework;
  const gaps = bracketed(rework).filter(
    ({ characteristic: c, stations }) => gapsOf(c).length > 0 || c.swing || stations.length > 0,
  );
  const ids = gaps.map(({ characteristic }) => characteristic.id);
  if (ids.length === 0 || job.rules.closer === 'leaves') return [];
  if (job.rules.closer === 'sizes') return ids;
  const { minutes } = termsOf(MEASURE_AGAIN, { operations: [] }, job.sheet);
  const reading = ids.length * (minutes / 60) * money.rate;
  const costs = AT.map((at) => costOf(asSized(rework, at)));
  // Where no place of the brackets can be put right, knowing it closer changes nothing.
  if (costs.every((cost) => !Number.isFinite(cost))) return [];
  if (!Number.isFinite(now)) return ids;
  const mean = costs.reduce((sum, cost) => sum + Math.min(cost, now), 0) / costs.length;
  return mean + reading < now - WORTH ? ids : [];
}
