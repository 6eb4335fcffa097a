import { object, type TestContext } from 'yup';
import { drivenFlow } from '../hydraulics/drive';
import { notBelow, perhaps, usually } from './fields';
import { sum } from './sum';

const over = (label: string, unit?: Parameters<typeof perhaps>[1]) =>
  perhaps(label, unit).moreThan(0);

interface Ratio {
  readonly ratio?: number | null;
  readonly driver?: number | null;
  readonly driven?: number | null;
}

/** Checks that a ratio is given, once. */
function ratioGiven({ ratio, driver, driven }: Ratio, context: TestContext) {
  const refuse = (path: string, message: string) => context.createError({ path, message });
  if (ratio != null)
    return (driver == null && driven == null) || refuse('driver', 'A ratio or teeth, not both');
  if (driver == null && driven == null) return refuse('ratio', 'Missing');
  return driver == null
    ? refuse('driver', 'Missing')
    : driven != null || refuse('driven', 'Missing');
}

/** Tells what a pump moves at the speed of its drive, and what a wider gear gives. */
export const flowDrive = sum({
  input: object({
    driveRpm: notBelow('Engine or motor speed', '1/min'),
    ratio: over('Pump turns per engine turn', 'count'),
    driver: over('Teeth or pulley on the engine', 'count'),
    driven: over('Teeth or pulley on the pump', 'count'),
    cc_rev: over('Displacement of a gear set', 'cm³'),
    gearSets: usually('Gear sets', 1, 'count').integer().min(1).max(8),
    testFlow_lpm: perhaps('Flow in a test', 'l/min').min(0),
    testPumpRpm: over('Pump speed in that test', '1/min'),
    width_mm: over('Gear width'),
    newWidth_mm: over('New gear width'),
    wanted_lpm: perhaps('Flow wanted', 'l/min').min(0),
  }).test('has a ratio', ratioGiven),
  example: {
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
  answer: ({ driveRpm, driver, driven, gearSets, testFlow_lpm, testPumpRpm, ...given }) => {
    const ratio = given.ratio ?? (driver ?? 1) / (driven ?? 1);
    const tested = testFlow_lpm != null && testPumpRpm != null;
    return {
      ratio,
      ...drivenFlow({
        driveRpm,
        ratio,
        gearSets,
        cc_rev: given.cc_rev ?? null,
        test: tested ? { flow_lpm: testFlow_lpm, pumpRpm: testPumpRpm } : null,
        width_mm: given.width_mm ?? null,
        newWidth_mm: given.newWidth_mm ?? null,
        wanted_lpm: given.wanted_lpm ?? null,
      }),
    };
  },
  gives: {
    ratio: ['Pump turns per engine turn', 'count'],
    pumpRpm: ['Pump speed', '1/min'],
    theoretical_lpm: ['Without any gap', 'l/min'],
    slip_lpm: ['Slip', 'l/min'],
    delivered_lpm: ['Delivered', 'l/min'],
    efficiency: ['Delivered of theoretical', 'count'],
    way: ['How it was worked out'],
    newCc_rev: ['Displacement of a wider set', 'cm³'],
    wider_lpm: ['Delivered by the wider gears', 'l/min'],
    gain_lpm: ['Gained', 'l/min'],
    rpmWanted: ['Engine speed for the flow wanted', '1/min'],
    widthWanted_mm: ['Gear width for it', 'mm'],
  },
});
