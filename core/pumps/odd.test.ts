import fc from 'fast-check';
import { crossing, traced, type Traced } from '../testing/outlines';
import type { PumpFamily, Shape, ShapeRole, View } from './family';
import { families, problemsOf, pumpOf, placementOf } from './registry';
import { contains, onClock, type Point } from './shapes';

type Figures = Record<string, number | string>;

/** Parts of which none may reach into another, in the order in which they are drawn. */
const SOLID: readonly ShapeRole[] = ['driven', 'drive', 'crescent', 'vane'];

/** Tells whether a point lies in the metal of a shape: in its rim and in none of its holes. */
const inMetal = ({ polygons }: Traced, at: Point) =>
  polygons.filter((p) => contains(p, at)).length % 2 === 1;

/** Says what is wrong with a drawing; null where nothing is. */
function wrongWith(shapes: readonly Shape[]): string | null {
  for (const { role, path } of shapes) {
    if (!/^M[-\d. MLaZ]+$/.test(path)) return `${role}: ${path.slice(0, 60)}`;
  }
  const parts = shapes.map(({ role, path }) => ({ role, ...traced(path) }));
  for (const part of parts) {
    const at = crossing(part, part);
    if (at) return `${part.role} crosses itself at ${at.x}, ${at.y}`;
  }
  const solid = parts.filter((p) => SOLID.includes(p.role));
  for (const [i, one] of solid.entries()) {
    for (const other of solid.slice(i + 1)) {
      const at = crossing(one, other);
      if (at) return `${one.role} crosses ${other.role} at ${at.x}, ${at.y}`;
      const [first, second] = [one.edges[0]?.a, other.edges[0]?.a] as [Point, Point];
      if (inMetal(other, first)) return `${one.role} inside ${other.role}`;
      if (inMetal(one, second)) return `${other.role} inside ${one.role}`;
    }
  }
  // The first is the body; what is drawn of it over the cover's track stands within that.
  const walls = parts.filter((p, i) => p.role === 'pocket' || (p.role === 'housing' && i === 0));
  const within = [...solid, ...parts.filter((p) => p.role === 'thread')];
  for (const wall of walls) {
    for (const one of within) {
      const at = crossing(wall, one);
      if (at) return `${one.role} through the ${wall.role} at ${at.x}, ${at.y}`;
      const rim = wall.polygons[0] ?? [];
      if (
        !contains(rim, one.edges[0]?.a as Point) &&
        !(wall.role === 'pocket' && one.role === 'thread')
      )
        return `${one.role} outside the ${wall.role}`;
    }
  }
  return null;
}

/** Draws a figure anywhere in a range. */
const near = (least: number, most: number) =>
  fc.integer({ min: 0, max: 10000 }).map((share) => least + ((most - least) * share) / 10000);

/** Draws what a slotted rotor and its ring are made up from, as shares of each other. */
const SLOTTED = {
  rotor: near(3, 200),
  gap: near(0.005, 0.4),
  off: near(0.02, 0.99),
  thick: near(0.05, 1.1),
  kept: near(0.15, 0.7),
  room: near(0.98, 1.6),
  shaft: near(0.1, 1.05),
  wall: near(0.01, 0.5),
  bolts: fc.integer({ min: 3, max: 24 }),
};

/** Returns a rotor whose vanes have to reach from `least` to `most` over its rim. */
function slotted(
  { thick, kept, room, shaft }: Record<'thick' | 'kept' | 'room' | 'shaft', number>,
  vanes: number,
  rotorDiameter_mm: number,
  least: number,
  most: number,
) {
  const vaneLength_mm = most / (1 - kept);
  const slotDepth_mm = (vaneLength_mm - least) * room;
  const floor = rotorDiameter_mm / 2 - slotDepth_mm;
  return {
    vanes,
    vaneThickness_mm: thick * Math.min(2 * floor * Math.tan(Math.PI / vanes), vaneLength_mm),
    vaneLength_mm,
    rotorDiameter_mm,
    slotDepth_mm,
    shaftDiameter_mm: 2 * floor * shaft,
  };
}

