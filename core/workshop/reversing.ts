import { inletMaxSpeed, type Inlet } from '../hydraulics/inlet';

/** The directions in which a shaft turns, seen from its end. */
export type Turning = 'clockwise' | 'anticlockwise';

/** Says where the oil behind the shaft seal goes: two holes one of which is plugged, one hole, a shuttle, to the case, nowhere. */
export type DrainKind = 'two-holes' | 'one-hole' | 'shuttle' | 'case' | 'none';

/** A pump that is to turn the other way; lengths in mm, null for what nobody knows. */
export interface Reversed {
  readonly family: string;
  readonly drivenBy: 'hub' | 'engine' | 'other';
  readonly rotation: Turning;
  readonly largePort_mm: number | null;
  readonly smallPort_mm: number | null;
  /** The body can be turned end for end. */
  readonly bodyTurns: boolean | null;
  readonly drain: DrainKind | null;
  /** The open drain comes along to the new inlet side as the body is turned. */
  readonly drainTurnsWithBody: boolean;
  /** Bearing blocks, or plates with a trap groove on one side, or the same on both. */
  readonly ends: 'blocks' | 'grooved' | 'symmetrical' | null;
  readonly relief: 'none' | 'turns' | 'fixed' | null;
  readonly sealLip: 'plain' | 'one-way' | null;
  readonly helical: boolean | null;
  readonly slots: 'radial' | 'sloped' | null;
  /** The vanes were looked at. */
  readonly vanesKnown: boolean;
  /** The ring of a gerotor sits in an eccentric ring that can be turned. */
  readonly eccentricRing: boolean | null;
  /** Is false where the maker's sheet forbids it. */
  readonly sheetAllows: boolean | null;
  readonly maxRpm: number | null;
  /** The way of the oil to the gears, by which the new top speed is worked out. */
  readonly inlet: Omit<Inlet, 'portDiameter_mm'> | null;
}

/** Says what a pump cannot be reversed for. */
export type ReverseStop =
  | 'sheet'
  | 'hub'
  | 'engine'
  | 'crescent'
  | 'variable-vane'
  | 'helical'
  | 'relief'
  | 'gerotor-pocket';

/** Says what has to be known before it is said how. */
export type ReverseAsk =
  | 'helical'
  | 'relief'
  | 'bodyTurns'
  | 'drain'
  | 'ends'
  | 'sealLip'
  | 'slots'
  | 'vanes'
  | 'eccentricRing';

/** The works of reversing, in the order of doing. */
export const REVERSE_STEPS = [
  'turn-body',
  'measure-old-inlet-wall',
  'move-plug',
  'drill-and-plug',
  'free-shuttle',
  'turn-blocks',
  'turn-relief',
  'new-seal',
  'prove-drain',
  'flip-ring',
  'half-turn-ring',
  'turn-rotor',
  'spin',
  'swap-lines',
  'swap-air-lines',
  'restamp',
  'stamp-top-speed',
] as const;
export type ReverseStep = (typeof REVERSE_STEPS)[number];

/** Tells whether and how a pump is made to turn the other way. */
export interface Reversing {
  readonly possible: 'yes' | 'slower' | 'no' | 'ask';
  readonly to: Turning;
  readonly stops: readonly ReverseStop[];
  readonly ask: readonly ReverseAsk[];
  /** Tells whether inlet and outlet change places. */
  readonly ports: 'swap' | 'stay';
  /** Says which port is the inlet then; null while nobody knows. */
  readonly newInlet: 'large' | 'small' | 'equal' | 'same' | null;
  readonly steps: readonly ReverseStep[];
  readonly topRpm: number | null;
  readonly speedFactor: number | null;
}

/** Says how a kind of pump is reversed: what has to be known, what stops it, whether ports swap, what is done. */
interface Construction {
  readonly asks: readonly ReverseAsk[];
  readonly stops: (pump: Reversed) => readonly ReverseStop[];
  readonly swaps: boolean;
  readonly works: (pump: Reversed) => readonly (ReverseStep | false)[];
}

const NO_STOP = () => [];

const DRAIN_STEP: Readonly<Record<DrainKind, ReverseStep | false>> = {
  'two-holes': 'move-plug',
  'one-hole': 'drill-and-plug',
  shuttle: 'free-shuttle',
  case: false,
  none: false,
};

/** A drain that turned along is on the new inlet side already. */
const drainStep = ({ drain, bodyTurns, drainTurnsWithBody }: Reversed): ReverseStep | false =>
  drain !== null && !(bodyTurns === true && drainTurnsWithBody) && DRAIN_STEP[drain];

/** Says of each construction how it is reversed. What is not listed never is. */
const CONSTRUCTION: Readonly<Record<string, Construction>> = {
  'external-gear': {
    asks: ['helical', 'relief', 'bodyTurns', 'drain', 'ends', 'sealLip'],
    stops: ({ helical, relief }) => [
      ...(helical === true ? (['helical'] as const) : []),
      ...(relief === 'fixed' ? (['relief'] as const) : []),
    ],
    swaps: true,
    works: (pump) => [
      pump.bodyTurns === true ? 'turn-body' : 'measure-old-inlet-wall',
      drainStep(pump),
      pump.ends !== 'symmetrical' && 'turn-blocks',
      pump.relief === 'turns' && 'turn-relief',
      pump.drain !== 'none' && 'prove-drain',
      'swap-lines',
    ],
  },
  gerotor: {
    asks: ['eccentricRing'],
    stops: ({ eccentricRing }) => (eccentricRing === false ? ['gerotor-pocket'] : []),
    swaps: false,
    works: () => ['half-turn-ring'],
  },
  'fixed-vane': {
    asks: ['slots', 'vanes'],
    stops: NO_STOP,
    swaps: false,
    works: ({ slots }) => ['flip-ring', slots === 'sloped' && 'turn-rotor'],
  },
  'vacuum-vane': {
    asks: ['slots'],
    stops: NO_STOP,
    swaps: true,
    works: ({ slots }) => [slots === 'sloped' && 'turn-rotor', 'swap-air-lines'],
  },
  crescent: { asks: [], stops: () => ['crescent'], swaps: true, works: () => [] },
  'variable-vane': { asks: [], stops: () => ['variable-vane'], swaps: true, works: () => [] },
};

