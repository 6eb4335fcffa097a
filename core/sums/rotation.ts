import { object, string } from 'yup';
import { REVERSED_FAMILIES, reverse, type Reversed, type ReverseStep } from '../workshop/reversing';
import { exact, notOver } from '../schema/fields';
import { choice, isYes, perhaps, perhapsOneOf, yesOrNo } from './fields';
import { inletFields } from './inlet';
import { sum } from './sum';

const TURNINGS = ['clockwise', 'anticlockwise'] as const;

/** Tells which way a gear pump turns, from how it lies. */
export const rotationName = sum({
  input: object({
    shaftGear: choice('The gear with the shaft is', ['top', 'bottom']),
    inlet: choice('The inlet is', ['left', 'right']),
  }),
  example: { shaftGear: 'top', inlet: 'left' },
  // Oil goes round the outside of the gears: the upper one carries it over the top, away from the inlet.
  answer: ({ shaftGear, inlet }) => ({
    rotation: (shaftGear === 'top') === (inlet === 'left') ? TURNINGS[0] : TURNINGS[1],
  }),
  gives: { rotation: ['Rotation, seen from the shaft end'] },
});

/** Says what each work of reversing does when it is left out. */
export const LEFT_OUT: Readonly<Record<ReverseStep, string>> = {
  'turn-body': 'The small port becomes the inlet: the pump starves at its old speed.',
  'measure-old-inlet-wall':
    'The cut-in of the old inlet is on the pressure side now: tips leak past it.',
  'move-plug': 'The seal blows on the first start: its drain is open to the pressure side.',
  'drill-and-plug': 'The seal blows on the first start: its drain is open to the pressure side.',
  'free-shuttle': 'A stuck shuttle leaves the drain open to the pressure side: the seal blows.',
  'turn-blocks': 'No pressure, a howl, and a seized face: the trap groove feeds the wrong side.',
  'turn-relief': 'The relief bypasses all, or never opens and something bursts.',
  'new-seal': 'A lip that pumps one way carries oil out of the pump.',
  'prove-drain': 'Nobody knows where the drain goes: the seal blows on the first start.',
  'flip-ring': 'The cartridge moves nothing: its cam carries oil the old way.',
  'half-turn-ring': 'The pump moves oil the old way: out of the inlet.',
  'turn-rotor': 'Vanes in slots that slope the wrong way jam and break.',
  spin: 'What binds is found by the drive, not by the hand.',
  'swap-lines': 'Pressure goes into the suction hose, and its check valve shuts the flow.',
  'swap-air-lines': 'The pump draws where it should push: oil and dirt go to the instruments.',
  restamp: 'The next one fits it by its old label, and it runs dry.',
  'stamp-top-speed': 'The drive runs it at its old speed: it howls, pits and seizes.',
};

/** What a pump is reversed by, as it is asked for. */
const reverseFields = {
  family: choice('Kind of pump', REVERSED_FAMILIES),
  drivenBy: choice('Driven by', ['hub', 'engine', 'other'], 'other'),
  rotation: choice('It turns now', TURNINGS),
  largePort_mm: perhaps('Large port').moreThan(0).max(1000),
  smallPort_mm: perhaps('Small port')
    .moreThan(0)
    .max(1000)
    .test(notOver('largePort_mm', () => 'The small port is wider than the large one')),
  bodyTurns: yesOrNo('The body can be turned end for end'),
  drain: perhapsOneOf('Drain of the seal', ['two-holes', 'one-hole', 'shuttle', 'case', 'none']),
  drainTurnsWithBody: yesOrNo('The open drain turns along with the body'),
  ends: perhapsOneOf('Ends', ['blocks', 'grooved', 'symmetrical']),
  relief: perhapsOneOf('Built-in relief', ['none', 'turns', 'fixed']),
  sealLip: perhapsOneOf('Lip of the seal', ['plain', 'one-way']),
  helical: yesOrNo('Helical gears'),
  slots: perhapsOneOf('Vane slots', ['radial', 'sloped']),
  vanes: string().nullable().meta({ label: 'Edge of the vanes' }),
  eccentricRing: yesOrNo('The ring can be turned half round'),
  sheetAllows: yesOrNo('The maker’s sheet allows it'),
  maxRpm: perhaps('Highest speed as it was', '1/min').moreThan(0),
};

/** Tells whether a pump can be made to turn the other way, and how. */
export const rotationReverse = sum({
  input: object({
    ...reverseFields,
    inlet: exact({
      ...inletFields,
      portDiameter_mm: perhaps('Inlet port').moreThan(0),
    })
      .nullable()
      .default(undefined)
      .notRequired(),
  }),
  example: {
    family: 'external-gear',
    rotation: 'anticlockwise',
    largePort_mm: 27,
    smallPort_mm: 21,
    bodyTurns: true,
    drain: 'two-holes',
    ends: 'symmetrical',
    relief: 'none',
    sealLip: 'plain',
    helical: false,
    maxRpm: 2600,
  },
  answer: ({ family, drivenBy, rotation, inlet, vanes, ...given }) => {
    const pump: Reversed = {
      family,
      drivenBy,
      rotation,
      largePort_mm: given.largePort_mm ?? null,
      smallPort_mm: given.smallPort_mm ?? null,
      bodyTurns: isYes(given.bodyTurns),
      drain: given.drain ?? null,
      drainTurnsWithBody: isYes(given.drainTurnsWithBody) ?? false,
      ends: given.ends ?? null,
      relief: given.relief ?? null,
      sealLip: given.sealLip ?? null,
      helical: isYes(given.helical),
      slots: given.slots ?? null,
      vanesKnown: vanes != null,
      eccentricRing: isYes(given.eccentricRing),
      sheetAllows: isYes(given.sheetAllows),
      maxRpm: given.maxRpm ?? null,
      inlet: inlet ? { ...inlet, velocityLimit_ms: inlet.velocityLimit_ms ?? null } : null,
    };
    const { steps, ...found } = reverse(pump);
    return { ...found, steps: steps.map((id) => ({ id, leftOut: LEFT_OUT[id] })) };
  },
  gives: {
    possible: ['Whether it can be'],
    to: ['It turns then'],
    stops: ['What forbids it'],
    ask: ['What has to be known first'],
    ports: ['Ports'],
    newInlet: ['New inlet'],
    steps: ['Works'],
    topRpm: ['New highest speed', '1/min'],
    speedFactor: ['Of the old speed', 'count'],
  },
});
