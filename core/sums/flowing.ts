import { array, boolean, mixed, object, string } from 'yup';
import { deliveredBy } from '../flow/model';
import { pumpFlow, type PumpState } from '../flow/pumpFlow';
import { filmLeak_lpm, type Leak } from '../hydraulics/film';
import { fluidFields } from './fluid';
import type { SealForm } from '../hydraulics/seal';
import { familyOf, FAMILY_IDS } from '../pumps/registry';
import { exact } from '../schema/fields';
import { figure, figures, notBelow, ofItsKind, perhaps, positive } from './fields';
import { sum } from './sum';

const PRESSURE = { dp_bar: figure('Pressure over it', 'bar') };

/** Says what each kind of passage is worked out from. */
const PASSAGES = {
  slot: {
    width_mm: positive('Width across the flow'),
    height_mm: notBelow('Gap'),
    length_mm: positive('Length along the flow'),
    surfaceSpeed_ms: perhaps('Speed of the wall along the leak', 'm/s'),
    ...PRESSURE,
  },
  face: {
    height_mm: notBelow('Gap'),
    outerRadius_mm: positive('Outer radius').test(
      'over the inner',
      'Outer radius must be larger than the inner one.',
      (outer, { parent }) => !(outer <= (parent as { innerRadius_mm: number }).innerRadius_mm),
    ),
    innerRadius_mm: positive('Inner radius'),
    arc_deg: positive('Arc', '°').max(360, 'At most 360°'),
    ...PRESSURE,
  },
  bore: {
    diameter_mm: positive('Diameter'),
    diametralClearance_mm: notBelow('Diametral clearance'),
    length_mm: positive('Length along the flow'),
    eccentricity: notBelow('Eccentricity', 'count').max(1, 'At most 1'),
    ...PRESSURE,
  },
} as const;

type Given = Readonly<
  Record<
    { [K in keyof typeof PASSAGES]: keyof (typeof PASSAGES)[K] }[keyof typeof PASSAGES],
    number
  >
> & { readonly name: string };

/** Reads each kind of passage. */
const LEAKS: Readonly<
  Record<keyof typeof PASSAGES, (g: Given) => readonly [form: SealForm, gap_mm: number]>
> = {
  slot: ({ width_mm, length_mm, height_mm }) => [{ kind: 'slot', width_mm, length_mm }, height_mm],
  face: ({ arc_deg, outerRadius_mm, innerRadius_mm, height_mm }) => [
    { kind: 'face', arc_deg, outer_mm: outerRadius_mm, inner_mm: innerRadius_mm },
    height_mm,
  ],
  bore: ({ diameter_mm, length_mm, eccentricity, diametralClearance_mm }) => [
    { kind: 'bore', diameter_mm, length_mm, eccentricity },
    diametralClearance_mm / 2,
  ],
};

const passage = (given: unknown): Leak => {
  const { kind, ...path } = given as Given & { readonly kind: keyof typeof PASSAGES };
  const [form, gap_mm] = LEAKS[kind](path);
  const { name, dp_bar, surfaceSpeed_ms } = path;
  return { name, form, gap_mm, dp_bar, ...(surfaceSpeed_ms ? { wall_ms: surfaceSpeed_ms } : {}) };
};

/** Tells what leaks through slots, over faces and along bores, by the film alone. */
export const leakOf = sum({
  input: object({
    mu_Pas: positive('Dynamic viscosity', 'Pa·s'),
    paths: array(ofItsKind('kind', PASSAGES, { name: string().defined() }))
      .required()
      .min(1, 'One path at least')
      .max(500, 'At most 500 paths'),
  }),
  example: {
    mu_Pas: 0.01,
    paths: [
      { name: 'land', kind: 'slot', width_mm: 20, height_mm: 0.05, length_mm: 5, dp_bar: 10 },
    ],
  },
  answer: ({ mu_Pas, paths }) => {
    const leaks = (paths as readonly unknown[]).map(passage);
    const lost = leaks.map((leak) => ({ name: leak.name, lpm: filmLeak_lpm(leak, mu_Pas) }));
    const total_lpm = lost.reduce((all, { lpm }) => all + lpm, 0);
    return {
      paths: lost.map((one) => ({ ...one, share: total_lpm === 0 ? 0 : one.lpm / total_lpm })),
      total_lpm,
    };
  },
  gives: { paths: ['What each loses'], total_lpm: ['All together', 'l/min'] },
});

