import type { Limits } from '../metrology/bracket';
import { conformityOfRange, type DecisionRule } from '../metrology/conformity';
import { isOpen, sumOf, type Estimate } from '../metrology/estimate';
import { extremesOf, type Extremes } from '../metrology/extremes';
import { ladderOf, type Ladder } from '../metrology/feeler';
import type { Tilt } from '../metrology/tilt';
import { proven, windowOf, type Verdict } from '../metrology/verdict';
import type { Characteristic } from '../pumps/family';
import { countedIn, operationsOf, touching, type Counted } from '../journal/eras';
import { dimensionsFor, familyOf, gapsOf, pumpOf } from '../pumps/registry';
import type { Operation } from '../records/entry';
import type { Job } from '../records/job';
import type { Reading, TouchReading } from '../records/parts';
import type { Sheet } from '../records/sheet';
import {
  leafEvidence,
  overStations,
  sizedEvidence,
  sweptBounds,
  swingEvidence,
  tiltEvidence,
  touchEvidence,
  type StationEvidence,
} from './evidence';
import { heatShift } from './heat';
import { leavesCanDecide, stackAdvice } from './leaves';
import { heldLimits, type HeldLimits } from './limits';
import { disagreeing, tightest, type Known, type Source } from './known';
import { NO_PAST, pastOf, pastOfSum, type Past } from './past';
import { countedBefore, quantitiesOf, type Quantity } from './quantity';

/** What the evidence says of one characteristic, how it stands against its limits, and how it stood before work. */
export interface Assessment extends Past {
  readonly characteristic: Characteristic;
  /** Null where the sheet publishes none for the tier: the gap is recorded, not judged. */
  readonly limits: HeldLimits | null;
  readonly stations: readonly StationEvidence[];
  /** What the leaves say of the places tried so far; the verdict needs all of them. */
  readonly soFar: Extremes | null;
  /** Null before the first reading. */
  readonly smallest: Estimate | null;
  readonly largest: Estimate | null;
  readonly source: { readonly smallest: Source; readonly largest: Source };
  /** Two kinds of evidence are there, and they do not overlap. */
  readonly disagree: boolean;
  /** More than one kind of evidence is there, so that one had to win. */
  readonly both: boolean;
  /** Sizes that are still wanted for a gap from sizes; empty where there is none to be had. */
  readonly missing: readonly string[];
  /** The plane through the depths, where there is one. */
  readonly tilt: Tilt | null;
  /** Tests without a number, the newest last. */
  readonly touches: readonly TouchReading[];
  readonly verdict: Verdict;
  /** Of lying inside, where the evidence is complete enough to say. */
  readonly probability: number | null;
  readonly heatShift_mm: number | null;
}

const isSoft = (e: Estimate): boolean => e.kind === 'bracket' && e.soft !== undefined;

function judge(
  smallest: Estimate,
  largest: Estimate,
  limits: Limits,
  rule: DecisionRule,
  moreToLearn: boolean,
): Pick<Assessment, 'verdict' | 'probability'> {
  const window = windowOf(limits);
  if (isSoft(smallest) || isSoft(largest)) {
    const likely = conformityOfRange(smallest, largest, limits, rule);
    return likely.verdict === 'close' && moreToLearn
      ? { verdict: 'open', probability: null }
      : likely;
  }
  if (smallest.kind === 'bracket' && largest.kind === 'bracket') {
    const span = (b: { lo_mm: number; hi_mm: number | null }) => ({
      lo: b.lo_mm,
      hi: b.hi_mm ?? Infinity,
      hiOpen: false,
    });
    const proof = proven({ smallest: span(smallest), largest: span(largest) }, window);
    if (proof) return { verdict: proof, probability: proof === 'in' ? 1 : 0 };
  }
  const bracketed = smallest.kind === 'bracket' || largest.kind === 'bracket';
  if (bracketed && moreToLearn) return { verdict: 'open', probability: null };
  if (
    (isOpen(smallest) && limits.lower_mm != null) ||
    (isOpen(largest) && limits.upper_mm != null)
  ) {
    return { verdict: 'close', probability: null };
  }
  return conformityOfRange(smallest, largest, limits, rule);
}

const NOT_MEASURED = { smallest: null, largest: null, verdict: 'open', probability: null } as const;

const known = (
  source: Source,
  extremes: Extremes | null,
  reached: Extremes | null = null,
): Known[] => (extremes ? [{ source, extremes, ...(reached ? { reached } : {}) }] : []);

function assessMeasured(
  c: Characteristic,
  limits: HeldLimits | null,
  job: Job,
  readings: readonly Reading[],
  ladder: Ladder,
): Assessment {
  const { sheet } = job;
  const stations = leafEvidence(c, readings, ladder);
  const tried = stations.some((s) => s.tries.length > 0);
  const bounds = tried ? overStations(stations) : null;
  const seen = overStations(stations.filter((s) => s.tries.length > 0));
  const sized = sizedEvidence(gapsOf(c), readings);
  const tilted = c.tilt
    ? tiltEvidence(
        c.tilt,
        (station) =>
          familyOf(sheet.family).placement(sheet.geometry, c.tilt?.dimension ?? '', station).probe,
        readings,
      )
    : null;
  const touches = touchEvidence(c, readings);
  const all = [
    ...known('leaves', bounds ? extremesOf(bounds, ladder.soft) : null),
    ...known('sizes', sized.extremes, sized.reached),
    ...known('indicator', swingEvidence(c, readings)),
    ...known('depths', tilted?.extremes ?? null),
    ...known('sweep', sweptBounds(touches)),
  ];
  const least = tightest(all, 'smallest');
  const most = tightest(all, 'largest');
  const base = {
    ...NO_PAST,
    characteristic: c,
    limits,
    stations,
    soFar: seen ? extremesOf(seen, ladder.soft) : null,
    source: { smallest: least?.source ?? 'leaves', largest: most?.source ?? 'leaves' },
    both: all.length > 1,
    disagree: disagreeing(all),
    missing: [...sized.missing, ...(tilted?.missing ?? [])],
    tilt: tilted?.fit ?? null,
    touches,
    heatShift_mm: heatShift(sheet, c.terms),
  };
  if (!least || !most) return { ...base, ...NOT_MEASURED };
  const [smallest, largest] = [least.extremes.smallest, most.extremes.largest];
  if (!limits) return { ...base, ...NOT_MEASURED, smallest, largest };
  const more = leavesCanDecide(stations, limits, ladder);
  const { decision } = job.rules;
  return { ...base, smallest, largest, ...judge(smallest, largest, limits, decision, more) };
}

