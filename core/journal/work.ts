import { WORKS, type PumpModel, type WorkKind } from '../pumps/family';
import type { DimensionId, PartId } from '../pumps/ids';
import { pumpOf, type PumpKind } from '../pumps/registry';
import type { WorkEntry, SizeChange } from '../records/entries/operation';
import { touching } from './eras';

/** Work whose one cut moves everything on the part that it can move; all other work is on one size or surface. */
const ALL_AT_ONCE: readonly WorkKind[] = ['faced', 'sunk', 'sleeved'];

/** A size or a surface that work on its part changes, and which way a unit of metal moves it. */
export interface Moved {
  readonly id: DimensionId;
  readonly name: string;
  readonly sign: -1 | 0 | 1;
}

/** Lists what a kind of work on a part changes. */
export function movedByWork(pump: PumpKind, part: PartId, work: WorkKind): Moved[] {
  const { dimensions, features } = pumpOf(pump);
  return [...dimensions, ...features].flatMap(({ id, name, part: of, worked }) => {
    const sign = worked?.[work];
    return of === part && sign !== undefined ? [{ id, name, sign }] : [];
  });
}

/** Lists the kinds of work that can be done on a part; another part in its place is always one. */
export const worksOn = (pump: PumpKind, part: PartId): WorkKind[] =>
  WORKS.filter((work) => work === 'exchanged' || movedByWork(pump, part, work).length > 0);

/** Lists the sizes of which a person has to choose one before a kind of work is clear; empty where it is. */
export function choicesOf(pump: PumpKind, part: PartId, work: WorkKind): Moved[] {
  const moved = movedByWork(pump, part, work).filter(({ sign }) => sign !== 0);
  return ALL_AT_ONCE.includes(work) || moved.length < 2 ? [] : moved;
}

/** Tells whether an amount says something: whether the work moves any size by it. */
export const hasAmount = (pump: PumpKind, part: PartId, work: WorkKind): boolean =>
  movedByWork(pump, part, work).some(({ sign }) => sign !== 0);

/**
 * Returns what work moved, for its entry in the journal.
 *
 * @param chosen the size or surface that was worked on, where there is a choice
 * @param amount_mm how much metal it took, over zero; null where nobody measured that
 * @param u_mm standard uncertainty of the amount
 */
export function changesOf(
  pump: PumpKind,
  { part, work }: Pick<WorkEntry, 'part' | 'work'>,
  chosen: string | null,
  amount_mm: number | null,
  u_mm: number,
): SizeChange[] {
  const others = choicesOf(pump, part, work).filter(({ id }) => id !== chosen);
  return movedByWork(pump, part, work)
    .filter(({ id }) => !others.some((other) => other.id === id))
    .map(({ id, sign }) => ({
      dimension: id,
      // Something that the metal does not move by its own amount is changed all the same.
      by_mm: amount_mm === null || sign === 0 ? null : sign * amount_mm,
      u_mm: amount_mm === null || sign === 0 ? 0 : u_mm,
    }));
}

/** Lists the characteristics that an operation opens again, with the sums that they count in. */
export function openedBy(pump: PumpModel, operation: WorkEntry): PumpModel['characteristics'] {
  const touched = new Set(
    pump.characteristics.filter((c) => touching(pump, [operation], c).length > 0).map((c) => c.id),
  );
  return pump.characteristics.filter(
    (c) => touched.has(c.id) || c.sum?.some((id) => touched.has(id)),
  );
}
