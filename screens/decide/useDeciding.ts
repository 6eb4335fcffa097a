import { reasonOf } from '@/core/errors';
import { useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { dequal } from 'dequal';
import type { Job } from '@/core/records/job';
import type { Shop } from '@/core/records/shop';
import { reworkCase, type Setting } from '@/core/rework/decision/case';
import { decide, type Decided } from '@/core/rework/decision/decide';
import type { Rework } from '@/core/rework/decision/solve';
import { evaluator } from '@/data/evaluator';
import { lyingFor } from '@/core/pairing/roles';
import { useParts, useShop } from '@/data/hooks';
import { planOf } from '@/data/keptPlan';
import { usePlanner } from './usePlanner';

export type Settings = ReadonlyMap<string, Setting>;

/** Everything that the stage shows of a job: what can be done, what it costs, and the plan in hand. */
export interface Deciding extends Omit<Decided, 'solved' | 'kind'> {
  readonly job: Job;
  readonly shop: Shop;
  /** Null while the first plan is not there yet; so is what it comes to. */
  readonly solved: Rework | null;
  readonly decided: Decided | null;
  readonly error: string | null;
  /** Plans once more, after an error. */
  readonly tryAgain: () => void;
  /** Tells whether another answer is on its way. */
  readonly busy: boolean;
  readonly settings: Settings;
  readonly set: (settings: Settings) => void;
  readonly choose: (index: number) => void;
}

/** Stands for the plans while they are worked out. */
const NOTHING_SOLVED: Rework = { plans: [], blocked: [], closer: [] };

const NOTHING_SET: Settings = new Map();

/** Plans the rework of a job, again whenever something is known or set otherwise. */
export function useDeciding(job: Job, initial: Settings = NOTHING_SET): Deciding {
  const shop = useShop();
  const planner = usePlanner();
  const [settings, setSettings] = useState<Settings>(initial);
  const [chosen, setChosen] = useState(0);
  const { data: parts, isFetched: isShelfKnown } = useParts();
  // Only what lies there for this pump: the others change nothing of its plans.
  const shelf = useMemo(
    () => (parts ? lyingFor(parts.records, job.sheet) : []),
    [parts, job.sheet],
  );
  const rework = useMemo(
    () => reworkCase(job, evaluator.state(job), shop, { shelf }),
    [job, shop, shelf],
  );
  const lying = shelf.map(({ id, revision }) => [id, revision] as const);
  const of = [job.id, job.revision, job.journal.length, shop.revision, job.sheet.sets];
  const { data, error, isFetching, refetch } = useQuery({
    queryKey: [...['rework', ...of, job.sheet.washers_mm], ...[lying, [...settings]]],
    queryFn: ({ signal }) =>
      settings.size > 0
        ? planner.plan(job, shop, settings, { shelf }, signal)
        : planOf(job, shop, shelf, signal),
    // While amounts are tried out the last plan stays; of a job that changed nothing is said by an older one.
    placeholderData: (last, query) =>
      dequal(query?.queryKey.slice(1, of.length + 1), of) ? last : undefined,
    staleTime: Infinity,
    retry: false,
    // Planned without the shelf it would be planned twice.
    enabled: isShelfKnown,
  });
  const solved = data ?? null;
  const answer = useMemo(
    () => decide(rework, solved ?? NOTHING_SOLVED, chosen),
    [rework, solved, chosen],
  );
  return {
    ...answer,
    job,
    shop,
    solved,
    settings,
    decided: solved && answer,
    error: error && !isFetching ? reasonOf(error) : null,
    tryAgain: () => void refetch(),
    busy: isFetching,
    buyNew: solved !== null && answer.buyNew,
    set: (next) => {
      setChosen(0);
      setSettings(next);
    },
    choose: setChosen,
  };
}