/** Pumps of each family about what can be built, and past it: some are refused. */
const TRIED: Readonly<Record<string, fc.Arbitrary<Figures>>> = {
  crescent: fc
    .record({
      z1: fc.integer({ min: 8, max: 60 }),
      more: fc.integer({ min: 4, max: 30 }),
      m: near(0.3, 8),
      pressureAngle_deg: near(14, 30),
      a1: near(0.15, 1.3),
      a2: near(0.15, 1.3),
      rim: near(-0.1, 4),
      gap: near(0.001, 0.5),
      wall: near(0.1, 8),
      hub: near(0.1, 1.05),
      bolts: fc.integer({ min: 3, max: 24 }),
    })
    .map(({ z1, more, m, pressureAngle_deg, a1, a2, rim, gap, wall, hub, bolts }) => {
      const z2 = Math.min(90, z1 + more);
      const outside = m * (z2 + 2.5 + 2 * rim);
      return {
        pinionTeeth: z1,
        ringTeeth: z2,
        module_mm: m,
        pressureAngle_deg,
        pinionTipDiameter_mm: m * (z1 + 2 * a1),
        ringTipDiameter_mm: m * (z2 - 2 * a2),
        ringOutsideDiameter_mm: outside,
        pocketDiameter_mm: outside + gap * m,
        bodyDiameter_mm: outside + (gap + wall) * m,
        hubBore_mm: m * (z1 - 2.5) * hub,
        width_mm: 20,
        bolts,
      };
    }),
  gerotor: fc
    .record({
      use: fc.constantFrom('front-pump', 'oil-pump'),
      innerLobes: fc.integer({ min: 3, max: 16 }),
      e: near(0.2, 8),
      room: near(0.95, 3),
      share: near(0.1, 1.1),
      rim: near(0.01, 6),
      gap: near(0.002, 0.3),
      wall: near(0.05, 10),
      shaft: near(0.05, 1.1),
      bolts: fc.integer({ min: 3, max: 24 }),
    })
    .map(({ use, innerLobes: n, e, room, share, rim, gap, wall, shaft, bolts }) => {
      const R = room * (n + 1) * e;
      const rho = share * R * Math.sin(Math.PI / (n + 1));
      const outer = 2 * (R - rho + (2 + rim) * e);
      return {
        use,
        innerLobes: n,
        eccentricity_mm: e,
        arcCentreRadius_mm: R,
        arcRadius_mm: rho,
        outerDiameter_mm: outer,
        pocketDiameter_mm: outer + gap * e,
        bodyDiameter_mm: outer + (gap + wall) * e,
        shaftDiameter_mm: 2 * Math.max(R - rho - e, 0.1) * shaft,
        width_mm: 16,
        bolts,
      };
    }),
  'external-gear': fc
    .record({
      build: fc.constantFrom('plates', 'blocks', 'oil'),
      teeth: fc.integer({ min: 6, max: 40 }),
      m: near(0.3, 8),
      addendum: near(0.02, 1.3),
      pressureAngle_deg: near(14, 32),
      gap: near(0.001, 2),
      shaft: near(0.05, 1.1),
      wall: near(0.1, 10),
    })
    .map(({ build, teeth, m, addendum, pressureAngle_deg, gap, shaft, wall }) => ({
      build,
      sections: 1,
      teeth,
      centreDistance_mm: m * teeth,
      tipDiameter_mm: m * (teeth + 2 * addendum),
      pressureAngle_deg,
      boreDiameter_mm: m * (teeth + 2 * addendum + gap),
      shaftDiameter_mm: m * (teeth - 2.5) * shaft,
      width_mm: 30,
      wall_mm: m * wall,
    })),
  'variable-vane': fc
    .record({ ...SLOTTED, vanes: fc.integer({ min: 5, max: 15 }), slide: near(0.02, 0.5) })
    .map(({ vanes, rotor, gap, off, slide, wall, bolts, ...vane }) => {
      const [bore, e] = [rotor * (1 + gap), (off * rotor * gap) / 2];
      const [slideDiameter_mm, pocketDiameter_mm] = [1, 1 + wall / 2].map(
        (by) => bore * (1 + slide) * by,
      ) as [number, number];
      return {
        ...slotted(vane, vanes, rotor, (bore - rotor) / 2 - e, (bore - rotor) / 2 + e),
        slideBore_mm: bore,
        eccentricity_mm: e,
        slideDiameter_mm,
        pocketDiameter_mm,
        bodyDiameter_mm: pocketDiameter_mm * (1 + wall),
        width_mm: 18,
        bolts,
      };
    }),
  'vacuum-vane': fc
    .record({ ...SLOTTED, vanes: fc.integer({ min: 2, max: 8 }) })
    .map(({ vanes, rotor, gap, off, wall, bolts, ...vane }) => {
      const [bore, e] = [rotor * (1 + gap), (off * rotor * gap) / 2];
      return {
        ...slotted(vane, vanes, rotor, (bore - rotor) / 2 - e, (bore - rotor) / 2 + e),
        boreDiameter_mm: bore,
        eccentricity_mm: e,
        bodyDiameter_mm: bore * (1 + wall),
        width_mm: 36,
        bolts,
      };
    }),
  'fixed-vane': fc
    .record({ ...SLOTTED, vanes: fc.integer({ min: 6, max: 16 }), outside: near(0.01, 1) })
    .map(({ vanes, rotor, gap, off, outside, ...vane }) => {
      const [ringMinor_mm, ringMajor_mm] = [rotor * (1 + gap * (1 - off)), rotor * (1 + gap)];
      return {
        ...slotted(vane, vanes, rotor, (ringMinor_mm - rotor) / 2, (ringMajor_mm - rotor) / 2),
        ringMinor_mm,
        ringMajor_mm,
        ringOutside_mm: ringMajor_mm * (1 + outside),
        width_mm: 24,
      };
    }),
};

