/**
 * Input that the core refuses. `field` is the path of the offending field in
 * the caller's own input (`tries[1].felt`), so that a form or a file reader
 * can put the message where the mistake is.
 */
export class InputError extends Error {
  constructor(
    readonly field: string,
    message: string,
  ) {
    super(message);
    this.name = 'InputError';
  }
}
