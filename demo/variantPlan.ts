import { kindId } from '../core/pumps/ids';
import type { KeyCheck, Variant } from '../core/records/key';
import type { Sheet } from '../core/records/sheet';

type Range = readonly [from: number | null, to: number | null];

/** How the variants of a sheet of the demo are told apart. */
export interface VariantPlan {
  /** Question and options, or question and usual uncertainty in mm of a size. */
  readonly checks: Readonly<Record<string, readonly [ask: string, of: readonly string[] | number]>>;
  readonly variants: readonly {
    readonly name: string;
    readonly years?: Range;
    readonly serials?: Range;
    /** By check: its option, or its least and largest size in mm. */
    readonly marks?: Readonly<Record<string, string | Range>>;
  }[];
  /** Part and variant against part and variant, by the numbers of the variants. */
  readonly mixes?: readonly (readonly [
    part: string,
    of: number,
    against: string,
    into: number,
    fits: boolean,
    note: string,
  ])[];
}

const variantId = (number: number): string => `variant-${number}`;

/** The key, variants and mixes of a sheet as it keeps them. */
export function keyOf(plan: VariantPlan): Pick<Sheet, 'key' | 'variants' | 'mixes'> {
  const key = Object.entries(plan.checks).map(([id, [ask, of]]): KeyCheck =>
    typeof of === 'number'
      ? { id, kind: 'size', ask, options: [], u_mm: of }
      : { id, kind: 'feature', ask, options: [...of], u_mm: null },
  );
  const variants = plan.variants.map(({ name, years, serials, marks }, i): Variant => ({
    id: variantId(i + 1),
    name,
    fromYear: years?.[0] ?? null,
    toYear: years?.[1] ?? null,
    fromSerial: serials?.[0] ?? null,
    toSerial: serials?.[1] ?? null,
    note: '',
    marks: Object.entries(marks ?? {}).map(([check, shown]) =>
      typeof shown === 'string'
        ? { check, option: shown, from_mm: null, to_mm: null }
        : { check, option: null, from_mm: shown[0], to_mm: shown[1] },
    ),
  }));
  const mixes = (plan.mixes ?? []).map(([part, of, against, into, fits, note]) => ({
    part: kindId(part),
    against: kindId(against),
    fits,
    note,
    of: variantId(of),
    in: variantId(into),
  }));
  return { key, variants, mixes };
}
