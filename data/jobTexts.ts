import type { Entry } from '../core/records/entry';
import type { Job } from '../core/records/job';
import type { Sheet } from '../core/records/sheet';
import { hashOf } from './seal';

/**
 * How a job lies in storage: a head with all that is short, its sheet, and its journal in chunks. A
 * tap adds an entry to the last chunk; the others and the sheet stay as they were written, so that a
 * tap costs the same however long the job is.
 */

/** Entries that lie together in one chunk. */
const CHUNK = 64;

/** More chunks than this no job has: a head that says so is damaged. */
const MOST_CHUNKS = 4096;

/** Where the copy of its sheet lies that a job has. */
export const sheetKey = (id: string): string => `copy/${id}`;
/** What the keys of a job's chunks begin with. */
export const chunkPrefix = (id: string): string => `entries/${id}/`;
const chunkKey = (id: string, at: number): string => `${chunkPrefix(id)}${at}`;

/** Lists the keys at which a job lies besides its head. */
export const partKeys = (id: string, chunks: number): string[] => [
  sheetKey(id),
  ...Array.from({ length: chunks }, (_, at) => chunkKey(id, at)),
];

/** The marks of what was written of a job besides its head. */
export interface Layout {
  readonly sheet: string;
  readonly chunks: readonly string[];
}

/** A job as it was written last. */
export interface Written {
  readonly job: Job;
  readonly layout: Layout;
}

/** The texts of entries and sheets, which are never changed, only replaced. */
const KNOWN = new WeakMap<object, string>();

function textOf(part: object): string {
  const text = KNOWN.get(part) ?? JSON.stringify(part);
  KNOWN.set(part, text);
  return text;
}

const chunkOf = (journal: readonly Entry[], at: number): readonly Entry[] =>
  journal.slice(at * CHUNK, (at + 1) * CHUNK);

const sameEntries = (a: readonly Entry[], b: readonly Entry[]): boolean =>
  a.length === b.length && a.every((entry, i) => entry === b[i]);

/** What has to be written of a job: by key, null for what has to go; and how it lies then. */
export interface JobTexts {
  readonly head: string;
  readonly texts: Readonly<Record<string, string | null>>;
  readonly layout: Layout;
}

/**
 * Returns what has to be written so that a job is in storage.
 *
 * @param before the job as it lies there; null where that is not known: all of it is written then
 */
export function textsOfJob(job: Job, before: Written | null): JobTexts {
  const texts: Record<string, string | null> = {};
  const put = (key: string, text: string): string => {
    texts[key] = text;
    return hashOf(text);
  };
  const sheet =
    before && before.job.sheet === job.sheet
      ? before.layout.sheet
      : put(sheetKey(job.id), textOf(job.sheet));
  const chunks = Array.from({ length: Math.ceil(job.journal.length / CHUNK) }, (_, at) => {
    const entries = chunkOf(job.journal, at);
    const known = before?.layout.chunks[at];
    return before && known !== undefined && sameEntries(entries, chunkOf(before.job.journal, at))
      ? known
      : put(chunkKey(job.id, at), `[${entries.map(textOf).join(',')}]`);
  });
  for (let at = chunks.length; at < (before?.layout.chunks.length ?? 0); at++) {
    texts[chunkKey(job.id, at)] = null;
  }
  // In their places, so that the fields of a job stay in their order.
  const head = JSON.stringify({ ...job, sheet: null, journal: chunks.length });
  return { head, texts, layout: { sheet, chunks } };
}

/** Returns how many chunks a head says there are; null where the job lies whole in one text, as it used to. */
export function chunksIn(head: unknown): number | null {
  const chunks = (head as { journal?: unknown } | null)?.journal;
  const sound = Number.isInteger(chunks) && Number(chunks) >= 0 && Number(chunks) <= MOST_CHUNKS;
  return sound ? Number(chunks) : null;
}

/**
 * Puts a job together from its texts. Nothing is checked but that they can be read.
 *
 * @param parts the texts at `partKeys`, in their order
 * @throws SyntaxError where one of them is missing or cut short
 */
export function joined(head: object, parts: readonly (string | null)[]): Written {
  const whole = parts.map((text) => {
    if (text === null) throw new SyntaxError('A part of the job is missing.');
    return text;
  });
  const [sheet = '', ...chunks] = whole;
  const journal = chunks.flatMap((text) => JSON.parse(text) as Entry[]);
  const job = { ...head, sheet: JSON.parse(sheet) as Sheet, journal } as unknown as Job;
  return { job, layout: { sheet: hashOf(sheet), chunks: chunks.map(hashOf) } };
}
