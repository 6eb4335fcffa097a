import type { View } from '../pumps/family';
import { familyOf, oncePerPump, placementOf, teardownOf, type PumpKind } from '../pumps/registry';
import type { Point } from '../pumps/shapes';
import type { Surface } from '../pumps/teardown/teardown';

/** Says where a surface is marked on the drawing, in mm from its middle, and on which drawing. */
export interface Placed {
  readonly surface: Surface;
  readonly view: View;
  readonly at: Point;
}

/** Returns every surface of a pump with its place on the drawings. */
export const placedSurfaces = oncePerPump((pump): readonly Placed[] => {
  const family = familyOf(pump.family);
  return teardownOf(pump).surfaces.map((surface): Placed => {
    const { spot } = surface;
    if ('of' in spot) {
      const { view, probe } = placementOf(pump, spot.of, spot.station);
      return { surface, view, at: probe };
    }
    const { view, share } = spot;
    const { extent_mm } = family.outline(pump.geometry, { view });
    return { surface, view, at: { x: share.x * extent_mm, y: share.y * extent_mm } };
  });
});

/** Returns the surface whose mark is nearest to a place on a drawing; null where that drawing has none. */
export function nearestSurface(pump: PumpKind, view: View, to: Point): Surface | null {
  const far = ({ at }: Placed) => Math.hypot(at.x - to.x, at.y - to.y);
  const [nearest] = placedSurfaces(pump)
    .filter((p) => p.view === view)
    .sort((a, b) => far(a) - far(b));
  return nearest?.surface ?? null;
}
