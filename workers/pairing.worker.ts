import { expose } from 'comlink';
import { pairUp, type BuildList, type LockedPair } from '../core/pairing/pairing';
import type { LoosePart, PairingRules } from '../core/pairing/fit';

/** A step of progress is told this often: to hear of every row would cost more than the row. */
const TOLD_EVERY = 20;

/** Pairs what is on the shelf; `tell` hears how far it is, as a share of the whole. */
export function pairShelf(
  rules: PairingRules,
  bodies: readonly LoosePart[],
  gears: readonly LoosePart[],
  locked: readonly LockedPair[],
  tell: (share: number) => void,
): BuildList | null {
  return pairUp(rules, bodies, gears, locked, (done, of) => {
    if (done % TOLD_EVERY === 0) tell(done / of);
    return true;
  });
}

expose({ pairShelf });
