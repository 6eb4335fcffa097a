import type { Assessment } from '../../assessment/assessment';
import { judge } from '../../assessment/judge';
import type { State } from '../../guidance/evaluator';
import { acceptedIn } from '../../journal/accepted';
import { countedIn } from '../../journal/eras';
import type { DecisionRule } from '../../metrology/conformity';
import type { Estimate } from '../../metrology/estimate';
import { dimensionsFor, pumpOf } from '../../pumps/registry';
import type { Job } from '../../records/job';
import type { ShelfPart } from '../../records/part';
import { bringsIn, effectsOn, type EndEffects, type Known } from '../effects/effects';
import { newPumpFor, type NewPump } from './newPump';
import { needsOf, type Bound, type Need, type Unmet } from './needs';
import { type Offer, type WorkTerms } from '../operations/offer';
import { againOffer, offersFor, shelfOffers } from '../operations/offers';
import { reachFrom, type Reach } from '../effects/reach';
import { endsBy, isUnclear, leastAllowed, spanOf, type GapRange } from '../effects/standing';
import { readOpen } from './readCloser';

/** A gap that plans have to bring in, or keep in, and how each operation moves its ends. */
export interface Watched {
  readonly assessment: Assessment;
  readonly span: GapRange;
  readonly effects: ReadonlyMap<string, EndEffects>;
}

/** Says what an offer does to gaps of which nobody knows how wide they are: it narrows them. */
export interface Blind {
  readonly offer: string;
  readonly gaps: readonly Assessment[];
}

/** A gap that is out, or may be, and nobody knows how far; and the operations that bring it in all the same. */
export interface Unsized {
  readonly assessment: Assessment;
  readonly by: readonly string[];
}

/** Says what a person set about one operation: it is not done, it is done, or done by so much. */
export type Setting = 'off' | 'on' | { readonly amount_mm: number };

/** Everything that plans for a pump are made from. */
export interface ReworkCase {
  readonly job: Job;
  readonly known: Known;
  /** Lists the gaps for which nothing is published that a person accepted as they are. */
  readonly accepted: readonly Assessment[];
  /** Lists what is known of every characteristic, in the order of the work. */
  readonly all: readonly Assessment[];
  readonly money: WorkTerms['money'];
  readonly unit: WorkTerms['unit'];
  /** Says what a new pump costs in place of all work. */
  readonly newPump: NewPump;
  readonly offers: readonly Offer[];
  /** Gives the amounts over which each offer can be done, by its id; those for which there is not metal enough are missing. */
  readonly reaches: ReadonlyMap<string, Reach>;
  readonly needs: readonly Need[];
  readonly unmet: readonly Unmet[];
  /** Lists the bounds that forbid work which would put something that was found right. */
  readonly bounds: readonly Bound[];
  readonly watched: readonly Watched[];
  /** Lists running clearances without a verdict of which the lower end is known: no work narrows them below what they must have. */
  readonly kept: readonly Watched[];
  readonly blind: readonly Blind[];
  /** Characteristics with a limit that have no verdict yet. */
  readonly unmeasured: readonly Assessment[];
  readonly unsized: readonly Unsized[];
  /** Lists the gaps of which two ways of measuring say what cannot both be so: no cut is planned from either. */
  readonly contradicted: readonly Assessment[];
  /** Lists those of which nobody knows, since work was done on them, that they run free, though something could tell. */
  readonly unclear: readonly Assessment[];
}

/** Works out over which amounts each offer can be done: what was found asks for some at least. */
function reachesOf(
  offers: readonly Offer[],
  needs: readonly Need[],
  known: Known,
  all: readonly Assessment[],
): Map<string, Reach> {
  const reaches = new Map<string, Reach>();
  for (const offer of offers) {
    const needed = needs.filter((n) => n.offers.some(({ id }) => id === offer.id));
    const least_mm = needed.reduce((most, n) => Math.max(most, n.least_mm), 0);
    const reach = reachFrom(offer, least_mm, known, all);
    if (reach) reaches.set(offer.id, reach);
  }
  return reaches;
}

