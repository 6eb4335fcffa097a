import type { CharacteristicId } from '../pumps/ids';
import type { StationEvidence } from './stations';
import { stackOf } from '../feeler/bounds';
import { judgeTries, nextTry, type Goal, type Ladder, type TriesState } from '../feeler/ladder';
import type { Expected } from '../feeler/prior';
import { nextToRecord } from '../feeler/recording';
import type { Stack } from '../feeler/stacks';
import type { Limits } from '../metrology/interval';
import type { Station } from '../pumps/family';

/** Describes what leaves should go for: at which stations of a characteristic, against which limits. */
export interface LeafAim {
  readonly characteristic: CharacteristicId;
  readonly stations: readonly StationEvidence[];
  readonly limits: Limits;
  /** To judge the gap, to narrow it as far as the set can, or to know it between neighbouring leaves. */
  readonly goal: Goal | 'record';
  /** Gives what a sum leaves, in mm, for a gap that is only recorded. */
  readonly room_mm?: number | null;
  /** The stations of characteristics that should be about the same: the other gear under the same deck. */
  readonly sisters?: readonly (readonly StationEvidence[])[];
  /** Gives what other pumps of the model make expect; nothing where they tell nothing. */
  readonly past?: Expected | undefined;
}

/** A place for a leaf, and which leaf or leaves. Who aims at a sum is led to one of its parts. */
export interface LeafPlace {
  readonly characteristic: CharacteristicId;
  readonly station: Station;
  readonly stack: Stack;
}

/** Says how far places of one gap differ (standard deviation), and those of sisters, in mm. */
const PLACE_SPREAD_MM = 0.008;
const SISTER_SPREAD_MM = 0.008;

/** No gap is expected closer than this. */
const LEAST_SPREAD_MM = 0.004;

/** Describes what a gap that nothing bounds above is thought to have over its lower bound. */
const OPEN_MM = 0.02;

/** Returns about where the gap lies at a place that was tried; null where it was not. */
function known({ tries, bounds }: StationEvidence): Expected | null {
  if (tries.length === 0) return null;
  const [lo, hi] = [bounds.smallest.lo, bounds.largest.hi];
  const top = Number.isFinite(hi) ? hi : lo + OPEN_MM;
  return { centre_mm: (lo + top) / 2, spread_mm: (top - lo) / Math.sqrt(12) };
}

/** Averages expectations, each by how well it is known. */
function pooled(all: readonly Expected[]): Expected | null {
  if (all.length === 0) return null;
  const weights = all.map((e) => 1 / e.spread_mm ** 2);
  const total = weights.reduce((sum, w) => sum + w, 0);
  const centre_mm =
    all.reduce((sum, e, i) => sum + e.centre_mm * (weights[i] as number), 0) / total;
  return { centre_mm, spread_mm: Math.max(1 / Math.sqrt(total), LEAST_SPREAD_MM) };
}

const widened =
  (by_mm: number) =>
  (e: Expected): Expected => ({
    ...e,
    spread_mm: Math.hypot(e.spread_mm, by_mm),
  });

/**
 * Returns about where the gap should lie at a station: as at its neighbours, as at the same station of
 * the sisters, and as in other pumps of the model; null where none of them tells.
 */
function expectedAt(
  station: StationEvidence,
  { stations, sisters = [], past }: LeafAim,
): Expected | null {
  const beside = stations.filter((s) => s !== station).flatMap((s) => known(s) ?? []);
  const alike = sisters
    .flat()
    .filter((s) => s.station.id === station.station.id)
    .flatMap((s) => known(s) ?? []);
  const elsewhere = past ? [past] : [];
  return pooled([
    ...[...beside, ...elsewhere].map(widened(PLACE_SPREAD_MM)),
    ...alike.map(widened(SISTER_SPREAD_MM)),
  ]);
}

const spentAt = ({ conflicts }: StationEvidence): number[] =>
  conflicts.map((r) => stackOf(r.leaves_mm));

/** A station with where its tries stand. */
interface Judged {
  readonly at: StationEvidence;
  readonly state: TriesState;
}

