import type { Assessment } from '../assessment/assessment';
import { centre } from '../metrology/estimate';
import { onSectionId } from '../pumps/sections';
import { spinOf, TELLING, type SpinCause, type TrialAsked } from '../pumps/assembly/spins';
import type { Trial } from '../pumps/assembly/step';
import type { BuildEntry } from '../records/entries/build';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { smallestNow } from '../rework/effects/standing';
import { formatRange, formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Answers } from './answers';
import { sayBuild } from './sayBuild';

/** Names something to look for, how much speaks for it, and what of the pump's own figures does. */
export interface Suspect {
  readonly cause: SpinCause;
  /** Its weight against the others; they add up to 1. */
  readonly share: number;
  /** Says which clearance of this pump makes it likelier; empty where none does. */
  readonly because: string;
}

/** Holds what the tries showed so far, by the try. */
export type Shown = Readonly<Partial<Record<Trial, string>>>;

/** Says how much likelier something is where a try shows what it would, and where it shows another thing. */
const AGREES = 4;
const CONTRADICTS = 0.2;

/** Holds what a try rarely shows: where it does, whatever does not go by it is less likely. */
const TELLS_APART: Shown = { float: 'none', direction: 'one', seal: 'only' };
const NOT_BY_IT = 0.4;

/** Says how much likelier something is by the clearance that it goes by: out, close to its least, unmeasured, well in. */
const BY_GAP = { under: 6, near: 2.5, unread: 1.2, well: 0.4 } as const;

/** Says in what share of the window above its least in which a clearance counts as near to that. */
const NEAR = 0.25;

/** Returns the least that a clearance may be, by its limits or by what its kind has to keep; null where there is none. */
const leastOf = ({ limits, least }: Assessment): number | null =>
  limits?.lower_mm ?? least?.mm ?? null;

/** Returns between what the smallest of a clearance lies, in mm; a value by itself, a bracket by its ends. */
function boundsOf(a: Assessment): readonly [lo_mm: number, hi_mm: number] | null {
  const now = smallestNow(a);
  if (!now) return null;
  if (now.kind === 'value') return [centre(now), centre(now)];
  return [now.lo_mm, now.hi_mm ?? Infinity];
}

/** Says how near a clearance is to its least; one whose leaves leave that open counts as unread. */
function nearness(a: Assessment): keyof typeof BY_GAP {
  const bounds = boundsOf(a);
  const least = leastOf(a);
  if (!bounds) return 'unread';
  if (least === null) return 'well';
  const [lo, hi] = bounds;
  if (hi <= least) return 'under';
  if (lo < least) return 'unread';
  const upper = a.limits?.upper_mm ?? 2 * least;
  return hi <= least + NEAR * Math.max(0, upper - least) ? 'near' : 'well';
}

const ORDER = ['under', 'near', 'unread', 'well'] as const;

/** Returns the clearance of a cause that is nearest to its least, on the section that was spun. */
function nearestGap(all: readonly Assessment[], { gaps }: SpinCause, section: number | null) {
  const ids = gaps.map((id) => onSectionId(id, section ?? 1));
  const of = all.filter(({ characteristic }) => ids.includes(characteristic.id));
  return ORDER.flatMap((how) => of.filter((a) => nearness(a) === how).map((a) => ({ a, how })))[0];
}

/** Says which clearance speaks for a cause, and how it reads; that it is not measured closely enough where leaves leave it open. */
function becauseOf(a: Assessment, how: keyof typeof BY_GAP, unit: ShopUnit): string {
  const { name: check, quantity } = a.characteristic;
  const bounds = boundsOf(a);
  if (how === 'unread') {
    return sayBuild(bounds ? 'spin.wide' : 'spin.unread', { check });
  }
  const least = leastOf(a);
  if (how === 'well' || !bounds || least === null) return '';
  const [lo, hi] = bounds;
  const value = formatRange(Math.max(0, lo), Number.isFinite(hi) ? hi : null, quantity, unit);
  return sayBuild('spin.because', {
    check,
    value: lo === hi ? formatWithUnit(Math.max(0, lo), quantity, unit) : value,
    least: formatWithUnit(least, quantity, unit),
  });
}

/** Returns how much the tries speak for a cause. */
const byTries = ({ shows }: SpinCause, shown: Shown): number =>
  TELLING.reduce((weight, { trial }) => {
    const answer = shown[trial];
    const told = shows[trial];
    if (answer === undefined) return weight;
    if (!told) return TELLS_APART[trial] === answer ? weight * NOT_BY_IT : weight;
    return weight * (told.includes(answer) ? AGREES : CONTRADICTS);
  }, 1);

/**
 * Lists what to look for where a pump does not turn freely, likeliest first: in the order of its family, weighed by this
 * pump's own clearances and by what the tries showed. The weights are a judgement, not a statistic: what the clamp presses
 * goes away with it, what a shaft does comes at the same angle of it.
 *
 * @param job its sheet
 * @param all what its clearances come to
 * @param felt how it turned
 * @param section the section that was spun; null for the whole pump
 * @param shown what the tries showed
 * @param unit of the shop
 */
export function suspectsOf(
  job: Pick<Job, 'sheet'>,
  all: readonly Assessment[],
  felt: 'tight' | 'catches',
  section: number | null,
  shown: Shown,
  unit: ShopUnit,
): Suspect[] {
  const { sheet } = job;
  const causes = spinOf(sheet)[felt].filter(({ shows }) => !shows.seal || hasSeal(sheet));
  const weighed = causes.map((cause, i) => {
    const nearest = nearestGap(all, cause, section);
    const weight = (byTries(cause, shown) * (nearest ? BY_GAP[nearest.how] : 1)) / (i + 1);
    return { cause, weight, because: nearest ? becauseOf(nearest.a, nearest.how, unit) : '' };
  });
  const sum = weighed.reduce((total, { weight }) => total + weight, 0);
  return weighed
    .map(({ cause, weight, because }) => ({ cause, because, share: weight / sum }))
    .sort((a, b) => b.share - a.share);
}

/** Tells whether a pump has a shaft seal, as far as its sheet says. */
const hasSeal = ({ seals }: Pick<Sheet, 'seals'>): boolean => seals !== 0;

/** Lists the tries that tell something on a pump: none without its seal where it has none. */
export const trialsFor = (sheet: Pick<Sheet, 'seals'>): readonly TrialAsked[] =>
  TELLING.filter(({ trial }) => trial !== 'seal' || hasSeal(sheet));

/** Says where a search stands after a pump did not turn freely. */
export interface Search {
  readonly shown: Shown;
  /** The try that comes next; null where all were made. */
  readonly next: Trial | null;
  /** Says what it was; empty while nobody found it. */
  readonly found: string;
}

/** Returns where the search stands at a spin that was not free. */
export function searchOf(
  { trials }: Answers,
  spin: Pick<BuildEntry, 'id'>,
  sheet: Pick<Sheet, 'seals'>,
): Search {
  const of = trials.filter((t) => t.spin === spin.id);
  const shown: Shown = Object.fromEntries(of.map(({ trial, answer }) => [trial, answer]));
  return {
    shown,
    next: trialsFor(sheet).find(({ trial }) => shown[trial] === undefined)?.trial ?? null,
    found: shown.found ?? '',
  };
}
