import type { Assessment } from '../../assessment/assessment';
import { sumOfExtremes } from '../../assessment/past';
import { ends, type Estimate } from '../../metrology/estimate';
import { spanOf } from '../effects/standing';
import type { CharacteristicId } from '../../pumps/ids';
import { termsOf } from '../operations/offer';
import { MEASURE_AGAIN } from '../operations/operations';
import { isMovedBy } from './asked';
import { withEffects, type ReworkCase, type Watched } from './case';
import { readCloser } from './readCloser';

/** Holds what sizes leave of a bracket: a standard uncertainty, in mm. */
const FIGURE_mm = 0.003;

/** A gap that nothing bounds above is thought to lie within so much of where it begins, in mm. */
const OPEN_mm = 0.08;

/** The places of one gap differ by no more than this, in mm. */
const VARIES_mm = 0.02;

/** A bracket is looked at here and there: near its lower end, in its middle, near its upper. */
const AT = [0.1, 0.5, 0.9] as const;

/** So much less is worth a second look, beside what the look costs: less is noise of the prices. */
const WORTH = 1;

/** Tells whether all that is known of an end of a gap is a bracket: a figure or a finer leaf could tell more. */
const isBracketed = (a: Assessment): boolean =>
  a.limits !== null &&
  a.verdict !== 'open' &&
  !a.disagree &&
  [a.smallest, a.largest].some((end) => end?.kind === 'interval');

/** Tells whether an operation moves a gap by its amount. */
const isCutBy = ({ effects }: Watched, id: string): boolean => {
  const both = effects.get(id);
  return both !== undefined && (both.low.perMm !== 0 || both.high.perMm !== 0);
};

/**
 * Lists gaps known by brackets alone, step by step as far as may be asked for: those that are not in; those that a cut on
 * them moves along; the wear that totals add to them; those that a new part for them changes.
 */
function bracketed({ all, watched, unsized }: ReworkCase): readonly (readonly Assessment[])[] {
  const bare = all.filter((a) => isBracketed(a) && a.parts.length === 0);
  const wrong = watched.filter(({ assessment }) => assessment.verdict !== 'in');
  const cuts = new Set(wrong.flatMap((w) => [...w.effects.keys()].filter((id) => isCutBy(w, id))));
  const along = new Set(
    watched.filter((w) => [...cuts].some((id) => isCutBy(w, id))).map((w) => w.assessment),
  );
  const wanted = new Set([
    ...wrong.flatMap((w) => [...w.effects.keys()].filter((id) => isMovedBy(w, id))),
    ...unsized.flatMap(({ by }) => by),
  ]);
  const changed = watched.filter((w) => [...wanted].some((id) => isMovedBy(w, id)));
  const sums = wrong.flatMap(({ assessment }) => assessment.parts.slice(1));
  const worn = sums.filter(({ largest }) => largest?.kind === 'interval');
  const steps = [
    bare.filter(({ verdict }) => verdict !== 'in'),
    bare.filter((a) => along.has(a)),
    worn,
    bare.filter((a) => changed.some(({ assessment }) => assessment === a)),
  ];
  return steps.map((_, i) => [
    ...new Map(
      steps
        .slice(0, i + 1)
        .flat()
        .map((a) => [a.characteristic.id, a]),
    ).values(),
  ]);
}

/** Describes gaps that are thought of as sized: which, and where in their brackets they lie. */
interface Sizing {
  readonly gaps: readonly Assessment[];
  readonly at: number;
}

/** Stands for the ends of a total of which a part is not known. */
const UNKNOWN = { smallest: null, largest: null } as const;

const isSized = (a: Assessment, { gaps }: Sizing): boolean =>
  gaps.some(({ characteristic }) => characteristic.id === a.characteristic.id);

/** Returns a gap as it would be known by sizes; as it was where it is not sized, or nothing is known of it. */
function asSized(a: Assessment, sizing: Sizing): Assessment {
  const { at } = sizing;
  const judged = { ...a, verdict: a.verdict === 'in' ? ('in' as const) : ('out' as const) };
  if (a.parts.some((part) => isSized(part, sizing))) {
    const parts = a.parts.map((part) => asSized(part, sizing));
    const ends = parts.map(({ smallest, largest }) => smallest && largest && { smallest, largest });
    return { ...judged, ...(sumOfExtremes(ends) ?? UNKNOWN), parts };
  }
  if (!isSized(a, sizing) || !a.smallest || !a.largest) return a;
  const place = (end: Estimate): number => {
    const [lo, hi] = ends(end);
    return lo + at * ((Number.isFinite(hi) ? hi : lo + OPEN_mm) - lo);
  };
  const largest = place(a.largest);
  const smallest = Math.max(place(a.smallest), largest - VARIES_mm);
  const about = (value_mm: number) => ({ kind: 'value', value_mm, u_mm: FIGURE_mm }) as const;
  return { ...judged, smallest: about(smallest), largest: about(largest) };
}

/** Returns a case as it would be if some bracketed gaps had been sized, and lay at a place of their brackets. */
function caseSized(rework: ReworkCase, gaps: readonly Assessment[], at: number): ReworkCase {
  const { offers, watched, unsized } = rework;
  // By its sizes it would be known as well what a new part changes.
  const known = { ...rework.known, sized: true as const };
  const sized = (assessment: Assessment): Watched | null => {
    const a = asSized(assessment, { gaps, at });
    const span = a === assessment ? null : spanOf(a, known.rule);
    return span && withEffects(a, span, offers, known);
  };
  const found = unsized.map(({ assessment }) => sized(assessment));
  return {
    ...rework,
    watched: [...watched.map((w) => sized(w.assessment) ?? w), ...found.flatMap((w) => w ?? [])],
    unsized: unsized.filter((_, i) => found[i] === null),
  };
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
  if (job.rules.closer === 'leaves') return [];
  const steps = bracketed(rework).map((gaps) => gaps.filter((a) => readCloser(rework, a) !== null));
  const idsOf = (gaps: readonly Assessment[]) =>
    gaps.map(({ characteristic }) => characteristic.id);
  if (job.rules.closer === 'sizes') return idsOf(steps[0] ?? []);
  const { minutes } = termsOf(MEASURE_AGAIN, { operations: [] }, job.sheet);
  const paying = steps.find((gaps) => {
    if (gaps.length === 0) return false;
    const reading = gaps.length * (minutes / 60) * money.rate;
    const costs = AT.map((at) => costOf(caseSized(rework, gaps, at)));
    // Where no place of the brackets can be put right, knowing it closer changes nothing.
    if (costs.every((cost) => !Number.isFinite(cost))) return false;
    if (!Number.isFinite(now)) return true;
    const mean = costs.reduce((sum, cost) => sum + Math.min(cost, now), 0) / costs.length;
    return mean + reading < now - WORTH;
  });
  return idsOf(paying ?? []);
}
