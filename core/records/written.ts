import { dequal } from 'dequal';
import type { Kinds } from './decode';
import { Marking, marksOf, type Marks } from './marks';
import type { RecordKind } from './kind';
import { fieldsOf } from './split';

/** Returns a record that has seen all that a device wrote of it up to a count: it was here before, and went. */
export function sawBefore<R extends object>(record: R, device: string, upTo: number): R {
  const marks = new Marking(marksOf(record));
  if (marks.countOf(device) >= upTo) return record;
  marks.saw(device, upTo);
  return { ...record, marks: marks.asMarks() };
}

/** Returns how often a device has written a record, as its marks say. */
export const writesOf = (record: object, device: string): number =>
  new Marking(marksOf(record)).countOf(device);

/** Returns a record without its marks: a copy of it under another name is nobody's yet. */
export function unmarked<R extends { readonly marks?: Marks | undefined }>({
  marks: _,
  ...record
}: R) {
  return record;
}

/**
 * Returns a changed record with the marks of what was changed: this device wrote it, knowing all that the record had seen.
 *
 * @param before as it was; `after` itself comes back where no field of it is brought together by its marks
 */
export function withMarks<K extends RecordKind>(
  kind: K,
  before: Kinds[K],
  after: Kinds[K],
  device: string,
): Kinds[K] {
  const [was, is] = [before, after] as unknown as Readonly<Record<string, unknown>>[];
  const names = Object.keys({ ...was, ...is }).filter((name) => was?.[name] !== is?.[name]);
  const [then, now] = [before, after].map((record) => fieldsOf(kind, record, new Set(names)));
  const marks = new Marking(marksOf(before));
  const mark = marks.next(device);
  let isChanged = false;
  for (const field of new Set([...(then?.keys() ?? []), ...(now?.keys() ?? [])])) {
    if (dequal(then?.get(field), now?.get(field))) continue;
    marks.write(field, mark, then?.get(field));
    isChanged = true;
  }
  return isChanged ? { ...after, marks: marks.asMarks() } : after;
}
