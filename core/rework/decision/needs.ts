import { auxiliaryChecks } from '../../inspect/auxiliary';
import { lookedAt } from '../../inspect/looking';
import { acceptedParts } from '../../journal/accepted';
import { takenCauses } from '../../journal/blamed';
import { workEntriesOf } from '../../journal/eras';
import { exchangedSince } from '../../journal/exchanged';
import type { PartId } from '../../pumps/ids';
import { hasRole } from '../../pumps/kinds';
import type { Surface } from '../../pumps/teardown/teardown';
import { pumpOf, teardownOf } from '../../pumps/registry';
import type { Remedy } from '../../pumps/remedies';
import type { Job } from '../../records/job';
import type { Decision } from '../../records/rework';
import type { Shop } from '../../records/shop';
import type { Finding } from '../../records/entries/finding';
import { lower } from '../../quantity/letters';
import { say } from '../../wording/say';
import { type Offer } from '../operations/offer';
import { smallOffers } from '../operations/offers';
import { operationFor } from '../operations/operations';

/** One of several operations that has to be done whatever the clearances say, why, and by how much at least. */
export interface Need {
  readonly offers: readonly [Offer, ...Offer[]];
  readonly why: string;
  readonly least_mm: number;
  /** The finding that asks for it; null where the house does. */
  readonly finding: string | null;
  /** Names the part that it was found on; null where it is of none, or the part is what is replaced. */
  readonly part: PartId | null;
  /** Says what a person decided of it; that it is replaced where the house does. */
  readonly decision: Decision;
}

/** Names a bound that forbids work which would put a finding right: how far the shop goes, or what metal the sheet leaves. */
export interface Bound {
  readonly offer: Offer;
  /** Gives what the work would have to take, in mm. */
  readonly needed_mm: number;
  readonly by: 'shop' | 'sheet';
}

/** A finding for which nothing that the shop does is left. */
export interface Unmet {
  readonly surface: Surface;
  readonly finding: Finding;
  readonly why: string;
}

/** Says what becomes of a finding, and which bounds stood in the way. */
interface Answer {
  readonly need: Need | null;
  readonly unmet: Unmet | null;
  readonly bounds: readonly Bound[];
}

/** Maps what a person decided on a surface to what is done about it. */
const DECIDED: Readonly<Record<Finding['decided'], Decision | null>> = {
  pass: null,
  dress: 'dress',
  machine: 'machine',
  replace: 'replace',
  scrap: 'replace',
};

/** Lists the offers that put a part of a surface right in the way that was decided. */
const offersOn = (
  offers: readonly Offer[],
  { remedies }: Surface,
  part: PartId,
  decision: Decision,
): Offer[] =>
  offers.filter(({ operation, parts }) => {
    const { remedy, replaces, insteadOfNew } = operation;
    const does = operation.decision === decision || (decision === 'replace' && insteadOfNew);
    // Another part in its place puts right whatever was found on it.
    const isFor = replaces !== null || (remedy !== null && remedies.includes(remedy));
    return does && isFor && parts.includes(part);
  });

/** Lists the small jobs that are offered where something that was found asks for them, by their remedies. */
const smallJobs = (
  remedies: readonly Remedy[],
  part: PartId,
  job: Job,
  shop: Pick<Shop, 'operations'>,
): Offer[] =>
  remedies.flatMap((remedy) => {
    const operation = operationFor(remedy);
    return operation?.asked ? smallOffers(operation, part, job, shop) : [];
  });

/** Returns a need for one of some operations; null for none of them. */
function needFor(
  [first, ...rest]: readonly Offer[],
  finding: Finding,
  part: PartId,
  why: string,
  least_mm = 0,
): Need | null {
  const decision = DECIDED[finding.decided] ?? 'reuse';
  return first
    ? { offers: [first, ...rest], why, least_mm, finding: finding.id, part, decision }
    : null;
}

/** Tells whether an operation can take so much, in mm: it goes so far, and leaves the metal that has to stay. */
type Reaches = (offer: Offer, least_mm: number) => boolean;

