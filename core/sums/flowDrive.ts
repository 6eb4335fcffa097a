import { object, type TestContext } from 'yup';
import { drivenFlow } from '../hydraulics/drive';
import { notBelow, perhaps, usually } from './fields';
import { sayFrom } from '../wording/say';
import { sum } from './sum';

const WORDS = {
  test: '{flow} at {rpm} of the pump, {percent}% of what its gears displace.',
  none: 'At {rpm} of the pump all of it slips: nothing arrives.',
  theory: '{flow} in theory at {rpm} of the pump. Test it for the real flow.',
  above: 'At least {flow} at {rpm} of the pump, by the speed alone.',
  below: 'At most {flow} at {rpm} of the pump, by the speed alone.',
  speed: 'The pump turns at {rpm}. Enter its displacement, or a test.',
  wider: 'Gears of the new width move {flow}, {gain} more.',
  narrower: 'Gears of the new width move {flow}, {gain} less.',
  rpmWanted: 'For {wanted} the engine has to turn at {rpm}.',
  rpmTheory: 'In theory the engine has to turn at {rpm} for {wanted}; as some slips, faster.',
  halfTest: 'A test wants its flow and the pump speed.',
  widthWanted: 'Or the gears have to be {width} wide.',
  wideNote: 'Wider gears want a wider body, inlet and bearings that carry them.',
  brief: '{flow}',
  noBrief: 'nothing to tell',
  faster: 'the engine turns at {rpm}',
  axes: '{unit} over the speed of the pump in rpm',
  curveReal: 'what arrives',
  curveTheory: 'without any gap',
  curveWider: 'with the new width',
  drawn: 'Flow over the speed of the pump: {flow} at {rpm}.',
  drawnTheory: 'Flow over the speed of the pump, without any gap, and its {rpm}.',
} as const;

const say = sayFrom(WORDS);

/** A step of the engine's speed. */
const FASTER_rpm = 100;

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
  page: {
    words: WORDS,
    asks: [
      { at: 'driveRpm' },
      { at: 'driver', how: 'Teeth, or the diameter of the pulley.' },
      { at: 'driven', how: 'The same of the pump.' },
      { at: 'cc_rev', how: 'From the sheet, or from its own page here.' },
      { at: 'testFlow_lpm', how: 'What a flow meter showed.' },
      { at: 'testPumpRpm' },
      { at: 'wanted_lpm', more: true },
      { at: 'width_mm', more: true },
      { at: 'newWidth_mm', more: true },
      { at: 'gearSets', more: true },
      { at: 'ratio', more: true, how: 'In place of the teeth.' },
    ],
    says: (given, answer, f) => {
      const { delivered_lpm, theoretical_lpm, efficiency, way, wider_lpm, gain_lpm } = answer;
      const rpm = f.rpm(answer.pumpRpm);
      const head = () => {
        if (way === 'test' && delivered_lpm === 0) return say('none', { rpm });
        if (way === 'test')
          return say('test', {
            flow: f.flow(delivered_lpm ?? 0),
            rpm,
            percent: f.plain(100 * (efficiency ?? 0), 0),
          });
        if (way === 'theoretical')
          return say('theory', { flow: f.flow(theoretical_lpm ?? 0), rpm });
        if (way === null) return say('speed', { rpm });
        const faster = answer.pumpRpm >= (given.testPumpRpm ?? 0);
        return say(faster ? 'above' : 'below', { flow: f.flow(delivered_lpm ?? 0), rpm });
      };
      const wanted = f.flow(given.wanted_lpm ?? 0);
      return {
        mark: way === 'test' ? (delivered_lpm === 0 ? 'bad' : 'good') : 'unknown',
        head: head(),
        rest: [
          (given.testFlow_lpm == null) === (given.testPumpRpm == null) ? '' : say('halfTest'),
          wider_lpm === null
            ? ''
            : say((gain_lpm ?? 0) < 0 ? 'narrower' : 'wider', {
                flow: f.flow(wider_lpm),
                gain: f.flow(Math.abs(gain_lpm ?? 0)),
              }),
          answer.rpmWanted === null
            ? ''
            : say(way === 'theoretical' ? 'rpmTheory' : 'rpmWanted', {
                wanted,
                rpm: f.rpm(answer.rpmWanted),
              }),
          answer.widthWanted_mm === null
            ? ''
            : say('widthWanted', { width: f.size(answer.widthWanted_mm) }),
          wider_lpm === null && answer.widthWanted_mm === null ? '' : say('wideNote'),
        ].filter(Boolean),
      };
    },
    brief: ({ delivered_lpm, theoretical_lpm }, f) => {
      const flow = delivered_lpm ?? theoretical_lpm;
      return flow === null ? say('noBrief') : say('brief', { flow: f.flow(flow) });
    },
    weigh: ({ delivered_lpm, theoretical_lpm }) => delivered_lpm ?? theoretical_lpm,
    changes: (given, _, f) => [
      {
        what: say('faster', { rpm: f.rpm(given.driveRpm + FASTER_rpm) }),
        input: { ...given, driveRpm: given.driveRpm + FASTER_rpm },
      },
    ],
    picture: ({ gearSets, cc_rev }, answer, f, pens) => {
      const { pumpRpm, slip_lpm, newCc_rev, delivered_lpm, way } = answer;
      const sets = (cc: number) => (rpm: number) => f.inFlow((gearSets * cc * rpm) / 1000);
      const arriving = (cc: number) => (rpm: number) =>
        f.inFlow(Math.max(0, (gearSets * cc * rpm) / 1000 - (slip_lpm ?? 0)));
      if (cc_rev == null || pumpRpm === 0) return null;
      const isTested = way === 'test';
      return pens.chart({
        from: 0,
        to: 1.5 * pumpRpm,
        at: pumpRpm,
        label: (rpm) => f.plain(rpm, 0),
        curves: [
          ...(isTested ? [{ name: say('curveReal'), of: arriving(cc_rev) }] : []),
          { name: say('curveTheory'), of: sets(cc_rev), dashed: isTested },
          ...(isTested && newCc_rev !== null
            ? [{ name: say('curveWider'), of: arriving(newCc_rev), dashed: true }]
            : []),
        ],
        decimals: 0,
        axes: say('axes', { unit: f.flowUnit }),
        said: isTested
          ? say('drawn', { flow: f.flow(delivered_lpm ?? 0), rpm: f.rpm(pumpRpm) })
          : say('drawnTheory', { rpm: f.rpm(pumpRpm) }),
      });
    },
    takes: {
      driveRpm: 'drive_rpm',
      ratio: 'drive_ratio',
      cc_rev: 'cc',
      gearSets: 'gear_sets',
      testFlow_lpm: 'test_flow',
      testPumpRpm: 'test_rpm',
      width_mm: 'width',
      wanted_lpm: 'wanted_flow',
    },
    formula: {
      line: 'slip = V·n_t − Q_t; Q = V·n − slip; wider: V·b′/b',
      symbols: [
        ['V', 'displacement of all gear sets'],
        ['n', 'speed of the pump; n_t that of the test'],
        ['Q_t', 'flow of the test'],
        ['b', 'width of the gears'],
      ],
      source: 'Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors',
      assumed: [
        'What slipped in the test slips at every speed and width, at the same pressure and heat.',
      ],
    },
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
