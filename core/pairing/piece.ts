import { isAbout } from '../records/entry';
import type { DimensionId, PartId } from '../pumps/ids';
import { stateOf, type State } from '../guidance/evaluator';
import type { Quantity } from '../assessment/quantity';
import { originOf } from '../inspect/mixing';
import { lastExchange } from '../journal/exchanged';
import { ledgerOf } from '../journal/ledger';
import { pumpOf, teardownOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { PartSize, ShelfPart } from '../records/part';
import type { Finding } from '../records/entries/finding';
import { counting } from '../schema/voiding';

/** A piece that a pump gives up: what it is, what was measured of it and seen on it. */
export interface Piece extends Pick<ShelfPart, 'parts' | 'variant' | 'sizes'> {
  /** Lists what was found on its surfaces, with what was said to do about it. */
  readonly findings: readonly Finding[];
}

/** Sources of a size that somebody read; what the sheet says of it is no size of this piece. */
const READ: readonly Quantity['source'][] = ['measured', 'worked', 'shelf'];

/** Rounds a size in mm to a nanometre: far finer than anybody reads. */
const kept = (mm: number): number => Math.round(mm * 1e6) / 1e6;

/**
 * Returns a size as one figure, with a standard uncertainty for the whole of it: of the reading, and of its
 * places, which are spread evenly over their range (JCGM 100, 4.3.7); null for what nobody measured.
 */
export function wholeSize(
  dimension: DimensionId,
  { best_mm, u_mm, smallest_mm, largest_mm }: Quantity,
): PartSize | null {
  if (u_mm === null) return null;
  const spread = (largest_mm - smallest_mm) / 2 / Math.sqrt(3);
  return { dimension, value_mm: kept(best_mm), u_mm: kept(Math.hypot(u_mm, spread)) };
}

/** Returns a job as it was before one of its entries; what was struck since stays struck. */
function jobBefore(job: Job, id: string): Job {
  const at = job.journal.findIndex((entry) => entry.id === id);
  const journal = job.journal.filter((entry, i) => i < at || isAbout(entry));
  return { ...job, journal };
}

/** Holds what was known of a part: its sizes, and what was found on it. */
type Known = Pick<Piece, 'sizes' | 'findings'>;

/**
 * Returns what is known of each part of a job's pump: where another was put in since, of the one before that; else
 * of the one that is in it. What was known at a moment is worked out once for all parts.
 */
function knownParts(job: Job): (part: PartId) => Known {
  const { dimensions } = pumpOf(job.sheet);
  const { surfaces } = teardownOf(job.sheet);
  const moments = new Map<string, { readonly state: State; readonly findings: Finding[] }>();
  const momentBefore = (id: string) => {
    const was = id === NOW ? job : jobBefore(job, id);
    const known = moments.get(id) ?? {
      state: stateOf(was),
      findings: counting(ledgerOf(was).findings).filter(({ defect }) => defect !== null),
    };
    moments.set(id, known);
    return known;
  };
  return (part) => {
    const { state, findings } = momentBefore(lastExchange(job, part)?.id ?? NOW);
    const own = surfaces.filter((s) => s.parts.includes(part)).map((s) => s.id);
    return {
      sizes: dimensions
        .filter((d) => d.part === part)
        .flatMap(({ id }) => {
          const quantity = state.dimensions.get(id);
          const read = quantity && READ.includes(quantity.source);
          return (read && wholeSize(id, quantity)) || [];
        }),
      findings: findings.filter((f) => own.includes(f.surface)),
    };
  };
}

/** Stands for the end of a journal. */
const NOW = '';

/**
 * Returns what a pump gives up: of each part that was exchanged the one before, else the one that is in it.
 *
 * @param job that was taken apart
 * @param sets ids of parts of the pump, those together that stay together
 */
export function piecesFrom(job: Job, sets: readonly (readonly PartId[])[]): Piece[] {
  const knownOf = knownParts(job);
  const pump = pumpOf(job.sheet);
  return sets.map((parts) => {
    const known = parts.map(knownOf);
    const kind = pump.parts.find(({ id }) => id === parts[0])?.kind;
    return {
      parts: [...parts],
      variant: kind === undefined ? job.variant : originOf(job, kind),
      sizes: known.flatMap(({ sizes }) => sizes),
      findings: known.flatMap(({ findings }) => findings),
    };
  });
}
