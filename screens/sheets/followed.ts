import { dequal } from 'dequal';
import { saidOf } from '@/core/pumps/teardown/fitted';
import { blankSheet, type Sheet } from '@/core/records/sheet';
import type { Fault } from '@/core/schema/faults';
import { saySheets } from './saySheets';

/** Lists that a family brings along, and that follow its build and sections until somebody edits them. */
const BROUGHT = {
  strip: 'strip steps',
  renew: 'parts to replace',
  also: 'other checks',
  clutches: 'one-way clutches',
} as const;

/**
 * Returns the lists of another build or section count. Those that nobody edited follow it; an edited one
 * stays as it is, and that is asked about before the sheet is saved.
 */
export function followed(before: Sheet, after: Sheet): { lists: Partial<Sheet>; kept: Fault[] } {
  const [usual, next] = [before, after].map((s) => blankSheet(s, saidOf(s)));
  const lists: Partial<Sheet> = {};
  const kept: Fault[] = [];
  for (const [name, words] of Object.entries(BROUGHT) as [keyof typeof BROUGHT, string][]) {
    if (dequal(usual?.[name], next?.[name])) continue;
    const untouched = dequal(before[name], usual?.[name]) && dequal(after[name], before[name]);
    if (untouched) Object.assign(lists, { [name]: next?.[name] });
    else {
      const message = saySheets('sheets.buildChanged', { lists: words });
      kept.push({ path: name, message });
    }
  }
  return { lists, kept };
}
