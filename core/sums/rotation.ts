import { object, string } from 'yup';
import {
  REVERSED_FAMILIES,
  reverse,
  type Reversed,
  type ReverseStep,
  type ReverseStop,
} from '../workshop/reversing';
import { exact, notOver } from '../schema/fields';
import { choice, isYes, perhaps, perhapsOneOf, yesOrNo } from './fields';
import { inletFields } from './inletFields';
import { sayFrom } from '../wording/say';
import { capital } from '../quantity/letters';
import { inletSide, pairParts, rotorParts } from './rotation.picture';
import { sum } from './sum';

const TURNINGS = ['clockwise', 'anticlockwise'] as const;

const WORDS = {
  name: '{Turning}, seen from the shaft end.',
  other: 'Seen from the cover: {turning}.',
  round:
    'Oil goes round the outside of the gears. The inlet is the larger port; of equal ones the side of the open drain.',
  brief: '{turning}',
  clockwise: 'clockwise',
  anticlockwise: 'anticlockwise',
  yes: '{Turning} in {count} steps, at the same speed.',
  slower: '{Turning}, but only to {rpm}: the small port is the inlet.',
  slowerUnknown:
    '{Turning}, but slower: the small port is the inlet. Enter both ports and the old speed.',
  ask: 'Not to be told yet. {first}',
  no: 'Not this one. {first}',
  helical: 'Are the gears helical?',
  relief: 'Is there a relief valve in it, and does it turn along?',
  bodyTurns: 'Can the body be turned end for end?',
  drain: 'Where does a wire in the drain come out?',
  ends: 'Are there bearing blocks, or plates with a groove on one side?',
  sealLip: 'Has the lip of the seal ribs for one way?',
  slots: 'Do the vane slots slope?',
  vanes: 'Which edge do the vanes have?',
  eccentricRing: 'Does the ring sit in an eccentric ring that can be turned?',
  stopSheet: 'Its sheet forbids it.',
  stopHub: 'A converter hub turns one way only.',
  stopEngine: 'An engine turns one way only.',
  stopCrescent: 'A crescent pump is made for one way.',
  stopVariable: 'A variable vane pump is made for one way.',
  stopHelical: 'Helical gears would push into the other face.',
  stopRelief: 'Its relief valve cannot be turned.',
  stopPocket: 'The pocket of its ring is fixed.',
  stepOut: 'Left out: {consequence}',
  turnBody: 'Turn the body end for end, bushings swapped: the large port is the new inlet.',
  measureWall: 'Measure the wall at the old inlet: it is on the pressure side now.',
  movePlug: 'Move the drain’s plug to the other hole.',
  drillPlug: 'Drill the drain on the new inlet side, plug and seal the old one.',
  freeShuttle: 'See that the shuttle in the drain slides freely.',
  turnBlocks: 'Turn blocks or plates: trap grooves and load seals to the new outlet.',
  turnRelief: 'Turn the relief valve: its inlet and outlet ends follow.',
  newSeal: 'Fit a seal whose lip is for the other way.',
  proveDrain: 'Push a wire through the drain: it comes out on the new inlet side, or in the case.',
  flipRing: 'Flip the cam ring. Ports and drain stay.',
  halfTurn: 'Turn the eccentric ring half round. Ports and drain stay.',
  turnRotor: 'Turn the rotor over: its slots slope the other way.',
  spin: 'Turn it by hand a whole turn.',
  swapLines: 'Swap the hoses and their check valves.',
  swapAir: 'Swap the air lines.',
  restamp: 'Stamp the new rotation on the tag.',
  stampSpeed: 'Stamp the new top speed on it.',
  write:
    'Write old and new down first. A pump that the maker’s manual does not let you reverse stays as it is.',
  in_: 'in',
  out_: 'out',
  shaftHere: 'the shaft end towards you',
  nowIs: 'now {turning}',
  thenIs: 'then {turning}',
  drawnName:
    'Two gears from the shaft end: the one with the shaft turns {turning}, and the oil goes round the outside from the inlet to the outlet.',
  drawnReverse:
    'The pump from its shaft end as it turns now, {from}, and then, {to}, with the way of the oil.',
} as const;

const say = sayFrom(WORDS);

type Turning = (typeof TURNINGS)[number];

const turned = (turning: Turning): Turning =>
  turning === 'clockwise' ? 'anticlockwise' : 'clockwise';

