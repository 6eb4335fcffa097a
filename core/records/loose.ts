/** A record as it was parsed: nothing of it is known yet. */
export type Loose = Readonly<Record<string, unknown>>;

/** Tells a plain object from lists, texts and nothing. */
export const isLoose = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
