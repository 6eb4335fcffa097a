import { CAVITY, INLET as WAY } from '../core/testing/lines';
import { ask, errorOf } from './ask';

const near = (value: number, digits: number) => expect.closeTo(value, digits) as number;

const INLET = { ...WAY, velocityLimit_ms: 1.5 };

const SEAL = { ...CAVITY, rating_bar: 0.3 };

describe('the sums of the room, asked by their names', () => {
  it.each([
    [
      'stack.face',
      {
        depth_mm: 18.072,
        width_mm: 18.02,
        coverWear_mm: 0.01,
        lower_mm: 0.02,
        upper_mm: 0.06,
        alphaBody_per_K: 22e-6,
        alphaGear_per_K: 11.7e-6,
        body_C: 90,
        gear_C: 90,
      },
      {
        lo_mm: near(0.062, 6),
        u_mm: near(0.0052, 4),
        hot_mm: near(0.0751, 4),
        probability: near(0.3502, 4),
        verdict: 'close',
        missing: [],
      },
    ],
    [
      'leaves.stack',
      { target_mm: 0.18, leaves_mm: [0.05, 0.1, 0.2], upper_mm: 0.17 },
      {
        exact: false,
        best: { leaves_mm: [0.2], sum_mm: 0.2, off_mm: near(0.02, 9) },
        blind: [{ limit: 'upper', from_mm: 0.15, to_mm: 0.2 }],
      },
    ],
    [
      'hub.fit',
      { hub_mm: 40, bores_mm: [40.041, 40.044], lower_mm: 0.05, upper_mm: 0.07 },
      { verdict: 'hone', hone_mm: near(0.019, 9), hot_mm: null, coldLeast_mm: null },
    ],
    [
      'bridge.shim',
      { lo_mm: 0.4, hi_mm: 0.45, fitted_mm: 3, lower_mm: 0.25, upper_mm: 0.55, shims_mm: [3.1] },
      { uneven_mm: near(0.05, 9), stack_mm: [3.1], verdict: 'in' },
    ],
    [
      'shim.choose',
      {
        gap_mm: 9,
        lower_mm: 0.25,
        upper_mm: 0.55,
        shims_mm: [3.3],
        maxShims: 2,
        aim: 'loose',
      },
      { stack_mm: [], left_mm: null, verdict: 'none', buy_mm: { from_mm: 8.45, to_mm: 8.75 } },
    ],
    [
      'indicator.lever',
      { reading_mm: 0.13, angle_deg: 20, contactRadius_mm: 22, pitchRadius_mm: 18.5 },
      { swing_mm: near(0.1222, 4), backlash_mm: near(0.1027, 4) },
    ],
    [
      'flow.drive',
      {
        driveRpm: 2800,
        driver: 18,
        driven: 36,
        cc_rev: 24,
        testFlow_lpm: 30.1,
        testPumpRpm: 1400,
        width_mm: 20,
        newWidth_mm: 24,
        wanted_lpm: 40,
      },
      { wider_lpm: near(36.82, 9), rpmWanted: near(3625, 6), widthWanted_mm: near(25.89, 2) },
    ],
    ['inlet.maxSpeed', INLET, { rpm: near(1900, 0), limitedBy: 'velocity' }],
    ['inlet.maxSpeed', { ...INLET, gearSets: 2 }, { rpm: near(950.1, 1) }],
    [
      'inlet.maxSpeed',
      { ...INLET, portDiameter_mm: 14, velocityLimit_ms: null },
      { rpm: near(1347, 0), limitedBy: 'pressure', inlet_bar: near(0.8, 9) },
    ],
    [
      'inlet.bore',
      { ...INLET, rpm: 2400, change: 'both' },
      { bore_mm: near(28.55, 2), dash: 20, why: null },
    ],
    ['seal.cavity', SEAL, { cavity_bar: near(0.556, 4), verdict: 'blows' }],
    [
      'seal.drain',
      { ...SEAL, drainOpenTo: 'inlet', healthyClearance_mm: 0.07 },
      {
        cavity_bar: near(0.556, 4),
        drainToHold_mm: near(3.807, 3),
        drill_mm: 3.9,
        clearanceToHold_mm: near(0.1603, 4),
        why: null,
        cases: [
          { id: 'asIs', cavity_bar: near(0.556, 4), verdict: 'blows' },
          { id: 'bushingRenewed', cavity_bar: near(0.0024, 3), verdict: 'holds' },
          { id: 'drainBlocked', cavity_bar: 7, verdict: 'blows' },
          { id: 'drainToOutlet', cavity_bar: 7, verdict: 'blows' },
          { id: 'drainDrilled', cavity_bar: near(0.2745, 4), verdict: 'holds' },
        ],
      },
    ],
    ['rotation.name', { shaftGear: 'bottom', inlet: 'right' }, { rotation: 'clockwise' }],
    ['rotation.name', { shaftGear: 'bottom', inlet: 'left' }, { rotation: 'anticlockwise' }],
    [
      'rotation.reverse',
      { family: 'gerotor', rotation: 'clockwise', eccentricRing: 'yes', maxRpm: 1000 },
      {
        possible: 'yes',
        to: 'anticlockwise',
        topRpm: 1000,
        steps: [{ id: 'half-turn-ring' }, { id: 'spin' }, { id: 'restamp' }],
      },
    ],
    [
      'ports.clock',
      { inlet_clock: 12, outlet_clock: 6, wanted_clock: 3, wantedSeenFrom: 'shaft' },
      { turn: { deg: 90, way: 'clockwise', seenFrom: 'cover' }, nearest_clock: 9 },
    ],
    [
      'vane.reach',
      {
        ringRadius_mm: 31,
        eccentricity_mm: 3.2,
        rotorRadius_mm: 27.6,
        vaneLength_mm: 13.4,
        newVaneLength_mm: 14.2,
        hours: 800,
        leastInSlot_mm: 6,
      },
      { reach_mm: near(6.6, 9), hoursLeft: near(800, 6) },
    ],
    [
      'vane.reach',
      {
        ringRadius_mm: 30,
        eccentricity_mm: 0,
        rotorRadius_mm: 26,
        vaneLength_mm: 13,
        leastInSlot_mm: 6,
        slotOffset_mm: 10,
      },
      // 28.284 less 24: a slot beside the middle lets the vane out further.
      { reach_mm: near(Math.sqrt(800) - 24, 9) },
    ],
    [
      'torque.plan',
      {
        bolts: 8,
        value: 42,
        unit: 'lbft',
        stages: [0.33, 0.66, 1],
        wrench: { length_mm: 400, extension_mm: 60 },
      },
      {
        Nm: near(56.944, 3),
        lbin: near(504, 6),
        stages: [{ value: near(12.05, 2) }, { value: near(24.1, 2) }, { value: near(36.52, 2) }],
      },
    ],
    [
      'interface.identify',
      { threadMajor_mm: 26.9, tpi: 12 },
      { flange: null, port: { status: 'fits', fits: [{ name: '1 1/16-12', dash: 12 }] } },
    ],
    ['port.flow', { dash: 16, velocity_ms: 1.2 }, { bore_mm: 25.4, flow_lpm: near(36.48, 2) }],
    ['port.flow', { bore_mm: 25.4, flow_lpm: 36.483 }, { velocity_ms: near(1.2, 4) }],
    ['port.flow', { velocity_ms: 1.2, flow_lpm: 36.483 }, { bore_mm: near(25.4, 3) }],
    [
      'money.compare',
      { partsCost: 100, price: 90 },
      { repair: 100, new: 90, better: 'new', by: 10, evenRepairDays: null },
    ],
    [
      'conformity.need',
      { value_mm: 0.058, u_mm: 0.003, upper_mm: 0.06 },
      { probability: near(0.7475, 4), uThatDecides_mm: near(0.001216, 6) },
    ],
    [
      'fluid.tempFor',
      { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870, want_mm2s: 860 },
      { temp_C: near(-4.465, 3) },
    ],
    [
      'history.standing',
      { past: [1, 2, 3, 4], value: 3 },
      { n: 4, median: 2.5, percentile: 62.5, enough: false },
    ],
  ])('%s of %j', async (name, input, answer) => {
    expect(await ask(name, input)).toMatchObject(answer);
  });

  it.each([
    ['stack.face', { depth_mm: 18, width_mm: 0.7 }, 'width_mm'],
    ['stack.face', { depth_mm: 18, width_mm: 15.9 }, 'width_mm'],
    ['stack.face', { depth_mm: 18 }, 'width_mm'],
    ['stack.face', { lower_mm: 0.02 }, 'depth_mm'],
    ['stack.face', { lo_mm: 0.02 }, 'hi_mm'],
    ['stack.face', { lo_mm: 0.05, hi_mm: 0.04 }, 'hi_mm'],
    ['stack.face', { depth_mm: 18, lo_mm: 0.02, hi_mm: 0.03 }, 'lo_mm'],
    ['stack.face', { depth_mm: 18, width_mm: 18, rule: 'loose' }, 'rule'],
    ['leaves.stack', { target_mm: 0.1, leaves_mm: [] }, 'leaves_mm'],
    ['leaves.stack', { target_mm: 26, leaves_mm: [0.1] }, 'target_mm'],
    ['hub.fit', { hub_mm: 40, bores_mm: [] }, 'bores_mm'],
    ['hub.fit', { hub_mm: 40, bores_mm: [40], lower_mm: 0.07, upper_mm: 0.05 }, 'upper_mm'],
    ['bridge.shim', { lower_mm: 0, upper_mm: 1, shims_mm: [1] }, 'places'],
    [
      'bridge.shim',
      { places: [{ case_mm: 5 }, { case_mm: 5 }], lower_mm: 0, upper_mm: 1, shims_mm: [1] },
      'places[0].pump_mm',
    ],
    ['bridge.shim', { lo_mm: 0.4, lower_mm: 0, upper_mm: 1, shims_mm: [1] }, 'hi_mm'],
    ['indicator.lever', { reading_mm: 0.1, angle_deg: 61 }, 'angle_deg'],
    ['indicator.lever', { reading_mm: 0.1, angle_deg: 31, indicator: 'plunger' }, 'angle_deg'],
    ['flow.drive', { driveRpm: 1000 }, 'ratio'],
    ['flow.drive', { driveRpm: 1000, ratio: 1, driven: 20 }, 'driver'],
    ['flow.drive', { driveRpm: 1000, driver: 20 }, 'driven'],
    [
      'flow.drive',
      { driveRpm: 1000, ratio: 1, cc_rev: 10, testFlow_lpm: 11, testPumpRpm: 1000 },
      'testFlow_lpm',
    ],
    ['inlet.maxSpeed', { ...INLET, gearSets: 1.5 }, 'gearSets'],
    [
      'inlet.bore',
      { ...INLET, lineDiameter_mm: null, rpm: 900, change: 'port' },
      'lineDiameter_mm',
    ],
    ['seal.cavity', { ...SEAL, back_bar: 8 }, 'back_bar'],
    ['seal.drain', SEAL, 'drainOpenTo'],
    ['rotation.name', { shaftGear: 'left', inlet: 'left' }, 'shaftGear'],
    ['rotation.reverse', { family: 'hand', rotation: 'clockwise' }, 'family'],
    [
      'rotation.reverse',
      { family: 'external-gear', rotation: 'clockwise', largePort_mm: 20, smallPort_mm: 21 },
      'smallPort_mm',
    ],
    ['ports.clock', { inlet_clock: 12, outlet_clock: 13 }, 'outlet_clock'],
    ['torque.plan', { bolts: 8, value: 40, unit: 'Nm', stages: [0.5, 0.4, 0.3, 1] }, 'stages[1]'],
    ['torque.plan', { bolts: 8, value: 40, unit: 'Nm', stages: [0.5, 0.9] }, 'stages[1]'],
    [
      'vane.reach',
      {
        ringRadius_mm: 30,
        eccentricity_mm: 0,
        rotorRadius_mm: 26,
        vaneLength_mm: 13,
        leastInSlot_mm: 6,
        slotOffset_mm: 26,
      },
      'slotOffset_mm',
    ],
    ['interface.identify', {}, 'pilot_mm'],
    ['interface.identify', { bolts: 4 }, 'pilot_mm'],
    ['interface.identify', { pitch_mm: 2, tpi: 12 }, 'tpi'],
    ['interface.identify', { pilot_mm: 80, bolts: 3 }, 'bolts'],
    ['port.flow', { dash: 16 }, 'velocity_ms'],
    ['port.flow', { velocity_ms: 1 }, 'bore_mm'],
    ['port.flow', { dash: 16, bore_mm: 25, velocity_ms: 1 }, 'dash'],
    ['port.flow', { bore_mm: 25, velocity_ms: 1, flow_lpm: 20 }, 'flow_lpm'],
    ['money.compare', { repairComeback_percent: 101 }, 'repairComeback_percent'],
    [
      'fluid.tempFor',
      { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870, want_mm2s: 1 },
      'want_mm2s',
    ],
  ])('%s refuses %j at %s', async (name, input, field) => {
    expect((await errorOf(name, input))?.field).toBe(field);
  });
});
