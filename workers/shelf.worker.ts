import { expose } from 'comlink';
import { pairUp, type BuildList } from '../core/pairing/pairing';
import type { LoosePart, PairingRules } from '../core/pairing/fit';
import { readPartsCsv, type Landing, type PartsFound } from '../core/records/partsCsv';
import { FileError, type FileProblem } from '../core/records/problems';

/** A step of progress is told this often: to hear of every row would cost more than the row. */
const TOLD_EVERY = 20;

/** Pairs what is on the shelf; `tell` hears how far it is, as a share of the whole. */
export function pairShelf(
  rules: PairingRules,
  bodies: readonly LoosePart[],
  gears: readonly LoosePart[],
  locked: readonly (readonly [string, string])[],
  tell: (share: number) => void,
): BuildList | null {
  return pairUp(rules, bodies, gears, locked, (done, of) => {
    if (done % TOLD_EVERY === 0) tell(done / of);
    return true;
  });
}

/** Reads a CSV file of loose parts; an error does not cross from one thread to another as it is. */
export function readShelf(
  text: string,
  landing: Omit<Landing, 'freshId'>,
): { readonly found: PartsFound | null; readonly problems: readonly FileProblem[] } {
  try {
    const freshId = () => crypto.randomUUID();
    return { found: readPartsCsv(text, { ...landing, freshId }), problems: [] };
  } catch (error) {
    if (!(error instanceof FileError)) throw error;
    return { found: null, problems: error.problems };
  }
}

expose({ pairShelf, readShelf });
