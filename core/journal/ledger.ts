import { isAbout, listOf, type Entry, type Item, type ItemsOf } from '../records/entry';
import type { RestoreEntry, StrikeEntry } from '../records/entries/about';
import { LISTS, type ListName } from '../records/entries/slice';
import type { Job } from '../records/job';

/** A journal by kind of entry, each list in the order of the work; what was voided says by whom. */
export type Ledger = { readonly [L in ListName]: readonly ItemsOf<L>[] };

type Lists = Record<ListName, Item[]>;
type Journal = Job['journal'];

/** Returns what an entry about others makes of one of them; null where it changes nothing. */
function after<T extends Item>(item: T, entry: StrikeEntry | RestoreEntry): T | null {
  if ((item.voided === null) === (entry.kind === 'restore')) return null;
  if (entry.kind === 'restore') return { ...item, voided: null };
  const { at, by, why } = entry;
  return { ...item, voided: { at, by, why } };
}

/** Strikes those entries of a list that are meant, or takes that back; the same list where nothing changes. */
function changedIn(list: readonly Item[], entry: StrikeEntry | RestoreEntry): readonly Item[] {
  const made = list.map((item) => (entry.of.includes(item.id) ? after(item, entry) : null));
  return made.some(Boolean) ? list.map((item, i) => made[i] ?? item) : list;
}

/** Returns the ledger after one more entry. Lists that it does not touch, and items in them, stay the same objects. */
export function ledgerAfter(ledger: Ledger, entry: Entry): Ledger {
  if (!isAbout(entry)) {
    const list = listOf(entry);
    const item: Item = { ...entry, voided: null };
    return { ...ledger, [list]: [...ledger[list], item] };
  }
  const lists = Object.entries(ledger) as [ListName, readonly Item[]][];
  const changed = lists.map(([name, list]) => [name, changedIn(list, entry)] as const);
  return Object.fromEntries(changed) as unknown as Ledger;
}

/** Sorts a whole journal into its lists in one pass. */
function sorted(journal: Journal): Ledger {
  const lists = Object.fromEntries(LISTS.map((name) => [name, []])) as unknown as Lists;
  const places = new Map<string, readonly [list: Item[], index: number]>();
  for (const entry of journal) {
    if (!isAbout(entry)) {
      const list = lists[listOf(entry)];
      places.set(entry.id, [list, list.push({ ...entry, voided: null }) - 1]);
      continue;
    }
    for (const id of entry.of) {
      const [list, index] = places.get(id) ?? [];
      const item = list && index !== undefined ? list[index] : undefined;
      const changed = item && after(item, entry);
      if (list && index !== undefined && changed) list[index] = changed;
    }
  }
  return lists as unknown as Ledger;
}

/** Keeps the ledger of a journal as long as that is there: one journal is asked for it many times over. */
const known = new WeakMap<Journal, Ledger>();

/** Returns a job's journal by kind of entry. A journal is never changed in its place: whatever is done makes another. */
export function ledgerOf({ journal }: Pick<Job, 'journal'>): Ledger {
  const there = known.get(journal);
  if (there) return there;
  const made = sorted(journal);
  known.set(journal, made);
  return made;
}

/** Returns the job with more entries at the end of its journal. */
export const append = <J extends Pick<Job, 'journal'>>(job: J, entries: readonly Entry[]): J =>
  entries.length === 0 ? job : { ...job, journal: [...job.journal, ...entries] };
