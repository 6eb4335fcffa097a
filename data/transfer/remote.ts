import type { Choice } from './choices';
import { proxy } from 'comlink';
import { touchedJobs } from '../tabs';
import { Thread } from '../thread';
import type { Backup } from './backup';
import type { Outcome, Preview, TransferDesk } from './desk';
import type { Applied } from './apply';
import type { OnProgress } from './progress';

/** The transfer desk in a thread of its own: the page stays free however much goes in or out. */
export interface RemoteDesk {
  plan(file: Blob, tell: OnProgress): Promise<Outcome<Preview>>;
  apply(tell: OnProgress, choices?: readonly Choice[]): Promise<Outcome<Applied>>;
  backup(tell: OnProgress): Promise<Outcome<Backup>>;
  cancel(): void;
  /** Ends the thread; what it was doing is not done. */
  close(): void;
}

/** Opens a transfer desk; whoever opens it closes it. */
export function openDesk(): RemoteDesk {
  const thread = new Thread<TransferDesk>(
    () => new Worker(new URL('../../workers/transfer.worker', window.location.href)),
  );
  const desk = thread.remote;
  return {
    plan: (file, tell) => desk.plan(file, proxy(tell)),
    apply: async (tell, choices = []) => {
      const outcome = await desk.apply(proxy(tell), choices);
      // The other thread's word of it may come later than its answer.
      touchedJobs.addAll();
      return outcome;
    },
    backup: (tell) => desk.backup(proxy(tell)),
    cancel: () => void desk.cancel(),
    close: () => thread.close(),
  };
}