/** Draws the example of a family with some of its figures changed, however little sense they make. */
const mangled = (family: PumpFamily): fc.Arbitrary<Figures> => {
  const example = family.example as Figures;
  const figures = Object.keys(example).filter((name) => typeof example[name] === 'number');
  const factor = fc.oneof(near(0.5, 2), near(0.9, 1.1), fc.constant(1));
  return fc.record(Object.fromEntries(figures.map((name) => [name, factor]))).map((by) =>
    Object.fromEntries(
      Object.entries(example).map(([name, value]) => {
        if (typeof value === 'string') return [name, value];
        const changed = value * (by[name] ?? 1);
        return [name, Number.isInteger(value) && !/_/.test(name) ? Math.round(changed) : changed];
      }),
    ),
  );
};

const VIEWS: readonly View[] = ['body', 'empty', 'cover', 'plate'];

describe.each(families().map((f) => [f.id, f] as const))(
  'a %s pump of odd geometry',
  (id, family) => {
    const pumps = fc.oneof(
      { weight: 3, arbitrary: TRIED[id]! },
      { weight: 1, arbitrary: mangled(family) },
    );

    it('is refused by a sentence at a field, or drawn with every part in its place', () => {
      const seen = { taken: 0, refused: 0 };
      fc.assert(
        fc.property(pumps, fc.integer({ min: 0, max: 359 }), (geometry, push) => {
          const problems = problemsOf({ family: id, geometry });
          if (problems.length > 0) {
            seen.refused += 1;
            for (const { field, message } of problems) {
              expect(Object.keys(geometry)).toContain(field);
              expect(message).toMatch(/^[A-Z].{10,}/);
              expect(message).not.toMatch(/NaN|Infinity|undefined|-\d/);
            }
          } else {
            seen.taken += 1;
            for (const view of VIEWS) {
              const { shapes } = family.outline(geometry, { view });
              expect([view, wrongWith(shapes)]).toEqual([view, null]);
            }
            const { shapes } = family.outline(geometry, { view: 'body', push: onClock(push, 1) });
            expect(['pushed', wrongWith(shapes)]).toEqual(['pushed', null]);
          }
          const { characteristics, dimensions } = pumpOf({ family: id, geometry });
          // What is of the whole pump has no section; no figure of it is missing.
          const figures = JSON.stringify([characteristics, dimensions], (key, value: unknown) =>
            key === 'section' ? undefined : value,
          );
          expect(figures).not.toMatch(/null/);
          for (const { id: target, stations } of [...characteristics, ...dimensions]) {
            for (const station of stations) {
              const { probe, tool, edge } = placementOf(
                { family: id, geometry },
                target,
                station.id,
              );
              for (const p of [probe, tool?.from, tool?.to, ...(edge ?? [])]) {
                expect(Number.isFinite(p?.x ?? 0) && Number.isFinite(p?.y ?? 0)).toBe(true);
              }
            }
          }
        }),
        { numRuns: 50 },
      );
      expect(seen.taken).toBeGreaterThan(4);
      expect(seen.refused).toBeGreaterThan(4);
    });
  },
);
