import type { State } from '../guidance/evaluator';
import { hasRole } from '../pumps/kinds';
import { pumpOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { PartSize, ShelfPart } from '../records/part';
import { nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import { Fitter, metalIn, type Fit, type LoosePart, type MetalAllowed, type Misfit } from './fit';
import { inferredSizes } from './inferred';
import { wholeSize } from './piece';
import { holds, lyingFor, rulesFor, turns } from './roles';

/** Holds what choosing needs to know of a pump. */
type PumpState = Pick<State, 'characteristics' | 'dimensions'>;

/** A part that could go into a pump, from the shelf or bought, and how it would fit. */
export interface PartChoice {
  readonly part: LoosePart;
  /** Is written on it, or names what is bought. */
  readonly label: string;
  /** The part on the shelf; null where it would be bought. */
  readonly shelf: ShelfPart | null;
  readonly price: number;
  readonly days: number;
  readonly fit: Fit | Misfit;
}

/** Returns every size that is known of a pump: measured, or left by a gap that was measured over others. */
function sizesOf({ characteristics, dimensions }: PumpState): ReadonlyMap<string, PartSize> {
  const measured = [...dimensions].flatMap(([id, quantity]) => wholeSize(id, quantity) ?? []);
  const known = new Map(measured.map((size) => [size.dimension, size]));
  const inferred = inferredSizes(characteristics, known);
  return new Map([...inferred, ...measured].map((size) => [size.dimension, size]));
}

/** Returns all that a pump keeps while some of its parts are exchanged, with the sizes that are known of it. */
function restOf(
  { sheet, variant }: Pick<Job, 'sheet' | 'variant'>,
  known: ReadonlyMap<string, PartSize>,
  without: readonly string[],
): LoosePart {
  const pump = pumpOf(sheet);
  const parts = pump.parts.map(({ id }) => id).filter((id) => !without.includes(id));
  const sizes = pump.dimensions.flatMap(({ id, part }) =>
    parts.includes(part) ? (known.get(id) ?? []) : [],
  );
  return { id: 'this-pump', parts, variant, sizes };
}

/** Lists the gears of another width that the sheet says can be bought, by their nominal sizes. */
function boughtSets(sheet: Sheet): (Omit<PartChoice, 'fit'> & { readonly part: LoosePart })[] {
  const pump = pumpOf(sheet);
  const parts = pump.parts.filter((part) => hasRole(part, 'set')).map(({ id }) => id);
  return sheet.sets.map(({ id, name, over_mm, price, days }) => {
    const sizes = pump.dimensions.flatMap(({ id: dimension, part, width }) => {
      const nominal = parts.includes(part) ? nominalOf(sheet, dimension) : undefined;
      const over = width ? over_mm : 0;
      return nominal === undefined ? [] : [{ dimension, value_mm: nominal + over, u_mm: 0 }];
    });
    return { part: { id, parts, variant: null, sizes }, label: name, shelf: null, price, days };
  });
}

/** Orders what fits by the metal that comes off, its price and how far inside it lies; then what does not by how much it misses. */
function byMetal(a: PartChoice, b: PartChoice): number {
  if (a.fit.fits || b.fit.fits) {
    const [x, y] = [metalIn(a.fit), metalIn(b.fit)];
    const deeper = ({ fit }: PartChoice) => (fit.fits ? fit.margin_mm : 0);
    return x === y ? a.price - b.price || deeper(b) - deeper(a) : x - y;
  }
  const short = ({ fit }: PartChoice) => (!fit.fits && fit.why === 'gap' ? fit.short_mm : Infinity);
  const [x, y] = [short(a), short(b)];
  return x === y ? 0 : x - y;
}

/**
 * Lists which parts on the shelf, or which width that can be bought, bring a pump in: with no cut first, then
 * with the smallest, then those that do not fit, the nearest first.
 *
 * @param job its sheet, its limits, the house rules and its variant
 * @param state what is known of the pump
 * @param shelf the loose parts of the shop
 * @param most how much metal may come off at most
 */
export function choicesFor(
  job: Pick<Job, 'sheet' | 'tier' | 'rules' | 'variant'>,
  state: PumpState,
  shelf: readonly ShelfPart[],
  most: MetalAllowed,
): PartChoice[] {
  const { sheet } = job;
  const fitter = new Fitter(rulesFor(sheet, job.tier, job.rules, most));
  const known = sizesOf(state);
  const rests = new Map<string, LoosePart>();
  const restWithout = (parts: readonly string[]): LoosePart => {
    const key = parts.join();
    const rest = rests.get(key) ?? restOf(job, known, parts);
    rests.set(key, rest);
    return rest;
  };
  const lying = lyingFor(shelf, sheet).map((part) => ({
    part,
    label: part.label,
    shelf: part,
    price: 0,
    days: 0,
  }));
  return [...lying, ...boughtSets(sheet)]
    .map((choice): PartChoice => {
      const { part } = choice;
      const rest = restWithout(part.parts);
      // What holds the others is faced; what goes into it is ground.
      const fit = holds(sheet, part) ? fitter.fit(part, rest) : fitter.fit(rest, part);
      return { ...choice, fit };
    })
    .sort(byMetal);
}

/**
 * Returns the body or the gears on the shelf that fit with the least metal off; null where none do.
 *
 * @param sheet of the pump
 * @param choices the best first
 */
export const bestOnShelf = (sheet: Sheet, choices: readonly PartChoice[]): PartChoice | null =>
  choices.find(
    ({ shelf, fit }) => shelf !== null && fit.fits && (holds(sheet, shelf) || turns(sheet, shelf)),
  ) ?? null;
