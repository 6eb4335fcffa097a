import { useEffect, useState } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { AT_REST_MS, whenIdle } from '@/data/whenIdle';
import { thinkingAhead } from '@/core/commands/ahead';
import { evaluator } from '@/data/evaluator';

/** Thinks one answer ahead while the hand is at the pump, a piece at a time, so that it finds the next instruction there. */
export function useThinkingAhead(job: Job): void {
  useEffect(() => {
    let left: readonly (() => void)[] | null = null;
    let callOff = (): void => undefined;
    const go = (): void => {
      left ??= thinkingAhead(job, evaluator);
      const [first, ...rest] = left;
      first?.();
      left = rest;
      if (rest.length > 0) callOff = whenIdle(go);
    };
    callOff = whenIdle(go);
    return () => callOff();
  }, [job]);
}

/** So many checks are left when Decide is near. */
const LAST_CHECKS = 3;

/** Where it does not load, or cannot be worked out, whoever opens Decide hears of it. */
const quietly = () => undefined;

/**
 * Plans ahead while the hand rests: when a job is opened and while the last checks are measured. The answer under Decide is at
 * hand when somebody goes there.
 */
export function usePlanAhead(job: Job, all: readonly Assessment[]): void {
  const shop = useShop();
  const [begun] = useState(job.journal.length);
  const left = all.filter(({ verdict }) => verdict === 'open').length;
  // A pump of which nothing is known yet is not planned.
  const isKnown = left < all.length;
  const isTime = isKnown && (left <= LAST_CHECKS || job.journal.length === begun);
  useEffect(() => {
    if (!isTime) return;
    const timer = setTimeout(
      () =>
        void import('@/data/keptPlan').then(({ planAhead }) => planAhead(job, shop)).catch(quietly),
      AT_REST_MS,
    );
    return () => clearTimeout(timer);
  }, [isTime, job, shop]);
}
