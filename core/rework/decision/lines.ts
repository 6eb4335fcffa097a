import type { Assessment } from '../../assessment/assessment';
import { lookedAt } from '../../inspect/looking';
import { restsOn, workEntriesOf } from '../../journal/eras';
import { exchangedSince } from '../../journal/exchanged';
import type { Part } from '../../pumps/family';
import type { WorkEntry } from '../../records/entries/operation';
import { DECISIONS, type Decision } from '../../records/rework';
import { isSpread, NO_EFFECT, openedByOffer } from '../effects/effects';
import { judgedIn, type ReworkCase, type Watched } from './case';
import type { Need, Unmet } from './needs';
import { exchanges, type Offer } from '../operations/offer';
import type { PlannedWork } from '../solver/plan';
import { inOrderOfWork } from './order';
import type { RatedPlan } from './rated';
import { amountsOf, outAfter } from './solve';
import type { Amounts } from '../solver/problem';

/** One operation of a plan, with what it is on this pump. */
export interface PlannedOperation extends PlannedWork {
  readonly offer: Offer;
  /** Says why it has to be done whatever the clearances say; null where they ask for it. */
  readonly need: Need | null;
  /** Lists what is bought before: its amount is worked out again when that is in hand and measured. */
  readonly waitsFor: readonly Offer[];
  /** Lists the checks with a limit that it moves and nobody has measured: how far it may go is not known yet. */
  readonly unread: readonly Assessment[];
  /** Lists the gaps that are out without it: those that it brings in, and those that another work would take out. */
  readonly brings: readonly Assessment[];
  readonly keeps: readonly Assessment[];
  /** Tells whether nobody knows how far a gap is out that it brings in: a cut by what it puts right goes at least so far. */
  readonly isOpen: boolean;
}

/** Says what becomes of a part, and what that rests on. */
export interface PartLine {
  readonly part: Part;
  /** `unknown` while there is no plan, or something of it was not measured or not looked at. */
  readonly decision: Decision | 'unknown';
  readonly works: readonly PlannedOperation[];
  /** Lists what was found on it and no plan in hand does: it is not reused for that. */
  readonly asked: readonly Need[];
  /** A finding that nothing on offer puts right; null for none. */
  readonly unmet: Unmet | null;
  /** Says how its surfaces looked: there are none to look at, none looked at, sound, with something on them that was passed, or given up. */
  readonly looked: 'none' | 'unseen' | 'sound' | 'passed' | 'condemned';
  /** Gaps that rest on it and have a verdict: all in, some not, or none judged. */
  readonly gaps: readonly Assessment[];
  /** Tells whether a gap with a limit rests on it that has no verdict yet. */
  readonly unread: boolean;
  /** Work on it that was carried out. */
  readonly done: readonly WorkEntry[];
}

/**
 * Returns the operations of a plan as they are on this pump, in the order of doing.
 *
 * @param rework what plans for the pump are made from
 * @param plan the works and their amounts, in mm
 */
export function plannedOperations(
  rework: ReworkCase,
  plan: Pick<RatedPlan, 'works'>,
): PlannedOperation[] {
  const { offers, needs, watched, kept } = rework;
  const amounts = amountsOf(plan);
  const done = offers.filter(({ id }) => plan.works.some((w) => w.id === id));
  const planned = done.flatMap((offer): PlannedOperation[] => {
    const work = plan.works.find(({ id }) => id === offer.id);
    const need = needs.find((n) => isMetBy(n, offer)) ?? null;
    const waitsFor = [...watched, ...kept].flatMap((w) => boughtFor(w, offer, done));
    if (!work) return [];
    const own = purposeOf(rework, amounts, offer.id);
    const unread = unreadBy(rework, offer);
    return [{ ...work, offer, need, waitsFor: [...new Set(waitsFor)], unread, ...own }];
  });
  return inOrderOfWork(planned.map((p) => ({ ...p, keeps: p.keeps.filter(isItsTo(p, planned)) })));
}

/**
 * Lists the checks with a limit that an operation moves and that have no verdict yet.
 *
 * @param rework what plans for the pump are made from
 * @param offer the operation
 */
export const unreadBy = ({ known, unmeasured }: ReworkCase, offer: Offer): Assessment[] =>
  openedByOffer(known.pump, unmeasured, offer);

/** Tells whether something else than that it keeps a gap in asks for an operation. */
const isAskedFor = ({ brings, need }: PlannedOperation): boolean =>
  brings.length > 0 || need !== null;

/**
 * Tells of a gap that an operation keeps in whether it is done for that: where a washer makes up for a cut, each is out
 * without the other, and it is the washer that is fitted for it.
 */
const isItsTo =
  (one: PlannedOperation, planned: readonly PlannedOperation[]) =>
  (a: Assessment): boolean =>
    !isAskedFor(one) || planned.every((p) => isAskedFor(p) || !p.keeps.includes(a));

