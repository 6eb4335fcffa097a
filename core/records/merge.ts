import { dequal } from 'dequal';
import { METHOD_IDS } from '../methods/list';
import { textOf } from './textOf';
import type { Kinds } from './decode';
import type { Entry } from './entry';
import type { Job } from './job';
import { Marking, marksOf, type Mark, type Marks } from './marks';
import { mergedJournal } from './mergeJournal';
import type { RecordKind } from './kind';
import { fieldsOf, isOrder, placeOf, withFields } from './split';

/** One of two copies of a record: the one that is here, or the one in a file. */
export type Side = 'here' | 'file';

/** A field of which the two copies say something else; undefined where one of them has nothing. */
export interface Difference {
  readonly field: string;
  readonly here: unknown;
  readonly file: unknown;
}

/** Says which copy is to have a field that was changed in both; null where nobody chose yet. */
export type Choose = (clash: Difference) => Side | null;

/**
 * Two copies of one record, one here and one in a file, brought together by field: what was changed in one of them only
 * comes along, what was changed in both is chosen by a person. Readings and whatever else was done on a job are all kept.
 */
export interface Merge<R> {
  /** Holds what is to be kept; the very record that is here where that needs nothing. */
  readonly record: R;
  /** Readings here and in the file, how many of those are new here, and how many other entries are; null but for jobs. */
  readonly count: Count | null;
  /** Lists what comes to be otherwise here than it was. */
  readonly changed: readonly Difference[];
  /** Lists what the file says otherwise and what stays as it is here: the file is older there. */
  readonly kept: readonly Difference[];
  /** Lists what was changed in both and nobody chose yet: it is to be chosen before the record is stored. */
  readonly clashes: readonly Difference[];
  /** Tells whether the file has all of it. */
  readonly asInFile: boolean;
}

export interface Count {
  readonly here: number;
  readonly file: number;
  readonly fresh: number;
  readonly others: number;
}

const readingsIn = (journal: readonly Entry[]): number =>
  journal.filter(({ kind }) => (METHOD_IDS as readonly string[]).includes(kind)).length;

/** Holds what of a copy is asked while it is brought together with another. */
interface Copy {
  readonly fields: Fields;
  readonly marks: Marking;
}

/** Names the copy that a field is taken from, or says that both changed it. */
type Verdict = Side | 'both';

/** Tells which of two copies that differ in a field has the news. */
function verdictOn(field: string, here: Copy, file: Copy): Verdict {
  const [ours, theirs] = [here.fields.get(field), file.fields.get(field)];
  const [mine, other] = [here.marks.of(field), file.marks.of(field)];
  if (!mine && !other) {
    // From before there were marks: what only one of them has comes along, nobody can say that it was taken away.
    if (ours === undefined || theirs === undefined) return ours === undefined ? 'file' : 'here';
    return 'both';
  }
  const [seenThere, seenHere] = [
    file.marks.hasSeen(field, mine, ours),
    here.marks.hasSeen(field, other, theirs),
  ];
  if (seenThere === seenHere) return 'both';
  if (seenHere) return 'here';
  // A photo goes where a person takes it away, on each bench.
  return placeOf(field)[0] === 'photos' && theirs === undefined ? 'both' : 'file';
}

/** Returns the one of two texts that both sides settle on, whichever of them is theirs. */
const settled = <T>(one: T, other: T): T => (textOf(one) <= textOf(other) ? one : other);

/** Returns the mark of a field of which both copies say the same. */
function markOfSame(field: string, here: Copy, file: Copy): Mark | undefined {
  const [mine, other] = [here.marks.of(field), file.marks.of(field)];
  if (!mine || !other) return mine ?? other;
  const value = here.fields.get(field);
  if (here.marks.hasSeen(field, other, value)) return mine;
  return file.marks.hasSeen(field, mine, value) ? other : settled(mine, other);
}

