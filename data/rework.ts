import type { Job } from '../core/records/job';
import type { CaseOptions, Setting } from '../core/rework/decision/case';
import type { WorkTerms } from '../core/rework/operations/offer';
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

  /** Tells whether somebody waits for a plan. */
  get isAsked(): boolean {
    return this.thread.isAsked;
  }

  /** Ends the thread; what it was planning is dropped. */
  close(): void {
    this.thread.close();
  }
}

/** The thread that plans stays so long in ms after nobody needs it: the first plan has the solver at hand then. */
const STAYS_MS = 120_000;

/** The planner that all screens share. */
export const planner = new RemotePlanner();

let users = 0;
let ending: ReturnType<typeof setTimeout> | undefined;

function endLater(): void {
  clearTimeout(ending);
  ending = setTimeout(() => (users === 0 ? planner.close() : undefined), STAYS_MS);
}

/** Keeps the shared planner until `leavePlanner`. */
export function takePlanner(): void {
  users += 1;
  clearTimeout(ending);
}

/** Leaves the shared planner: what it is planning for nobody is dropped, and in a while its thread ends. */
export function leavePlanner(): void {
  users -= 1;
  if (users > 0) return;
  if (planner.isAsked) planner.close();
  else endLater();
}
