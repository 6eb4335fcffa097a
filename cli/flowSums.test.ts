import { ask, errorOf } from './ask';

describe('the sums of flow', () => {
  const FLUID = { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 };
  const GEARS = {
    family: 'external-gear',
    teeth: 10,
    tipDiameter_mm: 48,
    centreDistance_mm: 40,
    width_mm: 20,
    pressureAngle_deg: 20,
  };
  const SLOT = {
    name: 'land',
    kind: 'slot',
    width_mm: 20,
    height_mm: 0.05,
    length_mm: 5,
    dp_bar: 10,
  };
  const PUMP = {
    family: 'gerotor',
    geometry: {},
    gaps_mm: {},
    rpm: 700,
    pressure_bar: 8,
    temp_C: 90,
    fluid: FLUID,
  };
  const near = (value: number, digits: number) => expect.closeTo(value, digits) as number;
  it('tell what a fluid is at a temperature', async () => {
    expect(await ask('fluid.at', { ...FLUID, temp_C: 80 })).toEqual({
      kv_mm2s: near(11.1, 2),
      density_kgm3: near(833.2425, 6),
      mu_Pas: near(0.00925, 5),
      law: 'walther',
    });
  });
  it('tell what each family moves in a turn', async () => {
    expect(await ask('displacement', GEARS)).toEqual({ cc_rev: near(20.657, 3) });
    const ring = {
      ringDiameter_mm: 62,
      eccentricity_mm: 2.8,
      vanes: 7,
      vaneThickness_mm: 2.5,
      width_mm: 18,
    };
    expect(await ask('displacement', { family: 'vane', ...ring })).toEqual({
      cc_rev: near(17.87, 3),
    });
    expect(await ask('displacement', { family: 'vane', ...ring, vaneThickness_mm: 0 })).toEqual({
      cc_rev: near((2 * 18 * 2.8 * Math.PI * 62) / 1000, 9),
    });
    expect(await ask('displacement', { family: 'vane', ...ring, eccentricity_mm: 0 })).toEqual({
      cc_rev: 0,
    });
    const lobes = {
      innerLobes: 6,
      eccentricity_mm: 2.8,
      arcCentreRadius_mm: 27,
      arcRadius_mm: 7.5,
      width_mm: 16,
    };
    expect(await ask('displacement', { family: 'gerotor', ...lobes })).toEqual({
      cc_rev: near(10.723, 3),
    });
    const tips = {
      pinionTipDiameter_mm: 75.2,
      ringTipDiameter_mm: 86.4,
      width_mm: 20,
      pressureAngle_deg: 22.5,
    };
    const crescent = { pinionTeeth: 17, ringTeeth: 23, module_mm: 4, ...tips };
    expect(await ask('displacement', { family: 'crescent', ...crescent })).toEqual({
      cc_rev: near(27.611, 3),
    });
  });
  it('tell what leaks, with the sign of pressure and wall', async () => {
    const face = {
      name: 'face',
      kind: 'face',
      height_mm: 0.05,
      outerRadius_mm: 30,
      innerRadius_mm: 20,
      arc_deg: 180,
      dp_bar: 10,
    };
    const bore = {
      name: 'bore',
      kind: 'bore',
      diameter_mm: 40,
      diametralClearance_mm: 0.1,
      length_mm: 16,
      eccentricity: 0.5,
      dp_bar: 10,
    };
    const answer = await ask('leak', {
      mu_Pas: 0.01,
      paths: [SLOT, face, bore, { ...SLOT, dp_bar: -10 }],
    });
    const [slot, onFace, inBore, back] = answer.paths as {
      name: string;
      lpm: number;
      share: number;
    }[];
    expect(slot?.lpm).toBeCloseTo(0.25, 9);
    expect(back?.lpm).toBeCloseTo(-0.25, 9);
    expect(onFace?.lpm).toBeCloseTo(
      (60000 * 0.5 * Math.PI * 1.25e-13 * 1e6) / (0.06 * Math.log(1.5)),
      9,
    );
    expect(inBore?.lpm).toBeCloseTo(
      (60000 * Math.PI * 0.04 * 1.25e-13 * 1e6 * 1.375) / (0.12 * 0.016),
      9,
    );
    expect(answer.total_lpm).toBeCloseTo((onFace?.lpm ?? 0) + (inBore?.lpm ?? 0), 9);
    const dragged = { ...SLOT, dp_bar: 0, surfaceSpeed_ms: -2 };
    expect(await ask('leak', { mu_Pas: 0.01, paths: [dragged] })).toMatchObject({
      total_lpm: near(-0.06, 9),
    });
  });
  it('tell what is delivered, not below nothing', async () => {
    const pump = { cc_rev: 20, driveRpm: 700, ratio: 1.5, slip_lpm: 5 };
    expect(await ask('flow.expect', pump)).toEqual({
      theoretical_lpm: near(21, 9),
      delivered_lpm: near(16, 9),
      efficiency: near(16 / 21, 9),
    });
    expect(await ask('flow.expect', { ...pump, slip_lpm: 30 })).toMatchObject({
      delivered_lpm: 0,
      efficiency: 0,
    });
    expect(await ask('flow.expect', { ...pump, driveRpm: 0 })).toMatchObject({ efficiency: null });
  });
  it.each([
    ['fluid.at', { ...FLUID, temp_C: 151 }, 'temp_C'],
    ['fluid.at', { ...FLUID, kv40_mm2s: 0, temp_C: 80 }, 'kv40_mm2s'],
    ['fluid.at', { ...FLUID, kv100_mm2s: 50, temp_C: 80 }, 'kv100_mm2s'],
    ['displacement', { ...GEARS, teeth: undefined }, 'teeth'],
    ['displacement', { ...GEARS, vanes: 7 }, 'vanes'],
    ['displacement', { ...GEARS, depth_mm: 7 }, 'depth_mm'],
    ['displacement', { ...GEARS, family: 'screw' }, 'family'],
    ['displacement', { ...GEARS, tipDiameter_mm: 40 }, 'tipDiameter_mm'],
    ['displacement', { ...GEARS, teeth: 10.5 }, 'teeth'],
    ['leak', { mu_Pas: 0.01, paths: [] }, 'paths'],
    ['leak', { mu_Pas: 0.01, paths: [{ ...SLOT, kind: 'hole' }] }, 'paths[0].kind'],
    ['leak', { mu_Pas: 0.01, paths: [SLOT, { ...SLOT, length_mm: null }] }, 'paths[1].length_mm'],
    ['leak', { mu_Pas: 0.01, paths: [{ ...SLOT, arc_deg: 90 }] }, 'paths[0].arc_deg'],
    ['leak', { mu_Pas: 0.01, paths: [{ ...SLOT, height_mm: -0.1 }] }, 'paths[0].height_mm'],
    ['flow.expect', { cc_rev: 20, driveRpm: 700, ratio: 0, slip_lpm: 5 }, 'ratio'],
    ['pump.flow', { ...PUMP, gaps_mm: { tip: [0.1] } }, 'gaps_mm.tip'],
    ['pump.flow', { ...PUMP, geometry: {} }, 'geometry.use'],
    ['pump.flow', { ...PUMP, pressure_bar: -1 }, 'pressure_bar'],
    ['pump.flow', { ...PUMP, fluid: { ...FLUID, kv40_mm2s: -1 } }, 'fluid.kv40_mm2s'],
    ['pump.flow', { ...PUMP, options: { stroke: 2 } }, 'options.stroke'],
  ])('%s: %j is refused at its field', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });
});
