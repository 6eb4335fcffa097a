import type { Assessment } from '../../assessment/assessment';
import type { State } from '../../guidance/evaluator';
import { characteristicId, type CharacteristicId } from '../../pumps/ids';
import { pumpOf } from '../../pumps/registry';
import type { Job } from '../../records/job';
import { bringsIn, effectsOn, type EndEffects, type Known } from '../effects/effects';
import { needsOf, type Need, type Unmet } from './needs';
import { costOfOffer, offersFor, type Offer, type WorkTerms } from '../operations/offers';
import { isMoved, type Effect, type Problem, type Row, type Work } from '../solver/problem';
import { reachFrom, type Reach } from '../effects/reach';
import { spanOf, type Span } from '../effects/standing';

/** A gap that plans have to bring in, or keep in, and how each operation moves its ends. */
export interface Watched {
  readonly assessment: Assessment;
  readonly span: Span;
  readonly effects: ReadonlyMap<string, EndEffects>;
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
  /** Lists what is known of every characteristic, in the order of the work. */
  readonly all: readonly Assessment[];
  readonly money: WorkTerms['money'];
  readonly offers: readonly Offer[];
  /** Gives the amounts over which each offer can be done, by its id; those for which there is not metal enough are missing. */
  readonly reaches: ReadonlyMap<string, Reach>;
  readonly needs: readonly Need[];
  readonly unmet: readonly Unmet[];
  readonly watched: readonly Watched[];
  /** Characteristics with a limit that have no verdict yet. */
  readonly unmeasured: readonly Assessment[];
  readonly unsized: readonly Unsized[];
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

/** Tells whether one operation of a part leaves nothing for another: a new part, or the same face cut twice. */
function areApart(a: Offer, b: Offer): boolean {
  const shared = a.parts.some((part) => b.parts.includes(part));
  if (!shared) return false;
  if (a.operation.replaces !== null || b.operation.replaces !== null) return true;
  const sizes = (o: Offer) => o.works.flatMap((w) => w.moves.map((m) => m.dimension));
  const both = sizes(a).some((size) => sizes(b).includes(size));
  // Facing and sinking move the same depth either way: both may be needed for two clearances.
  return (
    both && (a.operation.decision === 'dress' || b.operation.decision === 'dress' || sameWay(a, b))
  );
}

const sameWay = (a: Offer, b: Offer): boolean => a.works[0]?.work === b.works[0]?.work;

/** Returns everything that plans for a pump are made from. */
export function reworkCase(job: Job, state: State, shop: WorkTerms): ReworkCase {
  const all = state.characteristics;
  const known: Known = {
    sheet: job.sheet,
    pump: pumpOf(job.sheet),
    rule: job.rules.decision,
    dimensions: state.dimensions,
  };
  const possible = offersFor(job, shop);
  const reaches = (offer: Offer, least_mm: number) =>
    reachFrom(offer, least_mm, known, all) !== null;
  const { needs, unmet } = needsOf(job, possible, shop, reaches);
  const extra = needs
    .flatMap((n) => n.offers)
    .filter((o) => !possible.some(({ id }) => id === o.id));
  const offers = [...possible, ...extra];
  const judged = all.filter((a) => a.limits !== null);
  const watched = judged.flatMap((assessment): Watched[] => {
    const span = assessment.verdict === 'open' ? null : spanOf(assessment, known.rule);
    if (!span) return [];
    const effects = offers.map((o) => [o.id, effectsOn(assessment, o, known)] as const);
    return [{ assessment, span, effects: new Map(effects) }];
  });
  const seen = new Set(watched.map((w) => w.assessment));
  return {
    ...{ job, known, all, money: shop.money, offers, needs, unmet, watched },
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

const effectsAt = ({ effects }: Watched, end: keyof EndEffects): Map<string, Effect> =>
  new Map([...effects].flatMap(([id, both]) => (isMoved(both[end]) ? [[id, both[end]]] : [])));

/** Returns the rows of a gap: its lower end against the lower limit, its upper end against the upper. */
export const rowsOf = (w: Watched): Row[] => {
  const { id } = w.assessment.characteristic;
  const { lower_mm = null, upper_mm = null } = w.assessment.limits ?? {};
  const { low_mm, high_mm } = w.span;
  // What is in stays in by the rule that said so: work may not push it farther out.
  const isIn = w.assessment.verdict === 'in';
  const paired = lower_mm !== null && upper_mm !== null ? { paired: true as const } : {};
  return [
    ...(lower_mm === null
      ? []
      : [
          {
            ...{ id: `${id}--low`, value_mm: low_mm, upper_mm: null, ...paired },
            lower_mm: isIn ? Math.min(lower_mm, low_mm) : lower_mm,
            moved: effectsAt(w, 'low'),
          },
        ]),
    ...(upper_mm === null
      ? []
      : [
          {
            ...{ id: `${id}--high`, value_mm: high_mm, lower_mm: null, ...paired },
            upper_mm: isIn ? Math.max(upper_mm, high_mm) : upper_mm,
            moved: effectsAt(w, 'high'),
          },
        ]),
  ];
};

/** Returns the row of a gap of unknown size: at 1 it is out, at 0 something brought it in. */
const rowOfUnsized = ({ assessment, by }: Unsized): Row => ({
  ...{ id: `${assessment.characteristic.id}--high`, value_mm: 1, lower_mm: null, upper_mm: 0 },
  moved: new Map(by.map((id) => [id, { perMm: 0, once_mm: -1 }])),
});

/** Returns the gap that a row is about. */
export const gapOfRow = (rowId: string): CharacteristicId =>
  characteristicId(rowId.replace(/--(low|high)$/, ''));

/** Lists the offers that do for a small job as well: a part that a gap may want replaced need not be stoned first. */
function renewedAnyway(need: Need, { offers, watched, unsized }: ReworkCase): Offer[] {
  if (!need.offers.every(({ operation }) => operation.asked)) return [];
  const parts = need.offers.flatMap((o) => o.parts);
  const mayBeWanted = ({ id }: Offer) =>
    unsized.some(({ by }) => by.includes(id)) ||
    watched.some((w) => w.assessment.verdict !== 'in' && isMovedBy(w, id));
  return offers.filter(
    (o) =>
      o.operation.replaces !== null &&
      parts.some((part) => o.parts.includes(part)) &&
      mayBeWanted(o),
  );
}

/** Tells whether an offer moves either end of a gap. */
export function isMovedBy({ effects }: Watched, offer: string): boolean {
  const ends = effects.get(offer);
  return ends !== undefined && (isMoved(ends.low) || isMoved(ends.high));
}

/**
 * Returns a pump's rework as a problem for the solver.
 *
 * @param allowed tells which operations may be done
 * @param settings what a person set about operations, by their ids
 */
export function problemIn(
  rework: ReworkCase,
  allowed: (offer: Offer) => boolean,
  settings: ReadonlyMap<string, Setting> = new Map(),
): Problem {
  const { offers, needs, watched, unsized, money } = rework;
  const works = offers.flatMap((offer): Work[] => {
    const setting = settings.get(offer.id);
    const needed = needs.some((n) => n.offers.some(({ id }) => id === offer.id));
    if (setting === 'off' || !(setting !== undefined || needed || allowed(offer))) return [];
    const reach = rework.reaches.get(offer.id);
    if (!reach) return [];
    const held = typeof setting === 'object' ? setting.amount_mm : null;
    return [
      {
        id: offer.id,
        min_mm: held ?? reach.min_mm,
        max_mm: held ?? reach.max_mm,
        fixedCost: costOfOffer(offer, money.rate),
        costPerMm: 0,
        days: offer.terms.days,
        ...(setting !== undefined ? { required: true as const } : {}),
      },
    ];
  });
  const there = offers.filter((o) => works.some((w) => w.id === o.id));
  const excludes = there.flatMap((a, i) =>
    there.slice(i + 1).flatMap((b) => (areApart(a, b) ? [[a.id, b.id] as const] : [])),
  );
  // What a person switched off is not asked for again by what made it needed.
  const oneOf = needs
    .map((need) => [...need.offers, ...renewedAnyway(need, rework)].map(({ id }) => id))
    .map((group) => group.filter((id) => works.some((w) => w.id === id)))
    .filter((group) => group.length > 0);
  const rows = [...watched.flatMap(rowsOf), ...unsized.map(rowOfUnsized)];
  return { rows, works, excludes, oneOf, dayCost: money.downDay };
}
