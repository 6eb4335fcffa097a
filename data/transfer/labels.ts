import { folded } from '../../core/quantity/letters';
import { LONGEST_LINE } from '../../core/quantity/parse';
import { checkChange } from '../../core/records/changed';
import { withMarks } from '../../core/records/written';
import type { ShelfPart } from '../../core/records/part';
import { deviceHere } from '../device';
import { loadAll, opened } from '../opened';
import { textsInPlace } from '../texts';
import type { Planned } from './planned';

/** Room for what sets a label apart, under the longest that a part can have. */
const LONGEST = LONGEST_LINE - 8;

/** Returns a label that nobody uses, made of one that somebody does: `GS-12-2`. */
function otherThan(label: string, used: ReadonlySet<string>): string {
  for (let number = 2; ; number++) {
    const other = `${label.trim().slice(0, LONGEST)}-${number}`;
    if (!used.has(folded(other))) return other;
  }
}

/** Returns a planned part with another label, written by this device. */
function relabelled(planned: Planned, part: ShelfPart, label: string, device: string): Planned {
  const record = withMarks('part', part, { ...part, label }, device);
  checkChange('part', part, record);
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
  const was = new Map(shelf.map(({ id, label }) => [id, folded(label)]));
  // A label that stays on its part is no other's.
  const used = new Set(
    shelf.flatMap(({ id, label }) => {
      const next = parts.get(id);
      return !next || folded(next.label) === folded(label) ? [folded(label)] : [];
    }),
  );
  return planned.map((one) => {
    const part = one.kind === 'part' ? parts.get(one.id) : undefined;
    if (!part || was.get(part.id) === folded(part.label)) return one;
    const label = used.has(folded(part.label)) ? otherThan(part.label, used) : part.label;
    used.add(folded(label));
    return label === part.label ? one : relabelled(one, part, label, device);
  });
}
