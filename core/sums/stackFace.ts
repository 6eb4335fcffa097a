import { object, type TestContext } from 'yup';
import { notUnder } from '../schema/fields';
import { faceStack } from '../workshop/faceStack';
import { choice, gapFigure, limitFields, limitsIn, perhaps, usually } from './fields';
import { sum } from './sum';

const size = (label: string) => perhaps(label).min(1).max(300);

const temperature = (label: string) => perhaps(label, '°C').min(-40).max(200);

const expansion = (label: string) => perhaps(label, '1/K').min(0).max(1e-4);

/** The fields by which a gap is known: two sizes, or two leaves. */
const [BY_SIZES, BY_LEAVES] = [
  ['depth_mm', 'width_mm'],
  ['lo_mm', 'hi_mm'],
] as const;

type Gap = Readonly<
  Partial<Record<(typeof BY_SIZES)[number] | (typeof BY_LEAVES)[number], number | null>>
>;

/** Checks that a gap is given, in one way. A leaf that does not go may be null: none was too thick. */
function gapGiven(input: Gap, context: TestContext) {
  const refuse = (path: string, message: string) => context.createError({ path, message });
  const sizes = BY_SIZES.filter((name) => input[name] != null);
  const leaves = BY_LEAVES.filter((name) => input[name] != null);
  if (sizes.length > 0 && leaves.length > 0)
    return refuse(leaves[0] ?? 'lo_mm', 'Sizes or leaves, not both');
  if (leaves.length === 0) {
    const missing = BY_SIZES.find((name) => input[name] == null);
    return missing === undefined || refuse(missing, 'Missing');
  }
  if (input.lo_mm == null) return refuse('lo_mm', 'Missing');
  return input.hi_mm !== undefined || refuse('hi_mm', 'Missing');
}

/** Tells what the faces of gears leave to the cover, cold and hot. */
export const stackFace = sum({
  input: object({
    depth_mm: size('Pocket depth'),
    width_mm: size('Gear width'),
    lo_mm: gapFigure('A leaf that goes').min(0).max(2),
    hi_mm: gapFigure('A leaf that does not')
      .min(0)
      .max(2)
      .test(notUnder('lo_mm', 'hi_mm is below lo_mm')),
    uDepth_mm: usually('Uncertainty of the depth', 0.003).min(0),
    uWidth_mm: usually('Uncertainty of the width', 0.003).min(0),
    uCover_mm: usually('Uncertainty of the cover', 0.003).min(0),
    coverWear_mm: gapFigure('Wear of the cover').min(0).max(5),
    gasket_mm: gapFigure('Gasket as clamped').min(0).max(5),
    measured: choice('Measured', ['bare', 'gasket'], 'bare'),
    limitFor: choice('The limit is for', ['bare', 'assembled'], 'bare'),
    ...limitFields,
    alphaBody_per_K: expansion('Expansion of the body'),
    alphaGear_per_K: expansion('Expansion of the gears'),
    body_C: temperature('Body at work'),
    gear_C: temperature('Gears at work'),
    rule: choice('Rule', ['guarded', 'plain'], 'guarded'),
  }).test('has a gap', gapGiven),
  example: {
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
  answer: (given) => {
    const { depth_mm, width_mm, lo_mm, hi_mm, coverWear_mm } = given;
    return faceStack({
      gap:
        depth_mm != null && width_mm != null
          ? {
              depth: { mm: depth_mm, u_mm: given.uDepth_mm },
              width: { mm: width_mm, u_mm: given.uWidth_mm },
            }
          : { lo_mm: lo_mm ?? 0, hi_mm: hi_mm ?? null },
      cover: coverWear_mm == null ? null : { mm: coverWear_mm, u_mm: given.uCover_mm },
      gasket_mm: given.gasket_mm ?? null,
      measured: given.measured,
      limitFor: given.limitFor,
      limits: limitsIn(given),
      rule: given.rule,
      heat: {
        alphaBody_per_K: given.alphaBody_per_K ?? null,
        alphaGear_per_K: given.alphaGear_per_K ?? null,
        body_C: given.body_C ?? null,
        gear_C: given.gear_C ?? null,
      },
    });
  },
  gives: {
    lo_mm: ['Gap at least', 'mm'],
    hi_mm: ['Gap at most', 'mm'],
    u_mm: ['Uncertainty', 'mm'],
    hot_mm: ['Hot gap', 'mm'],
    probability: ['Probability of lying inside', 'count'],
    verdict: ['Verdict'],
    deckCut: ['To take off the deck', 'mm'],
    missing: ['Still to be measured'],
  },
});
