import { proxy } from 'comlink';
import type { LoosePart, PairingRules } from '../core/pairing/fit';
import type { BuildList, LockedPair } from '../core/pairing/pairing';
import { Thread } from './thread';

/** What the thread that pairs answers. */
interface Pairer {
  pairShelf(
    rules: PairingRules,
    bodies: readonly LoosePart[],
    gears: readonly LoosePart[],
    locked: readonly LockedPair[],
    tell: (share: number) => void,
  ): Promise<BuildList | null>;
}

/** Pairs in a thread of its own: the page stays free, and it can be ended at once. */
export class RemotePairer {
  private readonly thread = new Thread<Pairer>(
    () => new Worker(new URL('../workers/pairing.worker', window.location.href)),
  );

  /** Pairs what is on the shelf; `tell` hears how far it is, as a share of the whole. */
  pair(
    ...[rules, bodies, gears, locked, tell]: Parameters<Pairer['pairShelf']>
  ): Promise<BuildList | null> {
    return this.thread.ask((remote, heard) => {
      const told = (share: number) => {
        heard();
        tell(share);
      };
      return remote.pairShelf(rules, bodies, gears, locked, proxy(told));
    });
  }

  /** Ends the thread; what it was pairing is dropped. */
  close(): void {
    this.thread.close();
  }
}
