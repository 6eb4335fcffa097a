import type { RecordKind as Kind } from '../core/records/kind';

/** Remembers which records of a kind changed, until whoever keeps a list of them has looked. */
class Touched {
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

/** What one tab tells the others: this record is no longer as you know it, or none is. */
export type Changed = { readonly kind: Kind; readonly id: string } | 'everything';

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('dial-bench');

/** The jobs that changed since their list was read, here or in another tab. */
export const touchedJobs = new Touched();

function touch(changed: Changed): void {
  if (changed === 'everything') touchedJobs.addAll();
  else if (changed.kind === 'job') touchedJobs.add(changed.id);
}

/** Tells the other tabs of a change. */
export function announce(changed: Changed): void {
  touch(changed);
  channel?.postMessage(changed);
}

/** Tells them once this tab has shown it: here the thumb is waiting. */
export function announceSoon(changed: Changed): void {
  touch(changed);
  setTimeout(() => channel?.postMessage(changed));
}

/** Hears of changes made in other tabs; returns how to stop listening. */
export function onChange(listen: (changed: Changed) => void): () => void {
  const hear = ({ data }: MessageEvent<Changed>) => {
    touch(data);
    listen(data);
  };
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}
