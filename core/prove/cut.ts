import { deviation, mean } from 'd3-array';
import { traceMean } from '../trace/mean';
import { soundPlaces } from '../trace/outliers';
import { FIGURES, type Figure, type Sample } from '../trace/sample';
import type { Span } from '../trace/steady';

/** Holds what a part of a run comes to. */
export interface Cut {
  readonly flow_lpm: number;
  /** Half of the interval that holds the true mean with 95%, in l/min; null where the part is too short to tell. */
  readonly half95_lpm: number | null;
  /** Standard deviation of single samples, in l/min. */
  readonly scatter_lpm: number;
  /** The means of what else was read; null for what nothing was read of. */
  readonly rpm: number | null;
  readonly bar: number | null;
  readonly oil_C: number | null;
  /** Counts the samples that count, and those that are rubbish or said no flow. */
  readonly samples: number;
  readonly left: number;
}

/** A value is far from its neighbours only beyond this, in the unit of each figure: the last digit of an instrument. */
const DIGIT: Readonly<Record<Figure, number>> = { flow_lpm: 0.05, bar: 0.2, rpm: 5, oil_C: 0.5 };

/** Runs without their rubbish: whoever drags the ends of a part asks again and again. */
const CLEAN = new WeakMap<readonly Sample[], readonly Sample[]>();

/** Returns a run in which nothing stands that was not read off the pump. */
function withoutRubbish(samples: readonly Sample[]): readonly Sample[] {
  const known = CLEAN.get(samples);
  if (known) return known;
  const sound = Object.fromEntries(
    FIGURES.map((figure) => {
      const values = samples.map((sample) => sample[figure]);
      return [figure, new Set(soundPlaces(values, DIGIT[figure]))] as const;
    }),
  );
  const clean = samples.map((sample, i): Sample => {
    const of = (figure: Figure) => (sound[figure]?.has(i) ? sample[figure] : null);
    return {
      t_s: sample.t_s,
      flow_lpm: of('flow_lpm'),
      bar: of('bar'),
      rpm: of('rpm'),
      oil_C: of('oil_C'),
    };
  });
  CLEAN.set(samples, clean);
  return clean;
}

/**
 * Returns what a part of a run comes to: the mean of its flow with what it is known to, and the means of what else was read.
 * Rubbish is left out of each.
 *
 * @param samples of the run
 * @param span the part, from its first second up to its last
 * @returns null where no flow was read in it
 * @example
 * const run = [0, 1, 2].map((t_s) => ({ t_s, flow_lpm: 9 + t_s, bar: 8, rpm: 700, oil_C: null }));
 * cutOut(run, { from_s: 1, to_s: 3 }); // { flow_lpm: 10.5, half95_lpm: null, rpm: 700, bar: 8, oil_C: null, samples: 2, left: 0 }
 * cutOut(run, { from_s: 5, to_s: 9 }); // null
 */
export function cutOut(samples: readonly Sample[], { from_s, to_s }: Span): Cut | null {
  const part = withoutRubbish(samples).filter(({ t_s }) => t_s >= from_s && t_s < to_s);
  const read = (figure: Figure) => part.flatMap((sample) => sample[figure] ?? []);
  const flows = read('flow_lpm');
  const known = traceMean(flows);
  const flow_lpm = known?.mean ?? mean(flows);
  if (flow_lpm === undefined) return null;
  const of = (figure: Figure) => mean(read(figure)) ?? null;
  return {
    flow_lpm,
    half95_lpm: known?.half95 ?? null,
    scatter_lpm: known?.scatter ?? deviation(flows) ?? 0,
    rpm: of('rpm'),
    bar: of('bar'),
    oil_C: of('oil_C'),
    samples: flows.length,
    left: part.length - flows.length,
  };
}
