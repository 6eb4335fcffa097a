import { openDB } from 'idb';

/*
 * The folder on this machine into which backups go, where the browser can (File System Access). It is chosen once by a person;
 * what stands for it can only be kept as it is, so that it has a store of its own.
 */

/** Describes what browsers have of a folder that not all know yet. */
interface Folder extends FileSystemDirectoryHandle {
  queryPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(mode: { mode: 'readwrite' }): Promise<PermissionState>;
  keys(): AsyncIterableIterator<string>;
}

interface Chooser {
  showDirectoryPicker?(options: { id: string; mode: 'readwrite' }): Promise<Folder>;
}

const chooser = (): Chooser =>
  typeof window === 'undefined' ? {} : (window as unknown as Chooser);

/** Tells whether this browser can write into a folder that a person chose. */
export const canKeepFolder = (): boolean => chooser().showDirectoryPicker !== undefined;

const [DATABASE, STORE, KEY] = ['dial-bench-folder', 'folder', 'backup'] as const;

const database = () =>
  openDB(DATABASE, 1, {
    upgrade: (made) => void made.createObjectStore(STORE),
  });

async function stored(): Promise<Folder | null> {
  const opened = await database();
  try {
    return ((await opened.get(STORE, KEY)) as Folder | undefined) ?? null;
  } finally {
    opened.close();
  }
}

async function store(folder: Folder | null): Promise<void> {
  const opened = await database();
  try {
    await (folder ? opened.put(STORE, folder, KEY) : opened.delete(STORE, KEY));
  } finally {
    opened.close();
  }
}

/** Returns the name of the folder that was chosen; null where none was, or this browser cannot. */
export const folderName = async (): Promise<string | null> =>
  canKeepFolder() ? ((await stored().catch(() => null))?.name ?? null) : null;

/** Lets a person choose the folder; resolves to its name, or to null where he thinks better of it. */
export async function chooseFolder(): Promise<string | null> {
  try {
    const folder = await chooser().showDirectoryPicker?.({ id: 'backup', mode: 'readwrite' });
    if (!folder) return null;
    await store(folder);
    return folder.name;
  } catch (error) {
    if ((error as Error).name === 'AbortError') return null;
    throw error;
  }
}

/** Forgets the folder: backups are saved as downloads again. What lies in it stays. */
export const forgetFolder = (): Promise<void> => store(null);

/** Limits the backups that stay in the folder. */
export const KEPT = 7;

/** Matches the names of backups as they are written there: nothing else in the folder is ever touched. */
const OURS = /^dial-bench-backup-\d{4}-\d{2}-\d{2}-\d{6}\.zip$/;

/**
 * Returns the name of a backup in the folder: those sort by their moments.
 *
 * @param moment in ISO 8601
 */
export const backupName = (moment: string): string => {
  const [day = '', time = ''] = moment.split('T');
  return `dial-bench-backup-${day}-${time.slice(0, 8).replaceAll(':', '')}.zip`;
};

/** Lists the backups that are too old to stay, of all that lies in a folder. */
export const tooOld = (names: readonly string[]): string[] =>
  names
    .filter((name) => OURS.test(name))
    .sort()
    .slice(0, -KEPT);

/** Stands for a folder into which may be written now. */
export type OpenFolder = Folder;

/**
 * Opens the folder that was chosen, asking the person where the browser wants that: to be called with his touch, not once the
 * backup is made. Null where none was chosen, or he refuses.
 */
export async function openFolder(): Promise<OpenFolder | null> {
  const folder = canKeepFolder() ? await stored().catch(() => null) : null;
  if (!folder) return null;
  const mode = { mode: 'readwrite' } as const;
  const may = (await folder.queryPermission?.(mode)) ?? 'granted';
  const state = may === 'prompt' ? await folder.requestPermission?.(mode) : may;
  return state === 'granted' ? folder : null;
}

/**
 * Writes a backup into a folder, and takes away those that are too old once it is there.
 *
 * @throws Error where the folder is gone or full: the backup is to be saved otherwise
 */
export async function saveInFolder(folder: OpenFolder, name: string, file: Blob): Promise<void> {
  const handle = await folder.getFileHandle(name, { create: true });
  const writing = await handle.createWritable();
  await writing.write(file);
  await writing.close();
  const names: string[] = [];
  for await (const one of folder.keys()) names.push(one);
  // One that cannot be taken away is no reason to say that nothing was saved.
  for (const old of tooOld(names)) await folder.removeEntry(old).catch(() => undefined);
}
