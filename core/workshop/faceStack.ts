import { InputError } from '../errors';
import { conformity, type DecisionRule } from '../metrology/conformity';
import type { Estimate } from '../metrology/estimate';
import type { Interval, Limits } from '../metrology/interval';
import { gapFromSizes, REFERENCE_C } from '../metrology/sizes';
import type { Verdict } from '../metrology/verdict';
import { tidy_mm } from '../quantity/units';

/** Says how body and gear grow, and how hot they run; null where nobody knows. */
export interface FaceHeat {
  readonly alphaBody_per_K: number | null;
  readonly alphaGear_per_K: number | null;
  readonly body_C: number | null;
  readonly gear_C: number | null;
}

/** A size as it was measured, with its standard uncertainty; in mm. */
export interface Sized {
  readonly mm: number;
  readonly u_mm: number;
}

/** The faces of gears between a floor and a cover. Lengths in mm; null for what nobody has measured. */
export interface FaceStack {
  /** From depth and width, or by leaves. */
  readonly gap: { readonly depth: Sized; readonly width: Sized } | Interval;
  /**
   * Says how far the gears have worn into the cover; where no leaf went beneath a straight edge, it may be worn by as
   * much as the thinnest one.
   */
  readonly cover: (Sized & { readonly upTo_mm?: number }) | null;
  /** Thickness of the gasket as it is clamped. */
  readonly gasket_mm: number | null;
  /** Says whether the gasket lay in the joint when the gap was measured. */
  readonly measured: 'bare' | 'gasket';
  /** Says whether the limit counts it. */
  readonly limitFor: 'bare' | 'assembled';
  readonly limits: Limits;
  readonly rule: DecisionRule;
  readonly heat: FaceHeat;
}

/** Says what is still to be measured before faces are judged, by its field. */
export type MissingAddend = 'coverWear_mm' | 'gasket_mm';

/** Says what faces leave, and whether that is in. */
export interface FaceAnswer {
  readonly lo_mm: number;
  readonly hi_mm: number | null;
  readonly u_mm: number;
  readonly hot_mm: number | null;
  /** Is null where there is no limit. */
  readonly probability: number | null;
  readonly verdict: Verdict;
  /** Says what may come off the deck for the gap to be in; null where nothing has to, or something is not known. */
  readonly deckCut: { readonly from_mm: number; readonly to_mm: number | null } | null;
  readonly missing: readonly MissingAddend[];
}

/** Depth and width of one pump lie no further apart than this, in mm: else one was read in another unit. */
const APART_mm = 2;

/** Returns +1 where the gasket widens what was measured, −1 where it lay in it and does not count, 0 where it is no question. */
const gasketSign = ({ measured, limitFor }: FaceStack): number => {
  if (measured === 'bare') return limitFor === 'assembled' ? 1 : 0;
  return limitFor === 'bare' ? -1 : 0;
};

/** Depth and width of a gap that is known by sizes. */
type BySizes = Extract<FaceStack['gap'], { depth: Sized }>;

const isSized = (gap: FaceStack['gap']): gap is BySizes => 'depth' in gap;

/** Says what is known of a gap, with what is added to it. */
interface Total {
  readonly estimate: Estimate;
  readonly u_mm: number;
  readonly hot_mm: number | null;
}

/** Returns what is added to the gap between floor and deck, in mm. */
const added_mm = (stack: FaceStack): number =>
  (stack.cover?.mm ?? 0) + gasketSign(stack) * (stack.gasket_mm ?? 0);

/** Returns the wear of a cover that no leaf found and that there may be; the plain rule takes it for none. */
const hidden_mm = ({ cover, rule }: FaceStack): number =>
  rule === 'guarded' ? (cover?.upTo_mm ?? 0) : 0;

function bySizes({ depth, width }: BySizes, stack: FaceStack): Total {
  const { cover, heat } = stack;
  if (Math.abs(depth.mm - width.mm) > APART_mm) {
    throw new InputError(
      'width_mm',
      'other-unit',
      'Depth and width are more than 2 mm apart. Was one of them read in another unit?',
    );
  }
  const { gap_mm, u_mm, hot_mm } = gapFromSizes([
    {
      name: 'depth',
      factor: 1,
      value_mm: depth.mm,
      u_mm: depth.u_mm,
      alpha_per_K: heat.alphaBody_per_K,
      hot_C: heat.body_C,
    },
    {
      name: 'width',
      factor: -1,
      value_mm: width.mm,
      u_mm: width.u_mm,
      alpha_per_K: heat.alphaGear_per_K,
      hot_C: heat.gear_C,
    },
    // What is added neither grows, nor is a gasket doubted.
    {
      name: 'added',
      factor: 1,
      // Of wear that no leaf found every depth up to the leaf is as likely (JCGM 100, 4.3.7).
      value_mm: added_mm(stack) + hidden_mm(stack) / 2,
      u_mm: Math.hypot(cover?.u_mm ?? 0, hidden_mm(stack) / Math.sqrt(12)),
      alpha_per_K: 0,
      hot_C: REFERENCE_C,
    },
  ]);
  return { estimate: { kind: 'value', value_mm: gap_mm, u_mm }, u_mm, hot_mm };
}

