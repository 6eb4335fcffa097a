import { dimensionId } from './ids';
import { methodsFor } from '../methods/list';
import fc from 'fast-check';
import type { Placement, PumpFamily, Station } from './family';
import type { ExternalGeometry } from './external-gear.drawing';
import { driveCentre, driveTeeth, idlerCentre, idlerTeeth } from './external-gear.gears';
import { camRadius, fixedVaneRotor, type FixedVaneGeometry } from './fixed-vane';
import { gerotor } from './gerotor';
import {
  innerCentre,
  innerLobes,
  outerLobes,
  STEPS_A_LOBE,
  type GerotorGeometry,
} from './gerotor.drawing';
import { families, FAMILY_IDS, familyOf, findFamily, placementOf, pumpOf } from './registry';
import { contains, type Point } from './shapes';
import { innerProfile, outerRoot_mm, undercutMargin_mm } from './trochoid';
import { vacuumVaneRotor, type VacuumVaneGeometry } from './vacuum-vane';
import { slottedRotor, vanesOut } from './vanes';
import { variableVaneRotor, type VariableVaneGeometry } from './variable-vane';

const radius = ({ x, y }: Point, from: Point = { x: 0, y: 0 }) =>
  Math.hypot(x - from.x, y - from.y);

/** Every family as its example has it, and the other builds of those that have some. */
const PUMPS: readonly (readonly [name: string, family: PumpFamily, geometry: object])[] = [
  ...families().map((f) => [f.id, f, f.example] as const),
  ...[2, 3, 4].map((sections) => {
    const f = familyOf('external-gear');
    return [`external-gear × ${sections}`, f, { ...f.example, sections }] as const;
  }),
  ['oil pump', familyOf('external-gear'), { ...familyOf('external-gear').example, build: 'oil' }],
];

