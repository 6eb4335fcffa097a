import { readingCells, type Reading } from '../methods/list';
import { characteristicOf } from '../pumps/registry';
import { unparse } from 'papaparse';
import { ledgerOf } from '../journal/ledger';
import { targetOf } from '../journal/target';
import { FORMULA } from '../records/csvCell';
import { pitchRadiusOf } from '../records/sizesSaid';
import type { Job } from '../records/job';

const COLUMNS = [
  'tag',
  'time_utc',
  'by',
  'instrument',
  'source',
  'kind',
  'measurement',
  'place',
  'leaves_mm',
  'feel',
  'entered',
  'read_mm',
  'offset_mm',
  'part_C',
  'lever_deg',
  'stylusRadius_mm',
  'pitchRadius_mm',
  'value_mm',
  'u_mm',
  'zero',
  'struck_time_utc',
  'struck_by',
  'struck_why',
] as const;

/** Returns the radius that a swing was brought to, with which its figure can be worked out again. */
const broughtTo = ({ sheet }: Job, r: Reading): number | '' =>
  r.kind === 'swing' && r.contactRadius_mm !== null
    ? (pitchRadiusOf(sheet, characteristicOf(sheet, r.characteristic)) ?? '')
    : '';

type Row = Partial<Record<(typeof COLUMNS)[number], string | number | null>>;

/**
 * Returns the readings of a job as CSV, one a line, voided ones marked. A cell that a
 * spreadsheet would run as a formula is defused with a leading apostrophe.
 */
export function readingsCsv(job: Job): string {
  const rows = ledgerOf(job).readings.map((r): Row => {
    const { at, by, instrument, kind, station: place, voided } = r;
    return {
      tag: job.tag,
      time_utc: at,
      by,
      instrument,
      kind,
      place,
      measurement: targetOf(job.sheet, r).name,
      ...readingCells(r),
      pitchRadius_mm: broughtTo(job, r),
      struck_time_utc: voided?.at ?? '',
      struck_by: voided?.by ?? '',
      struck_why: voided?.why ?? '',
    };
  });
  return unparse(rows, { columns: [...COLUMNS], escapeFormulae: FORMULA });
}
