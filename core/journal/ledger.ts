import type { Reading } from '../methods/list';
import type { Entry, EntryKind, Operation, ZeroEntry } from '../records/entry';
import type { Job } from '../records/job';
import type { Voidable, Voiding } from '../schema/voiding';
import type { AuxiliaryAnswer, Finding, StripNote } from '../records/teardown';

/** A journal by kind of entry, each list in the order of the work; what was voided says by whom. */
export interface Ledger {
  readonly readings: readonly Reading[];
  readonly operations: readonly Operation[];
  readonly findings: readonly Finding[];
  readonly strip: readonly StripNote[];
  readonly also: readonly AuxiliaryAnswer[];
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

const strikeOf = ({ at, by, why }: Voiding): Voiding => ({ at, by, why });

/** Strikes those entries of a list that are meant and still stand; the same list where there is none. */
function voidedIn<T extends Voidable<{ readonly id: string }>>(
  list: readonly T[],
  ids: readonly string[],
  strike: Voiding,
): readonly T[] {
  const meant = (item: T) => item.voided === null && ids.includes(item.id);
  if (!list.some(meant)) return list;
  return list.map((item) => (meant(item) ? { ...item, voided: strikeOf(strike) } : item));
}

/** Returns the ledger after one more entry. Lists that it does not touch, and items in them, stay the same objects. */
export function ledgerAfter(ledger: Ledger, entry: Entry): Ledger {
  if (entry.kind !== 'strike') {
    const list = LIST[entry.kind];
    const item: Voidable<Listed> = { ...entry, voided: null };
    return { ...ledger, [list]: [...ledger[list], item] };
  }
  const lists = Object.entries(ledger) as [keyof Ledger, readonly Voidable<Listed>[]][];
  const voided = lists.map(([name, list]) => [name, voidedIn(list, entry.of, entry)] as const);
  return Object.fromEntries(voided) as unknown as Ledger;
}

/** Sorts a whole journal into its lists in one pass. */
function sorted(journal: Journal): Ledger {
  const lists = Object.fromEntries(Object.keys(EMPTY).map((name) => [name, []])) as unknown as {
    [K in keyof Ledger]: Voidable<Listed>[];
  };
  const places = new Map<string, readonly [list: Voidable<Listed>[], index: number]>();
  for (const entry of journal) {
    if (entry.kind !== 'strike') {
      const list = lists[LIST[entry.kind]];
      places.set(entry.id, [list, list.push({ ...entry, voided: null }) - 1]);
      continue;
    }
    for (const id of entry.of) {
      const [list, index] = places.get(id) ?? [];
      const item = list && index !== undefined ? list[index] : undefined;
      if (list && index !== undefined && item?.voided === null) {
        list[index] = { ...item, voided: strikeOf(entry) };
      }
    }
  }
  return lists as unknown as Ledger;
}

/** Returns a job's journal by kind of entry. */
export const ledgerOf = ({ journal }: Pick<Job, 'journal'>): Ledger => sorted(journal);

/** Returns the job with more entries at the end of its journal. */
export const append = <J extends Pick<Job, 'journal'>>(job: J, entries: readonly Entry[]): J =>
  entries.length === 0 ? job : { ...job, journal: [...job.journal, ...entries] };
