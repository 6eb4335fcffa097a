import type { CharacteristicId } from '../pumps/ids';
import { areSisters, dimensionsFor, pumpOf } from '../pumps/registry';
import { nextLeaf, type LeafAim } from '../methods/nextLeaf';
import type { Assessment } from '../assessment/assessment';
import { figureAdvice } from '../assessment/figures';
import { ownAim, partAim, stackAdvice, type SumOf } from '../assessment/leafAim';
import type { Ladder } from '../feeler/ladder';
import { askedFor } from '../inspect/looking';
import { acceptedIn } from '../journal/accepted';
import type { Skipped } from '../journal/skipped';
import type { Counted } from '../journal/eras';
import { leafReach } from '../feeler/blind';
import { ends } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import type { StationEvidence } from '../methods/stations';
import type { LeafStep } from '../methods/feeler';
import { METHOD, methodOf, methodsFor, type MethodId, type Step } from '../methods/list';
import type { Place } from '../methods/method';
import type { Job } from '../records/job';
import type { Expectations } from './shopPast';

/** A job as far as the next step depends on it. */
export interface Situation {
  readonly job: Job;
  readonly all: readonly Assessment[];
  readonly counted: Counted;
  readonly skipped: Skipped;
  readonly ladder: Ladder;
  /** Gives what the shop's other pumps of this model make expect. */
  readonly past: Expectations;
}

const named = (all: readonly Assessment[], id: string | null): Assessment | undefined =>
  all.find((a) => a.characteristic.id === id);

function sumOf({ parts, limits }: Assessment, { job }: Situation): SumOf | null {
  const [base, ...plus] = parts;
  return base && limits ? { limits, rule: job.rules.decision, base, plus } : null;
}

function aimAt(a: Assessment, situation: Situation): LeafAim | null {
  const { all, ladder } = situation;
  if (!a.characteristic.sum) {
    const sums = all
      .filter((other) => other.characteristic.sum?.includes(a.characteristic.id))
      .flatMap((other) => sumOf(other, situation) ?? []);
    return sums.length > 0 ? partAim(a, sums, ladder) : ownAim(a, ladder);
  }
  if (a.verdict === 'in' || a.verdict === 'out') return null;
  const sum = sumOf(a, situation);
  return sum && stackAdvice(sum.base, sum.plus, sum.limits, ladder);
}

/**
 * Returns the size that tells more of a sum than leaves can, where somebody asked for it: took the sum in hand,
 * or measures by sizes. Unasked, leaves are through with it, and what would tell more is only said.
 */
function figureStep(a: Assessment, situation: Situation): Step | null {
  const { characteristic, way } = situation.job.cursor;
  const asked = characteristic === a.characteristic.id || way === 'size';
  const sum = asked && a.verdict === 'open' ? sumOf(a, situation) : null;
  const part = sum && figureAdvice([sum.base, ...sum.plus], sum.rule);
  return part && stepBy('size', part, situation);
}

/**
 * Returns what is worth measuring without being asked for: what has a limit, and what
 * a limited sum rests on. Where the sheet publishes nothing at all, everything.
 */
export function worthAsking(all: readonly Assessment[]): readonly Assessment[] {
  const limited = all.filter((a) => a.limits !== null);
  if (limited.length === 0) return all;
  const parts = new Set(limited.flatMap((a) => a.characteristic.sum ?? []));
  return all.filter((a) => a.limits !== null || parts.has(a.characteristic.id));
}

/**
 * Returns the same in the order of the work, but for what a finding asks for: that comes first, limit or
 * not.
 */
function wanted({ job, all }: Situation): readonly Assessment[] {
  const asked = askedFor(job).flatMap(({ characteristic }) => named(all, characteristic) ?? []);
  if (asked.length === 0) return worthAsking(all);
  return [...asked, ...worthAsking(all).filter((a) => !asked.includes(a))];
}

