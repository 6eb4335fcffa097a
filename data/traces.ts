import type { Sample } from '../core/trace/sample';
import { samplesIn, samplesText } from '../core/trace/text';
import { MOST_PIECES, pieceId, TRACE_SCHEMA, type Trace } from '../core/records/trace';
import { load } from './opened';
import { saveNew } from './records';
import { keysUnder } from './storage';
import { tracePrefix } from './texts';

/** So long a piece of a run is, in seconds. */
const PIECE_s = 60;

/** A run as it is kept: its samples in order, and whether a piece of it could not be read. */
export interface KeptRun {
  readonly samples: readonly Sample[];
  readonly isDamaged: boolean;
}

/** Lists the ids of the pieces under a key, in their order. */
async function piecesUnder(prefix: string): Promise<string[]> {
  const at = (id: string) => Number(id.split('/').at(-1));
  const ids = (await keysUnder(prefix)).map((key) => key.slice('trace/'.length));
  return ids.sort((a, b) => at(a) - at(b));
}

/** Returns the samples of a run of a job. A piece that cannot be read is left out, and said to be. */
export async function loadRun(job: string, run: string): Promise<KeptRun> {
  const ids = await piecesUnder(tracePrefix(job, run));
  const pieces = await Promise.all(ids.map((id) => load('trace', id).catch(() => null)));
  return {
    samples: pieces.flatMap((piece) => samplesIn(piece?.samples ?? '')),
    isDamaged: pieces.includes(null) || ids.some((id, i) => id !== pieceId(job, run, i)),
  };
}

/** Returns all pieces of the runs of a job that can be read. */
export async function piecesOfJob(job: string): Promise<Trace[]> {
  const ids = await piecesUnder(tracePrefix(job));
  const pieces = await Promise.all(ids.map((id) => load('trace', id).catch(() => null)));
  return pieces.filter((piece) => piece !== null);
}

/** Keeps the samples of a run while it comes: each call of `flush` writes the piece that grew. */
export class RunKeeper {
  private piece: Sample[] = [];
  private full: Sample[][] = [];
  private at = 0;
  private isFresh = false;
  private writing: Promise<void> = Promise.resolve();

  constructor(
    private readonly job: string,
    private readonly run: string,
  ) {}

  /** Takes a sample; false where the run has no room any more. */
  add(sample: Sample): boolean {
    const due = Math.floor(sample.t_s / PIECE_s);
    const at = this.at + this.full.length;
    if (at >= MOST_PIECES) return false;
    if (this.piece.length > 0 && due > Math.floor((this.piece[0]?.t_s ?? 0) / PIECE_s)) {
      this.full.push(this.piece);
      this.piece = [];
    }
    this.piece.push(sample);
    this.isFresh = true;
    return true;
  }

  /**
   * Writes what came since the last time; one write after the other.
   *
   * @throws StorageError where there is no room
   */
  flush(): Promise<void> {
    this.writing = this.writing.catch(() => undefined).then(() => this.write());
    return this.writing;
  }

  private async write(): Promise<void> {
    if (!this.isFresh) return;
    this.isFresh = false;
    // What comes while it is written may fill another piece: that is written next time.
    const done = this.full.length;
    try {
      const pieces = [...this.full, this.piece].map((samples, i) =>
        this.recordOf(samples, this.at + i),
      );
      await saveNew(pieces.map((record) => ({ kind: 'trace' as const, record })));
      this.full = this.full.slice(done);
      this.at += done;
    } catch (error) {
      this.isFresh = true;
      throw error;
    }
  }

  private recordOf(samples: readonly Sample[], at: number): Trace {
    const { job, run } = this;
    const id = pieceId(job, run, at);
    return { schema: TRACE_SCHEMA, id, revision: 0, job, run, at, samples: samplesText(samples) };
  }
}

/** Keeps a whole run at once, as a logger wrote it. */
export async function keepRun(job: string, run: string, samples: readonly Sample[]): Promise<void> {
  const keeper = new RunKeeper(job, run);
  for (const sample of samples) keeper.add(sample);
  await keeper.flush();
}
