import { say } from '../wording/say';
/**
 * Describes what one section of a stack is called in ids and words; the first of a single pump has no
 * mark.
 */
export interface Section {
  readonly of: (id: string) => string;
  readonly word: (name: string) => string;
  readonly gears: readonly [GearName, GearName];
}

/**
 * Returns how the parts and sizes of one section of a pump are named: the first as in a pump of one
 * section, so that its readings stay its own when sections are added.
 */
export const sectionOf = (number: number, sections: number, gears = GEARS): Section => ({
  gears,
  of: (id) => (number === 1 ? id : `${id}-s${number}`),
  word: (name) => (sections === 1 ? name : say('pumps.section', { number, name })),
});

/** Returns the number of the section that a name is of; null for what is of the whole pump. */
export function sectionIn(name: string): number | null {
  const number = /^Section (\d): /.exec(name)?.[1];
  return number === undefined ? null : Number(number);
}

/** Returns a name without the section that it is of: `Section 2: Body width` is `Body width`. */
export const nameInSection = (name: string): string => name.replace(/^Section \d: /, '');

/** Sorts what is of a pump by its sections; what is of no section in particular comes with the first. */
export function bySection<T extends { readonly name: string }>(
  items: readonly T[],
): { readonly section: number; readonly items: readonly T[] }[] {
  const numbers = items.map(({ name }) => sectionIn(name) ?? 1);
  return [...new Set(numbers)]
    .sort((a, b) => a - b)
    .map((section) => ({ section, items: items.filter((_, i) => numbers[i] === section) }));
}

/** Returns the id that a part, size or characteristic has on the first section of a stack. */
export const onFirstSection = (id: string): string => id.replace(/-s\d$/, '');

export type GearName = readonly [id: 'drive' | 'idler', name: string];

/** The two gears of a section: the one on the shaft, and the one that it drives. */
export const GEARS: Section['gears'] = [
  ['drive', 'drive gear'],
  ['idler', 'driven gear'],
];

/** The same where the second turns on a shaft that is fixed in the body. */
export const GEAR_AND_IDLER: Section['gears'] = [
  ['drive', 'drive gear'],
  ['idler', 'idler'],
];
