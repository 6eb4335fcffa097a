import type { Assessment } from './assessment';
import type { Verdict } from '../metrology/verdict';

/** Worst first: what is out outweighs what is not known, and that what is in. */
const ORDER: readonly Verdict[] = ['out', 'close', 'open', 'in'];

/** Returns the verdict of a whole pump: that of its worst characteristic; *open* where nothing is judged. */
export function worstVerdict(all: readonly Pick<Assessment, 'verdict'>[]): Verdict {
  return ORDER.find((verdict) => all.some((a) => a.verdict === verdict)) ?? 'open';
}