/** Adds what tells about where the gap should lie: the characteristics that should be about the same, and other pumps. */
function withHints(aim: LeafAim | null, { all, past }: Situation): LeafAim | null {
  const c = aim && named(all, aim.characteristic)?.characteristic;
  if (!aim || !c) return aim;
  const sisters = all.filter(({ characteristic }) => areSisters(c, characteristic));
  return { ...aim, sisters: sisters.map(({ stations }) => stations), past: past.get(c.id) };
}

/** Tells whether something was felt or read already, or left out: of what, by which method, at which place. */
const takenAt = (
  { job, counted, skipped }: Situation,
  method: MethodId,
  characteristic: CharacteristicId,
): ((place: Place) => boolean) => {
  const { again } = job.cursor;
  const old = again === undefined ? -1 : job.journal.findIndex(({ id }) => id === again);
  const isOld = new Set(job.journal.slice(0, old + 1).map(({ id }) => id));
  return ({ station, dimension }) => {
    if (skipped.has(dimension?.id ?? characteristic, method, station.id)) return true;
    const read = dimension ? counted.ofSize(dimension.id) : counted.ofGap(characteristic);
    return read.some((r) => r.kind === method && r.station === station.id && !isOld.has(r.id));
  };
};

/**
 * Returns the places of a way of measuring in the order in which they are read: where a gap is measured closer than its
 * verdict needs, one of each size before the second of any, so that it has a figure as soon as can be.
 */
function inTurn(places: readonly Place[], { job }: Situation): readonly Place[] {
  if (!job.cursor.closer) return places;
  const turn = ({ dimension, station }: Place) =>
    dimension ? dimension.stations.findIndex(({ id }) => id === station.id) : 0;
  return [...places].sort((a, b) => turn(a) - turn(b));
}

function stepBy(way: MethodId, a: Assessment, situation: Situation): Step | null {
  const c = a.characteristic;
  const method = methodOf(way);
  const place = method.next({
    places: inTurn(method.places(pumpOf(situation.job.sheet), c), situation),
    taken: takenAt(situation, way, c.id),
    leafAim: () => withHints(aimAt(a, situation), situation),
    ladder: situation.ladder,
  });
  const step = place && ({ way, characteristic: c.id, ...place } as Step);
  return step?.way === 'leaf' ? { ...step, ...roomAt(step, a, situation) } : step;
}

/** Returns what a sum leaves of the book's limit at a first try, where the leaf was chosen by that. */
function roomAt(step: LeafStep, a: Assessment, situation: Situation): Pick<LeafStep, 'room_mm'> {
  const book = a.limits?.upper_mm;
  const room = aimAt(a, situation)?.limits.upper_mm;
  const begun = a.stations.some((s) => s.tries.length > 0);
  const own = step.characteristic === a.characteristic.id;
  return own && !begun && book != null && room != null && room < book ? { room_mm: room } : {};
}

const first = (way: MethodId, ways: readonly MethodId[]): readonly MethodId[] =>
  ways.includes(way) ? [way, ...ways.filter((w) => w !== way)] : ways;

/**
 * Returns the ways of a characteristic, the preferred one first where it has that; a
 * sum goes by leaves. Leaves that could not prove it in give way to figures,
 * as long as nobody asked for this characteristic and none was tried.
 */
function waysFor(a: Assessment, { job, ladder }: Situation): readonly MethodId[] {
  const c = a.characteristic;
  if (c.sum) return ['leaf'];
  const all = methodsFor(job.sheet, c);
  const asked = job.cursor.characteristic === c.id;
  const ways = first(!asked && c.usual ? c.usual : job.cursor.way, all);
  const figure = ways.find((w) => METHOD[w].gives === 'figure');
  if (ways[0] !== 'leaf' || !figure || asked || !a.limits || tried(a)) return ways;
  const { provesIn } = leafReach(ladder, a.limits);
  return provesIn ? ways : first(figure, ways);
}

const decided = ({ limits, verdict }: Assessment): boolean =>
  limits !== null && (verdict === 'in' || verdict === 'out');

const tried = (a: Assessment): boolean => a.stations.some((s) => s.tries.length > 0);