/** Returns an assessment by what work should have made of it, where it was not measured since. */
function asPredicted(a: Assessment, rule: DecisionRule): Assessment {
  if (a.largest || !a.predicted || !a.limits) return a;
  const { smallest, largest } = a.predicted;
  const judged = judge(smallest, largest, a.limits, rule, false);
  return { ...a, smallest, largest, ...judged };
}

/**
 * Returns an assessment by what is known so far, where that is all of it and only figures could tell more: a total of
 * brackets has its chance, and whether it pays to know it better is asked of what it costs.
 */
function asFarAsKnown(a: Assessment, rule: DecisionRule): Assessment {
  const { smallest, largest, limits, parts, verdict } = a;
  if (verdict !== 'open' || parts.length === 0 || !limits || !smallest || !largest) return a;
  return spanOf(a, rule) ? { ...a, ...judge(smallest, largest, limits, rule, false) } : a;
}

/** Says what a case is made from beside the job: what lies on the shelf, and whether work counts that was not measured since. */
export interface CaseOptions {
  readonly shelf?: readonly ShelfPart[];
  /** Counts what work should have made of a gap until it is measured: amounts are worked out again between two cuts. */
  readonly predicted?: boolean;
}

/**
 * Lists the gaps that have a verdict, of some of which nobody knows how far they are out.
 *
 * @param rework what plans for the pump are made from
 */
export const judgedIn = ({
  watched,
  unsized,
}: Pick<ReworkCase, 'watched' | 'unsized'>): Assessment[] =>
  [...unsized, ...watched].map(({ assessment }) => assessment);

/** Tells whether a check is out, or too close to call. */
const isWrong = ({ limits, verdict }: Assessment): boolean =>
  limits !== null && (verdict === 'out' || verdict === 'close');

/** Lists the totals that a gap counts in. */
export const sumsWith = (
  all: readonly Assessment[],
  { characteristic: c }: Assessment,
): Assessment[] => all.filter(({ parts }) => parts.some((part) => part.characteristic.id === c.id));

/** Tells whether two ways of measuring a gap say what cannot both be so, and a check rests on it that is out or too close. */
const isContradicted = (a: Assessment, all: readonly Assessment[]): boolean =>
  a.disagree && a.parts.length === 0 && [a, ...sumsWith(all, a)].some(isWrong);

/** Returns a gap with how each operation moves its ends. */
export function withEffects(
  assessment: Assessment,
  span: GapRange,
  offers: readonly Offer[],
  known: Known,
): Watched {
  const effects = offers.map((o) => [o.id, effectsOn(assessment, o, known)] as const);
  return { assessment, span, effects: new Map(effects) };
}

/** Returns the lower end of a running clearance that has no verdict, or no limit; null where nobody knows it. */
function keptSpan(a: Assessment, rule: DecisionRule): GapRange | null {
  if (a.parts.length > 0 || leastAllowed(a) === null || !a.smallest) return null;
  const [low_mm] = endsBy(a.smallest, rule);
  return { low_mm, high_mm: Infinity };
}

/** Tells whether an offer narrows a running clearance of which nobody knows how wide it is. */
function narrowsUnknown(a: Assessment, offer: Offer, known: Known): boolean {
  if (!a.characteristic.runs || a.smallest) return false;
  const pseudo: Assessment = { ...a, smallest: NOTHING, largest: NOTHING };
  return effectsOn(pseudo, offer, known).low.perMm < 0;
}

const NOTHING: Estimate = { kind: 'interval', lo_mm: 0, hi_mm: 0 };

/**
 * Returns everything that plans for a pump are made from.
 *
 * @param job that is decided on
 * @param state what its readings come to
 * @param shop what work costs, and the unit in which amounts are held to a step
 * @param options parts on the shelf; whether gaps go by what work should have made of them
 */
