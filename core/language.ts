/** Says how the app spells English. */
export type Spelling = 'british' | 'american';

/** Says how words are spelled, and whose way of writing numbers and dates is followed. */
export interface Language {
  readonly spelling: Spelling;
  /** A BCP 47 tag: `de-AT`. */
  readonly locale: string;
}

let inForce: Language = { spelling: 'british', locale: 'en-GB' };

/**
 * Sets the language of all that is said from now on. The one thing that the core is told once and
 * remembers: no figure depends on it, and threading it through every sum would hide the sum.
 */
export function speak(language: Language): void {
  inForce = language;
}

/** Returns the language in force; British spelling and a decimal point until something else is set. */
export const language = (): Language => inForce;

/** Matches the locales of English with a point. */
const POINT = /^en(-(AU|CA|GB|IE|IN|NZ|US))?$/;

/** The decimal signs that were looked up, by their locale. */
const signs = new Map<string, string>();

/** Returns the sign between the whole and its parts in the language in force: a point or a comma. */
export function decimalSign(): string {
  const { locale } = inForce;
  // The first look into a browser's table of locales takes longer than drawing a screen.
  if (POINT.test(locale)) return '.';
  const known = signs.get(locale);
  if (known) return known;
  const parts = new Intl.NumberFormat(locale).formatToParts(1.5);
  const sign = parts.find((p) => p.type === 'decimal')?.value ?? '.';
  signs.set(locale, sign);
  return sign;
}
