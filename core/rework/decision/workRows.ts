import type { Assessment } from '../../assessment/assessment';
import { costOfOffer, minutesOf, minutesShared } from '../operations/offer';
import { isMovedBy } from './asked';
import type { ReworkCase, Watched } from './case';
import type { PlannedOperation } from './lines';
import { outAfter, spansAfter } from './solve';
import { isWithin, leastAllowed, type GapRange } from '../effects/standing';
import type { Amounts } from '../solver/problem';

/** Works of a plan that are equal, as one line of it: what they cost, and the gaps that they are for. */
export interface WorkRow {
  /** Lists the works, in the order of doing; the first stands for all. */
  readonly works: readonly [PlannedOperation, ...PlannedOperation[]];
  /** Gives what they cost with the shop's own time, a set-up that they share counted once. */
  readonly cost: number;
  readonly minutes: number;
  /** Tells whether a price that is only the app's example is in the cost. */
  readonly example: boolean;
  /** Lists the gaps that they change and that are not in throughout: each stands with one row of a plan. */
  readonly gaps: readonly Watched[];
}

/** A plan as a list: its works, each with its gaps; the gaps that no work changes and that are not in; and those that stay in. */
export interface WorkRows {
  readonly rows: readonly WorkRow[];
  readonly apart: readonly Watched[];
  readonly staying: readonly Watched[];
}

/** Tells whether two works are one line of a plan: the same operation by the same amount, all asked for by a finding or a rule, or none. */
function isEqual(a: PlannedOperation, b: PlannedOperation): boolean {
  const { offer, amount_mm, from_mm, to_mm, need } = a;
  const same = offer.operation === b.offer.operation && (need === null) === (b.need === null);
  const byAmount = offer.terms.most_mm !== null;
  const sameAmount = amount_mm === b.amount_mm && from_mm === b.from_mm && to_mm === b.to_mm;
  // What has a name of its own is a line of its own.
  const plain = offer.piece === null && offer.set === null && offer.washer_mm === null;
  return (
    same && plain && b.offer.piece === null && b.offer.set === null && (!byAmount || sameAmount)
  );
}

/**
 * Puts equal works together, each group where the first of them is done.
 *
 * @param planned in the order of doing
 * @example
 * const offer = (operation) => ({
 *   operation,
 *   terms: { most_mm: null },
 *   piece: null,
 *   set: null,
 *   washer_mm: null,
 * });
 * const planned = ['seal', 'lap', 'seal'].map((kind) => ({ offer: offer(kind), need: null }));
 * equalWorks(planned).map((group) => group.length); // [2, 1]
 */
export function equalWorks(
  planned: readonly PlannedOperation[],
): [PlannedOperation, ...PlannedOperation[]][] {
  const groups: [PlannedOperation, ...PlannedOperation[]][] = [];
  for (const work of planned) {
    const group = groups.find(([first]) => isEqual(first, work));
    if (group) group.push(work);
    else groups.push([work]);
  }
  return groups;
}

/** Tells whether a gap that was in, or without a verdict, is clear all along its span after work: nothing has to be said of it. */
function staysGood({ assessment }: Watched, then: GapRange | undefined): boolean {
  if (!then) return assessment.verdict === 'in' || assessment.verdict === 'open';
  if (assessment.verdict === 'in') return isWithin(then, assessment);
  return assessment.verdict === 'open' && then.low_mm >= (leastAllowed(assessment)?.mm ?? 0);
}

/**
 * Returns a plan as a list of works with the gaps that each is for. A gap stands once: with the work that it is out
 * without, else with the first that changes it.
 *
 * @param rework what plans for the pump are made from
 * @param planned the works of the plan, in the order of doing
 * @param amounts of the plan, in mm
 */
export function workRows(
  rework: Pick<ReworkCase, 'watched' | 'kept' | 'money'>,
  planned: readonly PlannedOperation[],
  amounts: Amounts,
): WorkRows {
  const isMoved = (w: Watched) => planned.some(({ offer }) => isMovedBy(w, offer.id));
  const all = [...rework.watched, ...rework.kept.filter(isMoved)];
  const after = spansAfter({ watched: all }, amounts);
  const out = outAfter({ watched: all }, amounts);
  const groups = equalWorks(planned);
  const isFor = ({ brings, keeps }: PlannedOperation, a: Assessment): boolean =>
    brings.includes(a) || keeps.includes(a);
  const homeOf = (w: Watched): number => {
    const asked = groups.findIndex((works) => works.some((p) => isFor(p, w.assessment)));
    if (asked >= 0) return asked;
    return groups.findIndex((works) => works.some(({ offer }) => isMovedBy(w, offer.id)));
  };
  const homes = new Map(all.map((w) => [w, homeOf(w)]));
  const isQuiet = (w: Watched): boolean =>
    !out.includes(w.assessment) &&
    staysGood(w, after.get(w.assessment.characteristic.id)) &&
    !isOnlyReason(groups[homes.get(w) ?? -1], w);
  const shown = all.filter((w) => !isQuiet(w));
  const earlier = (i: number) => groups.slice(0, i).flat();
  return {
    rows: groups.map((works, i) => ({
      works,
      ...costOf(works, earlier(i), rework.money.rate),
      gaps: shown.filter((w) => homes.get(w) === i),
    })),
    apart: shown.filter((w) => (homes.get(w) ?? -1) < 0),
    staying: all.filter((w) => !shown.includes(w)),
  };
}

/** Returns what works cost and take beside those that are done before them: a set-up that they share is counted once. */
function costOf(
  works: readonly PlannedOperation[],
  before: readonly PlannedOperation[],
  rate: number,
): Pick<WorkRow, 'cost' | 'minutes' | 'example'> {
  const own = works.map(({ offer }) => offer);
  const earlier = before.map(({ offer }) => offer);
  const shared = minutesShared([...earlier, ...own]) - minutesShared(earlier);
  return {
    cost: own.reduce((sum, offer) => sum + costOfOffer(offer, rate), 0) - (shared / 60) * rate,
    minutes: own.reduce((sum, offer) => sum + minutesOf(offer), 0) - shared,
    example: own.some(({ terms }) => terms.example),
  };
}

/** Tells whether nothing else asks for the works that keep a gap in than that gap and its like. */
function isOnlyReason(works: readonly PlannedOperation[] | undefined, w: Watched): boolean {
  const own = works?.filter(({ keeps }) => keeps.includes(w.assessment)) ?? [];
  return own.some(({ brings, need }) => brings.length === 0 && need === null);
}