const capitalOf = (turning: Turning): string => capital(say(turning));

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
  page: {
    words: WORDS,
    asks: [
      {
        at: 'shaftGear',
        usual: 'top',
        how: 'The shaft end towards you, the ports left and right.',
        names: { top: 'Uppermost', bottom: 'Below' },
      },
      {
        at: 'inlet',
        usual: 'left',
        how: 'The larger port; of equal ones the side of the open drain.',
        names: { left: 'Left', right: 'Right' },
      },
    ],
    says: (_, { rotation }) => ({
      mark: 'good',
      head: say('name', { Turning: capitalOf(rotation) }),
      rest: [say('other', { turning: say(turned(rotation)) }), say('round')],
    }),
    brief: ({ rotation }) => say('brief', { turning: say(rotation) }),
    weigh: () => null,
    picture: ({ shaftGear, inlet }, { rotation }, _, pens) => ({
      height: 188,
      said: say('drawnName', { turning: say(rotation) }),
      parts: [
        ...pairParts(
          { x: 180, shaftGear, rotation, ports: inlet === 'left' ? [30, 22] : [22, 30] },
          pens,
        ),
        pens.words(say(inlet === 'left' ? 'in_' : 'out_'), 60, 90, 'middle'),
        pens.words(say(inlet === 'left' ? 'out_' : 'in_'), 300, 90, 'middle'),
        pens.words(say('shaftHere'), 180, 182, 'middle', 'muted'),
      ],
    }),
    turned: ({ rotation }) => rotation,
    formula: {
      line: 'uppermost and left: clockwise; one of the two otherwise: the other way',
      symbols: [],
      source:
        'plain geometry: each gear carries oil round the outside, from the inlet to the outlet',
      assumed: [],
    },
    beside: ['rotation.reverse', 'ports.clock'],
  },
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

/** Says what a pump is reversed by, as it is asked for. */
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

const STOP_WORDS = {
  sheet: 'stopSheet',
  hub: 'stopHub',
  engine: 'stopEngine',
  crescent: 'stopCrescent',
  'variable-vane': 'stopVariable',
  helical: 'stopHelical',
  relief: 'stopRelief',
  'gerotor-pocket': 'stopPocket',
} as const satisfies Readonly<Record<ReverseStop, keyof typeof WORDS>>;

const STEP_WORDS = {
  'turn-body': 'turnBody',
  'measure-old-inlet-wall': 'measureWall',
  'move-plug': 'movePlug',
  'drill-and-plug': 'drillPlug',
  'free-shuttle': 'freeShuttle',
  'turn-blocks': 'turnBlocks',
  'turn-relief': 'turnRelief',
  'new-seal': 'newSeal',
  'prove-drain': 'proveDrain',
  'flip-ring': 'flipRing',
  'half-turn-ring': 'halfTurn',
  'turn-rotor': 'turnRotor',
  spin: 'spin',
  'swap-lines': 'swapLines',
  'swap-air-lines': 'swapAir',
  restamp: 'restamp',
  'stamp-top-speed': 'stampSpeed',
} as const satisfies Readonly<Record<ReverseStep, keyof typeof WORDS>>;

const FAMILY_NAMES = {
  'external-gear': 'Gear',
  gerotor: 'Gerotor',
  'fixed-vane': 'Vane cartridge',
  'vacuum-vane': 'Vacuum vane',
  crescent: 'Crescent',
  'variable-vane': 'Variable vane',
};

const GEARS = { family: ['external-gear'] };
const VANES = { family: ['fixed-vane', 'vacuum-vane'] };
const YES_NO = { yes: 'Yes', no: 'No' };

