import { useEffect, useMemo, useState } from 'react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { Assessment } from '@/core/assessment/assessment';
import type { Job } from '@/core/records/job';
import type { Shop } from '@/core/records/shop';
import { reworkCase, type ReworkCase, type Setting } from '@/core/rework/decision/case';
import {
  partLines,
  plannedOperations,
  type PartLine,
  type PlannedOperation,
} from '@/core/rework/decision/lines';
import { newPumpPrice, priceOf, type Price } from '@/core/rework/decision/money';
import type { RatedPlan, Rework } from '@/core/rework/decision/solve';
import { suggestsNew } from '@/core/rework/decision/proposal';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { RemotePlanner } from '@/data/rework';

export type Settings = ReadonlyMap<string, Setting>;

/** Everything that the stage shows of a job: what can be done, what it costs, and the plan in hand. */
export interface Deciding {
  readonly job: Job;
  readonly shop: Shop;
  readonly all: readonly Assessment[];
  readonly rework: ReworkCase;
  /** Null while the first plan is not there yet. */
  readonly solved: Rework | null;
  readonly error: string | null;
  /** Tells whether another answer is on its way. */
  readonly busy: boolean;
  /** The plan that is shown; null where there is none. */
  readonly plan: RatedPlan | null;
  readonly planned: readonly PlannedOperation[];
  readonly lines: readonly PartLine[];
  readonly price: Price | null;
  readonly newPump: Price;
  readonly buyNew: boolean;
  readonly settings: Settings;
  readonly set: (settings: Settings) => void;
  readonly choose: (index: number) => void;
}

const NOTHING_SET: Settings = new Map();

/** The thread that plans, kept for as long as the stage is open. */
function usePlanner(): RemotePlanner {
  const [planner] = useState(() => new RemotePlanner());
  useEffect(() => () => planner.close(), [planner]);
  return planner;
}

/** Plans the rework of a job, again whenever something is known or set otherwise. */
export function useDeciding(job: Job, initial: Settings = NOTHING_SET): Deciding {
  const shop = useShop();
  const planner = usePlanner();
  const [settings, setSettings] = useState<Settings>(initial);
  const [chosen, setChosen] = useState(0);
  const state = evaluator.state(job);
  const all = state.characteristics;
  const rework = useMemo(() => reworkCase(job, evaluator.state(job), shop), [job, shop]);
  const { data, error, isFetching } = useQuery({
    queryKey: [
      ...['rework', job.id, job.revision, job.journal.length, shop.revision],
      ...[job.sheet.sets, [...settings]],
    ],
    queryFn: () => planner.plan(job, shop, settings),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  const solved = data ?? null;
  const plan = solved?.plans[Math.min(chosen, solved.plans.length - 1)] ?? null;
  const price = plan && priceOf(rework, plan);
  const newPump = newPumpPrice(job.sheet, shop);
  return {
    ...{ job, shop, all, rework, solved, settings, plan, price, newPump },
    error: error?.message ?? null,
    busy: isFetching,
    planned: plan ? plannedOperations(rework, plan) : [],
    lines: partLines(rework, plan),
    buyNew: solved !== null && suggestsNew(rework, solved, newPump),
    set: (next) => {
      setChosen(0);
      setSettings(next);
    },
    choose: setChosen,
  };
}
