import type { Reading } from '../methods/list';
import type {
  Acceptance,
  Entry,
  EntryKind,
  WorkEntry,
  RestoreEntry,
  Skip,
  StrikeEntry,
  ZeroEntry,
} from '../records/entry';
import type { Job } from '../records/job';
import type { Voidable } from '../schema/voiding';
import type { OrderEntry } from '../records/order';
import type { DecisionEntry, Plan } from '../records/rework';
import type { AuxiliaryAnswer, Finding, StripNote } from '../records/teardown';

/** A journal by kind of entry, each list in the order of the work; what was voided says by whom. */
export interface Ledger {
  readonly readings: readonly Reading[];
  readonly operations: readonly WorkEntry[];
  readonly findings: readonly Finding[];
  readonly strip: readonly StripNote[];
  readonly also: readonly AuxiliaryAnswer[];
  readonly zeros: readonly ZeroEntry[];
  readonly skips: readonly Skip[];
  readonly plans: readonly Plan[];
  readonly decisions: readonly DecisionEntry[];
  readonly orders: readonly OrderEntry[];
  readonly accepts: readonly Acceptance[];
}

type Journal = Job['journal'];
type Listed = Exclude<Entry, { kind: 'strike' | 'restore' }>;

/** Tells whether an entry is about others, and no item of a list itself. */
export const isAbout = (entry: Entry): entry is Exclude<Entry, Listed> =>
  entry.kind === 'strike' || entry.kind === 'restore';

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
  skip: 'skips',
  plan: 'plans',
  decision: 'decisions',
  order: 'orders',
  accept: 'accepts',
} as const satisfies Readonly<Record<Exclude<EntryKind, 'strike' | 'restore'>, keyof Ledger>>;

const EMPTY: Ledger = {
  readings: [],
  operations: [],
  findings: [],
  strip: [],
  also: [],
  zeros: [],
  skips: [],
  plans: [],
  decisions: [],
  orders: [],
  accepts: [],
};

/** Returns what an entry about others makes of one of them; null where it changes nothing. */
function after<T extends Voidable<Listed>>(item: T, entry: StrikeEntry | RestoreEntry): T | null {
  if ((item.voided === null) === (entry.kind === 'restore')) return null;
  if (entry.kind === 'restore') return { ...item, voided: null };
  const { at, by, why } = entry;
  return { ...item, voided: { at, by, why } };
}

/** Strikes those entries of a list that are meant, or takes that back; the same list where nothing changes. */
function changedIn(
  list: readonly Voidable<Listed>[],
  entry: StrikeEntry | RestoreEntry,
): readonly Voidable<Listed>[] {
  const made = list.map((item) => (entry.of.includes(item.id) ? after(item, entry) : null));
  return made.some(Boolean) ? list.map((item, i) => made[i] ?? item) : list;
}

/** Returns the ledger after one more entry. Lists that it does not touch, and items in them, stay the same objects. */
export function ledgerAfter(ledger: Ledger, entry: Entry): Ledger {
  if (!isAbout(entry)) {
    const list = LIST[entry.kind];
    const item: Voidable<Listed> = { ...entry, voided: null };
    return { ...ledger, [list]: [...ledger[list], item] };
  }
  const lists = Object.entries(ledger) as [keyof Ledger, readonly Voidable<Listed>[]][];
  const changed = lists.map(([name, list]) => [name, changedIn(list, entry)] as const);
  return Object.fromEntries(changed) as unknown as Ledger;
}

/** Sorts a whole journal into its lists in one pass. */
function sorted(journal: Journal): Ledger {
  const lists = Object.fromEntries(Object.keys(EMPTY).map((name) => [name, []])) as unknown as {
    [K in keyof Ledger]: Voidable<Listed>[];
  };
  const places = new Map<string, readonly [list: Voidable<Listed>[], index: number]>();
  for (const entry of journal) {
    if (!isAbout(entry)) {
      const list = lists[LIST[entry.kind]];
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

/** Returns a job's journal by kind of entry. */
export const ledgerOf = ({ journal }: Pick<Job, 'journal'>): Ledger => sorted(journal);

/** Returns the job with more entries at the end of its journal. */
export const append = <J extends Pick<Job, 'journal'>>(job: J, entries: readonly Entry[]): J =>
  entries.length === 0 ? job : { ...job, journal: [...job.journal, ...entries] };