/** Returns the widths of the ports left and right of one whose inlet and outlet are so wide. */
const portsOf = (
  rotation: Turning,
  [inlet, outlet]: readonly [number, number],
): readonly [number, number] =>
  inletSide({ shaftGear: 'top', rotation }) === 'left' ? [inlet, outlet] : [outlet, inlet];

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
  page: {
    words: WORDS,
    asks: [
      { at: 'family', usual: 'external-gear', names: FAMILY_NAMES },
      {
        at: 'rotation',
        usual: 'clockwise',
        names: { clockwise: 'Clockwise', anticlockwise: 'Anticlockwise' },
        how: 'Seen from the shaft end.',
      },
      { at: 'bodyTurns', only: GEARS, names: YES_NO },
      {
        at: 'drain',
        only: GEARS,
        how: 'Push a wire through it.',
        names: {
          'two-holes': 'Two holes, one plugged',
          'one-hole': 'One hole',
          shuttle: 'Shuttle',
          case: 'To the case',
          none: 'None',
        },
      },
      {
        at: 'ends',
        only: GEARS,
        names: { blocks: 'Blocks', grooved: 'Grooved on one side', symmetrical: 'Same on both' },
      },
      {
        at: 'relief',
        only: GEARS,
        names: { none: 'None', turns: 'Can be turned', fixed: 'Fixed' },
      },
      { at: 'sealLip', only: GEARS, names: { plain: 'Plain', 'one-way': 'Ribs for one way' } },
      { at: 'helical', only: GEARS, names: YES_NO },
      { at: 'slots', only: VANES, names: { radial: 'Radial', sloped: 'Sloped' } },
      {
        at: 'vanes',
        only: { family: ['fixed-vane'] },
        names: { rounded: 'Rounded', bevelled: 'Bevelled', insert: 'With an insert' },
      },
      { at: 'eccentricRing', only: { family: ['gerotor'] }, names: YES_NO },
      { at: 'largePort_mm', only: GEARS, how: 'The shank of a drill that just goes in.' },
      { at: 'smallPort_mm', only: GEARS },
      { at: 'maxRpm', only: GEARS },
      { at: 'drainTurnsWithBody', only: GEARS, more: true, names: YES_NO },
      {
        at: 'drivenBy',
        more: true,
        names: { hub: 'Converter hub', engine: 'Engine', other: 'Something else' },
      },
      { at: 'sheetAllows', more: true, names: YES_NO },
    ],
    says: (_, { possible, to, steps, stops, ask, topRpm }, f) => {
      const Turning = capitalOf(to);
      const [stop, question] = [stops[0], ask[0]];
      const heads = {
        yes: () => say('yes', { Turning, count: steps.length }),
        slower: () =>
          topRpm === null
            ? say('slowerUnknown', { Turning })
            : say('slower', { Turning, rpm: f.rpm(topRpm) }),
        no: () => say('no', { first: stop ? say(STOP_WORDS[stop]) : '' }),
        ask: () => say('ask', { first: question ? say(question) : '' }),
      };
      const mark = { yes: 'good', slower: 'bad', no: 'bad', ask: 'unknown' } as const;
      return {
        mark: mark[possible],
        head: heads[possible](),
        rest: [...ask.slice(1).map((field) => say(field)), say('write')],
      };
    },
    brief: ({ possible, to, topRpm, stops }, f) =>
      possible === 'no' || possible === 'ask'
        ? say(stops[0] ? STOP_WORDS[stops[0]] : 'drain')
        : topRpm === null
          ? say('brief', { turning: say(to) })
          : f.rpm(topRpm),
    weigh: ({ topRpm }) => topRpm,
    rowsName: 'What is done, in this order',
    rows: (_, { steps }) =>
      steps.map(({ id, leftOut }) => [
        say(STEP_WORDS[id]),
        say('stepOut', { consequence: leftOut }),
      ]),
    picture: ({ family, rotation }, { possible, to, newInlet }, _, pens) => {
      if (possible === 'no' || possible === 'ask') return null;
      const isGear = family === 'external-gear';
      const small = newInlet === 'small';
      const after: readonly [number, number] = small ? [22, 30] : [30, 22];
      const [now, then] = [rotation, to].map((way, i) =>
        isGear
          ? pairParts(
              {
                x: i === 0 ? 90 : 270,
                shaftGear: 'top',
                rotation: way,
                ports: portsOf(way, i === 0 ? [30, 22] : after),
              },
              pens,
            )
          : rotorParts(i === 0 ? 90 : 270, way, pens),
      );
      return {
        height: 186,
        said: say('drawnReverse', { from: say(rotation), to: say(to) }),
        parts: [
          ...(now ?? []),
          ...(then ?? []),
          pens.words(say('nowIs', { turning: say(rotation) }), 90, 182, 'middle'),
          pens.words(say('thenIs', { turning: say(to) }), 270, 182, 'middle'),
        ],
      };
    },
    takes: {
      family: 'family',
      drivenBy: 'driven_by',
      rotation: 'rotation',
      bodyTurns: 'body_turns',
      drain: 'drain',
      ends: 'ends',
      eccentricRing: 'ring_turns',
      sheetAllows: 'sheet_allows',
    },
    turns: ({ possible, to }) => (possible === 'yes' || possible === 'slower' ? to : null),
    formula: {
      line: 'new top speed = old·(small/large)², where the small port becomes the inlet',
      symbols: [['small, large', 'diameters of the ports']],
      source: 'by construction',
      assumed: ['The oil may be no faster in the small port than it was in the large one.'],
    },
    beside: ['rotation.name', 'inlet.maxSpeed'],
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
