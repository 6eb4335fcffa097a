import type { Entry, EntryKind, Operation, ZeroEntry } from '../records/entry';
import type { Job } from '../records/job';
import type { Kept, Reading, Strike } from '../records/parts';
import type { AlsoAnswer, Finding, StripNote } from '../records/teardown';
import { oneMore } from './targets';

/** A journal by kind of entry, each list in the order of the work; what was struck through says by whom. */
export interface Ledger {
  readonly readings: readonly Reading[];
  readonly operations: readonly Operation[];
  readonly findings: readonly Finding[];
  readonly strip: readonly StripNote[];
  readonly also: readonly AlsoAnswer[];
  readonly zeros: readonly ZeroEntry[];
}

type Journal = Job['journal'];
type Listed = Exclude<Entry, { kind: 'strike' }>;

/** The list that an entry of each kind goes into. */
const LIST = {
  leaf: 'readings',
  size: 'readings',
  swing: 'readings',
  touch: 'readings',
  operation: 'operations',
  finding: 'findings',
  strip: 'strip',
  also: 'also',
  zero: 'zeros',
} as const satisfies Readonly<Record<Exclude<EntryKind, 'strike'>, keyof Ledger>>;

const EMPTY: Ledger = {
  readings: [],
  operations: [],
  findings: [],
  strip: [],
  also: [],
  zeros: [],
};

const strikeOf = ({ at, by, why }: Strike): Strike => ({ at, by, why });

/** Strikes those entries of a list that are meant and still stand; the same list where there is none. */
function struckIn<T extends Kept<{ readonly id: string }>>(
  list: readonly T[],
  ids: readonly string[],
  strike: Strike,
): readonly T[] {
  const meant = (item: T) => item.struck === null && ids.includes(item.id);
  if (!list.some(meant)) return list;
  return list.map((item) => (meant(item) ? { ...item, struck: strikeOf(strike) } : item));
}

/** Returns the ledger after one more entry. Lists that it does not touch, and items in them, stay the same objects. */
function after(ledger: Ledger, entry: Entry): Ledger {
  if (entry.kind !== 'strike') {
    const list = LIST[entry.kind];
    const item: Kept<Listed> = { ...entry, struck: null };
    const next: Ledger = { ...ledger, [list]: [...ledger[list], item] };
    if (list === 'readings') oneMore(ledger.readings, next.readings);
    return next;
  }
  const lists = Object.entries(ledger) as [keyof Ledger, readonly Kept<Listed>[]][];
  const struck = lists.map(([name, list]) => [name, struckIn(list, entry.of, entry)] as const);
  return Object.fromEntries(struck) as unknown as Ledger;
}

/** Sorts a whole journal into its lists in one pass. */
function sorted(journal: Journal): Ledger {
  const lists = Object.fromEntries(Object.keys(EMPTY).map((name) => [name, []])) as unknown as {
    [K in keyof Ledger]: Kept<Listed>[];
  };
  const places = new Map<string, readonly [list: Kept<Listed>[], index: number]>();
  for (const entry of journal) {
    if (entry.kind !== 'strike') {
      const list = lists[LIST[entry.kind]];
      places.set(entry.id, [list, list.push({ ...entry, struck: null }) - 1]);
      continue;
    }
    for (const id of entry.of) {
      const [list, index] = places.get(id) ?? [];
      const item = list && index !== undefined ? list[index] : undefined;
      if (list && index !== undefined && item?.struck === null) {
        list[index] = { ...item, struck: strikeOf(entry) };
      }
    }
  }
  return lists as unknown as Ledger;
}

/** Journals are never changed, only replaced: each is sorted once. */
const LEDGERS = new WeakMap<Journal, Ledger>();

/** Returns a job's journal by kind of entry. */
export function ledgerOf({ journal }: Pick<Job, 'journal'>): Ledger {
  const known = LEDGERS.get(journal) ?? sorted(journal);
  LEDGERS.set(journal, known);
  return known;
}

/** Returns the job with more entries at the end of its journal; what was sorted before is not sorted again. */
export function append<J extends Pick<Job, 'journal'>>(job: J, entries: readonly Entry[]): J {
  if (entries.length === 0) return job;
  const journal = [...job.journal, ...entries];
  LEDGERS.set(journal, entries.reduce(after, ledgerOf(job)));
  return { ...job, journal };
}
