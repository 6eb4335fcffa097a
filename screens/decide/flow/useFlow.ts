import { useEffect, useMemo, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import type { Band } from '@/core/flow/answer';
import type { Conditions, JobPump } from '@/core/flow/jobPump';
import {
  dutyFlow,
  flowBasis,
  gapAtDemand,
  pumpAfter,
  type DutyFlow,
  type FlowBasis,
} from '@/core/flow/overview';
import type { CharacteristicId } from '@/core/pumps/ids';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { RemoteDrawer } from '@/data/flow';
import type { Deciding } from '../useDeciding';

/** A pump is drawn from this seed: the same pump has the same band each time. */
const SEED = 1;

/** Returns what the flow of a job rests on, for as long as the job stays as it is. */
export const useFlowBasis = (job: Job): FlowBasis =>
  useMemo(() => flowBasis(job, evaluator.state(job)), [job]);

/** Returns the pump as the plan in hand leaves it; null while there is none, or it does nothing. */
export function usePumpAfter(
  basis: FlowBasis,
  { rework, plan, planned }: Pick<Deciding, 'rework' | 'plan' | 'planned'>,
): JobPump | null {
  return useMemo(
    () => (plan && planned.length > 0 ? pumpAfter(basis, rework, plan.works) : null),
    [basis, rework, plan, planned],
  );
}

/** Returns the thread that draws, ended with what asks it. */
function useDrawer(): RemoteDrawer {
  const [drawer] = useState(() => new RemoteDrawer());
  useEffect(() => () => drawer.close(), [drawer]);
  return drawer;
}

interface Asked {
  /** Names what is drawn: the same name, basis and states have the same bands. */
  readonly name: string;
  readonly basis: FlowBasis;
  readonly pump: JobPump | null;
  readonly states: readonly Conditions[];
  readonly draws?: number;
}

/** Draws what a pump delivers at several states as bands; undefined while that is on its way. */
export function useBands({
  name,
  basis,
  pump,
  states,
  draws,
}: Asked): readonly Band[] | null | undefined {
  const drawer = useDrawer();
  const { job, factor } = basis;
  const of = [job.id, job.revision, job.journal.length, factor, states, draws];
  const { data } = useQuery({
    queryKey: ['flow', name, ...of, pump && [...pump.known.gaps].map(([id, gap]) => [id, gap])],
    queryFn: ({ signal }) =>
      pump
        ? drawer.bands(pump, states, factor, { seed: SEED, ...(draws ? { draws } : {}) }, signal)
        : null,
    staleTime: Infinity,
    retry: false,
  });
  return data;
}

/** What a page says of a pump at one of its states: as it is now, and as the plan leaves it. */
export interface ShownDuty extends DutyFlow {
  readonly band: Band | null;
  readonly after: DutyFlow | null;
  readonly afterBand: Band | null;
}

/** Holds everything that is said of a job's flow at hot idle. */
export function useDuty(
  basis: FlowBasis,
  pumpAfterPlan: JobPump | null,
  duty: 'idle' | 'work',
): ShownDuty {
  const now = useMemo(() => dutyFlow(basis, duty), [basis, duty]);
  const after = useMemo(
    () => (pumpAfterPlan ? dutyFlow(basis, duty, pumpAfterPlan) : null),
    [basis, duty, pumpAfterPlan],
  );
  const states = useMemo(() => [now.at], [now]);
  const bands = useBands({ name: `now/${duty}`, basis, pump: basis.subject, states });
  const afterBands = useBands({ name: `after/${duty}`, basis, pump: pumpAfterPlan, states });
  return { ...now, band: bands?.[0] ?? null, after, afterBand: afterBands?.[0] ?? null };
}

/** Returns what tells the gap at which a pump would fall under what its circuits want, in mm; null where there is none. */
export function useGapsAtDemand(job: Job): (id: CharacteristicId) => number | null {
  const basis = useFlowBasis(job);
  const { at, flow, demand_lpm } = useMemo(() => dutyFlow(basis, 'idle'), [basis]);
  return (id) => {
    const isPath = flow?.paths.some(({ characteristic }) => characteristic === id) ?? false;
    return isPath && demand_lpm !== null ? gapAtDemand(basis, id, at, demand_lpm) : null;
  };
}
