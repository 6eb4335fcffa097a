import { InputError } from '../core/errors';
import { readFile } from '../core/records/readFile';
import { FileError } from '../core/records/problems';

/**
 * Returns what a file of the app holds.
 *
 * @param field the field of the input that it stands in
 * @throws InputError at the first thing that is wrong with the file
 */
export function bench(file: object, field: string): ReturnType<typeof readFile> {
  try {
    return readFile(JSON.stringify(file));
  } catch (error) {
    if (!(error instanceof FileError)) throw error;
    const [first] = error.problems;
    const place = first?.place === 'the file' ? '' : first?.place;
    const at = [field, place].filter(Boolean).join('.');
    throw new InputError(at, 'unreadable-file', first?.message ?? '');
  }
}
