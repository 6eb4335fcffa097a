/** A step from one version of the file format to the next. */
type Migration = (file: object) => object;

/**
 * Steps by the version they start from. Version 1 is the first that landed;
 * when a version 2 comes, the step from 1 stands here with a fixture of a
 * version 1 file in its test.
 */
const MIGRATIONS: Readonly<Record<number, Migration>> = {};

/** Brings a file of an older version up to the present one, step by step. */
export function migrateFile(file: object, version: number): object {
  const step = MIGRATIONS[version];
  return step ? migrateFile(step(file), version + 1) : file;
}
