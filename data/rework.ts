import type { Job } from '../core/records/job';
import type { CaseOptions, Setting } from '../core/rework/decision/case';
import type { WorkTerms } from '../core/rework/operations/offers';
import type { Rework } from '../core/rework/decision/solve';
import { Thread } from './thread';

/** What the thread that plans answers. */
interface Planner {
  planRework(
    job: Job,
    terms: WorkTerms,
    settings: readonly (readonly [string, Setting])[],
    options: CaseOptions,
  ): Promise<Rework>;
}

/** Plans in a thread of its own: the solver is loaded there, and the page stays free. */
export class RemotePlanner {
  private readonly thread = new Thread<Planner>(
    () => new Worker(new URL('../workers/rework.worker', window.location.href)),
  );

  plan(
    job: Job,
    { operations, money, unit }: WorkTerms,
    settings: ReadonlyMap<string, Setting>,
    options: CaseOptions = {},
    signal?: AbortSignal,
  ): Promise<Rework> {
    const terms = { operations, money, unit };
    return this.thread.ask((remote) => remote.planRework(job, terms, [...settings], options), {
      signal,
    });
  }

  /** Ends the thread; what it was planning is dropped. */
  close(): void {
    this.thread.close();
  }
}
