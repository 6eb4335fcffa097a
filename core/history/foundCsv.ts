import { unparse } from 'papaparse';
import { FORMULA } from '../records/csvCell';
import type { Found } from './search';
import { foundWords } from './foundWords';

const COLUMNS = [
  'tag',
  'customer',
  'machine',
  'pump',
  'serial',
  'complaint',
  'opened',
  'out',
  'used',
  'usedUnit',
  'back',
  'cause',
  'found',
] as const;

/**
 * Returns the jobs that were found as CSV, one a line, with the places that say what was looked for. A cell that a spreadsheet
 * would run as a formula is defused with a leading apostrophe.
 *
 * @param found jobs in their order
 */
export const foundCsv = (found: readonly Found[]): string =>
  unparse(
    {
      fields: [...COLUMNS],
      data: found.map((one) => {
        const { tag, owner, machine, model, serial, complaint, day, out, used, usedUnit, back } =
          one.facts;
        const row: Record<(typeof COLUMNS)[number], string | number | null> = {
          tag,
          customer: owner,
          machine,
          pump: model,
          serial,
          complaint,
          opened: day,
          out,
          used,
          usedUnit: used === null ? '' : usedUnit,
          back: back?.day ?? '',
          cause: back?.words ?? '',
          found: foundWords(one),
        };
        return COLUMNS.map((column) => row[column]);
      }),
    },
    { escapeFormulae: FORMULA },
  );
