import { unparse } from 'papaparse';
import { FORMULA } from '../records/csvCell';
import type { OrderGroup } from './allOrders';

const COLUMNS = [
  'supplier',
  'partNumber',
  'name',
  'pump',
  'count',
  'state',
  'since',
  'jobs',
] as const;

/**
 * Returns orders as CSV, a line for each part of each supplier. A cell that a spreadsheet would run as a formula is defused with a
 * leading apostrophe.
 *
 * @param groups in their order
 */
export const ordersCsv = (groups: readonly OrderGroup[]): string =>
  unparse(
    {
      fields: [...COLUMNS],
      data: groups.map(({ supplier, partNumber, name, models, count, state, since, lines }) => [
        ...[supplier, partNumber, name, models.join(', '), count, state, since ?? ''],
        [...new Set(lines.map(({ tag }) => tag))].join(', '),
      ]),
    },
    { escapeFormulae: FORMULA },
  );
