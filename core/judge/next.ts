import { isOpen } from '../metrology/estimate';
import { ladderOf, type Ladder } from '../metrology/feeler';
import { askedFor } from '../inspect/looking';
import type { Characteristic, Dimension, Station, Way } from '../pumps/family';
import { dimensionOf, dimensionsFor, waysOf, type PumpKind } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Reading } from '../records/parts';
import { assessJob, type Assessment } from './assess';
import { countedIn, type Counted } from '../journal/eras';
import { leafReach } from './leafReach';
import {
  leafStep,
  ownAim,
  partAim,
  stackAdvice,
  type LeafAim,
  type LeafStep,
  type SumOf,
} from './leaves';

/** A size to read at a station. */
export interface SizeStep {
  readonly characteristic: string;
  readonly dimension: Dimension;
  readonly station: Station;
}

/** A swing to read, or a test to make, at a station. */
export interface PlaceStep {
  readonly characteristic: string;
  readonly station: Station;
}

/** What to do next, by its way. */
export type Step =
  | ({ readonly way: 'leaf' } & LeafStep)
  | ({ readonly way: 'size' } & SizeStep)
  | ({ readonly way: 'swing' } & PlaceStep)
  | ({ readonly way: 'touch' } & PlaceStep);

const named = (all: readonly Assessment[], id: string | null): Assessment | undefined =>
  all.find((a) => a.characteristic.id === id);

function sumOf(a: Assessment, all: readonly Assessment[]): SumOf | null {
  const [base, ...plus] = (a.characteristic.sum ?? []).flatMap((id) => named(all, id) ?? []);
  return base && a.limits ? { limits: a.limits, base, plus } : null;
}

function aimAt(a: Assessment, all: readonly Assessment[], ladder: Ladder): LeafAim | null {
  if (!a.characteristic.sum) {
    const sums = all
      .filter((other) => other.characteristic.sum?.includes(a.characteristic.id))
      .flatMap((other) => sumOf(other, all) ?? []);
    return sums.length > 0 ? partAim(a, sums, ladder) : ownAim(a, ladder);
  }
  if (a.verdict === 'in' || a.verdict === 'out') return null;
  const sum = sumOf(a, all);
  return sum && stackAdvice(sum.base, sum.plus, sum.limits, ladder);
}

/**
 * What is worth measuring without being asked for: what has a limit, and what
 * a limited sum rests on. Where the sheet publishes nothing at all, everything.
 */
function worthAsking(all: readonly Assessment[]): readonly Assessment[] {
  const limited = all.filter((a) => a.limits !== null);
  if (limited.length === 0) return all;
  const parts = new Set(limited.flatMap((a) => a.characteristic.sum ?? []));
  return all.filter((a) => a.limits !== null || parts.has(a.characteristic.id));
}

/** The same in the order of the work, but for what a finding asks for: that comes first, limit or not. */
function wanted(all: readonly Assessment[], job: Job): readonly Assessment[] {
  const asked = askedFor(job).flatMap(({ characteristic }) => named(all, characteristic) ?? []);
  if (asked.length === 0) return worthAsking(all);
  return [...asked, ...worthAsking(all).filter((a) => !asked.includes(a))];
}

/** What was felt or read already: of what, by which way, at which place. */
class Taken {
  private constructor(private readonly counted: Counted) {}

  static of(job: Job): Taken {
    return new Taken(countedIn(job));
  }

  at(kind: Reading['kind'], id: string, station: string): boolean {
    return this.of(kind, id).some((r) => r.kind === kind && r.station === station);
  }

  anywhere(kind: Reading['kind'], id: string): boolean {
    return this.of(kind, id).some((r) => r.kind === kind);
  }

  private of(kind: Reading['kind'], id: string): readonly Reading[] {
    return kind === 'size' ? this.counted.ofSize(id) : this.counted.ofGap(id);
  }
}

/** The sizes that a characteristic rests on, each station of each dimension. */
function sizesOf(pump: PumpKind, c: Characteristic): SizeStep[] {
  return dimensionsFor(c).flatMap((id) => {
    const dimension = dimensionOf(pump, id);
    return dimension.stations.map((station) => ({ characteristic: c.id, dimension, station }));
  });
}

function sizeStep(job: Job, c: Characteristic, taken: Taken): SizeStep | null {
  const unread = (s: SizeStep) => !taken.at('size', s.dimension.id, s.station.id);
  return sizesOf(job.sheet, c).find(unread) ?? null;
}

function placeStep(c: Characteristic, kind: 'swing' | 'touch', taken: Taken): PlaceStep | null {
  const station = c[kind]?.stations.find((s) => !taken.at(kind, c.id, s.id));
  return station ? { characteristic: c.id, station } : null;
}

function stepBy(
  way: Way,
  a: Assessment,
  job: Job,
  all: readonly Assessment[],
  taken: Taken,
): Step | null {
  const c = a.characteristic;
  if (way === 'leaf') {
    const ladder = ladderOf(job.feeler, job.rules.ladder);
    const aim = aimAt(a, all, ladder);
    const step = aim && leafStep(aim, ladder);
    return step && { way, ...step };
  }
  if (way === 'size') {
    const step = sizeStep(job, c, taken);
    return step && { way, ...step };
  }
  const step = placeStep(c, way, taken);
  return step && { way, ...step };
}

