import type { Assessment } from '../assessment/assessment';
import { CONFIDENCE } from '../metrology/conformity';
import { centre, ends, isOpen, type Estimate } from '../metrology/estimate';
import type { Limits } from '../metrology/interval';
import { COVERAGE, normalBeyond } from '../metrology/normal';
import { dimensionOf, type PumpKind } from '../pumps/registry';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { listed, paragraph, say } from './say';

/** Standard uncertainties that lie between a limit and a value that the guarded rule calls in. */
const GUARD = normalBeyond(1 - CONFIDENCE);

/** A value nearer to its limit than this share of its uncertainty lies on it, for all that any gauge can tell. */
const ON_THE_LIMIT = 0.2;

/** Lists the sizes that are still to be read, as a rebuilder says them; empty for none. */
export const sizesWanted = ({ missing }: Assessment, pump: PumpKind): string =>
  listed([...new Set(missing)].map((id) => dimensionOf(pump, id).name));

/** Returns a limit, and the end of the range that is held against it. */
const heldAgainst = (a: Assessment): (readonly [limit: number, held: Estimate])[] => {
  const { limits, smallest, largest } = a;
  return (
    [
      [limits?.upper_mm, largest],
      [limits?.lower_mm, smallest],
    ] as const
  ).flatMap(([limit, held]) => (limit != null && held ? [[limit, held] as const] : []));
};

/** Returns the thickness that would split a bracket, in mm: one within it, as near as can be to the limit. */
function splitting(a: Assessment): number | null {
  const found = heldAgainst(a).find(([limit, held]) => {
    const [lo, hi] = ends(held);
    return held.kind === 'interval' && !isOpen(held) && limit > lo && limit < hi;
  });
  return found?.[0] ?? null;
}

/** Returns what the others leave of the limits of a sum for one of its parts. */
function roomFor(part: Assessment, { parts, limits }: Assessment): Limits {
  const others = parts.filter((other) => other !== part);
  const left = (limit: number | null | undefined, end: (a: Assessment) => number) =>
    limit == null ? null : limit - others.reduce((sum, other) => sum + end(other), 0);
  return {
    lower_mm: left(limits?.lower_mm, (a) => (a.smallest ? ends(a.smallest)[0] : 0)),
    upper_mm: left(limits?.upper_mm, (a) => (a.largest ? ends(a.largest)[1] : Infinity)),
  };
}

/** Says which leaf would split what leaves left open; null where none would. */
function leafWords(a: Assessment, unit: ShopUnit): string | null {
  const places = a.parts.length > 0 ? a.parts : [a];
  for (const part of places) {
    const limits = a.parts.length > 0 ? roomFor(part, a) : a.limits;
    const mm = splitting({ ...part, limits: limits as Assessment['limits'] });
    if (mm !== null && mm > 0) {
      const leaf = formatWithUnit(mm, 'gap', unit);
      return a.parts.length > 0
        ? say('judge.leafWouldAt', { leaf, place: part.characteristic.name })
        : say('judge.leafWould', { leaf });
    }
  }
  return null;
}

/** Says what an instrument must be good to, where the value is a figure; null where it is none. */
function finerWords(a: Assessment, unit: ShopUnit): string | null {
  for (const [limit, held] of heldAgainst(a)) {
    if (held.kind !== 'value' || held.u_mm === 0) continue;
    const [lo, hi] = ends(held);
    if (limit < lo || limit > hi) continue;
    const off = Math.abs(centre(held) - limit);
    if (off < ON_THE_LIMIT * held.u_mm) {
      return 'It is on the limit, where no instrument can tell. Measure it again, or decide it yourself.';
    }
    const good = formatWithUnit((COVERAGE * off) / GUARD, 'gap', unit);
    return say('judge.finer', { u: good });
  }
  return null;
}

/** Says of which instruments the zero is in doubt; null for none. */
function zeroWords(a: Assessment): string | null {
  const states = [a, ...a.parts].map(({ zero }) => zero);
  if (states.includes('never')) return 'Zero the instruments first: one was never zeroed.';
  return states.includes('overdue') ? 'Zero the instruments first: one is overdue.' : null;
}

/**
 * Says what would decide a gap that is too close to call, in a sentence or two that can be followed: zero
 * the instrument, sizes instead of leaves, another leaf and how thick, a finer instrument.
 */
export function adviceWords(a: Assessment, pump: PumpKind, unit: ShopUnit): string {
  const wanted = sizesWanted(a, pump);
  const ways = paragraph(
    zeroWords(a),
    wanted && say('judge.micThese', { sizes: wanted }),
    leafWords(a, unit),
    finerWords(a, unit),
  );
  return ways || 'Your instruments cannot decide it. Use a finer one.';
}
