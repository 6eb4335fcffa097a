import { VERSION, type RecordKind } from '../core/records/kind';

/**
 * What is kept beside a record: what its texts come to, so that thousands of readings are not checked
 * again each time a job is opened, and which write it is from. A record that was cut short, or
 * written over by anything but the app, does not match and is checked in full. So is one of another
 * version: the checksum names that.
 */
export interface Seal {
  readonly checksum: string;
  /** Another for every write; of a seal from before there were tokens it is all of its text. */
  readonly token: string;
}

/** Where the seal of a record lies. */
export const sealKey = (key: string): string => `seal/${key}`;

/** Returns a short sign of a text that changes with every character of it: its length and a hash (FNV-1a). */
export function hashOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return `${text.length}.${(hash >>> 0).toString(36)}`;
}

/** Returns what the texts of a record come to, by the hash of each. */
export const checksumOf = (kind: RecordKind, revision: number, hashes: readonly string[]): string =>
  `${kind} ${VERSION[kind]} ${revision} ${hashes.join(' ')}`;

/** Returns the text of the seal of a record that is written now. */
export const sealText = (checksum: string): string => `${checksum} #${crypto.randomUUID()}`;

/** Reads a seal; null where there is none. */
export function sealFrom(text: string | null | undefined): Seal | null {
  if (!text) return null;
  const at = text.lastIndexOf(' #');
  return at < 0
    ? { checksum: text, token: text }
    : { checksum: text.slice(0, at), token: text.slice(at + 2) };
}
