/** The port where none is asked for. */
const USUAL = 4173;

/** Tells of a setting that cannot be used, in a sentence for whoever started the server. */
export class SettingError extends Error {}

/**
 * Returns the port that PORT asks for.
 *
 * @throws SettingError where it is no port
 */
export function portFrom(asked: string | undefined): number {
  if (asked === undefined) return USUAL;
  const port = Number(asked);
  if (asked.trim() === '' || !Number.isInteger(port) || port < 0 || port > 65_535) {
    throw new SettingError(
      `PORT is “${asked}”, which is no port. Give a whole number from 1 to 65535, or leave it out for ${USUAL}.`,
    );
  }
  return port;
}
