import { daysBetween } from '../schema/moments';
import type { GapFacts, JobFacts, Reach } from './facts';

/** Says of which pumps a question is, and of which of their figures. */
export interface Question {
  readonly model: string;
  readonly characteristic: string;
  /** Tells whether it is asked of the demo's pumps, or of the shop's own: the two never mix. */
  readonly isDemo: boolean;
  /** Names the job that asks: it is not its own past; empty for none. */
  readonly except: string;
  /** Says which end of a gap counts: that at its widest place, or that at its closest. */
  readonly end: 'smallest' | 'largest';
}

/** Says whether figures are of pumps as they came, or as they went out. */
export type When = keyof GapFacts;

/** Gives one pump's figure of the past, in mm, and what is known around it. */
export interface PastFigure {
  readonly id: string;
  readonly tag: string;
  readonly day: string;
  readonly mm: number;
  readonly used: number | null;
  readonly usedUnit: string;
  /** Tells whether the pump came back within a year of going out. */
  readonly isBack: boolean;
  /** Makes of the parts that were put in, by the part. */
  readonly makes: ReadonlyMap<string, string>;
}

/** Limits what a comeback is: a pump that comes back later than this did not come back for the same work, in days. */
const BACK_WITHIN = 365;

/** Tells whether a pump came back within a year of going out. */
export const isBackSoon = ({ out, back }: Pick<JobFacts, 'out' | 'back'>): boolean =>
  back !== null && (out === null || daysBetween(out, back.day) <= BACK_WITHIN);

/** Returns the figure of a gap at the end that counts, in mm; null where nothing bounds it. */
export const endOf = (reach: Reach | null | undefined, end: Question['end']): number | null =>
  (end === 'smallest' ? reach?.smallest_mm : reach?.largest_mm) ?? null;

/** Returns the jobs that a question is about. */
export const asked = (facts: readonly JobFacts[], { model, isDemo, except }: Question) =>
  facts.filter((job) => job.model === model && job.isDemo === isDemo && job.id !== except);

/**
 * Returns the figures of the past that a question is about, the oldest first.
 *
 * @param facts of every job of the shop
 * @param question which pumps, which characteristic, which end
 * @param when as they came, or as they went out
 */
export const pastOf = (facts: readonly JobFacts[], question: Question, when: When) =>
  figuresOf(facts, question, when, (reach) => endOf(reach, question.end));

/** Returns one figure of each pump that a question is about, the oldest first; none of a pump that has none. */
function figuresOf(
  facts: readonly JobFacts[],
  question: Question,
  when: When,
  figureIn: (reach: Reach | null) => number | null,
): readonly PastFigure[] {
  const figures = asked(facts, question).flatMap((job): PastFigure[] => {
    const mm = figureIn(job.gaps[question.characteristic]?.[when] ?? null);
    if (mm === null) return [];
    const { id, tag, used, usedUnit } = job;
    return [
      {
        id,
        tag,
        used,
        usedUnit,
        day: when === 'went' ? (job.out ?? job.day) : job.day,
        mm,
        isBack: isBackSoon(job),
        makes: new Map(job.spares.map(({ part, make }) => [part, make])),
      },
    ];
  });
  return figures.sort((a, b) =>
    a.day === b.day ? a.tag.localeCompare(b.tag) : a.day < b.day ? -1 : 1,
  );
}

/**
 * Returns what pumps were found to be over whose gap nothing bounds above, the oldest first: they are wider than that, and nobody
 * knows by how much.
 *
 * @param facts of every job of the shop
 * @param question which pumps, which characteristic, which end
 * @param when as they came, or as they went out
 */
export const knownOver = (facts: readonly JobFacts[], question: Question, when: When) =>
  figuresOf(facts, question, when, (reach) =>
    question.end === 'smallest' ? null : (reach?.over_mm ?? null),
  );
