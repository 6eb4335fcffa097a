import type { PumpKind } from '../core/pumps/registry';
import { isLoose } from '../core/records/loose';
import { sheetKey } from './jobTexts';
import { keyOf } from './opened';
import { readText } from './storage';

/** Returns the sheet of a job as it lies in storage: by itself, or within a job that was written whole. */
async function sheetOf(id: string): Promise<unknown> {
  const own = await readText(sheetKey(id));
  if (own !== null) return JSON.parse(own);
  const whole: unknown = JSON.parse((await readText(keyOf('job', id))) ?? 'null');
  return isLoose(whole) ? whole.sheet : null;
}

/** Returns which pump a job is on, as its sheet says; null where that cannot be read. */
export async function pumpOfJob(id: string): Promise<Pick<PumpKind, 'family' | 'geometry'> | null> {
  try {
    const sheet = await sheetOf(id);
    if (!isLoose(sheet)) return null;
    const { family, geometry } = sheet;
    return typeof family === 'string' && isLoose(geometry) ? { family, geometry } : null;
  } catch {
    return null;
  }
}
