import { useMemo, useState } from 'react';
import type { ReversalOf } from '@/core/assembly/asked';
import { buildList, nextStepOf, type BuildItem } from '@/core/assembly/list';
import { withWrench, type WrenchSet } from '@/core/assembly/torquing';
import { leftOpenWords } from '@/core/assembly/open';
import { answerBuild, undoBuild, type BuildSaid } from '@/core/commands/building';
import type { Assessment } from '@/core/assessment/assessment';
import { lastStanding } from '@/core/journal/commands';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { useCommand, type Commanding } from '../job/useCommand';

/** What the stage holds: the list, the step in hand, and what is done to them. */
export interface Building extends Pick<Commanding, 'run' | 'error'> {
  readonly job: Job;
  readonly all: readonly Assessment[];
  readonly items: readonly BuildItem[];
  /** The step in hand; null where all are done. */
  readonly item: BuildItem | null;
  /** Says what is left open; empty for nothing. */
  readonly open: string;
  /** Takes a step in hand; null goes on with what comes next. */
  readonly take: (step: string | null) => void;
  /** Answers the step in hand, and goes on. */
  readonly answer: (said: Omit<BuildSaid, 'step'>) => Promise<void>;
  /** Takes another wrench for the bolts that come. */
  readonly setWrench: (wrench: WrenchSet) => void;
  /** Takes back what was done last; null where nothing was. */
  readonly undo: (() => void) | null;
}

/** The build of a job, made anew with every answer. */
export function useBuild(job: Job, reversalOf: ReversalOf | null): Building {
  const { run, error } = useCommand(job);
  const [taken, setTaken] = useState<string | null>(null);
  const [wrench, setWrench] = useState<WrenchSet | null>(null);
  const all = evaluator.assess(job);
  const items = useMemo(() => buildList(job, all, reversalOf), [job, all, reversalOf]);
  const found = items.find(({ step }) => step.id === taken) ?? nextStepOf(items);
  const item =
    found?.torquing && wrench ? { ...found, torquing: withWrench(found.torquing, wrench) } : found;
  const answer = async (said: Omit<BuildSaid, 'step'>) => {
    if (!item || !(await run(answerBuild({ ...said, step: item.step.id })))) return;
    // A word for what is missing is said before the bolts of a step, and is not the end of it.
    setTaken(item.torquing?.next && said.said === 'done' ? item.step.id : null);
  };
  return {
    job,
    all,
    items,
    item,
    open: useMemo(() => leftOpenWords(job, all, items), [job, all, items]),
    take: setTaken,
    answer,
    setWrench: ({ unit, wrench: other }) => setWrench({ unit, wrench: other }),
    run,
    error,
    undo: lastStanding(job, 'build')
      ? () => {
          setTaken(null);
          void run(undoBuild);
        }
      : null,
  };
}