/** Returns what an operation of a plan is for: the gaps that are out where all is done but it, those of unknown size among them. */
function purposeOf(
  rework: ReworkCase,
  amounts: Amounts,
  operation: string,
): Pick<PlannedOperation, 'brings' | 'keeps' | 'isOpen'> {
  const others = new Map([...amounts].filter(([id]) => id !== operation));
  const still = outAfter(rework, amounts);
  const out = outAfter(rework, others).filter((a) => !still.includes(a));
  const isIn = ({ verdict }: Assessment) => verdict === 'in' || verdict === 'open';
  const unsized = rework.unsized.filter(
    ({ by }) => by.includes(operation) && !by.some((id) => others.has(id)),
  );
  return {
    brings: [...out.filter((a) => !isIn(a)), ...unsized.map(({ assessment }) => assessment)],
    keeps: out.filter(isIn),
    isOpen: unsized.length > 0,
  };
}

/** Lists what is bought into a gap that an offer cuts: the cut is planned from what that measures. */
function boughtFor({ effects }: Watched, cut: Offer, done: readonly Offer[]): Offer[] {
  const { low, high } = effects.get(cut.id) ?? NO_EFFECT;
  if (low.perMm === 0 && high.perMm === 0) return [];
  return done.filter(({ id }) => isSpread(effects.get(id) ?? NO_EFFECT));
}

/** Tells whether an operation is done on a part. */
const standsWith = ({ offer }: PlannedOperation, { id }: Part): boolean => offer.parts.includes(id);

const heaviest = (decisions: readonly Decision[]): Decision =>
  [...DECISIONS].reverse().find((d) => decisions.includes(d)) ?? 'reuse';

/** Says what each kind of work made of its part. */
const MADE: Readonly<Record<WorkEntry['work'], Decision>> = {
  faced: 'machine',
  sunk: 'machine',
  ground: 'machine',
  honed: 'machine',
  sleeved: 'machine',
  dressed: 'dress',
  shimmed: 'replace',
  exchanged: 'replace',
};

/** Tells whether an offer does what a finding asks for, or puts another part in the place of that one. */
const isMetBy = ({ offers, part }: Need, offer: Offer): boolean =>
  offers.some(({ id }) => id === offer.id) ||
  (part !== null && exchanges(offer) && offer.parts.includes(part));

/** Tells whether a plan does what a finding asks for. */
const isMet = (need: Need, planned: readonly PlannedOperation[]): boolean =>
  planned.some(({ offer }) => isMetBy(need, offer));

/** Returns the line of one part; null where nothing is known of it, planned or done. */
function lineOf(
  rework: ReworkCase,
  part: Part,
  planned: readonly PlannedOperation[],
  hasPlan: boolean,
): PartLine | null {
  const { job, known, unmeasured, needs } = rework;
  const surfaces = lookedAt(job).filter((s) => s.surface.parts.includes(part.id));
  // What was seen before it was exchanged was the part that is no longer in the pump.
  const seen = surfaces.filter((s) => s.findings.some((f) => !exchangedSince(job, part.id, f)));
  const works = planned.filter((p) => standsWith(p, part));
  const asked = needs.filter((n) => n.part === part.id && !isMet(n, planned));
  const unmet = rework.unmet.find((u) => u.surface.parts.includes(part.id)) ?? null;
  const own = [...known.pump.dimensions, ...known.pump.features]
    .filter((d) => d.part === part.id)
    .map((d) => d.id);
  // A total says nothing of one of its parts that its own gap does not.
  const restsOnIt = (a: Assessment) => restsOn(a.characteristic).some((id) => own.includes(id));
  const gaps = judgedIn(rework).filter(restsOnIt);
  const done = workEntriesOf(job).filter((o) => o.part === part.id);
  const all = [works, seen, gaps, done, asked, unmet === null ? [] : [unmet]];
  if (all.every(({ length }) => length === 0)) return null;
  const given = [
    ...works.map((w) => w.offer.operation.decision),
    ...asked.map((n) => n.decision),
    ...(unmet ? (['replace'] as const) : []),
  ];
  const unread = unmeasured.some(restsOnIt);
  const isKnown = hasPlan && !unread && (seen.length > 0 || surfaces.length === 0);
  const condemned = unmet !== null || asked.some(({ decision }) => decision === 'replace');
  return {
    part,
    works,
    asked,
    unmet,
    gaps,
    unread,
    done,
    decision:
      given.length > 0
        ? heaviest(given)
        : done.length > 0
          ? heaviest(done.map(({ work }) => MADE[work]))
          : isKnown
            ? 'reuse'
            : 'unknown',
    looked: condemned
      ? 'condemned'
      : seen.length === 0
        ? surfaces.length === 0
          ? 'none'
          : 'unseen'
        : seen.every((s) => s.state === 'sound')
          ? 'sound'
          : 'passed',
  };
}

/** Tells whether something is done on a part, or was, or should be. */
const isWork = ({ decision }: PartLine): boolean => decision !== 'reuse' && decision !== 'unknown';

/**
 * Lists what becomes of each part of which anything is known or planned: those with work first, in the order
 * of the pump.
 *
 * @param plan the plan that is shown; null where there is none
 */
export function partLines(rework: ReworkCase, plan: Pick<RatedPlan, 'works'> | null): PartLine[] {
  const planned = plan ? plannedOperations(rework, plan) : [];
  const lines = rework.known.pump.parts.flatMap(
    (part) => lineOf(rework, part, planned, plan !== null) ?? [],
  );
  return [...lines.filter(isWork), ...lines.filter((line) => !isWork(line))];
}
