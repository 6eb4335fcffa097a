import { surfaceId } from '../pumps/ids';
import type { Finding } from '../records/teardown';
import { AT, freshId } from './readings';

/** Returns what every entry of a journal says of itself. */
export const made = () => ({ id: freshId(), at: AT, by: 'Runa T.', voided: null });

/** Returns a finding as somebody answers it: scored, the nail catches, and to be machined. */
export const found = (surface: string, more: Partial<Finding> = {}): Finding => ({
  ...{ ...made(), kind: 'finding' },
  ...{ surface: surfaceId(surface), defect: 'scored', nail: 'catches', depth_mm: null, spot: null },
  ...{ proposed: 'machine', why: 'by the book', decided: 'machine', remark: '', ...more },
});
