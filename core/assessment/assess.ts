import type { DimensionId } from '../pumps/ids';
import { leavesCanDecide } from '../methods/nextLeaf';
import type { DecisionRule } from '../metrology/conformity';
import { orMore, sumOf, type Estimate } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { rocks } from '../methods/attribute';
import {
  METHOD_IDS,
  methodOf,
  NOTHING_READ,
  type Details,
  type Reading,
  type SourcedEvidence,
} from '../methods/list';
import type { EvidenceContext } from '../methods/method';
import { touching, type Counted } from '../journal/eras';
import type { Characteristic } from '../pumps/family';
import { dimensionsFor, placementOf, pumpOf } from '../pumps/registry';
import { disagreeing } from './agreement';
import { bandOf } from './band';
import { combinedEnd } from './combined';
import type { Assessment } from './assessment';
import { heatShift } from './heat';
import { judge } from './judge';
import { figureAdvice, isBracketed } from './figures';
import { stackAdvice } from './leafAim';
import { isUnder, leastOf } from './least';
import { heldLimits, judgedBy, type HeldLimits } from './limits';
import type { Measured } from './measured';
import { NO_PAST, pastOf, pastOfSum, sumOfExtremes } from './past';
import { quantitiesOf, type Quantity } from './quantity';
import { asCounted, isNeglected } from './wear';

const NOT_MEASURED = {
  ...({ smallest: null, largest: null, verdict: 'open' } as const),
  probability: null,
  band: null,
} as const;

const contextOf = ({ sheet, ladder, bushing }: Measured): EvidenceContext => ({
  ladder,
  bushing,
  probe: (dimension, station) => placementOf(sheet, dimension, station).probe,
});

/** Gathers what every method has to say of a characteristic. */
function gathered(
  c: Characteristic,
  readings: readonly Reading[],
  context: EvidenceContext,
): { readonly evidence: readonly SourcedEvidence[]; readonly details: Details } {
  const said = METHOD_IDS.map((id) =>
    methodOf(id).evidence(
      c,
      readings.filter((r) => r.kind === id),
      context,
    ),
  );
  return {
    evidence: said.flatMap(({ evidence }) => evidence),
    details: said.reduce((all, { details }) => ({ ...all, ...details }), NOTHING_READ),
  };
}

/** Tells whether evidence has a figure that could bring a gap in: a test by hand has none. */
const isFigure = ({ among, felt, beside }: SourcedEvidence): boolean => !beside && !among && !felt;

type Judged = Pick<Assessment, 'verdict' | 'probability'>;

const NOT_KNOWN: Judged = { verdict: 'open', probability: null };
const TOO_CLOSE: Judged = { verdict: 'close', probability: null };

/** Returns what evidence that leaves something unread can prove: that a gap is out, and nothing else. */
const ifOut = (judged: Judged): Judged => (judged.verdict === 'out' ? judged : NOT_KNOWN);

/** Holds what a gap is judged by: its evidence, what that says together, whether it is contradicted, by others or by hand. */
interface KnownOfGap {
  readonly evidence: readonly SourcedEvidence[];
  readonly together: Extremes;
  readonly disagree: boolean;
  readonly rocks: boolean;
}

/**
 * Judges a gap by all that is known of it together; where kinds of evidence contradict each other, only as far as each
 * of them says the same.
 *
 * @param by judges the ends of a gap against its limits
 */
function verdictOf(
  { evidence, together, disagree, rocks: isLoose }: KnownOfGap,
  by: (extremes: Extremes) => Judged,
): Judged {
  const alone = (e: SourcedEvidence): Judged =>
    isFigure(e) ? by(e.extremes) : ifOut(by(e.among ?? e.extremes));
  if (disagree) {
    const [first, ...others] = evidence.filter(({ beside }) => !beside).map(alone);
    return first && others.every(({ verdict }) => verdict === first.verdict) ? first : TOO_CLOSE;
  }
  if (!evidence.some(isFigure)) {
    return evidence.map(alone).find(({ verdict }) => verdict === 'out') ?? NOT_KNOWN;
  }
  const judged = by(together);
  return judged.verdict === 'in' && isLoose ? TOO_CLOSE : judged;
}

function assessMeasured(
  c: Characteristic,
  published: HeldLimits | null,
  measured: Measured,
  readings: readonly Reading[],
  context: EvidenceContext,
): Assessment {
  const { sheet, ladder, skipped, floors } = measured;
  const { evidence, details } = gathered(skipped.without(c), readings, context);
  const sizes = pumpOf(sheet).dimensions;
  const waited = (id: string) => !skipped.whole(id, sizes.find((d) => d.id === id)?.stations ?? []);
  const counts = evidence.some(({ beside }) => !beside);
  const least = counts ? combinedEnd(evidence, 'smallest') : undefined;
  const most = counts ? combinedEnd(evidence, 'largest') : undefined;
  const heatShift_mm = heatShift(sheet, c.terms);
  const running = leastOf(c, published, floors, heatShift_mm, sheet);
  const disagree = disagreeing(evidence);
  const base = {
    ...NO_PAST,
    ...details,
    missing: details.missing.filter(waited),
    skipped: skipped.of(c),
    characteristic: c,
    limits: published,
    source: { smallest: least?.source ?? 'leaves', largest: most?.source ?? 'leaves' },
    both: evidence.filter(({ beside }) => !beside).length > 1,
    disagree,
    parts: [],
    neglected: [],
    heatShift_mm,
    least: running,
    under: isUnder(least?.estimate ?? null, running),
  } as const;
  if (!least || !most) return { ...base, ...NOT_MEASURED };
  const known: Extremes = { smallest: least.estimate, largest: most.estimate };
  const gap = { evidence, disagree, together: known, rocks: rocks(details, c, measured.bushing) };
  const judgedAt = (limits: HeldLimits): Judged => {
    const more = leavesCanDecide(details.stations, limits, ladder);
    return verdictOf(gap, ({ smallest, largest }) =>
      judge(smallest, largest, limits, measured.decision, more),
    );
  };
  const limits = judgedBy(c, published, (at) => judgedAt(at).verdict === 'out');
  if (!limits) return { ...base, ...NOT_MEASURED, ...known };
  const judged = judgedAt(limits);
  const band = bandOf(judged.verdict, known, limits, measured.decision);
  return { ...base, limits, ...known, ...judged, band };
}

