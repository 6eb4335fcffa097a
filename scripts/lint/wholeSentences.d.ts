/** Matches the words that have two spellings, as the lint rule looks for them. */
export const BRITISH: RegExp;
