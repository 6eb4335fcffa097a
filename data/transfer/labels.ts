import { withMarks } from '../../core/records/merge';
import type { ShelfPart } from '../../core/records/part';
import { deviceHere } from '../device';
import { loadAll, opened, textsInPlace } from '../records';
import type { Planned } from './plan';

const keyOf = (label: string): string => label.trim().toLowerCase();

/** Returns a label that nobody uses, made of one that somebody does: `GS-12-2`. */
function otherThan(label: string, used: ReadonlySet<string>): string {
  for (let number = 2; ; number++) {
    const other = `${label.trim()}-${number}`;
    if (!used.has(keyOf(other))) return other;
  }
}

/** Returns a planned part with another label, written by this device. */
function relabelled(planned: Planned, part: ShelfPart, label: string, device: string): Planned {
  const record = withMarks('part', part, { ...part, label }, device);
  const texts = { ...planned.texts, ...textsInPlace('part', record, new Map()) };
  return { ...planned, texts, relabelled: label };
}

/**
 * Gives parts of a file whose label is on another part here a label of their own: a scanner has to find one.
 *
 * @returns all that is planned, such parts with the label that they get
 */
export async function heldApart(planned: readonly Planned[]): Promise<readonly Planned[]> {
  const parts = new Map(
    planned.flatMap(({ kind, id, texts }) => {
      const part =
        kind === 'part' ? opened('part', id, new Map(Object.entries(texts)))?.record : null;
      return part ? [[id, part] as const] : [];
    }),
  );
  if (parts.size === 0) return planned;
  const [{ records: shelf }, device] = [await loadAll('part'), await deviceHere()];
  const was = new Map(shelf.map(({ id, label }) => [id, keyOf(label)]));
  // A label that stays on its part is no other's.
  const used = new Set(
    shelf.flatMap(({ id, label }) => {
      const next = parts.get(id);
      return !next || keyOf(next.label) === keyOf(label) ? [keyOf(label)] : [];
    }),
  );
  return planned.map((one) => {
    const part = one.kind === 'part' ? parts.get(one.id) : undefined;
    if (!part || was.get(part.id) === keyOf(part.label)) return one;
    const label = used.has(keyOf(part.label)) ? otherThan(part.label, used) : part.label;
    used.add(keyOf(label));
    return label === part.label ? one : relabelled(one, part, label, device);
  });
}
