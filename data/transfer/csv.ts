import { readPartsCsv } from '../../core/records/readPartsCsv';
import type { Photo } from '../../core/records/photo';
import { newId, now } from '../create';
import { loadAll } from '../opened';
import type { Course } from './progress';
import type { Offered, Source } from './source';

/** Tells whether a file that somebody chose is a table. */
export const isCsv = (file: Blob): boolean =>
  file.type === 'text/csv' || ('name' in file && /\.csv$/i.test(String(file.name)));

/** A table of loose parts: each line is what becomes of a part on the shelf, whole or not at all. */
export class CsvSource implements Source {
  readonly whole = true;
  readonly aside = [];
  readonly notes = [];

  constructor(private readonly text: string) {}

  async *records(course: Course): AsyncGenerator<Offered> {
    const [sheets, shelf] = await Promise.all([loadAll('sheet'), loadAll('part')]);
    const landing = { sheets: sheets.records, shelf: shelf.records, freshId: newId, at: now() };
    const parts = readPartsCsv(this.text, landing);
    for (const [i, { part, base }] of parts.entries()) {
      await course.at('Reading', i, parts.length);
      const found = { kind: 'part', place: part.label, raw: part, record: part, problems: [] };
      yield (base ? { ...found, base } : found) as Offered;
    }
  }

  async *pictures(): AsyncGenerator<Photo> {
    // A table brings none.
  }
}
