/** Records who voided an entry, when and why. */
export interface Voiding {
  readonly at: string;
  readonly by: string;
  readonly why: string;
}

/** An entry of a journal with what became of it: null while it counts. */
export type Voidable<T> = T & { readonly voided: Voiding | null };

/** Returns the entries of a list that count: those that nobody voided. */
export function counting<T extends { readonly voided: Voiding | null }>(list: readonly T[]): T[] {
  return list.filter((item) => item.voided === null);
}