/** Returns the order of a list to which each of two copies may have added: the first one's, what only the other has after its neighbour. */
function mergedOrder(
  first: readonly string[],
  second: readonly string[],
  there: ReadonlySet<string>,
): string[] {
  const order = first.filter((key) => there.has(key));
  let after = -1;
  for (const key of second) {
    if (!there.has(key)) continue;
    const at = order.indexOf(key);
    if (at >= 0) after = at;
    else order.splice((after += 1), 0, key);
  }
  return order;
}

/** Says how two copies are brought together. */
export interface Bringing {
  /** Says which copy has what was changed in both. */
  readonly choose: Choose;
  /** This device, for what is chosen. */
  readonly device: string;
  /** Is `all` where what was changed here and what was changed there do not go together: it is asked of every field. */
  readonly asks?: 'clashes' | 'all';
  /**
   * Holds what the fields were that the file was made of, where it has no marks of its own: a table that somebody edited. A field
   * that is not in it was changed there and here.
   */
  readonly base?: Fields | null;
}

type Fields = ReadonlyMap<string, unknown>;

/** Brings the fields of two copies together, one after the other. */
class Merging {
  readonly fields = new Map<string, unknown>();
  readonly marks: Marking;
  readonly changed: Difference[] = [];
  readonly kept: Difference[] = [];
  readonly clashes: Difference[] = [];
  private readonly stamp: Mark;

  constructor(
    private readonly here: Copy,
    private readonly file: Copy,
    marks: Marks | undefined,
    private readonly bringing: Bringing,
  ) {
    this.marks = new Marking(marks);
    this.marks.join(file.marks);
    this.stamp = this.marks.next(bringing.device);
    const names = [...new Set([...here.fields.keys(), ...file.fields.keys()])];
    for (const field of names.filter((name) => !isOrder(name))) this.take(field);
    for (const field of names.filter(isOrder)) this.takeOrder(field);
  }

  private take(field: string): void {
    const [ours, theirs] = [this.here.fields.get(field), this.file.fields.get(field)];
    if (dequal(ours, theirs)) {
      this.marks.put(field, markOfSame(field, this.here, this.file));
      return this.keep(field, ours);
    }
    const difference = { field, here: ours, file: theirs };
    const verdict = this.verdictOn(difference);
    if (verdict !== 'both') return this.takeFrom(verdict, difference);
    // The newest check of an instrument is the one that was made last: that is what the field holds.
    const last = placeOf(field)[0] === 'zeros' ? laterZero(ours, theirs) : null;
    if (last) return this.takeFrom(last, difference);
    const chosen = this.bringing.choose(difference);
    if (!chosen) {
      this.clashes.push(difference);
      return this.keep(field, ours);
    }
    this.marks.write(field, this.stamp, ours, theirs);
    this.noteFrom(chosen, difference);
  }

  private verdictOn({ field, here, file }: Difference): Verdict {
    const { asks, base } = this.bringing;
    if (asks === 'all') return 'both';
    if (!base) return verdictOn(field, this.here, this.file);
    if (!base.has(field)) return 'both';
    if (dequal(base.get(field), file)) return 'here';
    return dequal(base.get(field), here) ? 'file' : 'both';
  }

  private takeFrom(side: Side, difference: Difference): void {
    const { field } = difference;
    // What a table says was written now, by whoever takes it.
    if (side === 'file' && this.bringing.base) this.marks.write(field, this.stamp, difference.here);
    else this.marks.put(field, this[side].marks.of(field));
    this.noteFrom(side, difference);
  }

  private noteFrom(side: Side, difference: Difference): void {
    (side === 'here' ? this.kept : this.changed).push(difference);
    this.keep(difference.field, difference[side]);
  }

  private keep(field: string, value: unknown): void {
    if (value !== undefined) this.fields.set(field, value);
  }

