import { wrap, type Remote } from 'comlink';
import type { Job } from '../core/records/job';
import type { Setting } from '../core/rework/case';
import type { WorkTerms } from '../core/rework/offers';
import type { Rework } from '../core/rework/solve';

/** What the thread that plans answers. */
interface Planner {
  planRework(
    job: Job,
    terms: WorkTerms,
    settings: readonly (readonly [string, Setting])[],
  ): Promise<Rework>;
}

/** Plans in a thread of its own: the solver is loaded there, and the page stays free. */
export class RemotePlanner {
  private worker: Worker | null = null;
  private planner: Remote<Planner> | null = null;

  plan(
    job: Job,
    { operations, money }: WorkTerms,
    settings: ReadonlyMap<string, Setting>,
  ): Promise<Rework> {
    // The address is that of the page: the app starts too late to know its own script's.
    this.worker ??= new Worker(new URL('../workers/rework.worker', window.location.href));
    this.planner ??= wrap<Planner>(this.worker);
    return this.planner.planRework(job, { operations, money }, [...settings]);
  }

  /** Ends the thread; what it was planning is dropped. */
  close(): void {
    this.worker?.terminate();
    [this.worker, this.planner] = [null, null];
  }
}