function assessSum(
  c: Characteristic,
  limits: HeldLimits | null,
  [base, ...plus]: readonly [Assessment, ...Assessment[]],
  job: Job,
  ladder: Ladder,
): Assessment {
  const add = (end: keyof Extremes): Estimate | null =>
    plus.reduce<Estimate | null>((sum, part) => {
      const more = part[end];
      return sum && more ? sumOf(sum, more) : null;
    }, base[end]);
  const smallest = add('smallest');
  const largest = add('largest');
  const assessed = {
    ...pastOfSum([base, ...plus]),
    characteristic: c,
    limits,
    stations: [],
    soFar: null,
    source: { smallest: 'sum', largest: 'sum' } as const,
    both: false,
    disagree: [base, ...plus].some((part) => part.disagree),
    missing: [base, ...plus].flatMap((part) => part.missing),
    tilt: null,
    touches: [],
    heatShift_mm: base.heatShift_mm,
  };
  if (!smallest || !largest || !limits) return { ...assessed, ...NOT_MEASURED };
  const more = stackAdvice(base, plus, limits, ladder) !== null;
  const { decision } = job.rules;
  return { ...assessed, smallest, largest, ...judge(smallest, largest, limits, decision, more) };
}

/** Lists what was read of a characteristic and of the sizes that it comes from, target by target. */
const listsFor = (counted: Counted, c: Characteristic): (readonly Reading[])[] => [
  counted.ofGap(c.id),
  ...dimensionsFor(c).map((d) => counted.ofSize(d)),
];

/** What an assessment rests on, and what it came to. */
interface Worked {
  readonly basis: readonly unknown[];
  readonly result: Assessment;
}

/** What was worked out of each characteristic last, by the sheet it is on. */
const WORKED = new WeakMap<Sheet, Map<string, Worked>>();

const sameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((item, i) => item === b[i]);

/** Works it out anew only where something that it rests on is another: a tap changes one of sixty. */
function remembered(
  known: Map<string, Worked>,
  id: string,
  basis: readonly unknown[],
  work: () => Assessment,
): Assessment {
  const last = known.get(id);
  if (last && sameList(last.basis, basis)) return last.result;
  const result = work();
  known.set(id, { basis, result });
  return result;
}

/** What was assessed last of the same readings: the bench, the list and the screen ask one after another. */
const ASSESSED = new WeakMap<Job['journal'], { job: Job; all: readonly Assessment[] }>();

/** Every characteristic of the job's pump, in the order of the work. */
export function assessJob(job: Job): readonly Assessment[] {
  const { sheet, tier, feeler, rules } = job;
  const last = ASSESSED.get(job.journal);
  const now = [sheet, tier, feeler, rules];
  if (last && sameList([last.job.sheet, last.job.tier, last.job.feeler, last.job.rules], now)) {
    return last.all;
  }
  const all = assess(job);
  ASSESSED.set(job.journal, { job, all });
  return all;
}

function assess(job: Job): Assessment[] {
  const { sheet, tier, feeler, rules } = job;
  const ladder = ladderOf(feeler, rules.ladder);
  const pump = pumpOf(sheet);
  const operations = operationsOf(job);
  const counted = countedIn(job);
  const then = countedBefore(job);
  let quantities: ReadonlyMap<string, Quantity> | null = null;
  const known = WORKED.get(sheet) ?? new Map<string, Worked>();
  WORKED.set(sheet, known);
  const done = new Map<string, Assessment>();
  for (const c of pump.characteristics) {
    const parts = c.sum?.flatMap((id) => done.get(id) ?? []) ?? [];
    const [base, ...plus] = parts;
    const lists = base ? [] : listsFor(counted, c);
    const work = base || operations.length === 0 ? [] : touching(pump, operations, c);
    // What counted before work stays as it was while the work stands, unless some of it is struck.
    const earlier = work.flatMap((operation) => listsFor(then(operation), c).flat());
    const basis = [tier, ladder, rules.decision, ...parts, ...lists, ...work, ...earlier];
    const assessment = remembered(known, c.id, basis, () => {
      const limits = heldLimits(sheet, tier, c.id);
      if (base) return assessSum(c, limits, [base, ...plus], job, ladder);
      const now = assessMeasured(c, limits, job, lists.flat(), ladder);
      const knownBefore = (operation: Operation): Extremes | null => {
        const { smallest, largest } = assessMeasured(
          c,
          limits,
          job,
          listsFor(then(operation), c).flat(),
          ladder,
        );
        return smallest && largest && { smallest, largest };
      };
      return { ...now, ...pastOf(c, work, knownBefore, () => (quantities ??= quantitiesOf(job))) };
    });
    done.set(c.id, assessment);
  }
  return [...done.values()];
}
