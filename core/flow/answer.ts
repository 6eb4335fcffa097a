import type { CharacteristicId } from '../pumps/ids';
import { evenFrom } from '../random';
import type { Gap } from './gap';
import {
  assembledGaps,
  middleGaps,
  runningAt,
  runningGaps,
  type Conditions,
  type GapAt,
  type JobPump,
} from './jobPump';
import type { GapFrom } from './known';
import {
  byLoss,
  deliveredBy,
  lossesOf,
  lossOf,
  slipOf,
  type Delivered,
  type PathFlow,
} from './model';
import { EvenDraws, drawnGaps, drawnNormals, normalSlices } from './spread';

/** Says by what the slip of the model is multiplied: 1, or what a bench test fits. */
export interface SlipFactor {
  readonly K: number;
  /** A test fixed it: nothing of it scatters any more. */
  readonly isFitted: boolean;
}

/** The model as it is, which may be off by a quarter either way. */
export const UNFITTED: SlipFactor = { K: 1, isFitted: false };

/** Standard deviation of ln K where no test fixed it: 0.5 to 2 is 2.8 of them. */
const LN_K = 0.25;

/** One path of a job's pump: what it loses, through which gap, and how that is known. */
export interface JobPath extends PathFlow {
  readonly share: number;
  /** At 20 °C with what wear and a gasket add: the mean of its smallest and its largest place. */
  readonly gap: Gap;
  readonly gapFrom: GapFrom;
}

/** Says what a job's pump delivers at a state, with its gaps in the middle of what is known. */
export interface MiddleFlow extends Delivered {
  /** Lists its paths, greatest first; their losses are the model’s own, before the factor. */
  readonly paths: readonly JobPath[];
}

/**
 * Returns the share of what is lost that goes through gaps which nobody measured; 1 where none was.
 *
 * @param paths of a pump, each with its share and where its gap is known from
 * @example
 * unmeasuredShare([{ share: 0.8, gapFrom: 'measured' }, { share: 0.2, gapFrom: 'limits' }]); // 0.2
 */
export function unmeasuredShare(paths: readonly Pick<JobPath, 'share' | 'gapFrom'>[]): number {
  const guessed = paths.filter(({ gapFrom }) => gapFrom === 'limits' || gapFrom === 'example');
  if (guessed.length === paths.length) return 1;
  return guessed.reduce((sum, { share }) => sum + share, 0);
}

/**
 * Returns what a job's pump delivers with its gaps in the middle of what is known, and which path loses what; null
 * where nobody can say what it moves.
 *
 * @param subject the pump of a job
 * @param at how it runs, and on what
 * @param factor on the slip
 * @param gapAt gives each gap by itself; the middle of what is known where it is left out
 * @throws InputError on `temp_C` where nobody knows the viscosity
 */
export function middleFlow(
  { pump, known, displacement: { cc_rev, missing } }: JobPump,
  at: Conditions,
  { K }: SlipFactor = UNFITTED,
  gapAt?: GapAt,
): MiddleFlow | null {
  if (cc_rev === null || missing.length > 0) return null;
  const middle = middleGaps(known);
  const own: GapAt = gapAt ?? ((id) => middle.get(id));
  const hot = runningGaps(known, own, at.temp_C);
  const losses = lossesOf(pump, (id) => hot.get(id) ?? 0, runningAt(at));
  const cold = assembledGaps(known, own);
  return {
    ...deliveredBy(cc_rev, at.rpm, K * slipOf(losses)),
    paths: byLoss(losses).map((path) => ({
      ...path,
      gap: cold.get(path.characteristic) ?? { smallest_mm: 0, largest_mm: 0 },
      gapFrom: known.gaps.get(path.characteristic)?.from ?? 'example',
    })),
  };
}

/** Says what a figure lies between: 5 of 100 draws below, 5 above. */
export interface Band {
  readonly lo: number;
  readonly mid: number;
  readonly hi: number;
}

