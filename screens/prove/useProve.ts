import { useMemo, useState } from 'react';
import { comparedSteps, type StepResult } from '@/core/prove/compare';
import { tellingResult } from '@/core/prove/sayProve';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';

/** The id of a step, or of a test that no step asks for. */
export const resultId = ({ step, test, run }: StepResult): string =>
  step?.id ?? test?.id ?? run?.id ?? '';

/** What the tests of a job come to, which step is in hand, and which comes next. */
export function useProve(job: Job) {
  const results = useMemo(() => comparedSteps(job, evaluator.state(job)), [job]);
  // What a person picks is looked at and run next; what has just been run is only looked at.
  const [at, setAt] = useState<{ readonly id: string; readonly isPicked: boolean } | null>(null);
  const looked = results.find((result) => resultId(result) === at?.id);
  const open = results.find(({ step, test, run }) => step && !test && !run) ?? null;
  const uncut = results.find(({ test, run }) => !test && run) ?? null;
  const shown = looked ?? uncut ?? tellingResult(results);
  const picked = at?.isPicked ? (looked?.step ?? null) : null;
  return {
    results,
    shown,
    next: picked ?? open?.step ?? null,
    isAgain: Boolean(picked && looked?.test),
    pick: (id: string) => setAt({ id, isPicked: true }),
    look: (id: string) => setAt({ id, isPicked: false }),
  };
}
