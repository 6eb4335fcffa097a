import { exchanges, type Offer } from '../operations/offer';

/**
 * Lists what depends on what on a bench: a part that is bought is in hand and measured before anything is cut to it; what
 * goes out is waited for; a nick is stoned off before a face is measured; cuts are planned from what was measured; a
 * washer is chosen when the faces are final; bushings and bearings are pressed and sized last.
 */
const PHASES = ['in-hand', 'out', 'dress', 'again', 'cut', 'washer', 'pressed'] as const;
export type Phase = (typeof PHASES)[number];

/** Lists the parts that are pressed in, or sized to what runs in them. */
const PRESSED: readonly string[] = ['bushing', 'bearing'];

/** Returns when in the order of the work an operation is done. */
export function phaseOf(offer: Offer): Phase {
  const { operation, terms, again, washer_mm } = offer;
  const { replaces, sizes, decision, remedy } = operation;
  if (again !== null) return 'again';
  if (sizes || (replaces !== null && PRESSED.includes(replaces))) return 'pressed';
  if (washer_mm !== null || remedy === 'change-washer') return 'washer';
  if (exchanges(offer)) return 'in-hand';
  if (terms.by === 'out') return 'out';
  return decision === 'dress' ? 'dress' : 'cut';
}

/** Returns operations in the order of doing; those of one phase as they were. */
export const inOrderOfWork = <T extends { readonly offer: Offer }>(list: readonly T[]): T[] =>
  list
    .map((item) => ({ item, at: PHASES.indexOf(phaseOf(item.offer)) }))
    .sort((a, b) => a.at - b.at)
    .map(({ item }) => item);