describe.each(PUMPS)('%s', (_, family, geometry) => {
  const model = family.model(geometry);
  const targets: [string, readonly Station[]][] = [
    ...model.characteristics.flatMap((c): [string, readonly Station[]][] => [
      [c.id, [...c.stations, ...(c.swing?.stations ?? []), ...(c.touch?.stations ?? [])]],
    ]),
    ...model.dimensions.map((d): [string, readonly Station[]] => [d.id, d.stations]),
  ];

  it('has an example that its own schema accepts', () => {
    expect(family.geometry.validateSync(geometry, { strict: true })).toEqual(geometry);
  });

  it('names nothing twice, and only what is there', () => {
    const ids = model.characteristics.map((c) => c.id);
    const dimensions = model.dimensions.map((d) => d.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(new Set(dimensions).size).toBe(dimensions.length);
    for (const c of model.characteristics) {
      for (const { dimension } of c.terms ?? []) expect(dimensions).toContain(dimension);
      if (c.tilt) expect(dimensions).toContain(c.tilt.dimension);
      for (const part of c.sum ?? []) expect(ids.indexOf(part)).toBeLessThan(ids.indexOf(c.id));
      expect(methodsFor({ family: family.id, geometry }, c).length > 0 || c.sum !== undefined).toBe(
        true,
      );
    }
    for (const d of model.dimensions) expect(model.parts.map((p) => p.id)).toContain(d.part);
    for (const [, stations] of targets) {
      expect(new Set(stations.map((s) => s.id)).size).toBe(stations.length);
      for (const s of stations) expect(s.id).toMatch(/^[\w-]{1,64}$/);
    }
  });

  it('is drawn with figures only, whatever lies on the bench', () => {
    const views = new Set(
      targets.flatMap(([id, stations]) =>
        stations.map(
          (s) => placementOf({ family: family.id, geometry }, dimensionId(id), s.id).view,
        ),
      ),
    );
    for (const view of ['body', ...views] as Placement['view'][]) {
      const { shapes, extent_mm } = family.outline(geometry, { view, push: { x: 0, y: 1 } });
      expect(shapes.length).toBeGreaterThan(0);
      expect(extent_mm).toBeGreaterThan(0);
      for (const { path } of shapes) expect(path).toMatch(/^M[-\d. MLaZ]+$/);
    }
  });

  it('shows where the instrument goes, on the drawing, for every place', () => {
    for (const [id, stations] of targets) {
      for (const s of stations) {
        const pump = { family: family.id, geometry };
        const { view, probe, tool, edge, push } = placementOf(pump, dimensionId(id), s.id);
        const { extent_mm } = family.outline(geometry, { view });
        const here = `${id} at ${s.id}`;
        expect([here, Math.max(Math.abs(probe.x), Math.abs(probe.y)) <= extent_mm * 1.05]).toEqual([
          here,
          true,
        ]);
        expect([here, tool !== undefined]).toEqual([here, true]);
        for (const end of edge ?? []) expect(radius(end)).toBeLessThanOrEqual(extent_mm * 1.001);
        if (push) expect(radius(push)).toBeCloseTo(1, 9);
        if (/^Edge/.test(s.instruction)) expect([here, edge !== undefined]).toEqual([here, true]);
      }
    }
  });

  it('says what to do in so few words that they fit the screen', () => {
    for (const [, stations] of targets) {
      for (const s of stations) expect(s.instruction.length).toBeLessThan(110);
    }
  });
});

describe('lobes of a gerotor', () => {
  const G = gerotor.example;
  /** Pairs that can be made, of all sizes and lobe counts. */
  const pairs = fc
    .record({
      innerLobes: fc.integer({ min: 3, max: 16 }),
      eccentricity_mm: fc.double({ min: 1, max: 4, noNaN: true }),
      room: fc.double({ min: 1.3, max: 1.8, noNaN: true }),
      share: fc.double({ min: 0.35, max: 0.75, noNaN: true }),
    })
    .map(({ innerLobes: n, eccentricity_mm: e, room, share }) => {
      const arcCentreRadius_mm = room * (n + 1) * e;
      return {
        innerLobes: n,
        eccentricity_mm: e,
        arcCentreRadius_mm,
        arcRadius_mm: share * arcCentreRadius_mm * Math.sin(Math.PI / (n + 1)),
      };
    })
    .filter((t) => undercutMargin_mm(t) > 0.1);

  it('touch every tooth arc of the outer rotor, and lie in none', () => {
    fc.assert(
      fc.property(pairs, (t) => {
        const inner = innerProfile(t, STEPS_A_LOBE * t.innerLobes);
        for (let j = 0; j <= t.innerLobes; j++) {
          const angle = (2 * Math.PI * j) / (t.innerLobes + 1);
          // Seen from the inner rotor, the outer one's centre lies off by the eccentricity.
          const arc = {
            x: t.eccentricity_mm + t.arcCentreRadius_mm * Math.cos(angle),
            y: t.arcCentreRadius_mm * Math.sin(angle),
          };
          const nearest = Math.min(...inner.map((p) => radius(p, arc)));
          expect(nearest).toBeGreaterThan(t.arcRadius_mm - 1e-9);
          expect(nearest).toBeLessThan(t.arcRadius_mm + 0.02 * t.eccentricity_mm);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('are as many as the sheet says, the outer rotor one more', () => {
    const counted = (points: Point[], centre: Point, tip: number) =>
      points.filter((p, i) => {
        const at = radius(p, centre);
        const before = radius(points.at(i - 1)!, centre);
        const after = radius(points[(i + 1) % points.length]!, centre);
        return Math.abs(at - tip) < 0.1 && at >= before && at > after;
      }).length;
    const { arcCentreRadius_mm: R, arcRadius_mm, eccentricity_mm } = G;
    expect(counted(innerLobes(G), innerCentre(G), R - arcRadius_mm + eccentricity_mm)).toBe(6);
    const poles = outerLobes(G).filter((p) => Math.abs(radius(p) - (R - arcRadius_mm)) < 1e-6);
    expect(poles).toHaveLength(7);
  });
  it('lie in the hole of the outer rotor, and that in the pocket', () => {
    const hole = outerLobes(G);
    const outside = innerLobes(G).filter((p) => !contains(hole, p));
    // Where they touch, half a hundredth of the drawing is no overlap.
    for (const p of outside) {
      const nearest = Math.min(...hole.map((h) => radius(h, p)));
      expect(nearest).toBeLessThan(0.35);
    }
    for (const p of hole) expect(radius(p)).toBeLessThan(G.outerDiameter_mm / 2);
    expect(G.pocketDiameter_mm).toBeGreaterThan(2 * outerRoot_mm(G));
  });
  it.each([
    [{ arcRadius_mm: 14 }, /undercut/],
    [{ outerDiameter_mm: 48 }, /break through/],
    [{ pocketDiameter_mm: 60 }, /larger than the outer rotor/],
    [{ innerLobes: 2 }, /at least 3/],
  ])('that cannot be are refused: %j', (change, message) => {
    const broken = { ...G, ...change } as GerotorGeometry;
    expect(() => gerotor.geometry.validateSync(broken, { strict: true })).toThrow(message);
  });
});

describe('two gears side by side', () => {
  const BASE = familyOf('external-gear').example as ExternalGeometry;
  const geometries = fc.record({
    teeth: fc.integer({ min: 8, max: 24 }),
    pressureAngle_deg: fc.constantFrom(20, 22.5, 25, 28),
    addendum: fc.double({ min: 0.85, max: 1.05, noNaN: true }),
  });

  it('mesh at their centre distance without a tooth in another, few teeth and many', () => {
    fc.assert(
      fc.property(geometries, ({ teeth, pressureAngle_deg, addendum }) => {
        const m = BASE.centreDistance_mm / teeth;
        const tipDiameter_mm = BASE.centreDistance_mm + 2 * addendum * m;
        const g: ExternalGeometry = { ...BASE, teeth, pressureAngle_deg, tipDiameter_mm };
        const [drive, idler] = [driveTeeth(g), idlerTeeth(g)];
        expect(drive.filter((p) => contains(idler, p))).toEqual([]);
        expect(idler.filter((p) => contains(drive, p))).toEqual([]);
        const reach = Math.max(...drive.map((p) => p.y));
        expect(reach).toBeGreaterThan(0);
      }),
    );
  });
  it('have their teeth inside the bores', () => {
    for (const [teeth, centre] of [
      [driveTeeth(BASE), driveCentre(BASE)],
      [idlerTeeth(BASE), idlerCentre(BASE)],
    ] as const) {
      const tips = teeth.filter(
        (p) => Math.abs(radius(p, centre) - BASE.tipDiameter_mm / 2) < 1e-6,
      );
      expect(tips).toHaveLength(2 * BASE.teeth);
      for (const p of teeth) expect(radius(p, centre)).toBeLessThan(BASE.boreDiameter_mm / 2);
    }
  });
  it('come in up to four sections, each with all of its clearances', () => {
    const stack = pumpOf({ family: 'external-gear', geometry: { ...BASE, sections: 4 } });
    const ids = stack.characteristics.map((c) => c.id);
    for (const id of [
      'end',
      'tip-body-drive',
      'backlash',
      'plate-wear-rear',
      'shaft-bushing-idler-rear',
    ]) {
      expect(ids).toEqual(expect.arrayContaining([id, `${id}-s2`, `${id}-s3`, `${id}-s4`]));
    }
    expect(ids.length).toBeGreaterThanOrEqual(60);
  });
  it('refuse what cannot be built', () => {
    const { geometry } = familyOf('external-gear');
    const tried = (change: object) => () =>
      geometry.validateSync({ ...BASE, ...change }, { strict: true });
    expect(tried({ tipDiameter_mm: 41 })).toThrow(/must clear the roots/);
    expect(tried({ build: 'oil', sections: 2 })).toThrow(/must be 1/);
    expect(tried({ build: 'wood' })).toThrow();
  });
});

describe('vanes', () => {
  const fixed = familyOf('fixed-vane').example as FixedVaneGeometry;
  const rotors = [
    ['variable', variableVaneRotor(familyOf('variable-vane').example as VariableVaneGeometry), 9.2],
    ['fixed', fixedVaneRotor(fixed), fixed.vaneLength_mm],
    ['vacuum', vacuumVaneRotor(familyOf('vacuum-vane').example as VacuumVaneGeometry), 16],
  ] as const;

  it.each(rotors)('of a %s pump stand out to the ring and stay in their slots', (_, r, length) => {
    for (const [i, vane] of vanesOut(r, length).entries()) {
      const turn = (360 * i) / r.vanes;
      const out = Math.max(...vane.map((p) => radius(p, r.centre)));
      expect(out).toBeGreaterThan(r.ringAt(turn) - 0.1 * r.thickness_mm);
      expect(out).toBeLessThanOrEqual(r.ringAt(turn) + 0.05 * r.thickness_mm);
      const foot = Math.min(...vane.map((p) => radius(p, r.centre)));
      expect(foot).toBeLessThan(r.radius_mm);
      expect(foot).toBeGreaterThan(r.radius_mm - r.slotDepth_mm - r.thickness_mm);
    }
    for (const p of slottedRotor(r))
      expect(radius(p, r.centre)).toBeLessThanOrEqual(r.radius_mm + 1e-9);
  });
  it('run on a cam ring that rises and falls without a step', () => {
    const at = (turn: number) => camRadius(fixed, turn);
    expect([at(0), at(90), at(180), at(270)]).toEqual([27.3, 31, 27.3, 31]);
    for (let turn = 0; turn < 360; turn++) {
      expect(Math.abs(at(turn + 1) - at(turn))).toBeLessThan(0.21);
      expect(at(turn)).toBeGreaterThan(fixed.rotorDiameter_mm / 2);
    }
  });
});

describe('the registry', () => {
  it('finds each family by the id that it has itself, and nothing by any other name', () => {
    expect(families().map(({ id }) => id)).toEqual(FAMILY_IDS);
    for (const odd of [undefined, '', 'none', 'constructor', '__proto__']) {
      expect(findFamily(odd)).toBeUndefined();
    }
  });
});
