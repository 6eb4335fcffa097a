import {
  strToU8,
  Unzip,
  UnzipInflate,
  UnzipPassThrough,
  Zip,
  ZipDeflate,
  ZipPassThrough,
} from 'fflate';

/**
 * Zip files, written and read piece by piece: what is in them may be larger than the memory of a
 * phone. Text lies in files of one JSON value a line.
 */

/** Gathered in memory before it is handed to the browser, which may put it on the disk. */
const HANDED_BYTES = 8 * 1024 * 1024;

/** More than this the simple zip format cannot hold. */
const MOST_BYTES = 4_000_000_000;
const MOST_FILES = 65_000;

/** Level of compression: most of what there is to gain, in a third of the time. */
const LEVEL = 4;

/** Writes a zip file. */
export class ZipWriter {
  private readonly zip: Zip;
  private chunks: Uint8Array<ArrayBuffer>[] = [];
  private pending = 0;
  private parts: Blob[] = [];
  private written = 0;
  private files = 0;
  private failed: Error | null = null;

  constructor() {
    this.zip = new Zip((error, chunk) => {
      if (error) this.failed = error;
      else this.take(chunk as Uint8Array<ArrayBuffer>);
    });
  }

  private take(chunk: Uint8Array<ArrayBuffer>): void {
    this.chunks.push(chunk);
    this.pending += chunk.length;
    this.written += chunk.length;
    if (this.pending >= HANDED_BYTES) this.hand();
  }

  private hand(): void {
    this.parts.push(new Blob(this.chunks));
    this.chunks = [];
    this.pending = 0;
  }

  private begin<F extends ZipDeflate | ZipPassThrough>(file: F): F {
    this.files += 1;
    if (this.files > MOST_FILES || this.written > MOST_BYTES) {
      throw new Error('There is more to back up than one file can hold: 4 GB, or 65,000 photos.');
    }
    this.zip.add(file);
    return file;
  }

  /** Adds a file of lines; returns what takes a line, or null for its end. */
  lines(name: string): (value: unknown) => void {
    const file = this.begin(new ZipDeflate(name, { level: LEVEL }));
    return (value) =>
      value === null
        ? file.push(new Uint8Array(), true)
        : file.push(strToU8(`${JSON.stringify(value)}\n`));
  }

  /** Adds a file of bytes that cannot be made smaller. */
  bytes(name: string, bytes: Uint8Array): void {
    this.begin(new ZipPassThrough(name)).push(bytes, true);
  }

  /** @throws Error where something could not be written */
  end(): Blob {
    this.zip.end();
    if (this.failed) throw this.failed;
    this.hand();
    return new Blob(this.parts, { type: 'application/zip' });
  }
}

/** A line of a file in a zip. */
export interface Line {
  readonly name: string;
  readonly line: string;
}

/** A line of a file in a zip, or all the bytes of one that is no text. */
export type ZipPiece = Line | { readonly name: string; readonly bytes: Uint8Array };

const isText = (name: string): boolean => /\.(nd)?json$/.test(name);

/** Takes the chunks of a file in a zip, and gives whole lines as they come. */
function lineTaker(name: string, out: ZipPiece[]) {
  const decoder = new TextDecoder();
  let begun = '';
  return (chunk: Uint8Array, final: boolean) => {
    const lines = (begun + decoder.decode(chunk, { stream: !final })).split('\n');
    begun = final ? '' : (lines.pop() ?? '');
    for (const line of lines) if (line !== '') out.push({ name, line });
  };
}

function bytesTaker(name: string, out: ZipPiece[]) {
  const chunks: Uint8Array[] = [];
  return (chunk: Uint8Array, final: boolean) => {
    chunks.push(chunk);
    if (!final) return;
    const bytes = new Uint8Array(chunks.reduce((sum, c) => sum + c.length, 0));
    chunks.reduce((at, c) => (bytes.set(c, at), at + c.length), 0);
    out.push({ name, bytes });
  };
}

/**
 * Reads a zip file piece by piece, in the order in which it was written.
 *
 * @param wanted tells by its name whether a file is read at all
 * @throws Error where it is damaged
 */
export async function* piecesOf(
  zip: Blob,
  wanted: (name: string) => boolean = () => true,
): AsyncGenerator<ZipPiece> {
  const out: ZipPiece[] = [];
  let failed: Error | null = null;
  const unzip = new Unzip((file) => {
    if (!wanted(file.name)) return;
    const take = (isText(file.name) ? lineTaker : bytesTaker)(file.name, out);
    file.ondata = (error, chunk, final) => {
      if (error) failed = error;
      else take(chunk, final);
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  const reader = zip.stream().getReader();
  for (;;) {
    const { done, value } = await reader.read();
    unzip.push(value ?? new Uint8Array(), done);
    if (failed) throw failed;
    yield* out.splice(0);
    if (done) return;
  }
}

/** Tells whether a file is a zip, by its first bytes. */
export async function isZip(file: Blob): Promise<boolean> {
  const head = new Uint8Array(await file.slice(0, 4).arrayBuffer());
  return head[0] === 0x50 && head[1] === 0x4b && head[2] === 3 && head[3] === 4;
}