/**
 * Returns what a sum of which not all is known is all the same: out, where what is known of it is beyond the upper limit
 * by itself, since no part of it is less than nothing.
 */
function provenOut(
  parts: readonly Assessment[],
  { upper_mm }: HeldLimits,
  decision: DecisionRule,
): Partial<Assessment> {
  const known = parts.flatMap(({ smallest, largest }) =>
    smallest && largest ? [{ smallest, largest }] : [],
  );
  const sum = sumOfExtremes(known);
  if (!sum || upper_mm === null) return {};
  const judged = judge(sum.smallest, sum.largest, { upper_mm }, decision, true);
  if (judged.verdict !== 'out') return {};
  return { smallest: orMore(sum.smallest), largest: orMore(sum.largest), ...judged };
}

function assessSum(
  c: Characteristic,
  limits: HeldLimits | null,
  [base, ...wear]: readonly [Assessment, ...Assessment[]],
  { ladder, decision }: Measured,
): Assessment {
  const plus = wear.map((part) => asCounted(part, decision, ladder));
  const neglected = wear.filter((part) => isNeglected(part, decision, ladder));
  const add = (end: keyof Extremes): Estimate | null =>
    plus.reduce<Estimate | null>((sum, part) => {
      const more = part[end];
      return sum && more ? sumOf(sum, more) : null;
    }, base[end]);
  const smallest = add('smallest');
  const largest = add('largest');
  const assessed = {
    ...NOTHING_READ,
    ...pastOfSum([base, ...plus]),
    characteristic: c,
    limits,
    skipped: [],
    source: { smallest: 'sum', largest: 'sum' } as const,
    both: false,
    disagree: [base, ...plus].some((part) => part.disagree),
    missing: [base, ...plus].flatMap((part) => (isBracketed(part) ? part.missing : [])),
    parts: [base, ...plus],
    neglected: neglected.map((part) => part.characteristic.name),
    heatShift_mm: base.heatShift_mm,
    least: null,
    under: false,
  };
  if (!limits) return { ...assessed, ...NOT_MEASURED };
  if (!smallest || !largest) {
    return { ...assessed, ...NOT_MEASURED, ...provenOut([base, ...plus], limits, decision) };
  }
  const more =
    stackAdvice(base, plus, limits, ladder) !== null ||
    figureAdvice([base, ...plus], decision) !== null;
  const judged = judge(smallest, largest, limits, decision, more);
  const band = bandOf(judged.verdict, { smallest, largest }, limits, decision);
  return { ...assessed, smallest, largest, ...judged, band };
}

/** Lists what was read of a characteristic and of the sizes that it comes from, target by target. */
const listsFor = (counted: Counted, c: Characteristic): (readonly Reading[])[] => [
  counted.ofGap(c.id),
  ...dimensionsFor(c).map((d) => counted.ofSize(d)),
];

/** Hands out an assessment that was made before where all that it rests on is the same. */
export interface Remembering {
  assessment(id: string, basis: readonly unknown[], work: () => Assessment): Assessment;
}

/** Remembers nothing. */
const FORGETFUL: Remembering = { assessment: (_id, _basis, work) => work() };

/**
 * Assesses every characteristic of a pump, in the order of the work.
 *
 * @param measured the job: its sheet, its limits, and what was found on it
 * @param remembering what its owner keeps from one call to the next; nothing where it is left out
 */
export function assess(
  measured: Measured,
  remembering: Remembering = FORGETFUL,
): readonly Assessment[] {
  const { sheet, tier, ladder, decision, operations, skipped, now, before } = measured;
  const { bushing, floors } = measured;
  const pump = pumpOf(sheet);
  const context = contextOf(measured);
  let quantities: ReadonlyMap<DimensionId, Quantity> | null = null;
  const done = new Map<string, Assessment>();
  for (const c of pump.characteristics) {
    const parts = c.sum?.flatMap((id) => done.get(id) ?? []) ?? [];
    const [base, ...plus] = parts;
    const lists = base ? [] : listsFor(now, c);
    const work = base || operations.length === 0 ? [] : touching(pump, operations, c);
    // What counted before work stays as it was while the work stands, unless some of it is voided.
    const earlier = work.flatMap((operation) => listsFor(before(operation), c).flat());
    const rests = [sheet, tier, ladder, decision, skipped, bushing, floors];
    const basis = [...rests, ...parts, ...lists, ...work, ...earlier];
    const assessment = remembering.assessment(c.id, basis, () => {
      const limits = heldLimits(sheet, tier, c.id);
      if (base) return assessSum(c, limits, [base, ...plus], measured);
      const standing = (readings: readonly Reading[]) =>
        assessMeasured(c, limits, measured, readings, context);
      const past = pastOf(
        c,
        work,
        (operation) => {
          const { smallest, largest } = standing(listsFor(before(operation), c).flat());
          return smallest && largest && { smallest, largest };
        },
        () => (quantities ??= quantitiesOf(measured)),
      );
      return { ...standing(lists.flat()), ...past };
    });
    done.set(c.id, assessment);
  }
  return [...done.values()];
}
