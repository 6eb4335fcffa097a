/** Remembers which records of a kind changed, until whoever keeps a list of them has looked. */
export class Touched {
  /** Null for all of them, as before the first look. */
  private ids: Set<string> | null = null;

  add(id: string): void {
    this.ids?.add(id);
  }

  addAll(): void {
    this.ids = null;
  }

  /** Returns the ids of those that changed since the last look; null where it may be any. */
  take(): ReadonlySet<string> | null {
    const taken = this.ids;
    this.ids = new Set();
    return taken;
  }
}
