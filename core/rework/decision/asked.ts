import { type CharacteristicId, characteristicId } from '../../pumps/ids';
import type { EndEffects } from '../effects/effects';
import { isClosed, leastAllowed } from '../effects/standing';
import { costOfOffer, exchanges, type Offer } from '../operations/offer';
import {
  isMoved,
  type Effect,
  type Problem,
  type Row,
  type SharedSetUp,
  type WorkOption,
} from '../solver/problem';
import type { ReworkCase, Setting, Unsized, Watched } from './case';
import type { Need } from './needs';

/** Tells whether one operation of a part leaves nothing for another: a new part, or the same face cut twice. */
function areApart(a: Offer, b: Offer): boolean {
  const shared = a.parts.some((part) => b.parts.includes(part));
  if (!shared) return false;
  if (exchanges(a) || exchanges(b)) return true;
  const sizes = (o: Offer) => o.works.flatMap((w) => w.moves.map((m) => m.dimension));
  const both = sizes(a).some((size) => sizes(b).includes(size));
  // Facing and sinking move the same depth either way: both may be needed for two clearances.
  return (
    both && (a.operation.decision === 'dress' || b.operation.decision === 'dress' || sameWay(a, b))
  );
}

const sameWay = (a: Offer, b: Offer): boolean => a.works[0]?.work === b.works[0]?.work;

const effectsAt = ({ effects }: Watched, end: keyof EndEffects): Map<string, Effect> =>
  new Map([...effects].flatMap(([id, both]) => (isMoved(both[end]) ? [[id, both[end]]] : [])));

/**
 * Returns the rows of a gap: its lower end against the lower limit, or the least that a running clearance keeps; its
 * upper end against the upper.
 */
export const rowsOf = (w: Watched): Row[] => {
  const { id } = w.assessment.characteristic;
  const { low_mm, high_mm } = w.span;
  const upper_mm = Number.isFinite(high_mm) ? (w.assessment.limits?.upper_mm ?? null) : null;
  const least = leastAllowed(w.assessment);
  const published = least?.from === 'sheet' && w.assessment.verdict !== 'open';
  // What is in stays in by the rule that said so: work may not push it farther out. Nor does it narrow what is under
  // the app's least as it stands, which by itself is no need for work.
  const isIn = w.assessment.verdict === 'in';
  // What work closed is opened again, whatever its verdict.
  const isStrict = (published && !isIn) || isClosed(w.assessment);
  const paired = published && upper_mm !== null ? { paired: true as const } : {};
  return [
    ...(least === null
      ? []
      : [
          {
            id: `${id}--low`,
            value_mm: low_mm,
            upper_mm: null,
            ...paired,
            lower_mm: isStrict ? least.mm : Math.min(least.mm, low_mm),
            moved: effectsAt(w, 'low'),
          },
        ]),
    ...(upper_mm === null
      ? []
      : [
          {
            id: `${id}--high`,
            value_mm: high_mm,
            lower_mm: null,
            ...paired,
            upper_mm: isIn ? Math.max(upper_mm, high_mm) : upper_mm,
            moved: effectsAt(w, 'high'),
          },
        ]),
  ];
};

/** Returns a row as somebody leaves it: where it is out it may stay so, but goes no farther. */
function leftRow(row: Row): Row {
  const { value_mm, lower_mm, upper_mm } = row;
  return {
    ...row,
    lower_mm: lower_mm === null ? null : Math.min(lower_mm, value_mm),
    upper_mm: upper_mm === null ? null : Math.max(upper_mm, value_mm),
  };
}

/** Returns the row of a gap of unknown size: at 1 it is out, at 0 something brought it in. */
const rowOfUnsized = ({ assessment, by }: Unsized): Row => ({
  id: `${assessment.characteristic.id}--high`,
  value_mm: 1,
  lower_mm: null,
  upper_mm: 0,
  moved: new Map(by.map((id) => [id, { perMm: 0, once_mm: -1 }])),
});

/** Returns the gap that a row is about. */
export const gapOfRow = (rowId: string): CharacteristicId =>
  characteristicId(rowId.replace(/--(low|high)$/, ''));

/** Lists the offers that do as well: what is put in the place of a part does away with what was found on it. */
const renewedAnyway = ({ part }: Need, { offers }: ReworkCase): Offer[] =>
  part === null ? [] : offers.filter((o) => exchanges(o) && o.parts.includes(part));

