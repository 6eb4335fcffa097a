import { unparse } from 'papaparse';
import { ledgerOf } from '../journal/ledger';
import { targetOf } from '../journal/target';
import type { Job } from '../records/job';
import type { Reading } from '../records/parts';

const COLUMNS = [
  'tag',
  'at',
  'by',
  'instrument',
  'source',
  'kind',
  'what',
  'place',
  'leaves_mm',
  'felt',
  'entered',
  'read_mm',
  'offset_mm',
  'part_C',
  'lever_deg',
  'value_mm',
  'u_mm',
  'zero',
  'struckAt',
  'struckBy',
  'struckWhy',
] as const;

type Row = Partial<Record<(typeof COLUMNS)[number], string | number | null>>;

/** What only one kind of reading has. */
function ownCells(r: Reading): Row {
  switch (r.kind) {
    case 'leaf':
      return { leaves_mm: r.leaves_mm.join(' + '), felt: r.felt };
    case 'touch':
      return { felt: r.felt };
    case 'size': {
      const { read_mm, offset_mm, part_C, value_mm, u_mm, zero, source } = r;
      const entered = `${r.text} ${r.unit}`;
      return { entered, read_mm, offset_mm, part_C, value_mm, u_mm, zero, source };
    }
    case 'swing': {
      const { read_mm, lever_deg, value_mm, u_mm, source } = r;
      return { entered: `${r.text} ${r.unit}`, read_mm, lever_deg, value_mm, u_mm, source };
    }
  }
}

/**
 * The readings of a job as CSV, one a line, struck ones marked. A cell that a
 * spreadsheet would run as a formula is defused with a leading apostrophe.
 */
export function readingsCsv(job: Job): string {
  const rows = ledgerOf(job).readings.map((r): Row => {
    const { at, by, instrument, kind, station: place, struck } = r;
    return {
      ...{ tag: job.tag, at, by, instrument, kind, place },
      what: targetOf(job.sheet, r).name,
      ...ownCells(r),
      struckAt: struck?.at ?? '',
      struckBy: struck?.by ?? '',
      struckWhy: struck?.why ?? '',
    };
  });
  return unparse(rows, { columns: [...COLUMNS], escapeFormulae: true });
}
