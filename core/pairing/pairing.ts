import { cheapestPairs, type OnPaired } from './assign';
import { Fitter, type Fit, type LoosePart, type Misfit, type PairingRules } from './fit';

/** A pump that can be built of a body and a set of gears. */
export interface Build extends Omit<Fit, 'fits'> {
  readonly body: string;
  readonly gears: string;
}

/** A part that finds no partner, and why: the partner that comes nearest, or that others took all that fit. */
export interface LeftOver {
  readonly part: string;
  /** Null where nothing was there to pair it with. */
  readonly nearest: string | null;
  /** Null where it would have fitted, and another part took it. */
  readonly misfit: Misfit | null;
}

/** As many pumps as the shelf allows, with the least metal off, and what is left over. */
export interface BuildList {
  readonly builds: readonly Build[];
  readonly left: readonly LeftOver[];
  /** Metal that comes off in all, in mm. */
  readonly metal_mm: number;
}

/** Says why a part is left over, by its fits with all that it could have been paired with. */
function leftOver(
  part: string,
  fits: readonly (readonly [other: string, fit: Fit | Misfit])[],
): LeftOver {
  const taken = fits.find(([, fit]) => fit.fits);
  if (taken) return { part, nearest: taken[0], misfit: null };
  const missed = fits.flatMap(([other, fit]) => (fit.fits ? [] : [{ other, fit }]));
  const nearest = missed.reduce<(typeof missed)[number] | undefined>((best, next) => {
    // What only its size keeps apart is nearer than what its variant does.
    const rank = (m: Misfit) => (m.characteristic === null ? Infinity : m.short_mm);
    return !best || rank(next.fit) < rank(best.fit) ? next : best;
  }, undefined);
  return { part, nearest: nearest?.other ?? null, misfit: nearest?.fit ?? null };
}

/**
 * Returns as many pumps as can be built of bodies and sets of gears inside a sheet's limits, and among those
 * the least metal off; null where it was called off.
 *
 * @param locked pairs that a person made by hand, body first: they stay together, fit or not
 * @param onPaired is told how far it is, and may call it off
 */
export function pairUp(
  rules: PairingRules,
  bodies: readonly LoosePart[],
  gears: readonly LoosePart[],
  locked: readonly (readonly [body: string, gears: string])[] = [],
  onPaired?: OnPaired,
): BuildList | null {
  const fitter = new Fitter(rules);
  const fits = bodies.map((body) => gears.map((set) => fitter.fit(body, set)));
  const lockedTo = (body: string) => locked.find(([b]) => b === body)?.[1];
  const lockedBy = (set: string) => locked.find(([, g]) => g === set)?.[0];
  const costs = Float64Array.from(
    fits.flatMap((row, i) =>
      row.map((fit, j) => {
        const [body, set] = [bodies[i]?.id ?? '', gears[j]?.id ?? ''];
        const [wantedSet, wantedBody] = [lockedTo(body), lockedBy(set)];
        if (wantedSet === set) return 0;
        if (wantedSet !== undefined || wantedBody !== undefined || !fit.fits) return Infinity;
        return fit.deckCut_mm + fit.gearGrind_mm;
      }),
    ),
  );
  const table = { rows: bodies.length, columns: gears.length, costs };
  const columnOf = cheapestPairs(table, onPaired);
  if (!columnOf) return null;
  const builds = [...columnOf].flatMap((column, row): Build[] => {
    const fit = fits[row]?.[column];
    if (!fit) return [];
    const off = fit.fits ? fit : { deckCut_mm: 0, gearGrind_mm: 0 };
    const { deckCut_mm, gearGrind_mm } = off;
    return [
      { body: bodies[row]?.id ?? '', gears: gears[column]?.id ?? '', deckCut_mm, gearGrind_mm },
    ];
  });
  const paired = new Set(builds.flatMap((b) => [b.body, b.gears]));
  const left = [
    ...bodies.map((body, i) => {
      const row = fits[i] ?? [];
      return leftOver(
        body.id,
        row.map((fit, j) => [gears[j]?.id ?? '', fit]),
      );
    }),
    ...gears.map((set, j) =>
      leftOver(
        set.id,
        fits.flatMap((row, i) => {
          const fit = row[j];
          return fit ? [[bodies[i]?.id ?? '', fit] as const] : [];
        }),
      ),
    ),
  ].filter(({ part }) => !paired.has(part));
  const metal_mm = builds.reduce((sum, b) => sum + b.deckCut_mm + b.gearGrind_mm, 0);
  return { builds, left, metal_mm };
}
