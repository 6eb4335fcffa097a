import { pumpOf } from '../pumps/registry';
import type { Drain } from '../pumps/teardown/fitted';
import type { Sheet } from '../records/sheet';

/** Says what turns a pump: a converter hub, an engine, something else. */
export type DrivenBy = 'hub' | 'engine' | 'other';

/**
 * Says what turns a pump, by what it is: where it has a hub or sits in an engine that is plain.
 *
 * @param sheet of the pump
 */
export function drivenBy(sheet: Sheet): DrivenBy {
  if (pumpOf(sheet).characteristics.some(({ hub }) => hub)) return 'hub';
  const { use, build } = sheet.geometry as { readonly use?: string; readonly build?: string };
  return use === 'oil-pump' || build === 'oil' ? 'engine' : 'other';
}

/** Says where the oil behind the shaft seal goes, in the words of whoever reverses a pump. */
const DRAINS: Readonly<Partial<Record<Drain, 'none' | 'one-hole' | 'two-holes' | 'shuttle'>>> = {
  none: 'none',
  hole: 'one-hole',
  plug: 'two-holes',
  shuttle: 'shuttle',
};

/**
 * Says on how many sides the drain of a pump is drilled, or what else it has there; null where its sheet says neither.
 *
 * @param sheet of the pump
 */
export function drainOf({ reversing: { drains }, drain }: Pick<Sheet, 'reversing' | 'drain'>) {
  if (drains) return drains === 'both' ? ('two-holes' as const) : ('one-hole' as const);
  return (drain && DRAINS[drain]) || null;
}

/**
 * Says what closes the ends of the gears; null where its sheet does not say whether both sides are alike.
 *
 * @param sheet of the pump
 */
export function endsOf({
  reversing: { symmetrical },
  geometry,
}: Pick<Sheet, 'reversing' | 'geometry'>) {
  if (symmetrical === null) return null;
  const { build } = geometry as { readonly build?: string };
  return symmetrical ? 'symmetrical' : build === 'blocks' ? 'blocks' : 'grooved';
}
