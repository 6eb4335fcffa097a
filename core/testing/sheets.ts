import { decode } from '../records/decode';
import type { Sheet } from '../records/sheet';
import { largest, sheets } from './sheets.json';

/**
 * Holds the invented sheets that the core is tested on, one pump of each kind and more. They stay as they are:
 * the demo may change its own.
 */
export const SHEETS: readonly Sheet[] = sheets.map((sheet) => mounted(decode('sheet', sheet)));

/** Returns a sheet whose pump is mounted by its body, where it sits in a transmission. */
function mounted(sheet: Sheet): Sheet {
  return sheet.model.endsWith('front pump') ? { ...sheet, mount: 'body' } : sheet;
}

const named = (model: string): Sheet => {
  const sheet = SHEETS.find((s) => s.model === model);
  if (!sheet) throw new Error(`No sheet of a ${model}.`);
  return sheet;
};

/** A front pump of the crescent kind. */
export const VELTRANE_T6 = named('Veltrane T6 front pump');

/** Returns the sheet of a gear pump of four sections: no other pump has so many characteristics. */
export const largestSheet = (): Sheet => decode('sheet', largest);
