import { array, number, object, string, type InferType } from 'yup';
import { exact, identifier } from '../schema/fields';
import { seedOf } from '../random';
import { textOf } from './textOf';

/** Makes the field of a count of writes. */
const count = () =>
  number().integer('A whole number of writes').min(1, 'Counts begin at 1').required();

/** Makes the field that names a field of a record: `owner`, `limits/service end-clearance`. */
const field = () => string().required().max(500, 'Too long to name a field');

/**
 * Describes who wrote what of a record, so that copies of it on two devices can be brought together by field.
 *
 * Each device has an id and counts its writes of a record. A field keeps the device that wrote it last and its count then;
 * the record keeps the highest count that it has seen of each device. What one copy has written is news to the other where
 * that has not seen its count; where neither has seen the other's, both changed the field since they were last the same.
 * No clock is asked: these are version vectors.
 */
export const marksSchema = object({
  seen: array(exact({ device: identifier(), count: count() })).required(),
  wrote: array(exact({ field: field(), device: identifier(), count: count() })).required(),
  /** Keeps what a field held before its first mark, as a short sign: a copy that holds it still was not changed. */
  before: array(exact({ field: field(), sign: string().required().max(20) })).required(),
})
  .noUnknown()
  .default(undefined)
  .optional();

export type Marks = NonNullable<InferType<typeof marksSchema>>;

/** Names which device wrote something, and its count of writes then. */
export interface Mark {
  readonly device: string;
  readonly count: number;
}

/** Returns a short sign of what a field holds, the same for the same content. */
export const signOf = (value: unknown): string =>
  value === undefined ? 'none' : seedOf(textOf(value)).toString(36);

/** Returns what a record says of who wrote it; undefined for one that was never changed since there are marks. */
export const marksOf = (record: object): Marks | undefined => (record as { marks?: Marks }).marks;

/** Holds the marks of one copy of a record, to be asked and added to. */
export class Marking {
  private readonly seen: Map<string, number>;
  private readonly wrote: Map<string, Mark>;
  /** Signs of what copies held in a field that nobody had marked. */
  private readonly before = new Map<string, Set<string>>();

  constructor(marks: Marks | undefined) {
    this.seen = new Map(marks?.seen.map((s) => [s.device, s.count]));
    this.wrote = new Map(
      marks?.wrote.map(({ field: name, device, count: at }) => [name, { device, count: at }]),
    );
    for (const { field: name, sign } of marks?.before ?? []) this.held(name, sign);
  }

  /** Returns who wrote a field last; undefined for one that nobody did since there are marks. */
  of(name: string): Mark | undefined {
    return this.wrote.get(name);
  }

  /** Tells whether this copy knew what another has in a field, when it was written last here. */
  hasSeen(name: string, mark: Mark | undefined, value: unknown): boolean {
    if (mark) return this.countOf(mark.device) >= mark.count;
    const held = this.before.get(name) ?? new Set([signOf(undefined)]);
    return this.wrote.has(name) && held.has(signOf(value));
  }

  /** Returns the mark of what a device writes next. */
  next(device: string): Mark {
    return { device, count: this.countOf(device) + 1 };
  }

  /** Returns the highest count of a device that this copy has seen; 0 for none. */
  countOf(device: string): number {
    return this.seen.get(device) ?? 0;
  }

  /** Notes that a device has written up to a count, whatever that was. */
  saw(device: string, upTo: number): void {
    if (upTo > this.countOf(device)) this.seen.set(device, upTo);
  }

  private held(name: string, sign: string): void {
    this.before.set(name, (this.before.get(name) ?? new Set()).add(sign));
  }

  /** Notes that a field was written, over what copies of it held that nobody had marked. */
  write(name: string, mark: Mark, ...was: readonly unknown[]): void {
    if (!this.wrote.has(name)) {
      for (const value of was) if (value !== undefined) this.held(name, signOf(value));
    }
    this.put(name, mark);
  }

  /** Notes who wrote a field last; undefined leaves it as nobody's. */
  put(name: string, mark: Mark | undefined): void {
    if (!mark) return;
    this.wrote.set(name, mark);
    this.saw(mark.device, mark.count);
  }

  /** Takes over all that another copy has seen, and what fields held there before their first mark. */
  join(other: Marking): void {
    for (const [device, at] of other.seen) this.saw(device, at);
    for (const [name, signs] of other.before) for (const sign of signs) this.held(name, sign);
  }

  /** Returns the marks as a record keeps them, in an order of their own; undefined where there are none. */
  asMarks(): Marks | undefined {
    if (this.seen.size === 0) return undefined;
    const sorted = <V>(map: ReadonlyMap<string, V>) =>
      [...map].sort(([one], [other]) => (one < other ? -1 : 1));
    return {
      seen: sorted(this.seen).map(([device, at]) => ({ device, count: at })),
      wrote: sorted(this.wrote).map(([name, mark]) => ({ field: name, ...mark })),
      before: sorted(this.before).flatMap(([name, signs]) =>
        [...signs].sort().map((sign) => ({ field: name, sign })),
      ),
    };
  }
}