/** Says how often a pump is drawn, from which seed, and who is told how far it is. */
export interface Drawing {
  readonly seed: number;
  readonly draws?: number;
  /** Is told how many draws are done, every thousand; it may throw to call the rest off. */
  readonly progress?: (done: number) => void;
}

/** So often a pump is drawn where nobody said. */
export const DRAWS = 10_000;

const TOLD_EVERY = 1000;

/** Share of the draws beyond either end of a band. */
const BEYOND = 0.05;

/**
 * Draws the slips of a pump at several states, each draw the same pump at all of them, in l/min.
 *
 * @param subject the pump of a job
 * @param states how it runs, and on what
 * @param factor on the slip
 * @param drawing how often, from which seed
 * @returns for each state its slips, sorted
 */
export function drawnSlips(
  { pump, known }: JobPump,
  states: readonly Conditions[],
  { K, isFitted }: SlipFactor,
  { seed, draws = DRAWS, progress }: Drawing,
): Float64Array[] {
  const spread = new EvenDraws(draws, evenFrom(seed));
  const slices = normalSlices(draws);
  const logs = isFitted ? null : drawnNormals(slices, spread);
  const drawn = [...known.gaps].map(
    ([id, gap]) => [id, drawnGaps(gap.known, slices, spread)] as const,
  );
  const running = states.map(runningAt);
  const slips = states.map(() => new Float64Array(draws));
  for (let i = 0; i < draws; i++) {
    const gaps = new Map<CharacteristicId, Gap>();
    for (const [id, gapOf] of drawn) gaps.set(id, gapOf(i));
    const k = logs ? K * Math.exp(LN_K * logs[i]!) : K;
    states.forEach(({ temp_C }, s) => {
      const hot = runningGaps(known, (id) => gaps.get(id), temp_C);
      slips[s]![i] = k * lossOf(pump, (id) => hot.get(id) ?? 0, running[s]!);
    });
    if ((i + 1) % TOLD_EVERY === 0) progress?.(i + 1);
  }
  return slips.map((all) => all.sort());
}

/** Returns the value below which a share of sorted ones lies. */
const percentile = (sorted: Float64Array, share: number): number => {
  const at = share * (sorted.length - 1);
  const [low, high] = [sorted[Math.floor(at)] ?? 0, sorted[Math.ceil(at)] ?? 0];
  return low + (high - low) * (at - Math.floor(at));
};

/**
 * Returns what a pump delivers as a band: from its drawn slips, widened to its middle.
 *
 * @param cc_rev what it moves in a turn, in cm³
 * @param rpm its speed
 * @param slips drawn, in l/min, sorted
 * @param mid what it delivers with its gaps in the middle
 * @example
 * bandFrom(20, 1000, Float64Array.from([1, 2, 3]), 18); // { lo: 17.1, mid: 18, hi: 18.9 }
 */
export function bandFrom(cc_rev: number, rpm: number, slips: Float64Array, mid: number): Band {
  const at = (share: number) => deliveredBy(cc_rev, rpm, percentile(slips, share)).delivered_lpm;
  return {
    lo: Math.min(at(1 - BEYOND), mid),
    mid,
    hi: Math.max(at(BEYOND), mid),
  };
}

/**
 * Returns what a pump delivers at several states as bands; null where nobody can say what it moves.
 *
 * @param subject the pump of a job
 * @param states how it runs, and on what
 * @param factor on the slip
 * @param drawing how often, from which seed
 */
export function deliveredBands(
  subject: JobPump,
  states: readonly Conditions[],
  factor: SlipFactor,
  drawing: Drawing,
): Band[] | null {
  const { cc_rev, missing } = subject.displacement;
  if (cc_rev === null || missing.length > 0) return null;
  const slips = drawnSlips(subject, states, factor, drawing);
  return states.map((at, i) => {
    const mid = middleFlow(subject, at, factor)?.delivered_lpm ?? 0;
    return bandFrom(cc_rev, at.rpm, slips[i]!, mid);
  });
}
