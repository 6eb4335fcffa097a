import { WITHIN_95 } from '../metrology/normal';
import { isBackSoon } from './past';
import type { JobFacts } from './facts';

/** Names what pumps that went out are sorted by. */
export type SortedBy = 'model' | 'make' | 'bushing';

/** Counts how many pumps went out, and how many of them came back within a year. */
export interface BackCount {
  readonly out: number;
  readonly back: number;
  /** Gives the share that came back, 0 to 1; null where none went out. */
  readonly share: number | null;
  /** Holds the interval in which the true share lies with 95%, 0 to 1. */
  readonly interval: readonly [from: number, to: number];
}

/** Describes a group of pumps that went out, by its name. */
export interface BackGroup extends BackCount {
  readonly name: string;
}

/** Says how many are needed: from fewer pumps the share of a shop is not taken for a chance: one comeback more would double it. */
const ENOUGH = 20;

/**
 * Returns the share of pumps that came back, with the interval of Wilson.
 *
 * @param back how many came back
 * @param out of how many that went out
 * @example
 * backCount(2, 40); // { out: 40, back: 2, share: 0.05, interval: [0.013821, 0.165039] }
 * backCount(0, 0); // { out: 0, back: 0, share: null, interval: [0, 1] }
 * @see Brown, Cai and DasGupta, Interval Estimation for a Binomial Proportion
 */
export function backCount(back: number, out: number): BackCount {
  if (out === 0) return { out, back, share: null, interval: [0, 1] };
  const share = back / out;
  const square = WITHIN_95 ** 2;
  const middle = (share + square / (2 * out)) / (1 + square / out);
  const half =
    (WITHIN_95 * Math.sqrt((share * (1 - share)) / out + square / (4 * out ** 2))) /
    (1 + square / out);
  return { out, back, share, interval: [Math.max(0, middle - half), Math.min(1, middle + half)] };
}

/** Returns the names of the groups that a pump is in. */
const GROUPS: Readonly<Record<SortedBy, (job: JobFacts) => readonly string[]>> = {
  model: ({ model }) => [model],
  make: ({ spares }) => [...new Set(spares.flatMap(({ make }) => (make ? [make] : [])))],
  bushing: ({ bushing }) => [bushing],
};

/** Lists the pumps that were repaired and went out. */
export const wentOut = (facts: readonly JobFacts[]): readonly JobFacts[] =>
  facts.filter(({ out }) => out !== null);

/** Returns how many of the pumps that went out came back within a year. */
export function allBack(facts: readonly JobFacts[]): BackCount {
  const out = wentOut(facts);
  return backCount(out.filter(isBackSoon).length, out.length);
}

/**
 * Returns how many pumps of each group came back, the most first.
 *
 * @param facts of the jobs that are counted
 * @param by what they are sorted by
 */
export function backBy(facts: readonly JobFacts[], by: SortedBy): readonly BackGroup[] {
  const groups = new Map<string, JobFacts[]>();
  for (const job of wentOut(facts)) {
    for (const name of GROUPS[by](job)) groups.set(name, [...(groups.get(name) ?? []), job]);
  }
  return [...groups]
    .map(([name, jobs]) => ({ name, ...backCount(jobs.filter(isBackSoon).length, jobs.length) }))
    .sort((a, b) => b.back - a.back || b.out - a.out || a.name.localeCompare(b.name));
}

/** Names a cause that pumps came back for: what it was in the end. */
export interface BackCause {
  /** Is empty where nobody knows it yet. */
  readonly words: string;
  readonly jobs: readonly JobFacts[];
}

/** Returns what the pumps that came back came back for, the most first. */
export function backCauses(facts: readonly JobFacts[]): readonly BackCause[] {
  const causes = new Map<string, JobFacts[]>();
  for (const job of facts) {
    if (!job.back) continue;
    causes.set(job.back.words, [...(causes.get(job.back.words) ?? []), job]);
  }
  return [...causes]
    .map(([words, jobs]) => ({ words, jobs }))
    .sort((a, b) => b.jobs.length - a.jobs.length || a.words.localeCompare(b.words));
}

/**
 * Returns the chance that a repaired pump comes back by the shop's own count; null until enough of them went out.
 *
 * @param count of the shop
 * @example
 * ownChance({ out: 40, back: 2, share: 0.05, interval: [0.01, 0.17] }); // 0.05
 * ownChance({ out: 12, back: 0, share: 0, interval: [0, 0.24] }); // null
 */
export const ownChance = ({ out, share }: BackCount): number | null =>
  out >= ENOUGH ? share : null;

/** Holds what came back of all that went out, counted in every way that is told. */
export interface Comebacks {
  readonly all: BackCount;
  readonly groups: Readonly<Record<SortedBy, readonly BackGroup[]>>;
  readonly causes: readonly BackCause[];
}

/**
 * Returns what came back of all that went out.
 *
 * @param facts of every job of the shop
 * @param isDemo tells whether the demo's pumps are counted, or the shop's own
 */
export function comebacksOf(facts: readonly JobFacts[], isDemo: boolean): Comebacks {
  const own = facts.filter((job) => job.isDemo === isDemo);
  return {
    all: allBack(own),
    groups: {
      model: backBy(own, 'model'),
      make: backBy(own, 'make'),
      bushing: backBy(own, 'bushing'),
    },
    causes: backCauses(own),
  };
}