const judged = (stations: readonly StationEvidence[], limits: Limits, ladder: Ladder): Judged[] =>
  stations.map((at) => ({
    at,
    state: judgeTries(ladder, limits, at.tries, { spent_mm: spentAt(at) }),
  }));

const mayBeIn = ({ state: { verdict, can } }: Judged): boolean =>
  verdict === 'in' || (verdict === 'open' && can.confirm);

const mayBeOut = ({ state: { verdict, can } }: Judged): boolean =>
  verdict === 'open' && can.refute.length > 0;

/**
 * Tells whether a leaf at any station can still change the verdict under given limits: where every
 * place may yet prove in, or one may yet prove out. A gap that is too close to call at one place can
 * no longer be in; once no place can be out either, nothing is asked.
 */
export function leavesCanDecide(
  stations: readonly StationEvidence[],
  limits: Limits,
  ladder: Ladder,
): boolean {
  const all = judged(stations, limits, ladder);
  if (all.some(mayBeOut)) return true;
  return all.every(mayBeIn) && all.some(({ state }) => state.verdict === 'open');
}

const beyond = ({ lower_mm, upper_mm }: Limits, { centre_mm, spread_mm }: Expected): number =>
  Math.max(
    upper_mm == null ? -Infinity : centre_mm - upper_mm,
    lower_mm == null ? -Infinity : lower_mm - centre_mm,
  ) / spread_mm;

/** Returns the places in the order in which they are tried: one that was begun, then the likeliest to be out. */
function inOrder(open: readonly Judged[], aim: LeafAim): Judged[] {
  const begun = ({ at }: Judged): boolean => at.tries.length > 0;
  const rank = (j: Judged): number => {
    const expected = expectedAt(j.at, aim);
    return begun(j) ? Infinity : expected ? beyond(aim.limits, expected) : -Infinity;
  };
  const ranked = open.map((j) => ({ j, rank: rank(j) }));
  return ranked.sort((a, b) => (a.rank === b.rank ? 0 : b.rank - a.rank)).map(({ j }) => j);
}

/** Returns the leaf that the place before was told by: it is the first to be tried at the next. */
function answerOf({ tries, bounds: { smallest, largest } }: StationEvidence): number | null {
  const dragged = tries.find((t) => t.felt === 'drag');
  if (dragged) return stackOf(dragged.leaves_mm);
  const known = largest.lo > 0 ? largest.lo : smallest.hi;
  return tries.length > 0 && Number.isFinite(known) ? known : null;
}

/** Returns the leaf that tells a gap at the first place where it is not known between neighbouring leaves. */
function nextRecorded({ characteristic, stations, room_mm }: LeafAim, ladder: Ladder) {
  let begin_mm: number | null = null;
  for (const at of stations) {
    const beside = { begin_mm, room_mm: room_mm ?? null, spent_mm: spentAt(at) };
    const stack = nextToRecord(ladder, at.bounds, at.tries, beside);
    if (stack) return { characteristic, station: at.station, stack };
    begin_mm = answerOf(at);
  }
  return null;
}

/** Returns the station at which an aim asks for a leaf next, and which leaf; null where it asks for none. */
export function nextLeaf(aim: LeafAim, ladder: Ladder): LeafPlace | null {
  const { characteristic, stations, limits, goal } = aim;
  if (goal === 'record') return nextRecorded(aim, ladder);
  const place = (at: StationEvidence, asked: Goal | 'refute'): LeafPlace | null => {
    const beside = { spent_mm: spentAt(at), expected: expectedAt(at, aim) };
    const stack = nextTry(ladder, limits, asked, at.tries, beside);
    return stack && { characteristic, station: at.station, stack };
  };
  if (goal === 'size') {
    for (const at of stations) {
      const found = place(at, goal);
      if (found) return found;
    }
    return null;
  }
  const all = judged(stations, limits, ladder);
  const asked = all.every(mayBeIn) ? goal : 'refute';
  const open = all.filter((j) => (asked === 'refute' ? mayBeOut(j) : j.state.verdict === 'open'));
  for (const { at } of inOrder(open, aim)) {
    const found = place(at, asked);
    if (found) return found;
  }
  return null;
}
