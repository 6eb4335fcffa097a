import { useEffect } from 'react';
import { thinkingAhead } from '@/core/commands/ahead';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';

/** Where a browser cannot say that it is idle, the wait in ms that stands for it. */
const A_WHILE = 100;

/** Calls back once nothing else is to be done; returns what calls it off. */
function whenIdle(work: () => void): () => void {
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(work, A_WHILE);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work);
  return () => cancelIdleCallback(handle);
}

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
