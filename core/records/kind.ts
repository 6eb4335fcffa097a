/** The kinds of record that are kept and that travel in files. */
export type RecordKind = 'job' | 'sheet' | 'shop' | 'study' | 'part' | 'photo' | 'trace';

/** The version of each kind of record that this code writes. */
export const VERSION = {
  job: 18,
  sheet: 13,
  shop: 11,
  study: 2,
  part: 3,
  photo: 1,
  trace: 1,
} as const satisfies Readonly<Record<RecordKind, number>>;
