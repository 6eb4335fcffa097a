import type { WrenchSet } from '@/core/assembly/torquing';
import { tried } from '@/core/errors';
import type { ShopUnit } from '@/core/quantity/units';
import { length } from '@/core/schema/written';

/** Reads and writes a length as a size in the unit of the shop. */
export const SIZE = length('size');

/** Holds the lengths of a wrench, as they are typed. */
export interface Typed {
  readonly length: string;
  readonly extension: string;
}

/** Lists the lengths in the order in which they are asked for. */
export const ASKED = ['length', 'extension'] as const;

/** Reads the lengths of a wrench; null for a bare one, a message where they are none. */
export function wrenchIn(
  typed: Typed,
  unit: ShopUnit,
): WrenchSet['wrench'] | { readonly wrong: string } {
  if (ASKED.every((name) => typed[name].trim() === '')) return null;
  const read = ASKED.map((name) => tried(() => SIZE.read(typed[name], unit)));
  const [length, extension] = read.map((result) => (result.ok ? result.value : null));
  if (!length || extension == null)
    return {
      wrong:
        'Enter both lengths, the wrench above 0. Until then the figures are for the bare wrench.',
    };
  return { length_mm: length, extension_mm: extension, angle_deg: 0 };
}
