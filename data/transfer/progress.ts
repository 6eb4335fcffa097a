import { pacer } from '../pace';

/** How far a long work is; the whole may not be known. */
export interface Progress {
  readonly done: number;
  readonly of: number | null;
  readonly what: string;
}

export type OnProgress = (progress: Progress) => void;

/** Tells of a work that was called off by the person who began it. */
export class Cancelled extends Error {
  constructor() {
    super('Called off. Nothing was changed.');
    this.name = 'Cancelled';
  }
}

/** Names the place of what went wrong in the app or the browser, and not in a file. */
export const IN_BROWSER = 'this browser';

/** The page is free meanwhile: a pause is for hearing that it is called off, and each costs some ms. */
const STRETCH_MS = 100;

/** Told at most so often. */
const TELL_EVERY_MS = 100;

/** The course of one long work: says how far it is, lets the page answer, and can be called off. */
export class Course {
  private off = false;
  private told = 0;
  private readonly pause = pacer(STRETCH_MS);

  constructor(private readonly tell: OnProgress = () => undefined) {}

  cancel(): void {
    this.off = true;
  }

  /**
   * Awaited between pieces of the work.
   *
   * @throws Cancelled where it was called off
   */
  async at(what: string, done: number, of: number | null): Promise<void> {
    const time = performance.now();
    if (time - this.told > TELL_EVERY_MS || done === of) {
      this.told = time;
      this.tell({ what, done, of });
    }
    await this.pause();
    if (this.off) throw new Cancelled();
  }
}
