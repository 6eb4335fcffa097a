import {
  finder,
  foundBy,
  idIn,
  openFile,
  type Found,
  type FileRow,
} from '../../core/records/readFile';
import { isLoose } from '../../core/records/loose';
import type { RecordKind } from '../../core/records/kind';
import type { Photo } from '../../core/records/photo';
import { checked, FileError } from '../../core/records/problems';
import { STORED } from '../../core/schema/fields';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  END,
  HEAD,
  isPicture,
  kindOfPart,
  PHOTO_HEADS,
  pictureName,
  UNREADABLE,
  type RawRecord,
} from './layout';
import { CsvSource, isCsv } from './csv';
import { photoHeadSchema, withPicture, type PhotoHead } from './pictures';
import { Cancelled, type Course } from './progress';
import { isZip, piecesOf, type Line } from './zip';
import { say } from '../../core/wording/say';

/** A record of a file that is being imported; of a photo in a backup, without its picture. */
export type Offered =
  | (Found & {
      /** What a line of a table was made of, by field. */
      readonly base?: ReadonlyMap<string, unknown>;
    })
  | { readonly kind: 'photo'; readonly place: string; readonly head: PhotoHead };

/** A file to be imported, of whatever form. */
export interface Source {
  /** Whether it is to be taken whole or not at all: a single job with its photos, a table. */
  readonly whole: boolean;
  /** Gives every record, one at a time. */
  records(course: Course): AsyncGenerator<Offered>;
  /** Gives those photos that are wanted, with their pictures. */
  pictures(wanted: ReadonlySet<string>): AsyncGenerator<Photo>;
  /** What could not be read where it was kept, as it lies in the file; known once all records were given. */
  readonly aside: readonly RawRecord[];
  /** What is to be said of the file as a whole; known once all records were given. */
  readonly notes: readonly string[];
}

const refuse = (place: string, message: string): never => {
  throw new FileError([{ place, message }]);
};

/** A file of JSON, which is in memory as a whole. */
class TextSource implements Source {
  readonly aside = [];
  readonly notes = [];

  constructor(private readonly rows: readonly FileRow[]) {}

  get whole(): boolean {
    const jobs = this.rows.filter((row) => row.kind === 'job').length;
    return jobs === 1 && this.rows.every(({ kind }) => ['job', 'photo', 'trace'].includes(kind));
  }

  async *records(course: Course): AsyncGenerator<Offered> {
    const find = finder();
    for (const [i, row] of this.rows.entries()) {
      await course.at('Reading', i, this.rows.length);
      yield find(row);
    }
  }

  async *pictures(wanted: ReadonlySet<string>): AsyncGenerator<Photo> {
    const find = finder();
    for (const row of this.rows) {
      if (row.kind !== 'photo') continue;
      const { record } = find(row);
      if (record && wanted.has(record.id)) yield record as Photo;
    }
  }
}

/** Said of a backup whose end is missing or damaged; what is before that can be taken. */
const CUT_SHORT =
  'The backup ends in the middle: it was cut short or damaged when it was saved or copied. What is listed here could still be read.';

/** Said of a line that is no JSON. */
const NO_JSON = 'Its text is damaged.';

/** Said of a photo whose picture the file does not have. */
const NO_PICTURE = 'Its picture is not in the file.';

/** Returns what a line says; undefined where it is no JSON. */
function jsonIn(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}

/** Returns a record that cannot be read. */
const notRead = (kind: RecordKind, place: string, raw: unknown, message: string): Found => ({
  kind,
  place,
  raw,
  record: null,
  problems: [{ place, message }],
});

/** Returns what a line says of a record that could not be read where it was kept, whatever the line holds. */
const rawRecord = (line: unknown): RawRecord =>
  isLoose(line) && typeof line.key === 'string' && typeof line.raw === 'string'
    ? { key: line.key, raw: line.raw }
    : { key: 'job/', raw: JSON.stringify(line) };

/** A backup as the app writes it: read piece by piece, and never in memory as a whole. */
class ZipSource implements Source {
  readonly whole = false;
  readonly aside: RawRecord[] = [];
  readonly notes: string[] = [];
  private readonly heads: PhotoHead[] = [];
  /** The names of the pictures that lie in it. */
  private readonly inFile = new Set<string>();

  constructor(private readonly file: Blob) {}

  async *records(course: Course): AsyncGenerator<Offered> {
    const find = finder(STORED);
    let ended = false;
    let done = 0;
    try {
      for await (const piece of piecesOf(this.file, (name) => !this.isPicture(name))) {
        await course.at('Reading', done++, null);
        if (!('line' in piece)) continue;
        if (piece.name === END) ended = true;
        else yield* this.offered(piece, find);
      }
    } catch (error) {
      if (error instanceof Cancelled) throw error;
      ended = false;
    }
    if (!ended) this.notes.push(CUT_SHORT);
  }

  /** Tells whether a file in it is a picture, and takes note of those that are there. */
  private isPicture(name: string): boolean {
    if (isPicture(name)) this.inFile.add(name);
    return isPicture(name);
  }

  private *offered({ name, line }: Line, find: (row: FileRow) => Found): Generator<Offered> {
    const kind = name === PHOTO_HEADS ? 'photo' : kindOfPart(name);
    const raw = jsonIn(line);
    if (raw === undefined) {
      if (kind) yield notRead(kind, name, line, NO_JSON);
    } else if (name === UNREADABLE) this.aside.push(rawRecord(raw));
    else if (kind === 'photo') yield this.photo(raw);
    else if (kind) yield find({ kind, place: `${kind} ${idIn(raw)}`, raw });
  }

  private photo(raw: unknown): Offered {
    const place = say('storage.photo', { id: idIn(raw) });
    const row = { kind: 'photo', place, raw } as const;
    const { record: head, problems } = foundBy(row, () => checked<PhotoHead>(photoHeadSchema, raw));
    if (!head) return { ...row, record: null, problems };
    if (!this.inFile.has(pictureName(head.id))) return notRead('photo', place, raw, NO_PICTURE);
    this.heads.push(head);
    return { kind: 'photo', place, head };
  }

  async *pictures(wanted: ReadonlySet<string>): AsyncGenerator<Photo> {
    const heads = new Map(
      this.heads.filter(({ id }) => wanted.has(id)).map((head) => [pictureName(head.id), head]),
    );
    for await (const piece of piecesOf(this.file, (name) => heads.has(name))) {
      const head = heads.get(piece.name);
      if (head && 'bytes' in piece) yield withPicture(head, piece.bytes);
    }
  }
}

/**
 * Opens a file that somebody chose.
 *
 * @throws FileError where it is neither a file of the app's own format, a backup nor a table, or of a newer version
 */
export async function openSource(file: Blob): Promise<Source> {
  if (isCsv(file)) return new CsvSource(await file.text());
  if (!(await isZip(file))) return new TextSource(openFile(await file.text()).rows);
  await checkHead(file);
  return new ZipSource(file);
}

/** @throws FileError where a zip is not a backup that is known here */
async function checkHead(file: Blob): Promise<void> {
  for await (const piece of piecesOf(file)) {
    const head = 'line' in piece && piece.name === HEAD ? jsonIn(piece.line) : null;
    if (!isLoose(head) || head.format !== BACKUP_FORMAT) break;
    if (head.version === BACKUP_VERSION) return;
    refuse(
      'version',
      say('storage.newerBackup', { version: String(head.version), known: BACKUP_VERSION }),
    );
  }
  refuse('the file', 'Not a backup of Dial Bench.');
}
