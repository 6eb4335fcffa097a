import type { Verdict } from '../../core/metrology/verdict';

/** What one simulated part came to. */
export interface Trial {
  readonly verdict: Verdict;
  /** Whether it truly keeps its limits. */
  readonly sound: boolean;
  /** Of its smallest and its largest, whether the interval shown holds the true one. */
  readonly held: readonly boolean[];
}

/** Shares of many trials, 0 to 1. */
export interface Tally {
  readonly trials: number;
  readonly in: number;
  readonly out: number;
  readonly undecided: number;
  /** Of those that are called in, the share that is not; of those called out, the share that is sound. */
  readonly wrongIn: number;
  readonly wrongOut: number;
  readonly coverage: number;
}

const share = <T>(items: readonly T[], is: (item: T) => boolean): number =>
  items.length === 0 ? 0 : items.filter(is).length / items.length;

/** Counts what trials came to. */
export function tallyOf(trials: readonly Trial[]): Tally {
  const called = (verdict: Verdict) => trials.filter((t) => t.verdict === verdict);
  const [ins, outs] = [called('in'), called('out')];
  const said = (n: number) => n / Math.max(1, trials.length);
  return {
    trials: trials.length,
    in: said(ins.length),
    out: said(outs.length),
    undecided: said(trials.length - ins.length - outs.length),
    wrongIn: share(ins, (t) => !t.sound),
    wrongOut: share(outs, (t) => t.sound),
    coverage: share(
      trials.flatMap((t) => t.held),
      (held) => held,
    ),
  };
}

/** Runs so many trials and counts what they came to. */
export const tallied = (count: number, trial: () => Trial): Tally =>
  tallyOf(Array.from({ length: count }, trial));
