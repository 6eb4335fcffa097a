import type { CharacteristicId, DimensionId, PartId } from '../pumps/ids';
import { heldLimits } from '../assessment/limits';
import { COVERAGE } from '../metrology/normal';
import type { DecisionRule } from '../metrology/conformity';
import type { Term } from '../pumps/family';
import { gapsOf, pumpOf } from '../pumps/registry';
import type { Sheet } from '../records/sheet';

/** One size of a loose part, in mm. */
export interface PartSize {
  readonly dimension: DimensionId;
  readonly value_mm: number;
  /** Standard uncertainty. */
  readonly u_mm: number;
}

/** A loose part, or a set of them that stay together, as pairing needs to know it. */
export interface LoosePart {
  readonly id: string;
  /** Parts of the pump that it consists of: `drive` and `driven`. */
  readonly parts: readonly PartId[];
  /** The variant that it comes from; null where nobody knows, or there is none. */
  readonly variant: string | null;
  readonly sizes: readonly PartSize[];
}

/** Says how much metal may come off to make two parts fit, in mm. */
export interface MetalAllowed {
  readonly deckCut_mm: number;
  readonly gearGrind_mm: number;
}

/** Holds what parts are paired by: a sheet's limits, how they are judged, what may come off. */
export interface PairingRules {
  readonly sheet: Sheet;
  readonly tier: string;
  readonly rule: DecisionRule;
  readonly most: MetalAllowed;
}

/** A gap that a body and a set of gears have between them. */
interface SharedGap {
  readonly characteristic: CharacteristicId;
  readonly terms: readonly Term[];
  /** In mm; infinite where there is no limit. */
  readonly lower_mm: number;
  readonly upper_mm: number;
  /** Millimetres of the gap for each off the deck and off the gears; nought where it does not move. */
  readonly perDeck: number;
  readonly perGear: number;
}

/** A body and a set of gears as they go together, and what comes off for it. */
export interface Fit extends MetalAllowed {
  readonly fits: true;
  /** Gives how far inside its limits the tightest of their gaps lies then, with the doubt of the measuring, in mm. */
  readonly margin_mm: number;
}

/** Says why a body and a set of gears do not go together. */
export interface Misfit {
  readonly fits: false;
  /** A gap is in the way; or their variants do not mix; or nothing is known of a gap that they share. */
  readonly why: 'gap' | 'variant' | 'unmeasured';
  /** The gap that is in the way, and by how much; null and nought where it is none. */
  readonly characteristic: CharacteristicId | null;
  readonly short_mm: number;
}

/**
 * Returns the metal that comes off for two parts to go together, in mm; infinite where they do not.
 *
 * @param fit of two parts, in mm
 * @example
 * metalIn({ fits: true, deckCut_mm: 0.02, gearGrind_mm: 0.01, margin_mm: 0.03 }); // 0.03
 * metalIn({ fits: false, why: 'variant', characteristic: null, short_mm: 0 }); // Infinity
 */
export const metalIn = (fit: Fit | Misfit): number =>
  fit.fits ? fit.deckCut_mm + fit.gearGrind_mm : Infinity;

const misfit = (why: 'variant' | 'unmeasured'): Misfit => ({
  fits: false,
  why,
  characteristic: null,
  short_mm: 0,
});

const sizeOf = ({ sizes }: LoosePart, id: DimensionId): PartSize | undefined =>
  sizes.find(({ dimension }) => dimension === id);

/** Gives what a part adds to a gap: the sum of its sizes, in mm, and the variance of that. */
type Share = readonly [value_mm: number, variance: number];

const NOTHING: Share = [0, 0];

function shareOf(part: LoosePart, { terms }: SharedGap): Share {
  return terms.reduce<Share>(([value, variance], { dimension, factor }) => {
    const size = sizeOf(part, dimension);
    if (!size) return [value, variance];
    return [value + factor * size.value_mm, variance + (factor * size.u_mm) ** 2];
  }, NOTHING);
}

/** Lists the gaps with a limit of which every size is known of one part or the other, and some of each. */
function sharedGaps({ sheet, tier }: PairingRules, body: LoosePart, gears: LoosePart): SharedGap[] {
  const { characteristics, dimensions } = pumpOf(sheet);
  const moved = (terms: readonly Term[], work: 'faced' | 'ground') =>
    terms.reduce((sum, { dimension, factor }) => {
      const worked = dimensions.find((d) => d.id === dimension)?.worked;
      return sum + factor * (worked?.[work] ?? 0);
    }, 0);
  return characteristics.flatMap((c) => {
    const limits = heldLimits(sheet, tier, c.id);
    if (!limits) return [];
    return gapsOf(c).flatMap((terms): SharedGap[] => {
      const of = (part: LoosePart) => terms.filter((t) => sizeOf(part, t.dimension));
      const [here, there] = [of(body), of(gears)];
      const whole = here.length + there.length >= terms.length;
      if (here.length === 0 || there.length === 0 || !whole) return [];
      return [
        {
          characteristic: c.id,
          terms,
          lower_mm: limits.lower_mm ?? -Infinity,
          upper_mm: limits.upper_mm ?? Infinity,
          perDeck: moved(here, 'faced'),
          perGear: moved(there, 'ground'),
        },
      ];
    });
  });
}