/** Families that can be looked up. */
export const REVERSED_FAMILIES: readonly string[] = Object.keys(CONSTRUCTION);

/** Tells whether something that has to be known is not. */
const isUnknown = (pump: Reversed, field: ReverseAsk): boolean =>
  field === 'vanes' ? !pump.vanesKnown : pump[field] === null;

const ALWAYS: readonly ReverseStep[] = ['spin', 'restamp'];

/**
 * Returns whether a pump can be made to turn the other way, and the works in their order. Gear and vacuum pumps swap
 * their ports, a vane cartridge and an eccentric ring leave them where they are. Pumps in a transmission or an engine,
 * helical gears and fixed reliefs turn one way only. Nothing is said of how while something has to be known.
 *
 * Where the small port becomes the inlet the top speed falls: by what the inlet carries where its way is known, else by
 * the square of the ports' diameters, so that the oil is no faster there than it was: assumption.
 *
 * @param pump lengths in mm, speed in 1/min
 * @example
 * const gears = { family: 'external-gear', drivenBy: 'other', rotation: 'clockwise', largePort_mm: 27, smallPort_mm: 21 };
 * const body = { bodyTurns: false, drain: 'two-holes', drainTurnsWithBody: false, ends: 'symmetrical', relief: 'none' };
 * const known = { sealLip: 'plain', helical: false, slots: null, vanesKnown: false, eccentricRing: null, sheetAllows: null };
 * const pump = { ...gears, ...body, ...known, maxRpm: 2600, inlet: null };
 * reverse(pump); // { possible: 'slower', to: 'anticlockwise', newInlet: 'small', topRpm: 1572.839506 }
 * reverse({ ...pump, bodyTurns: true }).steps; // ['turn-body', 'move-plug', 'prove-drain', 'spin', 'swap-lines', 'restamp']
 * reverse({ ...pump, helical: true }); // { possible: 'no', stops: ['helical'] }
 */
export function reverse(pump: Reversed): Reversing {
  const how = CONSTRUCTION[pump.family] as Construction;
  const stops: ReverseStop[] = [
    ...(pump.sheetAllows === false ? (['sheet'] as const) : []),
    ...(pump.drivenBy === 'other' ? [] : [pump.drivenBy]),
    ...how.stops(pump),
  ];
  const ask = stops.length > 0 ? [] : how.asks.filter((field) => isUnknown(pump, field));
  const newInlet = stops.length > 0 ? null : how.swaps ? inletAfter(pump) : 'same';
  const { topRpm, speedFactor } = speedOf(newInlet, pump);
  const slower = newInlet === 'small' && (speedFactor === null || speedFactor < 1);
  const settled = stops.length === 0 && ask.length === 0;
  const done = new Set<ReverseStep | false>([
    ...how.works(pump),
    ...ALWAYS,
    pump.sealLip === 'one-way' && 'new-seal',
    slower && 'stamp-top-speed',
  ]);
  return {
    possible: stops.length > 0 ? 'no' : ask.length > 0 ? 'ask' : slower ? 'slower' : 'yes',
    to: pump.rotation === 'clockwise' ? 'anticlockwise' : 'clockwise',
    stops,
    ask,
    ports: how.swaps ? 'swap' : 'stay',
    newInlet,
    steps: settled ? REVERSE_STEPS.filter((step) => done.has(step)) : [],
    topRpm,
    speedFactor,
  };
}

/** Returns which port is the inlet once ports have swapped: the large one comes along with a body that is turned. */
function inletAfter({ largePort_mm, smallPort_mm, bodyTurns, family }: Reversed) {
  if (largePort_mm !== null && largePort_mm === smallPort_mm) return 'equal';
  // Of air neither bore slows a pump.
  if (family === 'vacuum-vane') return 'equal';
  if (bodyTurns === null) return null;
  return bodyTurns ? 'large' : 'small';
}

/** Returns the top speed with an inlet, and its share of the old one; null where nothing tells it. */
function speedOf(
  newInlet: Reversing['newInlet'],
  { largePort_mm, smallPort_mm, maxRpm, inlet }: Reversed,
): Pick<Reversing, 'topRpm' | 'speedFactor'> {
  if (newInlet === null) return { topRpm: null, speedFactor: null };
  if (newInlet !== 'small') return { topRpm: maxRpm, speedFactor: 1 };
  if (inlet !== null && smallPort_mm !== null) {
    const byInlet = inletMaxSpeed({ ...inlet, portDiameter_mm: smallPort_mm }).rpm;
    const topRpm = Math.min(byInlet, maxRpm ?? Infinity);
    return { topRpm, speedFactor: maxRpm === null ? null : topRpm / maxRpm };
  }
  if (largePort_mm === null || smallPort_mm === null) return { topRpm: null, speedFactor: null };
  const speedFactor = (smallPort_mm / largePort_mm) ** 2;
  return { topRpm: maxRpm === null ? null : maxRpm * speedFactor, speedFactor };
}