/** Tells what a pump delivers, less what slips. */
export const flowExpect = sum({
  input: object({
    cc_rev: positive('Displacement', 'cm³'),
    driveRpm: notBelow('Engine or motor speed', '1/min'),
    ratio: positive('Pump turns per engine turn', 'count'),
    slip_lpm: notBelow('Slip', 'l/min'),
  }),
  example: { cc_rev: 20, driveRpm: 1000, ratio: 1, slip_lpm: 5 },
  answer: ({ cc_rev, driveRpm, ratio, slip_lpm }) => {
    const { slip_lpm: _, ...flow } = deliveredBy(cc_rev, driveRpm * ratio, slip_lpm);
    return flow;
  },
  gives: {
    theoretical_lpm: ['Without any gap', 'l/min'],
    delivered_lpm: ['Delivered', 'l/min'],
    efficiency: ['Delivered of theoretical', 'count'],
  },
});

/** Makes the field of gaps by name: one figure each, or the smallest and the largest. */
const gaps = () =>
  mixed<PumpState['gaps_mm']>()
    .meta({ label: 'Gaps at 20 °C' })
    .required()
    .test('gaps', 'Gaps by name, in mm', (given, context) => {
      if (given == null) return true;
      if (typeof given !== 'object' || Array.isArray(given)) return false;
      const odd = Object.entries(given).find(
        ([, gap]) =>
          !(Array.isArray(gap)
            ? gap.length === 2 && gap.every(Number.isFinite)
            : Number.isFinite(gap)),
      );
      return odd
        ? context.createError({
            path: `${context.path}.${odd[0]}`,
            message: 'A gap in mm, or the smallest and the largest of it',
          })
        : true;
    });

/** Tells what a pump with these gaps delivers, and where it loses the rest. */
export const pumpFlowOf = sum({
  input: object({
    family: string().oneOf(FAMILY_IDS).required(),
    geometry: mixed<object>()
      .meta({ label: 'Geometry' })
      .required()
      .test('object', 'Sizes by name', (v) => typeof v === 'object' && !Array.isArray(v)),
    gaps_mm: gaps(),
    rpm: notBelow('Speed of the pump', '1/min'),
    pressure_bar: notBelow('Pressure', 'bar'),
    temp_C: figure('Temperature', '°C'),
    fluid: exact(fluidFields),
    options: object({
      shift_mm_per_K: figures('Growth of gaps with each kelvin').nullable(),
      loadedBlocks: boolean().nullable(),
      stroke: perhaps('Stroke of the slide', 'count').min(0, 'Not below zero').max(1, 'At most 1'),
      bushingBore_mm: perhaps('Bushing bore').moreThan(0, 'Must be over zero'),
      plungerBore_mm: perhaps('Relief bore').moreThan(0, 'Must be over zero'),
    })
      .noUnknown()
      .default(undefined)
      .notRequired(),
  }),
  example: {
    family: 'crescent',
    geometry: familyOf('crescent').example,
    gaps_mm: { 'face-drive': 0.05, 'face-driven': [0.04, 0.06] },
    rpm: 700,
    pressure_bar: 8,
    temp_C: 90,
    fluid: { kv40_mm2s: 46, kv100_mm2s: 6.8, density15_kgm3: 870 },
  },
  answer: ({ options, ...state }) => {
    const given = Object.entries(options ?? {}).filter(([, value]) => value != null);
    return pumpFlow({ ...state, options: Object.fromEntries(given) });
  },
  gives: {
    cc_rev: ['Displacement', 'cm³'],
    ripple: ['Ripple of one section', 'count'],
    theoretical_lpm: ['Without any gap', 'l/min'],
    slip_lpm: ['Slip', 'l/min'],
    delivered_lpm: ['Delivered', 'l/min'],
    efficiency: ['Delivered of theoretical', 'count'],
    paths: ['What each path loses'],
  },
});
