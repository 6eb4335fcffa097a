import { wrap, type Remote } from 'comlink';

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

  /** Ends the thread; what it was doing is dropped. */
  close(): void {
    this.worker?.terminate();
    [this.worker, this.answering] = [null, null];
  }
}
