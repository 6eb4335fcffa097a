import { reasonOf } from '@/core/errors';
import { useEffect, useState } from 'react';
import { Evaluator } from '@/core/guidance/evaluator';
import type { Shop } from '@/core/records/shop';
import { reworkCase } from '@/core/rework/decision/case';
import { fleetOf, type Fleet, type FleetJob } from '@/core/rework/decision/fleet';
import { load } from '@/data/opened';
import { RemotePlanner } from '@/data/rework';

/** How far the planning of all jobs is, and what it came to; null before the end. */
export interface FleetCourse {
  readonly done: number;
  readonly fleet: Fleet | null;
  readonly error: string | null;
  /** Ends it early: what was planned so far counts. */
  readonly stop: () => void;
  /** Begins once more, after an error. */
  readonly again: () => void;
}

/** Plans jobs one after the other, in the thread that plans. */
async function planAll(
  ids: readonly string[],
  shop: Shop,
  planner: RemotePlanner,
  tell: (done: number) => boolean,
): Promise<Fleet> {
  const jobs: FleetJob[] = [];
  for (const [i, id] of ids.entries()) {
    const job = await load('job', id).catch(() => null);
    const state = job && new Evaluator().state(job);
    const rework = job && state && reworkCase(job, state, shop);
    // Nothing can be planned for a pump that nobody measured.
    if (job && rework && rework.watched.length + rework.needs.length > 0) {
      jobs.push({ rework, solved: await planner.plan(job, shop, new Map()) });
    }
    if (!tell(i + 1)) break;
  }
  return fleetOf(jobs);
}

/** Works out what the cheapest plans of all these jobs ask for together. */
export function useFleet(ids: readonly string[], shop: Shop): FleetCourse {
  const [done, setDone] = useState(0);
  const [fleet, setFleet] = useState<Fleet | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [stopped, setStopped] = useState(false);
  const [attempt, setAttempt] = useState(0);
  const wanted = ids.join();
  useEffect(() => {
    let isLeft = false;
    const planner = new RemotePlanner();
    const list = wanted === '' ? [] : wanted.split(',');
    planAll(list, shop, planner, (count) => {
      if (!isLeft) setDone(count);
      return !isLeft && !stopped;
    }).then(
      (made) => (isLeft ? undefined : setFleet(made)),
      (problem: Error) => (isLeft ? undefined : setError(reasonOf(problem))),
    );
    return () => {
      isLeft = true;
      planner.close();
    };
  }, [wanted, shop, stopped, attempt]);
  const again = () => {
    setError(null);
    setDone(0);
    setAttempt((count) => count + 1);
  };
  return { done, fleet, error, stop: () => setStopped(true), again };
}