/** Returns what a finding asks for on one part; null where nothing is to be done, unmet where nothing can be. */
function needOf(
  job: Job,
  surface: Surface,
  part: PartId,
  finding: Finding,
  offers: readonly Offer[],
  shop: Pick<Shop, 'operations'>,
  reaches: Reaches,
): Answer | null {
  const decision = DECIDED[finding.decided];
  if (decision === null) return null;
  const own = finding.remark || 'decided when it was looked at';
  const what = finding.decided === finding.proposed ? finding.why : own;
  const why = say('rework.found', { surface: surface.name, what });
  const depth = finding.depth_mm ?? 0;
  const small = smallJobs(surface.remedies, part, job, shop);
  const direct = offersOn([...offers, ...small], surface, part, decision);
  const renewed = offersOn(offers, surface, part, 'replace');
  const deepEnough = direct.filter((offer) => reaches(offer, depth));
  const deep = direct.length > 0 && deepEnough.length === 0;
  // A stone takes off what stands up; what goes in deeper than the work for it reaches is beyond it.
  const stoned = decision === 'dress' && !deep ? smallJobs(['stone'], part, job, shop) : [];
  const need =
    needFor(
      [...deepEnough, ...(decision === 'machine' ? renewed : [])],
      finding,
      part,
      why,
      depth,
    ) ??
    needFor(stoned, finding, part, why) ??
    needFor(renewed, finding, part, deep ? say('rework.tooDeep', { surface: surface.name }) : why);
  const bounds = direct
    .filter((offer) => !deepEnough.includes(offer) && offer.terms.most_mm !== null)
    .map((offer): Bound => ({
      offer,
      needed_mm: depth,
      by: depth > (offer.terms.most_mm ?? Infinity) ? 'shop' : 'sheet',
    }));
  return { need, unmet: need ? null : { surface, finding, why }, bounds };
}

/** Lists the parts that the house replaces with every rebuild, as operations: bushings and bearings. */
function houseNeeds(job: Job, offers: readonly Offer[]): Need[] {
  if (job.rules.renew !== 'always' || job.fitted === 'new') return [];
  const { renewed } = teardownOf(job.sheet);
  const accepted = acceptedParts(job);
  const parts = job.sheet.renew.flatMap(({ id, when }) =>
    when === 'house' ? (renewed[id] ?? []) : [],
  );
  return (
    offers
      .filter((offer) => offer.operation.replaces !== null && !offer.set)
      .filter((offer) => offer.parts.every((part) => parts.includes(part)))
      // What a person accepted as it is, nobody sells a new part against.
      .filter((offer) => !offer.parts.some((part) => accepted.has(part)))
      .map((offer) => ({
        offers: [offer],
        why: 'replaced by house rule',
        least_mm: 0,
        finding: null,
        part: null,
        decision: 'replace' as const,
      }))
  );
}

/** Lists the work that the answers of small checks ask for: a marked clutch race is roughened. */
function checkNeeds(job: Job, shop: Pick<Shop, 'operations'>): Need[] {
  const { parts } = pumpOf(job.sheet);
  const part = parts.find((p) => hasRole(p, 'clutches')) ?? parts.find((p) => hasRole(p, 'base'));
  return auxiliaryChecks(job).flatMap(({ check, answer }) => {
    const asked = check.asksFor?.find(
      ({ answer: asks, house }) =>
        asks === answer?.answer && (!house || house.drain === job.rules.drain),
    );
    if (!part || !answer || !asked) return [];
    return smallJobs([asked.remedy], part.id, job, shop).map((offer) => ({
      offers: [
        { ...offer, id: `${offer.operation.id}--${check.id}`.slice(0, 64), on: check.name },
      ] as const,
      why: say('rework.found', { surface: check.name, what: answer.answer }),
      least_mm: 0,
      finding: answer.id,
      part: part.id,
      decision: 'dress' as const,
    }));
  });
}

/**
 * Lists what is bought new because of why the pump failed, as a person took or proved it. Of a stack nobody can tell which
 * section it is bought for: there the build says it, and the plan does not.
 */
