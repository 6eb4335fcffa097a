import type { SideChoice } from './choices';
import { proxy, type Remote } from 'comlink';
import { reasonOf } from '../../core/errors';
import type { ListedJob } from '../summaries';
import { touchedJobs } from '../tabs';
import { Thread } from '../thread';
import type { Backup } from './backup';
import type { Outcome, Preview, TransferDesk } from './desk';
import type { Applied } from './apply';
import { IN_BROWSER, type OnProgress } from './progress';

/** The transfer desk in a thread of its own: the page stays free however much goes in or out. */
export interface RemoteDesk {
  plan(file: Blob, tell: OnProgress): Promise<Outcome<Preview>>;
  apply(tell: OnProgress, choices?: readonly SideChoice[]): Promise<Outcome<Applied>>;
  backup(tell: OnProgress): Promise<Outcome<Backup>>;
  /** Makes anew what lists show of jobs, as the desk does. @throws Error where the thread is lost */
  renew(ids: readonly string[], show: (jobs: readonly ListedJob[]) => void): Promise<void>;
  cancel(): void;
  /** Ends the thread; what it was doing is not done. */
  close(): void;
}

/** Writing a shop of thousands of jobs in one stroke takes so long in ms that nothing is heard meanwhile. */
const PATIENCE_MS = 120_000;

/** A desk that does not hear that it is called off is ended after so long in ms. */
const CALLED_OFF_MS = 3000;

/** Opens a transfer desk; whoever opens it closes it. */
export function openDesk(): RemoteDesk {
  const thread = new Thread<TransferDesk>(
    () => new Worker(new URL('../../workers/transfer.worker', window.location.href)),
  );
  /** The work that goes on, and whether it was called off. */
  let running: { isOff: boolean } | null = null;
  /** Runs some work, and returns how it ended whatever becomes of the thread. */
  const run = async <R>(
    tell: OnProgress,
    work: (desk: Remote<TransferDesk>, tell: OnProgress) => Promise<Outcome<R>>,
  ): Promise<Outcome<R>> => {
    const own = { isOff: false };
    running = own;
    try {
      return await thread.ask(
        (desk, heard) => {
          const told: OnProgress = (progress) => {
            heard();
            tell(progress);
          };
          return work(desk, proxy(told));
        },
        { patience_ms: PATIENCE_MS },
      );
    } catch (error) {
      const problems = [{ place: IN_BROWSER, message: reasonOf(error) }];
      return { ok: false, cancelled: own.isOff, problems };
    } finally {
      if (running === own) running = null;
    }
  };
  return {
    plan: (file, tell) => run(tell, (desk, told) => desk.plan(file, told)),
    apply: async (tell, choices = []) => {
      const outcome = await run(tell, (desk, told) => desk.apply(told, [...choices]));
      // The other thread's word of it may come later than its answer.
      touchedJobs.addAll();
      return outcome;
    },
    backup: (tell) => run(tell, (desk, told) => desk.backup(told)),
    renew: (ids, show) =>
      thread.ask((desk, heard) =>
        desk.renew(
          [...ids],
          proxy((jobs: readonly ListedJob[]) => {
            heard();
            show(jobs);
          }),
        ),
      ),
    cancel: () => {
      const off = running;
      if (!off) return;
      off.isOff = true;
      thread.tell((desk) => void desk.cancel());
      setTimeout(() => (running === off ? thread.close() : undefined), CALLED_OFF_MS);
    },
    close: () => thread.close(),
  };
}
