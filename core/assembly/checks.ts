import { auxiliaryChecks, isAmiss, type AuxiliaryChecked } from '../inspect/auxiliary';
import { NOT_HERE } from '../inspect/clutches';
import type { BuildStep } from '../pumps/assembly/step';
import { hasRole } from '../pumps/kinds';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import { spelled } from '../wording/say';

/** Says of a small check what is right, beside what was found. */
export interface CheckBeside {
  readonly name: string;
  readonly right: string;
  /** Is empty where nobody looked. */
  readonly found: string;
  readonly isAmiss: boolean;
}

const beside = (checked: AuxiliaryChecked): CheckBeside => ({
  name: checked.check.name,
  right: spelled(checked.check.expected),
  found: spelled(checked.answer?.answer ?? ''),
  isAmiss: isAmiss(checked),
});

/**
 * Returns what shows the small checks at the steps of a build: the one-way clutches where the unit takes the pump in, as they
 * must be; of the others what was amiss, before anything goes together.
 *
 * @param job its sheet and its answers
 * @param steps of the build
 */
export function checksAt(
  job: Pick<Job, 'sheet' | 'journal' | 'rotation'>,
  steps: readonly BuildStep[],
): (step: BuildStep) => readonly CheckBeside[] {
  const { sheet } = job;
  const asked = auxiliaryChecks(job).filter(({ check }) => check.expected !== '');
  const isClutch = ({ check }: AuxiliaryChecked): boolean =>
    sheet.clutches.some(({ id }) => check.id.startsWith(`${id}-`));
  const unit = new Set<string>(
    pumpOf(sheet)
      .parts.filter((part) => hasRole(part, 'clutches'))
      .map(({ id }) => id),
  );
  const first = steps.find(({ kind }) => kind === 'check');
  return (step) => {
    if (step.parts.some((id) => unit.has(id)) && step.kind !== 'clean')
      return asked.filter((c) => isClutch(c) && c.answer?.answer !== NOT_HERE).map(beside);
    return step.id === first?.id ? asked.filter((c) => !isClutch(c) && isAmiss(c)).map(beside) : [];
  };
}
