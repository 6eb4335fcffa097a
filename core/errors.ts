/** Describes what the sentence of an error is made of besides its code. */
export type ErrorParams = Readonly<Record<string, string | number>>;

/**
 * Tells of input that the core refuses: where, which kind of mistake, with which figures, and that in a sentence.
 * A form puts the sentence at its field; a program that shows its own words goes by code and parameters.
 */
export class InputError extends Error {
  /**
   * @param field path of the offending field in the caller's own input: `tries[1].felt`
   * @param code which kind of mistake it is, the same in every version: `contradiction`
   */
  constructor(
    readonly field: string,
    readonly code: string,
    message: string,
    readonly params: ErrorParams = {},
  ) {
    super(message);
    this.name = 'InputError';
  }
}

/** Holds what came of reading what somebody entered: a value, or the sentence that says what is wrong with it. */
export type Tried<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

/**
 * Returns what comes of reading what somebody entered; whatever else goes wrong is thrown on.
 *
 * @param read throws an InputError where it cannot be read
 */
export function tried<T>(read: () => T): Tried<T> {
  try {
    return { ok: true, value: read() };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, message: error.message };
  }
}

/** Lists the errors that were made for people to read: all others speak to whoever wrote the code. */
const FOR_PEOPLE: readonly string[] = [
  'Error',
  'InputError',
  'FileError',
  'StorageError',
  'UnreadableRecord',
  'PhotoError',
  'ChangedElsewhere',
  'Overtaken',
  'Cancelled',
];

/** Said of whatever went wrong in the app itself. */
const OWN_FAULT =
  'Something went wrong in the app. Nothing that was stored is lost. Try again; if it stays, load the page again.';

/** Returns why something failed, in a sentence: never the words of the language or the browser. */
export const reasonOf = (error: unknown): string =>
  error instanceof Error && FOR_PEOPLE.includes(error.name) && error.message !== ''
    ? error.message
    : OWN_FAULT;
