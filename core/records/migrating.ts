import { isLoose, type Loose } from './loose';
import { FileError } from './problems';

/** Refuses a record that is not even of its own version's shape. */
export const refuse = (place: string, message: string): never => {
  throw new FileError([{ place, message }]);
};

/** Returns a list of objects that a record of its version must have. */
export function listIn(record: Loose, field: string): Loose[] {
  const list = record[field];
  if (!Array.isArray(list)) return refuse(field, 'Missing, or not a list');
  return list.map((item, i) =>
    isLoose(item) ? item : refuse(`${field}[${i}]`, 'Not what such a list holds'),
  );
}

/** Returns a record without some of its fields. */
export const without = (record: Loose, ...fields: readonly string[]): Loose =>
  Object.fromEntries(Object.entries(record).filter(([name]) => !fields.includes(name)));
