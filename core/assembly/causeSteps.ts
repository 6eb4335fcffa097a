import { buildStep } from '../pumps/assembly/assembly';
import type { BuildKind, BuildStep } from '../pumps/assembly/step';
import { takenCauses } from '../journal/blamed';
import { lower } from '../quantity/letters';
import type { ChangeWhen } from '../records/entries/cause';
import type { Job } from '../records/job';
import { sayBuild } from './sayBuild';

/** Says before which step what a cause changes is done: before anything is put in; on the machine, before it starts. */
const BEFORE: Readonly<Record<ChangeWhen, (kind: BuildKind) => boolean>> = {
  build: (kind) => kind !== 'clean',
  machine: (kind) => kind === 'watch',
};

const OF_CAUSE = 'cause-';

/** Tells whether a step is what must change too: it is done once, and rests on no part of the pump. */
export const isOfCause = ({ id }: Pick<BuildStep, 'id'>): boolean => id.startsWith(OF_CAUSE);

/** Returns the steps for what must change too, because of why the pump failed: as a person took or proved it. */
function changes(job: Pick<Job, 'journal'>): readonly (readonly [ChangeWhen, BuildStep])[] {
  return takenCauses(job).flatMap(({ cause, words, change }) =>
    change.map(({ words: does, when }, i) => {
      const id = [OF_CAUSE, cause || 'own', '-', i + 1].join('').slice(0, 64);
      return [
        when,
        buildStep('check', id, does, [], { with: sayBuild('cause.why', { cause: lower(words) }) }),
      ] as const;
    }),
  );
}

/**
 * Returns the steps of a build with what must change too, or the fault comes back.
 *
 * @param job its journal says why it failed
 * @param steps of the build without
 */
export function withCauses(
  job: Pick<Job, 'journal'>,
  steps: readonly BuildStep[],
): readonly BuildStep[] {
  const more = changes(job);
  if (more.length === 0) return steps;
  return (['build', 'machine'] as const).reduce<readonly BuildStep[]>((all, when) => {
    const these = more.filter(([at]) => at === when).map(([, step]) => step);
    const first = all.findIndex(({ kind }) => BEFORE[when](kind));
    const at = first < 0 ? all.length : first;
    // The first step after them needs them: nothing is built on what would come back.
    const after = all
      .slice(at)
      .map((step, i) =>
        i === 0 && when === 'build' && these.length > 0
          ? { ...step, after: [...step.after, ...these.map(({ id }) => id)] }
          : step,
      );
    return [...all.slice(0, at), ...these, ...after];
  }, steps);
}
