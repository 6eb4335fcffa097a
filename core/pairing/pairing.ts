import { sum } from 'd3-array';
import { cheapestPairs, type OnPaired } from './assign';
import { Fitter, metalIn, type Fit, type LoosePart, type Misfit, type PairingRules } from './fit';

/** A pump that can be built of a body and a set of gears. */
export interface Build {
  readonly body: string;
  readonly gears: string;
  /** A misfit only where somebody locked the two together all the same. */
  readonly fit: Fit | Misfit;
}

/** Two parts that a person put together by hand, body first. */
export type LockedPair = readonly [body: string, gears: string];

/** A part that finds no partner, and why: the partner that comes nearest, or that others took all that fit. */
export interface LeftOver {
  readonly part: string;
  /** Is null where nothing was there to pair it with. */
  readonly nearest: string | null;
  /** Is null where it would have fitted, and another part took it. */
  readonly misfit: Misfit | null;
}

/** As many pumps as the shelf allows, with the least metal off, and what is left over. */
export interface BuildList {
  readonly builds: readonly Build[];
  readonly left: readonly LeftOver[];
  /** Metal that comes off in all, in mm. */
  readonly metal_mm: number;
}

/** A part that another was held against, and how the two go together. */
type Met = readonly [other: string, fit: Fit | Misfit];

/** Says why a part is left over, by its fits with all that it could have been paired with. */
function leftOver(part: string, fits: readonly Met[]): LeftOver {
  const taken = fits.find(([, fit]) => fit.fits);
  if (taken) return { part, nearest: taken[0], misfit: null };
  const missed = fits.flatMap(([other, fit]) => (fit.fits ? [] : [{ other, fit }]));
  const nearest = missed.reduce<(typeof missed)[number] | undefined>((best, next) => {
    // What only its size keeps apart is nearer than what its variant does.
    const rank = (m: Misfit) => (m.why === 'gap' ? m.short_mm : Infinity);
    return !best || rank(next.fit) < rank(best.fit) ? next : best;
  }, undefined);
  return { part, nearest: nearest?.other ?? null, misfit: nearest?.fit ?? null };
}

/** Lists those of some parts that found no partner, and why. */
const alone = (
  parts: readonly LoosePart[],
  paired: ReadonlySet<string>,
  metBy: (at: number) => readonly Met[],
): LeftOver[] => parts.flatMap(({ id }, at) => (paired.has(id) ? [] : [leftOver(id, metBy(at))]));

/** Returns what pairing two parts costs: a pair made by hand nothing, and neither of them goes with another. */
const costOf = (fit: Fit | Misfit, isLocked: boolean, isTaken: boolean): number => {
  if (isLocked) return 0;
  return isTaken ? Infinity : metalIn(fit);
};

/**
 * Returns as many pumps as can be built of bodies and sets of gears inside a sheet's limits, and among those
 * the least metal off; null where it was called off.
 *
 * @param rules the sheet’s limits, the house’s way to judge, what may come off
 * @param bodies in any order
 * @param gears sets, in any order
 * @param locked pairs that a person made by hand, body first: they stay together, fit or not
 * @param onPaired is told how far it is, and may call it off
 */
export function pairUp(
  rules: PairingRules,
  bodies: readonly LoosePart[],
  gears: readonly LoosePart[],
  locked: readonly LockedPair[] = [],
  onPaired?: OnPaired,
): BuildList | null {
  const fitter = new Fitter(rules);
  const rows = bodies.length;
  // Half of the way is to see how each goes with each.
  const fits: (Fit | Misfit)[][] = [];
  for (const body of bodies) {
    fits.push(gears.map((set) => fitter.fit(body, set)));
    if (onPaired && !onPaired(fits.length, 2 * rows)) return null;
  }
  const setOf = new Map(locked);
  const bodyOf = new Map(locked.map(([body, set]) => [set, body]));
  const costs = new Float64Array(rows * gears.length);
  fits.forEach((row, i) => {
    const body = bodies[i]?.id ?? '';
    row.forEach((fit, j) => {
      const set = gears[j]?.id ?? '';
      costs[i * gears.length + j] = costOf(
        fit,
        setOf.get(body) === set,
        setOf.has(body) || bodyOf.has(set),
      );
    });
  });
  const columnOf = cheapestPairs({ rows, columns: gears.length, costs }, (done) =>
    onPaired ? onPaired(rows + done, 2 * rows) : true,
  );
  if (!columnOf) return null;
  const builds = [...columnOf].flatMap((column, row): Build[] => {
    const [body, set, fit] = [bodies[row], gears[column], fits[row]?.[column]];
    return body && set && fit ? [{ body: body.id, gears: set.id, fit }] : [];
  });
  const paired = new Set(builds.flatMap((b) => [b.body, b.gears]));
  const beside = (others: readonly LoosePart[], fitWith: (i: number) => Fit | Misfit | undefined) =>
    others.flatMap(({ id }, i): Met[] => {
      const fit = fitWith(i);
      return fit ? [[id, fit]] : [];
    });
  const left = [
    ...alone(bodies, paired, (row) => beside(gears, (column) => fits[row]?.[column])),
    ...alone(gears, paired, (column) => beside(bodies, (row) => fits[row]?.[column])),
  ];
  // A pair that a person made by hand stays, whether it fits or not.
  const metal_mm = sum(
    builds.filter(({ fit }) => fit.fits),
    ({ fit }) => metalIn(fit),
  );
  return { builds, left, metal_mm };
}
