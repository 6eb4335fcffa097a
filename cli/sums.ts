import type { InferType, ObjectSchema } from 'yup';
import { intervalOf } from '../core/feeler/bounds';
import { conformity } from '../core/metrology/conformity';
import type { Estimate } from '../core/metrology/estimate';
import { judgeTries, ladderOf, nextTry } from '../core/feeler/ladder';
import { studyOf } from '../core/metrology/repeatability';
import { gapFromSizes } from '../core/metrology/sizes';
import { tiltOf } from '../core/metrology/tilt';
import { matchOnLine } from '../core/pairing/line';
import { loadHighs, LONGEST_s } from '../core/rework/solver/highs';
import { linearPlan } from '../core/rework/solver/linear';
import { withinTime, type Solver } from '../core/rework/solver/program';
import { vaneReach } from '../core/pumps/vaneReach';
import { explainTries } from '../core/wording/verdict';
import { parseReading } from '../core/quantity/parse';
import { decideFile } from './decide';
import { assessFile } from './job';
import {
  conformityInput,
  decideInput,
  feelerInput,
  jobInput,
  matchInput,
  readingInput,
  reworkInput,
  sizesInput,
  studyInput,
  tiltInput,
  vaneInput,
} from './inputs';

/** One sum of the command line: how its input is checked, and the core function behind it. */
export interface Sum {
  readonly input: ObjectSchema<object>;
  readonly answer: (input: never) => unknown;
}

function sum<S extends ObjectSchema<object>>(
  input: S,
  answer: (input: InferType<S>) => unknown,
): Sum {
  return { input, answer };
}

function feelerNext(input: InferType<typeof feelerInput>) {
  const { leaves_mm, maxStack, goal, tries, lower_mm, upper_mm, dragBand_mm } = input;
  const ladder = ladderOf({
    leaves_mm,
    maxStack,
    ...(dragBand_mm == null ? {} : { dragBand_mm }),
  });
  const limits = { lower_mm: lower_mm ?? null, upper_mm: upper_mm ?? null };
  const { bounds, verdict } = judgeTries(ladder, limits, tries);
  const next = nextTry(ladder, limits, goal, tries);
  return {
    smallest: intervalOf(bounds.smallest),
    largest: intervalOf(bounds.largest),
    verdict,
    next: next && { leaves_mm: next.leaves_mm },
    reason: explainTries(bounds, limits, verdict, next, 'mm'),
  };
}

function conformityOf(input: InferType<typeof conformityInput>) {
  const { value_mm, u_mm, lo_mm, hi_mm, lower_mm, upper_mm, rule, confidence } = input;
  const estimate: Estimate =
    value_mm != null && u_mm != null
      ? { kind: 'value', value_mm, u_mm }
      : { kind: 'interval', lo_mm: lo_mm ?? 0, hi_mm: hi_mm ?? null };
  const limits = { lower_mm: lower_mm ?? null, upper_mm: upper_mm ?? null };
  return conformity(estimate, limits, rule, confidence ?? undefined);
}

function tiltFit({ diameter_mm, points }: InferType<typeof tiltInput>) {
  const places = points.map(({ angle_deg, radius_mm, depth_mm }) => {
    const angle = (angle_deg * Math.PI) / 180;
    return { x_mm: radius_mm * Math.cos(angle), y_mm: radius_mm * Math.sin(angle), depth_mm };
  });
  const { mean_mm, tilt_mm, direction_deg, residualRms_mm, smallest_mm, largest_mm } = tiltOf(
    places,
    diameter_mm,
  );
  return { mean_mm, tilt_mm, direction_deg, residualRms_mm, smallest_mm, largest_mm };
}

/** The solver of rework plans: loaded for the first, and kept for the lines after it. */
let solver: Promise<Solver> | null = null;

async function reworkPlan(input: InferType<typeof reworkInput>) {
  solver ??= loadHighs();
  return linearPlan(input, await solver);
}

async function jobDecide({ file, shop }: InferType<typeof decideInput>) {
  solver ??= loadHighs();
  return decideFile(
    file,
    shop,
    withinTime(await solver, LONGEST_s, () => performance.now()),
  );
}

/** The sums that are open to the command line, by name. */
export const SUMS: Readonly<Record<string, Sum>> = {
  'reading.parse': sum(readingInput, ({ text, kind, unit }) => parseReading(text, kind, unit)),
  'feeler.next': sum(feelerInput, feelerNext),
  'gap.fromSizes': sum(sizesInput, ({ terms }) =>
    gapFromSizes(terms.map(({ sign, ...term }) => ({ ...term, factor: sign }))),
  ),
  conformity: sum(conformityInput, conformityOf),
  'tilt.fit': sum(tiltInput, tiltFit),
  'job.assess': sum(jobInput, ({ file }) => assessFile(file)),
  'job.decide': sum(decideInput, jobDecide),
  'match.parts': sum(matchInput, ({ bodies, gears, ...window }) =>
    matchOnLine(bodies, gears, window),
  ),
  'rework.plan': sum(reworkInput, reworkPlan),
  'vane.reach': sum(vaneInput, (vane) => vaneReach(vane)),
  'repeatability.study': sum(studyInput, ({ readings }) =>
    studyOf(
      readings.map(({ part, person, trial, value }) => ({
        part: String(part),
        person: String(person),
        trial: String(trial),
        value,
      })),
    ),
  ),
};
