/** Whether the browser keeps what is stored, and how much of its room is taken. */
export interface Persistence {
  /** Null where the browser does not say. */
  readonly stays: boolean | null;
  readonly used_bytes: number | null;
  readonly room_bytes: number | null;
}

const storage = (): Partial<StorageManager> =>
  (navigator as { storage?: StorageManager }).storage ?? {};

/** Returns how the browser keeps what is stored. */
export async function loadPersistence(): Promise<Persistence> {
  const { persisted, estimate } = storage();
  const [stays, room] = await Promise.all([
    persisted?.call(navigator.storage).catch(() => null) ?? null,
    estimate?.call(navigator.storage).catch(() => null) ?? null,
  ]);
  return { stays, used_bytes: room?.usage ?? null, room_bytes: room?.quota ?? null };
}

/** Asks the browser not to clear what is stored when it runs short of room; resolves to its answer, null where it gives none. */
export async function askToStay(): Promise<boolean | null> {
  const { persist } = storage();
  return (await persist?.call(navigator.storage).catch(() => null)) ?? null;
}
