import { characteristicId } from '../pumps/ids';
import { unparse } from 'papaparse';
import { pumpOf } from '../pumps/registry';
import { FORMULA } from './csvCell';
import { lengthIn, readTable, wordIn, type CsvRow, type Wrong } from './csvTable';
import { GASKETS, publishedLimit, SIDES } from './publishedLimit';
import type { Sheet, SheetLimit } from './sheet';
import { faultsOf } from '../schema/faults';
import { say } from '../wording/say';

const COLUMNS = [
  'tier',
  'characteristic',
  'name',
  'lower_mm',
  'upper_mm',
  'preferredLower_mm',
  'preferredUpper_mm',
  'side',
  'gasket',
  'source',
] as const;

/** Returns the limits of a sheet as CSV, one a line, in mm; a formula in a cell is defused. */
export function limitsCsv(sheet: Sheet): string {
  const names = new Map(pumpOf(sheet).characteristics.map((c) => [c.id, c.name]));
  const rows = sheet.limits.map((l) => ({
    ...l,
    tier: sheet.tiers.find((t) => t.id === l.tier)?.name ?? l.tier,
    name: names.get(l.characteristic) ?? '',
    lower_mm: l.lower_mm ?? '',
    upper_mm: l.upper_mm ?? '',
    preferredLower_mm: l.preferredLower_mm ?? '',
    preferredUpper_mm: l.preferredUpper_mm ?? '',
  }));
  return unparse(rows, { columns: [...COLUMNS], escapeFormulae: FORMULA });
}

/** Words that files of before had for what a limit counts. */
const OLD_GASKETS: Readonly<Record<string, string>> = {
  counted: 'bare',
  'not-counted': 'assembled',
};

/**
 * Returns the sheet with its limits taken from CSV, whole or not at all. Lengths are
 * in mm where they name no unit. Tiers go by name; the name of a
 * characteristic is for people, its id counts.
 *
 * @throws FileError with the line of everything that is wrong
 */
export function withLimitsCsv(sheet: Sheet, text: string): Sheet {
  const seen = new Set<string>();
  const limits = readTable(
    text,
    {
      required: ['tier', 'characteristic', 'lower_mm', 'upper_mm'],
      isKnown: (column) => (COLUMNS as readonly string[]).includes(column),
    },
    (row, wrong) => {
      const limit = limitOf(sheet, row, wrong);
      const key = `${limit.tier} ${limit.characteristic}`;
      if (seen.has(key)) wrong('The same limit is there twice.');
      seen.add(key);
      return limit;
    },
  );
  return { ...sheet, limits: limits.filter((l) => l.lower_mm !== null || l.upper_mm !== null) };
}

/** Lists the columns that say which limit a line is. */
const NAMING: readonly string[] = ['tier', 'characteristic'];

function limitOf(sheet: Sheet, row: CsvRow, wrong: Wrong): SheetLimit {
  const tier = sheet.tiers.find((t) => t.name === row.tier?.trim() || t.id === row.tier?.trim());
  if (!tier) wrong(say('records.noTier', { tier: row.tier ?? '' }));
  const characteristic = characteristicId(row.characteristic?.trim() ?? '');
  if (!pumpOf(sheet).characteristics.some((c) => c.id === characteristic)) {
    wrong(say('records.noCheck', { id: characteristic }));
  }
  const end = (column: (typeof COLUMNS)[number]) => lengthIn(row, column, 'size', wrong);
  const gasket = OLD_GASKETS[row.gasket?.trim() ?? ''] ?? row.gasket;
  const limit: SheetLimit = {
    tier: tier?.id ?? '',
    characteristic,
    lower_mm: end('lower_mm'),
    upper_mm: end('upper_mm'),
    preferredLower_mm: end('preferredLower_mm'),
    preferredUpper_mm: end('preferredUpper_mm'),
    side: wordIn(row, 'side', SIDES, wrong) ?? 'full',
    gasket: wordIn({ ...row, gasket }, 'gasket', GASKETS, wrong) ?? 'bare',
    source: row.source ?? '',
  };
  // Which limit it is was looked at above; what is wrong between its figures is of the whole line, and said once.
  const faults = faultsOf(publishedLimit, limit).filter(({ path }) => !NAMING.includes(path));
  const columns = new Map(
    faults.map(({ path, message }) => [message, path === 'source' ? path : undefined]),
  );
  for (const [message, column] of columns) wrong(message, column);
  return limit;
}