function byLeaves({ lo_mm, hi_mm }: Interval, stack: FaceStack): Total {
  const moved = (mm: number) => tidy_mm(mm + added_mm(stack));
  const interval = {
    lo_mm: moved(lo_mm),
    hi_mm: hi_mm === null ? null : moved(hi_mm + hidden_mm(stack)),
  };
  return { estimate: { kind: 'interval', ...interval }, u_mm: 0, hot_mm: null };
}

/**
 * Tells whether an addend that nobody knows can undo that a gap is out: wear and a gasket that counts only widen it, a
 * gasket that does not count only narrows it.
 */
function canUndo(missing: readonly MissingAddend[], stack: FaceStack, isOver: boolean): boolean {
  const sign = gasketSign(stack);
  return missing.some((one) => {
    const widens = one === 'coverWear_mm' || sign > 0;
    return widens !== isOver;
  });
}

/**
 * Returns what faces leave between floor and cover, and whether it is in: depth − width, or leaves, and the wear of the
 * cover; the gasket is added where the faces were measured bare and the limit counts it, and taken off where it is the
 * other way round. Uncertainties of sizes add as squares; a bracket has none of its own. While an addend is not known,
 * only *out* stands, and only where the addend cannot undo it.
 *
 * @param stack lengths in mm, expansions in 1/K, temperatures in °C
 * @throws InputError on `width_mm` where depth and width are so far apart that one is in another unit
 * @example
 * const sized = (mm) => ({ mm, u_mm: 0.003 });
 * const heat = { alphaBody_per_K: 22e-6, alphaGear_per_K: 11.7e-6, body_C: 90, gear_C: 90 };
 * const gap = { depth: sized(18.072), width: sized(18.02) };
 * const rest = { gasket_mm: null, measured: 'bare', limitFor: 'bare', rule: 'guarded', heat };
 * const limits = { lower_mm: 0.02, upper_mm: 0.06 };
 * faceStack({ gap, cover: sized(0.01), limits, ...rest }); // { lo_mm: 0.062, u_mm: 0.005196, hot_mm: 0.075073, verdict: 'close' }
 * faceStack({ gap, cover: null, limits, ...rest }); // { lo_mm: 0.052, verdict: 'open', missing: ['coverWear_mm'] }
 * @see JCGM 100, 5.1.2; a clamped gasket and a cover are taken not to grow: assumption
 */
export function faceStack(stack: FaceStack): FaceAnswer {
  const { gap, cover, limits, rule } = stack;
  const missing: MissingAddend[] = [
    ...(cover === null ? (['coverWear_mm'] as const) : []),
    ...(gasketSign(stack) !== 0 && stack.gasket_mm === null ? (['gasket_mm'] as const) : []),
  ];
  const { estimate, u_mm, hot_mm } = isSized(gap) ? bySizes(gap, stack) : byLeaves(gap, stack);
  const [lo_mm, hi_mm] =
    estimate.kind === 'value'
      ? [estimate.value_mm, estimate.value_mm]
      : [estimate.lo_mm, estimate.hi_mm];
  const hasLimit = limits.lower_mm != null || limits.upper_mm != null;
  const judged = conformity(estimate, limits, rule);
  const isOver = lo_mm > (limits.lower_mm ?? -Infinity);
  const stands =
    missing.length === 0 || (judged.verdict === 'out' && !canUndo(missing, stack, isOver));
  return {
    lo_mm,
    hi_mm,
    u_mm,
    hot_mm,
    probability: hasLimit ? judged.probability : null,
    verdict: hasLimit && stands ? judged.verdict : 'open',
    deckCut: missing.length === 0 && hi_mm !== null ? deckCut({ lo_mm, hi_mm }, limits) : null,
    missing,
  };
}

/** Returns what has to come off the deck, and how much may; null where the gap is not over its limit or no cut brings all of it in. */
function deckCut(
  { lo_mm, hi_mm }: { readonly lo_mm: number; readonly hi_mm: number },
  { lower_mm, upper_mm }: Limits,
): FaceAnswer['deckCut'] {
  if (upper_mm == null || tidy_mm(hi_mm) <= tidy_mm(upper_mm)) return null;
  const from_mm = tidy_mm(hi_mm - upper_mm);
  const to_mm = lower_mm == null ? null : tidy_mm(lo_mm - lower_mm);
  return to_mm !== null && to_mm < from_mm ? null : { from_mm, to_mm };
}
