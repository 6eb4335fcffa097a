import { isAbout, type Entry } from './entry';

const idOf = ({ id }: Entry): string => id;

/** Merges two runs of entries that were made side by side, by their moments; each keeps its own order. */
function interleaved(here: readonly Entry[], file: readonly Entry[]): Entry[] {
  const merged: Entry[] = [];
  const rest = [...file];
  let latest = '';
  for (const entry of here) {
    latest = entry.at > latest ? entry.at : latest;
    while (rest[0] && rest[0].at < latest) merged.push(rest.shift() as Entry);
    merged.push(entry);
  }
  return [...merged, ...rest];
}

/** Returns the one of two orders of the same entries that both sides settle on: the moments left it open. */
function settled(here: readonly Entry[], file: readonly Entry[]): readonly Entry[] {
  const at = here.findIndex((entry, i) => entry.id !== file[i]?.id);
  return at >= 0 && idOf(file[at] as Entry) < idOf(here[at] as Entry) ? file : here;
}

/**
 * Brings two copies of a journal together by entry. What only the file has comes after what both have
 * before it; where both went on from there, the moments say the order. What strikes an entry stays
 * after it.
 *
 * @returns the journal that is here where the file has nothing new and neither order is to be settled
 */
export function mergedJournal(here: readonly Entry[], file: readonly Entry[]): readonly Entry[] {
  const places = new Map(here.map((entry, i) => [entry.id, i]));
  const fresh = new Map<number, Entry[]>();
  let after = -1;
  for (const entry of file) {
    const known = places.get(entry.id);
    const struck = isAbout(entry) ? entry.of : [];
    for (const id of known === undefined ? struck : [entry.id]) {
      after = Math.max(after, places.get(id) ?? -1);
    }
    if (known === undefined) fresh.set(after, [...(fresh.get(after) ?? []), entry]);
  }
  if (fresh.size === 0) return file.length === here.length ? settled(here, file) : here;
  const inFile = new Set(file.map(idOf));
  const journal: Entry[] = [];
  for (let i = -1; i < here.length;) {
    const added = fresh.get(i);
    let next = i + 1;
    // What was only made here since runs on beside what was only made there.
    while (added && next < here.length && !inFile.has(here[next]?.id ?? '')) next++;
    journal.push(...here.slice(Math.max(i, 0), Math.max(i + 1, 0)));
    if (added) journal.push(...interleaved(here.slice(i + 1, next), added));
    i = next;
  }
  return journal;
}
