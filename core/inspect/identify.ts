import type { ShopUnit } from '../quantity/units';
import { sum } from 'd3-array';
import type { KeyAnswer, Variant } from '../records/key';
import type { Sheet } from '../records/sheet';
import { against, checksOf, shownBy, tells, type Check } from './checks';

/** One thing that speaks against a variant. */
export interface Objection {
  readonly check: Check;
  /** `two lugs, here four flats` */
  readonly words: string;
}

/** A variant with everything that speaks against it. */
export interface Candidate {
  readonly variant: Variant;
  readonly objections: readonly Objection[];
}

/** Says how the search for a variant stands. */
export interface KeyState {
  readonly candidates: readonly Candidate[];
  /** Lists the variants against which nothing speaks. */
  readonly left: readonly Variant[];
  /**
   * `one`: a single variant is left; `several` are left; `alike`: several, and
   * no check could tell them apart; `contradicted`: something speaks against
   * every one.
   */
  readonly standing: 'one' | 'several' | 'alike' | 'contradicted';
  /** Lists the plate's checks that no variant agrees with: left out, so that they rule out nothing by themselves. */
  readonly outside: readonly Check[];
  /** Tells, where one is left, whether more than one answer speaks against every other. */
  readonly backed: boolean;
  /** Lists, where all are contradicted, those with the least against them. */
  readonly nearest: readonly Candidate[];
  /** The check that splits best what is left; one that would back the result where one is left. */
  readonly next: Check | null;
}

/** Describes what a person reads first, where two checks split alike: a look costs less than a mic. */
const EFFORT: Readonly<Record<Check['kind'], number>> = { feature: 0, year: 1, serial: 1, size: 2 };

/** Answers that a variant may give, to foresee what a check would leave. */
function likely(check: Check, truth: Variant, among: readonly Variant[]): KeyAnswer[] {
  const answer = { check: check.id, option: null, value: null, u_mm: null };
  const shown = shownBy(truth, check);
  if (shown === null) return check.options.map((option) => ({ ...answer, option }));
  if ('option' in shown) return [{ ...answer, option: shown.option }];
  // An open end goes on to where the others' figures lie.
  const ends = among
    .flatMap((v) => {
      const other = shownBy(v, check);
      return other && 'from' in other ? [other.from, other.to] : [];
    })
    .filter(Number.isFinite);
  const from = Number.isFinite(shown.from) ? shown.from : Math.min(shown.to, ...ends) - 1;
  const to = Number.isFinite(shown.to) ? shown.to : Math.max(shown.from, ...ends) + 1;
  return [from, (from + to) / 2, to].map((value) => ({ ...answer, value }));
}

/**
 * Returns what a check is expected to tell, in bits: the entropy of what is left less
 * the mean entropy after it, every variant being as likely as the next
 * (Shannon; information gain as in decision trees).
 */
export function gainOf(check: Check, among: readonly Variant[]): number {
  const after = among.map((truth) => {
    const answers = likely(check, truth, among);
    if (answers.length === 0) return Math.log2(among.length);
    const bits = answers.map((answer) =>
      Math.log2(among.filter((v) => against(v, check, answer) === null).length),
    );
    return sum(bits) / bits.length;
  });
  return Math.log2(among.length) - sum(after) / among.length;
}

/** Less than this tells nothing: rounding of the logarithms. */
const NOTHING = 1e-9;

function bestCheck(checks: readonly Check[], among: readonly Variant[]): Check | null {
  const [best] = checks
    .map((check) => ({ check, gain: gainOf(check, among) }))
    .filter(({ gain }) => gain > NOTHING)
    .sort((a, b) => b.gain - a.gain || EFFORT[a.check.kind] - EFFORT[b.check.kind]);
  return best?.check ?? null;
}

/**
 * Returns where the search for a variant stands after some answers, and which check
 * comes next. An answer never removes a variant for good: with a wrong one
 * among them everything ends up contradicted, and that is said.
 *
 * @param answers in the order given; a later answer to the same check replaces the earlier
 * @param unit in which the objections are said
 */
export function identify(
  sheet: Pick<Sheet, 'key' | 'variants'>,
  answers: readonly KeyAnswer[],
  unit: ShopUnit = 'mm',
): KeyState {
  const checks = checksOf(sheet);
  const given = new Map(answers.map((answer) => [answer.check, answer]));
  const objects = (variant: Variant, check: Check): string | null => {
    const answer = given.get(check.id);
    return answer && tells(answer) ? against(variant, check, answer, unit) : null;
  };
  // A year or a number that fits no variant says that the sheet does not go so far, not that the pump is none of them.
  const outside = checks.filter(
    (check) =>
      (check.kind === 'year' || check.kind === 'serial') &&
      sheet.variants.length > 0 &&
      sheet.variants.every((variant) => objects(variant, check) !== null),
  );
  const heard = checks.filter((check) => !outside.includes(check));
  const candidates = sheet.variants.map((variant): Candidate => ({
    variant,
    objections: heard.flatMap((check) => {
      const words = objects(variant, check);
      return words === null ? [] : [{ check, words }];
    }),
  }));
  const least = Math.min(...candidates.map((c) => c.objections.length));
  const nearest = candidates.filter((c) => c.objections.length === least);
  const left = least === 0 ? nearest.map((c) => c.variant) : [];
  const open = checks.filter((check) => !given.has(check.id));
  const [only, second] = nearest;
  if (!only) {
    return { candidates, left, standing: 'alike', outside, backed: false, nearest, next: null };
  }
  const alone = second === undefined;
  // One more answer could have gone the other way for these.
  const rivals = candidates.filter((c) => c.objections.length === least + 1);
  const split = alone ? [only, ...rivals] : nearest;
  const next =
    split.length < 2
      ? null
      : bestCheck(
          open,
          split.map((c) => c.variant),
        );
  const several = next === null ? 'alike' : 'several';
  return {
    candidates,
    left,
    standing: least > 0 ? 'contradicted' : alone ? 'one' : several,
    outside,
    backed: alone && least === 0 && rivals.length === 0,
    nearest,
    next,
  };
}
