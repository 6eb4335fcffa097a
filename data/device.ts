import { exclusively } from './locks';
import { readText, writeTexts } from './storage';

/** Where this browser keeps which device it is: the marks of what is written here say so (`core/records/marks.ts`). */
const KEY = 'device';

/** Known once somebody asked. */
let known: string | null = null;

/** Returns the id of this device, once that was asked for; null before. */
export const deviceNow = (): string | null => known;

/** Resolves to the id of this device; the first time that is asked it is given one. */
export async function deviceHere(): Promise<string> {
  if (known) return known;
  return exclusively(KEY, async () => {
    known = await readText(KEY);
    if (known) return known;
    const id = crypto.randomUUID().slice(0, 8);
    await writeTexts({ [KEY]: id });
    return (known = id);
  });
}