/**
 * Tells whether an offer moves either end of a gap.
 *
 * @param watched a gap, and what operations do to its ends
 * @param offer the id of an operation
 * @example
 * const effect = { low: { perMm: -1, once_mm: 0 }, high: { perMm: -1, once_mm: 0 } };
 * isMovedBy({ effects: new Map([['lap', effect]]) }, 'lap'); // true
 * isMovedBy({ effects: new Map() }, 'lap'); // false
 */
export function isMovedBy({ effects }: Watched, offer: string): boolean {
  const ends = effects.get(offer);
  return ends !== undefined && (isMoved(ends.low) || isMoved(ends.high));
}

/** Names something that may be left in doubt, with its gaps and what that costs. */
export interface Doubt {
  readonly id: string;
  readonly gaps: readonly CharacteristicId[];
  readonly cost: number;
}

/** Returns a row with what leaves it as it is beside what moves it in: each may do. */
function withDoubts(row: Row, doubts: readonly Doubt[]): Row {
  const gap = gapOfRow(row.id);
  const own = doubts.filter(({ gaps }) => gaps.includes(gap));
  if (own.length === 0) return row;
  const left = leftRow(row);
  const once_mm =
    (row.lower_mm ?? 0) - (left.lower_mm ?? 0) - ((left.upper_mm ?? 0) - (row.upper_mm ?? 0));
  const moved = own.map(({ id }): [string, Effect] => [id, { perMm: 0, once_mm }]);
  return once_mm === 0 ? row : { ...row, moved: new Map([...row.moved, ...moved]) };
}

/** Lists what equal works share: their set-up, for which each is charged less. */
function sharedBy(offers: readonly Offer[], rate: number): SharedSetUp[] {
  const kinds = [...new Set(offers.map(({ operation }) => operation))];
  return kinds.flatMap((kind): SharedSetUp[] => {
    const equal = offers.filter(({ operation }) => operation === kind);
    const setup = equal[0]?.terms.setup ?? 0;
    if (equal.length < 2 || setup === 0) return [];
    return [{ works: equal.map(({ id }) => id), cost: (setup / 60) * rate }];
  });
}

/**
 * Returns a pump's rework as a problem for the solver.
 *
 * @param rework what plans for the pump are made from
 * @param allowed tells which operations may be done
 * @param settings what a person set about operations, by their ids
 * @param doubts what may be left as it is, or read once more, and at what cost; nothing where that is left out
 */
export function problemIn(
  rework: ReworkCase,
  allowed: (offer: Offer) => boolean,
  settings: ReadonlyMap<string, Setting> = new Map(),
  doubts: readonly Doubt[] = [],
): Problem {
  const { offers, needs, watched, kept, unsized, money } = rework;
  const done = offers.flatMap((offer): (WorkOption & { readonly offer: Offer })[] => {
    // Reading something once more is no work: it stands among the doubts.
    if (offer.again !== null) return [];
    const setting = settings.get(offer.id);
    const needed = needs.some((n) => n.offers.some(({ id }) => id === offer.id));
    if (setting === 'off' || !(setting !== undefined || needed || allowed(offer))) return [];
    const reach = rework.reaches.get(offer.id);
    if (!reach) return [];
    const held = typeof setting === 'object' ? setting.amount_mm : null;
    return [
      {
        offer,
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
  const there = done.map(({ offer }) => offer);
  const shared = sharedBy(there, money.rate);
  const setUp = (id: string) => shared.find((s) => s.works.includes(id))?.cost ?? 0;
  const works = [
    ...done.map(({ offer: _, ...work }): WorkOption => ({
      ...work,
      fixedCost: work.fixedCost - setUp(work.id),
    })),
    ...doubts.map(({ id, cost }): WorkOption => ({
      id,
      min_mm: 0,
      max_mm: 0,
      fixedCost: cost,
      costPerMm: 0,
    })),
  ];
  const excludes = there.flatMap((a, i) =>
    there.slice(i + 1).flatMap((b) => (areApart(a, b) ? [[a.id, b.id] as const] : [])),
  );
  // What a person switched off is not asked for again by what made it needed.
  const oneOf = needs
    .filter((need) => need.offers.some(({ id }) => works.some((w) => w.id === id)))
    .map((need) => [...need.offers, ...renewedAnyway(need, rework)].map(({ id }) => id))
    .map((group) => [...new Set(group)].filter((id) => works.some((w) => w.id === id)));
  const rows = [...[...watched, ...kept].flatMap(rowsOf), ...unsized.map(rowOfUnsized)];
  return {
    rows: rows.map((row) => withDoubts(row, doubts)),
    works,
    excludes,
    oneOf,
    shared,
    dayCost: money.downDay,
  };
}
