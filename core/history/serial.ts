/** Limits how short a number may be: a shorter one says of no pump that it is that one. */
const LEAST = 3;

/**
 * Returns a serial number as it is compared: without case, blanks and what is written between its signs; empty where too
 * little is left to tell one pump from another.
 *
 * @param serial as somebody read it off the plate
 * @example
 * serialKey('71 204-a'); // '71204A'
 * serialKey(' - '); // ''
 */
export function serialKey(serial: string): string {
  const key = serial.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '');
  return key.length < LEAST ? '' : key;
}
