import { wrap, type Remote } from 'comlink';

const NOT_LOADED =
  'The part of the app that does this did not load. Nothing is lost by that; if it stays so, load the page again.';

/** A thread that says nothing for so long in ms has lost itself: what it does takes a second at most on a slow phone. */
const SILENT_MS = 20_000;

const SILENT = 'This has not answered for a long time, and was stopped. Nothing is lost by that.';

/** Said of what was asked of a thread that was ended since. */
const ENDED = 'This was called off.';

/** How long whoever asks a thread waits for it. */
export interface Waiting {
  /** Tells that nobody waits for the answer any more. */
  readonly signal?: AbortSignal | undefined;
  /** Longest silence in ms. */
  readonly patience_ms?: number;
}

/** A thread of its own for long work: begun when it is first asked, ended with whoever asked. */
export class Thread<T> {
  private worker: Worker | null = null;
  private answering: Remote<T> | null = null;
  /** Tells everybody who waits that there will be no answer. */
  private readonly waiting = new Set<(reason: Error) => void>();

  /** @param begin makes the worker; its address is that of the page: the app starts too late to know its own script's */
  constructor(private readonly begin: () => Worker) {}

  /** Begins the thread where it is not there. */
  private open(): Remote<T> {
    if (this.answering) return this.answering;
    this.worker = this.begin();
    const isLost = () => this.end(new Error(NOT_LOADED));
    this.worker.addEventListener('error', isLost, { once: true });
    this.worker.addEventListener('messageerror', isLost, { once: true });
    return (this.answering = wrap<T>(this.worker));
  }

  /**
   * Asks the thread for something.
   *
   * @param call is handed the thread, and what it calls whenever it hears of how far that is
   * @throws Error where the thread cannot be begun, throws, is ended or says nothing for too long, and once nobody waits
   */
  ask<R>(
    call: (remote: Remote<T>, heard: () => void) => Promise<R>,
    { signal, patience_ms = SILENT_MS }: Waiting = {},
  ): Promise<R> {
    return new Promise<R>((resolve, reject) => {
      let timer: ReturnType<typeof setTimeout>;
      const heard = () => {
        clearTimeout(timer);
        timer = setTimeout(() => this.end(new Error(SILENT)), patience_ms);
      };
      const settle = (end: () => void) => {
        clearTimeout(timer);
        this.waiting.delete(refuse);
        end();
      };
      const refuse = (reason: Error) => settle(() => reject(reason));
      this.waiting.add(refuse);
      signal?.addEventListener('abort', () => refuse(signal.reason as Error), { once: true });
      heard();
      try {
        call(this.open(), heard).then((answer) => settle(() => resolve(answer)), refuse);
      } catch (error) {
        refuse(error as Error);
      }
    });
  }

  /** Tells the thread something whose answer nobody needs; nothing where there is none. */
  tell(call: (remote: Remote<T>) => void): void {
    if (this.answering) call(this.answering);
  }

  /** Tells whether somebody waits for an answer. */
  get isAsked(): boolean {
    return this.waiting.size > 0;
  }

  private end(reason: Error): void {
    this.worker?.terminate();
    [this.worker, this.answering] = [null, null];
    for (const refuse of [...this.waiting]) refuse(reason);
  }

  /** Ends the thread; what it was doing is dropped, and whoever waits for it is told. */
  close(): void {
    this.end(new Error(ENDED));
  }
}
