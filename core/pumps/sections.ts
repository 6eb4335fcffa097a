import { say } from '../wording/say';
import type { Characteristic, Dimension, Feature, Part, PumpModel, Term } from './family';
import type { PartId } from './ids';
import type { Surface, Teardown } from './teardown/teardown';

/** Holds what a section brings to the model of its pump. */
export type Pieces = Omit<PumpModel, 'kinds'>;

/** The gears of a section, by the ids and the words of their parts. */
export type GearName = readonly [id: 'drive' | 'idler', name: string];
export type Gears = readonly [GearName, GearName];

/** The two gears of a section: the one on the shaft, and the one that it drives. */
export const GEARS: Gears = [
  ['drive', 'drive gear'],
  ['idler', 'driven gear'],
];

/** The same where the second turns on a shaft that is fixed in the body. */
export const GEAR_AND_IDLER: Gears = [
  ['drive', 'drive gear'],
  ['idler', 'idler'],
];

/**
 * Names what is of one section of a stack. The first is named as in a pump of one section, so that its readings stay
 * its own when sections are added.
 */
class InStack {
  constructor(
    private readonly number: number,
    private readonly sections: number,
  ) {}

  readonly of = <Id extends string>(id: Id): Id =>
    this.number === 1 ? id : (`${id}-s${this.number}` as Id);

  readonly word = (name: string): string =>
    this.sections === 1 ? name : say('pumps.section', { number: this.number, name });

  private readonly terms = (terms: readonly Term[]): Term[] =>
    terms.map((t) => ({ ...t, dimension: this.of(t.dimension) }));

  /** Names what stands in the stack; of what kind of thing it is, its own references are named beside. */
  private named<T extends Part | Dimension | Characteristic>(item: T): T {
    const { of, word, number } = this;
    return { ...item, id: of(item.id), name: word(item.name), section: number };
  }

  readonly part = (part: Part): Part => this.named(part);

  readonly feature = (f: Feature): Feature => ({
    ...f,
    id: this.of(f.id),
    name: this.word(f.name),
    part: this.of(f.part),
  });

  readonly dimension = (d: Dimension): Dimension => ({
    ...this.named(d),
    part: this.of(d.part),
    ...(d.follows ? { follows: this.terms(d.follows) } : {}),
  });

  readonly characteristic = (c: Characteristic): Characteristic => {
    const { of, terms } = this;
    return {
      ...this.named(c),
      ...(c.terms ? { terms: terms(c.terms) } : {}),
      ...(c.besides ? { besides: c.besides.map(terms) } : {}),
      ...(c.rests ? { rests: c.rests.map(of) } : {}),
      ...(c.follows ? { follows: terms(c.follows) } : {}),
      ...(c.tilt ? { tilt: { ...c.tilt, dimension: of(c.tilt.dimension) } } : {}),
      ...(c.sum ? { sum: c.sum.map(of) as unknown as NonNullable<Characteristic['sum']> } : {}),
    };
  };

  readonly surface = (s: Surface): Surface => ({
    ...s,
    id: this.of(s.id),
    name: this.word(s.name),
    parts: s.parts.map(this.of),
    spot: 'of' in s.spot ? { ...s.spot, of: this.of(s.spot.of) } : s.spot,
    asks: s.asks.map((a) => ({ ...a, measure: a.measure.map(this.of) })),
  });
}

/**
 * Returns the pieces of a pump as those of one section of a stack: every id and name says which.
 *
 * @param pieces as of a pump of one section
 */
export function onSection(pieces: Pieces, number: number, sections: number): Pieces {
  const stack = new InStack(number, sections);
  return {
    parts: pieces.parts.map(stack.part),
    features: pieces.features.map(stack.feature),
    dimensions: pieces.dimensions.map(stack.dimension),
    characteristics: pieces.characteristics.map(stack.characteristic),
  };
}

/**
 * Returns the id that something has on a section of a stack: on the first its own.
 *
 * @param id as it is on the first section
 * @param number of the section, from 1
 * @example
 * onSectionId('end', 1); // 'end'
 * onSectionId('end', 3); // 'end-s3'
 */
export const onSectionId = <Id extends string>(id: Id, number: number): Id =>
  new InStack(number, 0).of(id);

/** Returns the ids that parts have on a section of a stack. */
export const onSectionIds = (parts: readonly PartId[], number: number): PartId[] =>
  parts.map((id) => onSectionId(id, number));

/** Returns what is looked at, taken out and checked of one section of a stack; see `onSection`. */
export function teardownOnSection<T extends Pick<Teardown, 'surfaces' | 'strip' | 'also'>>(
  teardown: T,
  number: number,
  sections: number,
): T {
  const { of, word, surface } = new InStack(number, sections);
  return {
    ...teardown,
    surfaces: teardown.surfaces.map(surface),
    // A step is of a kind of part where several come out at once: that has no section.
    strip: teardown.strip.map((s) => ({ ...s, id: of(s.id), do: word(s.do) })),
    also: teardown.also.map((c) => ({ ...c, id: of(c.id), name: word(c.name), ask: word(c.ask) })),
  };
}

/**
 * Sorts what is of a pump by its sections; what is of the whole pump comes with the first.
 *
 * @param items each with its section; null for the whole pump
 * @example
 * bySection([{ section: 2 }, { section: null }]); // [{ section: 1, items: [{ section: null }] }, { section: 2 }]
 */
export function bySection<T extends { readonly section: number | null }>(
  items: readonly T[],
): { readonly section: number; readonly items: readonly T[] }[] {
  const numbers = items.map(({ section }) => section ?? 1);
  return [...new Set(numbers)]
    .sort((a, b) => a - b)
    .map((section) => ({ section, items: items.filter((_, i) => numbers[i] === section) }));
}