  /** An order is never asked about: nobody sees a choice between two orders of forty limits. */
  private takeOrder(field: string): void {
    const [name] = placeOf(field);
    const there = new Set<string>();
    for (const other of this.fields.keys()) {
      const [inside, key] = placeOf(other);
      if (inside === name && !isOrder(other)) there.add(key);
    }
    const [ours, theirs] = [this.here, this.file].map(
      ({ fields }) => (fields.get(field) ?? []) as readonly string[],
    ) as [readonly string[], readonly string[]];
    const verdict = dequal(ours, theirs) ? 'here' : verdictOn(field, this.here, this.file);
    const first = verdict === 'both' ? settled(ours, theirs) : verdict === 'here' ? ours : theirs;
    const order = mergedOrder(first, first === ours ? theirs : ours, there);
    const side = dequal(order, ours) ? 'here' : dequal(order, theirs) ? 'file' : null;
    if (side && dequal(ours, theirs))
      this.marks.put(field, markOfSame(field, this.here, this.file));
    else if (side) this.marks.put(field, this[side].marks.of(field));
    else this.marks.write(field, this.stamp, ours, theirs);
    this.fields.set(field, order);
  }
}

/** Returns which of two zero checks was made later; null where one of them is none. */
function laterZero(ours: unknown, theirs: unknown): Side | null {
  const at = (zero: unknown) => (zero as { at?: string } | undefined)?.at;
  const [mine, other] = [at(ours), at(theirs)];
  if (mine === undefined || other === undefined) return null;
  if (mine !== other) return mine > other ? 'here' : 'file';
  return settled(ours, theirs) === ours ? 'here' : 'file';
}

/** Returns the journal of two copies of a job, and how many readings that brings. */
function journalOf(
  here: Job,
  file: Job,
): { readonly journal: readonly Entry[]; readonly count: Count } {
  const journal = mergedJournal(here.journal, file.journal);
  const known = new Set(here.journal.map(({ id }) => id));
  const added = file.journal.filter(({ id }) => !known.has(id));
  const fresh = readingsIn(added);
  return {
    journal,
    count: {
      here: readingsIn(here.journal),
      file: readingsIn(file.journal),
      fresh,
      others: added.length - fresh,
    },
  };
}

/** Tells of two journals that they hold the same entries in the same order. */
const sameJournal = (one: readonly Entry[], other: readonly Entry[]): boolean =>
  one.length === other.length && one.every(({ id }, i) => id === other[i]?.id);

/** Tells whether a record is a job. */
const isJob = (kind: RecordKind, record: object): record is Job =>
  kind === 'job' && 'journal' in record;

/**
 * Brings the copy of a record that is in a file together with the one that is here.
 *
 * @param bringing who chooses, and for which device
 */
export function merged<K extends RecordKind>(
  kind: K,
  here: Kinds[K],
  file: Kinds[K],
  bringing: Bringing,
): Merge<Kinds[K]> {
  const copyOf = (record: Kinds[K]): Copy => ({
    fields: fieldsOf(kind, record),
    marks: new Marking(marksOf(record)),
  });
  const merging = new Merging(copyOf(here), copyOf(file), marksOf(here), bringing);
  const { changed, kept, clashes } = merging;
  const done = isJob(kind, here) && isJob(kind, file) ? journalOf(here, file) : null;
  const count = done?.count ?? null;
  const hasAll = kept.length + clashes.length === 0;
  const asInFile = hasAll && (!done || sameJournal(done.journal, (file as Job).journal));
  const bringsNothing = !done || sameJournal(done.journal, (here as Job).journal);
  // Where one was last goes with the copy that has everything.
  const base =
    asInFile && done && !bringsNothing
      ? { ...here, stage: (file as Job).stage, cursor: (file as Job).cursor }
      : here;
  const fields = withFields(kind, base, merging.fields);
  const marks = merging.marks.asMarks();
  const next = {
    ...fields,
    ...(done && !bringsNothing ? { journal: done.journal } : {}),
    ...(marks ? { marks } : {}),
  };
  const found = { count, changed, kept, clashes, asInFile };
  if (dequal(next, here)) return { ...found, record: here };
  const revision =
    asInFile && file.revision > here.revision
      ? file.revision
      : Math.max(here.revision, file.revision) + 1;
  return { ...found, record: { ...next, revision } };
}
