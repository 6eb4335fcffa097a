import { disc, looseOutline } from './drawing';
import type { Outline, Seen, Shape } from './family';
import { length } from './fields';
import type { PocketFrame } from './placing';
import { circlePath, ORIGIN, type Point } from './shapes';
import type { SlottedRotor } from './vane.fields';
import { circleFrom, vaneRotorShapes, type VaneRotor } from './vanes';

/** Describes what the placements of every vane pump need to know, in mm. */
export interface VanePlan extends PocketFrame {
  readonly rotorCentre: Point;
  readonly rotorRadius_mm: number;
  readonly shaftRadius_mm: number;
  readonly ringRadius_mm: number;
}

/** Says of one kind of vane pump what is different from the others; lengths in mm. */
export interface VaneKind<G> {
  /** Returns the diameter of the ring that the vanes run on. */
  ring_mm(g: G): number;
  /** Returns the diameters between which the deck lies, and by how much the drawing is larger than the outer. */
  deck_mm(g: G): readonly [inside: number, outside: number];
  readonly margin?: number;
  /** Returns how far the rotor stands from the middle, towards 6; it stands in the middle where it is left out. */
  off_mm?(g: G): number;
  /** It carries oil from the left past 6, so against the clock; over 12 and with it where it is left out. */
  readonly isPast6?: true;
  /** Returns how far a ring that is not round is from the middle along a clock angle. */
  ringAt?(g: G): VaneRotor['ringAt'];
}

/** Describes how a vane pump is drawn, and what its placements need. */
export interface VaneFrame<G> {
  /** Returns the rotor with its vanes as it is drawn. */
  rotor(g: G, turn_deg?: number): VaneRotor;
  plan(g: G): VanePlan;
  /**
   * Returns the drawing of one of its views.
   *
   * @param seen its view, and how far the rotor has turned
   * @param shapes what is drawn within the housing, given the rotor with its vanes where the view has one
   */
  outline(g: G, seen: Seen, shapes: (rotor: readonly Shape[]) => readonly Shape[]): Outline;
}

/** Returns the frame of a kind of vane pump. */
export function vaneFrame<G extends SlottedRotor>(kind: VaneKind<G>): VaneFrame<G> {
  const centre = (g: G): Point => ({ x: 0, y: kind.off_mm?.(g) ?? 0 });
  const rotor = (g: G, turn_deg = 0): VaneRotor => ({
    centre: centre(g),
    radius_mm: g.rotorDiameter_mm / 2,
    vanes: g.vanes,
    turn_deg: kind.isPast6 ? -turn_deg : turn_deg,
    thickness_mm: g.vaneThickness_mm,
    slotDepth_mm: g.slotDepth_mm,
    shaftRadius_mm: g.shaftDiameter_mm / 2,
    ringAt: kind.ringAt?.(g) ?? circleFrom(centre(g), ORIGIN, kind.ring_mm(g) / 2),
  });
  const plan = (g: G): VanePlan => {
    const [inside, outside] = kind.deck_mm(g);
    return {
      extent_mm: (outside / 2) * (kind.margin ?? 1),
      deck_mm: (inside + outside) / 4,
      rotorCentre: centre(g),
      rotorRadius_mm: g.rotorDiameter_mm / 2,
      shaftRadius_mm: g.shaftDiameter_mm / 2,
      ringRadius_mm: kind.ring_mm(g) / 2,
    };
  };
  return {
    rotor,
    plan,
    outline: (g, { view, turn_deg }, shapes) => {
      const { extent_mm } = plan(g);
      const loose = looseOutline(view, extent_mm);
      if (loose) return loose;
      const inside = shapes(
        view === 'empty' ? [] : vaneRotorShapes(rotor(g, turn_deg), g.vaneLength_mm),
      );
      return { extent_mm, shapes: [disc('housing', extent_mm), ...inside] };
    },
  };
}

/** Returns a ring between two circles about the middle; diameters in mm. */
export const roundRing = (outside_mm: number, inside_mm: number): Shape => ({
  role: 'driven',
  path: circlePath(ORIGIN, outside_mm / 2) + circlePath(ORIGIN, inside_mm / 2),
});

/**
 * Makes the field of how far a rotor stands off the middle of its round ring: less than would let it run into that.
 *
 * @param ring the field that has the ring's diameter
 * @param message said where it runs into it
 */
export const offCentre = <K extends string>(label: string, ring: K, message: string) =>
  length(label).test('room', message, (off, { parent }) => {
    const g = parent as Record<K | 'rotorDiameter_mm', number>;
    return 2 * off < g[ring] - g.rotorDiameter_mm;
  });
