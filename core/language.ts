/** Says how the app spells English. */
export type Spelling = 'british' | 'american';

/** Says how words are spelled, and whose way of writing numbers and dates is followed. */
export interface Language {
  readonly spelling: Spelling;
  /** A BCP 47 tag: `de-AT`. */
  readonly locale: string;
}

interface InForce extends Language {
  /** Holds the sign between the whole and its parts: a point or a comma. */
  readonly decimalSign: string;
}

function inForceBy(language: Language): InForce {
  const parts = new Intl.NumberFormat(language.locale).formatToParts(1.5);
  return { ...language, decimalSign: parts.find((p) => p.type === 'decimal')?.value ?? '.' };
}

let inForce = inForceBy({ spelling: 'british', locale: 'en-GB' });

/**
 * Sets the language of all that is said from now on. The one thing that the core is told once and
 * remembers: no figure depends on it, and threading it through every sum would hide the sum.
 */
export function speak(language: Language): void {
  inForce = inForceBy(language);
}

/** Returns the language in force; British spelling and a decimal point until something else is set. */
export const language = (): InForce => inForce;
