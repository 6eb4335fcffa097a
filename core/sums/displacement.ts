import { InputError } from '../errors';
import {
  externalDisplacement,
  internalDisplacement,
  roundVaneDisplacement,
} from '../hydraulics/displacement';
import { gerotorDisplacement } from '../pumps/gerotor.chamber';
import { undercutMargin_mm } from '../pumps/trochoid';
import { say, sayFrom } from '../wording/say';
import { figure, notBelow, ofItsKind, positive } from './fields';
import { sum } from './sum';

const WORDS = {
  moves: '{cc} a turn.',
  atSpeed: 'That is {flow} at 1000 rpm, before anything slips.',
  twice: 'Twice as wide it moves twice as much.',
  brief: '{cc}',
  wider: 'the gears are {by} wider',
  curve: 'flow',
  axes: '{unit} over the speed of the pump in rpm, without any gap',
  drawn: 'Flow over speed up to 3000 rpm, without any gap: {flow} at 1000 rpm.',
} as const;

const sayHere = sayFrom(WORDS);

/** A step of width, and the speed that a flow is told at. */
const [WIDER_mm, AT_rpm] = [1, 1000] as const;

const only = (...family: readonly (keyof typeof DISPLACED)[]) => ({ family });

/** Figures of the sum whichever the family is. */
interface AnyFamily {
  readonly family: string;
  readonly width_mm: number;
}

const many = (label: string) =>
  positive(label, 'count').integer('Must be a whole number').min(2, 'Two at least');

const pressureAngle = () =>
  figure('Pressure angle', '°').min(0, 'Not below zero').lessThan(90, 'Below 90°');

const WIDTH = { width_mm: positive('Width') };

/** Says what each family’s displacement is worked out from. */
const DISPLACED = {
  'external-gear': {
    teeth: many('Teeth of each gear'),
    tipDiameter_mm: positive('Gear tip diameter'),
    centreDistance_mm: positive('Centre distance'),
    pressureAngle_deg: pressureAngle(),
    ...WIDTH,
  },
  crescent: {
    pinionTeeth: many('Drive gear teeth'),
    ringTeeth: many('Driven gear teeth'),
    module_mm: positive('Module'),
    pinionTipDiameter_mm: positive('Drive gear tip diameter'),
    ringTipDiameter_mm: positive('Driven gear tip diameter'),
    pressureAngle_deg: pressureAngle(),
    ...WIDTH,
  },
  gerotor: {
    innerLobes: many('Inner rotor lobes'),
    eccentricity_mm: positive('Eccentricity'),
    arcCentreRadius_mm: positive('Tooth arc centres on radius'),
    arcRadius_mm: positive('Tooth arc radius'),
    ...WIDTH,
  },
  vane: {
    ringDiameter_mm: positive('Ring'),
    eccentricity_mm: notBelow('Eccentricity'),
    vanes: many('Vanes'),
    vaneThickness_mm: notBelow('Vane thickness'),
    ...WIDTH,
  },
} as const;

type Displaced = Readonly<
  Record<
    { [F in keyof typeof DISPLACED]: keyof (typeof DISPLACED)[F] }[keyof typeof DISPLACED],
    number
  >
>;

/** Says how each family moves its oil, and the field that is wrong where it would move none. */
const MOVES: Readonly<
  Record<keyof typeof DISPLACED, readonly [of: (g: Displaced) => number, field: keyof Displaced]>
> = {
  'external-gear': [(g) => externalDisplacement(g).cc_rev, 'tipDiameter_mm'],
  crescent: [(g) => internalDisplacement(g).cc_rev, 'ringTeeth'],
  gerotor: [
    (g) =>
      g.eccentricity_mm < g.arcCentreRadius_mm / (g.innerLobes + 1) && undercutMargin_mm(g) > 0
        ? gerotorDisplacement(g).cc_rev
        : NaN,
    'arcRadius_mm',
  ],
  vane: [
    (g) => (2 * g.eccentricity_mm < g.ringDiameter_mm ? roundVaneDisplacement(g).cc_rev : NaN),
    'eccentricity_mm',
  ],
};

