import { object, string } from 'yup';
import { exact, notOver } from '../schema/fields';
import { sayFrom } from '../wording/say';
import { REVERSED_FAMILIES, reverse, type Reversed, type Turning } from '../workshop/reversing';
import { choice, isYes, perhaps, perhapsOneOf, yesOrNo } from './fields';
import { inletFields } from './inletFields';
import type { Parts } from './picture';
import { STEP_WORDS, STOP_WORDS } from '../wording/reversing';
import { pairParts, portsOf, rotorParts, type PortSize } from './rotation.picture';
import { sum } from './sum';
import { capitalTurning, TURNINGS, turningWord } from './turning';

const WORDS = {
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
  stepOut: 'Left out: {consequence}',
  write:
    'Write old and new down first. A pump that the maker’s manual does not let you reverse stays as it is.',
  nowIs: 'now {turning}',
  thenIs: 'then {turning}',
  drawnReverse:
    'The pump from its shaft end as it turns now, {from}, and then, {to}, with the way of the oil.',
} as const;

const say = sayFrom(WORDS);

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
    return { ...found, steps: steps.map((id) => ({ id, leftOut: STEP_WORDS[id].leftOut })) };
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
      const Turning = capitalTurning(to);
      const [stop, question] = [stops[0], ask[0]];
      const heads = {
        yes: () => say('yes', { Turning, count: steps.length }),
        slower: () =>
          topRpm === null
            ? say('slowerUnknown', { Turning })
            : say('slower', { Turning, rpm: f.rpm(topRpm) }),
        no: () => say('no', { first: stop ? STOP_WORDS[stop] : '' }),
        ask: () => say('ask', { first: question ? say(question) : '' }),
      };
      const mark = { yes: 'good', slower: 'bad', no: 'bad', ask: 'unknown' } as const;
      return {
        mark: mark[possible],
        head: heads[possible](),
        rest: [...ask.slice(1).map((field) => say(field)), say('write')],
      };
    },
    brief: ({ possible, to, topRpm, stops, ask }, f) => {
      if (possible === 'no') return stops[0] ? STOP_WORDS[stops[0]] : '';
      if (possible === 'ask') return ask[0] ? say(ask[0]) : '';
      return topRpm === null ? turningWord(to) : f.rpm(topRpm);
    },
    weigh: ({ topRpm }) => topRpm,
    rowsName: 'What is done, in this order',
    rows: (_, { steps }) =>
      steps.map(({ id, leftOut }) => [
        STEP_WORDS[id].does,
        say('stepOut', { consequence: leftOut }),
      ]),
    picture: ({ family, rotation }, { possible, to, newInlet }, _, pens) => {
      if (possible === 'no' || possible === 'ask') return null;
      const small = newInlet === 'small';
      const equal = newInlet === 'equal';
      const [now, then] = [90, 270] as const;
      const lies = (x: number, way: Turning, inlet: PortSize): Parts =>
        family === 'external-gear'
          ? pairParts({ x, shaftGear: 'top', rotation: way, ports: portsOf(way, inlet) }, pens)
          : rotorParts(x, way, pens);
      return {
        height: 186,
        said: say('drawnReverse', { from: turningWord(rotation), to: turningWord(to) }),
        parts: [
          ...lies(now, rotation, equal ? 'equal' : 'large'),
          ...lies(then, to, equal ? 'equal' : small ? 'small' : 'large'),
          pens.words(say('nowIs', { turning: turningWord(rotation) }), now, 182, 'middle'),
          pens.words(say('thenIs', { turning: turningWord(to) }), then, 182, 'middle'),
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
