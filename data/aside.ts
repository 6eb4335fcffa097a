import { announce } from './tabs';
import { alone } from './locks';
import { deviceHere } from './device';
import { asideKey, keyOf, opened, readAll, UnreadableRecord, type Kind } from './opened';
import { goneKey, writesIn } from './texts';
import { sealKey } from './seal';
import { readUnder, writeTexts } from './storage';

/** A record that could not be read, kept as it was. */
export interface Aside {
  readonly key: string;
  readonly raw: string;
}

const PREFIX = asideKey('');

/** Lists what was set aside. */
export async function loadAside(): Promise<Aside[]> {
  const found = await readUnder(PREFIX);
  return [...(found ?? [])].flatMap(([key, raw]) =>
    raw === null ? [] : [{ key: key.slice(PREFIX.length), raw }],
  );
}

/** Sets a record aside that cannot be read, as it is; another can take its place then. One that can be read stays. */
export async function setAside(kind: Kind, id: string): Promise<void> {
  const key = keyOf(kind, id);
  await alone(key, async () => {
    const texts = await readAll(kind, id);
    try {
      opened(kind, id, texts);
    } catch (error) {
      if (!(error instanceof UnreadableRecord)) throw error;
      const gone = Object.fromEntries([...texts.keys()].map((at) => [at, null]));
      const writes = writesIn(texts.get(key) ?? '', await deviceHere());
      await writeTexts({
        ...gone,
        [sealKey(key)]: null,
        [asideKey(key)]: error.raw,
        [goneKey(key)]: String(writes),
      });
    }
  });
  announce({ kind, id });
}
