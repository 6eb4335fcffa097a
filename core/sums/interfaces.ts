import { number, object, type TestContext } from 'yup';
import { InputError } from '../errors';
import { LPM } from '../hydraulics/film';
import { identify } from '../workshop/interfaces/identify';
import { boreOfDash } from '../workshop/interfaces/tables';
import { choice, perhaps } from './fields';
import { sum } from './sum';

/** Millimetres in an inch (ISO 31-1). */
const INCH = 25.4;

const over = (label: string, unit?: Parameters<typeof perhaps>[1]) =>
  perhaps(label, unit).moreThan(0);

const FIGURES = {
  pilot_mm: over('Pilot diameter'),
  boltSpacing_mm: over('Bolt spacing'),
  splineTeeth: over('Spline teeth', 'count').integer(),
  shaftDiameter_mm: over('Shaft diameter'),
  threadMajor_mm: over('Outside of a male thread'),
  threadMinor_mm: over('Inside of a female thread'),
  pitch_mm: over('Pitch'),
  tpi: over('Threads per inch', 'count'),
  flangeLong_mm: over('Port flange, long spacing'),
  flangeShort_mm: over('Port flange, short spacing'),
};

/** Checks that something was measured, and the pitch in one way. */
function somethingGiven(
  input: Readonly<Partial<Record<keyof typeof FIGURES, number | null>>>,
  context: TestContext,
) {
  const refuse = (path: string, message: string) => context.createError({ path, message });
  if (input.pitch_mm != null && input.tpi != null)
    return refuse('tpi', 'A pitch or threads per inch, not both');
  const names = Object.keys(FIGURES) as (keyof typeof FIGURES)[];
  return names.some((name) => input[name] != null) || refuse('pilot_mm', 'Measure one of them');
}

/** Tells which standard flange, shaft and port it is. */
export const interfaceIdentify = sum({
  input: object({
    ...FIGURES,
    bolts: number().nullable().oneOf([2, 4, null], 'Two or four').meta({ label: 'Bolts' }),
    spacingIs: choice('Spacing of four bolts', ['across', 'side'], 'across'),
  }).test('something', somethingGiven),
  example: { pilot_mm: 101.55, boltSpacing_mm: 146.3, splineTeeth: 13, shaftDiameter_mm: 22.1 },
  answer: ({ tpi, bolts, spacingIs, ...given }) =>
    identify({
      pilot_mm: given.pilot_mm ?? null,
      boltSpacing_mm: given.boltSpacing_mm ?? null,
      bolts: bolts === 2 || bolts === 4 ? bolts : null,
      spacingIs,
      splineTeeth: given.splineTeeth ?? null,
      shaftDiameter_mm: given.shaftDiameter_mm ?? null,
      threadMajor_mm: given.threadMajor_mm ?? null,
      threadMinor_mm: given.threadMinor_mm ?? null,
      pitch_mm: given.pitch_mm ?? (tpi == null ? null : INCH / tpi),
      flangeLong_mm: given.flangeLong_mm ?? null,
      flangeShort_mm: given.flangeShort_mm ?? null,
    }),
  gives: {
    flange: ['Mount'],
    shaft: ['Shaft'],
    port: ['Port'],
    flangePort: ['Port flange'],
    mixed: ['Of two sizes'],
  },
});

const area_m2 = (bore_mm: number): number => (Math.PI / 4) * (bore_mm / 1000) ** 2;

/** Tells the third of bore, velocity and flow. */
export const portFlow = sum({
  input: object({
    bore_mm: over('Bore'),
    dash: over('Dash number', 'count'),
    velocity_ms: over('Oil speed', 'm/s'),
    flow_lpm: over('Flow', 'l/min'),
  }),
  example: { dash: 16, velocity_ms: 1.2 },
  answer: ({ bore_mm, dash, velocity_ms, flow_lpm }) => {
    if (bore_mm != null && dash != null)
      throw new InputError('dash', 'twice', 'A bore or a dash number, not both');
    const known_mm = bore_mm ?? (dash == null ? null : boreOfDash(dash));
    const given = [known_mm, velocity_ms, flow_lpm].filter((one) => one != null).length;
    if (given === 3) throw new InputError('flow_lpm', 'too-much', 'Two of the three');
    if (known_mm !== null && velocity_ms != null)
      return { bore_mm: known_mm, velocity_ms, flow_lpm: velocity_ms * area_m2(known_mm) * LPM };
    if (known_mm !== null && flow_lpm != null)
      return { bore_mm: known_mm, velocity_ms: flow_lpm / LPM / area_m2(known_mm), flow_lpm };
    if (velocity_ms != null && flow_lpm != null) {
      const area = flow_lpm / LPM / velocity_ms;
      return { bore_mm: Math.sqrt((4 * area) / Math.PI) * 1000, velocity_ms, flow_lpm };
    }
    const missing = known_mm === null ? 'bore_mm' : 'velocity_ms';
    throw new InputError(missing, 'missing', 'Two of the three');
  },
  gives: {
    bore_mm: ['Bore', 'mm'],
    velocity_ms: ['Oil speed', 'm/s'],
    flow_lpm: ['Flow', 'l/min'],
  },
});
