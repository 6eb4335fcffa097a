import type { DimensionId } from '../pumps/ids';
import { heldLimits } from '../assessment/limits';
import { dimensionOf, pumpOf } from '../pumps/registry';
import type { Characteristic } from '../pumps/family';
import type { Even } from '../random';
import { nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import type { Hidden } from '../methods/method';

/** Spread of a gap from place to place, and of what a gauge shows, in mm. */
const FROM_PLACE_MM = 0.006;
const GAUGE_MM = 0.002;

/** A gap that its cover's wear adds to is hidden this much smaller, so that the sum has the wear asked for. */
const BEFORE_COVER = 0.6;

/** A gap that nothing limits, in mm. */
const UNLIMITED_MM = 0.05;

/** Returns what leaves would find where nothing limits the gap: sizes have to say the same. */
const felt = (c: Characteristic): number | null => (c.stations.length > 0 ? UNLIMITED_MM : null);

/** Returns the gap that a pump worn so far would have: 0 at the lower limit, 1 at the upper. */
function wornGap(sheet: Sheet, tier: string, c: Characteristic, worn: number): number | null {
  const limits = heldLimits(sheet, tier, c.id);
  if (!limits) return null;
  const { lower_mm, upper_mm } = limits;
  if (upper_mm === null) {
    // Only a least size: what is left of the way down to it.
    const nominal = (c.terms ?? []).reduce(
      (sum, t) => sum + t.factor * sizeOf(sheet, t.dimension),
      0,
    );
    return (lower_mm ?? 0) + (1 - worn) * Math.max(0, nominal - (lower_mm ?? 0));
  }
  const summed = pumpOf(sheet).characteristics.some((other) => other.sum?.includes(c.id));
  const lower = lower_mm ?? 0;
  return lower + worn * (summed ? BEFORE_COVER : 1) * (upper_mm - lower);
}

function sizeOf(sheet: Sheet, id: DimensionId): number {
  return nominalOf(sheet, id) ?? dimensionOf(sheet, id).drawn_mm ?? 10;
}

/**
 * Returns the first size of each clearance that no other has moved, moved so that the clearance is as worn
 * as it should be, or as it was given.
 */
function wornSizes(
  sheet: Sheet,
  tier: string,
  worn: number,
  gaps: Readonly<Record<string, number>>,
): Map<string, number> {
  const sizes = new Map<string, number>();
  for (const c of pumpOf(sheet).characteristics) {
    const terms = c.terms ?? [];
    const free = terms.find((t) => !sizes.has(t.dimension));
    const gap = free && (gaps[c.id] ?? wornGap(sheet, tier, c, worn) ?? felt(c));
    if (!free || gap === null || gap === undefined) continue;
    const rest = terms
      .filter((t) => t !== free)
      .reduce(
        (sum, t) => sum + t.factor * (sizes.get(t.dimension) ?? sizeOf(sheet, t.dimension)),
        0,
      );
    sizes.set(free.dimension, (gap - rest) / free.factor);
  }
  return sizes;
}

/**
 * Makes up what a simulated pump hides.
 *
 * @param worn how far into its limits it is worn: 0 new, 1 at the limit
 * @param gaps gaps in mm that are not as the wear would have them
 */
export function hiddenOf(
  sheet: Sheet,
  tier: string,
  worn: number,
  gaps: Readonly<Record<string, number>>,
  even: Even,
): Hidden {
  const sizes = wornSizes(sheet, tier, worn, gaps);
  const made = new Map<string, readonly [number, number]>();
  const middle = (id: string): number => {
    const c = pumpOf(sheet).characteristics.find((other) => other.id === id);
    return gaps[id] ?? (c ? wornGap(sheet, tier, c, worn) : null) ?? UNLIMITED_MM;
  };
  return {
    gap(characteristic, station) {
      const key = `${characteristic}/${station}`;
      const at = Math.max(0, middle(characteristic) + (even() - 0.5) * FROM_PLACE_MM);
      const gap = made.get(key) ?? ([at, at + even() * 0.003] as const);
      made.set(key, gap);
      return gap;
    },
    size: (dimension) =>
      (sizes.get(dimension) ?? sizeOf(sheet, dimension)) + (even() - 0.5) * GAUGE_MM,
    swing: (characteristic) => middle(characteristic) + (even() - 0.5) * GAUGE_MM,
  };
}