const first = (way: Way, ways: readonly Way[]): readonly Way[] =>
  ways.includes(way) ? [way, ...ways.filter((w) => w !== way)] : ways;

/**
 * The ways of a characteristic, the preferred one first where it has that; a
 * sum goes by leaves. Leaves that could not prove it in give way to figures,
 * as long as nobody asked for this characteristic and none was tried.
 */
function waysFor(a: Assessment, job: Job): readonly Way[] {
  const c = a.characteristic;
  if (c.sum) return ['leaf'];
  const ways = first(job.cursor.way, waysOf(c));
  const figure = ways.find((w) => w === 'swing' || w === 'size');
  const asked = job.cursor.characteristic === c.id;
  if (ways[0] !== 'leaf' || !figure || asked || !a.limits || tried(a)) return ways;
  const { provesIn } = leafReach(ladderOf(job.feeler, job.rules.ladder), a.limits);
  return provesIn ? ways : first(figure, ways);
}

const decided = ({ limits, verdict }: Assessment): boolean =>
  limits !== null && (verdict === 'in' || verdict === 'out');

const tried = (a: Assessment): boolean => a.stations.some((s) => s.tries.length > 0);

/** Something was felt or read of it by this way. */
function used(way: Way, a: Assessment, taken: Taken): boolean {
  const c = a.characteristic;
  if (way === 'leaf') return tried(a);
  if (way === 'touch') return a.touches.length > 0;
  if (way === 'swing') return taken.anywhere('swing', c.id);
  return dimensionsFor(c).some((d) => taken.anywhere('size', d));
}

/**
 * The next step on one characteristic: by the preferred way, or where it has
 * none such by its usual one. A way that can tell nothing from the start gives
 * room to the next; one that was used and is through does not.
 */
function stepOn(a: Assessment, job: Job, all: readonly Assessment[], taken: Taken): Step | null {
  for (const way of waysFor(a, job)) {
    const step = stepBy(way, a, job, all, taken);
    if (step || used(way, a, taken) || decided(a)) return step;
  }
  return null;
}

/**
 * Worth going on with, though nobody asked: leaves while the verdict is open,
 * sizes and swings at every place, since the smallest and the largest count;
 * but nothing more of what is out.
 */
function worthwhile(a: Assessment, job: Job): boolean {
  const [way] = waysFor(a, job);
  if (way === 'size' && job.cursor.way === 'size') return true;
  if (a.verdict === 'out') return false;
  if (way !== 'leaf' || (!tried(a) && a.source.largest !== 'leaves')) return true;
  return a.limits ? a.verdict === 'open' : !a.largest || isOpen(a.largest);
}

/**
 * What to do next: for the characteristic in hand, or with none in hand for
 * the first in the order of the work that is still open. What can no longer
 * change its verdict is passed over, unless it was taken in hand: then there
 * is nothing to do.
 */
export function nextStep(job: Job, all: readonly Assessment[]): Step | null {
  const known = NEXT.get(job);
  if (known !== undefined) return known;
  const step = workOut(job, all);
  NEXT.set(job, step);
  return step;
}

/** The step that was worked out for a job: the bench and the screen ask for the same. */
const NEXT = new WeakMap<Job, Step | null>();

function workOut(job: Job, all: readonly Assessment[]): Step | null {
  const taken = Taken.of(job);
  const inHand = named(all, job.cursor.characteristic);
  if (inHand) return stepOn(inHand, job, all, taken);
  for (const a of wanted(all, job)) {
    const step = worthwhile(a, job) ? stepOn(a, job, all, taken) : null;
    if (step) return step;
  }
  return null;
}

/** The job with nothing in hand: measuring goes on in the order of the work, by leaves or sizes. */
export function letGo(job: Job): Job {
  const way = job.cursor.way === 'size' ? 'size' : 'leaf';
  if (job.cursor.characteristic === null && job.cursor.way === way) return job;
  return { ...job, cursor: { characteristic: null, way } };
}

/** The job after a reading: a characteristic in hand that nothing more is to be told of is let go. */
export function movedOn(job: Job): Job {
  const inHand = job.cursor.characteristic !== null;
  return inHand && nextStep(job, assessJob(job)) === null ? letGo(job) : job;
}

/** The leaf that would tell the gap itself closer, whatever the verdict; null where the set cannot. */
export function closerStep(job: Job, part: Assessment): LeafStep | null {
  return leafStep(
    { part, limits: part.limits ?? {}, goal: 'size' },
    ladderOf(job.feeler, job.rules.ladder),
  );
}

/** The leaf to try next, where that is what comes next. */
export function nextLeafStep(job: Job, all: readonly Assessment[]): LeafStep | null {
  const step = nextStep(job, all);
  return step?.way === 'leaf' ? step : null;
}
