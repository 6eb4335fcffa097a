/** Even random numbers from 0 to 1, one at each call. */
export type Even = () => number;

/** Makes a small generator of even random numbers (Mulberry32), the same for the same seed. */
export function evenFrom(seed: number): Even {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Returns a normal random number with mean 0 and standard deviation 1 (Box and Muller). */
export function normalFrom(even: Even): number {
  return Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

/** Returns a seed from a text: the same for the same text (FNV-1a). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const sign of text) hash = Math.imul(hash ^ (sign.codePointAt(0) ?? 0), 0x01000193);
  return hash >>> 0;
}
