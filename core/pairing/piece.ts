import { stateOf } from '../guidance/evaluator';
import type { Quantity } from '../assessment/quantity';
import { originOf } from '../inspect/mixing';
import { operationsOf } from '../journal/eras';
import { ledgerOf } from '../journal/ledger';
import { pumpOf, teardownOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { PartSize, ShelfPart } from '../records/part';
import type { Finding } from '../records/teardown';
import { counting } from '../schema/voiding';

/** A piece that a pump gives up: what it is, what was measured of it and seen on it. */
export interface Piece extends Pick<ShelfPart, 'parts' | 'variant' | 'sizes'> {
  /** What was found on its surfaces, with what was said to do about it. */
  readonly findings: readonly Finding[];
}

/** Sources of a size that somebody read; what the sheet says of it is no size of this piece. */
const READ: readonly Quantity['source'][] = ['measured', 'worked', 'shelf'];

/** Sizes are kept to so many µm: far finer than anybody reads. */
const kept = (mm: number): number => Math.round(mm * 1e6) / 1e6;

/**
 * Returns a size as one figure, with a standard uncertainty for the whole of it: of the reading, and of its
 * places, which are spread evenly over their range (JCGM 100, 4.3.7); null for what nobody measured.
 */
export function wholeSize(
  dimension: string,
  { best_mm, u_mm, smallest_mm, largest_mm }: Quantity,
): PartSize | null {
  if (u_mm === null) return null;
  const spread = (largest_mm - smallest_mm) / 2 / Math.sqrt(3);
  return { dimension, value_mm: kept(best_mm), u_mm: kept(Math.hypot(u_mm, spread)) };
}

/** Returns a job as it was before one of its entries; what was struck since stays struck. */
function jobBefore(job: Job, id: string): Job {
  const at = job.journal.findIndex((entry) => entry.id === id);
  const journal = job.journal.filter(
    (entry, i) => i < at || entry.kind === 'strike' || entry.kind === 'restore',
  );
  return { ...job, journal };
}

/**
 * Returns what a pump gives up of its parts: where another was put in since, the one before that; else the one
 * that is in it.
 *
 * @param parts ids of parts of the pump that stay together
 */
export function pieceFrom(job: Job, parts: readonly string[]): Piece {
  const pump = pumpOf(job.sheet);
  const operations = operationsOf(job);
  const surfaces = teardownOf(job.sheet).surfaces;
  const all = parts.map((part) => {
    const renewed = operations.findLast((o) => o.part === part && o.work === 'exchanged');
    const was = renewed ? jobBefore(job, renewed.id) : job;
    const { dimensions } = stateOf(was);
    const sizes = pump.dimensions.flatMap(({ id, part: of }) => {
      const quantity = of === part ? dimensions.get(id) : undefined;
      const read = quantity && READ.includes(quantity.source);
      return (read && wholeSize(id, quantity)) || [];
    });
    const own = surfaces.filter((s) => s.part === part).map((s) => s.id);
    const findings = counting(ledgerOf(was).findings).filter(
      (f) => f.defect !== null && own.includes(f.surface),
    );
    return { sizes, findings };
  });
  return {
    parts: [...parts],
    variant: originOf(job, parts[0] ?? ''),
    sizes: all.flatMap(({ sizes }) => sizes),
    findings: all.flatMap(({ findings }) => findings),
  };
}
