import { group, mean, sum } from 'd3-array';
import { centralF } from 'jstat';
import { InputError } from '../errors';
import { COVERAGE } from './normal';

/** One reading of a study: who read which part for the how-manieth time. */
export interface StudyReading {
  readonly part: string;
  readonly person: string;
  readonly trial: number | string;
  readonly value: number;
}

/** Standard deviations in the unit of the readings, and what follows from them. */
export interface StudyResult {
  /** The same person on the same part again: instrument and hand. */
  readonly repeatability: number;
  /** Between people, with what each makes of different parts. */
  readonly reproducibility: number;
  readonly grr: number;
  readonly parts: number;
  readonly total: number;
  readonly grrPercent: number;
  /** Counts the sizes of part that this way of measuring can tell apart; at least 1, infinite without any spread of its own. */
  readonly categories: number;
}

/** Describes what one person scatters on one part by a study: its standard deviation, and on how many degrees of freedom that rests. */
export interface StudyScatter {
  readonly s_mm: number;
  readonly freedom: number;
}

/** An interaction less sure than this is taken for noise and pooled with it. */
const POOL_ABOVE_P = 0.25;

/** Widths of a category in standard deviations of the measuring: √2, as the manuals write it. */
const CATEGORY = 1.41;

function crossed(readings: readonly StudyReading[]) {
  const parts = [...new Set(readings.map((r) => r.part))];
  const people = [...new Set(readings.map((r) => r.person))];
  const trials = [...new Set(readings.map((r) => r.trial))];
  const refuse = (code: string, message: string): never => {
    throw new InputError('readings', code, message);
  };
  if (parts.length < 2) refuse('too-few-parts', 'A study needs two parts at least.');
  if (people.length < 2) refuse('too-few-people', 'A study needs two people at least.');
  if (trials.length < 2)
    refuse('too-few-trials', 'A study needs every part read twice at least by everybody.');
  const seen = new Set(readings.map((r) => JSON.stringify([r.part, r.person, r.trial])));
  if (seen.size !== readings.length) refuse('repeated-trial', 'The same trial is there twice.');
  if (readings.length !== parts.length * people.length * trials.length) {
    refuse('unbalanced', 'Everybody has to read every part equally often.');
  }
  return { parts, people, trials };
}

const variance = (ms: number, less: number, over: number): number =>
  Math.max(0, (ms - less) / over);

/** Returns the mean squares of a study, with its interaction pooled with the error where it is not sure, and what they rest on. */
function squaresOf(readings: readonly StudyReading[]) {
  const { parts, people, trials } = crossed(readings);
  const [a, b, n] = [parts.length, people.length, trials.length];
  const value = (r: StudyReading) => r.value;
  const grand = mean(readings, value) ?? 0;
  const squares = (groups: Iterable<readonly StudyReading[]>) =>
    sum([...groups], (g) => g.length * ((mean(g, value) ?? 0) - grand) ** 2);
  const cell = (r: StudyReading) => JSON.stringify([r.part, r.person]);

  const ssParts = squares(group(readings, (r) => r.part).values());
  const ssPeople = squares(group(readings, (r) => r.person).values());
  const ssCells = squares(group(readings, cell).values());
  const ssTotal = sum(readings, (r) => (r.value - grand) ** 2);
  const ssBoth = Math.max(0, ssCells - ssParts - ssPeople);
  const ssError = Math.max(0, ssTotal - ssCells);

  const dfBoth = (a - 1) * (b - 1);
  const dfError = a * b * (n - 1);
  const [msBoth, msError] = [ssBoth / dfBoth, ssError / dfError];
  const pooled = 1 - interactionShare(msBoth, msError, dfBoth, dfError) > POOL_ABOVE_P;
  const freedom = pooled ? dfBoth + dfError : dfError;
  return {
    sizes: [a, b, n] as const,
    msParts: ssParts / (a - 1),
    msPeople: ssPeople / (b - 1),
    msBoth,
    msError,
    pooled,
    noise: pooled ? (ssBoth + ssError) / freedom : msError,
    freedom,
  };
}

/**
 * Returns what one person scatters on one part again by a study, for what was read again since to be held against.
 *
 * @param readings everybody’s of every part, equally often, in mm
 * @throws InputError on `readings` where they are not balanced and crossed
 * @example
 * const readings = ['Ann', 'Ben'].flatMap((person) =>
 *   [10, 12].flatMap((size) =>
 *     [0, 0.1].map((off, trial) => ({ part: `${size}`, person, trial, value: size + off })),
 *   ),
 * );
 * scatterOf(readings); // { s_mm: 0.063246, freedom: 5 }
 * scatterOf([]); // throws A study needs two parts
 */
export function scatterOf(readings: readonly StudyReading[]): StudyScatter {
  const { noise, freedom } = squaresOf(readings);
  return { s_mm: Math.sqrt(noise), freedom };
}

/**
 * Returns how much of the spread of a way of measuring is the hand and the instrument,
 * and how much the parts: a two-way analysis of variance with interaction,
 * pooled with the error where its p is over 0.25 (Measurement Systems
 * Analysis reference manual, AIAG; Montgomery, Design and Analysis of
 * Experiments).
 *
 * @param readings everybody’s of every part, equally often, in any one unit
 * @throws InputError on `readings` where they are not balanced and crossed
 * @example
 * const readings = ['Ann', 'Ben'].flatMap((person) =>
 *   [10, 12].flatMap((size) =>
 *     [0, 0.1].map((off, trial) => ({ part: `${size}`, person, trial, value: size + off })),
 *   ),
 * );
 * studyOf(readings); // { repeatability: 0.063246, reproducibility: 0 }
 * studyOf([]); // throws A study needs two parts
 */
export function studyOf(readings: readonly StudyReading[]): StudyResult {
  const { sizes, msParts, msPeople, msBoth, msError, pooled, noise } = squaresOf(readings);
  const [a, b, n] = sizes;
  const against = pooled ? noise : msBoth;
  const varBoth = pooled ? 0 : variance(msBoth, msError, n);
  const varPeople = variance(msPeople, against, a * n);
  const varParts = variance(msParts, against, b * n);

  const grr = Math.sqrt(noise + varBoth + varPeople);
  const total = Math.sqrt(grr ** 2 + varParts);
  return {
    repeatability: Math.sqrt(noise),
    reproducibility: Math.sqrt(varBoth + varPeople),
    grr,
    parts: Math.sqrt(varParts),
    total,
    grrPercent: total > 0 ? (100 * grr) / total : 0,
    categories: Math.max(1, varParts > 0 ? Math.floor((CATEGORY * Math.sqrt(varParts)) / grr) : 1),
  };
}

/**
 * Returns the share of the F distribution below the interaction's own F; a study without any error proves
 * any interaction.
 */
function interactionShare(msBoth: number, msError: number, dfBoth: number, dfError: number) {
  if (msBoth === 0) return 0;
  return msError === 0 ? 1 : centralF.cdf(msBoth / msError, dfBoth, dfError);
}

/**
 * Returns the drag band that a study of dragging leaves gives, in the unit of its readings: a gap lies
 * within twice the spread of what hands call a drag (JCGM 100, 6.2: k = 2).
 *
 * @param study the spread of everybody’s readings together
 * @example
 * dragBandOf({ grr: 0.002 }); // 0.004
 */
export const dragBandOf = ({ grr }: Pick<StudyResult, 'grr'>): number => COVERAGE * grr;
