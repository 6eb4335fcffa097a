import { hasRole } from '../../pumps/kinds';
import { pumpOf } from '../../pumps/registry';
import type { Job } from '../../records/job';
import { drawnOf, nominalOf } from '../../records/sizesSaid';
import type { Sheet } from '../../records/sheet';
import type { Shop } from '../../records/shop';
import type { Setting } from './case';
import { offersFor } from '../operations/offers';

/** The id of the set that somebody asks for on purpose. */
const ON_PURPOSE = 'on-purpose';

/** A job with wider gears asked for, and what that asks of its operations. */
export interface Wider {
  readonly job: Job;
  readonly settings: ReadonlyMap<string, Setting>;
  /** More flow, as a share of what there is; null where the width of the gears is not known. */
  readonly more: number | null;
}

/**
 * Tells whether a pump has gears that could be wider.
 *
 * @param job its sheet
 */
export const canBeWider = ({ sheet }: Pick<Job, 'sheet'>): boolean =>
  pumpOf(sheet).parts.some((part) => hasRole(part, 'set'));

/**
 * Returns the width of a pump’s gears or rotor, in mm: nominal, else as drawn; null where nobody knows.
 *
 * @param sheet of the pump
 */
export function standardWidth(sheet: Sheet): number | null {
  const width = pumpOf(sheet).dimensions.find((d) => d.width && d.section === 1);
  return width ? (nominalOf(sheet, width.id) ?? drawnOf(sheet, width) ?? null) : null;
}

/**
 * Returns a job with gears wider than standard asked for on purpose: plans for it say which plates and pockets
 * have to give way. Flow rises with the width.
 *
 * @param job that is decided on
 * @param over_mm how much wider, in mm
 * @param shop what it says of its operations
 */
export function withWider(job: Job, over_mm: number, shop: Pick<Shop, 'operations'>): Wider {
  const set = { id: ON_PURPOSE, name: 'fit the wider gears', over_mm, price: 0, days: 0 };
  const sheet = { ...job.sheet, sets: [set] };
  const wider = { ...job, sheet };
  const asked = offersFor(wider, shop).filter((offer) => offer.set !== null);
  const width = standardWidth(job.sheet);
  return {
    job: wider,
    settings: new Map(asked.map(({ id }) => [id, 'on'])),
    more: width === null || width <= 0 ? null : over_mm / width,
  };
}
