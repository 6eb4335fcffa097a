import type { BuildStep } from '../pumps/assembly/step';
import { lastWorkOn, type Answers } from './answers';

/** Returns the place in the journal at which a part was washed last; −1 where it never was. */
function washedAt(answers: Answers, steps: readonly BuildStep[], part: string): number {
  const cleans = new Map(steps.filter(({ kind }) => kind === 'clean').map((s) => [s.id, s]));
  const of = answers.builds.filter(({ step, said, parts }) => {
    const clean = cleans.get(step);
    if (!clean || said !== 'done') return false;
    return parts.length > 0 ? parts.includes(part) : clean.parts.includes(part);
  });
  return Math.max(-1, ...of.map(answers.at));
}

/** Lists the parts that a build washes at all. */
const washable = (steps: readonly BuildStep[]): ReadonlySet<string> =>
  new Set(steps.filter(({ kind }) => kind === 'clean').flatMap(({ parts }) => parts));

/**
 * Lists those of some parts that have to be washed: they never were, or were worked on since.
 *
 * @param answers what was said and done
 * @param steps of the build
 * @param parts by their ids
 * @param since the place in the journal after which a wash counts, where it has to be a later one
 */
export function unwashed(
  answers: Answers,
  steps: readonly BuildStep[],
  parts: readonly string[],
  since = -1,
): string[] {
  const known = washable(steps);
  return parts.filter(
    (part) =>
      known.has(part) &&
      washedAt(answers, steps, part) <= Math.max(since, lastWorkOn(answers, new Set([part]))),
  );
}
