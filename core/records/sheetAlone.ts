import type { Sheet } from './sheet';
import { unmarked } from './written';

/**
 * Returns a sheet as a job works by it, or another one begins with it: without what is only kept of it where it lies, and
 * without its photos, which stay with it.
 */
export const sheetAlone = (sheet: Sheet): Sheet => ({ ...unmarked(sheet), photos: [] });
