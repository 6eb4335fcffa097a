import { wrap, type Remote } from 'comlink';

const NOT_LOADED =
  'The part of the app that works this out did not load. Reload the page: nothing is lost.';

/** A thread of its own for long work: begun when it is first asked, ended with whoever asked. */
export class Thread<T> {
  private worker: Worker | null = null;
  private answering: Remote<T> | null = null;

  /** @param begin makes the worker; its address is that of the page: the app starts too late to know its own script's */
  constructor(private readonly begin: () => Worker) {}

  get remote(): Remote<T> {
    this.worker ??= this.begin();
    this.answering ??= wrap<T>(this.worker);
    return this.answering;
  }

  /**
   * Asks the thread for something. A promise that a thread made which has ended would stay open for ever: whoever asks
   * again would wait with it.
   *
   * @param signal tells that nobody waits for the answer any more
   * @throws Error where the thread cannot be begun, and once nobody waits
   */
  ask<R>(call: (remote: Remote<T>) => Promise<R>, signal?: AbortSignal): Promise<R> {
    const { remote, worker } = this;
    return new Promise((resolve, reject) => {
      const isLost = () => {
        this.close();
        reject(new Error(NOT_LOADED));
      };
      worker?.addEventListener('error', isLost, { once: true });
      signal?.addEventListener('abort', () => reject(signal.reason as Error), { once: true });
      call(remote).then(resolve, reject);
    });
  }

  /** Ends the thread; what it was doing is dropped. */
  close(): void {
    this.worker?.terminate();
    [this.worker, this.answering] = [null, null];
  }
}
