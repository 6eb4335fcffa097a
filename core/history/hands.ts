import { ENOUGH } from '../workshop/standing';
import { group, sum } from 'd3-array';
import { centralF } from 'jstat';
import type { StudyScatter } from '../metrology/repeatability';
import type { Repeat } from './repeats';

/** Describes what one hand scatters at the bench, beside a study. */
export interface Hand {
  readonly name: string;
  /** Counts the places that were read again. */
  readonly n: number;
  /** Pools the standard deviations of all of them, in mm. */
  readonly s_mm: number;
  /** Gives the chance of as much where it scatters as the study has it; null for too few. */
  readonly p: number | null;
  readonly chart: HandChart;
}

/** Describes a chart of standard deviations of pairs of readings, with the limits that the study sets. */
export interface HandChart {
  readonly figures: readonly number[];
  readonly days: readonly string[];
  readonly centre: number;
  readonly lower: number;
  readonly upper: number;
  readonly beyond: readonly number[];
}

/** Gives the mean of the standard deviation of a pair in true ones, and the limit that three in a thousand pairs go over: c4 and B6 of two. */
const C4 = 0.7979;
const B6 = 2.606;

function chartOf(repeats: readonly Repeat[], { s_mm }: StudyScatter): HandChart {
  const pairs = repeats.filter(({ n }) => n === 2);
  const figures = pairs.map((one) => one.s_mm);
  const upper = B6 * s_mm;
  return {
    figures,
    days: pairs.map(({ day }) => day),
    centre: C4 * s_mm,
    lower: 0,
    upper,
    beyond: figures.flatMap((one, i) => (one > upper ? [i] : [])),
  };
}

/**
 * Returns what each person, or each instrument, scatters at the bench where a place was read again, beside what a study found: the
 * chance of as much is that of the ratio of their variances (F), and pairs are charted with the limits that the study sets.
 *
 * @param repeats of every job, in the order of time
 * @param by who, or with what
 * @param study of the same way of measuring
 * @example
 * const repeat = { by: 'Ann', instrument: 'Mic', day: '2026-01-01', s_mm: 0.002, n: 2 };
 * handsOf([repeat], 'by', { s_mm: 0.002, freedom: 30 })[0].s_mm; // 0.002
 * handsOf([], 'by', { s_mm: 0.002, freedom: 30 }); // []
 * @see Montgomery, Introduction to Statistical Quality Control: chart of standard deviations, standard given
 */
export function handsOf(
  repeats: readonly Repeat[],
  by: 'by' | 'instrument',
  study: StudyScatter,
): readonly Hand[] {
  return [...group(repeats, (one) => one[by])]
    .map(([name, own]): Hand => {
      const freedom = sum(own, ({ n }) => n - 1);
      const s_mm = Math.sqrt(sum(own, ({ n, s_mm: s }) => (n - 1) * s ** 2) / freedom);
      const ratio = (s_mm / study.s_mm) ** 2;
      const canTell = own.length >= ENOUGH && study.s_mm > 0;
      return {
        name,
        n: own.length,
        s_mm,
        p: canTell ? 1 - centralF.cdf(ratio, freedom, study.freedom) : null,
        chart: chartOf(own, study),
      };
    })
    .sort((a, b) => b.n - a.n || a.name.localeCompare(b.name));
}
