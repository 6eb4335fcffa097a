import type { RecordKind as Kind } from '../core/records/migrate';

/** What one tab tells the others: this record is no longer as you know it. */
export interface Changed {
  readonly kind: Kind;
  readonly id: string;
}

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('dial-bench');

export function announce(kind: Kind, id: string): void {
  channel?.postMessage({ kind, id } satisfies Changed);
}

/** Hears of changes made in other tabs; returns how to stop listening. */
export function onChange(listen: (changed: Changed) => void): () => void {
  const hear = (event: MessageEvent<Changed>) => listen(event.data);
  channel?.addEventListener('message', hear);
  return () => channel?.removeEventListener('message', hear);
}