/** Tells whether parts of two variants may go together: the sheet says so for each part that is put in. */
function mixes(sheet: Sheet, body: LoosePart, gears: LoosePart): boolean {
  if (body.variant === null || gears.variant === null || body.variant === gears.variant) {
    return true;
  }
  // The sheet says it of kinds of parts: it holds in every section.
  const kindsOf = ({ parts }: LoosePart) =>
    pumpOf(sheet).parts.flatMap(({ id, kind }) => (parts.includes(id) ? [kind] : []));
  const into = kindsOf(body);
  return kindsOf(gears).every((kind) =>
    sheet.mixes.some(
      (m) =>
        m.fits &&
        m.part === kind &&
        m.of === gears.variant &&
        into.includes(m.against) &&
        m.in === body.variant,
    ),
  );
}

/** Lists what each size of a part that a kind of work makes less has over the least that the sheet allows, in mm. */
const leftOn = (part: LoosePart, sheet: Sheet, work: 'faced' | 'ground'): number[] =>
  part.sizes.flatMap(({ dimension, value_mm }) => {
    const least_mm = sheet.metal.find((m) => m.dimension === dimension)?.least_mm;
    const worked = pumpOf(sheet).dimensions.find((d) => d.id === dimension)?.worked;
    return least_mm == null || worked?.[work] !== -1 ? [] : [Math.max(0, value_mm - least_mm)];
  });

/** A gap is missed by less where that is rounding, in mm. */
const ROUNDING_mm = 1e-9;

/** Says which sizes a part has: parts with the same ones share the same gaps. */
const kindOf = ({ sizes }: LoosePart): string => sizes.map(({ dimension }) => dimension).join();

/**
 * Tells how bodies and sets of gears go together. What a pair of kinds shares, and what each part adds to it,
 * is worked out once, for as long as its owner keeps it: of a million pairs each costs a few sums.
 */
export class Fitter {
  private readonly gaps = new Map<string, readonly SharedGap[]>();
  private readonly shares = new Map<LoosePart, Map<SharedGap, Share>>();
  private readonly kinds = new Map<LoosePart, string>();
  private readonly metal = {
    faced: new Map<LoosePart, number>(),
    ground: new Map<LoosePart, number>(),
  };

  constructor(private readonly rules: PairingRules) {}

  /**
   * Returns how a body and a set of gears go together with the least metal off: what is too wide comes off the
   * deck, what is too tight off the gears; or why they do not.
   */
  fit(body: LoosePart, gears: LoosePart): Fit | Misfit {
    const { sheet, rule } = this.rules;
    if (!mixes(sheet, body, gears)) return misfit('variant');
    const gaps = this.gapsOf(body, gears).map((gap) => {
      const [[a, u], [b, v]] = [this.share(body, gap), this.share(gears, gap)];
      const reach = rule === 'plain' ? 0 : COVERAGE * Math.sqrt(u + v);
      return { gap, low_mm: a + b - reach, high_mm: a + b + reach };
    });
    const [first] = gaps;
    // Nothing is known that they share: nobody can tell whether they fit.
    if (!first) return misfit('unmeasured');
    // The deck only takes from a gap, the gears only give to it.
    let [deckCut_mm, gearGrind_mm] = [0, 0];
    let tightest = first.gap;
    for (const { gap, low_mm, high_mm } of gaps) {
      const cut = gap.perDeck < 0 ? (high_mm - gap.upper_mm) / -gap.perDeck : 0;
      const grind = gap.perGear > 0 ? (gap.lower_mm - low_mm) / gap.perGear : 0;
      if (cut > deckCut_mm || grind > gearGrind_mm) tightest = gap;
      deckCut_mm = Math.max(deckCut_mm, cut);
      gearGrind_mm = Math.max(gearGrind_mm, grind);
    }
    const deckLeft_mm = this.metalLeft(body, 'faced');
    const gearLeft_mm = this.metalLeft(gears, 'ground');
    let short_mm = Math.max(deckCut_mm - deckLeft_mm, gearGrind_mm - gearLeft_mm);
    let margin_mm = Infinity;
    for (const { gap, low_mm, high_mm } of gaps) {
      const by = gap.perDeck * deckCut_mm + gap.perGear * gearGrind_mm;
      const missed = Math.max(high_mm + by - gap.upper_mm, gap.lower_mm - low_mm - by);
      margin_mm = Math.min(margin_mm, -missed);
      if (missed > short_mm) [short_mm, tightest] = [missed, gap];
    }
    if (short_mm > ROUNDING_mm) {
      return { fits: false, why: 'gap', characteristic: tightest.characteristic, short_mm };
    }
    return { fits: true, deckCut_mm, gearGrind_mm, margin_mm: Math.max(0, margin_mm) };
  }

  /** Returns how much may come off a part: what the shop cuts at most, and what the sheet says has to stay. */
  private metalLeft(part: LoosePart, work: 'faced' | 'ground'): number {
    const { most, sheet } = this.rules;
    const left =
      this.metal[work].get(part) ??
      Math.min(
        work === 'faced' ? most.deckCut_mm : most.gearGrind_mm,
        ...leftOn(part, sheet, work),
      );
    this.metal[work].set(part, left);
    return left;
  }

  private gapsOf(body: LoosePart, gears: LoosePart): readonly SharedGap[] {
    const key = `${this.kind(body)}/${this.kind(gears)}`;
    const gaps = this.gaps.get(key) ?? sharedGaps(this.rules, body, gears);
    this.gaps.set(key, gaps);
    return gaps;
  }

  private kind(part: LoosePart): string {
    const kind = this.kinds.get(part) ?? kindOf(part);
    this.kinds.set(part, kind);
    return kind;
  }

  private share(part: LoosePart, gap: SharedGap): Share {
    const shares = this.shares.get(part) ?? new Map<SharedGap, Share>();
    this.shares.set(part, shares);
    const share = shares.get(gap) ?? shareOf(part, gap);
    shares.set(gap, share);
    return share;
  }
}
