import { useEffect } from 'react';
import { thinkingAhead } from '@/core/commands/ahead';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { whenIdle } from '@/data/whenIdle';

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