function causeNeeds(job: Job, offers: readonly Offer[]): Need[] {
  const { parts } = pumpOf(job.sheet);
  if (parts.some(({ section }) => section !== null && section > 1)) return [];
  const { renewed } = teardownOf(job.sheet);
  const always = Object.values(renewed).flat();
  const accepted = acceptedParts(job);
  return takenCauses(job).flatMap((entry) =>
    offers
      .filter(({ operation: { replaces }, set }) => {
        const isAsked = entry.change.some((change) => change.replaces.some((r) => r === replaces));
        return isAsked && !set;
      })
      // Of bushings alike, those that the pump runs in: the others of the unit have their own reasons.
      .filter(
        ({ operation: { replaces }, parts: on }) =>
          replaces !== 'bushing' || on.every((part) => always.includes(part)),
      )
      // What a person accepted as it is, and what is new already, is not bought again.
      .filter(({ parts: on }) => !on.some((part) => accepted.has(part)))
      .filter(({ operation }) => operation.replaces !== 'bushing' || job.fitted !== 'new')
      .filter((offer) => !isDone(offer, job, null))
      .map((offer) => ({
        offers: [offer] as const,
        why: say('rework.cause', { cause: lower(entry.words) }),
        least_mm: 0,
        finding: entry.id,
        part: null,
        decision: 'replace' as const,
      })),
  );
}

const keyOf = ({ offers }: Need): string => offers.map(({ id }) => id).join();

/** Lists each need once, with the deepest of what it has to take away. */
function onceEach(needs: readonly Need[]): Need[] {
  const all = new Map<string, Need>();
  for (const need of needs) {
    const known = all.get(keyOf(need));
    const least_mm = Math.max(known?.least_mm ?? 0, need.least_mm);
    all.set(keyOf(need), { ...(known ?? need), least_mm });
  }
  return [...all.values()];
}

/** Leaves out what is asked of parts that are replaced anyway. */
function withoutWorkOnReplaced(needs: readonly Need[]): Need[] {
  const replaced = new Set(
    needs
      .filter(({ offers }) => offers.every(({ operation }) => operation.replaces !== null))
      .flatMap(({ offers }) => offers[0].parts),
  );
  const isWork = ({ offers }: Need) => offers.some(({ operation }) => operation.replaces === null);
  const isGone = ({ offers }: Need) =>
    offers.every(({ parts }) => parts.every((part) => replaced.has(part)));
  return needs.filter((need) => !(isWork(need) && isGone(need)));
}

/** Tells whether an operation was carried out: each kind of its work on each of its parts, after an entry. */
function isDone(offer: Offer, job: Job, since: string | null): boolean {
  const order = new Map(job.journal.map(({ id }, i) => [id, i]));
  const from = since === null ? -1 : (order.get(since) ?? -1);
  const later = workEntriesOf(job).filter((o) => (order.get(o.id) ?? 0) > from);
  return offer.works.every(({ part, work }) =>
    later.some((o) => o.part === part && o.work === work),
  );
}

/**
 * Lists what has to be done on a pump whatever its clearances say: what was decided when it was looked at,
 * and what the house replaces, as far as it was not carried out since; and the findings that nothing on
 * offer puts right, and the bounds that forbid work on some.
 *
 * @param reaches tells whether there is metal enough for an operation
 */
export function needsOf(
  job: Job,
  offers: readonly Offer[],
  shop: Pick<Shop, 'operations'>,
  reaches: Reaches,
): {
  readonly needs: readonly Need[];
  readonly unmet: readonly Unmet[];
  readonly bounds: readonly Bound[];
} {
  const asked = lookedAt(job).flatMap(({ surface, findings }) =>
    findings.flatMap((finding) =>
      surface.parts.flatMap((part) =>
        exchangedSince(job, part, finding)
          ? []
          : (needOf(job, surface, part, finding, offers, shop, reaches) ?? []),
      ),
    ),
  );
  const found = asked.flatMap(({ need }) => need ?? []);
  const needs = [
    ...found,
    ...causeNeeds(job, offers),
    ...houseNeeds(job, offers),
    ...checkNeeds(job, shop),
  ];
  const open = needs.filter((n) => !n.offers.some((offer) => isDone(offer, job, n.finding)));
  return {
    needs: withoutWorkOnReplaced(onceEach(open)),
    unmet: asked.flatMap(({ unmet }) => unmet ?? []),
    bounds: asked.flatMap(({ bounds }) => bounds),
  };
}