/** Tells whether something was felt or read of a characteristic by this method. */
function used(way: MethodId, { characteristic: c }: Assessment, { counted }: Situation): boolean {
  const readings = [counted.ofGap(c.id), ...dimensionsFor(c).map((d) => counted.ofSize(d))];
  return readings.flat().some((r) => r.kind === way);
}

/**
 * Returns the next step on one characteristic: by the preferred method, or where it has none such by
 * its usual one. A method that can tell nothing from the start gives room to the next; one that was
 * used and is through does not.
 */
function stepOn(a: Assessment, situation: Situation): Step | null {
  for (const way of waysFor(a, situation)) {
    const step = stepBy(way, a, situation) ?? figureStep(a, situation);
    if (step || used(way, a, situation) || decided(a)) return step;
  }
  return null;
}

/**
 * Tells what is worth going on with, though nobody asked: leaves while the verdict is open,
 * sizes and swings at every place, since the smallest and the largest count;
 * but nothing more of what is out.
 */
function worthwhile(a: Assessment, situation: Situation): boolean {
  const [way] = waysFor(a, situation);
  if (way === 'size' && situation.job.cursor.way === 'size') return true;
  if (a.verdict === 'out') return way === 'leaf' && situation.ladder.wanted === 'size';
  if (way !== 'leaf' || (!tried(a) && a.source.largest !== 'leaves')) return true;
  if (!a.limits || a.verdict === 'open' || a.band === 'unknown') return true;
  return situation.ladder.wanted === 'size';
}

/** Returns the leaf that tells the gap in hand closer, where somebody asked for that; null else. */
function closerIn(a: Assessment, { job, ladder }: Situation): Step | null {
  const { way, closer } = job.cursor;
  const step = closer && way === 'leaf' ? closerStep(a, ladder) : null;
  return step && { way: 'leaf', ...step };
}

/**
 * Returns what to do next: for the characteristic in hand, or with none in hand for the first in the
 * order of the work that is still open. What can no longer change its verdict is passed over, unless
 * it was taken in hand: then there is nothing to do.
 */
export function nextIn(situation: Situation): Step | null {
  const inHand = named(situation.all, situation.job.cursor.characteristic);
  const accepted = acceptedIn(situation.job);
  if (inHand) return closerIn(inHand, situation) ?? stepOn(inHand, situation);
  for (const a of wanted(situation)) {
    if (!a.limits && accepted.has(a.characteristic.id)) continue;
    const step = worthwhile(a, situation) ? stepOn(a, situation) : null;
    if (step) return step;
  }
  return null;
}

/** Returns the job with nothing in hand: measuring goes on in the order of the work, by leaves or sizes. */
export function letGo(job: Job): Job {
  const way = METHOD[job.cursor.way].goesOn ? job.cursor.way : 'leaf';
  if (job.cursor.characteristic === null && job.cursor.way === way) return job;
  return { ...job, cursor: { characteristic: null, way } };
}

/** Tells whether a place may still be where a gap is smallest or largest. */
const mayBeEnd = ({ bounds }: StationEvidence, { smallest, largest }: Extremes): boolean =>
  bounds.largest.hi > ends(largest)[0] || bounds.smallest.lo < ends(smallest)[1];

/**
 * Returns the leaf that tells a gap closer, whatever its verdict, at the place that is known the least of those where it
 * may be smallest or largest; null where the set cannot.
 */
export function closerStep(
  { characteristic, stations, limits, soFar }: Assessment,
  ladder: Ladder,
): LeafStep | null {
  const width = ({ bounds }: StationEvidence) => bounds.largest.hi - bounds.smallest.lo;
  const open = soFar ? stations.filter((s) => mayBeEnd(s, soFar)) : stations;
  const sorted = [...open].sort((a, b) => (width(b) === width(a) ? 0 : width(b) - width(a)));
  const aim = { characteristic: characteristic.id, stations: sorted, limits: limits ?? {} };
  return nextLeaf({ ...aim, goal: 'size' }, ladder);
}