export function reworkCase(
  job: Job,
  state: State,
  shop: WorkTerms,
  { shelf = [], predicted = false }: CaseOptions = {},
): ReworkCase {
  const rule = job.rules.decision;
  const standing = predicted
    ? state.characteristics.map((a) => asPredicted(a, rule))
    : state.characteristics;
  const all = standing.map((a) => asFarAsKnown(a, rule));
  const taken = acceptedIn(job);
  const known: Known = {
    sheet: job.sheet,
    pump: pumpOf(job.sheet),
    rule,
    dimensions: state.dimensions,
  };
  const own = offersFor(job, shop);
  const reaches = (offer: Offer, least_mm: number) =>
    reachFrom(offer, least_mm, known, all) !== null;
  const { needs, unmet, bounds } = needsOf(job, own, shop, reaches);
  const extra = needs.flatMap((n) => n.offers).filter((o) => !own.some(({ id }) => id === o.id));
  const lying = shelfOffers(job.sheet, shelf, shop).filter((o) => tellsAll(o, all, known));
  const judged = all.filter((a) => a.limits !== null);
  const again = judged.flatMap((a) =>
    isWorthReading(a, job, known.dimensions)
      ? (againOffer(a.characteristic, job.sheet, shop) ?? [])
      : [],
  );
  const offers = [...own, ...extra, ...lying, ...again];
  const watched = judged.flatMap((assessment): Watched[] => {
    const span = assessment.verdict === 'open' ? null : spanOf(assessment, known.rule);
    return span ? [withEffects(assessment, span, offers, known)] : [];
  });
  const seen = new Set(watched.map((w) => w.assessment));
  const kept = all.flatMap((assessment): Watched[] => {
    const span = seen.has(assessment) ? null : keptSpan(assessment, known.rule);
    return span ? [withEffects(assessment, span, offers, known)] : [];
  });
  const blind = offers.flatMap((offer): Blind[] => {
    const gaps = all.filter((a) => narrowsUnknown(a, offer, known));
    return gaps.length > 0 ? [{ offer: offer.id, gaps }] : [];
  });
  return {
    job,
    known,
    all,
    offers,
    needs,
    unmet,
    bounds,
    watched,
    kept,
    blind,
    accepted: all.filter((a) => a.limits === null && taken.has(a.characteristic.id)),
    contradicted: all.filter((a) => isContradicted(a, all)),
    unclear: all.filter((a) => isUnclear(a) && readOpen({ job, known }, a) !== null),
    money: shop.money,
    unit: shop.unit,
    newPump: newPumpFor(job.sheet, shop),
    reaches: reachesOf(offers, needs, known, all),
    unmeasured: judged.filter((a) => a.verdict === 'open'),
    unsized: judged
      .filter((a) => a.verdict !== 'open' && a.verdict !== 'in' && !seen.has(a))
      .map((assessment) => ({
        assessment,
        by: offers.filter((o) => bringsIn(assessment, o, known)).map(({ id }) => id),
      })),
  };
}

/**
 * Tells whether a part from the shelf leaves no gap with a limit unknown that sizes tell: what nobody measured of it is
 * not weighed as if it fitted.
 */
function tellsAll({ piece, parts }: Offer, all: readonly Assessment[], { pump }: Known): boolean {
  const lacks = new Set(
    pump.dimensions.flatMap(({ id, part }) =>
      parts.includes(part) && !piece?.sizes.some((s) => s.dimension === id) ? [id] : [],
    ),
  );
  const told = all.filter((a) => a.limits !== null && a.parts.length === 0);
  return told.every(({ characteristic: c }) => !dimensionsFor(c).some((d) => lacks.has(d)));
}

/**
 * Tells whether reading a gap once more can tell something: it is too close to call by figures, and was not read twice
 * at all its places yet. A third reading averages away little that the instrument is off by itself.
 */
function isWorthReading(a: Assessment, job: Job, dimensions: Known['dimensions']): boolean {
  const isFigure = [a.smallest, a.largest].every((end) => end?.kind === 'value');
  if (a.verdict !== 'close' || a.parts.length > 0 || !isFigure || a.disagree) return false;
  const c = a.characteristic;
  const swings = countedIn(job)
    .ofGap(c.id)
    .filter(({ kind }) => kind === 'swing').length;
  if (swings > 0) return swings < 2 * (c.swing?.stations.length ?? 1);
  const pump = pumpOf(job.sheet);
  return dimensionsFor(c).some((id) => {
    const places = pump.dimensions.find((d) => d.id === id)?.stations.length ?? 1;
    return (dimensions.get(id)?.readings ?? 0) < 2 * places;
  });
}
