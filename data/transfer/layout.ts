import type { RecordKind } from '../../core/records/kind';

/**
 * A backup: everything that the browser keeps, in a zip that is written and read piece by piece.
 * `backup.json` begins it and `end.json` ends it, with the count of what is between them.
 */
export const BACKUP_FORMAT = 'dial-bench-backup';
export const BACKUP_VERSION = 1;

/** Names of the files in a backup. */
export const HEAD = 'backup.json';
export const END = 'end.json';
export const UNREADABLE = 'unreadable.ndjson';
export const PHOTO_HEADS = 'photos.ndjson';
export const pictureName = (id: string): string => `photos/${id}.jpg`;

/** The kinds of record that lie in files of lines, by what the names of those begin with. */
export const PARTS = {
  shop: 'shop',
  sheets: 'sheet',
  studies: 'study',
  parts: 'part',
  jobs: 'job',
  traces: 'trace',
} as const;

/** Returns the kind of the records in a file of a backup: `jobs-3.ndjson` has jobs; null for none. */
export const kindOfPart = (name: string): RecordKind | null =>
  PARTS[/^(\w+)-\d+\.ndjson$/.exec(name)?.[1] as keyof typeof PARTS] ?? null;

export const isPicture = (name: string): boolean => name.startsWith('photos/');

/** A record that could not be read, as it lies in storage. */
export interface RawRecord {
  readonly key: string;
  readonly raw: string;
}
