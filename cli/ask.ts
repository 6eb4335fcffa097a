import { answer } from './answer';

/** Returns the answer of a sum to some input, as the tests ask for it. */
export const ask = async (name: string, input: unknown) =>
  (await answer(name, JSON.stringify(input))).value as Record<string, unknown>;

/** Returns the error with which a sum answers some input; null for none. */
export const errorOf = async (name: string, input: unknown) =>
  ((await ask(name, input)).error ?? null) as { field: string; message: string } | null;