/** Tells what a pump moves in a turn, from its geometry. */
export const displacementOf = sum({
  input: ofItsKind('family', DISPLACED),
  example: {
    family: 'external-gear',
    teeth: 10,
    tipDiameter_mm: 48,
    centreDistance_mm: 40,
    width_mm: 20,
    pressureAngle_deg: 20,
  },
  answer: (given) => {
    const { family, ...geometry } = given as unknown as Displaced & {
      readonly family: keyof typeof DISPLACED;
    };
    const [of, field] = MOVES[family];
    const cc_rev = of(geometry);
    // A ring on centre moves nothing, and is a pump all the same.
    if (!(cc_rev > 0) && !(cc_rev === 0 && geometry.eccentricity_mm === 0))
      throw new InputError(field, 'not-a-pump', say('flow.movesNothing'));
    return { cc_rev };
  },
  page: {
    words: WORDS,
    asks: [
      {
        at: 'family',
        label: 'Kind of pump',
        usual: 'external-gear',
        names: {
          'external-gear': 'Two equal gears',
          crescent: 'Gear in a ring',
          gerotor: 'Gerotor',
          vane: 'Vanes in a round ring',
        },
      },
      { at: 'teeth', only: only('external-gear') },
      { at: 'tipDiameter_mm', only: only('external-gear'), how: 'Mic over the tips.' },
      {
        at: 'centreDistance_mm',
        only: only('external-gear'),
        how: 'Over both shafts, less half of each.',
      },
      { at: 'pinionTeeth', only: only('crescent') },
      { at: 'ringTeeth', only: only('crescent') },
      {
        at: 'module_mm',
        only: only('crescent'),
        how: 'Tip diameter of the drive gear over its teeth and two, as a rule.',
      },
      { at: 'pinionTipDiameter_mm', only: only('crescent') },
      { at: 'ringTipDiameter_mm', only: only('crescent') },
      { at: 'innerLobes', only: only('gerotor') },
      { at: 'eccentricity_mm', only: only('gerotor', 'vane') },
      { at: 'arcCentreRadius_mm', only: only('gerotor') },
      { at: 'arcRadius_mm', only: only('gerotor') },
      { at: 'ringDiameter_mm', only: only('vane') },
      { at: 'vanes', only: only('vane') },
      { at: 'vaneThickness_mm', only: only('vane') },
      { at: 'width_mm' },
      { at: 'pressureAngle_deg', only: only('external-gear', 'crescent'), usual: 20, more: true },
    ],
    says: (_, { cc_rev }, f) => ({
      mark: 'good',
      head: sayHere('moves', { cc: f.cc(cc_rev) }),
      rest: [sayHere('atSpeed', { flow: f.flow((cc_rev * AT_rpm) / 1000) }), sayHere('twice')],
    }),
    brief: ({ cc_rev }, f) => sayHere('brief', { cc: f.cc(cc_rev) }),
    weigh: ({ cc_rev }) => cc_rev,
    changes: (given, _, f) => {
      const { width_mm } = given as unknown as AnyFamily;
      return [
        {
          what: sayHere('wider', { by: f.size(WIDER_mm) }),
          input: { ...given, width_mm: width_mm + WIDER_mm } as typeof given,
        },
      ];
    },
    picture: (_, { cc_rev }, f, pens) =>
      pens.chart({
        from: 0,
        to: 3 * AT_rpm,
        at: AT_rpm,
        label: (rpm) => f.plain(rpm, 0),
        curves: [{ name: sayHere('curve'), of: (rpm) => f.inFlow((cc_rev * rpm) / 1000) }],
        decimals: 0,
        axes: sayHere('axes', { unit: f.flowUnit }),
        said: sayHere('drawn', { flow: f.flow((cc_rev * AT_rpm) / 1000) }),
      }),
    formula: {
      line: 'V = 2πb·(r_a² − r_p² − t₀²/12); ring: πb·[(r_a1² − r_1²) + (r_1/r_2)(r_2² − r_a2²) − (1 − z_1/z_2)·t₀²/12]; gerotor: N·b·(A_max − A_min); vanes: 2be·(πD − z·t)',
      symbols: [
        ['b', 'width'],
        ['r_a, r_p', 'tip and pitch radius'],
        ['t₀', 'π·m·cos α'],
        ['N, A', 'lobes of the inner rotor, and areas of a chamber'],
        ['D, e, z, t', 'ring, eccentricity, vanes and their thickness'],
      ],
      source: 'Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors; Litvin, Gear Geometry',
      assumed: [],
    },
    beside: ['flow.drive', 'inlet.maxSpeed'],
  },
  gives: { cc_rev: ['Displacement', 'cm³'] },
});
